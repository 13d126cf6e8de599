package app.drachen.core.debrief;

import app.drachen.core.autopilot.Helper;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Looks for swings in a flight: spectra of windows of 2 to 64 s within one mode, up to 0.4 of the sampling rate, with
 * trend, stick and wishes taken out by least squares. A line is a swing if it is too strong for the gusts that this flight
 * has on this axis, and narrow, and if it swings three times at least.
 *
 * <p>Source: spectra of windows that overlap by half, P. D. Welch 1967, tapered as by von Hann. The power of noise in a line
 * is distributed exponentially, so that among n lines the strongest exceeds ln(n/α) times the mean with a chance of α; α is
 * 1 in 1,000, and 1.9 of that is asked for, since gusts come in patches (own estimate, checked by planted swings and by
 * rough air without any).
 */
final class SwingSearch {
    private static final double[] WINDOWS = {2, 4, 8, 16, 32, 64};
    private static final double CYCLES = 3;
    private static final double MORE_CYCLES = 5;
    private static final int LEAST_SAMPLES = 24;
    /** What is seen in one window only must be so much clearer. */
    private static final double ALONE = 2;

    private static final double FINER = 14;
    private static final double HIGHEST = 20;
    /** Above this the rate shows what the angle would [Hz]. */
    private static final double SHARED = 7;
    /** Height and power follow nothing quicker [Hz]. */
    private static final double HEAVY = 3;

    private static final double CHANCE = 1e-3;
    private static final double PATCHY = 1.9;
    private static final double NARROW = 0.55;
    private static final double REST = 0.35;
    private static final double OWN = 0.4;
    /** Faster than this no thumb moves a stick [Hz]. */
    private static final double THUMB = 1.5;

    private static final List<LogColumn> LOOKED_AT = List.of(
            LogColumn.ROLL,
            LogColumn.ROLL_RATE,
            LogColumn.PITCH,
            LogColumn.PITCH_RATE,
            LogColumn.YAW_RATE,
            LogColumn.HEIGHT,
            LogColumn.POWER);

    private final FlightLog log;
    private final List<ModeSegment> segments;
    private final int first;
    private final int last;
    private final Sampled samples;
    private final Means speeds;
    private final List<Swings.Examined> examined = new ArrayList<>();
    private final List<String> untold = new ArrayList<>();

    /**
     * A window of a segment with its spectrum.
     *
     * @param mode in which mode
     * @param from beginning [s]
     * @param to end [s]
     * @param power of each line [square of the SI unit of the column]
     * @param speed mean airspeed [m/s]
     * @param commanded size of the whole movement where stick or wish moved, else 0 [SI unit of the column]
     * @param movers sticks and wishes that moved
     */
    private record Window(
            Optional<FlightMode> mode,
            double from,
            double to,
            double[] power,
            double speed,
            double commanded,
            List<Sampled.Mover> movers) {}

    private SwingSearch(FlightLog log, List<ModeSegment> segments, int first, int last) {
        this.log = log;
        this.segments = segments;
        this.first = first;
        this.last = last;
        samples = new Sampled(log, first, last);
        speeds = new Means(log, log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED);
    }

    /** Looks through the time in the air; launch and landing are left out. */
    static Swings of(FlightLog log, List<ModeSegment> segments, Optional<Airborne> airborne) {
        if (log.rows() < 20) {
            return untold("The log is too short.");
        }
        if (airborne.isEmpty() && Airborne.moves(log)) {
            return untold("Nothing of it is in the air.");
        }
        double begin = airborne.filter(a -> a.launch() > 0)
                .map(a -> log.time(a.launch()) + 2)
                .orElse(log.time(0));
        double end = airborne.filter(Airborne::down)
                .map(a -> log.time(a.landing()) - 4)
                .orElse(log.time(log.rows() - 1));
        int first = log.rowAt(begin);
        int last = Math.min(log.rows() - 1, log.rowAt(end));
        return last - first < 20
                ? untold("Nothing of it is in the air for long enough.")
                : new SwingSearch(log, segments, first, last).all();
    }

