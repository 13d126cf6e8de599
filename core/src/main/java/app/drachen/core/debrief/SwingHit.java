package app.drachen.core.debrief;

import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A line of one window.
 *
 * @param column what swings
 * @param mode in which mode
 * @param from beginning of the window [s]
 * @param to its end [s]
 * @param frequency [Hz]
 * @param amplitude [SI unit of the column]
 * @param evidence power over that of gusts [-]
 * @param needed what evidence was asked for [-]
 * @param speed mean airspeed [m/s]
 */
record SwingHit(
        LogColumn column,
        Optional<FlightMode> mode,
        double from,
        double to,
        double frequency,
        double amplitude,
        double evidence,
        double needed,
        double speed) {
    /** Hits of one swing in several windows are one swing. */
    static List<Swing> told(List<SwingHit> hits, Sampled samples, double cycles, double alone) {
        List<List<SwingHit>> groups = new ArrayList<>();
        List<SwingHit> inOrder = new ArrayList<>(hits);
        inOrder.sort(Comparator.comparingDouble((SwingHit h) -> -h.evidence()));
        for (SwingHit hit : inOrder) {
            Optional<List<SwingHit>> group =
                    groups.stream().filter(g -> belongs(g, hit)).findFirst();
            group.ifPresentOrElse(g -> g.add(hit), () -> groups.add(new ArrayList<>(List.of(hit))));
        }
        join(groups);
        List<Swing> swings = new ArrayList<>();
        for (List<SwingHit> group : groups) {
            Swing swing = swing(group, samples);
            SwingHit best = group.get(0);
            boolean clear = group.size() > 1 || best.evidence() >= alone * best.needed();
            if (clear && (swing.to() - swing.from()) * swing.frequency() >= cycles) {
                swings.add(swing);
            }
        }
        // what is hidden hides nothing itself
        swings.sort(Comparator.comparingInt((Swing s) -> rank(s.column())).thenComparing(s -> -size(s)));
        List<Swing> seen = new ArrayList<>();
        for (Swing swing : swings) {
            if (seen.stream().noneMatch(o -> shadows(o, swing))) {
                seen.add(swing);
            }
        }
        return seen;
    }

    /** Groups that were begun apart and touch now are one. */
    private static void join(List<List<SwingHit>> groups) {
        for (int i = 0; i < groups.size(); i++) {
            for (int j = groups.size() - 1; j > i; j--) {
                List<SwingHit> one = groups.get(i);
                if (groups.get(j).stream().anyMatch(h -> belongs(one, h))) {
                    one.addAll(groups.remove(j));
                    j = groups.size();
                }
            }
        }
    }

    private static boolean belongs(List<SwingHit> group, SwingHit hit) {
        SwingHit best = group.get(0);
        if (best.column() != hit.column() || !best.mode().equals(hit.mode())) {
            return false;
        }
        boolean near = group.stream()
                .anyMatch(h -> hit.from() <= h.to() + 0.5 * (h.to() - h.from())
                        && hit.to() >= h.from() - 0.5 * (h.to() - h.from()));
        return near && Math.abs(Math.log(hit.frequency() / best.frequency())) < 0.22;
    }

    /** The axis a column shows. */
    static LogColumn axis(LogColumn column) {
        return switch (column) {
            case ROLL_RATE, YAW_RATE -> LogColumn.ROLL;
            case PITCH_RATE, HEIGHT, POWER -> LogColumn.PITCH;
            default -> column;
        };
    }

    /**
     * Whether a swing is the same as one of a column that stands before its own, or a larger one. What swings about one axis
     * at one frequency is one swing; and what is quicker
     * and much smaller beside it belongs to its shape.
     */
    private static boolean shadows(Swing by, Swing swing) {
        boolean apart = by.from() > swing.to() || by.to() < swing.from();
        if (apart || axis(by.column()) != axis(swing.column()) || !by.mode().equals(swing.mode())) {
            return false;
        }
        double ratio = swing.frequency() / by.frequency();
        boolean same = Math.abs(Math.log(ratio)) < 0.22;
        boolean shown = by.column() == swing.column() || rank(by.column()) == 0;
        boolean shape = shown && ratio > 1.5 && size(swing) < 0.25 * size(by);
        return same || shape;
    }

    /** Size against what counts. */
    private static double size(Swing swing) {
        return swing.amplitude() / Swing.limit(swing.column());
    }

    /** Angles before rates, attitude before height and power. */
    private static int rank(LogColumn column) {
        return switch (column) {
            case ROLL, PITCH -> 0;
            case HEIGHT -> 1;
            case ROLL_RATE, PITCH_RATE -> 2;
            default -> 3;
        };
    }

    private static Swing swing(List<SwingHit> group, Sampled samples) {
        SwingHit best = group.get(0);
        double from = group.stream().mapToDouble(SwingHit::from).min().orElseThrow();
        double to = group.stream().mapToDouble(SwingHit::to).max().orElseThrow();
        double amplitude = group.stream().mapToDouble(SwingHit::amplitude).max().orElseThrow();
        double[] envelope = envelope(best, from, to, samples);
        double speed = group.stream().mapToDouble(SwingHit::speed).average().orElse(Double.NaN);
        return new Swing(
                best.column(),
                best.mode(),
                from,
                to,
                best.frequency(),
                Math.max(amplitude, envelope[1]),
                envelope[0],
                speed,
                best.evidence(),
                List.of());
    }

    /** Growth [1/s] and greatest size of a line, from pieces of two swings each. */
    private static double[] envelope(SwingHit best, double from, double to, Sampled samples) {
        Grid grid = samples.grid(best.column());
        double piece = 2 / best.frequency();
        List<double[]> sizes = new ArrayList<>();
        double greatest = 0;
        int most = (int) Math.max(2, Math.min(60, Math.floor((to - from) / piece)));
        for (int i = 0; i < most; i++) {
            double at = from + (to - from - piece) * i / Math.max(1, most - 1);
            double size = Fit.amplitude(grid, at, at + piece, best.frequency());
            if (size > 0) {
                sizes.add(new double[] {at + piece / 2, Math.log(size)});
                greatest = Math.max(greatest, size);
            }
        }
        return new double[] {Fit.line(sizes).slope(), Math.min(greatest, 1.6 * best.amplitude())};
    }
}
