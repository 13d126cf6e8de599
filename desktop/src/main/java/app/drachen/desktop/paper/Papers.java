package app.drachen.desktop.paper;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.cards.CardStep;
import app.drachen.core.cards.PassLimit;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.TrimNeeded;
import app.drachen.core.debrief.WindFit;
import app.drachen.core.flight.AircraftSheet;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CirclePainter;
import app.drachen.desktop.chart.PlanPainter;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.chart.StripPainter;
import app.drachen.desktop.chart.WayPainter;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.pdf.PdfDocument;
import app.drachen.files.sheet.Face;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/**
 * The sheets a pilot takes along: balance, sticks and modes, a flight card, a debrief.
 *
 * @param setup the aircraft
 * @param revision its revision
 * @param field the field of the day, if entered
 * @param units the reader's units
 */
public record Papers(Setup setup, int revision, Optional<Field> field, UnitSystem units) {
    private static final double WIDE = 511;

    private static final String LAW =
            "Local rules and licensed practice come first. Drachen advises; the pilot decides.";

    /**
     * A sheet of the list.
     *
     * @param id for the command line
     * @param words what it is called
     * @param write writes it into a file
     */
    public record Sheet(String id, String words, Session.Writing write) {}

    /** The list of sheets. Cards depend on the field, so that without one there are none. */
    public List<Sheet> sheets() {
        List<Sheet> sheets = new ArrayList<>();
        sheets.add(new Sheet("balance", "balance sheet", this::balance));
        sheets.add(new Sheet("harness", "harness sheet", file -> new HarnessSheet(setup, revision, units).write(file)));
        sheets.add(new Sheet("bench", "bench sheet", file -> new BenchSheet(setup, revision, units).write(file)));
        sheets.add(new Sheet("signals", "signals sheet", file -> new SignalsSheet(setup, revision, units).write(file)));
        sheets.add(new Sheet("sticks", "stick and mode sheet", this::sticks));
        for (CardPlan plan : CardPlans.all()) {
            field.map(f -> plan.forAircraft(setup, f))
                    .ifPresent(
                            card -> sheets.add(new Sheet(plan.id(), "card " + card.title(), file -> card(card, file))));
        }
        return sheets;
    }

    /** Writes one page into a file. */
    private void write(Path file, String title, Consumer<PaperPage> content) throws IOException {
        try (PdfDocument document = new PdfDocument(Theme.faces(), title)) {
            PaperPage.set(document, Theme.faces(), units, content);
            document.save(file);
        }
    }

    private double density() {
        return field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
    }

    private String subtitle() {
        return setup.airframe().kind() + " · "
                + Quantity.SPAN.text(setup.planform().span()) + " · set-up r" + revision
                + field.map(f -> " · " + f.name()).orElse("");
    }

    /** The balance sheet. */
    public void balance(Path file) throws IOException {
        Balance balance = Balance.of(setup);
        write(file, setup.name() + ", balance", page -> {
            page.head(setup.name() + " · Balance", subtitle());
            page.drawing(WIDE, 230, g -> aircraft(g, balance));
            page.heading("Values");
            List<Working> values = new ArrayList<>(AircraftSheet.of(setup, density()));
            values.add(balance.marginWorking());
            balance.packSlide().ifPresent(values::add);
            page.values(values.stream().distinct().toList());
            page.heading("Parts");
            List<List<String>> rows = new ArrayList<>();
            rows.add(List.of("part", "mass", "behind the nose", "right", "up"));
            setup.parts()
                    .forEach(p -> rows.add(List.of(
                            p.name(),
                            Quantity.MASS.text(p.mass()),
                            Quantity.LENGTH.text(p.position().aft()),
                            Quantity.LENGTH.text(p.position().right()),
                            Quantity.LENGTH.text(p.position().up()))));
            page.table(rows, 0.36, 0.16, 0.2, 0.14, 0.14);
            decided(page);
            page.notes("Weighed", 2);
            page.foot(LAW + " Formulas and sources: in Drachen behind every value.");
        });
    }

    /** What the pilot has decided otherwise. */
    private void decided(PaperPage page) {
        List<String> said = Kits.decided(setup);
        if (!said.isEmpty()) {
            page.heading("Decided by you");
            said.forEach(s -> page.line("", Quantity.read(s, units), false));
        }
    }

