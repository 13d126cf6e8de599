package app.drachen.core.stages;

import static app.drachen.core.stages.EveryRuleTest.line;

import app.drachen.core.air.Field;
import app.drachen.core.air.Ground;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.FlightFact;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.Surface;
import app.drachen.core.debrief.Landing;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.modes.Arming;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.EveryRuleTest.Line;
import app.drachen.core.stages.bench.BenchProofs;
import app.drachen.core.working.Finding.State;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Lines of the rules about radio, mixes, modes, losses and cards of the bench. */
final class CardLines {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();
    private static final long DAY = 86_400;

    private CardLines() {}

    private static Situation of(Setup setup, Proof... proofs) {
        return new Situation(setup, 1, Optional.of(DemoField.evening()), List.of(proofs), Map.of());
    }

    private static Situation with(UnaryOperator<Setup> change) {
        return of(change.apply(SOUND));
    }

    private static Situation controls(UnaryOperator<ControlSetup> change) {
        return with(s -> s.withControls(change.apply(s.controls())));
    }

    private static Situation modes(UnaryOperator<ModeSetup> change) {
        return with(s -> s.withModes(change.apply(s.modes())));
    }

    private static Situation second(UnaryOperator<SecondPath> change) {
        return modes(m -> m.withSecond(Optional.of(
                change.apply(SecondPath.USUAL.losing(Loss.Action.HOME).takenBack("the mode switch to Manual")))));
    }

    private static Proof proof(Setup setup, ProofKind kind, long when, boolean passed, Map<String, Double> values) {
        return Proof.gained(kind, setup, 1, when, Evidence.REAL, passed, "It went the wrong way.", values);
    }

    private static Situation proven(ProofKind kind, Map<String, Double> values) {
        return of(SOUND, proof(SOUND, kind, 5, true, values));
    }

    private static Setup withDevice(DeviceKind kind) {
        return SOUND.withHarness(SOUND.harness().plus(Device.typical("added", kind, "", ""), Lead.of("added", "", 26)));
    }

    /** Cards that only have to be passed: the rule, its evidence, an aircraft that has what it is about. */
    private static void plain(List<Line> lines, String rule, ProofKind kind, Setup setup, State failed) {
        lines.add(line(rule, of(setup), State.OPEN));
        lines.add(line(rule, of(setup, proof(setup, kind, 5, false, Map.of())), failed));
        lines.add(line(rule, of(setup, proof(setup, kind, 5, true, Map.of())), State.GOOD));
        lines.add(line(rule, of(other(setup), proof(setup, kind, 5, true, Map.of())), State.STALE));
    }

    /** The same aircraft with every facet changed that a card depends on. */
    private static Setup other(Setup setup) {
        var harness = setup.harness();
        return setup.withControls(setup.controls()
                        .change(Surface.ELEVATOR, o -> o.turnedRound()
                                .withCentre(1510)
                                .withLinkage(o.linkage().withRadii(0.01, 0.02)))
                        .withRadio(setup.controls()
                                .radio()
                                .map(r -> r.with(r.stick(Axis.ROLL).read(1001, 1500, 2000)))))
                .withPart("pack", p -> p.withMass(2 * p.mass()))
                .withModes(setup.modes()
                        .withHome(setup.modes().home().withHeight(70))
                        .withSelector(setup.modes().selector().withTravel(0.97, 0))
                        .withLosses(setup.modes().losses().with(Loss.COMPASS, Loss.Phase.AWAY, Loss.Action.LEVEL))
                        .withSecond(setup.modes().second().map(p -> p.delayed(0.36))))
                .withMount(setup.mount().withLevel(0.01, 0.01))
                .withHarness(harness.withMount(setup.mount().withLevel(0.01, 0.01))
                        .withBoard(
                                Boards.kiebitz().equals(harness.board())
                                        ? Boards.all().get(1)
                                        : Boards.kiebitz())
                        .withLeads(harness.leads().subList(1, harness.leads().size()))
                        .withRadios(
                                harness.radios().isEmpty()
                                        ? harness.radios()
                                        : harness.radios()
                                                .subList(1, harness.radios().size())));
    }

