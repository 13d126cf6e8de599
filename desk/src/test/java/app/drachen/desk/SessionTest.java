package app.drachen.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.clearInvocations;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.FlightFact;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding.State;
import app.drachen.desk.work.Jobs;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.Logbook;
import java.time.Clock;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SessionTest extends DeskTest {
    @BeforeEach
    void openRochen() {
        session.open(rochen());
        clearInvocations(listener);
    }

    private static UnaryOperator<Setup> camera(double mass) {
        return s -> s.withPart("camera", p -> p.withMass(mass));
    }

    private int latest() {
        return hangar.latest(rochen().id());
    }

    @Test
    void anEditIsShownOnceItIsSafeOnDisk() {
        assertTrue(session.edit("camera", camera(0.05)));
        assertEquals(1, session.revision().number(), "not before it is kept");
        assertFalse(desk.saved());
        workers.step();
        try (Hangar other = Hangar.openToRead(hangar.file())) {
            assertEquals("camera", other.current(rochen().id()).reason(), "it is on disk before it is shown");
        }
        assertEquals(1, session.revision().number());
        settle();
        verify(listener).run();
        assertEquals(2, session.revision().number());
        assertEquals(NOW, session.revision().when());
        assertEquals(3, session.aircraft().nextNumber());
        assertTrue(desk.saved());
    }

    @Test
    void twoEditsInOneBreathAreBothThere() {
        session.edit("camera", camera(0.05));
        session.edit("name", s -> s.withName("Möwe"));
        settle();
        assertEquals(3, session.revision().number());
        assertEquals("Möwe", session.setup().name());
        assertEquals(0.05, session.setup().part("camera").orElseThrow().mass());
        assertEquals("Möwe", session.aircraft().name());
    }

    @Test
    void whatTheSetupRefusesIsToldAndNothingChanges() {
        assertFalse(session.edit("camera", camera(Double.NaN)));
        assertTrue(told.get(0).contains("mass of camera"), told.toString());
        assertFalse(session.edit("nothing", s -> s), "no change, no revision");
        settle();
        verify(listener, never()).run();
        assertEquals(1, latest());
    }

    /** Chords of 200 mm less a digit: an aspect ratio of 76 has no answer, and such a slip used to lock every aircraft out. */
    @Test
    void whatCannotBeReckonedWithIsAFindingThatStops() {
        session.open(strandlaeufer());
        session.edit("Chords", s -> {
            Wing wing = s.airframe().wing();
            for (int i = 0; i < wing.panels().size(); i++) {
                WingPanel p = wing.panels().get(i);
                wing = wing.withPanel(i, new WingPanel(0.020, 0.020, p.length(), p.sweep(), p.dihedral(), p.twist()));
            }
            return s.withAirframe(s.airframe().withWing(wing));
        });
        settle();
        assertEquals(2, session.revision().number());
        assertTrue(
                session.clearance().rulings().stream()
                        .anyMatch(r -> r.finding().state() == State.STOP
                                && r.finding().detail().contains("cannot be reckoned with")),
                "said in a sentence");
        assertTrue(
                session.clearance()
                        .reached()
                        .map(g -> g.compareTo(Gate.LAUNCH) < 0)
                        .orElse(true),
                "it does not fly");
        Desk again =
                new Desk(hangar, new Jobs(Runnable::run, Runnable::run, e -> {}), Runnable::run, Clock.systemUTC());
        again.load(told::add);
        assertEquals(
                3, again.shelf().stream().filter(a -> a.standing().isPresent()).count(), "the next start has all");
        session.undo();
        settle();
        session.edit("camera", s -> s.withName("Kiebitz"));
        settle();
        assertEquals("Kiebitz", session.setup().name(), "work goes on");
    }

    @Test
    void aDiskThatRefusesIsToldAndWhatIsShownIsWhatIsKept() {
        session.edit("camera", camera(0.05));
        hangar.close();
        settle();
        assertEquals(1, session.revision().number());
        assertEquals(1, told.size());
        assertTrue(told.get(0).startsWith("h.drachen: "), told.toString());
    }

    @Test
    void goingStaleIsToldOnceAndUndoMakesItFresh() {
        session.prove(ProofKind.WEIGHING, Evidence.REAL, true, "728 g", Map.of());
        settle();
        session.edit("camera", camera(0.05));
        session.edit("camera", camera(0.06));
        settle();
        assertEquals(List.of("r2 makes stale: weighing."), told);
        session.undo();
        session.undo();
        settle();
        assertEquals(DemoAircraft.rochenOnTheBench(), session.setup());
        assertTrue(session.situation()
                .fresh(session.situation().proof(ProofKind.WEIGHING).orElseThrow()));
    }

    @Test
    void theEndsOfTheRevisionsAreTold() {
        session.undo();
        session.redo();
        settle();
        assertEquals(List.of("This is the first revision.", "There is no later revision."), told);
        session.edit("camera", camera(0.05));
        session.undo();
        settle();
        assertEquals("Set-up r1: built.", told.get(2));
        assertEquals(1, session.revision().number());
    }

    /** A proof is about what was shown when the pilot answered, whatever is edited meanwhile. */
    @Test
    void aProofBelongsToTheRevisionItWasGainedWith() {
        session.edit("camera", camera(0.05));
        session.prove(ProofKind.WEIGHING, Evidence.REAL, true, "728 g", Map.of());
        settle();
        assertEquals(1, hangar.proofs(rochen().id()).get(0).revision());
        assertFalse(session.situation().fresh(session.situation().proofs().get(0)));
    }

    @Test
    void anEditEndsAtTheAircraftItWasMadeOn() {
        session.edit("camera", camera(0.05));
        session.closeAircraft();
        session.open(seeschwalbe());
        settle();
        assertEquals(2, latest());
        assertEquals(1, hangar.latest(seeschwalbe().id()));
        assertEquals(2, rochen().standing().orElseThrow().revision().number());
    }

    /** What is being typed is taken for the aircraft it was typed for. */
    @Test
    void whatIsBeingTypedIsTakenBeforeSomethingElseIsShown() {
        session.beforeLeaving(() -> {
            if (session.isOpen() && session.aircraft() == rochen()) {
                session.edit("typed", camera(0.05));
            }
        });
        session.closeAircraft();
        session.open(seeschwalbe());
        settle();
        assertEquals("typed", hangar.current(rochen().id()).reason());
        assertEquals(1, hangar.latest(seeschwalbe().id()));
    }

    @Test
    void aChangeOfStageReadsNothing() {
        for (Stage stage : Stage.values()) {
            session.go(stage);
        }
        assertEquals(0, workers.waiting());
        assertSame(rochen().standing().orElseThrow().clearance(), session.clearance());
    }

    @Test
    void fieldAndUnitsAreKeptForTheNextTimeAndForOtherWindows() {
        Session other = new Session(desk);
        Field today = DemoField.deichwiese().measured(desk.today());
        session.enter(DemoField.deichwiese());
        session.enter(f -> f.orElseThrow().withWind(3, 1, 4));
        session.turnUnits();
        settle();
        assertEquals(Optional.of(today.withWind(3, 1, 4)), other.field());
        assertEquals(UnitSystem.IMPERIAL, other.units());
        assertEquals(
                other.field(),
                seeschwalbe().standing().orElseThrow().situation().field(),
                "all are judged on it");
        session.tell("limit " + Quantity.HEIGHT.text(121.92));
        assertEquals("limit 400\u00a0ft", told.get(0));
        Desk again = new Desk(hangar, new Jobs(workers, screen, unforeseen::add), screen, Clock.systemUTC());
        assertEquals(other.field(), again.field());
        assertEquals(UnitSystem.IMPERIAL, again.units());
    }

    @Test
    void openingGoesWhereTheNextJobIs() {
        assertEquals(Stage.THROWS, session.stage());
        session.go(Stage.BENCH);
        session.closeAircraft();
        assertFalse(session.isOpen());
    }

    /** Another window closes while its edit is on its way; nothing is lost, nobody there is told. */
    @Test
    void aWindowThatClosesLosesNothing() {
        session.edit("camera", camera(0.05));
        session.close();
        settle();
        verify(listener, never()).run();
        assertEquals(2, latest());
    }

    @Test
    void theProgramEndsWithEverythingKept() {
        for (int i = 0; i < 5; i++) {
            double mass = 0.05 + 0.001 * i;
            session.edit("camera", camera(mass));
        }
        session.close();
        desk.close();
        try (Hangar later = Hangar.open(hangar.file())) {
            assertEquals(6, later.latest(1));
        }
        session.edit("too late", camera(0.08));
        assertEquals(List.of(), unforeseen);
    }

    @Test
    void anAircraftPutAwayComesBackAsTheSame() {
        OpenAircraft before = seeschwalbe();
        session.closeAircraft();
        before.putAway(told::add);
        settle();
        assertEquals(2, desk.shelf().size());
        desk.bringBackLast(a -> assertSame(before, a.orElseThrow()), told::add);
        settle();
        assertSame(before, seeschwalbe());
        assertTrue(seeschwalbe().standing().isPresent());
    }

    /** One aircraft whose document is damaged stands on the shelf as such, the others open. */
    @Test
    void oneThatCannotBeReadDoesNotKeepTheOthersOut() throws Exception {
        try (var c = java.sql.DriverManager.getConnection("jdbc:sqlite:" + hangar.file());
                var s = c.createStatement()) {
            s.execute("UPDATE revision SET document = '{}' WHERE aircraft = 2");
        }
        Desk again = new Desk(hangar, new Jobs(workers, screen, unforeseen::add), screen, Clock.systemUTC());
        again.load(told::add);
        settle();
        OpenAircraft broken = again.shelf().get(1);
        assertTrue(broken.trouble().contains("no Drachen set-up"), broken.trouble());
        Session window = new Session(again);
        window.notices(told::add);
        window.open(broken);
        assertFalse(window.isOpen());
        assertEquals(broken.trouble(), told.get(told.size() - 1));
        window.open(again.shelf().get(2));
        assertEquals("Seeschwalbe", window.setup().name());
    }

    private State wind() {
        return session.clearance().rulings().stream()
                .filter(r -> r.finding().id().equals("MAIDEN-R1"))
                .findFirst()
                .orElseThrow()
                .finding()
                .state();
    }

    /** What was fitted since the last real flight is held against what flew; a rehearsal is no flight. */
    @Test
    void theLastFlownRevisionIsWhatChangesAreHeldAgainst() {
        session.open(seeschwalbe());
        FlightLog log = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT)).build();
        for (boolean rehearsed : List.of(false, true)) {
            session.aircraft()
                    .keep(
                            new FlightRecord(0, session.revision().number(), NOW, rehearsed, "first-flight", "Landed."),
                            Logbook.pack(log),
                            Optional.empty(),
                            kept -> {},
                            told::add);
            settle();
            session.edit("heavier", s -> s.withPart("pack", p -> p.withMass(p.mass() + 0.07)));
            settle();
        }
        assertEquals(
                1,
                session.situation()
                        .flown()
                        .map(f -> f.equals(DemoAircraft.seeschwalbe()) ? 1 : 0)
                        .orElseThrow());
        assertTrue(session.clearance().rulings().stream()
                .anyMatch(
                        r -> r.finding().id().equals("BUILD-R8") && r.finding().state() == State.CAUTION));
    }

    /** What is planned is judged, stands by the aircraft and not by the window, and is there again. */
    @Test
    void theCardThatIsPlannedStaysWithTheAircraft() {
        CardPlan hold = CardPlans.byId("hold").orElseThrow();
        session.enter(DemoField.evening());
        session.plan(hold, () -> told.add("planned"));
        assertEquals(Optional.empty(), session.situation().plan(), "not before it is kept");
        settle();
        assertTrue(told.contains("planned"));
        session.edit("camera", camera(0.05));
        settle();
        assertEquals(Optional.of(hold), session.situation().plan());
        assertTrue(session.clearance().rulings().stream()
                .anyMatch(r -> r.finding().title().equals("Hold before Level")));
        session.open(strandlaeufer());
        assertEquals(Optional.empty(), session.situation().plan());
        session.open(rochen());
        Desk again = new Desk(hangar, new Jobs(workers, screen, unforeseen::add), screen, Clock.systemUTC());
        again.load(told::add);
        settle();
        assertEquals(
                Optional.of(hold),
                again.aircraft(rochen().id())
                        .orElseThrow()
                        .standing()
                        .orElseThrow()
                        .situation()
                        .plan());
    }

    /** Wind that nobody measured, or measured on another day, or at another field, is no go for today. */
    @Test
    void onlyWindMeasuredTodayAtThisFieldIsAGo() {
        session.open(seeschwalbe());
        assertEquals(State.OPEN, wind(), "kept by an older Drachen, without its day");
        Field meadow = DemoField.evening();
        session.enter(before -> meadow.measured(desk.today().minusDays(1)));
        settle();
        assertEquals(State.STALE, wind());
        session.enter(meadow);
        settle();
        assertEquals(State.GOOD, wind());
        session.enter(before -> field("Moor", before.orElseThrow()));
        settle();
        assertEquals(State.OPEN, wind());
        assertEquals(
                List.of("Moor", "Deichwiese"),
                desk.sites().stream().map(Field::name).toList());
        Desk again = new Desk(hangar, new Jobs(workers, screen, unforeseen::add), screen, Clock.systemUTC());
        assertEquals(desk.sites(), again.sites(), "kept in the hangar, with the day of each weather");
    }

    /** Rules see the flights; what was flown in the model, or on another day, is no flight of today's session. */
    @Test
    void theSessionOfTheDayIsWhatTheAircraftItselfFlewToday() {
        FlightLog.Builder rows = new FlightLog.Builder(EnumSet.of(LogColumn.TIME));
        rows.row(0);
        Logbook.Packed log = Logbook.pack(rows.build());
        long[] when = {NOW - 86_400, NOW - 60, NOW - 30};
        for (int i = 0; i < when.length; i++) {
            FlightRecord flight = new FlightRecord(0, 1, when[i], i == 1, "first-flight", "Landed");
            rochen().keep(flight, log, Optional.empty(), kept -> {}, told::add);
        }
        settle();
        assertEquals(List.of(), told);
        assertEquals(3, session.situation().flights().size());
        assertEquals(
                List.of(3),
                session.situation().session().stream().map(FlightFact::number).toList());
        rochen().remove(rochen().flights().get(2), removed -> {}, told::add);
        settle();
        assertEquals(List.of(), session.situation().session());
    }

    private static Field field(String name, Field like) {
        return new Field(
                name,
                like.wind(),
                like.windFrom(),
                like.gust(),
                like.windHeight(),
                like.temperature(),
                like.pressure(),
                0,
                60,
                Optional.empty(),
                List.of(),
                false,
                Optional.empty());
    }
}
