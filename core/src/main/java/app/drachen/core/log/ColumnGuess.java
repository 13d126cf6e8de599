package app.drachen.core.log;

import app.drachen.core.math.Statistics;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A guess at what the columns of a foreign file mean: by the words of the headers, by the units they name, and where
 * they name none by the size of the numbers and by what columns say about each other (positions about speeds).
 *
 * <p>Source: own estimate; the pilot sees the guess beside the numbers and can change it.
 */
public final class ColumnGuess {

    private final List<ForeignColumn> columns;
    /** Of each header; none where the file is our own. */
    private List<HeaderWords> words = List.of();

    private final Map<LogColumn, Integer> places = new EnumMap<>(LogColumn.class);
    private final String[] remarks;
    private final Map<LogColumn, Scale> scales = new EnumMap<>(LogColumn.class);

    private ColumnGuess(List<ForeignColumn> columns) {
        this.columns = columns;
        remarks = new String[columns.size()];
        Arrays.fill(remarks, "");
    }

    /**
     * A guess at all columns of a file.
     *
     * @param columns what each is taken for; empty where a column means nothing to Drachen
     * @param remarks what is in doubt about each, or why it was left out, as part of a sentence; empty where there is nothing to say
     */
    public record Guessed(List<Optional<Assignment>> columns, List<String> remarks) {
        public Guessed {
            columns = List.copyOf(columns);
            remarks = List.copyOf(remarks);
        }
    }

    /** Guesses all columns of a file. */
    public static Guessed of(List<ForeignColumn> columns) {
        ColumnGuess guess = new ColumnGuess(columns);
        if (isOwn(columns)) {
            guess.own();
        } else {
            guess.words = columns.stream()
                    .map(c -> HeaderWords.of(c.header(), c.unit()))
                    .toList();
            if (columns.stream().allMatch(ForeignColumn::nameless)) {
                guess.places.putAll(RangeGuess.of(columns));
                guess.places.forEach((column, at) -> guess.remarks[at] = "guessed from its numbers alone");
            } else {
                guess.names();
            }
            guess.scale();
        }
        List<Optional<Assignment>> found = new ArrayList<>(Collections.nCopies(columns.size(), Optional.empty()));
        for (Map.Entry<LogColumn, Integer> place : guess.places.entrySet()) {
            if (found.get(place.getValue()).isEmpty()) {
                LogColumn column = place.getKey();
                found.set(place.getValue(), Optional.of(new Assignment(column, guess.scales.get(column))));
            }
        }
        return new Guessed(found, List.of(guess.remarks));
    }

    /** Whether a log of Drachen has these columns. */
    private static boolean isOwn(List<ForeignColumn> columns) {
        for (ForeignColumn column : columns) {
            if (column.header().strip().equals(LogColumn.TIME.header())) {
                return true;
            }
        }
        return false;
    }

    private void own() {
        for (int i = 0; i < columns.size(); i++) {
            Optional<LogColumn> column = LogColumn.byHeader(columns.get(i).header());
            if (column.isPresent()) {
                places.putIfAbsent(column.get(), i);
                scales.put(column.get(), asItIs(Scales.of(column.get())));
            }
        }
    }

    /** The scale of SI, in which Drachen writes. */
    private static Scale asItIs(List<Scale> scales) {
        for (Scale scale : scales) {
            if (scale.factor() == 1 && scale.offset() == 0) {
                return scale;
            }
        }
        return scales.get(0);
    }

