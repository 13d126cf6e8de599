package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.MadeLog.Manner;
import app.drachen.core.debrief.MadeLog.Planted;
import app.drachen.core.debrief.checks.SwingCheck;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Hundreds of logs whose swings are known, at 5 to 100 rows a second: no swing is claimed that is not there, and none is
 * missed that is larger than what the debrief says it would have seen.
 */
class SwingTruthTest {
    private static final double[] RATES = {5, 10, 25, 50, 100};
    /** A few in the suite, many by {@code drachen trials}. */
    private static final int EACH = Boolean.getBoolean("drachen.trials") ? 144 : 24;

    private record Count(int logs, int planted, int seen, int small, int missed, int wrong) {
        Count and(Count o) {
            return new Count(
                    logs + o.logs,
                    planted + o.planted,
                    seen + o.seen,
                    small + o.small,
                    missed + o.missed,
                    wrong + o.wrong);
        }
    }

    private final List<String> faults = new ArrayList<>();

    private static double between(Random random, double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    private Count one(long seed, double rate) {
        Random random = new Random(seed);
        int kind = (int) (seed % 6);
        Manner manner = new Manner(
                rate,
                random.nextInt(4) == 0 ? Math.max(4, rate / 2) : rate,
                Math.toRadians(List.of(0.01, 0.1, 0.5, 1.0).get(random.nextInt(4))),
                true,
                random.nextBoolean(),
                List.of(0.3, 1.0, 2.0).get(random.nextInt(3)));
        double seconds = 120;
        List<Planted> planted = new ArrayList<>();
        double sampled = Math.min(rate, manner.held());
        int swings = kind < 2 ? 0 : kind == 5 ? 2 : 1;
        for (int i = 0; i < swings; i++) {
            LogColumn column =
                    List.of(LogColumn.ROLL, LogColumn.PITCH, LogColumn.HEIGHT).get((random.nextInt(3) + i) % 3);
            double hertz = column == LogColumn.HEIGHT
                    ? between(random, 0.1, 0.5)
                    : between(random, 0.3, Math.min(8, 0.33 * sampled));
            double size = Swing.limit(column) * between(random, 0.5, 5);
            double lasts = Math.min(80, Math.max(5, 6 / hertz) * between(random, 1, 6));
            double from = 10 + random.nextDouble() * (seconds - 20 - lasts);
            double growth = kind == 4 ? (random.nextBoolean() ? 1 : -1) * 0.8 / lasts : 0;
            planted.add(new Planted(column, from, from + lasts, hertz, size, growth));
        }
        // the pilot turns, now and then to and fro in a rhythm
        double wave = kind == 1 ? between(random, 0.15, 0.6) : 0.01;
        double turn = random.nextDouble() * 0.6;
        FlightLog log = new MadeLog(seed, seconds, manner)
                .log(
                        FlightMode.LEVEL,
                        t -> wave > 0.1 && t > 30 && t < 60 ? 0.4 * Math.sin(2 * Math.PI * wave * t) : 0,
                        t -> (t > 70 && t < 85 ? turn * Math.min(1, Math.min(t - 70, 85 - t)) : 0)
                                + (wave > 0.1 && t > 30.4 && t < 60.4
                                        ? 0.25 * Math.sin(2 * Math.PI * wave * (t - 0.4))
                                        : 0),
                        planted);
        Swings told = SwingSearch.of(log, Segments.of(log), Airborne.of(log));
        int seen = 0;
        int small = 0;
        int missed = 0;
        for (Planted p : planted) {
            boolean found = told.found().stream().anyMatch(s -> matches(s, p));
            double least = told.examined().stream()
                    .filter(e -> e.column() == p.column())
                    .flatMap(e -> e.reaches().stream())
                    .filter(r -> r.low() <= p.hertz() && p.hertz() <= r.high() && 1.5 * r.length() <= p.to() - p.from())
                    .mapToDouble(Swings.Reach::least)
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
            boolean large = p.greatest() >= 1.25 * least;
            seen += found ? 1 : 0;
            small += !found && !large ? 1 : 0;
            missed += !found && large ? 1 : 0;
            if (!found && large) {
                faults.add(String.format(Locale.ROOT, "missed %s in %d, %s, least %.3f", p, seed, manner, least));
            }
        }
        int wrong = 0;
        for (Swing s : told.found()) {
            if (planted.stream().noneMatch(p -> matches(s, p))) {
                wrong++;
                faults.add(String.format(
                        Locale.ROOT,
                        "wrong %s %.2f Hz ±%.3f, %.0f to %.0f s, evidence %.0f, in %d, kind %d, wave %.2f, %s, planted %s",
                        s.column(),
                        s.frequency(),
                        s.amplitude(),
                        s.from(),
                        s.to(),
                        s.evidence(),
                        seed,
                        kind,
                        wave,
                        manner,
                        planted));
            }
        }
        return new Count(1, planted.size(), seen, small, missed, wrong);
    }

    private static boolean matches(Swing s, Planted p) {
        boolean column = s.column() == p.column() || p.column() == LogColumn.ROLL && s.column() == LogColumn.ROLL_RATE;
        return column && Math.abs(Math.log(s.frequency() / p.hertz())) < 0.2 && s.from() < p.to() && s.to() > p.from();
    }

    /** Without sticks in the log a slow swing may be the pilot's hand: no all-clear, and no blame; a quick one is no hand. */
    @Test
    void withoutSticksSlowSwingsAreNeitherClaimedNorExcluded() {
        Manner manner = new Manner(25, 25, Math.toRadians(0.1), false, false, 0.3);
        for (double hertz : new double[] {0.6, 4}) {
            List<Planted> planted = List.of(new Planted(LogColumn.ROLL, 30, 90, hertz, Math.toRadians(8), 0));
            FlightLog log = new MadeLog(3, 120, manner).log(FlightMode.LEVEL, t -> 0, t -> 0, planted);
            Flown flown = Flown.of(log, Optional.empty(), 1.225, Optional.empty());
            Finding finding = new SwingCheck().findings(flown).get(0);
            assertEquals(hertz > 1.5 ? State.STOP : State.OPEN, finding.state(), finding.toString());
            assertTrue(hertz > 1.5 || finding.detail().contains("the pilot's hand"), finding.detail());
            assertTrue(
                    flown.swings().examined().stream()
                            .filter(e -> e.column() == LogColumn.ROLL)
                            .allMatch(e -> e.lowest() >= 1.5),
                    "what was not looked at was not examined");
        }
    }

    /** A vehicle shakes as it likes: it is not in the air. */
    @Test
    void onTheGroundNothingSwings() {
        FlightLog.Builder log =
                new FlightLog.Builder(java.util.EnumSet.of(LogColumn.ROLL, LogColumn.HEIGHT, LogColumn.GROUND_SPEED));
        for (double t = 0; t < 60; t += 0.04) {
            log.row(t);
            log.put(LogColumn.ROLL, 0.2 * Math.sin(2 * Math.PI * 3 * t))
                    .put(LogColumn.HEIGHT, 100)
                    .put(LogColumn.GROUND_SPEED, 8 + Math.sin(t));
        }
        Flown flown = Flown.of(log.build(), Optional.empty(), 1.225, Optional.empty());
        assertEquals(List.of(), flown.swings().found());
        assertEquals(State.OPEN, new SwingCheck().findings(flown).get(0).state());
    }

    @Test
    void nothingIsClaimedThatIsNotThereAndNothingLargeIsMissed() {
        Map<Double, Count> table = new LinkedHashMap<>();
        for (double rate : RATES) {
            Count sum = new Count(0, 0, 0, 0, 0, 0);
            for (int i = 0; i < EACH; i++) {
                sum = sum.and(one(1_000 * (long) rate + i, rate));
            }
            table.put(rate, sum);
        }
        table.forEach((rate, c) -> System.out.println("  swings at " + rate + " Hz: " + c));
        faults.forEach(f -> System.out.println("  fault " + f));
        int wrong = table.values().stream().mapToInt(Count::wrong).sum();
        int missed = table.values().stream().mapToInt(Count::missed).sum();
        assertEquals(0, wrong, "claimed and not there: " + faults);
        assertEquals(0, missed, "missed though large: " + faults);
        assertTrue(table.values().stream().mapToInt(Count::seen).sum() > EACH);
    }
}
