package app.drachen.core.flight;

import app.drachen.core.math.Eigenvalues;
import app.drachen.core.math.Eigenvalues.Root;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/**
 * One of the motions an aircraft makes by itself after it was disturbed, sticks held still.
 *
 * <p>Source: names and meaning as in R. C. Nelson, Flight Stability and Automatic Control, 1998, chapters 4 and 5.
 *
 * @param kind which motion
 * @param root its eigenvalue
 * @param speed airspeed at which it was computed [m/s]
 * @param others its eigenvalues in aircraft that differ from the drawing as far as the drawing may be wrong
 */
public record NaturalMotion(Kind kind, Root root, double speed, List<Root> others) {
    public NaturalMotion {
        others = List.copyOf(others);
    }

    /** The motions by their usual names. */
    public enum Kind {
        SHORT_PERIOD("Short period"),
        PHUGOID("Phugoid"),
        DUTCH_ROLL("Dutch roll"),
        ROLL("Roll"),
        SPIRAL("Spiral"),
        ROLL_AND_SPIRAL("Roll and spiral, joined");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Beyond this a bank neither grows nor goes for a pilot [s]. */
    private static final double STAYS = 60;

    /** The motions of linear equations, the fastest of either set first. */
    public static List<NaturalMotion> of(Linearised linear) {
        List<NaturalMotion> motions = new ArrayList<>();
        List<Root> along = Eigenvalues.of(linear.along());
        int left = 2;
        for (Root root : along) {
            // four roots, a pair counting twice: the two largest are the short period, the others the phugoid
            boolean fast = left > 0 && !(root.paired() && left == 1);
            left -= root.paired() ? 2 : 1;
            motions.add(new NaturalMotion(fast ? Kind.SHORT_PERIOD : Kind.PHUGOID, root, linear.speed(), List.of()));
        }
        across(motions, Eigenvalues.of(linear.across()), linear.speed());
        return motions;
    }

    private static void across(List<NaturalMotion> motions, List<Root> roots, double speed) {
        List<Root> pairs = roots.stream().filter(Root::paired).toList();
        // the most negative one is the roll, whatever else there is
        List<Root> reals = roots.stream()
                .filter(r -> !r.paired())
                .sorted(Comparator.comparingDouble(Root::real))
                .toList();
        for (int i = 0; i < pairs.size(); i++) {
            Kind kind = i == 0 ? Kind.DUTCH_ROLL : Kind.ROLL_AND_SPIRAL;
            motions.add(new NaturalMotion(kind, pairs.get(i), speed, List.of()));
        }
        for (int i = 0; i < reals.size(); i++) {
            Kind kind = i == 0 ? Kind.ROLL : i == reals.size() - 1 ? Kind.SPIRAL : Kind.DUTCH_ROLL;
            motions.add(new NaturalMotion(kind, reals.get(i), speed, List.of()));
        }
    }

    /** The same motion with what it is in aircraft that differ a little; one that has no such motion adds nothing. */
    NaturalMotion among(List<List<NaturalMotion>> aircraft) {
        List<Root> same = aircraft.stream()
                .flatMap(motions ->
                        motions.stream().filter(m -> m.kind() == kind).limit(1))
                .map(NaturalMotion::root)
                .toList();
        return new NaturalMotion(kind, root, speed, same);
    }

    /** Whether it swings. */
    public boolean swings() {
        return root.paired();
    }

    /** Whether it grows. */
    public boolean grows() {
        return root.real() > 0;
    }

    /**
     * @return time of one swing [s]; infinite where it does not swing
     */
    public double period() {
        return 2 * Math.PI / root.imaginary();
    }

    /**
     * @return damping ratio [-], below 0 where it grows, ±1 where it does not swing
     */
    public double damping() {
        return -root.real() / root.size();
    }

    /**
     * @return time in which it halves, or doubles where it grows [s]
     */
    public double halving() {
        return Math.log(2) / Math.abs(root.real());
    }

    /** Short times to the millisecond, others to the tenth of a second. */
    private static Quantity time(double seconds) {
        return seconds < 1 ? Quantity.TIME_FINE : Quantity.TIME;
    }

    /** Whether it grows in some of the aircraft that differ a little and dies away in others. */
    public boolean mayGoEitherWay() {
        return others.stream().anyMatch(r -> r.real() > 0 != grows());
    }

    /** What the pilot will see, in plain words. */
    public String words() {
        return sentence()
                + (mayGoEitherWay() && halving() <= STAYS
                        ? " The drawing is not exact enough to rule out the opposite."
                        : "");
    }