    private static Swings untold(String why) {
        return new Swings(List.of(), List.of(), List.of(why));
    }

    private Swings all() {
        // columns are looked at side by side; what they find stands in their order
        List<Looked> looked = LOOKED_AT.stream().filter(log::has).toList().parallelStream()
                .map(this::look)
                .toList();
        List<SwingHit> hits = looked.stream().flatMap(l -> l.hits().stream()).toList();
        looked.forEach(l -> examined.addAll(l.examined()));
        if (examined.isEmpty()) {
            untold.add("The log has neither attitude nor rates, or nothing in it moves.");
        }
        untold.addAll(byHand());
        List<Swing> found = new ArrayList<>();
        SwingHit.told(hits, samples, CYCLES, ALONE).forEach(swing -> found.add(swing.notIn(quiet(swing))));
        found.sort(Comparator.comparingDouble((Swing s) -> -Swings.weight(s)));
        return new Swings(found, examined, untold);
    }

    /** Modes that were flown for two swings at least and have less than four tenths of it. */
    private List<FlightMode> quiet(Swing swing) {
        Grid grid = samples.grid(swing.column());
        double two = 2 / swing.frequency();
        Map<FlightMode, Double> most = new EnumMap<>(FlightMode.class);
        for (ModeSegment segment : segments) {
            double from = Math.max(log.time(first), log.time(segment.from()) + 1);
            double to = Math.min(log.time(last), log.time(segment.to() - 1));
            for (double at = from; at + two <= to && !swing.mode().equals(Optional.of(segment.mode())); at += two / 2) {
                double size = Fit.amplitude(grid, at, at + two, swing.frequency());
                most.merge(segment.mode(), size, Math::max);
            }
        }
        return most.entrySet().stream()
                .filter(e -> e.getValue() < 0.4 * swing.amplitude())
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * A stretch of one mode, in the air.
     *
     * @param mode the mode
     * @param from beginning [s]
     * @param to end [s]
     */
    private record Stretch(Optional<FlightMode> mode, double from, double to) {}

    private List<Stretch> stretches(LogColumn column) {
        List<Stretch> stretches = new ArrayList<>();
        double begin = log.time(first);
        double end = log.time(last);
        // without a mode nobody holds the height, as far as one can tell
        if (segments.isEmpty() && column != LogColumn.HEIGHT && column != LogColumn.POWER) {
            stretches.add(new Stretch(Optional.empty(), begin, end));
        }
        for (ModeSegment segment : segments) {
            // height is asked for only where something holds it
            boolean asked = column != LogColumn.HEIGHT && column != LogColumn.POWER
                    || segment.mode().compareTo(FlightMode.LEVEL) > 0;
            for (Span alone : asked ? untuned(segment) : List.<Span>of()) {
                double from = Math.max(begin, alone.from() + 1);
                double to = Math.min(end, alone.to());
                if (to - from >= WINDOWS[0]) {
                    stretches.add(new Stretch(Optional.of(segment.mode()), from, to));
                }
            }
        }
        return stretches;
    }

    /** The parts of a segment in which Autotune is not at work: what it makes the aircraft do is no swing. */
    private List<Span> untuned(ModeSegment segment) {
        return log.has(LogColumn.HELPER)
                ? Stretches.of(log, segment.from(), segment.to(), WINDOWS[0], row -> {
                    double helper = log.value(LogColumn.HELPER, row);
                    return Stretches.said(helper, helper != Helper.AUTOTUNE.ordinal());
                })
                : List.of(new Span(log.time(segment.from()), log.time(segment.to() - 1)));
    }

    /** Whether the angle of a rate is there too, and shows the slow swings. */
    private boolean angle(LogColumn column) {
        return column == LogColumn.ROLL_RATE && log.has(LogColumn.ROLL)
                || column == LogColumn.PITCH_RATE && log.has(LogColumn.PITCH);
    }

    /** Whether the rate of an angle is there too, and shows the fast swings. */
    private boolean rate(LogColumn column) {
        return column == LogColumn.ROLL && log.has(LogColumn.ROLL_RATE)
                || column == LogColumn.PITCH && log.has(LogColumn.PITCH_RATE);
    }

    /** What was found in one column, and what was looked at. */
    private record Looked(List<SwingHit> hits, List<Swings.Examined> examined) {}

    /** Whether in a mode a swing slower than a thumb may be the pilot's, whose stick is not in the log. */
    private boolean byHand(LogColumn column, Optional<FlightMode> mode) {
        return Sampled.stick(column).filter(log::has).isEmpty()
                && mode.map(m -> m.compareTo(FlightMode.LEVEL) <= 0).orElse(true);
    }

    /** What cannot be told since the sticks are not in the log; a wag of the tail shows in roll too. */
    private List<String> byHand() {
        List<String> modes = examined.stream()
                .filter(e -> e.column() != LogColumn.YAW_RATE && byHand(e.column(), e.mode()))
                .map(e -> e.mode().map(FlightMode::label).orElse("the whole flight"))
                .distinct()
                .toList();
        return modes.isEmpty()
                ? List.of()
                : List.of("Slower swings than " + Quantity.FREQUENCY.text(THUMB) + " cannot be told in "
                        + String.join(", ", modes)
                        + ": without the sticks in the log they look like the pilot's hand.");
    }

    private Looked look(LogColumn column) {
        List<SwingHit> hits = new ArrayList<>();
        Grid grid = samples.grid(column);
        boolean heavy = column == LogColumn.HEIGHT || column == LogColumn.POWER;
        double highest = Math.min(heavy ? HEAVY : rate(column) ? SHARED : HIGHEST, 0.4 * grid.even());
        List<Stretch> stretches = stretches(column);
        if (highest < CYCLES / WINDOWS[WINDOWS.length - 1] || stretches.isEmpty()) {
            return new Looked(List.of(), List.of());
        }
        Map<Optional<FlightMode>, Seen> seen = new LinkedHashMap<>();
        boolean shortest = true;
        for (double length : WINDOWS) {
            if (length * Math.min(grid.rate(), grid.sampled()) < LEAST_SAMPLES || length > 4 && angle(column)) {
                continue;
            }
            // in the long ones a turn and the way back would pass for swings
            double low = (length < 30 ? CYCLES : MORE_CYCLES) / length;
            double high = shortest ? highest : Math.min(highest, FINER / length);
            shortest = false;
            if (high <= 1.3 * low) {
                continue;
            }
            double above = Math.min(0.49 * grid.rate(), high + 2 / length);
            double rate = Math.min(grid.rate(), 5 * above);
            Bins bins = new Bins(length, rate, low, above);
            List<Window> windows = windows(column, grid, stretches, bins);
            if (windows.isEmpty()) {
                continue;
            }
            double[] floor = bins.floor(windows.stream().map(Window::power).toList());
            double needed = PATCHY * Math.log(windows.size() * (double) bins.count() / CHANCE);
            windows.forEach(window -> search(column, window, bins, floor, needed, high, hits));
            double least = least(column, bins, floor, ALONE * needed);
            for (Window window : windows) {
                boolean byHand = byHand(column, window.mode());
                double from = byHand ? Math.max(THUMB, bins.low()) : bins.low();
                double to = Math.min(high, bins.high());
                if (from < to) {
                    seen.computeIfAbsent(window.mode(), m -> new Seen())
                            .add(window, new Swings.Reach(length, from, to, least));
                }
            }
        }
        List<Swings.Examined> all = new ArrayList<>();
        seen.forEach((mode, s) -> all.add(s.told(column, mode)));
        if (hits.isEmpty()) {
            // a long log has many of them
            samples.forget(column);
        }
        return new Looked(hits, all);
    }

    /** The least size that would have been seen at nine of ten of the frequencies [SI unit of the column]. */
    private static double least(LogColumn column, Bins bins, double[] floor, double needed) {
        double[] sizes = Arrays.copyOfRange(floor, bins.lowest(), floor.length);
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = Math.max(Swing.limit(column), Math.sqrt(needed * sizes[i]));
        }
        Arrays.sort(sizes);
        return sizes[(int) (0.9 * (sizes.length - 1))];
    }

