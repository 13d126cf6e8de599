package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Stage;
import app.drachen.core.draft.NewAircraft;
import app.drachen.desk.Session;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The shelf by the keyboard: new, copied, renamed, noted, put away, brought back; two windows on it. */
class ShelfWindowTest extends WindowTest {
    private List<String> names() {
        return hangar.aircraft().stream().map(Hangar.Shelf::name).toList();
    }

    @Test
    void everyKindIsStartedNamedAndOpened() throws Exception {
        for (NewAircraft.Kind kind : NewAircraft.Kind.values()) {
            int before = names().size();
            press(KeyCode.N);
            take("new " + kind.label());
            until(() -> names().size() == before + 1);
            press(KeyCode.F2);
            until(() -> "aircraft-name".equals(scene.getFocusOwner().getId()));
            write("Kiebitz " + before);
            press(KeyCode.ENTER);
            until(() -> names().contains("Kiebitz " + before));
            // as the notice says: the next Enter opens it
            press(KeyCode.ENTER);
            until(() -> session.isOpen() && session.aircraft().name().equals("Kiebitz " + before));
            // a draft can be judged at once, and is not cleared to fly
            Clearance clearance = ask(() -> session.clearance());
            assertTrue(clearance.next().isPresent(), kind + ": " + clearance.sentence());
            press(KeyCode.CONTROL, KeyCode.H);
            until(() -> Shown.lookup(scene, "#hangar") != null);
        }
    }

    @Test
    void copiesLiveTheirOwnLife() throws Exception {
        press(KeyCode.D);
        until(() -> names().size() == 4);
        String copy = names().get(3);
        assertEquals("Rochen copy", copy);
        open(copy, Stage.BUILD);
        until(() -> Shown.lookup(scene, "#build") != null);
        assertEquals(1, ask(() -> session.revision().number()));
        assertEquals(0, hangar.proofs(idOf(copy)).size(), "proofs are not copied: it is another airframe");
        press(KeyCode.CONTROL, KeyCode.H);
        until(() -> Shown.lookup(scene, "#hangar") != null);
        press(KeyCode.N);
        take("a copy of Seeschwalbe");
        until(() -> names().contains("Seeschwalbe copy"));
    }

    /** A damaged aircraft stands on the shelf as such, with a way back; the others open. */
    @Test
    void anAircraftThatCannotBeReadOffersWhatCanBeDone() throws Exception {
        try (var c = DriverManager.getConnection("jdbc:sqlite:" + hangar.file());
                var s = c.createStatement()) {
            s.execute("INSERT INTO aircraft(name, current, position) VALUES('Kiebitz', 2, 9)");
            s.execute("INSERT INTO revision SELECT (SELECT MAX(id) FROM aircraft), 1, 0, 'built', 1, document, prints"
                    + " FROM revision WHERE aircraft = 1 AND number = 1");
            s.execute("INSERT INTO revision SELECT aircraft, 2, 1, 'damaged', 2, substr(document, 1, 300), prints"
                    + " FROM revision WHERE reason = 'built'");
        }
        act(() -> desk.load(session::tell));
        until(() -> desk.shelf().size() == 4 && !desk.shelf().get(3).trouble().isEmpty());
        String trouble = ask(() -> desk.shelf().get(3).trouble());
        assertTrue(trouble.startsWith("demo.drachen: revision 2 of Kiebitz cannot be read"), trouble);
        press(KeyCode.LEFT);
        Path out = folder.resolve("kiebitz.json");
        dialogs.toSave.add(out);
        press(KeyCode.R);
        until(() -> Files.exists(out));
        assertEquals(300, Files.readString(out).length(), "as it is");
        press(KeyCode.B);
        until(() -> desk.shelf().get(3).standing().isPresent());
        assertEquals(
                1,
                ask(() ->
                        desk.shelf().get(3).standing().orElseThrow().revision().number()));
        assertTrue(notice().contains("stands at r1 again"), notice());
    }