    static List<Line> all() {
        List<Line> lines = new ArrayList<>();
        cards(lines);
        throwing(lines);
        modes(lines);
        losses(lines);
        bench(lines);
        return lines;
    }

    private static void cards(List<Line> lines) {
        plain(lines, "THROWS-R1", ProofKind.CHANNEL_ORDER, SOUND, State.STOP);
        plain(lines, "THROWS-R2", ProofKind.END_POINTS, SOUND, State.CAUTION);
        plain(lines, "THROWS-R4", ProofKind.STICK_TO_OUTPUT, SOUND, State.STOP);
        plain(lines, "THROWS-R8", ProofKind.CENTRES_AND_THROWS, SOUND, State.CAUTION);
        plain(lines, "BENCH-R7", ProofKind.LINKAGE_PULL, SOUND, State.STOP);
        plain(lines, "BENCH-R3-FACES", ProofKind.SIX_FACES, SOUND, State.STOP);
        plain(lines, "BENCH-R3-LEVEL", ProofKind.LEVEL_AT_REST, SOUND, State.STOP);
        plain(lines, "BENCH-R4-SEEN", ProofKind.ROTATION, SOUND, State.STOP);
        plain(lines, "BENCH-R8", ProofKind.LOSS_OF_LINK, SOUND, State.STOP);
        plain(lines, "BENCH-R10", ProofKind.ARMING, SOUND, State.STOP);
        plain(lines, "BENCH-R11", ProofKind.MOTOR_RUN, SOUND, State.STOP);
        plain(lines, "BENCH-R14", ProofKind.READ_BACK, SOUND, State.STOP);
        plain(lines, "BENCH-R17", ProofKind.LOG_WORKS, SOUND, State.STOP);
        plain(lines, "BENCH-R9", ProofKind.RANGE_WALK, SOUND, State.STOP);
        plain(lines, "BENCH-SCALES", ProofKind.SCALES, SOUND, State.CAUTION);
        plain(lines, "MODES-R10", ProofKind.HOME_HEIGHT, SOUND, State.STOP);
        plain(lines, "BENCH-R13", ProofKind.COMPASS_SWING, withDevice(DeviceKind.COMPASS), State.STOP);
        plain(lines, "BENCH-R19", ProofKind.AIRSPEED_PROBE, withDevice(DeviceKind.AIRSPEED_SENSOR), State.CAUTION);
        plain(
                lines,
                "MODES-R13",
                ProofKind.HAND_OVER,
                SOUND.withModes(SOUND.modes().withSecond(Optional.of(SecondPath.USUAL))),
                State.STOP);
        // an aircraft that has flown is not grounded by a card that nobody asked for then
        lines.add(line("BENCH-R8", proven(ProofKind.MANUAL_FLOWN, Map.of()), State.OPEN));
        // what is not fitted is said to be
        lines.add(line("BENCH-R13", of(DemoAircraft.rochen()), State.GOOD));
        lines.add(line(
                "BENCH-R11",
                with(s -> s.withPropulsion(
                        new Propulsion(List.of(), s.propulsion().packs()))),
                State.GOOD));
    }

