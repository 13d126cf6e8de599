package app.drachen.core.demo;

import app.drachen.core.air.Field;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.flight.Trim;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.rehearsal.Fault;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;

/** Mistakes and bad luck worth seeing once in the model before they are seen outside. */
public final class DemoScenarios {
    private static final Field EVENING = DemoField.evening();
    private static final Field DAY = DemoField.deichwiese();
    private static final Field CALM = EVENING.withWind(0.5, 0, 0.8);

    /** Share of power in the elevator that holds the nose through a power chop of the low thrust line. */
    private static final double POWER_SHARE = 0.12;

    private static final List<Scenario> ALL = List.of(
            of(
                    "turned-servo",
                    "rolls away within seconds of the throw",
                    rochen(),
                    "first-flight",
                    EVENING,
                    "turned-servo"),
            of(
                    "turned-servo-level",
                    "Level makes it worse: it drives the wing it should lift down",
                    launchedIn(rochen(), FlightMode.LEVEL),
                    "first-flight",
                    EVENING,
                    "turned-servo"),
            of(
                    "board-backwards",
                    "Manual flies well, Level rolls away",
                    seeschwalbe(),
                    "first-flight",
                    EVENING,
                    "board-backwards"),
            of("double-mix", "half the control is gone", rochen(), "first-flight", EVENING, "double-mix"),
            of(
                    "aft-cg",
                    "small sticks, large pitch; farther back it cannot be flown",
                    strandlaeufer(),
                    "first-flight",
                    EVENING,
                    "pack-moved:120mm"),
            of("far-aft-cg", "pitch runs away", strandlaeufer(), "first-flight", EVENING, "pack-moved:380mm"),
            of(
                    "nose-heavy",
                    "much up-elevator, lands fast",
                    strandlaeufer(),
                    "first-flight",
                    EVENING,
                    "pack-moved:-80mm"),
            of("radio-trim", "Hold becomes a wide steady circle", seeschwalbe(), "hold", EVENING, "radio-trim"),
            of("bank-limit", "the circle at home drifts with the wind", seeschwalbe(), "home", DAY, "bank-limit"),
            of("height-gain", "slow porpoising in Hold, none in Level", seeschwalbe(), "hold", DAY, "height-gain:7"),
            of(
                    "rate-gain",
                    "fast shaking in Level and Hold, none in Manual",
                    seeschwalbe(),
                    "hold",
                    EVENING,
                    "rate-gain"),
            of(
                    "sluggish",
                    "slow to take a bank; Autotune mends it step by step",
                    seeschwalbe(),
                    "tune",
                    CALM,
                    "sluggish"),
            of(
                    "steep-home",
                    "Home climbs steeper than the power allows: slow, weaving, then well at its height",
                    strandlaeufer(),
                    "home",
                    EVENING,
                    "steep-home"),
            of(
                    "power-chop",
                    "a low thrust line: power off, and it dives",
                    seeschwalbe(),
                    "power",
                    CALM,
                    "thrust-line:-80mm"),
            of(
                    "power-chop-mixed",
                    "the same with a share of power in the elevator: the nose stays",
                    withPowerShare(seeschwalbe(), POWER_SHARE),
                    "power",
                    CALM,
                    "thrust-line:-80mm"),
            of(
                    "torque",
                    "full power with still sticks: the motor's torque rolls it to the left",
                    seeschwalbe(),
                    "power",
                    CALM),
            of(
                    "crosswind-trim",
                    "auto-trim learns the rudder that holds the nose on the line",
                    seeschwalbe(),
                    "auto-trim",
                    EVENING.withWind(
                            1.5,
                            EVENING.stripHeading() + Math.PI / 2 > 2 * Math.PI
                                    ? EVENING.stripHeading() - Math.PI / 2
                                    : EVENING.stripHeading() + Math.PI / 2,
                            1.8)),
            of(
                    "weak-throw",
                    "sinks into the ground: thrown below stall speed",
                    seeschwalbe(),
                    "first-flight",
                    CALM,
                    "weak-throw:2.5m/s"),
            of(
                    "launch-help",
                    "thrown in Hold: it keeps its wings level, starts the motor and climbs",
                    launchedIn(seeschwalbe(), FlightMode.HOLD),
                    "hold",
                    EVENING),
            of("long-way-home", "out with the wind, back against it: twice the time", seeschwalbe(), "home", DAY),
            of("small-pack", "the pack's alarm ends the flight", seeschwalbe(), "tune", EVENING, "small-pack"),
            of(
                    "link-range",
                    "the radio is lost on the way out: it flies Home by itself",
                    seeschwalbe(),
                    "home",
                    EVENING,
                    "link-range"),
            of(
                    "fix-lost",
                    "no position in Home: it waits in a shallow turn",
                    seeschwalbe(),
                    "home",
                    EVENING,
                    "fix-lost:70s"),
            of(
                    "pitot-blocked",
                    "the pitot lies, is found out and no longer believed",
                    seeschwalbe(),
                    "mission",
                    EVENING,
                    "pitot-blocked:12s"),
            of("mission", "one lap, every leg on its line", seeschwalbe(), "mission", EVENING));

    private DemoScenarios() {}

    /**
     * One of them.
     *
     * @param id stable id
     * @param lookFor what to see
     * @param setup the aircraft
     * @param card id of the card
     * @param field where
     * @param faults as text
     */
    public record Scenario(String id, String lookFor, Setup setup, String card, Field field, List<String> faults) {
        public Scenario {
            faults = List.copyOf(faults);
        }

        /** What is to be flown. */
        public RehearsalPlan plan(long seed) {
            RehearsalPlan plan =
                    new RehearsalPlan(setup, CardPlans.byId(card).orElseThrow().forAircraft(setup, field), field, seed);
            for (String fault : faults) {
                plan = Fault.parse(fault).in(plan);
            }
            return plan;
        }
    }

    public static List<Scenario> all() {
        return ALL;
    }

    public static Optional<Scenario> byId(String id) {
        return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private static Scenario of(String id, String lookFor, Setup setup, String card, Field field, String... faults) {
        return new Scenario(id, lookFor, setup, card, field, List.of(faults));
    }

    private static Setup rochen() {
        return DemoAircraft.rochen();
    }

    private static Setup strandlaeufer() {
        return DemoAircraft.strandlaeufer();
    }

    private static Setup seeschwalbe() {
        return DemoAircraft.seeschwalbe();
    }

    private static Setup launchedIn(Setup setup, FlightMode mode) {
        ModeSetup m = setup.modes();
        return setup.withModes(m.withLaunchMode(mode));
    }

    /** A share of power in the elevator, its centre moved so that nothing changes at cruise power. */
    private static Setup withPowerShare(Setup setup, double share) {
        double cruise = setup.modes().limits().cruiseSpeed();
        double power = Trim.level(setup, cruise, CALM.density()) instanceof Trim.Result.Trimmed t ? t.power() : 0.5;
        return setup.withControls(setup.controls().change(Surface.ELEVATOR, o -> {
            Output mixed = o.withMix(o.mix().with(Axis.POWER, share));
            return mixed.withCentre(mixed.unlimitedPulse(-share * power));
        }));
    }
}
