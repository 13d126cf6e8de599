package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.throwing.MixerRows;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.BehindPainter;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.Panels;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Throws stage: move a stick, see every surface; rulers, mixer and trims below. */
public final class ThrowsView implements Place {
    private static final double NUDGE = 0.2;

    private final Session session;
    private final VBox root = new VBox(9);
    private final Canvas behind = new Canvas();
    private final Pane behindHost = new Pane(behind);
    private final Canvas rulers = new Canvas();
    private final Pane rulerHost = new Pane(rulers);
    private final GridPane table = new GridPane();
    private final TrimRow trims;
    private final Panels panels;
    private final StickPad left;
    private final StickPad right;
    private Sticks sticks = Sticks.CENTRED;
    private Optional<Surface> chosen = Optional.empty();

    /** The stage of a session. */
    public ThrowsView(Session session) {
        this.session = session;
        trims = new TrimRow(session);
        left = new StickPad("yaw", "power", (x, y) -> hold(new Sticks(sticks.roll(), sticks.pitch(), x, (y + 1) / 2)));
        right = new StickPad("roll", "pitch", (x, y) -> hold(new Sticks(x, -y, sticks.yaw(), sticks.power())));
        HBox head = new HBox(
                6,
                Texts.label("Stick to surface", "heading"),
                Texts.spring(),
                Texts.label("drag a stick, or", "soft"),
                Texts.key("W A S D"),
                Texts.key("O"));
        head.setAlignment(Pos.CENTER_LEFT);
        HBox top = new HBox(8, behindHost, left, right);
        top.setAlignment(Pos.CENTER);
        top.getStyleClass().add("sheet");
        top.setPadding(new Insets(4, 8, 4, 0));
        HBox.setHgrow(behindHost, Priority.ALWAYS);
        behindHost.setMinHeight(178);
        VBox.setVgrow(top, Priority.ALWAYS);
        top.setMaxHeight(260);
        behindHost.widthProperty().addListener((o, a, b) -> paint());
        behindHost.heightProperty().addListener((o, a, b) -> paint());
        rulerHost.getStyleClass().add("sheet");
        rulerHost.widthProperty().addListener((o, a, b) -> paint());
        table.setHgap(8);
        table.setVgap(4);
        panels = new Panels(session, root)
                .with(
                        "Radio",
                        "F",
                        "radio-panel",
                        880,
                        () -> new RadioForm(session),
                        s -> RadioForm.summary(s.controls()))
                .with(
                        "Linkage",
                        "L",
                        "linkage-panel",
                        700,
                        () -> new LinkageForm(session, chosen.orElseThrow()),
                        s -> chosen.flatMap(s.controls()::output)
                                .map(LinkageForm::summary)
                                .orElse("no surface"))
                .with("Mixes", "M", "mix-panel", 700, () -> new MixForm(session), s -> MixForm.summary(s.controls()));
        root.setPadding(new Insets(12, 16, 10, 20));
        root.getChildren().addAll(head, top, rulerHost, table, trims);
        head.getChildren().add(2, panels.row());
        root.setFocusTraversable(true);
        root.setId("throws");
    }

    @Override
    public Node node() {
        return root;
    }

    private void hold(Sticks to) {
        sticks = to;
        paint();
    }

    @Override
    public void update() {
        if (chosen.filter(s -> session.setup().controls().output(s).isPresent()).isEmpty()) {
            chosen = session.setup().controls().surfaces().stream().findFirst().map(Output::surface);
        }
        mixTable();
        trims.update();
        panels.update();
        paint();
    }

