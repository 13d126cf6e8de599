package app.drachen.desktop.widget;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Stage;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * What stands between the aircraft and the next stage: findings with reason, working and action.
 */
public final class Ledger extends VBox {
    private final Session session;
    private final Consumer<Remedy.GoTo> goTo;
    /** Those of stages stay behind the one in front: styles of rows made anew were most of what going to a stage costs. */
    private final Deck columns = new Deck();

    private final Map<Stage, VBox> ofStages = new EnumMap<>(Stage.class);
    /** What a debrief says; the logbook behind it keeps its rows. */
    private final VBox sought = new VBox();

    private final VBox other = new VBox();
    private final ScrollPane scroll = new Scroller(columns);

    /** The column in front. */
    private VBox items = other;

    /** Where in it the next row goes. */
    private int at;

    /** The finding whose row had the keyboard when the filling began. */
    private Optional<String> held = Optional.empty();

    private final Deck buttons = new Deck();
    private final Map<VBox, HBox> ofColumns = new HashMap<>();

    /** A ledger on a session; going to a place is left to the shell. */
    public Ledger(Session session, Consumer<Remedy.GoTo> goTo) {
        super(8);
        this.session = session;
        this.goTo = goTo;
        getStyleClass().add("ledger");
        setId("ledger");
        setMinWidth(360);
        setPrefWidth(360);
        setMaxWidth(360);
        columns.show(items);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(scroll, buttons);
    }

    /** Shows the findings that the rules of the session's stage made. */
    public void showStage(List<Action> actions) {
        Stage stage = session.stage();
        List<Ruling> rulings = session.clearance().of(stage);
        front(ofStages.computeIfAbsent(stage, s -> new VBox()));
        head(Kits.of(stage).heading(), summary(rulings));
        rulings.forEach(r -> finding(r.finding(), r.remedies(), Optional.empty()));
        show(actions);
    }

    private void head(String title, String subtitle) {
        held = holding().map(LedgerRow::about);
        at = 0;
        Head head = there(Head.class).orElseGet(Head::new);
        head.say(title, subtitle);
        put(head);
    }

    private void front(VBox column) {
        if (column != items) {
            items = column;
            columns.show(column);
            scroll.setVvalue(0);
        }
    }

    /** The finding whose row has the keyboard. */
    private Optional<LedgerRow> holding() {
        Node at = getScene() == null ? null : getScene().getFocusOwner();
        while (at != null && at.getParent() != items) {
            at = at.getParent();
        }
        return Optional.ofNullable(at).filter(LedgerRow.class::isInstance).map(LedgerRow.class::cast);
    }

    /** What stands where the next row goes, if it is of a kind. */
    private <T extends Node> Optional<T> there(Class<T> kind) {
        return Optional.of(items.getChildren())
                .filter(rows -> at < rows.size() && kind.isInstance(rows.get(at)))
                .map(rows -> kind.cast(rows.get(at)));
    }

    /** The next row; one that is there already stays, with its styles. */
    private void put(Node row) {
        List<Node> rows = items.getChildren();
        if (at == rows.size()) {
            rows.add(row);
        } else if (rows.get(at) != row) {
            rows.set(at, row);
        }
        at++;
    }

    /** Most findings are the same after an entry: their rows stay, and do what is to be done now. */
    private void finding(Finding finding, List<Remedy> remedies, Optional<Runnable> seek) {
        Optional<LedgerRow> there = there(LedgerRow.class).filter(r -> r.takes(finding, remedies, session.units()));
        there.ifPresent(row -> row.say(finding, remedies, seek));
        put(there.orElseGet(() -> new LedgerRow(session.units(), finding, remedies, seek, this::carryOut)));
    }

    private void text(String words, Supplier<Label> fresh) {
        put(there(Label.class).filter(label -> label.getText().equals(words)).orElseGet(fresh));
    }

    /** Nothing follows any more: what stood behind the last row goes. To be called after whatever filled the column. */
    public void end() {
        List<Node> rows = items.getChildren();
        rows.subList(at, rows.size()).clear();
        if (held.isPresent() && holding().isEmpty()) {
            // made anew: the keyboard follows its finding and never falls to another, whose remedy Enter would carry
            // out
            rows.stream()
                    .filter(n -> n instanceof LedgerRow row && row.about().equals(held.get()))
                    .findFirst()
                    .ifPresent(Node::requestFocus);
        }
    }

    /** Shows a heading, for blocks to be added. */
    public void show(String title, String subtitle, List<Action> actions) {
        fill(other, title, subtitle, actions);
    }

    private void fill(VBox column, String title, String subtitle, List<Action> actions) {
        front(column);
        head(title, read(subtitle));
        show(actions);
    }