    /** What was looked at in one mode. */
    private static final class Seen {
        private final Set<Swings.Reach> reaches = new LinkedHashSet<>();
        private final DoubleSummaryStatistics speeds = new DoubleSummaryStatistics();
        private double shortest = Double.POSITIVE_INFINITY;
        private double seconds;

        void add(Window window, Swings.Reach reach) {
            reaches.add(reach);
            if (!Double.isNaN(window.speed())) {
                speeds.accept(window.speed());
            }
            // windows overlap by half; those of the shortest length, which come first, count the seconds
            shortest = Math.min(shortest, reach.length());
            seconds += reach.length() == shortest ? reach.length() / 2 : 0;
        }

        Swings.Examined told(LogColumn column, Optional<FlightMode> mode) {
            boolean known = speeds.getCount() > 0;
            return new Swings.Examined(
                    column,
                    mode,
                    seconds,
                    List.copyOf(reaches),
                    known ? speeds.getMin() : Double.NaN,
                    known ? speeds.getMax() : Double.NaN);
        }
    }

    private List<Window> windows(LogColumn column, Grid grid, List<Stretch> stretches, Bins bins) {
        List<Window> windows = new ArrayList<>();
        double[] window = new double[bins.size()];
        double[] all = bins.sampled(grid);
        bins.smoothed(grid);
        List<double[]> trend = Fit.trend(bins.size());
        List<Sampled.Pusher> pushers = samples.pushers(column, bins);
        for (Stretch stretch : stretches) {
            for (double from = stretch.from(); from + bins.length() <= stretch.to() + 1e-9; from += bins.length() / 2) {
                if (!bins.fill(all, (int) Math.rint((from - grid.start()) * bins.rate()), window)) {
                    continue;
                }
                List<Sampled.Mover> movers = new ArrayList<>();
                Optional<List<double[]>> out = Sampled.commanded(pushers, from, bins, movers);
                if (out.isEmpty() || window.length < 3 * (out.get().size() + 3)) {
                    continue;
                }
                double whole = out.get().isEmpty() ? 0 : Math.sqrt(2) * Fit.deviation(window);
                Fit.without(window, trend, out.get());
                double speed = speed(from, from + bins.length());
                windows.add(new Window(
                        stretch.mode(), from, from + bins.length(), bins.power(window), speed, whole, movers));
            }
        }
        return windows;
    }

