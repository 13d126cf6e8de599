package app.drachen.desktop.widget;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;

import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WorkspaceTest {
    private static final Clock CLOCK = Clock.fixed(Instant.ofEpochSecond(1_700_000_000L), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private Hangar hangar;
    private Workspace workspace;
    private final Workspace.Notice notice = mock();
    private final Runnable listener = mock();

    @BeforeEach
    void open() {
        hangar = Hangar.open(folder.resolve("h.drachen"));
        long id = hangar.add(DemoAircraft.rochen(), "built", 1);
        workspace = new Workspace(hangar, CLOCK);
        workspace.open(id);
        workspace.notices(notice);
        workspace.listen(listener);
    }

    @AfterEach
    void close() {
        hangar.close();
    }

    @Test
    void anEditIsARevisionThatAnotherReaderSeesAtOnce() {
        assertTrue(workspace.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.05))));
        verify(listener).run();
        assertEquals(2, workspace.revision().number());
        assertEquals(1_700_000_000L, workspace.revision().when());
        try (Hangar other = Hangar.openToRead(hangar.file())) {
            assertEquals(workspace.setup(), other.current(workspace.aircraft()).setup());
        }
    }

    @Test
    void whatTheSetupRefusesIsToldAndNothingChanges() {
        assertFalse(workspace.edit("camera", s -> s.withPart("camera", p -> p.withMass(Double.NaN))));
        verify(notice).tell(contains("mass of camera"));
        verify(listener, never()).run();
        assertEquals(1, workspace.revision().number());
        assertFalse(workspace.edit("nothing", s -> s), "no change, no revision");
        assertEquals(1, hangar.latest(workspace.aircraft()));
    }

    @Test
    void goingStaleIsToldOnce() {
        workspace.prove(ProofKind.WEIGHING, Evidence.REAL, true, "728 g", Map.of());
        verifyNoInteractions(notice);
        workspace.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.05)));
        verify(notice).tell("r2 makes stale: weighing.");
        workspace.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.06)));
        verify(notice, times(1)).tell(contains("makes stale"));
    }

    @Test
    void theEndsOfTheRevisionsAreTold() {
        workspace.undo();
        verify(notice).tell("This is the first revision.");
        workspace.redo();
        verify(notice).tell("There is no later revision.");
        workspace.edit("camera", s -> s.withPart("camera", p -> p.withMass(0.05)));
        workspace.undo();
        verify(notice).tell("Set-up r1: built.");
        assertEquals(DemoAircraft.rochen(), workspace.setup());
    }

    @Test
    void fieldAndUnitsAreKeptForTheNextTime() {
        assertEquals(Optional.empty(), workspace.field());
        workspace.enter(DemoField.evening());
        workspace.turnUnits();
        workspace.tell("limit " + Quantity.HEIGHT.text(121.92));
        verify(notice).tell("limit 400\u00a0ft");
        Workspace again = new Workspace(hangar, CLOCK);
        assertEquals(Optional.of(DemoField.evening()), again.field());
        assertEquals(UnitSystem.IMPERIAL, again.units());
        assertFalse(again.isOpen());
    }

    @Test
    void openingGoesWhereTheNextJobIs() {
        long turned = hangar.add(DemoAircraft.rochenOnTheBench(), "on the bench", 2);
        workspace.open(turned);
        assertEquals(Stage.THROWS, workspace.stage());
        workspace.go(Stage.BENCH);
        assertEquals(Stage.BENCH, workspace.stage());
        workspace.closeAircraft();
        assertFalse(workspace.isOpen());
    }
}
