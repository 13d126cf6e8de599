package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Scales;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Experiments that find the factor of a reading: what goes in, what comes out, what proves it and when to look again. */
public enum Experiment {
    CURRENT(
            "Current against the charger",
            "Fly, charge the same pack full again, and enter what the sensor had shown and what the charger put back.",
            ProofKind.CHARGE_BACK,
            30,
            List.of(
                    new Entry("shown", "charge shown after the flight", Quantity.CHARGE, false),
                    new Entry("back", "charge put back", Quantity.CHARGE, false)),
            Experiments::current),
    VOLTS(
            "Volts against a meter",
            "Propeller off. Hold a meter to the balance plug while the board shows its volts.",
            ProofKind.VOLTS_SCALE,
            180,
            List.of(
                    new Entry("shown", "volts shown", Quantity.VOLTAGE, false),
                    new Entry("meter", "volts at the meter", Quantity.VOLTAGE, false)),
            Experiments::volts),
    AIRSPEED(
            "Airspeed by a closed triangle",
            "Fly three straight legs of 10 s in Hold at one power, 120° apart, or as many as you like; enter course and ground"
                    + " speed of each, and the airspeed shown.",
            ProofKind.AIRSPEED_SCALE,
            90,
            List.of(
                    new Entry("shown", "airspeed shown", Quantity.SPEED, false),
                    new Entry("course1", "course of the first leg", Quantity.BEARING, false),
                    new Entry("speed1", "its ground speed", Quantity.SPEED, false),
                    new Entry("course2", "course of the second leg", Quantity.BEARING, false),
                    new Entry("speed2", "its ground speed", Quantity.SPEED, false),
                    new Entry("course3", "course of the third leg", Quantity.BEARING, false),
                    new Entry("speed3", "its ground speed", Quantity.SPEED, false),
                    new Entry("course4", "course of a fourth leg", Quantity.BEARING, true),
                    new Entry("speed4", "its ground speed", Quantity.SPEED, true)),
            Experiments::airspeed),
    STRENGTH(
            "Strength at two levels",
            "Enter two readings with their levels from the radio's data sheet or a meter, and the level at which the link is"
                    + " lost: data sheet, or range walk.",
            ProofKind.STRENGTH_SCALE,
            180,
            List.of(
                    new Entry("shown1", "reading near by", Quantity.SHARE, false),
                    new Entry("level1", "its level", Quantity.LEVEL, false),
                    new Entry("shown2", "reading far off", Quantity.SHARE, false),
                    new Entry("level2", "its level", Quantity.LEVEL, false),
                    new Entry("loss", "level at which the link is lost", Quantity.LEVEL, false)),
            Experiments::strength),
    ROTATION(
            "Motor speed by pole pairs",
            "Propeller off. Enter the electrical frequency or the speed shown for one pole pair, and the speed that another meter"
                    + " tells.",
            ProofKind.ROTATION_SCALE,
            720,
            List.of(
                    new Entry("electrical", "electrical frequency", Quantity.FREQUENCY, false),
                    new Entry("turns", "motor speed by another meter", Quantity.ROTATION, false)),
            Experiments::rotation),
    HEIGHT(
            "Height against a known one",
            "Zero the height on the ground, carry the aircraft up a tower or stairs of known height, wait for a minute.",
            ProofKind.HEIGHT_SCALE,
            180,
            List.of(
                    new Entry("shown", "height shown", Quantity.HEIGHT, false),
                    new Entry("known", "height that is known", Quantity.HEIGHT, false)),
            Experiments::height);

    /**
     * A figure that goes in.
     *
     * @param name short
     * @param meaning in words
     * @param quantity what kind of number
     * @param maybe whether it may be left out
     */
    public record Entry(String name, String meaning, Quantity quantity, boolean maybe) {}

    /**
     * What came out.
     *
     * @param workings the new factor and what stands behind it
     * @param near whether the reading was near enough as it was
     * @param note one line for the proof
     * @param kept values of the proof [SI]
     * @param into puts the new factor into the scales
     */
    public record Outcome(
            List<Working> workings, boolean near, String note, Map<String, Double> kept, UnaryOperator<Scales> into) {}

    /** Works an experiment out. */
    interface Method {
        Outcome of(Setup setup, Map<String, Double> values, Optional<Proof> before);
    }

    private final String label;
    private final String how;
    private final ProofKind proof;
    private final int days;
    private final List<Entry> entries;
    private final Method method;

    Experiment(String label, String how, ProofKind proof, int days, List<Entry> entries, Method method) {
        this.label = label;
        this.how = how;
        this.proof = proof;
        this.days = days;
        this.entries = entries;
        this.method = method;
    }

    public String label() {
        return label;
    }

    /** How it is done, in a sentence or two. */
    public String how() {
        return how;
    }

    public ProofKind proof() {
        return proof;
    }

    /** Days until it is to be looked at again; own choice. */
    public int days() {
        return days;
    }

    public List<Entry> entries() {
        return entries;
    }

    /**
     * Works it out.
     *
     * @param values by the entries' names [SI]
     * @param before the proof of last time, which it may add to
     * @throws IllegalArgumentException with one sentence if something is missing or cannot be
     */
    public Outcome outcome(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        for (Entry entry : entries) {
            if (!entry.maybe() && !values.containsKey(entry.name())) {
                throw new IllegalArgumentException("Enter the " + entry.meaning() + ".");
            }
        }
        return method.of(setup, values, before);
    }
}
