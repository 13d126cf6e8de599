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
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

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
    private final List<LogColumn> columns;

    /** What each of the columns showed; one part writes one place. */
    private final Looked[] looked;

    private final List<String> untold = new ArrayList<>();

    private SwingSearch(FlightLog log, List<ModeSegment> segments, int first, int last) {
        this.log = log;
        this.segments = segments;
        this.first = first;
        this.last = last;
        samples = new Sampled(log, first, last);
        speeds = new Means(log, log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED);
        columns = last - first < 20
                ? List.of()
                : LOOKED_AT.stream().filter(log::has).toList();
        looked = new Looked[columns.size()];
    }

    /** A search through the time in the air, launch and landing left out, of which nothing is done yet. */
    static SwingSearch in(FlightLog log, List<ModeSegment> segments, Optional<Airborne> airborne) {
        if (log.rows() < 20) {
            return nothing(log, "The log is too short.");
        }
        if (airborne.isEmpty() && Airborne.moves(log)) {
            return nothing(log, "Nothing of it is in the air.");
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
                ? nothing(log, "Nothing of it is in the air for long enough.")
                : new SwingSearch(log, segments, first, last);
    }

    private static SwingSearch nothing(FlightLog log, String why) {
        SwingSearch nothing = new SwingSearch(log, List.of(), 0, 0);
        nothing.untold.add(why);
        return nothing;
    }

    /** Looks through that time. */
    static Swings of(FlightLog log, List<ModeSegment> segments, Optional<Airborne> airborne) {
        SwingSearch search = in(log, segments, airborne);
        Part.all(search.parts());
        return search.told();
    }

    /** What there is to do, column by column; in any order, by any hands. */
    List<Runnable> parts() {
        return IntStream.range(0, looked.length)
                .mapToObj(i -> (Runnable) () -> looked[i] = look(columns.get(i)))
                .toList();
    }

    /** What was found, once all parts are done. */
    Swings told() {
        if (!untold.isEmpty()) {
            return new Swings(List.of(), List.of(), untold);
        }
        List<SwingHit> hits =
                Arrays.stream(looked).flatMap(l -> l.hits().stream()).toList();
        List<Swings.Examined> examined =
                Arrays.stream(looked).flatMap(l -> l.examined().stream()).toList();
        List<String> open = new ArrayList<>();
        if (examined.isEmpty()) {
            open.add("The log has neither attitude nor rates, or nothing in it moves.");
        }
        open.addAll(byHand(examined));
        List<Swing> found = new ArrayList<>();
        SwingHit.told(hits, samples, CYCLES, ALONE).forEach(swing -> found.add(swing.notIn(quiet(swing))));
        found.sort(Comparator.comparingDouble((Swing s) -> -Swings.weight(s)));
        return new Swings(found, examined, open);
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

    private List<SwingWindows.Stretch> stretches(LogColumn column) {
        List<SwingWindows.Stretch> stretches = new ArrayList<>();
        double begin = log.time(first);
        double end = log.time(last);
        // without a mode nobody holds the height, as far as one can tell
        if (segments.isEmpty() && column != LogColumn.HEIGHT && column != LogColumn.POWER) {
            stretches.add(new SwingWindows.Stretch(Optional.empty(), begin, end));
        }
        for (ModeSegment segment : segments) {
            // height is asked for only where something holds it
            boolean asked = column != LogColumn.HEIGHT && column != LogColumn.POWER
                    || segment.mode().compareTo(FlightMode.LEVEL) > 0;
            for (Span alone : asked ? untuned(segment) : List.<Span>of()) {
                double from = Math.max(begin, alone.from() + 1);
                double to = Math.min(end, alone.to());
                if (to - from >= WINDOWS[0]) {
                    stretches.add(new SwingWindows.Stretch(Optional.of(segment.mode()), from, to));
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
    private List<String> byHand(List<Swings.Examined> examined) {
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
        List<SwingWindows.Stretch> stretches = stretches(column);
        if (highest < CYCLES / WINDOWS[WINDOWS.length - 1] || stretches.isEmpty()) {
            return new Looked(List.of(), List.of());
        }
        Map<Optional<FlightMode>, SwingsSeen> seen = new LinkedHashMap<>();
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
            look(
                    column,
                    new SwingWindows(grid, bins, samples.pushers(column, bins)),
                    stretches,
                    bins,
                    high,
                    seen,
                    hits);
        }
        List<Swings.Examined> examined = new ArrayList<>();
        seen.forEach((mode, s) -> examined.add(s.told(column, mode)));
        if (hits.isEmpty()) {
            // a long log has many of them
            samples.forget(column);
        }
        return new Looked(hits, examined);
    }

    /** Looks through the windows of one length, mode by mode. */
    private void look(
            LogColumn column,
            SwingWindows windows,
            List<SwingWindows.Stretch> stretches,
            Bins bins,
            double high,
            Map<Optional<FlightMode>, SwingsSeen> seen,
            List<SwingHit> hits) {
        List<SwingWindows.Window> all = windows.of(stretches);
        if (all.isEmpty()) {
            return;
        }
        double[] floor = bins.floor(all.stream().map(SwingWindows.Window::power).toList());
        double needed = PATCHY * Math.log(all.size() * (double) bins.count() / CHANCE);
        double least = least(column, bins, floor, ALONE * needed);
        Map<Optional<FlightMode>, List<SwingWindows.Window>> modes = new LinkedHashMap<>();
        for (SwingWindows.Window window : all) {
            modes.computeIfAbsent(window.mode(), m -> new ArrayList<>()).add(window);
        }
        modes.forEach((mode, some) -> {
            double from = byHand(column, mode) ? Math.max(THUMB, bins.low()) : bins.low();
            for (SwingWindows.Window window : some) {
                search(column, windows, window, bins, floor, needed, from, high, hits);
            }
            double to = Math.min(high, bins.high());
            if (from < to) {
                seen.computeIfAbsent(mode, m -> new SwingsSeen()).add(new Swings.Reach(bins.length(), from, to, least));
                some.forEach(w -> seen.get(mode).add(bins.length(), speed(w)));
            }
        });
    }

    private double speed(SwingWindows.Window window) {
        return speeds.mean(log.rowAt(window.from()), log.rowAt(window.to()));
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

    private void search(
            LogColumn column,
            SwingWindows windows,
            SwingWindows.Window window,
            Bins bins,
            double[] floor,
            double needed,
            double from,
            double high,
            List<SwingHit> hits) {
        float[] power = window.power();
        for (int i = bins.strong(power, floor, needed, bins.lowest());
                i >= 0 && bins.frequency(i) <= high;
                i = bins.strong(power, floor, needed, i + 1)) {
            if (bins.frequency(i) >= from) {
                hit(column, windows, window, bins, floor, needed, i).ifPresent(hits::add);
            }
        }
    }

    /** What a line that is strong enough says, if it is narrow, louder than the gusts of its window and nobody's wish. */
    private Optional<SwingHit> hit(
            LogColumn column,
            SwingWindows windows,
            SwingWindows.Window window,
            Bins bins,
            double[] floor,
            double needed,
            int line) {
        float[] power = window.power();
        double amplitude = Math.sqrt(power[line]);
        // no sensor measures what has no share any more, 1e19 of its unit and more
        if (!(bins.share(power, line) >= NARROW) || amplitude < Swing.limit(column)) {
            return Optional.empty();
        }
        double evidence = power[line] / (floor[line] * Math.max(1, bins.level(power, floor, line)));
        // what the stick does at that frequency, and what little is left of a large wanted movement, is the pilot's
        boolean pilot = amplitude < REST * window.commanded() || windows.wanted(window, line, OWN);
        if (evidence < needed || pilot) {
            return Optional.empty();
        }
        return Optional.of(new SwingHit(
                column,
                window.mode(),
                window.from(),
                window.to(),
                bins.refined(power, line),
                amplitude,
                evidence,
                needed,
                speed(window)));
    }
}
