package app.drachen.desktop.stage.modes;

import app.drachen.core.controls.Axis;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.modes.SecondPath.Asked;
import app.drachen.core.modes.SecondPath.ConsoleAxis;
import app.drachen.core.modes.SecondPath.ConsoleButton;
import app.drachen.core.stages.modes.DelayBounds;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A console on a slow link: axes, buttons, what its delay still allows, and the hand-over. */
final class SecondPathForm extends VBox {
    private final Session session;

    SecondPathForm(Session session) {
        super(8);
        this.session = session;
        Optional<SecondPath> path = session.setup().modes().second();
        getChildren().add(Texts.label("A second path of control", "heading"));
        path.ifPresentOrElse(this::fill, this::none);
        getChildren().add(Texts.label("Esc closes", "soft", "small"));
    }

    /** What is entered, in one line. */
    static String summary(Optional<SecondPath> path) {
        return path.map(p -> "console, " + Quantity.TIME_FINE.text(p.delay()) + " late, flies "
                        + p.modes().stream().map(FlightMode::label).collect(Collectors.joining(", ")))
                .orElse("none");
    }

    private void none() {
        Button add = new Button("+ a console");
        add.setId("second-add");
        add.getStyleClass().add("small-button");
        add.setOnAction(e -> session.edit(
                "Second path of control added", s -> s.withModes(s.modes().withSecond(Optional.of(SecondPath.USUAL)))));
        getChildren()
                .addAll(
                        Texts.wrapped(
                                "Only the radio controls this aircraft. A console beside it has its own delay, and its own loss.",
                                "soft"),
                        add);
    }

    private boolean set(String reason, UnaryOperator<SecondPath> change) {
        return session.edit(
                reason, s -> s.withModes(s.modes().withSecond(s.modes().second().map(change))));
    }

    private boolean hand(UnaryOperator<Asked> change) {
        return set("Hand-over", x -> x.handed(change.apply(x.handOver())));
    }

    private void fill(SecondPath p) {
        List<FlightMode> modes = List.of(FlightMode.values());
        Form form = new Form(session, 2)
                .heading("Link")
                .number(
                        "delay, hand to surface",
                        Quantity.TIME_FINE,
                        p.delay(),
                        v -> set("Delay of the console", x -> x.delayed(v)))
                .choice(
                        "when it is lost",
                        List.of(
                                Loss.Action.OPEN,
                                Loss.Action.HOME,
                                Loss.Action.WAIT,
                                Loss.Action.LEVEL,
                                Loss.Action.GLIDE),
                        p.action(),
                        Loss.Action::label,
                        v -> set("Console lost: " + v.label(), x -> x.losing(v)))
                .tick("the radio stays on", p.radioStays(), v -> set("Radio beside the console", x -> x.withRadio(v)))
                .text(
                        "the radio takes back by",
                        p.takeBack(),
                        v -> set("How the radio takes back", x -> x.takenBack(v)))
                .heading("Hand-over: same mode, same power")
                .choice(
                        "console asks for",
                        modes,
                        p.handOver().consoleMode(),
                        FlightMode::label,
                        v -> hand(a -> new Asked(a.consolePower(), a.radioPower(), v, a.radioMode())))
                .choice(
                        "radio asks for",
                        modes,
                        p.handOver().radioMode(),
                        FlightMode::label,
                        v -> hand(a -> new Asked(a.consolePower(), a.radioPower(), a.consoleMode(), v)))
                .number(
                        "console's power",
                        Quantity.SHARE,
                        p.handOver().consolePower(),
                        v -> hand(a -> new Asked(v, a.radioPower(), a.consoleMode(), a.radioMode())))
                .number(
                        "radio's power",
                        Quantity.SHARE,
                        p.handOver().radioPower(),
                        v -> hand(a -> new Asked(a.consolePower(), v, a.consoleMode(), a.radioMode())));
        axes(form, p);
        HBox flown = new HBox(8, Texts.label("it flies", "soft"));
        for (FlightMode mode : modes) {
            CheckBox box = new CheckBox(mode.label());
            box.setId("second-" + mode.name().toLowerCase(java.util.Locale.ROOT));
            box.setSelected(p.modes().contains(mode));
            box.setOnAction(e -> set("Modes of the console", x -> x.flying(with(x.modes(), mode, box.isSelected()))));
            flown.getChildren().add(box);
        }
        VBox bounds = new VBox(2);
        for (FlightMode mode : List.of(FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOLD)) {
            Working bound = DelayBounds.of(mode, session.setup());
            bounds.getChildren().add(new WorkingRow(bound, session.units()));
        }
        Button gone = new Button("Remove the console");
        gone.getStyleClass().add("small-button");
        gone.setOnAction(e -> session.edit(
                "Second path of control removed", s -> s.withModes(s.modes().withSecond(Optional.empty()))));
        getChildren().addAll(form, flown, bounds, gone);
    }