    private static void throwing(List<Line> lines) {
        RadioSide usual = RadioSide.USUAL;
        lines.add(line(
                "THROWS-R1",
                controls(c -> c.withRadio(
                        Optional.of(usual.with(usual.stick(Axis.POWER).on(1, Axis.ROLL))
                                .with(usual.stick(Axis.ROLL).on(3, Axis.POWER))))),
                State.STOP));
        lines.add(line(
                "THROWS-R2",
                controls(c -> c.withRadio(
                        Optional.of(usual.with(usual.stick(Axis.ROLL).read(1000, 1500, 1947))))),
                State.CAUTION));
        lines.add(line("THROWS-R4", controls(c -> c.withRadio(Optional.of(usual.mixing(true)))), State.CAUTION));
        Setup mixing =
                controls(c -> c.withRadio(Optional.of(usual.mixing(true)))).setup();
        lines.add(line(
                "THROWS-R4", of(mixing, proof(mixing, ProofKind.STICK_TO_OUTPUT, 5, false, Map.of())), State.STOP));
        Setup wing = DemoAircraft.rochen();
        lines.add(line(
                "THROWS-R4",
                of(wing.withControls(wing.controls().withRadio(Optional.of(usual.mixing(true))))),
                State.STOP));
        lines.add(line("THROWS-R8", controls(c -> c.change(Surface.RUDDER, o -> o.withCentre(1_590))), State.CAUTION));
        lines.add(line(
                "THROWS-R8",
                controls(c -> c.change(Surface.RUDDER, o -> o.withCentre(1_540)))
                        .having(List.of(), Optional.of(SOUND)),
                State.CAUTION));
        ExtraMix guess = ExtraMix.powerToPitch(0.09, 0.45, "", false);
        lines.add(line("THROWS-R11", of(SOUND), State.GOOD));
        lines.add(line("THROWS-R11", controls(c -> c.withExtras(List.of(guess))), State.STOP));
        lines.add(line("THROWS-R11", controls(c -> c.withExtras(List.of(guess.on("no such")))), State.STOP));
        lines.add(line("THROWS-R11", controls(c -> c.withExtras(List.of(guess.on("left shoulder")))), State.GOOD));
        lines.add(line("THROWS-R12", of(SOUND), State.GOOD));
        lines.add(line("THROWS-R12", controls(c -> c.withExtras(List.of(guess))), State.CAUTION));
        lines.add(
                line("THROWS-R12", controls(c -> c.withExtras(List.of(guess.withAmount(0.35, true)))), State.CAUTION));
        lines.add(line("THROWS-R12", controls(c -> c.withExtras(List.of(guess.withAmount(0.09, true)))), State.GOOD));
        // against trims that were flown: a measured mix 5 points off warns, one within does not, and without a mix
        // nothing is off
        Setup mixed =
                SOUND.withControls(SOUND.controls().withExtras(List.of(ExtraMix.powerToPitch(0.09, 0.45, "", true))));
        lines.add(line("THROWS-R12", of(mixed, flownTrims(mixed, 0.05)), State.GOOD));
        lines.add(line("THROWS-R12", of(mixed, flownTrims(mixed, 0.03)), State.CAUTION));
        lines.add(line("THROWS-R12", of(SOUND, flownTrims(SOUND, 0.09)), State.GOOD));
        lines.add(line("THROWS-R13", of(SOUND), State.GOOD));
        lines.add(line(
                "THROWS-R13",
                with(s -> s.withMoved(app.drachen.core.airframe.PartKind.MOTOR, 0, 0.12)),
                State.CAUTION));
        lines.add(line("THROWS-R13", controls(c -> c.withOutputs(List.of())), State.OPEN));
        // One elevon turned round: nothing pitches.
        lines.add(line("THROWS-R13", of(DemoAircraft.rochenOnTheBench()), State.OPEN));
    }

    private static Proof flownTrims(Setup setup, double needed) {
        return proof(setup, ProofKind.POWER_TRIMS, 5, true, Map.of("needed", needed, "cruisePower", 0.45));
    }

    /** Ground that rises to a height [m] in all of so many rings of 10 m. */
    private static Field land(double top, int rings) {
        return DemoField.evening().withGround(Optional.of(new Ground("land.asc", 10, Collections.nCopies(rings, top))));
    }