    private String sentence() {
        String halves = spoken(halving(), band(NaturalMotion::halving));
        String swing = swings() ? spoken(period(), band(NaturalMotion::period)) : "";
        return switch (kind) {
            case SHORT_PERIOD -> grows()
                    ? "After a bump the nose runs away, twice as far every " + halves + ": do not fly it like this."
                    : !swings()
                            ? "After a bump the nose comes back without swinging, half the way in " + halves + "."
                            : "After a bump the nose bobs once in " + swing
                                    + (damping() > 0.3
                                            ? " and is still almost at once."
                                            : " and goes on bobbing; half is left after " + halves + ".");
            case PHUGOID -> !swings()
                    ? (grows()
                            ? "Left alone, speed and height drift apart, twice as far every " + halves + "."
                            : "Left alone, speed and height find back without swinging, half the way in " + halves
                                    + ".")
                    : "Left alone, it trades height for speed and back once in " + swing
                            + (grows()
                                    ? ", more each time: twice as much after " + halves + "."
                                    : "; half is left after " + halves + ".");
            case DUTCH_ROLL -> grows()
                    ? "The tail wags more and more: twice as far every " + halves + "."
                    : swings()
                            ? "The tail wags once in " + swing + " after a gust"
                                    + (damping() > 0.1
                                            ? " and soon stops."
                                            : " and goes on; half is left after " + halves + ".")
                            : "A push from the side dies away without wagging, half in " + halves + ".";
            case ROLL -> "Roll rate follows the stick: half of it is there after " + halves + ".";
            case SPIRAL -> halving() > STAYS
                    ? "Left alone in a bank, it stays in it."
                    : grows()
                            ? "Left alone in a bank, the bank doubles in " + halves
                                    + (halving() < 8 ? ": never let go of it." : ": it wants a look now and then.")
                            : "Left alone in a bank, half of the bank is gone after " + halves + ".";
            case ROLL_AND_SPIRAL -> "It rocks slowly from bank to bank, once in " + swing
                    + (grows() ? ", more each time: fly it with care." : "; half is left after " + halves + ".");
        };
    }

    /** A figure of the aircraft that differ a little and do the same. */
    private DoubleSummaryStatistics band(ToDoubleFunction<NaturalMotion> figure) {
        return others.stream()
                .filter(r -> r.paired() == swings() && r.real() > 0 == grows())
                .map(r -> new NaturalMotion(kind, r, speed, List.of()))
                .mapToDouble(figure)
                .summaryStatistics();
    }

    /** A time [s] with no more digits than its band knows, and at least one. */
    static String spoken(double seconds, DoubleSummaryStatistics band) {
        if (!Double.isFinite(seconds)) {
            return Quantity.TIME.text(seconds);
        }
        double half = band.getCount() == 0
                ? 0.05 * seconds
                : (Math.max(seconds, band.getMax()) - Math.min(seconds, band.getMin())) / 2;
        double finest = Math.max(half, 1e-3);
        int decimals = (int) Math.max(0, Math.min(3, Math.floor(0.31 - Math.log10(finest))));
        int needed = seconds >= 1 ? 0 : (int) Math.min(3, Math.ceil(-Math.log10(seconds)));
        return String.format(Locale.ROOT, "%." + Math.max(decimals, needed) + "f\u00a0s", seconds);
    }

    /** Its numbers with how they came about. */
    public Working working() {
        boolean swing = swings();
        List<Working.Input> inputs = new ArrayList<>(List.of(
                Working.in("real part of λ", root.real(), Quantity.PER_SECOND),
                Working.in("imaginary part of λ", root.imaginary(), Quantity.PER_SECOND),
                Working.in("damping ratio ζ = −Re λ/|λ|", damping(), Quantity.NUMBER),
                Working.in(grows() ? "doubles in ln 2/|Re λ|" : "halves in ln 2/|Re λ|", halving(), time(halving())),
                Working.in("airspeed", speed, Quantity.SPEED)));
        double value = swing ? period() : halving();
        Working working = Working.of(
                "FEEL-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                kind.label() + (swing ? ", one swing" : grows() ? ", doubles in" : ", halves in"),
                value,
                time(value),
                (swing ? "T = 2π/Im λ" : "t = ln 2/|Re λ|")
                        + ", λ an eigenvalue of the motion linearised about level flight",
                Source.NELSON,
                inputs.toArray(Working.Input[]::new));
        DoubleSummaryStatistics band = band(swing ? NaturalMotion::period : NaturalMotion::halving);
        return band.getCount() == 0
                ? working
                : working.within(Math.min(value, band.getMin()), Math.max(value, band.getMax()));
    }
}
