package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.Lost.What;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Links, positions, airspeeds and rows lost in closed-form flights, logged in several ways: found again, and nothing else. */
class LossTruthTest {
    /** What is planted, and in which columns it shows. */
    private enum Planted {
        NOTHING(Optional.empty()),
        LINK_QUALITY(Optional.of(What.LINK)),
        LINK_STRENGTH(Optional.of(What.LINK)),
        FIX_FLAG(Optional.of(What.POSITION)),
        FEW_SATELLITES(Optional.of(What.POSITION)),
        FROZEN_PLACE(Optional.of(What.POSITION)),
        NO_PLACE(Optional.of(What.POSITION)),
        PITOT_STUCK(Optional.of(What.AIRSPEED)),
        PITOT_ZERO(Optional.of(What.AIRSPEED)),
        NO_ROWS(Optional.of(What.ROWS));

        private final Optional<What> what;

        Planted(Optional<What> what) {
            this.what = what;
        }
    }

    /** Circles of 14 s in a wind of 4 m/s, speed going up and down, 10 s on the ground before and after. */
    private static FlightLog made(Planted planted, double from, double to, double rate, boolean slow, Random random) {
        Set<LogColumn> columns = EnumSet.of(
                LogColumn.NORTH,
                LogColumn.EAST,
                LogColumn.HEIGHT,
                LogColumn.GROUND_SPEED,
                LogColumn.COURSE,
                LogColumn.ROLL,
                LogColumn.AIRSPEED);
        if (planted == Planted.LINK_QUALITY || planted == Planted.NOTHING) {
            columns.add(LogColumn.LINK);
        }
        if (planted == Planted.LINK_STRENGTH) {
            columns.add(LogColumn.STRENGTH);
        }
        if (planted == Planted.FIX_FLAG || planted == Planted.NOTHING) {
            columns.add(LogColumn.FIX);
        }
        if (planted == Planted.FEW_SATELLITES) {
            columns.add(LogColumn.SATELLITES);
        }
        FlightLog.Builder log = new FlightLog.Builder(columns);
        double wind = 4;
        double north = 0;
        double east = 0;
        double stuck = Double.NaN;
        double lastNorth = 0;
        double lastEast = 0;
        double step = 1 / rate;
        boolean types = random.nextBoolean();
        for (double t = 0; t < 120; t += step) {
            boolean flies = t >= 10 && t < 110;
            boolean gone = t >= from && t < to;
            double through = flies ? 15 + 2 * Math.sin(t / 6) : 0;
            double heading = 2 * Math.PI * t / 14;
            double vn = flies ? through * Math.cos(heading) + wind : 0;
            double ve = flies ? through * Math.sin(heading) : 0;
            north += vn * step;
            east += ve * step;
            if (planted == Planted.NO_ROWS && gone) {
                continue;
            }
            // half of the loggers get a place only once a second
            boolean between = slow && Math.floor(t) == Math.floor(t - step);
            boolean held = between || planted == Planted.FROZEN_PLACE && gone;
            lastNorth = held ? lastNorth : Math.rint(100 * north) / 100;
            lastEast = held ? lastEast : Math.rint(100 * east) / 100;
            boolean none = planted == Planted.NO_PLACE && gone;
            double pitot = through + 0.4 * random.nextGaussian();
            stuck = gone ? (Double.isNaN(stuck) ? 7 : stuck) : Double.NaN;
            double reads = planted == Planted.PITOT_STUCK && gone
                    ? stuck
                    : planted == Planted.PITOT_ZERO && gone ? 0 : Math.max(0, pitot);
            log.row(t);
            log.put(LogColumn.NORTH, none ? Double.NaN : lastNorth)
                    .put(LogColumn.EAST, none ? Double.NaN : lastEast)
                    .put(LogColumn.HEIGHT, 240 + (flies ? 40 * Math.min(1, Math.min(t - 10, 110 - t) / 8) : 0))
                    .put(LogColumn.GROUND_SPEED, Math.hypot(vn, ve) + 0.1 * random.nextGaussian())
                    .put(LogColumn.COURSE, Math.atan2(ve, vn) + 0.02 * random.nextGaussian())
                    .put(LogColumn.ROLL, 0.1)
                    .put(LogColumn.AIRSPEED, Math.rint(10 * reads) / 10)
                    .put(LogColumn.LINK, planted == Planted.LINK_QUALITY && gone ? 0 : 0.6 + 0.4 * random.nextDouble())
                    .put(LogColumn.FIX, planted == Planted.FIX_FLAG && gone ? (types ? 1 : 0) : types ? 3 : 1)
                    .put(LogColumn.SATELLITES, planted == Planted.FEW_SATELLITES && gone ? 3 : 14)
                    .put(
                            LogColumn.STRENGTH,
                            gone ? Double.NaN : Math.rint(-60 - 10 * Math.sin(t / 20) + random.nextGaussian()));
        }
        return log.build();
    }

    @Test
    void whatWasLostIsFoundAndNothingElse() {
        Random random = new Random(11);
        List<String> faults = new ArrayList<>();
        int tried = 0;
        for (Planted planted : Planted.values()) {
            for (double rate : new double[] {2, 5, 10, 25, 50}) {
                for (int k = 0; k < 6; k++) {
                    double from = 30 + 40 * random.nextDouble();
                    double to = from + 6 + 20 * random.nextDouble();
                    FlightLog log = made(planted, from, to, rate, k % 2 == 1, random);
                    Map<What, List<Lost>> told = Flown.of(log, Optional.empty(), 1.225, Optional.empty())
                            .lost();
                    String label = planted + " at " + rate + " Hz, " + from + " to " + to + ": " + told;
                    List<Lost> all =
                            told.values().stream().flatMap(List::stream).toList();
                    boolean wrong = all.stream()
                            .anyMatch(
                                    l -> planted.what.filter(w -> w == l.what()).isEmpty());
                    boolean missed = planted.what.isPresent() && all.isEmpty();
                    boolean placed = all.stream()
                            .allMatch(l -> Math.abs(l.span().from() - from) < 2.5
                                    && Math.abs(l.span().to() - to) < 2.5);
                    if (wrong || missed || !placed) {
                        faults.add(label);
                    }
                    tried++;
                }
            }
        }
        assertEquals(300, tried);
        assertEquals(List.of(), faults);
    }

    /** What the log cannot tell is not among what was looked at. */
    @Test
    void whatCannotBeToldIsNotCalledKept() {
        FlightLog log = made(Planted.PITOT_ZERO, 200, 201, 10, false, new Random(1));
        Map<What, List<Lost>> told =
                Flown.of(log, Optional.empty(), 1.225, Optional.empty()).lost();
        assertEquals(Set.of(What.POSITION, What.AIRSPEED, What.ROWS), told.keySet(), "no column of the link");
        FlightLog.Builder heights = new FlightLog.Builder(Set.of(LogColumn.HEIGHT, LogColumn.GROUND_SPEED));
        for (int i = 0; i < 600; i++) {
            heights.row(i * 0.1);
            heights.put(LogColumn.HEIGHT, Math.min(40, i * 0.2)).put(LogColumn.GROUND_SPEED, 14);
        }
        told = Flown.of(heights.build(), Optional.empty(), 1.225, Optional.empty())
                .lost();
        assertEquals(Set.of(What.ROWS), told.keySet());
        assertTrue(told.get(What.ROWS).isEmpty());
    }
}
