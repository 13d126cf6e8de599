package app.drachen.desktop.widget;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import app.drachen.desktop.screen.Tips;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * A finding in the ledger: mark, words, and links to its working, its place in a log and what mends it. As long as the finding keeps its
 * form, the row stays and says other words.
 */
final class LedgerRow extends HBox {
    private final UnitSystem units;
    private final Consumer<Remedy> mends;
    private final Label title = Texts.wrapped("", "name");
    private final Label detail = Texts.wrapped("", "soft");
    private Finding finding;
    private List<Remedy> remedies;
    private Optional<Runnable> seek;

    /**
     * A row.
     *
     * @param remedies what mends it, the first by Enter
     * @param seek shows where in a log it is, if it has a place there
     * @param mends carries a remedy out
     */
    LedgerRow(
            UnitSystem units, Finding finding, List<Remedy> remedies, Optional<Runnable> seek, Consumer<Remedy> mends) {
        super(11);
        this.units = units;
        this.mends = mends;
        say(finding, remedies, seek);
        VBox markBox = new VBox(new StateMark(finding.state()));
        markBox.setPadding(new Insets(3, 0, 0, 0));
        VBox words = new VBox(2, title);
        if (!finding.detail().isEmpty()) {
            words.getChildren().add(detail);
        }
        // a click on the words; the links below have their own
        if (seek.isPresent()) {
            words.getChildren().forEach(word -> word.setOnMouseClicked(e -> see()));
        }
        FlowPane links = links();
        if (!links.getChildren().isEmpty()) {
            words.getChildren().add(links);
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().addAll(markBox, words);
        getStyleClass().add("item");
        setAlignment(Pos.TOP_LEFT);
        setFocusTraversable(true);
        setOnKeyPressed(this::pressed);
    }

    private FlowPane links() {
        FlowPane links = new FlowPane(14, 2);
        if (seek.isPresent()) {
            Hyperlink link =
                    new Hyperlink("see " + finding.span().map(Span::text).orElse(""));
            Tips.say(link, "Shows and marks it in the strips; Enter does the same");
            link.setOnAction(e -> see());
            links.getChildren().add(link);
        }
        if (explains()) {
            Hyperlink link = new Hyperlink("show working");
            link.setOnAction(e -> WorkingPopover.show(link, finding.workings(), units));
            links.getChildren().add(link);
        }
        if (finding.state() != State.GOOD) {
            for (int i = 0; i < remedies.size(); i++) {
                int number = i;
                if (!(remedies.get(i) instanceof Remedy.GoTo)) {
                    Hyperlink link = new Hyperlink(read(remedies.get(i).label()));
                    link.getStyleClass().add("strong");
                    link.setOnAction(e -> mends.accept(remedies.get(number)));
                    links.getChildren().add(link);
                }
            }
        }
        return links;
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && (seek.isPresent() || !remedies.isEmpty())) {
            seek.ifPresentOrElse(Runnable::run, () -> mends.accept(remedies.get(0)));
            e.consume();
        } else if (e.getCode() == KeyCode.W && explains()) {
            WorkingPopover.show(this, finding.workings(), units);
            e.consume();
        }
    }

    private void see() {
        seek.ifPresent(Runnable::run);
    }

    /** Whether there is a working to show. */
    boolean explains() {
        return !finding.workings().isEmpty();
    }

    /** The id of what it speaks of. */
    String about() {
        return finding.id();
    }

    /** Whether what a finding says now has the same form and the same remedies, so that only words differ; never another's. */
    boolean takes(Finding other, List<Remedy> others, UnitSystem system) {
        return units == system
                && finding.id().equals(other.id())
                && finding.state() == other.state()
                && finding.detail().isEmpty() == other.detail().isEmpty()
                && finding.workings().isEmpty() == other.workings().isEmpty()
                && finding.span().equals(other.span())
                && labels(remedies).equals(labels(others));
    }

    private static List<String> labels(List<Remedy> remedies) {
        return remedies.stream()
                .map(r -> r.getClass().getSimpleName() + r.label())
                .toList();
    }

    /** Says what a finding that it takes says now, and does what is to be done about it now. */
    void say(Finding now, List<Remedy> mended, Optional<Runnable> sought) {
        remedies = mended;
        seek = sought;
        if (!now.equals(finding)) {
            finding = now;
            title.setText(read(now.title()));
            detail.setText(read(now.detail()));
            setAccessibleText(read(now.state().label() + ": " + now.title() + ". " + now.detail()));
        }
    }

    private String read(String sentence) {
        return Quantity.read(sentence, units);
    }
}