    private void paint() {
        if (!session.isOpen()) {
            return;
        }
        Setup setup = session.setup();
        List<Sticks.Answer> answers = setup.controls().surfaces().stream()
                .map(o -> sticks.answer(setup, o))
                .toList();
        behind.setWidth(behindHost.getWidth());
        behind.setHeight(behindHost.getHeight());
        Pen g = new ScreenPen(behind);
        g.clearRect(0, 0, behind.getWidth(), behind.getHeight());
        if (behind.getWidth() > 200) {
            new BehindPainter(g, setup, stands(answers), chosen, behind.getWidth(), behind.getHeight()).paint();
        }
        left.show(sticks.yaw(), sticks.power() * 2 - 1, sticks.power());
        // a pitch stick pulled back points down the sheet
        right.show(sticks.roll(), -sticks.pitch(), sticks.pitch());
        double height = RulerPainter.HEIGHT * answers.size() + 8;
        rulerHost.setMinHeight(height);
        rulerHost.setMaxHeight(height);
        rulers.setWidth(rulerHost.getWidth());
        rulers.setHeight(height);
        Pen r = new ScreenPen(rulers);
        r.clearRect(0, 0, rulers.getWidth(), height);
        r.setFill(Ink.SHEET);
        double y = 3;
        for (Sticks.Answer answer : answers) {
            boolean now = chosen.filter(s -> s == answer.output().surface()).isPresent();
            RulerPainter.paint(r, answer, now, y, rulers.getWidth());
            y += RulerPainter.HEIGHT;
        }
        behind.setAccessibleText(answers.stream()
                .map(a -> a.output().surface().label() + (a.right() ? " as wanted" : " the wrong way"))
                .reduce((a, b) -> a + ", " + b)
                .orElse(""));
    }

    private static List<BehindPainter.Stand> stands(List<Sticks.Answer> answers) {
        return answers.stream().map(Sticks.Answer::stand).toList();
    }

    private void mixTable() {
        Focus.kept(table, List.of(session.setup().controls(), session.units()), this::rebuildTable);
    }

    private void rebuildTable() {
        table.getChildren().clear();
        String[] heads = {"Output", "Roll", "Pitch", "Yaw", "Flaps", "Sense", "Centre", "Travel from", "to"};
        for (int i = 0; i < heads.length; i++) {
            Label label = Texts.label(heads[i], "soft", "small");
            table.add(label, i, 0);
            GridPane.setHalignment(label, i == 0 ? HPos.LEFT : HPos.CENTER);
        }
        int row = 1;
        for (Output output : session.setup().controls().surfaces()) {
            Surface surface = output.surface();
            String name = surface.label().toLowerCase(Locale.ROOT);
            Label label = Texts.label(surface.label(), "strong");
            label.setMinWidth(104);
            label.setOnMouseClicked(e -> choose(surface));
            table.add(label, 0, row);
            Axis[] axes = {Axis.ROLL, Axis.PITCH, Axis.YAW};
            for (int i = 0; i < 3; i++) {
                Axis axis = axes[i];
                add(
                        row,
                        i + 1,
                        name + " " + axis.label() + " share",
                        Quantity.SHARE,
                        output.mix().share(axis),
                        surface,
                        (o, v) -> o.withMix(o.mix().with(axis, v)));
            }
            add(
                    row,
                    4,
                    name + " flap share",
                    Quantity.SHARE,
                    output.mix().flaps(),
                    surface,
                    (o, v) -> o.withMix(o.mix().withFlaps(v)));
            ToggleButton sense = new ToggleButton(output.reversed() ? "reversed" : "normal");
            sense.setSelected(output.reversed());
            sense.setId("sense-" + surface.id());
            sense.setAccessibleText("Sense of the " + name);
            sense.setMinWidth(82);
            sense.setOnAction(e -> turnRound(surface));
            table.add(sense, 5, row);
            add(row, 6, name + " centre", Quantity.PULSE, output.centreMicros(), surface, (o, v) -> o.withCentre(v));
            add(
                    row,
                    7,
                    name + " travel from",
                    Quantity.PULSE,
                    output.lowMicros(),
                    surface,
                    (o, v) -> o.withTravel(v, o.highMicros()));
            add(
                    row,
                    8,
                    name + " travel to",
                    Quantity.PULSE,
                    output.highMicros(),
                    surface,
                    (o, v) -> o.withTravel(o.lowMicros(), v));
            row++;
        }
    }

