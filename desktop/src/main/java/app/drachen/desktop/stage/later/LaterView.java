package app.drachen.desktop.stage.later;

import app.drachen.core.clearance.Stage;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** A stage that stands open because it has no instruments yet. */
public final class LaterView implements Place {
    private final VBox root;

    /** The page of a stage. */
    public LaterView(Stage stage) {
        root = new VBox(
                10,
                Texts.label(stage.label(), "heading"),
                Texts.wrapped(stage.withoutInstruments()),
                Texts.wrapped(after(stage), "soft"));
        root.setPadding(new Insets(26, 20, 20, 20));
        root.setMaxWidth(620);
        root.setId("later");
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {}

    @Override
    public List<Action> actions() {
        return List.of();
    }

    private static String after(Stage stage) {
        return stage.ordinal() < Stage.BENCH.ordinal()
                ? "Its bow stays hollow, and the kite says that this part is yours to check."
                : "Its bow stays hollow, and no clearance beyond it is given.";
    }
}
