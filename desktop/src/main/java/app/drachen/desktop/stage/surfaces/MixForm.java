package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.Output;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Presets of the mixer, and the mixes beyond its rows. */
final class MixForm extends VBox {
    private final Session session;

    MixForm(Session session) {
        super(8);
        this.session = session;
        getChildren().add(Texts.label("Presets and extra mixes", "heading"));
        FlowPane presets = new FlowPane(6, 6);
        for (MixPreset preset : MixPreset.values()) {
            Button button = new Button(preset.label());
            button.setId("preset-" + preset.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("small-button");
            button.setOnAction(e -> session.edit(
                    "Mixer preset: " + preset.label(),
                    s -> s.withControls(preset.apply(s.controls(), s.invertedVee()))));
            presets.getChildren().add(button);
        }
        getChildren().add(presets);
        List<ExtraMix> extras = session.setup().controls().extras();
        for (int i = 0; i < extras.size(); i++) {
            getChildren().add(mix(i, extras.get(i)));
        }
        Button add = new Button("+ mix");
        add.setId("mix-add");
        add.getStyleClass().add("small-button");
        add.setOnAction(e -> change("Mix added", all -> all.add(ExtraMix.FIRST.named(free(all, "mix")))));
        Button chop = new Button("+ power to pitch");
        chop.setId("mix-chop");
        chop.getStyleClass().add("small-button");
        chop.setOnAction(e -> change(
                "Power to pitch added",
                all -> all.add(
                        ExtraMix.powerToPitch(0.05, 0.5, firstSwitch(), false).named(free(all, "power to pitch")))));
        getChildren().add(new HBox(8, add, chop, Texts.label("Esc closes", "soft", "small")));
        getChildren()
                .add(Texts.wrapped(
                        "A new mix sits on a switch and is first tried at trial height. Thrust line first, mix second, trim never.",
                        "soft",
                        "small"));
    }

    /** What is entered, in one line. */
    static String summary(ControlSetup controls) {
        return controls.extras().isEmpty()
                ? "no extra mix"
                : controls.extras().stream().map(ExtraMix::name).collect(Collectors.joining(", "));
    }

    private String firstSwitch() {
        return session.setup().modes().switches().stream()
                .filter(s -> s.use() == RadioSwitch.Use.MIX)
                .map(RadioSwitch::name)
                .findFirst()
                .orElse("");
    }

    private static String free(List<ExtraMix> all, String name) {
        String candidate = name;
        for (int n = 2; has(all, candidate); n++) {
            candidate = name + " " + n;
        }
        return candidate;
    }

    private static boolean has(List<ExtraMix> all, String name) {
        return all.stream().anyMatch(m -> m.name().equals(name));
    }

    private boolean change(String reason, java.util.function.Consumer<List<ExtraMix>> how) {
        return session.edit(reason, s -> {
            List<ExtraMix> all = new ArrayList<>(s.controls().extras());
            how.accept(all);
            return s.withControls(s.controls().withExtras(all));
        });
    }

    private boolean set(int at, UnaryOperator<ExtraMix> how) {
        return change("Mix " + (at + 1), all -> all.set(at, how.apply(all.get(at))));
    }

    private VBox mix(int at, ExtraMix m) {
        List<String> targets = Stream.concat(
                        Stream.of("roll", "pitch", "yaw"),
                        session.setup().controls().outputs().stream()
                                .map((Output o) -> o.surface().id()))
                .toList();
        List<String> switches = Stream.concat(
                        Stream.of(""),
                        session.setup().modes().switches().stream().map(RadioSwitch::name))
                .toList();
        Form form = new Form(session, 3, "mix-" + at + "-")
                .text("name", m.name(), v -> set(at, x -> x.named(v)))
                .choice(
                        "from",
                        List.of(ExtraMix.Input.values()),
                        m.from(),
                        ExtraMix.Input::label,
                        v -> set(at, x -> with(x, v, x.to(), x.low(), x.high(), x.curve(), x.slowIn())))
                .choice(
                        "to",
                        targets,
                        m.to(),
                        t -> t.replace('-', ' '),
                        v -> set(at, x -> with(x, x.from(), v, x.low(), x.high(), x.curve(), x.slowIn())))
                .number("amount", Quantity.SHARE_FINE, m.amount(), v -> set(at, x -> x.withAmount(v, x.measured())))
                .number(
                        "range from",
                        Quantity.SHARE,
                        m.low(),
                        v -> set(at, x -> with(x, x.from(), x.to(), v, x.high(), x.curve(), x.slowIn())))
                .number(
                        "to",
                        Quantity.SHARE,
                        m.high(),
                        v -> set(at, x -> with(x, x.from(), x.to(), x.low(), v, x.curve(), x.slowIn())))
                .text("curve, in percent", curve(m), v -> curve(at, v))
                .choice(
                        "on switch",
                        switches,
                        m.onSwitch(),
                        w -> w.isEmpty() ? "always on" : w,
                        v -> set(at, x -> x.on(v)))
                .number(
                        "comes in over",
                        Quantity.TIME,
                        m.slowIn(),
                        v -> set(at, x -> with(x, x.from(), x.to(), x.low(), x.high(), x.curve(), v)))
                .tick("measured in flight", m.measured(), v -> set(at, x -> x.withAmount(x.amount(), v)));
        Button gone = new Button("\u00d7");
        gone.setAccessibleText("Remove " + m.name());
        gone.getStyleClass().add("small-button");
        gone.setOnAction(e -> change("Mix removed", all -> all.remove(at)));
        HBox head = new HBox(8, Texts.label(m.name(), "strong"), gone);
        return new VBox(4, head, form);
    }

    private static ExtraMix with(
            ExtraMix x, ExtraMix.Input from, String to, double low, double high, List<Double> curve, double slowIn) {
        return new ExtraMix(x.name(), from, to, x.amount(), low, high, curve, x.onSwitch(), slowIn, x.measured());
    }

    private static String curve(ExtraMix m) {
        return m.curve().stream().map(c -> String.valueOf(Math.round(100 * c))).collect(Collectors.joining(" "));
    }

    private boolean curve(int at, String text) {
        try {
            List<Double> points = Arrays.stream(text.strip().split("[\\s;]+"))
                    .map(w -> Double.parseDouble(w.replace(',', '.')) / 100)
                    .toList();
            return set(at, x -> with(x, x.from(), x.to(), x.low(), x.high(), points, x.slowIn()));
        } catch (NumberFormatException e) {
            session.tell("A curve is a row of percents, such as 100 0 or \u2212100 0 100.");
            return false;
        }
    }
}
