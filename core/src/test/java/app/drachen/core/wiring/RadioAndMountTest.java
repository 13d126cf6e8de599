package app.drachen.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Position;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Radio.Use;
import app.drachen.core.harness.Settings;
import app.drachen.core.wiring.BoardRotation.RightAngle;
import app.drachen.core.wiring.BoardRotation.Tilt;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Radios against each other, the board's turn, and copies of its values. */
class RadioAndMountTest {
    private static Radio radio(String name, Use use, double low, double high, double watts, double right) {
        return new Radio(name, use, low * 1e6, high * 1e6, watts, true, new Position(0.3, right, 0), 0, 0, false);
    }

    /** ITU-R P.525: 0.50 m at 868 MHz are 25.2 dB, so 25 mW arrive with −11 dBm; half tilted 3.0 dB less. */
    @Test
    void levelAtANeighboursAerial() {
        Radio sender = radio("a", Use.CONTROL, 868, 868, 0.025, 0);
        Radio receiver = radio("b", Use.POSITION, 1575, 1576, 0, 0.5);
        Pairs.Pair pair = Pairs.of(List.of(sender, receiver)).pairs().get(0);
        assertEquals(25.2, pair.isolation(), 0.05);
        assertEquals(-11.2, pair.level(), 0.1);
        assertEquals(3.0, Pairs.polarisation(Math.PI / 4), 0.02);
        double apart = Pairs.apart(sender, 0);
        assertEquals(Pairs.BLOCKS, sender.level() - Pairs.isolation(868e6, apart), 1e-9);
        assertEquals(0, Pairs.isolation(433e6, 0.01), 0, "aerials never add power");
    }

    /** Classic clashes by arithmetic: 315.0–315.2 ×5 on 1575.42; 433.05–434.79 ×3 on 1300; 868.3 and 869.5 give 870.7 and 867.1. */
    @Test
    void productsThatFallIntoABand() {
        Radio satellites = radio("s", Use.POSITION, 1574.4, 1576.4, 0, 0.5);
        Radio telemetry = radio("t", Use.TELEMETRY, 315.0, 315.2, 0.005, 0);
        assertEquals("5th harmonic", hits(List.of(telemetry, satellites)));
        assertEquals("", hits(List.of(telemetry.shifted(-0.6e6), satellites)));
        assertEquals(
                "3rd harmonic",
                hits(List.of(
                        radio("u", Use.CONTROL, 433.05, 434.79, 0.01, 0),
                        radio("v", Use.PICTURE, 1_295, 1_305, 0, 0.5))));
        List<Radio> three = List.of(
                radio("a", Use.CONTROL, 868.3, 868.3, 0.025, 0),
                radio("b", Use.TELEMETRY, 869.5, 869.5, 0.025, 0.3),
                radio("c", Use.TELEMETRY, 870.6, 870.8, 0, 0.6));
        assertEquals("third order with a", hits(three));
    }

    private static String hits(List<Radio> radios) {
        Set<String> words = new HashSet<>();
        Pairs.of(radios).pairs().forEach(p -> p.hits().forEach(h -> words.add(h.words())));
        return String.join(", ", words);
    }

    @Test
    void aShiftedBandIsClearAndNoNearerOneWouldBe() {
        Radio satellites = radio("s", Use.POSITION, 1574.4, 1576.4, 0, 0.5);
        Radio telemetry = radio("t", Use.TELEMETRY, 315.0, 315.2, 0.005, 0);
        double by = Pairs.clearing(List.of(telemetry, satellites), telemetry, 0).orElseThrow();
        for (double shift = 0; shift <= 1e6; shift += 1e5) {
            boolean clear = hits(List.of(telemetry.shifted(shift), satellites)).isEmpty()
                    || hits(List.of(telemetry.shifted(-shift), satellites)).isEmpty();
            assertEquals(shift >= Math.abs(by) - 1, clear, "at " + shift);
        }
    }

    private static List<Tilt> shown(double[][] bodyFromBoard, double noise, Random random) {
        List<Tilt> tilts = new ArrayList<>();
        for (double[] tilt : new double[][] {{0, 0}, {0, 0.5}, {0.5, 0}}) {
            double[] g = BoardRotation.gravity(tilt[0], tilt[1]);
            double[] b = new double[3];
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    b[i] += bodyFromBoard[j][i] * g[j];
                }
            }
            double pitch = Math.asin(Math.max(-1, Math.min(1, -b[0])));
            tilts.add(new Tilt(
                    tilt[0],
                    tilt[1],
                    Math.atan2(b[1], b[2]) + noise * random.nextGaussian(),
                    pitch + noise * random.nextGaussian()));
        }
        return tilts;
    }

    @Test
    void all24RightAngleTurnsAreRecovered() {
        Set<String> different = new HashSet<>();
        for (RightAngle turn : BoardRotation.all()) {
            BoardRotation found = BoardRotation.of(shown(turn.matrix(), 0, new Random(1)));
            assertEquals(turn, found.nearest(), turn.words());
            assertEquals(0, found.rest(), 1e-6);
            StringBuilder text = new StringBuilder();
            for (double[] row : turn.matrix()) {
                for (double x : row) {
                    text.append(Math.round(x)).append(' ');
                }
            }
            different.add(text.toString());
        }
        assertEquals(24, different.size(), "no two are the same");
    }

    @Test
    void aFreeYawIsRecoveredThroughNoise() {
        Random random = new Random(7);
        for (double yaw = -3.1; yaw < 3.1; yaw += 0.3) {
            BoardRotation found = BoardRotation.of(shown(BoardRotation.rotation(yaw, 0, 0), 0.02, random));
            double off = Math.IEEEremainder(found.yaw() - yaw, 2 * Math.PI);
            // three tilts of 0.5 rad with 0.02 rad of noise each turn it by some 0.02/0.5·√2
            assertEquals(0, off, 0.12, "yaw " + yaw);
            assertTrue(found.misfit() < 0.06);
        }
        assertThrows(
                IllegalArgumentException.class,
                () -> BoardRotation.of(List.of(new Tilt(0, 0, 0, 0), new Tilt(0, 0.01, 0, 0.01))));
    }

    @Test
    void copiesOfValuesAreReadWrittenAndCompared() {
        SettingsDifference.Read read = SettingsDifference.read(
                "# version 3.2\n# day 2026-05-12\nreturn_height 60\nroll_gain = 0.30\nname, grey one\nlonely\nroll_gain 0.30\n");
        assertEquals("3.2", read.settings().version());
        assertEquals(3, read.settings().values().size());
        assertEquals(
                List.of(6, 7),
                read.skipped().stream().map(SettingsDifference.Skipped::line).toList());
        Settings again = SettingsDifference.read(SettingsDifference.write(read.settings()))
                .settings();
        assertEquals(read.settings(), again);
        Settings after = SettingsDifference.read("return_height 90\nroll_gain 0.3\nnew_thing 1")
                .settings();
        List<SettingsDifference.Change> changes = SettingsDifference.between(read.settings(), after);
        assertEquals(
                List.of("return_height: 60 → 90", "new_thing: not there → 1", "name: grey one → gone"),
                changes.stream().map(SettingsDifference.Change::words).toList());
        assertEquals("the way home", changes.get(0).effect());
        assertEquals("", changes.get(1).effect());
        assertEquals(Optional.empty(), changes.get(1).before());
        assertFalse(SettingsDifference.read("").settings().values().iterator().hasNext());
    }
}
