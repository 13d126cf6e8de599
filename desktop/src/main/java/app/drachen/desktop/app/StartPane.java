package app.drachen.desktop.app;

import app.drachen.core.working.Progress;
import app.drachen.desk.work.Foreseen;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What the first window shows until its hangar is there. */
final class StartPane extends StackPane implements Progress {
    private Optional<ProgressBar> bar = Optional.empty();
    private final VBox box = new VBox();
    private final VBox shelf = new VBox(8);
    private final Label words = Texts.wrapped("", "soft");

    StartPane() {
        setId("start");
        shelf.setId("start-shelf");
        shelf.setVisible(false);
        getStyleClass().add("shell");
        words.setVisible(false);
        words.setMaxWidth(620);
        VBox head = new VBox(2, Texts.label("Hangar", "title"), words);
        head.getStyleClass().add("line-header");
        head.setPadding(new Insets(14, 32, 14, 32));
        box.getChildren().setAll(head);
        getChildren().add(box);
    }

    /** What is said under the title once the work takes long. */
    void say(String sentence) {
        words.setText(sentence);
    }

    /** Asks what to begin with; the first answer has the keyboard. */
    void ask(List<DrachenApplication.Offer> offers, Consumer<DrachenApplication.Offer> chosen) {
        words.setVisible(true);
        VBox answers = new VBox(14);
        answers.setId("offers");
        Map<String, Button> byKey = new LinkedHashMap<>();
        for (DrachenApplication.Offer offer : offers) {
            Runnable answer = () -> {
                box.getChildren().remove(answers);
                words.setVisible(false);
                chosen.accept(offer);
            };
            Button button = Texts.button(
                    Action.of(offer.label(), offer.key(), answer), byKey.isEmpty() ? "primary" : "secondary");
            byKey.put(offer.key(), button);
            answers.getChildren().add(new VBox(4, button, Texts.wrapped(offer.words(), "soft")));
        }
        answers.setOnKeyPressed(
                e -> Optional.ofNullable(byKey.get(e.getCode().getName())).ifPresent(Button::fire));
        VBox.setMargin(answers, new Insets(28, 32, 0, 32));
        box.getChildren().add(1, answers);
        Screen.soon(() -> byKey.values().iterator().next().requestFocus());
    }

    /** How far the work is; called beside the interface. */
    @Override
    public void at(double share) {
        Screen.soon(() -> {
            words.setVisible(true);
            ProgressBar shown = bar.orElseGet(this::addBar);
            shown.setVisible(true);
            shown.setProgress(share);
        });
    }

    /** An aircraft stands on the shelf, its flights flown; called beside the interface. */
    @Override
    public void done(String what) {
        Screen.soon(() -> {
            shelf.setVisible(true);
            shelf.getChildren().add(Texts.label(what + " stands on the shelf", "heading"));
        });
    }

    /** The work here has no half: it is done, or its process ends. */
    @Override
    public boolean cancelled() {
        return false;
    }

    /** Made when it is first needed: most starts end before that. */
    private ProgressBar addBar() {
        ProgressBar made = new ProgressBar(0);
        made.setPrefWidth(420);
        VBox.setMargin(made, new Insets(20, 32, 0, 32));
        VBox.setMargin(shelf, new Insets(20, 32, 0, 32));
        box.getChildren().addAll(made, shelf);
        bar = Optional.of(made);
        return made;
    }

    /** The work failed: a sentence if that was foreseen. */
    void failed(Exception e, Windows windows) {
        bar.ifPresent(b -> b.setVisible(false));
        words.setVisible(true);
        words.setText(Foreseen.sentence(e).orElse("The hangar could not be opened."));
        if (Foreseen.sentence(e).isEmpty()) {
            windows.uncaught(e);
        }
    }
}