    private double speed(double from, double to) {
        return speeds.mean(log.rowAt(from), log.rowAt(to));
    }

    private void search(
            LogColumn column,
            Window window,
            Bins bins,
            double[] floor,
            double needed,
            double high,
            List<SwingHit> hits) {
        double[] power = window.power();
        boolean byHand = byHand(column, window.mode());
        // the last line may be the foot of one above it
        for (int i = bins.lowest(); i < power.length - 1; i++) {
            boolean top = power[i] >= power[i - 1] && power[i] > power[i + 1];
            double frequency = bins.frequency(i);
            if (!top || frequency > high || power[i] < needed * floor[i] || byHand && frequency < THUMB) {
                continue;
            }
            double level = bins.level(power, floor, i);
            double evidence = power[i] / (floor[i] * Math.max(1, level));
            double amplitude = Math.sqrt(power[i]);
            int line = i;
            // what the stick does at that frequency, and what little is left of a large wanted movement, is the pilot's
            boolean pilot = amplitude < REST * window.commanded()
                    || window.movers().stream().anyMatch(m -> bins.share(m.power(bins), line) >= OWN);
            if (!pilot && evidence >= needed && bins.share(power, i) >= NARROW && amplitude >= Swing.limit(column)) {
                hits.add(new SwingHit(
                        column,
                        window.mode(),
                        window.from(),
                        window.to(),
                        bins.refined(power, i),
                        amplitude,
                        evidence,
                        needed,
                        window.speed()));
            }
        }
    }
}
