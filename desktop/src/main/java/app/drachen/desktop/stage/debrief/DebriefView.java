package app.drachen.desktop.stage.debrief;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.Spectrum;
import app.drachen.core.debrief.TrimNeeded;
import app.drachen.core.debrief.checks.DebriefChecks;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Tables;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A flight read: strips to zoom, movement by frequency, and the trims to accept. */
public final class DebriefView implements Place {
    private final Session session;
    private final Runnable close;
    private final VBox root = new VBox(10);
    private static final int STRIPS = 6;

    /** What is shown, as far as the log has it, the first six. */
    private static final List<StripChart.Strip> SHOWN = List.of(
            StripChart.Strip.of(LogColumn.HEIGHT),
            StripChart.Strip.of(LogColumn.AIRSPEED),
            new StripChart.Strip(LogColumn.ROLL, Optional.of(LogColumn.WANTED_ROLL)),
            new StripChart.Strip(LogColumn.PITCH, Optional.of(LogColumn.WANTED_PITCH)),
            StripChart.Strip.of(LogColumn.STICK_ROLL),
            StripChart.Strip.of(LogColumn.STICK_PITCH),
            StripChart.Strip.of(LogColumn.GROUND_SPEED),
            StripChart.Strip.of(LogColumn.CLIMB),
            StripChart.Strip.of(LogColumn.POWER),
            StripChart.Strip.of(LogColumn.NORTH),
            StripChart.Strip.of(LogColumn.EAST),
            StripChart.Strip.of(LogColumn.VOLTS));

    private final StripChart strips = new StripChart(SHOWN.subList(0, STRIPS));
    private final SpectrumChart spectrum = new SpectrumChart();
    private final VBox trims = new VBox(5);
    private Optional<Reading> flight = Optional.empty();

