package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Answer;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.BenchSession;
import app.drachen.core.controls.Surface;
import app.drachen.core.working.Finding.State;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The questions of a check of surfaces, surface by surface, with what each must do and did. */
final class SurfaceQuestions extends VBox {
    /** Hears an answer. */
    interface Heard {
        void answer(int question, Surface surface, Answer answer);
    }

    private final Heard heard;

    SurfaceQuestions(Heard heard) {
        super(6);
        this.heard = heard;
    }

    /** Shows a check under way; it can be answered by hand only where it is open. */
    void show(BenchSession asked, boolean open) {
        Focus.kept(this, List.of(asked, open), () -> {
            getChildren().clear();
            for (int i = 0; i < asked.questions().size(); i++) {
                getChildren().add(question(asked, i, open));
            }
        });
    }

    private Node question(BenchSession asked, int index, boolean open) {
        BenchCheck.Question question = asked.questions().get(index);
        boolean now = asked.nextOpen().equals(Optional.of(index));
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(3);
        int row = 0;
        for (Map.Entry<Surface, Answer> entry : question.wanted().entrySet()) {
            Surface surface = entry.getKey();
            Answer wanted = entry.getValue();
            Label name = Texts.label(surface.label());
            name.setMinWidth(95);
            grid.add(name, 0, row);
            Label must =
                    Texts.label("must " + (wanted == Answer.STILL ? "stay still" : "go " + wanted.label()), "soft");
            must.setMinWidth(90);
            grid.add(must, 1, row);
            HBox answers = new HBox(4);
            for (Answer answer : choices(surface)) {
                answers.getChildren().add(choice(asked, index, surface, answer, open));
            }
            asked.seen(index, surface)
                    .ifPresent(a -> answers.getChildren().add(new StateMark(a == wanted ? State.GOOD : State.STOP)));
            answers.setAlignment(Pos.CENTER_LEFT);
            grid.add(answers, 2, row);
            row++;
        }
        Label title = Texts.label((index + 1) + "  " + question.instruction(), "strong");
        title.setWrapText(true);
        VBox line = new VBox(3, title, grid);
        line.getStyleClass().addAll("sheet");
        if (now) {
            line.getStyleClass().add("marked");
        }
        line.setPadding(new Insets(5, 10, 5, 10));
        return line;
    }

    static List<Answer> choices(Surface surface) {
        return surface.role() == Surface.Role.RUDDER
                ? List.of(Answer.LEFT, Answer.RIGHT, Answer.STILL)
                : List.of(Answer.UP, Answer.DOWN, Answer.STILL);
    }

    private ToggleButton choice(BenchSession asked, int index, Surface surface, Answer answer, boolean open) {
        ToggleButton button = new ToggleButton(answer.label());
        button.setId("answer-" + index + "-" + surface.id() + "-" + answer.name());
        button.setSelected(asked.seen(index, surface).equals(Optional.of(answer)));
        button.setDisable(!open);
        button.setFocusTraversable(open);
        button.setOnAction(e -> heard.answer(index, surface, answer));
        return button;
    }
}
