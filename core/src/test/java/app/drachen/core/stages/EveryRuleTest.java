package app.drachen.core.stages;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.AngleCheck;
import app.drachen.core.airframe.AngleCheck.How;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.MeasuredBalance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Wing;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.OwnFigures;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.BandText;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.BuildStep;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every rule, fed a case that must pass, one that must not, and where it needs something that may be missing, one it
 * cannot tell. A rule without its three lines here fails.
 */
class EveryRuleTest {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();
    private static final Field EVENING = DemoField.evening();

    private static Situation of(Setup setup, Optional<Field> field, Proof... proofs) {
        return new Situation(setup, 1, field, List.of(proofs), Map.of());
    }

    private static Proof proof(ProofKind kind, boolean passed) {
        return Proof.gained(kind, SOUND, 1, 5, Evidence.REAL, passed, "seen", Map.of());
    }

    private static Setup withoutFins(Setup setup) {
        return setup.withAirframe(setup.airframe().withTail(new app.drachen.core.airframe.Tail.None(List.of())));
    }

    private static Situation with(UnaryOperator<Setup> change) {
        return of(change.apply(SOUND), Optional.of(EVENING));
    }

    private static Situation modes(UnaryOperator<ModeSetup> change) {
        return with(s -> s.withModes(change.apply(s.modes())));
    }

    private static Situation controls(UnaryOperator<ControlSetup> change) {
        return with(s -> s.withControls(change.apply(s.controls())));
    }

    private static final Situation GOOD = of(SOUND, Optional.of(EVENING));
    private static final Situation NO_FIELD = of(SOUND, Optional.empty());
    /** A field of which nobody has said what stands there, nor how high one may fly. */
    private static final Field BARE =
            new Field("f", 2, 0, 3, 10, 288, 101_325, 0, 60, Optional.empty(), List.of(), false, Optional.empty());

