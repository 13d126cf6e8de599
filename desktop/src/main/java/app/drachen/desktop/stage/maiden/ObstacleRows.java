package app.drachen.desktop.stage.maiden;

import app.drachen.core.air.Field;
import app.drachen.core.air.Ground;
import app.drachen.core.air.Obstacle;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.heights.HeightGridReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What stands on the way home, a row each: name, distance from home, height; and to say that nothing does. */
final class ObstacleRows extends VBox {
    private final Session session;
    private final Dialogs dialogs;
    private final Predicate<UnaryOperator<Field>> enter;

    ObstacleRows(Session session, Dialogs dialogs, Field now, Predicate<UnaryOperator<Field>> enter) {
        super(6);
        getChildren().add(Texts.label("On the way home", "heading"));
        this.session = session;
        this.dialogs = dialogs;
        this.enter = enter;
        for (int i = 0; i < now.obstacles().size(); i++) {
            getChildren().add(row(i, now.obstacles().get(i)));
        }
        Button add = small("obstacle", "+ obstacle", "Something that stands on the way home: a tree, a mast, a slope");
        add.setOnAction(e -> change(all -> all.add(new Obstacle("obstacle " + (all.size() + 1), 100, 10))));
        HBox line = new HBox(6, add);
        if (now.obstacles().isEmpty()) {
            if (now.surveyed()) {
                line.getChildren().add(Texts.label("nothing stands there", "soft"));
            } else {
                Button none = small("no-obstacles", "I looked: nothing", "Somebody looked, and nothing stands there");
                none.setOnAction(e -> enter.test(field -> field.withObstacles(List.of(), true)));
                line.getChildren().addAll(none, Texts.label("nobody has looked yet", "soft"));
            }
        }
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, ground(now), Texts.label("Heights above home; Esc closes", "soft", "small"));
    }

    /** Heights of the ground from a grid: where home lies in it, and what was read. */
    private VBox ground(Field now) {
        TextField home = new TextField();
        home.setId("ground-home");
        home.setPromptText("home in the grid: east north in metres; empty for 0 0");
        home.setAccessibleText("Home in the coordinates of the grid: east and north in metres");
        home.setPrefColumnCount(20);
        HBox.setHgrow(home, Priority.ALWAYS);
        Button read =
                small("ground", "Read heights …", "A grid of heights about the field: ESRI ASCII (.asc), metric plan");
        read.setOnAction(e -> read(home.getText()));
        HBox line = new HBox(6, read, home);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox all = new VBox(4, Texts.label("Ground", "heading"), line);
        now.ground().ifPresent(g -> {
            Button forget = small("ground-forget", "×", "Forget the heights of the ground");
            forget.setAccessibleText("Forget the heights of the ground");
            forget.setOnAction(e -> enter.test(f -> f.withGround(Optional.empty())));
            double highest = g.tops().stream().mapToDouble(t -> t).max().orElse(0);
            HBox known = new HBox(
                    6,
                    Texts.label(
                            g.source() + ": up to " + Quantity.HEIGHT.text(highest, session.units())
                                    + " above home within " + Quantity.DISTANCE.text(g.reach(), session.units()),
                            "soft"),
                    forget);
            known.setAlignment(Pos.CENTER_LEFT);
            all.getChildren().add(known);
        });
        return all;
    }

    /** Reads a grid in the background; it belongs to the field that was shown when it was chosen. */
    private void read(String home) {
        String[] words = home.isBlank() ? new String[] {"0", "0"} : home.strip().split("[\\s,;]+");
        double[] at;
        try {
            at = new double[] {Double.parseDouble(words[0]), Double.parseDouble(words[1])};
        } catch (RuntimeException e) {
            session.tell(
                    "Home in the grid: write east and north in metres, such as 3480 5912; “" + home + "” is not that.");
            return;
        }
        Optional<String> field = session.field().map(Field::name);
        dialogs.open("Read heights of the ground", List.of(".asc")).stream()
                .findFirst()
                .ifPresent(file -> session.desk()
                        .jobs()
                        .start(
                                Lane.READ,
                                session.aircraft(),
                                running -> Ground.around(
                                        file.getFileName().toString(),
                                        HeightGridReader.read(file, running),
                                        at[0],
                                        at[1]),
                                ground -> {
                                    if (session.field().map(Field::name).equals(field)) {
                                        enter.test(f -> f.withGround(Optional.of(ground)));
                                        session.tell("Heights of the ground read, to "
                                                + Quantity.DISTANCE.text(ground.reach(), session.units())
                                                + " from home.");
                                    } else {
                                        session.tell("Another field is shown now; read the heights there once more.");
                                    }
                                },
                                session::tell));
    }

    /** What stands there, in one line. */
    static String summary(Field field, UnitSystem units) {
        if (field.obstacles().isEmpty()) {
            return field.surveyed() ? "nothing" : "nobody has looked";
        }
        return field.obstacles().stream()
                .map(o -> o.name() + " " + Quantity.HEIGHT.text(o.height(), units) + " at "
                        + Quantity.DISTANCE.text(o.distance(), units))
                .collect(Collectors.joining(", "));
    }

    private static Button small(String id, String words, String tip) {
        Button button = new Button(words);
        button.setId("field-" + id);
        button.getStyleClass().add("small-button");
        Tips.say(button, tip);
        return button;
    }

    private HBox row(int at, Obstacle now) {
        TextField name = new TextField(now.name());
        name.setId("obstacle-name-" + at);
        name.setAccessibleText("What stands there");
        name.setPrefColumnCount(9);
        name.setOnAction(e -> set(at, o -> new Obstacle(name.getText().strip(), o.distance(), o.height())));
        HBox.setHgrow(name, Priority.ALWAYS);
        QuantityField away = new QuantityField(
                "from home",
                Quantity.DISTANCE,
                session::tell,
                v -> set(at, o -> new Obstacle(o.name(), v, o.height())));
        away.columns(4);
        away.show(now.distance(), session.units());
        QuantityField high = new QuantityField(
                "high", Quantity.HEIGHT, session::tell, v -> set(at, o -> new Obstacle(o.name(), o.distance(), v)));
        high.columns(3);
        high.show(now.height(), session.units());
        Button gone = small("obstacle-gone-" + at, "\u00d7", "Remove " + now.name());
        gone.setAccessibleText("Remove " + now.name());
        gone.setOnAction(e -> change(all -> all.remove(at)));
        HBox row = new HBox(6, name, away, high, gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private boolean set(int at, UnaryOperator<Obstacle> how) {
        return change(all -> all.set(at, how.apply(all.get(at))));
    }

    private boolean change(Consumer<List<Obstacle>> how) {
        return enter.test(field -> {
            List<Obstacle> all = new ArrayList<>(field.obstacles());
            how.accept(all);
            // what was taken off the list says nothing about what stands there
            return field.withObstacles(all, !all.isEmpty());
        });
    }
}