    private void aircraft(Pen g, Balance balance) {
        Outline above = Outline.above(setup.airframe());
        View view = View.fit(above.left(), above.right(), above.top(), above.bottom(), 10, 10, WIDE - 150, 210);
        AircraftPainter.paint(g, above, view, Optional.empty());
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Face.STRONG, 11);
        g.setTextAlign(TextAlignment.LEFT);
        double x = WIDE - 132;
        double front = view.y(balance.windowFront());
        double rear = view.y(balance.windowRear());
        double centre = view.y(balance.mass().centre().aft());
        g.setFill(Ink.GRID);
        g.fillRect(view.x(0) - 26, front, 52, Math.max(1.5, rear - front));
        g.setStroke(Ink.INK);
        g.setLineWidth(1.4);
        g.strokeOval(view.x(0) - 5, centre - 5, 10, 10);
        g.strokeLine(view.x(0) - 9, centre, view.x(0) + 9, centre);
        g.strokeLine(view.x(0), centre - 9, view.x(0), centre + 9);
        g.setLineWidth(0.6);
        g.setLineDashes(2, 2);
        g.strokeLine(view.x(0) + 10, centre, x - 4, centre);
        g.setLineDashes();
        g.setFill(Ink.INK);
        g.fillText("CG " + Quantity.LENGTH.text(balance.mass().centre().aft(), units), x, centre);
        g.setFont(Face.TEXT, 10.5);
        double below = centre + 15;
        g.fillText(
                "window " + Quantity.LENGTH.number(balance.windowFront(), units) + " to "
                        + Quantity.LENGTH.text(balance.windowRear(), units),
                x,
                below);
        g.fillText("behind the nose", x, below + 13);
    }

    /** The sheet of sticks, outputs and modes. */
    public void sticks(Path file) throws IOException {
        Selector selector = setup.modes().selector();
        write(file, setup.name() + ", sticks and modes", page -> {
            page.head(setup.name() + " · Sticks and modes", subtitle());
            page.heading("Mode selector: " + selector.kind().label());
            List<List<String>> rows = new ArrayList<>();
            rows.add(List.of("position", "mode", "pulse", "margin", "you will see"));
            for (Selector.Place place : selector.table()) {
                rows.add(List.of(
                        String.valueOf(place.position()),
                        place.mode().map(m -> m.label()).orElse("none"),
                        Quantity.PULSE.text(place.pulseMicros()),
                        place.mode().isPresent() ? Quantity.PULSE.text(place.marginMicros()) : "",
                        place.mode().map(m -> m.seen()).orElse("No mode holds this pulse.")));
            }
            page.table(rows, 0.1, 0.12, 0.12, 0.1, 0.56);
            page.line("", "Launch in " + setup.modes().launchMode().label() + ".", true);
            page.heading("Outputs");
            page.table(outputs(), 0.08, 0.24, 0.13, 0.19, 0.14, 0.22);
            page.heading("Answers wanted, seen from behind");
            page.line("box", "Stick right: right aileron or elevon up, left down. Rudder right.", false);
            page.line("box", "Stick back: elevator, elevons or V-tail up.", false);
            page.line("box", "Held in Level and tilted right: right aileron or elevon down, left up.", false);
            page.heading("Turns and the way home");
            page.values(turns());
            var home = setup.modes().home();
            var limits = setup.modes().limits();
            page.drawing(WIDE, 150, g -> WayPainter.paint(g, WIDE, 150, home, limits, field, units));
            page.drawing(WIDE, 130, g -> CirclePainter.paint(g, WIDE, 130, limits, home, field, units));
            page.foot("On the bench: propeller off. " + LAW);
        });
    }

    private List<Working> turns() {
        Turn turn = new Turn(
                setup.modes().limits().cruiseSpeed(), setup.modes().limits().bank());
        double wind = field.map(f -> f.windAt(setup.modes().home().height())).orElse(0.0);
        return List.of(turn.radiusWorking(), turn.loadWorking(), turn.leastCircleWorking(wind));
    }

    private List<List<String>> outputs() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("output", "moves", "centre", "travel", "sense", "roll / pitch / yaw"));
        for (Output o : setup.controls().outputs()) {
            boolean motor = o.surface().equals(Surface.MOTOR);
            rows.add(List.of(
                    String.valueOf(o.channel()),
                    o.surface().label(),
                    motor ? "" : Quantity.PULSE.text(o.centreMicros()),
                    Quantity.PULSE.number(o.lowMicros(), units) + " to " + Quantity.PULSE.number(o.highMicros(), units),
                    motor ? "" : o.reversed() ? "turned round" : "as it is",
                    motor
                            ? "power"
                            : Quantity.SHARE.number(o.mix().roll(), units) + " / "
                                    + Quantity.SHARE.number(o.mix().pitch(), units) + " / "
                                    + Quantity.SHARE.number(o.mix().yaw(), units) + " %"));
        }
        return rows;
    }

    /** A flight card. */
    public void card(Card card, Path file) throws IOException {
        write(file, setup.name() + ", " + card.title(), page -> {
            page.head(setup.name() + " · " + card.title(), subtitle());
            field.ifPresent(f -> page.line(
                    "",
                    f.name() + ": "
                            + f.day()
                                    .map(d -> "wind " + Quantity.SPEED.text(f.wind()) + " from "
                                            + Quantity.BEARING.text(f.windFrom()) + ", gusts "
                                            + Quantity.SPEED.text(f.gust()) + ", measured " + d)
                                    .orElse("no wind measured")
                            + f.heightLimit()
                                    .map(l -> ", height limit " + Quantity.HEIGHT.text(l.height()))
                                    .orElse(", no height limit entered"),
                    true));
            page.heading("Before");
            card.cautions().forEach(c -> page.line("box", c, false));
            page.heading("Steps");
            for (CardStep step : card.steps()) {
                page.line(
                        "box",
                        step.number() + "  " + step.title() + "  ("
                                + step.mode().label() + ")",
                        true);
                page.line("  ", step.how(), false);
            }
            page.heading("It must show");
            for (PassLimit limit : card.limits()) {
                page.line("box", limit.sentence(), false);
            }
            decided(page);
            page.heading("Break off when");
            card.breakOff().forEach(b -> page.line("!", b, false));
            page.notes("Seen", 3);
            page.foot(LAW);
        });
    }

    /** The wind that the flight itself shows, else that which was measured on the field. */
    private Optional<Field> windOf(Flown flown) {
        Optional<WindFit> fitted = flown.facts().flatMap(FlightFacts::wind);
        return fitted.isPresent()
                ? field.map(f -> f.withWind(
                        fitted.get().speed(), fitted.get().from(), fitted.get().speed()))
                : field.filter(f -> f.day().isPresent());
    }

    /** A debrief of a flight. */
    public void debrief(String headline, Debrief debrief, List<StripChart.Mark> marks, Path file) throws IOException {
        write(file, setup.name() + ", debrief", page -> {
            page.head(setup.name() + " · Debrief", subtitle());
            page.line("", headline, true);
            var flown = debrief.flight();
            StripPainter strips = new StripPainter(
                    List.of(
                            StripChart.Strip.of(LogColumn.HEIGHT),
                            StripChart.Strip.of(LogColumn.AIRSPEED),
                            new StripChart.Strip(LogColumn.ROLL, Optional.of(LogColumn.WANTED_ROLL)),
                            new StripChart.Strip(LogColumn.PITCH, Optional.of(LogColumn.WANTED_PITCH))),
                    flown.log(),
                    flown.segments(),
                    marks,
                    units);
            page.drawing(720, 300, g -> strips.paint(g, 720, 300));
            page.drawing(WIDE, 170, g -> new PlanPainter(flown.log(), windOf(flown), units).paint(g, WIDE, 170));
            page.heading("Facts");
            page.values(flown.facts().map(f -> f.workings()).orElse(List.of()));
            page.heading("Findings");
            debrief.findings().forEach(page::finding);
            flown.trim().ifPresent(t -> {
                page.heading("Trim needed");
                for (TrimNeeded.Centre centre : t.centres()) {
                    page.line(
                            "box",
                            centre.output().surface().label() + ": centre "
                                    + Quantity.PULSE.number(centre.output().centreMicros(), units) + " to "
                                    + Quantity.PULSE.text(centre.meanMicros()),
                            false);
                }
            });
            page.foot(LAW);
        });
    }
}