    /**
     * Shows findings of a log.
     *
     * @param seek shows the stretch of the log that a finding speaks of
     */
    public void show(String title, String subtitle, List<Finding> findings, List<Action> actions, Consumer<Span> seek) {
        fill(sought, title, subtitle, actions);
        findings.forEach(f -> finding(f, List.of(), f.span().map(s -> () -> seek.accept(s))));
    }

    /** Whether W in a node shows a working, whatever W does elsewhere in the place. */
    public static boolean explains(Node node) {
        return node instanceof LedgerRow row && row.explains();
    }

    /** Adds a block of findings under a heading. */
    public void add(String caption, List<Finding> findings) {
        caption(caption);
        findings.forEach(f -> finding(f, List.of(), Optional.empty()));
    }

    /** Adds a block of values under a heading; each shows its working. */
    public void addValues(String caption, List<Working> workings) {
        caption(caption);
        for (Working working : workings) {
            Optional<WorkingRow> there = there(WorkingRow.class);
            there.ifPresent(row -> row.say(working, session.units()));
            put(there.orElseGet(() -> new WorkingRow(working, session.units())));
        }
    }

    /** Adds a block of sentences under a heading. */
    public void addLines(String caption, List<String> lines) {
        caption(caption);
        lines.forEach(l -> text(read(l), () -> Texts.wrapped(read(l), "soft")));
    }

    /** Buttons under the column; those that say the same stay and do what is to be done now. */
    private void show(List<Action> actions) {
        HBox row = ofColumns.computeIfAbsent(items, c -> new HBox(8));
        List<String> words = actions.stream().map(a -> a.label() + a.shown()).toList();
        if (!words.equals(row.getUserData())) {
            row.setUserData(words);
            row.getChildren().clear();
            for (Action action : actions) {
                boolean first = row.getChildren().isEmpty();
                row.getChildren().add(first ? Texts.button(action, "primary") : Texts.button(action));
            }
        }
        for (int i = 0; i < actions.size(); i++) {
            Action action = actions.get(i);
            ((Button) row.getChildren().get(i)).setOnAction(e -> action.run().run());
        }
        buttons.show(row);
    }

    /** What a column is about, and how it stands there. */
    private static final class Head extends VBox {
        private final Label title = Texts.wrapped("", "heading");
        private final Label subtitle = Texts.wrapped("", "soft");

        Head() {
            getChildren().addAll(title, subtitle);
            VBox.setMargin(this, new Insets(0, 0, 8, 0));
        }

        void say(String about, String stands) {
            title.setText(about);
            subtitle.setText(stands);
        }
    }

    private String read(String sentence) {
        return Quantity.read(sentence, session.units());
    }

    private void caption(String words) {
        String caps = words.toUpperCase(Locale.ROOT);
        text(caps, () -> {
            Label label = Texts.label(caps, "caps");
            VBox.setMargin(label, new Insets(14, 0, 6, 0));
            return label;
        });
    }

    private static String summary(List<Ruling> rulings) {
        long stops = count(rulings, State.STOP);
        long stale = count(rulings, State.STALE);
        long cautions = count(rulings, State.CAUTION);
        long open = count(rulings, State.OPEN);
        StringBuilder text = new StringBuilder();
        append(text, stops, "stop", "stops");
        append(text, stale, "stale", "stale");
        append(text, cautions, "caution", "cautions");
        append(text, open, "open", "open");
        return text.length() == 0 ? (rulings.isEmpty() ? "" : "Nothing is in the way here") : text.toString();
    }

    private static long count(List<Ruling> rulings, State state) {
        return rulings.stream().filter(r -> r.finding().state() == state).count();
    }

    private static void append(StringBuilder text, long n, String one, String many) {
        if (n > 0) {
            text.append(text.length() == 0 ? "" : ", ").append(n).append(' ').append(n == 1 ? one : many);
        }
    }

    private void carryOut(Remedy remedy) {
        if (remedy instanceof Remedy.Change change) {
            session.edit(change.reason(), change.change());
        } else if (remedy instanceof Remedy.GoTo place) {
            goTo.accept(place);
        }
    }

    /** Carries out the first remedy of the most urgent finding of the stage. */
    public void mendFirst() {
        Optional<Ruling> first = session.clearance().of(session.stage()).stream()
                .filter(r -> r.finding().state() != State.GOOD && !r.remedies().isEmpty())
                .findFirst();
        if (first.isEmpty()) {
            session.tell("Nothing to mend here with one key.");
        } else {
            carryOut(first.get().remedies().get(0));
        }
    }
}
