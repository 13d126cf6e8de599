package app.drachen.core.stages;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.modes.CircleRadius;
import app.drachen.core.working.Finding.State;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What holds for every entry of the list of stages. */
class KitsTest {
    @Test
    void everyStageHasItsKitInTheOrderOfTheLine() {
        assertEquals(
                List.of(Stage.values()),
                Kits.all().stream().map(StageKit::stage).toList());
        for (Stage stage : Stage.values()) {
            assertEquals(stage, Kits.of(stage).stage());
            assertFalse(Kits.of(stage).heading().isBlank());
        }
    }

    @Test
    void aSumIsFoundInItsOwnStage() {
        for (var calculation : Calculations.all()) {
            assertEquals(
                    calculation.title(),
                    Calculations.byId(" " + calculation.id().toLowerCase(java.util.Locale.ROOT))
                            .orElseThrow()
                            .title());
        }
        assertEquals(Optional.empty(), Calculations.byId("BUILD"));
        assertEquals(Optional.empty(), Calculations.byId(""));
    }

    @Test
    void everythingBelongsToExactlyOneStage() {
        assertOnce(
                List.of(Facet.values()),
                Kits.all().stream().flatMap(k -> k.facets().stream()).toList());
        assertOnce(
                List.of(ProofKind.values()),
                Kits.all().stream().flatMap(k -> k.proofs().stream()).toList());
        assertOnce(
                CardPlans.all().stream().map(c -> c.id()).toList(),
                Kits.all().stream()
                        .flatMap(k -> k.cards().stream())
                        .map(c -> c.id())
                        .toList());
        Kits.all().forEach(k -> k.proofs().forEach(p -> assertEquals(k.stage(), p.stage(), p.label())));
    }

    private static <T> void assertOnce(List<T> all, List<T> listed) {
        assertEquals(all.size(), listed.size());
        assertEquals(new HashSet<>(all), new HashSet<>(listed));
    }

    @Test
    void everyRuleBelongsToItsStageAndHasASentenceAndASource() {
        Set<String> ids = new HashSet<>();
        Situation bare = Situation.of(DemoAircraft.seeschwalbe());
        for (StageKit kit : Kits.all()) {
            for (ClearanceRule rule : kit.rules()) {
                assertTrue(ids.add(rule.id()), rule.id());
                assertTrue(rule.demand().endsWith("."), rule.id());
                assertFalse(rule.source().text().isBlank(), rule.id());
                Ruling ruling = rule.check(bare);
                assertEquals(kit.stage(), ruling.stage(), rule.id());
                assertEquals(rule.id(), ruling.finding().id());
            }
        }
    }

    /** What a rule's sentence says is what the rule does: both read the same constant. */
    @Test
    void everyLimitOfJudgementIsQuotedAndCanBeSetOtherwiseWithAReason() {
        Set<String> ids = new HashSet<>();
        for (ClearanceRule rule : Kits.rules()) {
            for (Judgement judgement : rule.judgements()) {
                assertTrue(ids.add(judgement.id()) && judgement.id().startsWith(rule.id() + "."), judgement.id());
                assertTrue(rule.demand().contains(judgement.text()), rule.demand() + " / " + judgement.text());
                assertThrows(IllegalArgumentException.class, () -> judgement.decide(judgement.usual(), " "));
                assertThrows(IllegalArgumentException.class, () -> judgement.decide(Double.NaN, "why not"));
            }
        }
        assertTrue(ids.size() > 15, "most limits are a matter of judgement: " + ids);
    }

    @Test
    void aDecisionMovesTheLimitAndIsSaidWithItsReason() {
        Judgement room = new CircleRadius().judgements().get(0);
        Setup setup = DemoAircraft.strandlaeufer();
        Situation usual = Situation.of(setup).on(DemoField.deichwiese());
        assertEquals(State.STOP, ruling(usual).finding().state());
        Situation decided = usual.with(setup.decided(room.id(), Optional.of(room.decide(1, "calm inside the dyke"))));
        Situation wild = usual.with(
                setup.withModes(setup.modes().withHome(setup.modes().home().withRadius(500)))
                        .decided(room.id(), Optional.of(room.decide(3, "gusts"))));
        assertTrue(
                ruling(decided).finding().detail().endsWith(", because: calm inside the dyke."),
                ruling(decided).finding().detail());
        assertEquals(State.GOOD, ruling(wild).finding().state());
        assertEquals(usual.prints(), decided.prints(), "no proof goes stale by a decision");
        assertEquals(
                ruling(usual).finding(),
                ruling(usual.with(decided.setup().decided(room.id(), Optional.empty())))
                        .finding());
    }

    private static Ruling ruling(Situation situation) {
        return Kits.clearance(situation).rulings().stream()
                .filter(r -> r.finding().id().equals("MODES-R7"))
                .findFirst()
                .orElseThrow();
    }

    /** A kind of proof that no gate asks for would be gathered for nothing. */
    @Test
    void everyKindOfProofHasAGate() {
        for (ProofKind kind : ProofKind.values()) {
            boolean asked = Kits.all().stream()
                    .filter(k -> k.proofs().contains(kind))
                    .flatMap(k -> k.rules().stream())
                    .map(r -> r.check(Situation.of(DemoAircraft.seeschwalbe())))
                    .anyMatch(r -> r.gate().isPresent() && r.blocks());
            assertTrue(asked, kind.label());
        }
    }

    @Test
    void aStageHasInstrumentsExactlyIfItHasRules() {
        Kits.all().forEach(k -> assertEquals(!k.rules().isEmpty(), k.hasInstruments()));
        assertEquals(
                List.of(), Kits.clearance(Situation.of(DemoAircraft.rochen())).unchecked());
    }

    @Test
    void aBareSetUpIsJudgedAlikeWheneverItIsAsked() {
        // a command that reads a document alone asks for no moment
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.seeschwalbe(), DemoAircraft.strandlaeufer())) {
            List<Ruling> never = Kits.clearance(Situation.of(setup)).rulings();
            for (int year : new int[] {1980, 2060}) {
                ZonedDateTime moment = ZonedDateTime.of(year, 5, 4, 3, 2, 1, 0, ZoneOffset.UTC);
                List<Ruling> then =
                        Kits.clearance(Situation.of(setup).at(moment)).rulings();
                assertEquals(told(never), told(then), setup.name());
            }
        }
    }

    private static List<String> told(List<Ruling> rulings) {
        return rulings.stream()
                .map(r -> r.finding().id()
                        + r.finding().state()
                        + r.finding().title()
                        + r.finding().detail())
                .toList();
    }
}