    private void add(
            int row,
            int column,
            String name,
            Quantity quantity,
            double value,
            Surface surface,
            BiFunction<Output, Double, Output> change) {
        QuantityField field = new QuantityField(
                "",
                quantity,
                session::tell,
                v -> session.edit(
                        Character.toUpperCase(name.charAt(0)) + name.substring(1),
                        s -> s.withControls(s.controls().change(surface, o -> change.apply(o, v)))));
        field.columns(quantity == Quantity.PULSE ? 4 : 3);
        field.field().setAccessibleText(name);
        field.field().setId("field-" + name.replace(' ', '-'));
        field.show(value, session.units());
        table.add(field, column, row);
    }

    private void choose(Surface surface) {
        chosen = Optional.of(surface);
        panels.update();
        paint();
    }

    private void step(int by) {
        List<Surface> all = session.setup().controls().surfaces().stream()
                .map(Output::surface)
                .toList();
        if (!all.isEmpty()) {
            choose(all.get(Math.floorMod(chosen.map(all::indexOf).orElse(0) + by, all.size())));
        }
    }

    private void turnRound(Surface surface) {
        session.edit(
                surface.label() + " turned round",
                s -> s.withControls(s.controls().change(surface, Output::turnedRound)));
    }

    private void preset() {
        session.edit(
                "Mixer preset applied",
                s -> s.withControls(MixerRows.preset(s.airframe().tail()).apply(s.controls(), s.invertedVee())));
    }

    private void carry() {
        if (!session.edit(
                "Radio trims carried into the servo centres",
                s -> s.withControls(s.controls().trimsCarried()))) {
            session.tell("No trim is left in the radio.");
        }
    }

    @Override
    public List<Picture> pictures() {
        Setup setup = session.setup();
        List<Sticks.Answer> answers = setup.controls().surfaces().stream()
                .map(o -> sticks.answer(setup, o))
                .toList();
        double width = Math.max(500, behind.getWidth());
        double height = Math.max(240, behind.getHeight());
        return List.of(new Picture(setup.name() + " from behind", width, height, pen -> new BehindPainter(
                        pen, setup, stands(answers), chosen, width, height)
                .paint()));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("output", "moves", "roll", "pitch", "yaw", "reversed", "centre", "low", "high"));
        for (Output o : session.setup().controls().outputs()) {
            rows.add(List.of(
                    String.valueOf(o.channel()),
                    o.surface().label(),
                    Quantity.SHARE.text(o.mix().roll()),
                    Quantity.SHARE.text(o.mix().pitch()),
                    Quantity.SHARE.text(o.mix().yaw()),
                    o.reversed() ? "yes" : "no",
                    Quantity.PULSE.text(o.centreMicros()),
                    Quantity.PULSE.text(o.lowMicros()),
                    Quantity.PULSE.text(o.highMicros())));
        }
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>(panels.actions());
        actions.addAll(List.of(
                Action.of("roll left", "A", () -> hold(sticks.moved(-NUDGE, 0, 0, 0))),
                Action.of("roll right", "D", () -> hold(sticks.moved(NUDGE, 0, 0, 0))),
                Action.of("pitch stick forward, nose down", "W", () -> hold(sticks.moved(0, -NUDGE, 0, 0))),
                Action.of("pitch stick back, nose up", "S", () -> hold(sticks.moved(0, NUDGE, 0, 0))),
                Action.of("yaw left", "Q", () -> hold(sticks.moved(0, 0, -NUDGE, 0))),
                Action.of("yaw right", "E", () -> hold(sticks.moved(0, 0, NUDGE, 0))),
                Action.of("centre the sticks", "O", () -> hold(Sticks.CENTRED)),
                Action.of("choose the next output", "Period", () -> step(1)),
                Action.of("choose the output before", "Comma", () -> step(-1)),
                Action.of("turn the chosen output round", "R", () -> chosen.ifPresent(this::turnRound)),
                Action.of("apply the mixer preset", "P", this::preset)));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Carry trims", "T", this::carry), Action.of("Preset", "P", this::preset));
    }
}
