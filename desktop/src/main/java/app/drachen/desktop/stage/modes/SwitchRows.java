package app.drachen.desktop.stage.modes;

import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The switches of the radio, two lines each: name, channel, positions, use; and what each position does. */
final class SwitchRows extends VBox {
    private final Session session;

    SwitchRows(Session session) {
        super(6);
        this.session = session;
        getChildren().add(Texts.label("Switches of the radio", "heading"));
        List<RadioSwitch> all = session.setup().modes().switches();
        for (int i = 0; i < all.size(); i++) {
            getChildren().add(row(i, all.get(i)));
        }
        Button add = new Button("+ switch");
        add.setId("switch-add");
        add.getStyleClass().add("small-button");
        add.setOnAction(e -> change("Switch added", list -> list.add(fresh(list))));
        HBox line = new HBox(10, add, Texts.label("Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
    }

    /** What is entered, in one line. */
    static String summary(List<RadioSwitch> switches) {
        return switches.isEmpty()
                ? "none entered"
                : switches.stream()
                        .map(s -> s.use().label() + " on " + s.name() + ", channel " + s.channel())
                        .collect(Collectors.joining("; "));
    }

    private static RadioSwitch fresh(List<RadioSwitch> all) {
        int channel = 5;
        while (taken(all, channel)) {
            channel++;
        }
        RadioSwitch.Use use = all.stream().anyMatch(s -> s.use() == RadioSwitch.Use.ARMING)
                ? RadioSwitch.Use.OTHER
                : RadioSwitch.Use.ARMING;
        return new RadioSwitch("switch " + (all.size() + 1), channel, SelectorKind.TWO, use, List.of("", ""));
    }

    private static boolean taken(List<RadioSwitch> all, int channel) {
        return all.stream().anyMatch(s -> s.channel() == channel);
    }

    private VBox row(int at, RadioSwitch now) {
        TextField name = new TextField(now.name());
        name.setId("switch-name-" + at);
        name.setAccessibleText("Name of the switch");
        name.setPrefColumnCount(8);
        name.setOnAction(e ->
                set(at, s -> new RadioSwitch(name.getText().strip(), s.channel(), s.kind(), s.use(), s.positions())));
        HBox.setHgrow(name, Priority.ALWAYS);
        QuantityField channel = new QuantityField(
                "channel",
                Quantity.COUNT,
                session::tell,
                v -> set(at, s -> new RadioSwitch(s.name(), (int) Math.rint(v), s.kind(), s.use(), s.positions())));
        channel.columns(2);
        channel.show(now.channel(), session.units());
        ComboBox<SelectorKind> kind =
                Form.box("switch-kind-" + at, List.of(SelectorKind.values()), now.kind(), SelectorKind::label);
        kind.setOnAction(e -> set(
                at,
                s -> new RadioSwitch(
                        s.name(),
                        s.channel(),
                        kind.getValue(),
                        s.use(),
                        fitted(s.positions(), kind.getValue().places().size()))));
        ComboBox<RadioSwitch.Use> use =
                Form.box("switch-use-" + at, List.of(RadioSwitch.Use.values()), now.use(), RadioSwitch.Use::label);
        use.setOnAction(
                e -> set(at, s -> new RadioSwitch(s.name(), s.channel(), s.kind(), use.getValue(), s.positions())));
        Button gone = new Button("\u00d7");
        gone.setId("switch-gone-" + at);
        gone.getStyleClass().add("small-button");
        gone.setAccessibleText("Remove " + now.name());
        Tips.say(gone, "Remove " + now.name());
        gone.setOnAction(e -> change("Switch removed", list -> list.remove(at)));
        HBox first = new HBox(6, name, channel, kind, use, gone);
        first.setAlignment(Pos.CENTER_LEFT);
        TextField does = new TextField(
                now.positions().stream().allMatch(String::isEmpty) ? "" : String.join(" / ", now.positions()));
        does.setId("switch-does-" + at);
        does.setPromptText("what each position does, such as safe / armed");
        does.setAccessibleText("What each position of " + now.name() + " does");
        does.setOnAction(e -> set(
                at,
                s -> new RadioSwitch(
                        s.name(),
                        s.channel(),
                        s.kind(),
                        s.use(),
                        fitted(
                                List.of(does.getText().split("\\s*/\\s*", -1)),
                                s.positions().size()))));
        return new VBox(3, first, does);
    }

    private static List<String> fitted(List<String> positions, int size) {
        List<String> fitted = new ArrayList<>(Collections.nCopies(size, ""));
        for (int i = 0; i < Math.min(size, positions.size()); i++) {
            fitted.set(i, positions.get(i).strip());
        }
        return fitted;
    }

    private boolean set(int at, UnaryOperator<RadioSwitch> how) {
        return change("Switch " + (at + 1), all -> all.set(at, how.apply(all.get(at))));
    }

    private boolean change(String reason, Consumer<List<RadioSwitch>> how) {
        return session.edit(reason, s -> {
            List<RadioSwitch> all = new ArrayList<>(s.modes().switches());
            how.accept(all);
            return s.withModes(s.modes().withSwitches(all));
        });
    }
}
