package app.drachen.desk.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Fault;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.desk.DeskTest;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.flight.FlightRun.Phase;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Things happen in the worst order: whatever is opened, chosen, edited or closed between any two steps of a flight, it is
 * filed under the aircraft and the revision that flew. Rochen flies with a turned elevon here, which ends soon.
 */
class FlightRunTest extends DeskTest {
    private Rehearsing rehearsing;

    @BeforeEach
    void maiden() {
        session.open(rochen());
        session.go(Stage.MAIDEN);
        rehearsing = new Rehearsing(session, () -> {});
    }

    /** What a pilot may do while a flight is on its way. */
    private enum Disturbance {
        NOTHING(t -> {}),
        ANOTHER_AIRCRAFT(t -> {
            t.session.closeAircraft();
            t.session.open(t.strandlaeufer());
        }),
        ANOTHER_CARD(t -> t.rehearsing.choose(CardPlans.all().get(1), Optional.empty())),
        ANOTHER_FLIGHT_OF_ANOTHER_AIRCRAFT(t -> {
            t.session.closeAircraft();
            t.session.open(t.strandlaeufer());
            t.rehearsing.runOrHold();
            t.rehearsing.tick(0.5);
        }),
        AN_EDIT(t -> t.session.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.05)))),
        AN_EDIT_AND_UNDO(t -> {
            t.session.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.05)));
            t.session.undo();
        }),
        UNITS(t -> t.session.turnUnits()),
        FIELD(t -> t.session.enter(DemoField.deichwiese())),
        ANOTHER_STAGE(t -> t.session.go(Stage.BUILD)),
        ANOTHER_WINDOW(t -> new Session(t.desk).open(t.rochen())),
        PUT_AWAY(t -> {
            OpenAircraft flying = t.rochen();
            t.session.closeAircraft();
            flying.putAway(t.told::add);
        });

        private final Consumer<FlightRunTest> deed;

        Disturbance(Consumer<FlightRunTest> deed) {
            this.deed = deed;
        }
    }

    private List<FlightRecord> filed(long aircraft) {
        return hangar.logbook().flights(aircraft);
    }

    /** Lets things happen one after the other, and disturbs after so many of them; whether there were as many. */
    private boolean flown(int disturbAfter, Consumer<FlightRunTest> deed) {
        for (int steps = 0; ; steps++) {
            if (steps == disturbAfter) {
                deed.accept(this);
                settle();
                return true;
            }
            if (!(steps % 2 == 0 ? workers.step() || screen.step() : screen.step() || workers.step())) {
                return false;
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void aFlightIsFiledUnderWhatFlew(Disturbance disturbance) {
        OpenAircraft flying = rochen();
        for (int after = 0; after < 12; after++) {
            if (session.isOpen()) {
                session.closeAircraft();
            }
            if (desk.shelf().size() < 3) {
                flying.bringBack(told::add);
                settle();
            }
            session.open(flying);
            int before = filed(flying.id()).size();
            int revision = session.revision().number();
            rehearsing.choose(CardPlans.all().get(0), Optional.empty());
            rehearsing.toTheEnd(share -> {});
            boolean disturbed = flown(after, disturbance.deed);
            settle();
            List<FlightRecord> flights = filed(flying.id());
            String where = disturbance + " after " + after + ": " + told;
            assertEquals(before + 1, flights.size(), where);
            FlightRecord last = flights.get(flights.size() - 1);
            assertEquals(revision, last.revision(), where);
            assertEquals("first-flight", last.card(), where);
            assertTrue(last.outcome().startsWith("Hit the ground"), where + last);
            assertEquals(0, filed(strandlaeufer().id()).size(), where);
            assertEquals(List.of(), unforeseen, where);
            if (!disturbed) {
                return;
            }
        }
    }

    /** What many flights prove is filed under the aircraft and the revision that flew, whatever is open by then. */
    @Test
    void manyFlightsProveForWhatFlew() {
        OpenAircraft flying = seeschwalbe();
        session.open(flying);
        session.enter(DemoField.evening());
        settle();
        rehearsing.manyTimes(share -> {});
        session.edit("light", s -> s.withPart("pack", p -> p.withMass(p.mass() + 0.001)));
        session.open(strandlaeufer());
        settle();
        Proof proof = hangar.proofs(flying.id()).stream()
                .filter(p -> p.kind() == ProofKind.REHEARSAL)
                .findFirst()
                .orElseThrow();
        assertEquals(1, proof.revision());
        assertEquals(2, hangar.latest(flying.id()));
        assertTrue(proof.passed(), proof.note());
        assertEquals(40.0, proof.values().get(Scatter.FLIGHTS));
        assertEquals(
                List.of(),
                hangar.proofs(strandlaeufer().id()).stream()
                        .filter(p -> p.kind() == ProofKind.REHEARSAL)
                        .toList());
    }

    @Test
    void itComesFromReadyToKept() {
        rehearsing.toTheEnd(share -> {});
        FlightRun run = rehearsing.run().orElseThrow();
        assertEquals(Phase.READY, run.phase());
        workers.step();
        assertEquals(Phase.READ, run.phase());
        assertTrue(run.flight().isPresent() && run.kept().isEmpty());
        settle();
        assertEquals(Phase.KEPT, run.phase());
        assertEquals(filed(rochen().id()).get(0), run.kept().orElseThrow());
        assertEquals(rochen().flights(), filed(rochen().id()), "the logbook shows it");
        assertFalse(
                rochen().standing()
                        .orElseThrow()
                        .situation()
                        .proof(ProofKind.REHEARSAL)
                        .isPresent(),
                "one flight proves nothing");
    }

    @Test
    void aFlightByTheClockIsFlownInSlicesAndHeardBetweenThem() {
        session.closeAircraft();
        session.open(seeschwalbe());
        rehearsing.runOrHold();
        rehearsing.tick(2);
        settle();
        FlightRun run = rehearsing.run().orElseThrow();
        Glance early = run.glance().orElseThrow();
        assertEquals(2, early.time(), 1e-9);
        rehearsing.mode(session.setup().modes().selector().wanted().indexOf(FlightMode.LEVEL));
        rehearsing.knob();
        rehearsing.tick(1);
        settle();
        Glance late = run.glance().orElseThrow();
        assertEquals(FlightMode.LEVEL, late.mode());
        assertEquals(1.5, late.knob());
        assertEquals(3, late.time(), 1e-9);
        assertEquals(100, early.log().rows(), 1, "a glance does not change while it is looked at");
        rehearsing.hold();
        rehearsing.tick(1);
        settle();
        assertEquals(3, run.glance().orElseThrow().time(), 1e-9);
        rehearsing.breakOff();
        rehearsing.toTheEnd(share -> {});
        settle();
        assertEquals(Phase.KEPT, run.phase());
        assertTrue(run.glance().orElseThrow().time() < 120, "broken off, it lands soon");
    }

    @Test
    void aFlightHeldIsThereAgainWhenItsAircraftIs() {
        session.closeAircraft();
        session.open(seeschwalbe());
        rehearsing.runOrHold();
        rehearsing.tick(2);
        settle();
        rehearsing.hold();
        session.closeAircraft();
        session.open(rochen());
        assertEquals(Optional.empty(), rehearsing.run());
        session.open(seeschwalbe());
        rehearsing.runOrHold();
        rehearsing.tick(1);
        settle();
        assertEquals(3, rehearsing.run().orElseThrow().glance().orElseThrow().time(), 1e-9);
    }

    @Test
    void aWindowClosedInFlightLosesTheFlightAndOneClosedAfterItLandedDoesNot() {
        session.closeAircraft();
        session.open(seeschwalbe());
        rehearsing.runOrHold();
        rehearsing.tick(2);
        settle();
        FlightRun run = rehearsing.run().orElseThrow();
        session.close();
        assertEquals(Phase.LOST, run.phase());
        assertTrue(run.reason().contains("window was closed"), run.reason());
        settle();
        assertEquals(0, filed(seeschwalbe().id()).size());
        Session second = new Session(desk);
        second.open(rochen());
        Rehearsing other = new Rehearsing(second, () -> {});
        other.toTheEnd(share -> {});
        workers.step();
        assertEquals(Phase.READ, other.run().orElseThrow().phase());
        second.close();
        desk.close();
        try (Hangar later = Hangar.open(hangar.file())) {
            assertEquals(1, later.logbook().flights(1).size(), "it had landed");
        }
    }

    @Test
    void aFlightLeftBehindByTheClockIsToldAsLost() {
        session.closeAircraft();
        session.open(seeschwalbe());
        rehearsing.runOrHold();
        rehearsing.tick(2);
        settle();
        rehearsing.choose(CardPlans.all().get(1), Optional.empty());
        settle();
        assertTrue(told.get(0).startsWith("The flight of Seeschwalbe was lost: Another card"), told.toString());
    }

    @Test
    void aMistakeOnPurposeProvesNothingAndSaysSo() {
        rehearsing.choose(CardPlans.all().get(0), Optional.of(Fault.Kind.values()[0]));
        rehearsing.toTheEnd(share -> {});
        settle();
        assertTrue(filed(rochen().id()).get(0).outcome().startsWith("With a mistake on purpose: "));
        assertEquals(List.of(), hangar.proofs(rochen().id()));
    }

    @Test
    void whatCannotFlyIsToldAndTheNextFlightIsNew() {
        session.edit(
                "no motor",
                s -> s.withParts(s.parts().stream()
                        .filter(p -> p.kind() != app.drachen.core.airframe.PartKind.MOTOR)
                        .toList()));
        settle();
        told.clear();
        rehearsing.toTheEnd(share -> {});
        settle();
        assertTrue(told.get(0).contains("has no motor among its parts"), told.toString());
        assertEquals(Phase.LOST, rehearsing.run().orElseThrow().phase());
        session.undo();
        settle();
        rehearsing.toTheEnd(share -> {});
        settle();
        assertEquals(Phase.KEPT, rehearsing.run().orElseThrow().phase());
    }

    @Test
    void manyFlightsAreShownForTheirAircraftOnly() {
        rehearsing.manyTimes(share -> {});
        session.closeAircraft();
        session.open(strandlaeufer());
        settle();
        assertEquals(Optional.empty(), rehearsing.scatter());
        session.closeAircraft();
        session.open(rochen());
        assertEquals(
                Rehearsing.TIMES, rehearsing.scatter().orElseThrow().flights().size());
        rehearsing.manyTimes(share -> {});
        rehearsing.stop();
        settle();
        assertFalse(rehearsing.flyingMany());
    }
}
