package app.drachen.desktop.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.chart.StripChart.Mark;
import app.drachen.desktop.chart.StripChart.Strip;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Charts show where the values lie: their ink is looked for on the painted picture. */
class ChartTest {
    private static final int WIDTH = 600;
    private static final int HEIGHT = 300;
    private static final double SECONDS = 20;

    @BeforeAll
    static void start() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get();
    }

    /** Where one colour stands on a picture; bounds are inclusive, [px]. */
    private record Spots(int count, int left, int right, int top, int bottom) {
        static Spots of(CanvasPane chart, Color colour) throws Exception {
            return ask(() -> {
                StackPane host = new StackPane(chart);
                Stage window = new Stage();
                window.setScene(new Scene(host, WIDTH, HEIGHT));
                host.applyCss();
                host.layout();
                chart.repaint();
                WritableImage image = chart.snapshot(null, null);
                int[] box = {0, WIDTH, -1, HEIGHT, -1};
                for (int y = 0; y < HEIGHT; y++) {
                    for (int x = 0; x < WIDTH; x++) {
                        Color c = image.getPixelReader().getColor(x, y);
                        double away = Math.abs(c.getHue() - colour.getHue());
                        // a thin line is blended with the sheet: paler, but of the same hue
                        if (away < 10 && c.getSaturation() > 0.2) {
                            box[0]++;
                            box[1] = Math.min(box[1], x);
                            box[2] = Math.max(box[2], x);
                            box[3] = Math.min(box[3], y);
                            box[4] = Math.max(box[4], y);
                        }
                    }
                }
                host.getChildren().clear();
                return new Spots(box[0], box[1], box[2], box[3], box[4]);
            });
        }
    }

    private static FlightLog log(FlightMode mode, DoubleUnaryOperator wanted, double east, double north) {
        FlightLog.Builder builder = new FlightLog.Builder(EnumSet.allOf(LogColumn.class));
        for (int i = 0; i <= SECONDS * 20; i++) {
            double t = i / 20.0;
            builder.row(t);
            builder.put(LogColumn.MODE, mode.ordinal())
                    .put(LogColumn.ROLL, 0.02 * Math.sin(t))
                    .put(LogColumn.WANTED_ROLL, wanted.applyAsDouble(t))
                    .put(LogColumn.HEIGHT, 50 + t)
                    .put(LogColumn.HEADING, Math.PI / 2)
                    .put(LogColumn.EAST, east * t / SECONDS)
                    .put(LogColumn.NORTH, north * t / SECONDS);
        }
        return builder.build();
    }

    private static StripChart strips(FlightLog log, List<Mark> marks) throws Exception {
        return ask(() -> {
            StripChart chart = new StripChart(
                    List.of(new Strip(LogColumn.ROLL, Optional.of(LogColumn.WANTED_ROLL)), Strip.of(LogColumn.HEIGHT)));
            ModeSegment whole = new ModeSegment(FlightMode.LEVEL, 0, log.rows());
            chart.show(log, List.of(whole), marks, UnitSystem.METRIC);
            return chart;
        });
    }

    @Test
    void aWantedValueFarFromTheMeasuredOneStaysInItsOwnStrip() throws Exception {
        for (double wanted : new double[] {0.7, -0.7}) {
            Spots amber = Spots.of(strips(log(FlightMode.LEVEL, t -> wanted, 0, 0), List.of()), Ink.AMBER);
            assertTrue(amber.count() > 100, "it is drawn at all: " + amber);
            assertTrue(amber.right() - amber.left() > 400, "from end to end: " + amber);
            // the upper strip lies between the mode band and the middle of what is left
            assertTrue(amber.top() >= 28 && amber.bottom() < 28 + (HEIGHT - 28 - 18) / 2, wanted + ": " + amber);
        }
    }

    @Test
    void withoutAWantedValueNothingIsDrawnForIt() throws Exception {
        assertEquals(
                0,
                Spots.of(strips(log(FlightMode.LEVEL, t -> Double.NaN, 0, 0), List.of()), Ink.AMBER)
                        .count());
    }

    @Test
    void aWantedValueThatPausesLeavesAGap() throws Exception {
        FlightLog log = log(FlightMode.LEVEL, t -> t < 5 ? 0.3 : Double.NaN, 0, 0);
        Spots amber = Spots.of(strips(log, List.of()), Ink.AMBER);
        // a quarter of 484 px from the left edge at 104, less a sample and the pause of a dash
        assertEquals(104 + 484 / 4.0, amber.right(), 6);
    }

    @Test
    void aMarkStandsAtItsMomentAndOnlyInView() throws Exception {
        FlightLog log = log(FlightMode.LEVEL, t -> Double.NaN, 0, 0);
        StripChart chart = strips(log, List.of(new Mark(15, "")));
        Spots whole = Spots.of(chart, Ink.AMBER);
        assertEquals(104 + 484 * 0.75, whole.left(), 2);
        ask(() -> {
            chart.stretch(0, 10);
            return null;
        });
        assertEquals(0, Spots.of(chart, Ink.AMBER).count());
    }

    @Test
    void theViewZoomsAboutItsMiddlePagesAndComesBack() throws Exception {
        StripChart chart = strips(log(FlightMode.LEVEL, t -> 0, 0, 0), List.of());
        assertEquals(10, ask(chart::middle), 1e-9);
        ask(() -> {
            chart.zoom(0.25);
            return null;
        });
        assertEquals(10, ask(chart::middle), 1e-9);
        ask(() -> {
            chart.page(1);
            return null;
        });
        assertEquals(15, ask(chart::middle), 1e-9, "a page is the 5 s in view");
        ask(() -> {
            chart.whole();
            return null;
        });
        assertEquals(10, ask(chart::middle), 1e-9);
    }

    @Test
    void theWheelZoomsAboutThePointer() throws Exception {
        StripChart chart = strips(log(FlightMode.LEVEL, t -> 0, 0, 0), List.of(new Mark(15, "")));
        double before = Spots.of(chart, Ink.AMBER).left();
        ask(() -> {
            chart.fireEvent(new ScrollEvent(
                    ScrollEvent.SCROLL,
                    104 + 484 * 0.75,
                    100,
                    0,
                    0,
                    false,
                    false,
                    false,
                    false,
                    false,
                    false,
                    0,
                    40,
                    0,
                    40,
                    ScrollEvent.HorizontalTextScrollUnits.NONE,
                    0,
                    ScrollEvent.VerticalTextScrollUnits.NONE,
                    0,
                    0,
                    null));
            return null;
        });
        assertTrue(ask(chart::middle) > 10.5, "the view moved towards the pointer");
        assertEquals(before, Spots.of(chart, Ink.AMBER).left(), 2, "what was under it stays under it");
    }

    @Test
    void aGrowingLogIsFollowedAtItsEnd() throws Exception {
        StripChart chart = strips(log(FlightMode.LEVEL, t -> 0, 0, 0), List.of());
        ask(() -> {
            chart.follow(log(FlightMode.LEVEL, t -> 0, 0, 0), List.of(), 8, UnitSystem.METRIC);
            return null;
        });
        assertEquals(SECONDS - 4, ask(chart::middle), 1e-9);
    }

    @Test
    void aPlanHasNorthUpAndEastToTheRightAndKeepsFarTracksInside() throws Exception {
        for (double far : new double[] {60, 4_000}) {
            Spots east = kite(far, 0);
            assertTrue(east.left() > WIDTH / 2 && east.right() < WIDTH, far + " m east: " + east);
            assertEquals(HEIGHT / 2.0, (east.top() + east.bottom()) / 2.0, 2);
            Spots west = kite(-far, 0);
            assertTrue(west.right() < WIDTH / 2 && west.left() >= 0, far + " m west: " + west);
            Spots north = kite(0, far);
            assertTrue(north.bottom() < HEIGHT / 2 && north.top() >= 0, far + " m north: " + north);
            Spots south = kite(0, -far);
            assertTrue(south.top() > HEIGHT / 2 && south.bottom() < HEIGHT, far + " m south: " + south);
        }
    }

    @Test
    void stabilisedModesHaveTheirOwnColourOnThePlan() throws Exception {
        assertEquals(0, Spots.of(plan(FlightMode.MANUAL, 100, 0), Ink.PROOF).count());
        assertTrue(Spots.of(plan(FlightMode.LEVEL, 100, 0), Ink.PROOF).count() > 50);
    }

    @Test
    void endsOfOtherFlightsStandWhereTheyEndedAndStay() throws Exception {
        PlanChart landed = ask(() -> {
            PlanChart chart = new PlanChart();
            chart.ends(List.of(new PlanPainter.End(60, 100, true)));
            return chart;
        });
        Spots ring = Spots.of(landed, Ink.PROOF);
        assertTrue(ring.left() > WIDTH / 2 && ring.bottom() < HEIGHT / 2, "north-east: " + ring);
        assertTrue(ring.right() - ring.left() < 14, "a small ring: " + ring);
        assertEquals(0, Spots.of(landed, Ink.KITE).count());
        PlanChart lost = ask(() -> {
            PlanChart chart = new PlanChart();
            chart.ends(List.of(new PlanPainter.End(-60, -900, false)));
            // another picture of the flight keeps them
            chart.show(new FlightLog.Builder(java.util.Set.of()).build(), Optional.empty(), UnitSystem.METRIC);
            return chart;
        });
        Spots cross = Spots.of(lost, Ink.KITE);
        assertTrue(cross.right() < WIDTH / 2 && cross.left() >= 0, "far to the west and inside: " + cross);
        assertEquals(0, Spots.of(lost, Ink.PROOF).count(), "a cross, no ring");
    }

    private static Spots kite(double east, double north) throws Exception {
        Spots spots = Spots.of(plan(FlightMode.MANUAL, east, north), Ink.KITE);
        assertTrue(spots.count() > 30, "the aircraft is drawn: " + spots);
        return spots;
    }

    private static PlanChart plan(FlightMode mode, double east, double north) throws Exception {
        return ask(() -> {
            PlanChart chart = new PlanChart();
            chart.show(log(mode, t -> 0, east, north), Optional.empty(), UnitSystem.METRIC);
            return chart;
        });
    }

    /** However often it is asked for until the next frame. */
    @Test
    void aPaneIsPaintedOnceAFrame() throws Exception {
        int[] painted = new int[1];
        CanvasPane pane = ask(() -> new CanvasPane(100, 100) {
            @Override
            protected void paint(Pen g, double width, double height) {
                painted[0]++;
            }
        });
        StackPane host = ask(() -> new StackPane(pane));
        ask(() -> {
            new Stage().setScene(new Scene(host, WIDTH, HEIGHT));
            host.layout();
            return true;
        });
        int first = painted[0];
        assertTrue(first > 0);
        ask(() -> {
            pane.repaint();
            pane.repaint();
            assertEquals(first, painted[0], "not before the frame");
            host.layout();
            assertEquals(first + 1, painted[0]);
            host.layout();
            return true;
        });
        assertEquals(first + 1, painted[0], "nothing has changed since");
    }

    /** A font is made once; whichever stood in before the shipped ones were there is not kept. */
    @Test
    void fontsAreRemembered() {
        Theme.load();
        for (double size : List.of(12.0, 13.0)) {
            assertEquals(
                    List.of(Theme.TEXT, Theme.FIGURES),
                    List.of(Theme.text(size).getFamily(), Theme.figures(size).getFamily()));
            assertTrue(
                    Theme.strong(size).getName().contains("SemiBold"),
                    Theme.strong(size).getName());
            assertEquals(size, Theme.text(size).getSize());
            assertSame(Theme.text(size), Theme.text(size));
        }
    }
}