    /** The debrief of a session. */
    public DebriefView(Session session, Runnable close) {
        this.session = session;
        this.close = close;
        HBox head = new HBox(
                6,
                Texts.label("Debrief · what moved, and in which mode", "heading"),
                Texts.spring(),
                Texts.label("wheel zooms, drag pans", "soft"),
                Texts.key("M"),
                Texts.label("next mode", "soft"),
                Texts.key("0"),
                Texts.label("all", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        trims.getStyleClass().add("sheet");
        trims.setPadding(new Insets(10, 14, 10, 14));
        trims.setId("trims");
        HBox bottom = new HBox(12, spectrum, trims);
        HBox.setHgrow(trims, Priority.ALWAYS);
        spectrum.setPrefWidth(340);
        bottom.setPrefHeight(216);
        bottom.setMinHeight(216);
        root.getChildren().addAll(head, strips, bottom);
        VBox.setVgrow(strips, Priority.ALWAYS);
        root.setPadding(new Insets(12, 16, 12, 20));
        root.setFocusTraversable(true);
        root.setId("debrief");
    }

    @Override
    public Node node() {
        return root;
    }

    /** Shows a flight. */
    public void show(Reading newFlight) {
        flight = Optional.of(newFlight);
        List<StripChart.Strip> there = SHOWN.stream()
                .filter(s -> newFlight.log().has(s.column()))
                .limit(STRIPS)
                .toList();
        strips.of(there.isEmpty() ? SHOWN.subList(0, STRIPS) : there);
        strips.show(newFlight.log(), newFlight.debrief().flight().segments(), newFlight.marks(), session.units());
        spectra(newFlight.debrief().flight());
    }

    /** The flight that is shown. */
    public Optional<Reading> reading() {
        return flight;
    }

    /** Pitch by frequency in the longest stretch of up to two stabilised modes. */
    private void spectra(Flown flown) {
        Map<String, List<Spectrum.Line>> lines = new LinkedHashMap<>();
        for (FlightMode mode : List.of(FlightMode.LEVEL, FlightMode.HOLD)) {
            flown.segments().stream()
                    .filter(s -> s.mode() == mode)
                    .max(Comparator.comparingInt((ModeSegment s) -> s.to() - s.from()))
                    .ifPresent(s -> {
                        int from = Math.min(
                                s.to() - 1, flown.log().rowAt(flown.log().time(s.from()) + 2));
                        List<Spectrum.Line> line = Spectrum.of(flown.log(), LogColumn.PITCH, from, s.to());
                        if (!line.isEmpty()) {
                            lines.put(mode.label(), line);
                        }
                    });
        }
        String strongest = flown.swings().found().stream()
                .findFirst()
                .map(o -> Quantity.FREQUENCY.text(o.frequency(), session.units())
                        + ", ±"
                        + o.column().quantity().text(o.amplitude(), session.units())
                        + o.mode().map(m -> " in " + m.label()).orElse(""))
                .orElse("no swing shown");
        spectrum.show(
                lines,
                strongest,
                "pitch movement by frequency: ± ° over Hz",
                Quantity.ANGLE.unit(session.units()).size());
    }

    @Override
    public void update() {
        trims.getChildren().setAll(Texts.label("TRIM NEEDED, AND WHAT ACCEPTING IT DOES", "caps"));
        Optional<TrimNeeded> trim = flight.flatMap(f -> f.debrief().flight().trim());
        if (trim.isEmpty()) {
            trims.getChildren()
                    .add(Texts.wrapped(
                            flight.flatMap(f -> f.debrief().flight().trimMissing())
                                    .orElse("No flight is read."),
                            "soft"));
            return;
        }
        HBox rows = new HBox(18);
        trim.get().measured().forEach(axis -> rows.getChildren()
                .add(new WorkingRow(trim.get().working(axis), session.units())));
        rows.getChildren().forEach(r -> HBox.setHgrow(r, Priority.ALWAYS));
        GridPane table = new GridPane();
        table.setHgap(16);
        table.setVgap(2);
        int row = 0;
        for (TrimNeeded.Centre centre : trim.get().centres()) {
            table.add(Texts.label(centre.output().surface().label()), 0, row);
            table.add(
                    Texts.label(
                            Quantity.PULSE.number(centre.output().centreMicros(), session.units())
                                    + " → "
                                    + Quantity.PULSE.text(centre.meanMicros(), session.units()),
                            "figure"),
                    1,
                    row++);
        }
        trims.getChildren().addAll(rows, table);
        if (flight.filter(f -> f.setup().controls().equals(session.setup().controls()))
                .isEmpty()) {
            trims.getChildren()
                    .add(Texts.wrapped("The controls have changed since this flight: fly it again.", "soft"));
        } else if (trim.get().notYet().isPresent()) {
            trims.getChildren()
                    .add(Texts.wrapped(Quantity.read(trim.get().notYet().get(), session.units()), "strong"));
        } else {
            List<ProofKind> stale = session.situation().wouldGoStale(accepted(session.setup()));
            trims.getChildren()
                    .add(Texts.wrapped(
                            "Accepting makes r"
                                    + nextRevision()
                                    + ", zeroes the radio trims, and makes stale: "
                                    + ProofKind.labels(stale)
                                    + ".",
                            "strong"));
        }
    }

    private int nextRevision() {
        return session.aircraft().nextNumber();
    }

    private Setup accepted(Setup setup) {
        ControlSetup controls = flight.flatMap(f -> f.debrief().flight().trim())
                .map(t -> t.accepted(setup.controls()))
                .orElse(setup.controls());
        return setup.withControls(controls);
    }

    /** Why the centres of this flight are better not moved. */
    private Optional<String> notYet() {
        return flight.flatMap(f -> f.debrief().flight().trim()).flatMap(TrimNeeded::notYet);
    }

    private void accept() {
        if (flight.flatMap(f -> f.debrief().flight().trim()).isEmpty()) {
            session.tell("No trim was measured in this flight.");
        } else if (flight.filter(
                        f -> f.setup().controls().equals(session.setup().controls()))
                .isEmpty()) {
            session.tell("The controls have changed since this flight: fly it again.");
        } else if (notYet().isPresent()) {
            session.tell(notYet().get());
        } else {
            // when its turn has come, only on the controls that were flown
            var flown = flight.orElseThrow();
            session.edit(
                    "Trims of the flight carried into the centres",
                    s -> s.controls().equals(flown.setup().controls()) ? accepted(s) : s);
        }
    }

    private void nextMode() {
        flight.ifPresent(f -> {
            FlightLog log = f.log();
            for (ModeSegment segment : f.debrief().flight().segments()) {
                double start = log.time(segment.from());
                double end = log.time(segment.to() - 1);
                if ((start + end) / 2 > strips.middle() + 0.01) {
                    strips.stretch(start - 1, end + 1);
                    return;
                }
            }
            strips.whole();
        });
    }

    @Override
    public List<Action> actions() {
        return List.of(
                Action.of("go to the next mode", "M", this::nextMode),
                Action.of("show all", "0", strips::whole),
                Action.of("zoom in", "Plus", () -> strips.zoom(0.7)),
                Action.also("Equals", () -> strips.zoom(0.7)),
                Action.of("zoom out", "Minus", () -> strips.zoom(1.4)),
                Action.of("earlier", "Left", () -> strips.page(-0.2)),
                Action.of("later", "Right", () -> strips.page(0.2)),
                Action.of("accept the trims", "A", this::accept),
                Action.of("back", "Esc", close));
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Accept trims", "A", this::accept), Action.of("Back", "Esc", close));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(strips.picture("strips of the flight"), spectrum.picture("movement by frequency"));
    }

    @Override
    public List<List<String>> table() {
        return flight.map(f -> Tables.findings(f.debrief().findings())).orElse(List.of());
    }

    /** Shows the checks' findings. */
    @Override
    public void fill(Ledger ledger) {
        flight.ifPresent(f -> ledger.show(
                "Findings",
                DebriefChecks.all().size() + " checks looked at this log, r" + f.revision() + ". " + f.headline(),
                f.debrief().findings(),
                ledgerActions(),
                strips::light));
        flight.flatMap(f -> f.debrief().flight().facts())
                .ifPresent(facts -> ledger.addValues("Facts", facts.workings()));
        List<String> switches = flight.map(f -> f.debrief().flight().switches()).orElse(List.of());
        if (!switches.isEmpty()) {
            ledger.addLines("Modes and helpers", switches);
        }
    }
}