    private void names() {
        List<Integer> unnumbered = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            int at = i;
            Optional<LogColumn> found = ColumnNames.of(words.get(i)).map(c -> share(c, at));
            if (found.isEmpty()) {
                continue;
            }
            boolean output = found.get() == LogColumn.OUT_1 && words.get(i).number() == 0;
            if (output) {
                unnumbered.add(i);
            } else {
                take(found.get(), i);
            }
        }
        for (int i : unnumbered) {
            for (int channel = 1; channel <= 8; channel++) {
                if (places.putIfAbsent(LogColumn.output(channel).orElseThrow(), i) == null) {
                    break;
                }
            }
        }
        if (!places.containsKey(LogColumn.TIME)) {
            for (int i = 0; i < columns.size(); i++) {
                if (!places.containsValue(i) && words.get(i).has("date", "datum")) {
                    places.putIfAbsent(LogColumn.TIME, i);
                }
            }
        }
    }

    /** A strength that is never negative is a share of the best, and no level. */
    private LogColumn share(LogColumn column, int at) {
        ForeignColumn from = columns.get(at);
        boolean share = column == LogColumn.STRENGTH
                && words.get(at).unit().isEmpty()
                && from.filled() > 0
                && from.least() >= 0
                && from.greatest() > 0;
        return share ? LogColumn.LINK : column;
    }

    /** Of two columns with one meaning the fuller one is taken, of two times the one that rises. */
    private void take(LogColumn column, int at) {
        Integer before = places.get(column);
        boolean better = before == null
                || (column == LogColumn.TIME
                        ? !rises(columns.get(before)) && rises(columns.get(at))
                        : columns.get(at).filled() > 2 * columns.get(before).filled());
        int left = better ? (before == null ? -1 : before) : at;
        if (better) {
            places.put(column, at);
        }
        if (left >= 0) {
            remarks[left] = column.meaning().toLowerCase(Locale.ROOT) + " stands twice; “"
                    + columns.get(places.get(column)).header() + "” "
                    + (column == LogColumn.TIME
                            ? "rises"
                            : columns.get(places.get(column)).filled()
                                            > columns.get(left).filled()
                                    ? "has more numbers"
                                    : "comes first")
                    + " and is taken";
        }
    }

    private static boolean rises(ForeignColumn column) {
        double[] numbers = column.numbers();
        int up = 0;
        int down = 0;
        for (int i = 1; i < numbers.length; i++) {
            up += numbers[i] > numbers[i - 1] ? 1 : 0;
            down += numbers[i] < numbers[i - 1] ? 1 : 0;
        }
        return up > 10 * down && up > 0;
    }

    private void scale() {
        List<LogColumn> unnamed = new ArrayList<>();
        places.forEach((column, at) -> {
            Optional<Scale> named =
                    Optional.of(words.get(at).unit()).filter(u -> !u.isEmpty()).flatMap(u -> Scales.byName(column, u));
            named.ifPresentOrElse(s -> scales.put(column, s), () -> unnamed.add(column));
        });
        Scale angle = angles(unnamed);
        for (LogColumn column : unnamed) {
            ForeignColumn from = columns.get(places.get(column));
            Scale scale = bySize(column, from, angle);
            scales.put(column, scale);
            boolean doubt = Scales.of(column).size() > 1
                    && from.filled() > 0
                    && column != LogColumn.MODE
                    && remarks[places.get(column)].isEmpty();
            if (doubt) {
                remarks[places.get(column)] = "names no unit; its size says " + scale.symbol();
            }
        }
        downwards();
        if (unnamed.contains(LogColumn.GROUND_SPEED)) {
            fromPositions().ifPresent(s -> {
                scales.put(LogColumn.GROUND_SPEED, s);
                remarks[places.get(LogColumn.GROUND_SPEED)] = "names no unit; the positions say " + s.symbol();
            });
        }
        boolean pair = unnamed.contains(LogColumn.AIRSPEED) && scales.containsKey(LogColumn.GROUND_SPEED);
        if (pair) {
            scales.put(LogColumn.AIRSPEED, scales.get(LogColumn.GROUND_SPEED));
        }
    }

    /** One unit for all angles that name none: the heading, which goes all round, tells it best. */
    private Scale angles(List<LogColumn> unnamed) {
        double greatest = 0;
        boolean whole = true;
        for (LogColumn column : unnamed) {
            boolean angle = column.quantity() == Quantity.ANGLE || column.quantity() == Quantity.BEARING;
            if (angle) {
                ForeignColumn from = columns.get(places.get(column));
                greatest = Math.max(greatest, from.greatest());
                whole &= from.whole();
            }
        }
        int which = greatest <= 6.3 && !whole ? 1 : greatest <= 361 ? 0 : greatest <= 3_610 ? 3 : 2;
        return Scales.of(LogColumn.ROLL).get(which);
    }

    private Scale bySize(LogColumn column, ForeignColumn from, Scale angle) {
        List<Scale> all = Scales.of(column);
        double greatest = from.greatest();
        return switch (column.quantity()) {
            case ANGLE, BEARING -> angle;
            case COORDINATE -> all.get(greatest > 1.8e8 ? 1 : greatest > 1_000 ? 1 : 0);
            case ANGULAR_RATE -> all.get(angle.symbol().equals("rad") && greatest < 20 ? 1 : greatest > 2_000 ? 2 : 0);
            case TIME -> time(all, from);
            case SHARE, SHARE_FINE -> column == LogColumn.LINK
                    ? all.get(greatest <= 1 ? 0 : greatest <= 100 ? 1 : greatest <= 255 ? 2 : 3)
                    : command(all, from);
            case PULSE -> all.get(from.least() > 600 && greatest <= 2_500 ? 0 : greatest <= 1.5 ? 2 : 1);
            case HEIGHT, DISTANCE -> all.get(greatest > 3_000 && from.whole() ? (greatest > 200_000 ? 4 : 2) : 0);
            case SPEED -> all.get(greatest > 150 && from.whole() ? 4 : 0);
            case CLIMB -> all.get(greatest > 60 && from.whole() ? 1 : 0);
            case VOLTAGE -> all.get(greatest > 3_000 ? 1 : greatest > 300 ? 2 : greatest > 60 ? 3 : 0);
            case CURRENT -> all.get(greatest > 500 ? 1 : 0);
            case CHARGE -> all.get(greatest < 20 && !from.whole() ? 1 : 0);
            case ACCELERATION -> all.get(column == LogColumn.ACCELERATION_Z && greatest < 5 ? 1 : 0);
            default -> all.get(0);
        };
    }

    /** Seconds, milliseconds or finer, from the usual step between rows. */
    private static Scale time(List<Scale> all, ForeignColumn from) {
        double[] numbers = from.numbers();
        double[] steps = new double[numbers.length];
        int n = 0;
        for (int i = 1; i < numbers.length; i++) {
            double step = numbers[i] - numbers[i - 1];
            if (step > 0) {
                steps[n++] = step;
            }
        }
        Arrays.sort(steps, 0, n);
        double usual = n == 0 ? 1 : steps[n / 2];
        return all.get(usual < 3 ? 0 : usual < 3_000 ? 1 : usual < 3e6 ? 2 : 3);
    }

    private static Scale command(List<Scale> all, ForeignColumn from) {
        double greatest = from.greatest();
        if (from.least() > 600 && greatest < 2_500) {
            return all.get(2);
        }
        return all.get(greatest <= 1.3 ? 0 : greatest <= 130 ? 1 : 3);
    }

    /** A vertical speed that counts downwards, seen from the heights. */
    private void downwards() {
        LogColumn height = places.containsKey(LogColumn.HEIGHT) ? LogColumn.HEIGHT : LogColumn.SATELLITE_HEIGHT;
        boolean known = places.containsKey(LogColumn.CLIMB) && places.containsKey(height) && rising();
        if (!known) {
            return;
        }
        double[] times = numbers(LogColumn.TIME);
        double[] heights = numbers(height);
        double[] climbs = numbers(LogColumn.CLIMB);
        double together = 0;
        double apart = 0;
        int span = Math.max(1, times.length / 400);
        for (int i = span; i < times.length; i++) {
            double rise = (heights[i] - heights[i - span]) * climbs[i - span / 2];
            together += rise > 0 ? rise : 0;
            apart += rise < 0 ? -rise : 0;
        }
        Scale now = scales.get(LogColumn.CLIMB);
        if (apart > 3 * together && apart > 0) {
            Scale turned = new Scale(now.symbol() + " down", -now.factor(), 0, List.of());
            scales.put(
                    LogColumn.CLIMB,
                    Scales.bySymbol(LogColumn.CLIMB, turned.symbol()).orElse(turned));
        }
    }

    private boolean rising() {
        return places.containsKey(LogColumn.TIME) && rises(columns.get(places.get(LogColumn.TIME)));
    }

    private double[] numbers(LogColumn column) {
        double[] numbers = columns.get(places.get(column)).numbers();
        Scale scale = scales.get(column);
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = scale.toSi(numbers[i]);
        }
        return numbers;
    }

    /** The unit of ground speed under which the positions move as fast as it says. */
    private Optional<Scale> fromPositions() {
        boolean known = places.containsKey(LogColumn.LATITUDE) && places.containsKey(LogColumn.LONGITUDE) && rising();
        if (!known) {
            return Optional.empty();
        }
        double[] times = numbers(LogColumn.TIME);
        double[] latitudes = numbers(LogColumn.LATITUDE);
        double[] longitudes = numbers(LogColumn.LONGITUDE);
        double[] speeds = columns.get(places.get(LogColumn.GROUND_SPEED)).numbers();
        int span = Math.max(1, times.length / 200);
        double way = 0;
        double said = 0;
        for (int i = span; i < times.length; i += span) {
            double north = 6.371e6 * (latitudes[i] - latitudes[i - span]);
            double east = 6.371e6 * Math.cos(latitudes[i]) * Statistics.wrap(longitudes[i] - longitudes[i - span]);
            double step = Math.hypot(north, east);
            double number = speeds[i] * (times[i] - times[i - span]);
            if (step < 1e4 && !Double.isNaN(number)) {
                way += step;
                said += number;
            }
        }
        if (!(way > 50 && said > 0)) {
            return Optional.empty();
        }
        double factor = way / said;
        return Scales.of(LogColumn.GROUND_SPEED).stream()
                .filter(s -> Math.abs(Math.log(s.factor() / factor)) < 0.2)
                .min(java.util.Comparator.comparingDouble(s -> Math.abs(Math.log(s.factor() / factor))));
    }
}
