package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BenchCardsTest {
    private static final Setup WING = DemoAircraft.rochen();
    private static final double G = Atmosphere.GRAVITY;

    private static BenchCard card(CardId id) {
        return BenchCards.card(id, WING).orElseThrow();
    }

    private static Map<String, Double> changed(CardId id, UnaryOperator<Map<String, Double>> change) {
        return change.apply(new HashMap<>(BenchCards.answered(id, WING, 3)));
    }

    private static List<String> wrong(CardId id, String reading, double value) {
        return wrongOf(id, changed(id, m -> {
            assertTrue(m.containsKey(reading), reading);
            m.put(reading, value);
            return m;
        }));
    }

    private static List<String> wrongOf(CardId id, Map<String, Double> given) {
        return card(id).wrong(given).stream().map(BenchCard.Said::sentence).toList();
    }

    /** BENCH-A1 of the catalogue: +9.95 and −9.71: bias 0.12, scale 1.0024. */
    @Test
    void oneAxisAsWorkedByHand() {
        List<double[]> faces = new ArrayList<>();
        for (double[] f : BoardCards.TRUE_FACES) {
            faces.add(new double[] {f[0] > 0 ? 9.95 : f[0] < 0 ? -9.71 : 0.12, G * f[1], G * f[2]});
        }
        Fits.Accelerometer fit = Fits.sixFaces(faces, G);
        assertEquals(0.12, fit.bias()[0], 1e-9);
        assertEquals(1.0024, fit.scale()[0], 1e-4);
        assertEquals(0, fit.residual(), 1e-9);
    }

    /** A planted accelerometer comes back out of 12 noisy poses: nine terms against synthetic truth. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void anAccelerometerIsFittedOnNoisyPoses(long seed) {
        Random dice = new Random(seed);
        double[] bias = {dice.nextDouble() - 0.5, dice.nextDouble() - 0.5, dice.nextDouble() - 0.5};
        double[] scale = {0.96 + 0.08 * dice.nextDouble(), 0.96 + 0.08 * dice.nextDouble(), 0.97};
        double[] cross = {0.02, -0.015, 0.01};
        List<double[]> poses = new ArrayList<>();
        List<double[]> truth = new ArrayList<>(List.of(BoardCards.TRUE_FACES));
        truth.addAll(List.of(BoardCards.TRUE_EDGES));
        for (double[] f : truth) {
            // the inverse of what the fit takes out
            double z = G * f[2];
            double y = G * f[1] + cross[2] * z;
            double x = G * f[0] + cross[0] * y + cross[1] * z;
            poses.add(new double[] {
                x * scale[0] + bias[0] + 0.01 * dice.nextGaussian(),
                y * scale[1] + bias[1] + 0.01 * dice.nextGaussian(),
                z * scale[2] + bias[2] + 0.01 * dice.nextGaussian()
            });
        }
        Fits.Accelerometer fit = Fits.accelerometer(poses, G);
        assertArrayEquals(bias, fit.bias(), 0.03);
        assertArrayEquals(scale, fit.scale(), 0.003);
        assertArrayEquals(cross, fit.cross(), 0.006);
        assertTrue(fit.residual() < 0.03);
    }

    /** BENCH-A6 of the catalogue: N +4, E +6, S −2, W −4: A 1, B 5, C 3 °. */
    @Test
    void theCompassAsWorkedByHand() {
        double d = Math.toRadians(1);
        Fits.Deviation four = Fits.compass(
                new double[] {0, Math.PI / 2, Math.PI, 3 * Math.PI / 2}, new double[] {4 * d, 6 * d, -2 * d, -4 * d});
        assertEquals(1, Math.toDegrees(four.a()), 1e-9);
        assertEquals(5, Math.toDegrees(four.b()), 1e-9);
        assertEquals(3, Math.toDegrees(four.c()), 1e-9);
        assertEquals(1 + Math.hypot(5, 3), Math.toDegrees(four.largest()), 0.01);
    }

    @Test
    void theCompassIsFittedOnNoisyHeadings() {
        Random dice = new Random(9);
        double[] headings = new double[16];
        double[] errors = new double[16];
        for (int i = 0; i < 16; i++) {
            double h = i * Math.PI / 8;
            headings[i] = h;
            errors[i] = 0.02
                    + 0.1 * Math.sin(h)
                    - 0.05 * Math.cos(h)
                    + 0.03 * Math.sin(2 * h)
                    - 0.01 * Math.cos(2 * h)
                    + 0.003 * dice.nextGaussian();
        }
        Fits.Deviation fit = Fits.compass(headings, errors);
        assertArrayEquals(
                new double[] {0.02, 0.1, -0.05, 0.03, -0.01},
                new double[] {fit.a(), fit.b(), fit.c(), fit.d(), fit.e()},
                0.003);
        assertEquals(0.003, fit.residual(), 0.002);
    }

    /** THROWS-A3 of the catalogue: roll +1: +204 and −198, pitch +1: −201 and −203 µs: an elevon pair at 40 %. */
    @Test
    void theMatrixOfAnElevonPair() {
        double[][] sticks = new double[12][];
        double[] left = new double[12];
        for (int i = 0; i < 12; i++) {
            double[] s = RadioCards.SAMPLES[i];
            sticks[i] = new double[] {s[0], s[1], s[2]};
            left[i] = 1496 + 204 * s[0] - 201 * s[1];
        }
        Fits.Linear fit = Fits.linear(sticks, left);
        assertEquals(1496, fit.offset(), 1e-6);
        assertArrayEquals(new double[] {204, -201, 0}, fit.shares(), 1e-6);
        assertThrows(IllegalArgumentException.class, () -> Fits.linear(new double[12][3], left), "nothing moved");
    }

    @Test
    void whoMixesIsTold() {
        Setup twice = WING.withControls(WING.controls().withRadio(Optional.of(RadioSide.USUAL.mixing(true))));
        assertTrue(
                wrongOf(
                                CardId.STICK_TO_OUTPUT,
                                StandInAnswers.to(CardId.STICK_TO_OUTPUT, WING, RealThing.sound(twice), 1))
                        .stream()
                        .anyMatch(s -> s.startsWith("Mixed twice")));
        Setup nobody = WING.withControls(WING.controls()
                .change(
                        app.drachen.core.controls.Surface.LEFT_ELEVON,
                        o -> o.withMix(new app.drachen.core.controls.MixRow(0.9, 0, 0, 0)))
                .change(
                        app.drachen.core.controls.Surface.RIGHT_ELEVON,
                        o -> o.withMix(new app.drachen.core.controls.MixRow(0, -0.9, 0, 0))));
        assertTrue(
                wrongOf(
                                CardId.STICK_TO_OUTPUT,
                                StandInAnswers.to(CardId.STICK_TO_OUTPUT, WING, RealThing.sound(nobody), 1))
                        .stream()
                        .anyMatch(s -> s.startsWith("Nobody mixes")));
        // an end reached early is neither
        Setup ends = WING.withControls(
                WING.controls().change(app.drachen.core.controls.Surface.LEFT_ELEVON, o -> o.withTravel(1440, 1552)));
        List<String> said = wrongOf(
                CardId.STICK_TO_OUTPUT, StandInAnswers.to(CardId.STICK_TO_OUTPUT, WING, RealThing.sound(ends), 1));
        assertTrue(said.stream().anyMatch(s -> s.contains("does not follow evenly")), said.toString());
        assertFalse(said.stream().anyMatch(s -> s.startsWith("Mixed twice")), said.toString());
    }

    /** What the horizon of the board that lives shows is what the card's table says, for each turn. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void aTurnedBoardIsNamed(int turns) {
        Setup turned = WING.withMount(new BoardMount(turns, 0, 0, 0));
        Map<String, Double> given = StandInAnswers.to(CardId.ROTATION, WING, RealThing.sound(turned), 1);
        assertEquals(BoardCards.shown(turns, true), given.get("right").intValue());
        assertEquals(BoardCards.shown(turns, false), given.get("down").intValue());
        List<String> said = wrongOf(CardId.ROTATION, given);
        assertEquals(turns == 0, said.isEmpty());
        assertTrue(turns == 0 || said.stream().anyMatch(s -> s.contains(90 * turns + "°")), said.toString());
    }

    /** Each card's sentences, fed what must fail. */
    @Test
    void whatIsWrongIsNamed() {
        assertTrue(wrong(CardId.CHANNEL_ORDER, "power", Axis.ROLL.ordinal())
                .contains("The power stick moves: must be power; it is roll."));
        assertEquals(1, wrong(CardId.END_POINTS, "roll high", 1947).size());
        assertEquals(0, wrong(CardId.END_POINTS, "roll high", 1986).size());
        assertEquals(1, wrong(CardId.END_POINTS, "pitch middle", 1508).size());
        assertTrue(wrong(CardId.CENTRES_AND_THROWS, "left-elevon up", 0.35).stream()
                .anyMatch(s -> s.contains("clevis and arm first")));
        assertTrue(wrong(CardId.SIX_FACES, "right wing down y", -8.5).stream().anyMatch(s -> s.contains("left over")));
        assertEquals(1, wrong(CardId.LEVEL, "pitch", Math.toRadians(2.5)).size());
        assertTrue(wrong(CardId.READ_BACK, "place 6", FlightMode.MANUAL.ordinal())
                .contains("Position 6 gives: must be Home; it is Manual."));
        assertEquals(1, wrong(CardId.ARMING, "power up", 1).size());
        assertEquals(1, wrong(CardId.LOSS_OF_LINK, "disarmed", 1).size());
        assertTrue(wrong(CardId.RANGE_WALK, "running", 35).stream().anyMatch(s -> s.contains("30 %")));
        assertTrue(wrong(CardId.HOME_HEIGHT, "height", 24).stream().anyMatch(s -> s.contains("feet")));
        assertTrue(wrong(CardId.HOME_HEIGHT, "height", 112).stream().noneMatch(s -> s.contains("feet")));
        assertEquals(1, wrong(CardId.PREFLIGHT, "sender", 7 * 60).size());
        assertEquals(1, wrong(CardId.PREFLIGHT, "stabilising", 1).size(), "against the tilt, in any launch mode");
        assertEquals(0, wrong(CardId.PREFLIGHT, "stabilising", 2).size(), "launched in Manual it may be passed over");
    }

    /** BENCH-A4 of the catalogue: 40 m at −30 dB: 1 265 m; the nearer walk counts. */
    @Test
    void theWalkAsWorkedByHand() {
        assertEquals(1265, RadioCards.fullRange(Map.of("reduced", 30.0, "distance", 40.0, "running", 44.0)), 0.5);
        assertEquals(
                List.of(), RadioCards.walk(Map.of("reduced", 30.0, "distance", 40.0)), "not before it is complete");
    }

    /** BENCH-A8: nothing comes before what has to be right first, and every card is there once. */
    @Test
    void theOrderKeepsWhatHasToBeRightFirst() {
        List<CardId> order = BenchCards.of(WING).stream().map(BenchCard::id).toList();
        assertEquals(order.size(), order.stream().distinct().count());
        for (CardId id : order) {
            for (CardId before : id.after()) {
                assertTrue(
                        !order.contains(before) || order.indexOf(before) < order.indexOf(id), id + " after " + before);
            }
        }
        assertFalse(order.contains(CardId.HAND_OVER), "no console");
        assertEquals(Optional.empty(), BenchCards.card(CardId.HAND_OVER, WING));
    }

    @Test
    void anIncompleteCardIsNeitherRightNorWrong() {
        BenchCard walk = card(CardId.RANGE_WALK);
        assertFalse(walk.passed(Map.of("reduced", 30.0)));
        assertEquals(List.of(), walk.wrong(Map.of("reduced", 30.0)));
        assertEquals("1 of 3 answers", walk.progress(Map.of("reduced", 30.0)));
        assertThrows(
                IllegalArgumentException.class,
                () -> walk.reading("distance").orElseThrow().checked(-1));
    }
}