    private static void modes(List<Line> lines) {
        Setup lands =
                SOUND.withModes(SOUND.modes().withHome(SOUND.modes().home().withArrival(HomeProfile.Arrival.LAND, 30)));
        lines.add(line("MODES-R9", of(SOUND).on(land(12, 120)), State.GOOD));
        lines.add(line("MODES-R9", of(SOUND).on(land(70, 120)), State.STOP));
        lines.add(line("MODES-R9", of(SOUND).on(land(12, 60)), State.OPEN));
        lines.add(line("MODES-R15", of(lands), State.STOP));
        lines.add(line("MODES-R15", of(lands, proof(lands, ProofKind.HOME_LANDED, 5, true, Map.of())), State.GOOD));
        lines.add(line("MODES-R15", of(lands, proof(lands, ProofKind.HOME_LANDED, 5, false, Map.of())), State.STOP));
        // a landing that was proven with another profile proves this one no more
        lines.add(line("MODES-R15", of(lands, proof(SOUND, ProofKind.HOME_LANDED, 5, true, Map.of())), State.STOP));
        lines.add(line(
                "MODES-R4",
                modes(m -> {
                    List<app.drachen.core.modes.RadioSwitch> all = new ArrayList<>(m.switches());
                    all.add(new app.drachen.core.modes.RadioSwitch(
                            "tune",
                            all.get(0).channel(),
                            app.drachen.core.modes.SelectorKind.TWO,
                            app.drachen.core.modes.RadioSwitch.Use.HELPER,
                            List.of("off", "on")));
                    return m.withSwitches(all);
                }),
                State.CAUTION));
        lines.add(line("MODES-R5", of(SOUND), State.GOOD));
        lines.add(line("MODES-R5", modes(m -> m.withArming(Optional.empty())), State.OPEN));
        lines.add(line(
                "MODES-R5", modes(m -> m.withArming(Optional.of(new Arming(false, true, 0.05, "")))), State.CAUTION));
        lines.add(line(
                "MODES-R5", modes(m -> m.withArming(Optional.of(new Arming(true, false, 0.05, "")))), State.CAUTION));
        lines.add(line(
                "MODES-R5",
                modes(m -> m.withArming(Optional.of(new Arming(true, false, 0.05, "")))
                        .withLosses(m.losses().with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.GLIDE))),
                State.GOOD));
        lines.add(line("MODES-R8", of(SOUND), State.GOOD));
        lines.add(line("MODES-R8", limits(35, 4, 18), State.STOP));
        lines.add(line("MODES-R8", limits(70, 18, 18), State.STOP));
        lines.add(line("MODES-R8", limits(65, 45, 5), State.GOOD));
        lines.add(line("MODES-R15", of(SOUND), State.GOOD));
        lines.add(line(
                "MODES-R15", modes(m -> m.withHome(m.home().withArrival(HomeProfile.Arrival.LAND, 30))), State.STOP));
        lines.add(line("MODES-R16", of(SOUND), State.GOOD));
        lines.add(line("MODES-R16", limits(45, 18, 18).having(List.of(), Optional.of(SOUND)), State.CAUTION));
        lines.add(line("MODES-R16", limits(43, 18, 18).having(List.of(), Optional.of(SOUND)), State.GOOD));
        lines.add(line("MODES-R17", of(SOUND), State.GOOD));
        lines.add(line(
                "MODES-R17",
                of(SOUND.withHarness(app.drachen.core.setup.HarnessSection.EMPTY)
                        .withParts(SOUND.parts().stream()
                                .filter(p -> p.kind() != app.drachen.core.airframe.PartKind.SATELLITE_RECEIVER)
                                .toList())),
                State.STOP));
        lines.add(line("MODES-R17", with(s -> s.withHarness(app.drachen.core.setup.HarnessSection.EMPTY)), State.OPEN));
        // a second switch that takes the channel: Manual then needs two moves
        lines.add(line(
                "MODES-R3",
                modes(m -> m.withSelector(m.selector()
                        .withSecond(Optional.of(new app.drachen.core.modes.SecondSwitch(
                                "panic", app.drachen.core.modes.SelectorKind.TWO, 0.97, 2))))),
                State.STOP));
    }

    private static Situation limits(double bank, double up, double down) {
        return modes(m -> {
            Limits l = m.limits();
            return m.withLimits(new Limits(
                    Math.toRadians(bank),
                    Math.toRadians(up),
                    Math.toRadians(down),
                    l.leastSpeed(),
                    l.cruiseSpeed(),
                    l.topSpeed(),
                    l.climbRate()));
        });
    }

    private static void losses(List<Line> lines) {
        lines.add(line("MODES-R11", of(SOUND), State.GOOD));
        lines.add(line("MODES-R11", modes(m -> m.withLosses(LossPlan.NONE)), State.OPEN));
        lines.add(line(
                "MODES-R11",
                modes(m -> m.withLosses(m.losses().with(Loss.POWER, Loss.Phase.CLIMB, Loss.Action.OPEN))),
                State.OPEN));
        lines.add(line(
                "MODES-R11",
                modes(m -> m.withLosses(m.losses().with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.GO_ON))),
                State.STOP));
        lines.add(line("MODES-R12", of(SOUND), State.GOOD));
        lines.add(line("MODES-R12", second(p -> p), State.GOOD));
        lines.add(line("MODES-R12", second(p -> p.losing(Loss.Action.OPEN)), State.STOP));
        lines.add(line("MODES-R12", second(p -> p.takenBack(" ")), State.STOP));
        lines.add(line("MODES-R12", second(p -> p.withRadio(false)), State.STOP));
        lines.add(line("MODES-R13", of(SOUND), State.GOOD));
        lines.add(line(
                "MODES-R13",
                second(p -> p.handed(new SecondPath.Asked(0.5, 0.5, FlightMode.HOLD, FlightMode.LEVEL))),
                State.OPEN));
        // unlike requests only warn, and hide neither a card that failed nor one that is missing
        Setup unlike = second(p -> p.handed(new SecondPath.Asked(0.7, 0.4, FlightMode.HOLD, FlightMode.HOLD)))
                .setup();
        lines.add(line("MODES-R13", of(unlike), State.OPEN));
        lines.add(line("MODES-R13", of(unlike, proof(unlike, ProofKind.HAND_OVER, 5, false, Map.of())), State.STOP));
        lines.add(line("MODES-R13", of(unlike, proof(unlike, ProofKind.HAND_OVER, 5, true, Map.of())), State.CAUTION));
        lines.add(line("MODES-R14", of(SOUND), State.GOOD));
        lines.add(line("MODES-R14", second(p -> p), State.GOOD));
        lines.add(line("MODES-R14", second(p -> p.flying(List.of())), State.OPEN));
        lines.add(line(
                "MODES-R14", second(p -> p.flying(List.of(FlightMode.LEVEL)).delayed(0.6)), State.STOP));
        lines.add(line(
                "MODES-R14", second(p -> p.flying(List.of(FlightMode.MANUAL)).delayed(0.35)), State.STOP));
        lines.add(line("MODES-R14", second(p -> p.delayed(3)), State.STOP));
        // a measured delay rules over the entered one
        Setup console = SOUND.withModes(SOUND.modes().withSecond(Optional.of(SecondPath.USUAL)));
        lines.add(line(
                "MODES-R14",
                of(console, proof(console, ProofKind.HAND_OVER, 5, true, Map.of("delay", 2.5))),
                State.STOP));
        // the stand-in never makes an entered delay shorter; the real aircraft does
        Setup slow = second(p -> p.delayed(3)).setup();
        Map<String, Double> quick = Map.of("delay", 0.05);
        lines.add(line("MODES-R14", of(slow, handed(slow, Proof.Evidence.STAND_IN, quick)), State.STOP));
        lines.add(line("MODES-R14", of(slow, handed(slow, Proof.Evidence.REAL, quick)), State.GOOD));
        lines.add(line(
                "MODES-R14", of(console, handed(console, Proof.Evidence.STAND_IN, Map.of("delay", 2.5))), State.STOP));
    }

    private static void bench(List<Line> lines) {
        Proof sticks = proof(SOUND, ProofKind.STICK_TO_SURFACE, 10 * DAY, true, Map.of());
        lines.add(line("BENCH-R1", of(SOUND), State.GOOD));
        lines.add(line("BENCH-R1", of(SOUND, sticks), State.OPEN));
        lines.add(line(
                "BENCH-R1",
                of(SOUND, sticks, proof(SOUND, ProofKind.PROPELLER_OFF, 10 * DAY - 60, true, Map.of())),
                State.GOOD));
        lines.add(line(
                "BENCH-R1",
                of(SOUND, sticks, proof(SOUND, ProofKind.PROPELLER_OFF, 9 * DAY, true, Map.of())),
                State.STOP));
        Proof enabled = proof(SOUND, ProofKind.ARMING, 5, true, Map.of("outputs", 0.0));
        Proof disabled = proof(SOUND, ProofKind.ARMING, 5, false, Map.of("outputs", 1.0));
        lines.add(line("BENCH-R2", of(SOUND), State.OPEN));
        lines.add(line("BENCH-R2", of(SOUND, enabled), State.STOP));
        lines.add(line("BENCH-R2", of(SOUND, enabled, sticks), State.GOOD));
        lines.add(line("BENCH-R2", of(SOUND, disabled, sticks), State.STOP));
        Proof pulled = proof(SOUND, ProofKind.LINKAGE_PULL, 10 * DAY, true, Map.of());
        lines.add(line("BENCH-R7", of(SOUND, pulled).having(flights(20, "landed"), Optional.empty()), State.GOOD));
        lines.add(line("BENCH-R7", of(SOUND, pulled).having(flights(21, "landed"), Optional.empty()), State.CAUTION));
        lines.add(line(
                "BENCH-R7",
                of(SOUND, pulled).having(flights(1, "A hard landing at 4 m/s."), Optional.empty()),
                State.STOP));
        for (Landing end : Landing.values()) {
            lines.add(line(
                    "BENCH-R7",
                    of(SOUND, pulled).having(flights(1, "Read from a.csv, " + end.words()), Optional.empty()),
                    State.STOP));
        }
        // pulled at in the morning of the day of the crash, and in its evening
        List<FlightFact> crash = flights(1, "It hit the ground.");
        Proof morning = proof(SOUND, ProofKind.LINKAGE_PULL, 31 * DAY - 60, true, Map.of());
        Proof evening = proof(SOUND, ProofKind.LINKAGE_PULL, 31 * DAY + 60, true, Map.of());
        lines.add(line("BENCH-R7", of(SOUND, morning).having(crash, Optional.empty()), State.STOP));
        lines.add(line("BENCH-R7", of(SOUND, evening).having(crash, Optional.empty()), State.GOOD));
        Map<String, Double> walk = Map.of("reduced", 30.0, "distance", 40.0, "running", 45.0);
        lines.add(line("BENCH-R9", proven(ProofKind.RANGE_WALK, walk), State.GOOD));
        lines.add(line(
                "BENCH-R9",
                proven(ProofKind.RANGE_WALK, Map.of("reduced", 20.0, "distance", 31.0, "running", 31.0))
                        .planning(CardPlans.byId("mission")),
                State.STOP));
        var far = CardPlans.byId("home");
        Situation fixed = proven(ProofKind.HOME_FIX, Map.of()).planning(far);
        lines.add(line("BENCH-R12", of(SOUND), State.GOOD));
        lines.add(line("BENCH-R12", of(SOUND).planning(far), State.OPEN));
        lines.add(line(
                "BENCH-R12", fixed.at(LocalDate.of(1970, 1, 1).atTime(12, 0).atZone(ZoneOffset.UTC)), State.GOOD));
        lines.add(line(
                "BENCH-R12", fixed.at(LocalDate.of(2026, 5, 31).atTime(12, 0).atZone(ZoneOffset.UTC)), State.OPEN));
        // the pilot's day, not that of Greenwich
        lines.add(line("BENCH-R12", fixed.at(utc(3_600).withZoneSameInstant(ZoneOffset.ofHours(-7))), State.GOOD));
        lines.add(line("BENCH-R12", fixed.at(utc(8 * 3_600).withZoneSameInstant(ZoneOffset.ofHours(-7))), State.OPEN));
        lines.add(line("BENCH-R12", of(SOUND, proof(SOUND, ProofKind.HOME_FIX, 5, false, Map.of())), State.STOP));
        Setup compass = withDevice(DeviceKind.COMPASS);
        Situation swung = of(compass, proof(compass, ProofKind.COMPASS_SWING, 5, true, Map.of()));
        lines.add(line("BENCH-R13", swung.at(utc(90 * DAY)), State.GOOD));
        lines.add(line("BENCH-R13", swung.at(utc(92 * DAY)), State.CAUTION));
        Situation ready = proven(ProofKind.PREFLIGHT, BenchCards.answered(CardId.PREFLIGHT, SOUND, 1));
        var first = CardPlans.byId("first-flight");
        lines.add(line("BENCH-R15", of(SOUND), State.GOOD));
        lines.add(line("BENCH-R15", of(SOUND).planning(first), State.OPEN));
        lines.add(line("BENCH-R15", ready.planning(first).at(utc(3_500)), State.GOOD));
        lines.add(line("BENCH-R15", ready.planning(first).at(utc(3_800)), State.OPEN));
        lines.add(line(
                "BENCH-R15",
                of(SOUND, proof(SOUND, ProofKind.PREFLIGHT, 5, false, Map.of())).planning(first),
                State.STOP));
        lines.add(line(
                "BENCH-R15",
                of(other(SOUND), proof(SOUND, ProofKind.PREFLIGHT, 5, true, Map.of()))
                        .planning(first),
                State.STALE));
        Proof[] needed = java.util.stream.Stream.of(
                        ProofKind.STICK_TO_SURFACE, ProofKind.LINKAGE_PULL, ProofKind.ARMING, ProofKind.LOSS_OF_LINK)
                .map(k -> proof(SOUND, k, 5, true, Map.of()))
                .toArray(Proof[]::new);
        lines.add(line("BENCH-R16", of(SOUND), State.OPEN));
        lines.add(line("BENCH-R16", of(SOUND).planning(first), State.OPEN));
        lines.add(line("BENCH-R16", of(SOUND, needed).planning(first), State.GOOD));
        lines.add(line("BENCH-R16", of(SOUND, needed).planning(CardPlans.byId("hold")), State.OPEN));
        lines.add(line("BENCH-R18", of(SOUND), State.GOOD));
        lines.add(line("BENCH-R18", of(SOUND).planning(first), State.OPEN));
        lines.add(line("BENCH-R18", ready, State.GOOD));
        lines.add(line("BENCH-R18", proven(ProofKind.PREFLIGHT, Map.of("sender", 420.0, "warm", 60.0)), State.CAUTION));
        lines.add(line("BENCH-R20", of(SOUND), State.GOOD));
        lines.add(line("BENCH-R20", of(SOUND).planning(first), State.OPEN));
        lines.add(line("BENCH-R20", ready, State.GOOD));
        lines.add(line(
                "BENCH-R20",
                proven(ProofKind.PREFLIGHT, Map.of("camera", 0.2, "picture", 0.0, "finder", 0.0)),
                State.CAUTION));
    }

    private static Proof handed(Setup setup, Proof.Evidence by, Map<String, Double> values) {
        return Proof.gained(ProofKind.HAND_OVER, setup, 1, 5, by, true, "", values);
    }

    private static ZonedDateTime utc(long seconds) {
        return Instant.ofEpochSecond(seconds).atZone(ZoneOffset.UTC);
    }

    private static List<FlightFact> flights(int number, String outcome) {
        List<FlightFact> flights = new ArrayList<>();
        for (int i = 1; i <= number; i++) {
            flights.add(new FlightFact(i, 1, 31 * DAY, LocalDate.of(1970, 2, 1), false, "log", outcome));
        }
        return flights;
    }

    /** Every card has its evidence, and every evidence of a card its card. */
    static void mapped() {
        for (CardId id : CardId.values()) {
            if (!BenchProofs.card(BenchProofs.of(id)).equals(Optional.of(id))) {
                throw new AssertionError(id + " shares its evidence");
            }
        }
    }
}