    private static List<FlightMode> with(List<FlightMode> modes, FlightMode mode, boolean on) {
        List<FlightMode> changed = new ArrayList<>(modes);
        changed.remove(mode);
        if (on) {
            changed.add(mode);
        }
        changed.sort(java.util.Comparator.naturalOrder());
        return changed;
    }

    private void axes(Form form, SecondPath p) {
        form.heading("Axes and buttons of the console");
        for (ConsoleAxis axis : p.axes()) {
            form.number(
                            "axis for " + axis.gives().label(),
                            Quantity.COUNT,
                            axis.number(),
                            v -> axis(
                                    axis,
                                    new ConsoleAxis(
                                            (int) Math.rint(v),
                                            axis.gives(),
                                            axis.reversed(),
                                            axis.low(),
                                            axis.high())))
                    .tick(
                            axis.gives().label() + " turned round",
                            axis.reversed(),
                            v -> axis(axis, new ConsoleAxis(axis.number(), axis.gives(), v, axis.low(), axis.high())))
                    .number(
                            axis.gives().label() + " reads at one end",
                            Quantity.NUMBER,
                            axis.low(),
                            v -> axis(
                                    axis,
                                    new ConsoleAxis(axis.number(), axis.gives(), axis.reversed(), v, axis.high())))
                    .number(
                            axis.gives().label() + " at the other",
                            Quantity.NUMBER,
                            axis.high(),
                            v -> axis(
                                    axis,
                                    new ConsoleAxis(axis.number(), axis.gives(), axis.reversed(), axis.low(), v)));
        }
        for (Axis missing : Axis.values()) {
            if (p.axes().stream().noneMatch(a -> a.gives() == missing)) {
                form.tick("axis for " + missing.label(), false, v -> {
                    List<ConsoleAxis> more = new ArrayList<>(p.axes());
                    more.add(new ConsoleAxis(Math.min(12, p.axes().size() + 1), missing, false, -1, 1));
                    set("Axis of the console", x -> x.with(more, x.buttons()));
                });
            }
        }
        List<FlightMode> modes = List.of(FlightMode.values());
        for (ConsoleButton button : p.buttons()) {
            form.choice(
                    "button " + button.number(),
                    modes,
                    button.gives(),
                    FlightMode::label,
                    v -> set(
                            "Button of the console",
                            x -> x.with(
                                    x.axes(),
                                    x.buttons().stream()
                                            .map(b -> b.number() == button.number()
                                                    ? new ConsoleButton(b.number(), v)
                                                    : b)
                                            .toList())));
        }
        form.tick(
                "one more button",
                false,
                v -> set("Button of the console", x -> {
                    List<ConsoleButton> more = new ArrayList<>(x.buttons());
                    more.add(new ConsoleButton(
                            more.stream().mapToInt(ConsoleButton::number).max().orElse(0) + 1, FlightMode.HOME));
                    return x.with(x.axes(), more);
                }));
    }

    private boolean axis(ConsoleAxis was, ConsoleAxis is) {
        return set(
                "Axis of the console",
                x -> x.with(x.axes().stream().map(a -> a.equals(was) ? is : a).toList(), x.buttons()));
    }
}