    @Test
    void puttingAwayIsUndone() throws Exception {
        List<String> before = names();
        press(KeyCode.RIGHT);
        press(KeyCode.DELETE);
        until(() -> names().size() == 2);
        assertTrue(notice().contains("Strandläufer is put away") && notice().contains("Ctrl Z"), notice());
        press(KeyCode.CONTROL, KeyCode.Z);
        until(() -> names().equals(before));
        press(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(notice().contains("Nothing was put away"), notice());
    }

    @Test
    void anEmptyNameIsRefusedAndThreeDeletesLeaveAnEmptyShelfThatSaysWhatToDo() throws Exception {
        press(KeyCode.F2);
        until(() -> "aircraft-name".equals(scene.getFocusOwner().getId()));
        write("   ");
        press(KeyCode.ENTER);
        assertTrue(notice().contains("A name is needed"), notice());
        assertEquals("Rochen", names().get(0));
        act(() -> Shown.lookup(scene, "#hangar").requestFocus());
        for (int i = 2; i >= 0; i--) {
            int left = i;
            press(KeyCode.DELETE);
            until(() -> names().size() == left);
        }
        assertTrue(ask(() -> Shown.all(scene, ".label").stream()
                .anyMatch(n -> ((javafx.scene.control.Label) n).getText().startsWith("No aircraft yet"))));
    }

    @Test
    void picturesAreKeptInsideAndOthersRefused() throws Exception {
        Path picture = folder.resolve("am deich.png");
        Files.copy(Path.of("src/main/resources/app/drachen/desktop/theme/icons/kite-64.png"), picture);
        Path none = folder.resolve("none.png");
        Files.writeString(none, "no picture");
        dialogs.toOpen.push(List.of(picture, none));
        press(KeyCode.P);
        until(() -> hangar.album().pictures(idOf("Rochen")).size() == 1);
        assertTrue(notice().startsWith("none.png"), notice());
        Files.delete(picture);
        assertEquals(
                "am deich.png", hangar.album().pictures(idOf("Rochen")).get(0).name());
        // Delete on the picture takes the picture out and not the aircraft, and is undone
        act(() -> Shown.lookup(scene, ".picture").requestFocus());
        press(KeyCode.DELETE);
        until(() -> hangar.album().pictures(idOf("Rochen")).isEmpty());
        assertEquals(3, names().size(), "the aircraft stays");
        act(() -> Shown.lookup(scene, "#hangar").requestFocus());
        press(KeyCode.CONTROL, KeyCode.Z);
        until(() -> hangar.album().pictures(idOf("Rochen")).size() == 1);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(notice().contains("Nothing was put away"), notice());
    }

    /** An aircraft made in the demo is offered a place in one's own hangar. */
    @Test
    void anAircraftOfTheDemoGoesToOnesOwnHangar() throws Exception {
        press(KeyCode.O);
        until(() -> toOwn.size() == 1);
        assertEquals(
                ask(() -> session.desk().shelf().get(0).name()), toOwn.get(0).name());
        Path mine = Path.of("/home/somebody/mine.drachen");
        List<Path> recents = List.of(OwnHangar.demo(), Path.of("/x/demo.1790.drachen"), mine);
        assertEquals(Optional.of(mine), OwnHangar.last(recents));
        assertEquals(
                "hangar.drachen",
                OwnHangar.file(List.of(OwnHangar.demo())).getFileName().toString());
    }

    @Test
    void aFirstStartAsks() throws Exception {
        List<String> answers = new java.util.ArrayList<>();
        // nothing is opened before it was chosen
        java.util.concurrent.Callable<DrachenApplication.First> unasked = () -> {
            throw new AssertionError("asked for before it was chosen");
        };
        StartPane pane = ask(() -> new StartPane());
        act(() -> {
            scene.setRoot(pane);
            pane.ask(
                    List.of(
                            new DrachenApplication.Offer("Begin my own hangar", "Enter", "empty", unasked),
                            new DrachenApplication.Offer("Look round the demo", "D", "invented", unasked)),
                    offer -> answers.add(offer.label()));
        });
        until(() -> scene.getFocusOwner() instanceof javafx.scene.control.Button);
        press(KeyCode.D);
        assertEquals(List.of("Look round the demo"), answers);
        assertTrue(ask(() -> Shown.lookup(scene, "#offers") == null), "asked once");
        // the demo is flown: how far it is, and who stands on the shelf already
        pane.at(0.4);
        pane.done("Rochen");
        until(() -> Shown.lookup(scene, "#start-shelf") != null
                && Shown.lookup(scene, "#start-shelf").isVisible());
        assertTrue(ask(() -> pane.lookupAll(".label").stream()
                .anyMatch(n -> ((javafx.scene.control.Label) n).getText().startsWith("Rochen stands"))));
    }

    @Test
    void filesDroppedAreTakenAsWhatTheyAre() throws Exception {
        Path json = folder.resolve("s.json");
        app.drachen.files.json.SetupJson.write(app.drachen.core.demo.DemoAircraft.strandlaeufer(), json);
        Path log = folder.resolve("x.csv");
        Files.writeString(log, "t [s],height [m]\n0,1\n1,2\n");
        Drops drops = new Drops(
                session,
                scene.getRoot(),
                () -> new app.drachen.desktop.stage.later.LaterView(Stage.BUILD),
                new app.drachen.desktop.stage.hangar.HangarView(session, dialogs),
                shell::take,
                openedHangars::add);
        act(() -> drops.take(List.of(json, folder.resolve("h.drachen"), log)));
        fire("take-own");
        until(() -> names().size() == 4);
        assertEquals(List.of(folder.resolve("h.drachen")), openedHangars);
        assertTrue(notice().contains("Open an aircraft first"), notice());
        open("Rochen", Stage.BUILD);
        act(() -> drops.take(List.of(log)));
        until(() -> hangar.logbook().flights(idOf("Rochen")).size() == 1);
    }

    @Test
    void twoWindowsOnOneHangarShowTheSame() throws Exception {
        press(KeyCode.W);
        assertEquals(List.of(OptionalLong.of(idOf("Rochen"))), windows);
        open("Seeschwalbe", Stage.BUILD);
        javafx.stage.Stage second = FxToolkit.registerStage(javafx.stage.Stage::new);
        Session[] theirs = new Session[1];
        act(() -> {
            theirs[0] = new Session(desk);
            second.setScene(new Scene(new Shell(theirs[0]).root(), 1000, 700));
            second.show();
            theirs[0].open(idOf("Seeschwalbe"));
        });
        double mass = ask(() -> theirs[0].setup().massProperties().mass());
        act(() -> session.edit("a heavier pack", setup -> setup.withPart("pack", p -> p.withMass(p.mass() + 0.1))));
        assertEquals(mass + 0.1, ask(() -> theirs[0].setup().massProperties().mass()), 1e-9);
        assertEquals(
                ask(() -> session.revision().number()),
                ask(() -> theirs[0].revision().number()));
        act(() -> theirs[0].close());
    }
}
