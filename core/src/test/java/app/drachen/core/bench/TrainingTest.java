package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Faults that can be hidden, and a round of practice. */
class TrainingTest {
    static Stream<Setup> aircraft() {
        Setup tern = DemoAircraft.seeschwalbe();
        return Stream.of(
                DemoAircraft.rochen(),
                DemoAircraft.strandlaeufer(),
                tern.withModes(tern.modes().withSecond(Optional.of(SecondPath.USUAL))));
    }

    /** A sound aircraft passes every card, whatever the scatter of the readings: no false alarm. */
    @ParameterizedTest
    @MethodSource("aircraft")
    void aSoundAircraftPassesEveryCard(Setup setup) {
        for (BenchCard card : BenchCards.of(setup)) {
            for (long seed = 1; seed <= 5; seed++) {
                Map<String, Double> given = BenchCards.answered(card.id(), setup, seed);
                assertTrue(card.complete(given), card.id() + ": " + card.progress(given));
                assertEquals(List.of(), card.wrong(given), card.id().title());
                assertTrue(
                        card.readings().stream().allMatch(r -> given.containsKey(r.id())),
                        card.id().title());
                assertTrue(
                        given.keySet().stream().allMatch(k -> card.reading(k).isPresent()),
                        "nothing unasked: " + card.id());
                for (Reading reading : card.readings()) {
                    reading.checked(given.get(reading.id()));
                }
            }
        }
    }

    /** Every fault shows in at least one card, and no two show alike: else a blame could not be judged. Forty at least. */
    @ParameterizedTest
    @MethodSource("aircraft")
    void everyFaultIsFoundByACardAndLooksLikeNoOther(Setup setup) {
        Map<Planted, Map<String, String>> found = Planted.withSigns(setup);
        List<Planted> all = List.copyOf(found.keySet());
        Map<String, String> sound = Planted.signs(setup, List.of());
        assertFalse(sound.values().stream().anyMatch(s -> s.startsWith("wrong")), sound.toString());
        found.forEach((p, sign) -> assertTrue(
                sign.values().stream().anyMatch(s -> s.startsWith("wrong")), p.words() + " is found by no card"));
        List<Map<String, String>> signs = List.copyOf(found.values());
        assertEquals(all.size(), new HashSet<>(signs).size(), setup.name());
        assertEquals(all.size(), all.stream().map(Planted::id).distinct().count());
        assertTrue(all.size() >= 40, setup.name() + ": " + all.size() + " of 40 faults");
    }

    /** What is taken over from the sound aircraft is what would have been found anew. */
    @Test
    void signsTakenOverAreThoseFoundAnew() {
        Setup setup = DemoAircraft.rochen();
        Planted.withSigns(setup).forEach((p, sign) -> assertEquals(Planted.signs(setup, List.of(p)), sign, p.id()));
    }

    /** What was meant to be planted and shows nowhere, or like another, is few and known. */
    @Test
    void hardlyAFaultIsLost() {
        Setup setup = DemoAircraft.rochen();
        List<Planted> meant = new ArrayList<>(SurfaceFaults.of(setup));
        meant.addAll(OtherFaults.of(setup));
        meant.removeAll(Planted.possible(setup));
        // Rochen has no console, airspeed probe or compass; its two elevons swapped are the same as their shares of
        // roll turned
        assertTrue(meant.size() <= 12, meant.stream().map(Planted::id).toList().toString());
    }

    @ParameterizedTest
    @MethodSource("aircraft")
    void aRoundIsWonByBlamingWhatIsHidden(Setup setup) {
        Training round = Training.begin(setup, 3, 5);
        assertEquals(round, Training.begin(setup, 3, 5), "the same seed hides the same");
        assertEquals(3, round.hidden().size(), setup.name());
        assertNotEquals(Planted.signs(setup, List.of()), Planted.signs(setup, round.real()), "something is seen");
        Planted innocent = Planted.possible(setup).stream()
                .filter(p -> !round.hidden().contains(p))
                .findFirst()
                .orElseThrow();
        Training now = round;
        for (int i = 0; i < 20; i++) {
            now = now.checked();
        }
        now = now.blamed(innocent).after(14 * 60 + 5);
        assertFalse(now.done());
        // two cards too many, two minutes too long, one false blame, three not found
        assertEquals(100 - 6 - 2 - 15 - 60, now.points());
        for (Planted p : round.hidden()) {
            now = now.blamed(p);
        }
        assertTrue(now.done());
        assertEquals(77, now.points());
        assertEquals(RealThing.sound(setup), now.real(), "what is found is mended");
    }

    /** Card by card fewer causes are left, the hidden one always among them, and at the end it alone. */
    @ParameterizedTest
    @MethodSource("aircraft")
    void causesAreRuledOutCardByCard(Setup setup) {
        Map<Planted, Map<String, String>> causes = Planted.withSigns(setup);
        Training one = Training.begin(setup, 1, 8);
        List<CardId> run = new ArrayList<>();
        int before = one.left(causes, run).size();
        assertEquals(causes.size(), before, "nothing is known yet");
        for (BenchCard card : BenchCards.of(setup)) {
            run.add(card.id());
            List<Planted> left = one.left(causes, run);
            assertTrue(
                    left.size() <= before && left.containsAll(one.hidden()),
                    card.id().title());
            before = left.size();
        }
        assertEquals(one.hidden(), one.left(causes, run));
        Training three = Training.begin(setup, 3, 8);
        assertTrue(three.left(causes, run).containsAll(three.hidden()));
        assertTrue(three.left(causes, run).size() < causes.size() / 2);
    }

    /** The stand-in answers by what it lives in: a planted loss shows on the card, not in the set-up. */
    @Test
    void whatIsHiddenIsInTheAircraftAndNotInTheBelief() {
        Setup setup = DemoAircraft.rochen();
        Planted loss = Planted.possible(setup).stream()
                .filter(p -> p.id().equals("loss-other"))
                .findFirst()
                .orElseThrow();
        StandIn standIn = new StandIn(setup, List.of(loss));
        assertEquals(setup, standIn.believed());
        assertEquals(
                (double) Loss.Action.LEVEL.ordinal(),
                standIn.answers(CardId.LOSS_OF_LINK, 1).get("action"));
    }
}
