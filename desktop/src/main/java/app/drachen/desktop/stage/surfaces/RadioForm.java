package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.RadioSide.Calibration;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** The radio as it is: the four sticks on their channels, what the board takes them for, and what arrived there. */
final class RadioForm extends VBox {
    private final Session session;

    RadioForm(Session session) {
        super(8);
        this.session = session;
        getChildren().add(Texts.label("The radio as it is", "heading"));
        Optional<RadioSide> radio = session.setup().controls().radio();
        radio.ifPresentOrElse(this::fill, this::none);
        getChildren().add(Texts.label("Esc closes", "soft", "small"));
    }

    /** What is entered, in one line. */
    static String summary(ControlSetup controls) {
        return controls.radio()
                .map(r -> r.sticks().stream()
                                .map(s -> s.channel() + " " + s.stick().label())
                                .collect(Collectors.joining(", "))
                        + (r.mixes() ? "; it mixes" : ""))
                .orElse("not entered");
    }

    private void none() {
        Button add = new Button("Begin with a usual radio");
        add.setId("radio-add");
        add.getStyleClass().add("small-button");
        add.setOnAction(e -> session.edit(
                "Radio entered, usual figures",
                s -> s.withControls(s.controls().withRadio(Optional.of(RadioSide.USUAL)))));
        getChildren()
                .addAll(
                        Texts.wrapped("Which stick leaves on which channel, and what arrives at the board.", "soft"),
                        add);
    }

    private boolean set(String reason, UnaryOperator<RadioSide> change) {
        return session.edit(
                reason,
                s -> s.withControls(s.controls().withRadio(s.controls().radio().map(change))));
    }

    private boolean board(Calibration to) {
        return set("Calibration of the board", r -> r.on(to));
    }

    private void fill(RadioSide radio) {
        GridPane grid = new GridPane();
        grid.setHgap(6);
        grid.setVgap(4);
        String[] heads = {
            "stick",
            "channel",
            "taken for",
            "weight",
            "offset",
            "end \u2212",
            "end +",
            "sub-trim",
            "read \u2212",
            "middle",
            "read +"
        };
        for (int i = 0; i < heads.length; i++) {
            grid.add(Texts.label(heads[i], "soft", "small"), i, 0);
        }
        int row = 1;
        for (StickChannel s : radio.sticks()) {
            row(grid, row++, s);
        }
        Calibration b = radio.board();
        Form form = new Form(session, 3, "radio-")
                .number(
                        "µs per percent",
                        Quantity.NUMBER,
                        radio.microsPerPercent(),
                        v -> set("µs per percent", r -> r.stepping(v, r.trimStep())))
                .number(
                        "a click of trim",
                        Quantity.SHARE_FINE,
                        radio.trimStep(),
                        v -> set("Step of a trim click", r -> r.stepping(r.microsPerPercent(), v)))
                .tick("the radio mixes itself", radio.mixes(), v -> set("The radio mixes", r -> r.mixing(v)))
                .number(
                        "dead band of the board",
                        Quantity.PULSE,
                        b.deadBand(),
                        v -> board(new Calibration(v, b.low(), b.middle(), b.high())))
                .number(
                        "board's lower end",
                        Quantity.PULSE,
                        b.low(),
                        v -> board(new Calibration(b.deadBand(), v, b.middle(), b.high())))
                .number(
                        "board's upper end",
                        Quantity.PULSE,
                        b.high(),
                        v -> board(new Calibration(b.deadBand(), b.low(), b.middle(), v)));
        var trims = session.setup().controls().trims();
        getChildren()
                .addAll(
                        grid,
                        form,
                        Texts.label(
                                "trim left: roll " + radio.clicks(trims.roll()) + ", pitch "
                                        + radio.clicks(trims.pitch()) + ", yaw " + radio.clicks(trims.yaw())
                                        + " clicks",
                                "soft",
                                "small"),
                        Texts.wrapped(
                                "What a stick really moves is seen on the card \u201cChannel order\u201d at the bench; ends and middle are"
                                        + " read there too.",
                                "soft",
                                "small"));
    }

    private void row(GridPane grid, int row, StickChannel s) {
        String of = s.stick().label();
        grid.add(Texts.label(of, "strong"), 0, row);
        add(
                grid,
                1,
                row,
                of + " channel",
                Quantity.COUNT,
                s.channel(),
                s,
                (x, v) -> x.on((int) Math.rint(v), x.means()));
        ComboBox<Axis> means = Form.box("radio-means-" + of, List.of(Axis.values()), s.means(), Axis::label);
        means.setAccessibleText("What the board takes the " + of + " stick for");
        means.setPrefWidth(88);
        means.setOnAction(e -> set(
                "The board takes the " + of + " stick for " + means.getValue().label(),
                r -> r.with(r.stick(s.stick()).on(s.channel(), means.getValue()))));
        grid.add(means, 2, row);
        add(grid, 3, row, of + " weight", Quantity.SHARE, s.weight(), s, (x, v) -> x.weighted(v, x.offset()));
        add(grid, 4, row, of + " offset", Quantity.SHARE, s.offset(), s, (x, v) -> x.weighted(x.weight(), v));
        add(
                grid,
                5,
                row,
                of + " lower end",
                Quantity.SHARE_FINE,
                s.lowEnd(),
                s,
                (x, v) -> x.ending(v, x.highEnd(), x.subTrim()));
        add(
                grid,
                6,
                row,
                of + " upper end",
                Quantity.SHARE_FINE,
                s.highEnd(),
                s,
                (x, v) -> x.ending(x.lowEnd(), v, x.subTrim()));
        add(
                grid,
                7,
                row,
                of + " sub-trim",
                Quantity.SHARE_FINE,
                s.subTrim(),
                s,
                (x, v) -> x.ending(x.lowEnd(), x.highEnd(), v));
        add(
                grid,
                8,
                row,
                of + " read low",
                Quantity.PULSE,
                s.lowMicros(),
                s,
                (x, v) -> x.read(v, x.middleMicros(), x.highMicros()));
        add(
                grid,
                9,
                row,
                of + " read middle",
                Quantity.PULSE,
                s.middleMicros(),
                s,
                (x, v) -> x.read(x.lowMicros(), v, x.highMicros()));
        add(
                grid,
                10,
                row,
                of + " read high",
                Quantity.PULSE,
                s.highMicros(),
                s,
                (x, v) -> x.read(x.lowMicros(), x.middleMicros(), v));
    }

    private void add(
            GridPane grid,
            int column,
            int row,
            String name,
            Quantity quantity,
            double value,
            StickChannel s,
            BiFunction<StickChannel, Double, StickChannel> change) {
        QuantityField field = new QuantityField(
                "",
                quantity,
                session::tell,
                v -> set(
                        Character.toUpperCase(name.charAt(0)) + name.substring(1),
                        r -> r.with(change.apply(r.stick(s.stick()), v))));
        field.columns(3);
        field.field().setId("radio-" + name.replace(' ', '-'));
        field.field().setAccessibleText(name);
        field.show(value, session.units());
        grid.add(field, column, row);
    }
}
