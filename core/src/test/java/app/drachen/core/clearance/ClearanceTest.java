package app.drachen.core.clearance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.Position;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.modes.PulseBand;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.Waiver;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class ClearanceTest {
    /** What a proof of many rehearsals keeps. */
    private static final Map<String, Double> MANY = Map.of("flights", 40.0, "whole", 40.0);

    private static final Setup SOUND = DemoAircraft.seeschwalbe();

    private static Situation with(Setup setup, ProofKind... kinds) {
        List<Proof> proofs = new ArrayList<>();
        for (ProofKind kind : kinds) {
            proofs.add(Proof.gained(
                    kind,
                    setup,
                    1,
                    1_000,
                    Evidence.REAL,
                    true,
                    "seen",
                    Map.of(
                            "flights",
                            40.0,
                            "whole",
                            40.0,
                            "computedMass",
                            setup.massProperties().mass(),
                            "computedCentre",
                            setup.massProperties().centre().aft())));
        }
        return new Situation(setup, 1, Optional.of(DemoField.evening()), proofs, Map.of());
    }

    private static Ruling ruling(Situation situation, String id) {
        return Kits.clearance(situation).rulings().stream()
                .filter(r -> r.finding().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String plain(String text) {
        return Quantity.read(text, UnitSystem.METRIC).replace('\u00a0', ' ');
    }

    private static State state(Setup setup, String id) {
        return ruling(with(setup), id).finding().state();
    }

    /** One change per facet, so that each rule of staleness can be tried. */
    private static Map<Facet, UnaryOperator<Setup>> changes() {
        Map<Facet, UnaryOperator<Setup>> c = new LinkedHashMap<>();
        c.put(Facet.AIRFRAME, s -> s.withAirframe(s.airframe().withMasses(0.5, 0.07, 0.3)));
        c.put(Facet.PARTS, s -> s.withPart("camera", p -> p.withMass(0.08)));
        c.put(Facet.PACKS, s -> s.withPart("pack", p -> p.withMass(0.4)));
        c.put(Facet.SERVO_SENSES, s -> s.withControls(s.controls().change(Surface.RUDDER, Output::turnedRound)));
        c.put(Facet.SERVO_CENTRES, s -> s.withControls(s.controls().change(Surface.RUDDER, o -> o.withCentre(1480))));
        c.put(Facet.THROWS, s -> s.withControls(s.controls().change(Surface.RUDDER, o -> o.withTravel(1100, 1900))));
        c.put(
                Facet.MIXER,
                s -> s.withControls(s.controls().change(Surface.RUDDER, o -> o.withMix(new MixRow(0.1, 0, -1, 0)))));
        c.put(
                Facet.LINKAGES,
                s -> s.withControls(s.controls()
                        .change(Surface.RUDDER, o -> o.withLinkage(o.linkage().withRadii(0.01, 0.02)))));
        c.put(Facet.RATES, s -> s.withControls(s.controls().withRates(new Rates(0.5, 0.5, 0.5, 0.2))));
        c.put(Facet.RADIO_TRIMS, s -> s.withControls(s.controls().withTrims(new RadioTrims(0.1, 0, 0))));
        c.put(
                Facet.SELECTOR,
                s -> s.withModes(s.modes().withSelector(s.modes().selector().withTravel(0.7, 0))));
        c.put(
                Facet.LIMITS,
                s -> s.withModes(s.modes().withLimits(s.modes().limits().withBank(0.5))));
        c.put(
                Facet.SPEED_RANGE,
                s -> s.withModes(s.modes().withLimits(s.modes().limits().withCruise(15))));
        c.put(Facet.CIRCLE, s -> s.withModes(s.modes().withHome(s.modes().home().withRadius(90))));
        c.put(
                Facet.HOME_PROFILE,
                s -> s.withModes(s.modes().withHome(s.modes().home().withHeight(70))));
        c.put(
                Facet.RADIO,
                s -> s.withControls(s.controls().withRadio(s.controls().radio().map(r -> r.mixing(true)))));
        c.put(
                Facet.LOSSES,
                s -> s.withModes(s.modes()
                        .withLosses(s.modes()
                                .losses()
                                .with(
                                        app.drachen.core.modes.Loss.LINK,
                                        app.drachen.core.modes.Loss.Phase.AWAY,
                                        app.drachen.core.modes.Loss.Action.WAIT))));
        c.put(Facet.ARMING, s -> s.withModes(s.modes().withArming(Optional.empty())));
        c.put(
                Facet.SECOND_PATH,
                s -> s.withModes(s.modes().withSecond(Optional.of(app.drachen.core.modes.SecondPath.USUAL))));
        c.put(Facet.BOARD_MOUNT, s -> s.withMount(new BoardMount(2, 2, 0, 0)));
        c.put(Facet.HEIGHT_GAINS, s -> {
            Gains g = s.gains();
            return s.withGains(
                    new Gains(g.roll(), g.pitch(), g.yawRate(), 0.2, g.climbGain(), g.speedGain(), g.lookAhead()));
        });
        return c;
    }

    @Test
    void aChangeTouchesExactlyItsFacet() {
        changes()
                .forEach((facet, change) ->
                        assertEquals(List.of(facet), Facet.differing(SOUND, change.apply(SOUND)), facet.label()));
    }

    @Test
    void aProofGoesStaleWhenAndOnlyWhenWhatItDependsOnChanges() {
        Situation proven = with(SOUND, ProofKind.values());
        changes().forEach((facet, change) -> {
            Set<ProofKind> expected = EnumSet.noneOf(ProofKind.class);
            for (ProofKind kind : ProofKind.values()) {
                if (kind.facets().contains(facet)) {
                    expected.add(kind);
                }
            }
            assertEquals(expected, new HashSet<>(proven.wouldGoStale(change.apply(SOUND))), facet.label());
        });
        // the design's own example: a new pack makes the balance stale and leaves the senses proven
        List<ProofKind> byPack = proven.wouldGoStale(changes().get(Facet.PACKS).apply(SOUND));
        assertTrue(byPack.contains(ProofKind.WEIGHING) && !byPack.contains(ProofKind.STICK_TO_SURFACE));
        // and going back makes it fresh again
        assertTrue(proven.fresh(proven.proof(ProofKind.WEIGHING).orElseThrow()));
    }

    @Test
    void everyRuleHasItsIdAndSentenceAndNeverPassesWithoutEvidence() {
        Set<String> ids = new HashSet<>();
        Clearance bare = Kits.clearance(Situation.of(SOUND));
        Kits.rules().forEach(rule -> {
            assertTrue(ids.add(rule.id()), rule.id());
            assertTrue(rule.demand().endsWith("."), rule.id());
            assertEquals(rule.id(), rule.check(Situation.of(SOUND)).finding().id());
        });
        for (String needsEvidence : List.of(
                "BUILD-R2", "BENCH-R5-STICKS", "BENCH-R5-TILTS", "MAIDEN-R1", "MAIDEN-R5", "MODES-R7", "MODES-R9")) {
            assertEquals(
                    State.OPEN,
                    bare.rulings().stream()
                            .filter(r -> r.finding().id().equals(needsEvidence))
                            .findFirst()
                            .orElseThrow()
                            .finding()
                            .state(),
                    needsEvidence);
        }
    }

    @Test
    void whatIsMissingMayBePassedOverWithAReasonWhereARuleSaysSoAndAStopNever() {
        ProofKind[] bench = {
            ProofKind.WEIGHING, ProofKind.HARNESS_CHECK, ProofKind.STICK_TO_SURFACE, ProofKind.TILT_TO_SURFACE
        };
        bench = alsoFirstCards(bench);
        Waiver why = new Waiver("MAIDEN-R5", "flown for years");
        Setup passed = SOUND.waived(why.rule(), Optional.of(why));
        assertEquals("bench power, prop off", Kits.clearance(with(SOUND, bench)).sentence());
        Clearance clearance = Kits.clearance(with(passed, bench));
        assertEquals("first flight, Manual", clearance.sentence());
        assertTrue(
                clearance.reservation().contains("Passed over by you: First flight not rehearsed"),
                clearance.reservation());
        Finding said = ruling(with(passed, bench), why.rule()).finding();
        assertTrue(said.detail().contains("because: flown for years"), said.detail());
        assertEquals(StageState.OPEN, clearance.stages().get(Stage.MAIDEN), "it is open all the same");
        assertEquals(1, Kits.decided(passed).size());
        Proof failed = Proof.gained(
                ProofKind.REHEARSAL,
                passed,
                1,
                5,
                Evidence.REAL,
                false,
                "down hard",
                Map.of("flights", 40.0, "whole", 12.0));
        Situation tried = new Situation(passed, 1, Optional.of(DemoField.evening()), List.of(failed), Map.of());
        assertEquals(State.STOP, ruling(tried, why.rule()).finding().state());
        assertTrue(ruling(tried, why.rule()).blocks(), "what stops is not passed over");
        Setup sticks = SOUND.waived("BENCH-R5-STICKS", Optional.of(new Waiver("BENCH-R5-STICKS", "in a hurry")));
        assertEquals("bench power, prop off", Kits.clearance(with(sticks)).sentence());
    }

    /** The cards of the bench that come before a first flight. */
    private static final List<ProofKind> FIRST_CARDS = List.of(
            ProofKind.CHANNEL_ORDER,
            ProofKind.LINKAGE_PULL,
            ProofKind.ARMING,
            ProofKind.LOSS_OF_LINK,
            ProofKind.MOTOR_RUN,
            ProofKind.RANGE_WALK,
            ProofKind.READ_BACK);

    private static ProofKind[] alsoFirstCards(ProofKind[] kinds) {
        List<ProofKind> all = new ArrayList<>(List.of(kinds));
        all.addAll(FIRST_CARDS);
        return all.toArray(ProofKind[]::new);
    }

    private static Proof manual(Evidence evidence, long when, boolean passed) {
        return Proof.gained(ProofKind.MANUAL_FLOWN, SOUND, 1, when, evidence, passed, "", Map.of());
    }

    private static boolean manualPassed(Proof... proofs) {
        return new Situation(SOUND, 1, Optional.empty(), List.of(proofs), Map.of())
                .proof(ProofKind.MANUAL_FLOWN)
                .orElseThrow()
                .passed();
    }

    /** What is remembered of a bad flight counts at once; what is remembered of a good one does not outrank a log. */
    @Test
    void memoryCountsAgainstAtOnceAndNeverOutranksALog() {
        assertTrue(manualPassed(manual(Evidence.BY_HAND, 5, true)), "it is evidence");
        assertFalse(
                manualPassed(manual(Evidence.REAL, 5, false), manual(Evidence.BY_HAND, 9, true)), "the log said no");
        assertFalse(
                manualPassed(manual(Evidence.REAL, 5, true), manual(Evidence.BY_HAND, 9, false)),
                "it went wrong since");
        assertTrue(manualPassed(manual(Evidence.BY_HAND, 5, false), manual(Evidence.REAL, 9, true)), "a log since");
        assertTrue(manualPassed(
                manual(Evidence.REAL, 3, true), manual(Evidence.BY_HAND, 5, false), manual(Evidence.BY_HAND, 9, true)));
        assertFalse(manualPassed(manual(Evidence.BY_HAND, 9, false), manual(Evidence.REAL, 5, true)), "by its day");
    }

    /** What only the stand-in board has shown counts, and the sentence at the kite says that it is on paper. */
    @Test
    void aClearanceThatRestsOnTheStandInBoardSaysSo() {
        List<Proof> proofs = new ArrayList<>();
        for (ProofKind kind :
                List.of(ProofKind.WEIGHING, ProofKind.HARNESS_CHECK, ProofKind.STICK_TO_SURFACE, ProofKind.REHEARSAL)) {
            proofs.add(Proof.gained(kind, SOUND, 1, 5, Evidence.REAL, true, "", MANY));
        }
        FIRST_CARDS.forEach(kind -> proofs.add(Proof.gained(kind, SOUND, 1, 5, Evidence.REAL, true, "", Map.of())));
        proofs.add(Proof.gained(ProofKind.TILT_TO_SURFACE, SOUND, 1, 5, Evidence.STAND_IN, true, "", Map.of()));
        Situation standIn = new Situation(SOUND, 1, Optional.of(DemoField.evening()), proofs, Map.of());
        Clearance clearance = Kits.clearance(standIn);
        assertEquals("first flight, Manual · on paper", clearance.sentence());
        assertTrue(
                clearance.reservation().contains("Only on paper: " + ProofKind.TILT_TO_SURFACE.label() + "."),
                clearance.reservation());
        proofs.add(Proof.gained(ProofKind.TILT_TO_SURFACE, SOUND, 1, 6, Evidence.REAL, true, "", Map.of()));
        Clearance shown = Kits.clearance(new Situation(SOUND, 1, standIn.field(), proofs, Map.of()));
        assertEquals("first flight, Manual", shown.sentence());
        assertEquals(List.of(), shown.onPaper());
    }

    @Test
    void clearanceGrowsProofByProofAndStopsWhereDrachenHasNoInstruments() {
        assertEquals("bench power, prop off", Kits.clearance(with(SOUND)).sentence());
        ProofKind[] bench = {
            ProofKind.WEIGHING,
            ProofKind.HARNESS_CHECK,
            ProofKind.STICK_TO_SURFACE,
            ProofKind.TILT_TO_SURFACE,
            ProofKind.SIX_FACES,
            ProofKind.LEVEL_AT_REST,
            ProofKind.ROTATION,
            ProofKind.REHEARSAL
        };
        assertEquals("bench power, prop off", Kits.clearance(with(SOUND, bench)).sentence(), "cards are missing");
        bench = alsoFirstCards(bench);
        assertEquals("first flight, Manual", Kits.clearance(with(SOUND, bench)).sentence());
        assertEquals("Manual not flown yet", Kits.clearance(with(SOUND, bench)).why());
        assertEquals("", Kits.clearance(with(SOUND, bench)).reservation(), "every stage up to there has instruments");
        assertEquals("", Kits.clearance(with(SOUND)).reservation());
        Clearance all = Kits.clearance(with(SOUND, ProofKind.values()));
        assertEquals("local flights, Circle", all.sentence());
        assertEquals("Tune has no instruments yet", all.why());
        assertEquals(StageState.OPEN, all.stages().get(Stage.SIGNALS), "a charge without figures is none");
        assertEquals(StageState.PROVEN, all.stages().get(Stage.HARNESS));
        assertEquals(StageState.PROVEN, all.stages().get(Stage.BUILD));
        assertEquals("SIGNALS-R7", all.next().orElseThrow().finding().id());
    }

    @Test
    void aFailedProofStopsAndAStaleOneIsNamedWithWhatChanged() {
        Proof failed =
                Proof.gained(ProofKind.HOLD_FLOWN, SOUND, 3, 5, Evidence.REAL, false, "Porpoising in Hold", Map.of());
        List<Proof> proofs = new ArrayList<>(with(SOUND, ProofKind.values()).proofs());
        proofs.removeIf(p -> p.kind() == ProofKind.HOLD_FLOWN);
        proofs.add(failed);
        Clearance clearance =
                Kits.clearance(new Situation(SOUND, 3, Optional.of(DemoField.evening()), proofs, Map.of()));
        assertEquals("local flights, Level", clearance.sentence());
        assertEquals(StageState.STOPPED, clearance.stages().get(Stage.MAIDEN));
        Setup changed = changes().get(Facet.SERVO_SENSES).apply(SOUND);
        Situation later = new Situation(
                changed, 9, Optional.empty(), with(SOUND, ProofKind.values()).proofs(), Map.of(Facet.SERVO_SENSES, 7));
        Ruling stale = ruling(later, "BENCH-R5-STICKS");
        assertEquals(State.STALE, stale.finding().state());
        assertTrue(
                stale.finding().detail().contains("servo senses changed at r7"),
                stale.finding().detail());
    }

    private static Proof tilts(Evidence evidence, long when, boolean passed) {
        return Proof.gained(ProofKind.TILT_TO_SURFACE, SOUND, 1, when, evidence, passed, "seen", Map.of());
    }

    private static State tiltsBy(Proof... more) {
        List<Proof> proofs =
                new ArrayList<>(with(SOUND, ProofKind.STICK_TO_SURFACE).proofs());
        proofs.addAll(List.of(more));
        Situation situation = new Situation(SOUND, 1, Optional.empty(), proofs, Map.of());
        return ruling(situation, "BENCH-R5-TILTS").finding().state();
    }

    @Test
    void aStandInNeverStandsBeforeTheRealAircraft() {
        Proof standIn = tilts(Evidence.STAND_IN, 9, true);
        assertEquals(State.GOOD, tiltsBy(standIn));
        assertEquals(State.STOP, tiltsBy(tilts(Evidence.REAL, 5, false), standIn), "a later pass of the stand-in");
        assertEquals(State.GOOD, tiltsBy(tilts(Evidence.REAL, 5, true), tilts(Evidence.STAND_IN, 9, false)));
        assertEquals(State.STOP, tiltsBy(tilts(Evidence.REAL, 5, true), tilts(Evidence.REAL, 5, false)), "the later");
        // the set-up was changed since; the stand-in board cannot take back what the real aircraft showed
        Setup mended = changes().get(Facet.SERVO_SENSES).apply(SOUND);
        Proof onTheBoard = Proof.gained(ProofKind.TILT_TO_SURFACE, mended, 2, 9, Evidence.STAND_IN, true, "", Map.of());
        Proof onTheAircraft = Proof.gained(ProofKind.TILT_TO_SURFACE, mended, 2, 10, Evidence.REAL, true, "", Map.of());
        List<Proof> proofs = List.of(tilts(Evidence.REAL, 5, false), onTheBoard);
        Situation later = new Situation(mended, 2, Optional.empty(), proofs, Map.of());
        assertEquals(State.STALE, ruling(later, "BENCH-R5-TILTS").finding().state());
        later = new Situation(mended, 2, Optional.empty(), List.of(onTheBoard, onTheAircraft), Map.of());
        assertEquals(State.GOOD, ruling(later, "BENCH-R5-TILTS").finding().state());
    }

    @Test
    void aProofThatNeverSawAFacetCountsAsNotProvenAndSaysWhy() {
        Proof whole = tilts(Evidence.REAL, 5, true);
        Map<Facet, String> less = new java.util.EnumMap<>(whole.fingerprints());
        less.remove(Facet.BOARD_MOUNT);
        Proof old = new Proof(whole.kind(), 1, 5, whole.evidence(), true, "seen", less, Map.of());
        Ruling ruling = ruling(new Situation(SOUND, 1, Optional.empty(), List.of(old), Map.of()), "BENCH-R5-TILTS");
        assertEquals(State.STALE, ruling.finding().state());
        assertEquals(
                "Stale: board mount was not looked at when this was proven.",
                ruling.finding().detail());
    }

    @Test
    void balanceRulePassesStopsAndMendsItself() {
        assertEquals(State.GOOD, state(DemoAircraft.strandlaeufer(), "BUILD-R1"));
        Ruling stop = ruling(with(DemoAircraft.strandlaeuferNewPack()), "BUILD-R1");
        assertEquals(State.STOP, stop.finding().state());
        assertEquals("CG is 11 mm behind the window", plain(stop.finding().title()));
        Remedy.Change slide = (Remedy.Change) stop.remedies().get(0);
        assertEquals(State.GOOD, state(slide.change().apply(DemoAircraft.strandlaeuferNewPack()), "BUILD-R1"));
        Setup noseHeavy = SOUND.withPart("pack", p -> p.at(new Position(0.15, 0, 0)));
        assertEquals(State.CAUTION, state(noseHeavy, "BUILD-R1"));
    }

    @Test
    void aSmallShiftSinceTheWeighingIsOnlyACaution() {
        Situation weighed = with(SOUND, ProofKind.WEIGHING);
        assertEquals(State.GOOD, ruling(weighed, "BUILD-R2").finding().state());
        Setup little = SOUND.withPart("receiver", p -> p.withMass(0.016));
        assertEquals(
                State.CAUTION,
                ruling(weighed.with(little), "BUILD-R2").finding().state());
        Setup much = SOUND.withPart("pack", p -> p.withMass(0.5));
        assertEquals(
                State.STALE, ruling(weighed.with(much), "BUILD-R2").finding().state());
    }

    @Test
    void throwsRulesPassStopAndMendThemselves() {
        for (String id : List.of("THROWS-R3", "THROWS-R5", "THROWS-R6", "THROWS-R7", "THROWS-R9")) {
            assertEquals(State.GOOD, state(SOUND, id), id);
        }
        Setup turned = changes().get(Facet.SERVO_SENSES).apply(SOUND);
        Ruling wrong = ruling(with(turned), "THROWS-R5");
        assertEquals("Rudder answers yaw the wrong way", wrong.finding().title());
        assertEquals(SOUND, ((Remedy.Change) wrong.remedies().get(0)).change().apply(turned));
        Setup empty = SOUND.withControls(SOUND.controls().change(Surface.RUDDER, o -> o.withMix(MixRow.NONE)));
        assertEquals(State.STOP, state(empty, "THROWS-R3"));
        Setup trimmed = SOUND.withControls(SOUND.controls().withTrims(new RadioTrims(0, -0.07, 0)));
        Ruling trim = ruling(with(trimmed), "THROWS-R7");
        assertTrue(
                plain(trim.finding().title()).contains("pitch is \u22127"),
                trim.finding().title());
        assertEquals(
                State.GOOD,
                state(((Remedy.Change) trim.remedies().get(0)).change().apply(trimmed), "THROWS-R7"));
        Setup narrow = SOUND.withControls(SOUND.controls().change(Surface.ELEVATOR, o -> o.withTravel(1300, 1700)));
        assertEquals(State.CAUTION, state(narrow, "THROWS-R6"));
        Setup wild = SOUND.withControls(SOUND.controls().withRates(new Rates(1, 1, 1, 0)));
        assertEquals(State.CAUTION, state(wild, "THROWS-R9"));
        Setup otherTail = SOUND.withAirframe(SOUND.airframe()
                .withTail(DemoAircraft.strandlaeufer().airframe().tail()));
        assertEquals(State.STOP, state(otherTail, "THROWS-R3"));
    }

    @Test
    void modesRulesPassStopAndMendThemselves() {
        for (String id : List.of("MODES-R1", "MODES-R2", "MODES-R3", "MODES-R6", "MODES-R7", "MODES-R9")) {
            assertEquals(State.GOOD, state(SOUND, id), id);
        }
        Setup wide = SOUND.withModes(
                SOUND.modes().withSelector(SOUND.modes().selector().withTravel(1.03, 0)));
        Ruling margin = ruling(with(wide), "MODES-R1");
        assertEquals(State.STOP, margin.finding().state());
        assertEquals(
                State.GOOD,
                state(((Remedy.Change) margin.remedies().get(0)).change().apply(wide), "MODES-R1"));
        Setup gap = SOUND.withModes(SOUND.modes()
                .withSelector(
                        SOUND.modes().selector().withBands(List.of(new PulseBand(900, 1600, FlightMode.MANUAL)))));
        assertEquals(State.STOP, state(gap, "MODES-R2"));
        assertEquals(State.OPEN, state(gap, "MODES-R1"));
        Setup noHome = SOUND.withModes(SOUND.modes()
                .withSelector(SOUND.modes()
                        .selector()
                        .withKind(SelectorKind.THREE, List.of(FlightMode.MANUAL, FlightMode.HOME, FlightMode.LEVEL))));
        assertEquals(
                "Home is not at an end stop",
                ruling(with(noHome), "MODES-R3").finding().title());
        Setup steep =
                SOUND.withModes(SOUND.modes().withLimits(SOUND.modes().limits().withBank(Math.toRadians(65))));
        assertEquals(State.STOP, state(steep, "MODES-R6"));
        Setup tight =
                SOUND.withModes(SOUND.modes().withHome(SOUND.modes().home().withRadius(25)));
        Ruling circle = ruling(with(tight), "MODES-R7");
        assertEquals(State.STOP, circle.finding().state());
        assertEquals(
                State.GOOD,
                state(((Remedy.Change) circle.remedies().get(0)).change().apply(tight), "MODES-R7"));
        Setup low = SOUND.withModes(SOUND.modes().withHome(new HomeProfile(60, 70, false)));
        Ruling way = ruling(with(low), "MODES-R9");
        assertEquals("Home passes the light mast with 14 m", plain(way.finding().title()));
        assertEquals(
                State.GOOD,
                state(((Remedy.Change) way.remedies().get(0)).change().apply(low), "MODES-R9"));
        Setup high = SOUND.withModes(SOUND.modes().withHome(new HomeProfile(140, 70, true)));
        assertEquals(State.STOP, state(high, "MODES-R9"));
    }

    @Test
    void windLimitsDependOnWhatHasBeenFlown() {
        Situation breezy = with(SOUND, ProofKind.WEIGHING).on(DemoField.deichwiese());
        assertEquals(State.STOP, ruling(breezy, "MAIDEN-R1").finding().state());
        Situation flown = with(SOUND, ProofKind.MANUAL_FLOWN).on(DemoField.deichwiese());
        assertEquals(State.GOOD, ruling(flown, "MAIDEN-R1").finding().state());
        assertEquals(State.GOOD, ruling(with(SOUND), "MAIDEN-R1").finding().state());
        var noLimit = DemoField.evening().withStrip(0, 60, Optional.empty());
        assertEquals(
                State.STOP,
                ruling(with(SOUND).on(noLimit), "MAIDEN-R4").finding().state());
        ModeSetup m = SOUND.modes();
        Setup stabilised = SOUND.withModes(m.withLaunchMode(FlightMode.LEVEL));
        assertEquals(State.STOP, state(stabilised, "MAIDEN-R2"));
        assertFalse(ruling(with(stabilised), "MAIDEN-R2").remedies().isEmpty());
    }

    private static Situation planning(Situation situation, String card) {
        return situation.planning(CardPlans.byId(card));
    }

    /** MAIDEN-A3 for the Strandläufer at its cruise speed of 14 m/s: 4.2/6.3, 4.9/7, 4.9 or 5/6.3, 5.6/7.7, 5.6/8.4 m/s. */
    @Test
    void windIsJudgedForTheCardThatIsPlanned() {
        assertEquals(14, SOUND.modes().limits().cruiseSpeed(), 1e-9);
        Situation flown = with(SOUND, ProofKind.MANUAL_FLOWN, ProofKind.LEVEL_FLOWN);
        Field field = DemoField.evening();
        double up = field.windAt(planning(flown, "hold")
                        .plan()
                        .orElseThrow()
                        .forAircraft(SOUND, field)
                        .trialHeight())
                / field.wind();
        record Case(String card, double mean, double gust, State wanted) {}
        for (Case c : List.of(
                new Case("first-flight", 4.1, 6.2, State.GOOD),
                new Case("first-flight", 4.3, 6.2, State.STOP),
                new Case("first-flight", 4.1, 6.4, State.STOP),
                new Case("hold", 4.8, 6.9, State.GOOD),
                new Case("hold", 5.0, 6.9, State.STOP),
                new Case("hold", 4.8, 7.1, State.STOP),
                new Case("tune", 4.8, 6.2, State.GOOD),
                new Case("tune", 4.8, 6.4, State.STOP),
                new Case("home", 5.5, 7.6, State.GOOD),
                new Case("home", 5.7, 7.6, State.STOP),
                new Case("home", 5.5, 7.8, State.STOP),
                new Case("mission", 5.5, 8.3, State.GOOD),
                new Case("mission", 5.5, 8.5, State.STOP))) {
            double low = c.mean() / up;
            Situation there = flown.on(field.withWind(low, field.windFrom(), low + c.gust() - c.mean()));
            Ruling ruling = ruling(planning(there, c.card()), "MAIDEN-R1");
            assertEquals(c.wanted(), ruling.finding().state(), c + ": " + ruling.finding());
            assertTrue(ruling.finding()
                    .detail()
                    .contains(CardPlans.byId(c.card()).orElseThrow().title()));
        }
    }

    @Test
    void whatBuildsOnLevelIsStoppedWhileItIsPlannedBeforeLevel() {
        Situation manual = with(SOUND, ProofKind.MANUAL_FLOWN);
        assertEquals(State.OPEN, ruling(manual, "MAIDEN-R7").finding().state());
        for (String card : List.of("first-flight", "power", "auto-trim")) {
            assertEquals(
                    State.OPEN,
                    ruling(planning(manual, card), "MAIDEN-R7").finding().state(),
                    card);
        }
        for (String card : List.of("hold", "tune", "home", "mission")) {
            Ruling early = ruling(planning(manual, card), "MAIDEN-R7");
            assertEquals(State.STOP, early.finding().state(), card);
            assertTrue(
                    early.finding().title().endsWith(" before Level"),
                    early.finding().title());
        }
        Situation level = with(SOUND, ProofKind.MANUAL_FLOWN, ProofKind.LEVEL_FLOWN);
        assertEquals(
                State.GOOD,
                ruling(planning(level, "mission"), "MAIDEN-R7").finding().state());
        Setup passing = SOUND.waived("MAIDEN-R7", Optional.of(new Waiver("MAIDEN-R7", "another pilot has")));
        assertEquals(
                State.OPEN,
                ruling(planning(with(passing, ProofKind.MANUAL_FLOWN), "hold"), "MAIDEN-R7")
                        .finding()
                        .state());
    }

    /** What was flown may be launched in; not across the wind, and not where the wind is not known. */
    @Test
    void aProofLiftsTheLaunchMode() {
        Setup stabilised = SOUND.withModes(SOUND.modes().withLaunchMode(FlightMode.LEVEL));
        Field field = DemoField.evening();
        Situation flown = with(stabilised, ProofKind.MANUAL_FLOWN, ProofKind.LEVEL_FLOWN);
        Situation along = flown.on(field.withWind(3, field.stripHeading(), 4));
        assertEquals(State.GOOD, ruling(along, "MAIDEN-R2").finding().state());
        Situation across = flown.on(field.withWind(3, field.stripHeading() + Math.PI / 2, 4));
        assertEquals(State.STOP, ruling(across, "MAIDEN-R2").finding().state());
        Situation lately =
                across.at(java.time.LocalDate.of(2020, 1, 1).atTime(12, 0).atZone(java.time.ZoneOffset.UTC));
        assertEquals(State.OPEN, ruling(lately, "MAIDEN-R2").finding().state());
        Setup rate = SOUND.withModes(SOUND.modes().withLaunchMode(FlightMode.RATE));
        Situation never = with(rate, ProofKind.MANUAL_FLOWN, ProofKind.LEVEL_FLOWN);
        assertEquals(
                "Launch in Rate: never flown",
                ruling(never, "MAIDEN-R2").finding().title());
    }
}
