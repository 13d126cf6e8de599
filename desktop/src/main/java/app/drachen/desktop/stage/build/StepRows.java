package app.drachen.desktop.stage.build;

import app.drachen.core.setup.BuildStep;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** The steps of building, in an order that works, to be ticked; each says what it waits for. */
final class StepRows extends VBox {
    StepRows(Session session) {
        super(7);
        setPadding(new Insets(4));
        getChildren().add(Texts.label("Steps of building", "heading"));
        Set<BuildStep> done = EnumSet.noneOf(BuildStep.class);
        done.addAll(session.setup().build().steps());
        for (BuildStep step : BuildStep.values()) {
            CheckBox box = new CheckBox(step.label());
            box.setId("step-" + step.name().toLowerCase(java.util.Locale.ROOT));
            box.setSelected(done.contains(step));
            box.setOnAction(e -> tick(session, step, box.isSelected()));
            VBox row = new VBox(1, box);
            List<BuildStep> open = step.open(done);
            if (!open.isEmpty()) {
                String first = open.stream().map(BuildStep::label).collect(Collectors.joining("; "));
                row.getChildren()
                        .add(Texts.wrapped((done.contains(step) ? "too early, open: " : "first: ") + first, "soft"));
            }
            getChildren().add(row);
        }
        getChildren().add(Texts.label("Esc closes", "soft"));
    }

    private static void tick(Session session, BuildStep step, boolean done) {
        session.edit((done ? "Done: " : "Open again: ") + step.label(), s -> {
            List<BuildStep> steps = new ArrayList<>(s.build().steps());
            steps.remove(step);
            if (done) {
                steps.add(step);
            }
            return s.withBuild(s.build().withSteps(steps));
        });
    }
}