    private static final Situation BARE_FIELD = GOOD.on(BARE);
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 31);

    /** Rate gains four times as high as they were. */
    private static final Setup GAINED =
            SOUND.withTune(SOUND.tune().withRollRate(4 * SOUND.gains().roll().rate()));

    /** As weighed, with so much more mass and the CG so far off. */
    private static Situation weighed(double more, double off) {
        MassProperties listed = SOUND.computedBalance();
        double aft = listed.centre().aft();
        return with(s -> s.withBuild(s.build()
                .withMeasured(Optional.of(new MeasuredBalance(more * listed.mass(), aft + off, listed.mass(), aft)))));
    }

    /** As a weighing of old has told it, with so much more and so much further aft. */
    private static Situation scale(double more, double aft) {
        return of(
                SOUND,
                Optional.of(EVENING),
                Proof.gained(
                        ProofKind.WEIGHING,
                        SOUND,
                        1,
                        5,
                        Evidence.REAL,
                        true,
                        "seen",
                        Map.of("mass", 1.8 + more, "centre", 0.4 + aft, "computedMass", 1.8, "computedCentre", 0.4)));
    }

    /** The tail as built, so many degrees off the drawing. */
    private static Situation angles(How how, double off) {
        return with(s -> s.withBuild(
                s.build().withAngles(new AngleCheck(how, s.airframe().incidenceDifference() + Math.toRadians(off)))));
    }

    private static Situation wings(double degrees) {
        return with(s -> {
            Wing w = s.airframe().wing();
            return s.withAirframe(s.airframe()
                    .withWing(new Wing(
                            w.rootLeadingEdge(),
                            w.up(),
                            w.panels(),
                            w.section(),
                            w.incidence(),
                            Math.toRadians(degrees),
                            w.flaps())));
        });
    }

    private static Situation steps(BuildStep... done) {
        return with(s -> s.withBuild(s.build().withSteps(List.of(done))));
    }

    /** Something heavy at a wing tip. */
    private static Situation atTheTip(double mass) {
        return with(s -> {
            List<Part> more = new ArrayList<>(s.parts());
            more.add(new Part("light", PartKind.OTHER, mass, new Position(0.3, 0.85, 0)));
            return s.withParts(more);
        });
    }

    private static Setup gliding(Setup setup) {
        return setup.withPropulsion(setup.propulsion().withDrives(List.of()));
    }

    private static Situation cells(int cells) {
        return with(s -> s.withPropulsion(s.propulsion()
                .withPack(new Pack("p", cells, s.propulsion().pack().capacity(), 0.02))));
    }

    private static Situation elevons(MixRow left, MixRow right) {
        Setup wing = DemoAircraft.rochen();
        return of(
                wing.withControls(wing.controls()
                        .change(Surface.LEFT_ELEVON, o -> o.withMix(left))
                        .change(Surface.RIGHT_ELEVON, o -> o.withMix(right))),
                Optional.of(EVENING));
    }

    /** So many of so many rehearsals came down whole; 37 of 40 have a lower bound of 80.1 % (Wilson 1927). */
    private static Situation rehearsed(int flights, int whole) {
        return of(
                SOUND,
                Optional.of(EVENING),
                Proof.gained(
                        ProofKind.REHEARSAL,
                        SOUND,
                        1,
                        5,
                        Evidence.REHEARSED,
                        true,
                        "seen",
                        Map.of("flights", (double) flights, "whole", (double) whole)));
    }

    /** A wind measured so many days before the day on which it is asked about. */
    private static Situation daysOld(int days) {
        return GOOD.on(EVENING.measured(TODAY.minusDays(days)))
                .at(TODAY.atTime(12, 0).atZone(java.time.ZoneOffset.UTC));
    }

    /** A second switch that arms, on the channel of the first. */
    private static List<RadioSwitch> withSecondArming(List<RadioSwitch> all) {
        List<RadioSwitch> more = new ArrayList<>(all);
        RadioSwitch arming = all.get(1);
        more.add(new RadioSwitch("second", all.get(0).channel(), arming.kind(), arming.use(), arming.positions()));
        return more;
    }

    /** All switches on the channel of the first. */
    private static List<RadioSwitch> sharing(List<RadioSwitch> all) {
        return all.stream()
                .map(s -> new RadioSwitch(s.name(), all.get(0).channel(), s.kind(), s.use(), s.positions()))
                .toList();
    }

    /** A line: the rule, a situation, what it must say. */
    record Line(String rule, Situation situation, State says) {}

    static Line line(String rule, Situation situation, State says) {
        return new Line(rule, situation, says);
    }

    static Stream<Line> lines() {
        List<Line> lines = new ArrayList<>(List.of(
                line("BUILD-R1", GOOD, State.GOOD),
                line("BUILD-R1", of(DemoAircraft.strandlaeuferNewPack(), Optional.empty()), State.STOP),
                line(
                        "BUILD-R1",
                        with(s -> s.withMoved(app.drachen.core.airframe.PartKind.PACK, -0.2, 0)),
                        State.CAUTION),
                line("BUILD-R7", GOOD, State.GOOD),
                line("BUILD-R7", with(s -> s.withAirframe(s.airframe().withTail(small(s)))), State.CAUTION),
                line("BUILD-R7", of(DemoAircraft.rochen(), Optional.empty()), State.GOOD),
                line("BUILD-R7", of(withoutFins(DemoAircraft.rochen()), Optional.empty()), State.CAUTION),
                line("THROWS-R3", GOOD, State.GOOD),
                line("THROWS-R3", controls(c -> c.change(Surface.RUDDER, o -> o.withMix(MixRow.NONE))), State.STOP),
                line("THROWS-R5", GOOD, State.GOOD),
                line("THROWS-R5", controls(c -> c.change(Surface.ELEVATOR, o -> o.turnedRound())), State.STOP),
                line("THROWS-R6", GOOD, State.GOOD),
                line(
                        "THROWS-R6",
                        controls(c -> c.change(Surface.ELEVATOR, o -> o.withTravel(1_300, 1_700))),
                        State.CAUTION),
                line("THROWS-R6", controls(c -> new ControlSetup(List.of(), c.trims(), c.rates())), State.OPEN),
                line("THROWS-R7", GOOD, State.GOOD),
                line("THROWS-R7", controls(c -> c.withTrims(new RadioTrims(0, 0.03, 0))), State.STOP),
                line("THROWS-R9", GOOD, State.GOOD),
                line("THROWS-R9", controls(c -> c.withRates(new Rates(0.1, 0.5, 0.5, 0.3))), State.CAUTION),
                line("MODES-R1", GOOD, State.GOOD),
                line("MODES-R1", modes(m -> m.withSelector(m.selector().withTravel(1.03, 0))), State.STOP),
                line(
                        "MODES-R1",
                        modes(m -> m.withSelector(m.selector().withBands(BandText.read("800 Manual 900")))),
                        State.OPEN),
                line("MODES-R2", GOOD, State.GOOD),
                line(
                        "MODES-R2",
                        modes(m -> m.withSelector(m.selector().withBands(BandText.read("800 Manual 1500 Home 2200")))),
                        State.STOP),
                line("MODES-R3", GOOD, State.GOOD),
                line("MODES-R3", modes(m -> m.withSelector(m.selector().withMode(1, FlightMode.RATE))), State.STOP),
                line("MODES-R6", GOOD, State.GOOD),
                line("MODES-R6", modes(m -> m.withLimits(m.limits().withBank(Math.toRadians(65)))), State.STOP),
                line("MODES-R7", GOOD, State.GOOD),
                line("MODES-R7", modes(m -> m.withHome(m.home().withRadius(15))), State.STOP),
                line("MODES-R7", NO_FIELD, State.OPEN),
                line("MODES-R7", daysOld(0), State.GOOD),
                line("MODES-R7", daysOld(1), State.STALE),
                line("MODES-R7", GOOD.at(TODAY.atTime(12, 0).atZone(java.time.ZoneOffset.UTC)), State.OPEN),
                line("MODES-R9", GOOD, State.GOOD),
                line("MODES-R9", modes(m -> m.withHome(m.home().withHeight(400))), State.STOP),
                line("MODES-R9", NO_FIELD, State.OPEN),
                line("MAIDEN-R1", GOOD, State.GOOD),
                line("MAIDEN-R1", of(SOUND, Optional.of(EVENING.withWind(9, 0, 14))), State.STOP),
                line("MAIDEN-R1", NO_FIELD, State.OPEN),
                line("MAIDEN-R1", daysOld(0), State.GOOD),
                line("MAIDEN-R1", daysOld(1), State.STALE),
                line("MAIDEN-R1", GOOD.at(TODAY.atTime(12, 0).atZone(java.time.ZoneOffset.UTC)), State.OPEN),
                line("MAIDEN-R2", GOOD, State.GOOD),
                line("MAIDEN-R2", modes(m -> m.withLaunchMode(FlightMode.LEVEL)), State.STOP),
                line("MODES-R4", GOOD, State.GOOD),
                line("MODES-R4", modes(m -> m.withSwitches(List.of())), State.OPEN),
                line("MODES-R4", modes(m -> m.withSwitches(m.switches().subList(0, 1))), State.OPEN),
                line("MODES-R4", modes(m -> m.withSwitches(m.switches().subList(1, 2))), State.OPEN),
                line("MODES-R4", modes(m -> m.withSwitches(sharing(m.switches()))), State.STOP),
                line("MODES-R4", modes(m -> m.withSwitches(withSecondArming(m.switches()))), State.STOP),
                line("BUILD-R3", weighed(1.01, 0.002), State.GOOD),
                line("BUILD-R3", weighed(1.04, 0.002), State.CAUTION),
                line("BUILD-R3", weighed(1.01, -0.006), State.CAUTION),
                line("BUILD-R3", GOOD, State.CAUTION),
                line("BUILD-R3", scale(0.004, 0.001), State.GOOD),
                line("BUILD-R3", scale(0.1, 0.001), State.CAUTION),
                line("BUILD-R8", GOOD, State.GOOD),
                line("BUILD-R8", GOOD.having(List.of(), Optional.of(SOUND)), State.GOOD),
                line(
                        "BUILD-R8",
                        GOOD.having(List.of(), Optional.of(SOUND.withPart("pack", p -> p.withMass(p.mass() - 0.07)))),
                        State.CAUTION),
                line(
                        "BUILD-R8",
                        with(s -> s.withPropulsion(s.propulsion()
                                        .withPack(s.propulsion().pack().withShare(0.9))))
                                .having(List.of(), Optional.of(SOUND)),
                        State.CAUTION),
                line("BUILD-OWN", GOOD, State.GOOD),
                line("BUILD-OWN", with(s -> s.withAssumed(List.of(Facet.PARTS))), State.OPEN),
                line("BUILD-OWN", with(s -> s.withAssumed(List.of(Facet.SELECTOR))), State.GOOD),
                line("THROWS-OWN", GOOD, State.GOOD),
                line("THROWS-OWN", with(s -> s.withAssumed(List.of(Facet.LINKAGES))), State.OPEN),
                line("MODES-OWN", GOOD, State.GOOD),
                line("MODES-OWN", with(s -> s.withAssumed(List.of(Facet.SPEED_RANGE))), State.OPEN),
                line("BUILD-R5", GOOD, State.GOOD),
                line("BUILD-R5", angles(How.NOT, 0), State.CAUTION),
                line("BUILD-R5", angles(How.BY_EYE, 0), State.CAUTION),
                line("BUILD-R5", angles(How.GAUGE, 0.9), State.GOOD),
                line("BUILD-R5", angles(How.GAUGE, -1.1), State.CAUTION),
                line("BUILD-R5", wings(0.4), State.GOOD),
                line("BUILD-R5", wings(-0.6), State.CAUTION),
                line("BUILD-R9", GOOD, State.GOOD),
                line("BUILD-R9", steps(BuildStep.SERVOS_CENTRED, BuildStep.LINKAGES_SET), State.GOOD),
                line("BUILD-R9", steps(), State.OPEN),
                line("BUILD-R9", steps(BuildStep.LINKAGES_SET), State.CAUTION),
                line("BUILD-R9", steps(BuildStep.BOARD_FIXED, BuildStep.BOARD_COVERED), State.CAUTION),
                line("BUILD-R4", GOOD, State.GOOD),
                line("BUILD-R4", atTheTip(0.045), State.CAUTION),
                line("BUILD-R4", atTheTip(0.120), State.STOP),
                line("BUILD-R6", GOOD, State.GOOD),
                line("BUILD-R6", with(s -> s.withPart("pack", p -> p.withMass(6))), State.STOP),
                line("BUILD-R6", with(EveryRuleTest::gliding), State.CAUTION),
                line("BUILD-ON-BOARD", GOOD, State.GOOD),
                line(
                        "BUILD-ON-BOARD",
                        with(s -> s.withParts(s.parts().stream()
                                .filter(p -> p.kind() != PartKind.RECEIVER)
                                .toList())),
                        State.CAUTION),
                line("BUILD-FULL-POWER", GOOD, State.GOOD),
                line("BUILD-FULL-POWER", cells(8), State.CAUTION),
                line("BUILD-FULL-POWER", with(EveryRuleTest::gliding), State.GOOD),
                line("THROWS-R10", GOOD, State.GOOD),
                line("THROWS-R10", controls(c -> c.withRates(new Rates(0.6, 0.05, 0.5, 0.3))), State.STOP),
                line("THROWS-R10", with(s -> s.withPart("pack", p -> p.withMass(40))), State.CAUTION),
                line("THROWS-R3", elevons(new MixRow(0.4, 0, 0, 0), new MixRow(-0.4, -0.4, 0, 0)), State.STOP),
                line("THROWS-R3", elevons(new MixRow(0.8, 0, 0, 0), new MixRow(0, -0.8, 0, 0)), State.STOP),
                line("THROWS-R3", of(DemoAircraft.rochen(), Optional.of(EVENING)), State.GOOD),
                line("BENCH-R6", GOOD, State.OPEN),
                line("BENCH-R6", of(SOUND, Optional.of(EVENING), proof(ProofKind.STICK_TO_SURFACE, false)), State.OPEN),
                line("BENCH-R6", of(SOUND, Optional.of(EVENING), proof(ProofKind.STICK_TO_SURFACE, true)), State.GOOD),
                line(
                        "BENCH-R6",
                        of(
                                SOUND,
                                Optional.of(EVENING),
                                Proof.gained(
                                        ProofKind.STICK_TO_SURFACE,
                                        SOUND,
                                        1,
                                        5,
                                        Evidence.REAL,
                                        false,
                                        "seen",
                                        Map.of("still elevator", 1.0))),
                        State.STOP),
                line("BENCH-R4", GOOD, State.GOOD),
                line("BENCH-R4", with(s -> s.withMount(new BoardMount(2, 0, 0, 0))), State.STOP),
                line("BENCH-R4", with(s -> s.withMount(new BoardMount(2, 2, 0, 0))), State.GOOD),
                line("TUNE-R5", GOOD, State.GOOD),
                line("TUNE-R5", of(GAINED, Optional.of(EVENING)), State.STOP),
                line(
                        "TUNE-R5",
                        of(
                                GAINED,
                                Optional.of(EVENING),
                                Proof.gained(
                                        ProofKind.LEVEL_FLOWN, GAINED, 1, 5, Evidence.REAL, true, "seen", Map.of())),
                        State.GOOD),
                line("MAIDEN-R5", GOOD, State.OPEN),
                line("MAIDEN-R5", rehearsed(40, 40), State.GOOD),
                line("MAIDEN-R5", rehearsed(40, 37), State.GOOD),
                line("MAIDEN-R5", rehearsed(40, 36), State.STOP),
                line("MAIDEN-R5", rehearsed(1, 1), State.OPEN),
                line("MAIDEN-R5", of(SOUND, Optional.of(EVENING), proof(ProofKind.MANUAL_FLOWN, true)), State.GOOD),
                line(
                        "MAIDEN-R5",
                        new Situation(
                                SOUND,
                                2,
                                Optional.of(EVENING),
                                List.of(proof(ProofKind.MANUAL_FLOWN, true)),
                                Map.of(Facet.LINKAGES, 2)),
                        State.OPEN),
                line(
                        "MAIDEN-R5",
                        of(
                                SOUND,
                                Optional.of(EVENING),
                                Proof.gained(
                                        ProofKind.MANUAL_FLOWN, SOUND, 1, 5, Evidence.BY_HAND, true, "seen", Map.of())),
                        State.OPEN),
                line("MAIDEN-R5", of(SOUND, Optional.of(EVENING), proof(ProofKind.REHEARSAL, true)), State.OPEN),
                line("MAIDEN-R4", GOOD, State.GOOD),
                line("MAIDEN-R4", NO_FIELD, State.OPEN),
                line("MAIDEN-R4", BARE_FIELD, State.STOP),
                line("MODES-R9", BARE_FIELD, State.OPEN),
                line("MODES-R9", GOOD.on(BARE.withObstacles(List.of(), true)), State.OPEN)));
        lines.addAll(HarnessLines.all());
        lines.addAll(CardLines.all());
        lines.addAll(SignalsLines.all());
        Map<String, ProofKind> byProof = new HashMap<>(Map.of(
                "BUILD-R2", ProofKind.WEIGHING,
                "HARNESS-R14", ProofKind.HARNESS_CHECK,
                "BENCH-R5-STICKS", ProofKind.STICK_TO_SURFACE,
                "BENCH-R5-TILTS", ProofKind.TILT_TO_SURFACE,
                "MAIDEN-MANUAL", ProofKind.MANUAL_FLOWN,
                "MAIDEN-R7", ProofKind.LEVEL_FLOWN,
                "TUNE-R10-HOLD", ProofKind.HOLD_FLOWN));
        byProof.forEach((rule, kind) -> {
            lines.add(line(rule, of(SOUND, Optional.of(EVENING), proof(kind, true)), State.GOOD));
            lines.add(line(rule, GOOD, State.OPEN));
            Setup other = SOUND.withControls(SOUND.controls().change(Surface.ELEVATOR, o -> o.turnedRound()))
                    .withPart("pack", p -> p.withMass(2 * p.mass()));
            lines.add(line(rule, of(other, Optional.of(EVENING), proof(kind, true)), State.STALE));
            if (!rule.equals("BUILD-R2")) {
                lines.add(line(rule, of(SOUND, Optional.of(EVENING), proof(kind, false)), State.STOP));
            }
        });
        return lines.stream();
    }

    private static app.drachen.core.airframe.Tail small(Setup setup) {
        var tail =
                (app.drachen.core.airframe.Tail.Conventional) setup.airframe().tail();
        var fin = tail.fin();
        return new app.drachen.core.airframe.Tail.Conventional(
                tail.plane(),
                new app.drachen.core.airframe.TailPanel(
                        fin.leadingEdge(), 0, 0, 0.05, 0.04, 0.06, fin.sweep(), 0, fin.controlChordRatio()));
    }

    @ParameterizedTest
    @MethodSource("lines")
    void saysWhatItMust(Line line) {
        ClearanceRule rule = Kits.rules().stream()
                .filter(r -> r.id().equals(line.rule()))
                .findFirst()
                .orElseThrow();
        var ruling = rule.check(line.situation());
        assertEquals(line.says(), ruling.finding().state(), line.rule() + ": " + ruling.finding());
        boolean said = line.says() == State.GOOD || !ruling.finding().detail().isBlank();
        assertTrue(said, "what is not good says what to do: " + line.rule());
    }

    @Test
    void everyCardHasItsEvidence() {
        CardLines.mapped();
    }

    @Test
    void everyRuleIsFedACaseThatPassesAndOneThatDoesNot() {
        Map<String, Set<State>> fed = new HashMap<>();
        lines().forEach(l ->
                fed.computeIfAbsent(l.rule(), r -> new java.util.HashSet<>()).add(l.says()));
        for (ClearanceRule rule : Kits.rules()) {
            Set<State> states = fed.getOrDefault(rule.id(), Set.of());
            assertTrue(states.contains(State.GOOD), rule.id() + " is fed nothing that passes");
            assertTrue(
                    states.contains(State.STOP)
                            || states.contains(State.CAUTION)
                            || states.contains(State.STALE)
                            // what nobody has chosen is not wrong, only nobody's
                            || rule instanceof OwnFigures && states.contains(State.OPEN)
                            // what is missing for the flight that was chosen
                            || rule.id().equals("BENCH-R16") && states.contains(State.OPEN),
                    rule.id() + " is fed nothing that fails");
        }
    }
}
