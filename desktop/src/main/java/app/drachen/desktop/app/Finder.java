package app.drachen.desktop.app;

import app.drachen.core.aerodynamics.BuildSheet;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import app.drachen.desktop.widget.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Finds actions, stages, values and findings by a few letters. */
final class Finder {
    private final Workspace workspace;
    private final StackPane host;
    private final Supplier<List<Action>> actions;
    private final Consumer<Stage> go;
    private final StackPane overlay = new StackPane();
    private final TextField text = new TextField();
    private final ListView<Hit> list = new ListView<>();
    private List<Hit> all = List.of();
    private Node before;

    private record Hit(String kind, String label, Runnable run) {}

    Finder(Workspace workspace, StackPane host, Supplier<List<Action>> actions, Consumer<Stage> go) {
        this.workspace = workspace;
        this.host = host;
        this.actions = actions;
        this.go = go;
        text.setPromptText("an action, a stage, a value, a finding");
        text.setId("find");
        list.setId("found");
        list.setPrefSize(560, 320);
        list.setFocusTraversable(false);
        list.setPlaceholder(Texts.label("Nothing by that name. Try fewer letters.", "soft"));
        list.setCellFactory(v -> new HitCell());
        list.setOnMouseClicked(e -> take());
        VBox panel = new VBox(8, text, list, Texts.label("Enter takes it, Esc closes", "soft", "small"));
        panel.getStyleClass().add("panel");
        panel.setMaxSize(VBox.USE_PREF_SIZE, VBox.USE_PREF_SIZE);
        overlay.getStyleClass().add("overlay");
        overlay.getChildren().add(panel);
        text.textProperty().addListener((o, was, is) -> filter(is));
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** A line of the list: what it is, and its kind in soft ink. */
    private static final class HitCell extends ListCell<Hit> {
        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            setText(empty || hit == null ? null : hit.label() + "   ·  " + hit.kind());
        }
    }

    private void key(KeyEvent event) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (event.getCode()) {
            case ESCAPE -> close();
            case ENTER -> take();
            case DOWN -> list.getSelectionModel()
                    .select(Math.min(at + 1, list.getItems().size() - 1));
            case UP -> list.getSelectionModel().select(Math.max(at - 1, 0));
            default -> {
                return;
            }
        }
        list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 4));
        event.consume();
    }

    boolean isOpen() {
        return host.getChildren().contains(overlay);
    }

    void open() {
        before = host.getScene().getFocusOwner();
        all = hits();
        host.getChildren().add(overlay);
        text.setText("");
        filter("");
        text.requestFocus();
    }

    private void close() {
        host.getChildren().remove(overlay);
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }

    private void take() {
        Hit hit = list.getSelectionModel().getSelectedItem();
        close();
        if (hit != null) {
            hit.run().run();
        }
    }

    private void filter(String letters) {
        String wanted = letters.toLowerCase(Locale.ROOT).strip();
        list.getItems()
                .setAll(all.stream()
                        .filter(h -> h.label().toLowerCase(Locale.ROOT).contains(wanted))
                        .toList());
        list.getSelectionModel().selectFirst();
    }

    private List<Hit> hits() {
        List<Hit> hits = new ArrayList<>();
        for (Action action : actions.get()) {
            if (action.shown().isEmpty()) {
                continue;
            }
            hits.add(new Hit("action  " + action.shown(), action.label(), action.run()));
        }
        if (!workspace.isOpen()) {
            workspace
                    .hangar()
                    .aircraft()
                    .forEach(a -> hits.add(new Hit("aircraft", a.name(), () -> workspace.open(a.id()))));
            return hits;
        }
        for (Stage stage : Stage.values()) {
            hits.add(new Hit("stage", stage.label(), () -> go.accept(stage)));
        }
        for (Ruling ruling : workspace.clearance().rulings()) {
            hits.add(new Hit(
                    ruling.finding().state().label() + " in " + ruling.stage().label(),
                    Quantity.read(ruling.finding().title(), workspace.units()),
                    () -> go.accept(ruling.stage())));
        }
        double density = workspace.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        for (Working working : BuildSheet.of(workspace.setup(), density)) {
            hits.add(new Hit(
                    "value",
                    working.name() + "  " + working.text(workspace.units()),
                    () -> WorkingPopover.show(host, List.of(working), workspace.units())));
        }
        for (var part : workspace.setup().parts()) {
            hits.add(new Hit("part", part.name(), () -> go.accept(Stage.BUILD)));
        }
        return hits;
    }
}
