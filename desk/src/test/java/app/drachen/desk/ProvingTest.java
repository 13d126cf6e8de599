package app.drachen.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Proofs kept together, and the book of practice. */
class ProvingTest extends DeskTest {
    private PracticeBook.Round round(int found, int points) {
        return new PracticeBook.Round(NOW, "Rochen\t1", 3, found, 12, 1, points);
    }

    @Test
    void proofsGainedAtOnceAreKeptAtOnce() {
        session.open(aircraft("Seeschwalbe").id());
        settle();
        int before = session.situation().proofs().size();
        Proving proving = new Proving(session);
        proving.keep(told::add);
        settle();
        assertEquals(before, session.situation().proofs().size(), "nothing gained, nothing kept");
        proving.add(ProofKind.ARMING, Evidence.REAL, true, "seen", Map.of("outputs", 0.0));
        proving.add(ProofKind.READ_BACK, Evidence.STAND_IN, false, "Position 2 gives another mode.", Map.of());
        proving.keep(told::add);
        settle();
        assertEquals(before + 2, session.situation().proofs().size());
        assertTrue(session.situation().proven(ProofKind.ARMING));
        assertFalse(session.situation().proven(ProofKind.READ_BACK));
        assertEquals(before + 2, hangar.proofs(aircraft("Seeschwalbe").id()).size(), "in the file too");
        assertEquals(
                NOW, session.situation().proof(ProofKind.ARMING).orElseThrow().when());
        assertEquals(
                0.0,
                session.situation()
                        .proof(ProofKind.ARMING)
                        .orElseThrow()
                        .values()
                        .get("outputs"));
    }

    /** What was gained belongs to the aircraft that was open, whatever is opened before it is kept. */
    @Test
    void proofsGoToTheAircraftTheyWereGainedWith() {
        session.open(aircraft("Seeschwalbe").id());
        settle();
        Proving proving = new Proving(session);
        proving.add(ProofKind.MOTOR_RUN, Evidence.REAL, true, "seen", Map.of());
        session.open(aircraft("Strandläufer").id());
        settle();
        proving.keep(told::add);
        settle();
        assertFalse(session.situation().proof(ProofKind.MOTOR_RUN).isPresent());
        assertTrue(hangar.proofs(aircraft("Seeschwalbe").id()).stream().anyMatch(p -> p.kind() == ProofKind.MOTOR_RUN));
    }

    @Test
    void roundsOfPracticeAreKeptAndReadAgain() {
        PracticeBook book = new PracticeBook(desk);
        settle();
        assertEquals("", book.words());
        book.add(round(3, 88), told::add);
        book.add(round(2, 51), told::add);
        settle();
        assertEquals(
                "2 rounds of practice: 5 of 6 faults found, 2 false blames, 4.0 cards a fault; last 51 points.",
                book.words());
        PracticeBook again = new PracticeBook(desk);
        settle();
        assertEquals(2, again.rounds().size());
        assertEquals("Rochen 1", again.rounds().get(0).aircraft(), "a tab in a name breaks no line");
        assertEquals(book.words(), again.words());
    }

    /** Damaged lines are left out, the others are read. */
    @Test
    void aDamagedBookKeepsItsGoodLines() {
        hangar.keep("practice", "1\tRochen\t1\t1\t6\t0\t97\nrubbish\n\n2\tA\tx\t1\t1\t1\t1\n3\tB\t1\t0\t2\t0\t80");
        PracticeBook book = new PracticeBook(desk);
        settle();
        assertEquals(2, book.rounds().size());
        assertTrue(book.words().startsWith("2 rounds of practice: 1 of 2 faults found"), book.words());
    }

    /** What was added before the file was read stands behind what was read. */
    @Test
    void aRoundThatEndsBeforeTheBookIsReadIsNotLost() {
        hangar.keep("practice", "1\tRochen\t1\t1\t6\t0\t97");
        PracticeBook book = new PracticeBook(desk);
        book.add(round(1, 60), told::add);
        settle();
        assertEquals(2, book.rounds().size());
        assertEquals(60, book.rounds().get(1).points());
        book.add(round(1, 70), told::add);
        settle();
        PracticeBook again = new PracticeBook(desk);
        settle();
        assertEquals(3, again.rounds().size(), "and the file has them all");
    }
}
