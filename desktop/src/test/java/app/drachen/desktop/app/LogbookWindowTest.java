package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.log.LogColumn;
import app.drachen.core.log.Scale;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.hangar.FlightRecord;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Logs are read in, mapped, kept, taken out and counted, by the keyboard. */
class LogbookWindowTest extends WindowTest {
    @BeforeEach
    void openLogbook() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        press(KeyCode.CONTROL, KeyCode.L);
        until(() -> Shown.lookup(scene, "#flights") != null);
    }

    private List<FlightRecord> flights() {
        return hangar.logbook().flights(idOf("Seeschwalbe"));
    }

    private FlightRecord last() {
        return flights().get(flights().size() - 1);
    }

    /** A foreign table; "wobble" holds a height in feet that no guess can know. */
    private Path foreign(String name, String roll) throws Exception {
        StringBuilder text = new StringBuilder("zeit;" + roll + ";speed (km/h);wobble;state\n");
        for (int i = 0; i < 1200; i++) {
            double t = i * 0.1;
            text.append(String.format(
                            Locale.ROOT,
                            "%.2f;%.2f;%.1f;%.1f;%s\n",
                            t,
                            20 * Math.sin(t),
                            45 + Math.sin(t),
                            100 + 30 * Math.sin(0.1 * t),
                            t < 60 ? "A1" : "B2")
                    .replace('.', ','));
        }
        Path file = folder.resolve(name);
        Files.writeString(file, text);
        return file;
    }

    private <T> void set(String id, T value) throws Exception {
        act(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<T> box = (ComboBox<T>) Shown.lookup(scene, "#" + id);
            box.setValue(value);
        });
    }

    @Test
    void aForeignLogIsMappedReadRememberedAndTakenOut() throws Exception {
        int before = flights().size();
        dialogs.toOpen.push(List.of(foreign("fremd ü.csv", "Rollwinkel")));
        press(KeyCode.I);
        until(() -> Shown.lookup(scene, "#mapping") != null);
        assertEquals(
                Optional.of(LogColumn.TIME), ask(() -> ((ComboBox<?>) Shown.lookup(scene, "#column-0")).getValue()));
        assertEquals(
                Optional.empty(), ask(() -> ((ComboBox<?>) Shown.lookup(scene, "#column-3")).getValue()), "wobble");
        set("column-1", Optional.of(LogColumn.ROLL));
        set("column-3", Optional.of(LogColumn.HEIGHT));
        set("unit-3", ask(() -> ((ComboBox<?>) Shown.lookup(scene, "#unit-3"))
                .getItems().stream()
                        .map(Scale.class::cast)
                        .filter(s -> s.symbol().equals("ft"))
                        .findFirst()
                        .orElseThrow()));
        set("column-4", Optional.of(LogColumn.MODE));
        until(() -> Shown.lookup(scene, "#mode-1") != null);
        set("mode-0", Optional.of(app.drachen.core.modes.FlightMode.MANUAL));
        set("mode-1", Optional.of(app.drachen.core.modes.FlightMode.LEVEL));
        press(KeyCode.CONTROL, KeyCode.ENTER);
        until(() -> flights().size() == before + 1 && Shown.lookup(scene, "#mapping") == null);
        var log = hangar.logbook().log(idOf("Seeschwalbe"), last().number()).orElseThrow();
        assertEquals(1200, log.rows());
        assertEquals(130 * 0.3048, log.value(LogColumn.HEIGHT, 157), 0.02, "a height of 130 ft");
        assertEquals(Math.toRadians(20 * Math.sin(1)), log.value(LogColumn.ROLL, 10), 1e-3);
        assertEquals(0, log.value(LogColumn.MODE, 0));
        assertEquals(2, log.value(LogColumn.MODE, 900));
        assertFalse(last().rehearsed());

        // the next file of the shape is read the same way without a question
        dialogs.toOpen.push(List.of(foreign("fremd 2.csv", "Rollwinkel")));
        press(KeyCode.I);
        until(() -> flights().size() == before + 2);
        assertEquals(
                130 * 0.3048,
                hangar.logbook()
                        .log(idOf("Seeschwalbe"), last().number())
                        .orElseThrow()
                        .value(LogColumn.HEIGHT, 157),
                0.02);

        until(() -> ((TableView<?>) Shown.lookup(scene, "#flights")).getItems().size() == before + 2);
        act(() -> Shown.lookup(scene, "#flights").requestFocus());
        press(KeyCode.DELETE);
        assertEquals(before + 1, flights().size());
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before + 2, flights().size(), "undo brings it back with its log");
        assertTrue(hangar.logbook().log(idOf("Seeschwalbe"), last().number()).isPresent());
    }

    @Test
    void escapeStopsTheMappingAndKeepsNothing() throws Exception {
        int before = flights().size();
        dialogs.toOpen.push(List.of(foreign("a.csv", "Rolle rückwärts")));
        press(KeyCode.I);
        until(() -> Shown.lookup(scene, "#mapping") != null);
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#mapping") == null);
        assertEquals(before, flights().size());
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#maiden") != null);
    }

    @Test
    void badFilesAreToldInOneSentence() throws Exception {
        Path noise = folder.resolve("Rauschen.csv");
        byte[] bytes = new byte[5000];
        new java.util.Random(1).nextBytes(bytes);
        Files.write(noise, bytes);
        dialogs.toOpen.push(List.of(noise));
        press(KeyCode.I);
        until(() -> notice().startsWith("Rauschen.csv"));
        assertTrue(notice().contains("choose a log"), notice());
        dialogs.toOpen.push(List.of(folder.resolve("fort.csv")));
        press(KeyCode.I);
        until(() -> notice().startsWith("fort.csv"));
    }

    @Test
    void aFlownFlightIsEvidenceAndARehearsedOneIsNot() throws Exception {
        int proofs = hangar.proofs(idOf("Seeschwalbe")).size();
        long id = idOf("Seeschwalbe");
        var log1 = hangar.logbook().packed(id, 1).orElseThrow();
        act(() -> session.aircraft()
                .keep(
                        new FlightRecord(0, 2, 5, true, "hold", "Landed."),
                        log1,
                        Optional.empty(),
                        f -> {},
                        session::tell));
        int rehearsed = last().number();
        act(() -> shell.openFlight(rehearsed));
        press(KeyCode.F);
        until(() -> notice().contains("really flown"));
        assertEquals(proofs, hangar.proofs(idOf("Seeschwalbe")).size());
        Path own = folder.resolve("echt.csv");
        var log = hangar.logbook()
                .log(idOf("Seeschwalbe"), flights().get(0).number())
                .orElseThrow();
        app.drachen.files.csv.FlightLogCsv.write(log, own);
        dialogs.toOpen.push(List.of(own));
        press(KeyCode.I);
        until(() -> flights().size() > 0 && !last().rehearsed());
        // its log is read beside the interface; what F asks for is done as soon as it is there
        until(() -> notice().contains("kept as flight"));
        press(KeyCode.F);
        until(() -> hangar.proofs(idOf("Seeschwalbe")).size() > proofs);
        List<Proof> all = hangar.proofs(idOf("Seeschwalbe"));
        assertEquals(Proof.Evidence.REAL, all.get(all.size() - 1).evidence());
    }

    @Test
    void aFlightIsWrittenAsATrackOnceHomeIsKnown() throws Exception {
        until(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".item").size() > 2);
        act(() -> session.enterHome(""));
        Path kml = folder.resolve("spur.kml");
        dialogs.toSave.push(kml);
        press(KeyCode.W);
        until(() -> notice().contains("where home is"));
        assertFalse(Files.exists(kml));
        act(() -> session.enterHome("54.312, 8.087"));
        dialogs.toSave.push(kml);
        press(KeyCode.W);
        until(() -> Files.exists(kml));
        assertTrue(Files.readString(kml).contains("8.08"), "longitudes near home");
        assertTrue(dialogs.suggested.get(0).startsWith("Seeschwalbe flight"), dialogs.suggested.toString());
    }

    @Test
    void notesStayWithTheFlight() throws Exception {
        int number = flights().get(flights().size() - 1).number();
        press(KeyCode.N);
        until(() -> scene.getFocusOwner() instanceof TextField);
        write("gusty");
        press(KeyCode.ENTER);
        assertEquals("gusty", hangar.logbook().notes(idOf("Seeschwalbe"), number));
    }

    /** A flight that is kept meanwhile takes neither the choice nor what is being typed; one that is read in takes the choice. */
    @Test
    void notesThatAreBeingTypedAreNotLostToAnotherFlight() throws Exception {
        long id = idOf("Seeschwalbe");
        int number = last().number();
        press(KeyCode.N);
        until(() -> scene.getFocusOwner() instanceof TextField);
        write("gusty");
        press(KeyCode.ENTER);
        write(" and cold");
        var log = hangar.logbook().packed(id, 1).orElseThrow();
        act(() -> session.aircraft()
                .keep(
                        new FlightRecord(0, 2, 5, true, "hold", "Landed."),
                        log,
                        Optional.empty(),
                        f -> {},
                        session::tell));
        until(() -> ((TableView<?>) Shown.lookup(scene, "#flights")).getItems().contains(last()));
        assertEquals("gusty and cold", ask(() -> ((TextField) Shown.lookup(scene, "#flight-notes")).getText()));
        write(", rain");
        Path own = folder.resolve("echt.csv");
        app.drachen.files.csv.FlightLogCsv.write(
                hangar.logbook().log(id, number).orElseThrow(), own);
        act(() -> shell.take(List.of(own)));
        until(() -> notice().contains("kept as flight"));
        until(() -> last().equals(((TableView<?>) Shown.lookup(scene, "#flights"))
                .getSelectionModel()
                .getSelectedItem()));
        settle();
        assertEquals("gusty and cold, rain", hangar.logbook().notes(id, number));
        assertEquals("", hangar.logbook().notes(id, last().number()));
        // begun before the notes that are there were read
        act(() -> {
            shell.openFlight(number);
            ((TextField) Shown.lookup(scene, "#flight-notes")).setText("hail");
        });
        until(() -> ((TextField) Shown.lookup(scene, "#flight-notes")).getText().equals("gusty and cold, rain hail"));
        act(() -> Shown.lookup(scene, "#flights").requestFocus());
        act(() -> shell.leave());
        settle();
        assertEquals("gusty and cold, rain hail", hangar.logbook().notes(id, number));
    }

    /** A flight without a log is entered, filed under the revision of its day, and is evidence for the modes it flew. */
    @Test
    void aFlightIsEnteredByHand() throws Exception {
        open("Rochen", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.L);
        until(() -> Shown.lookup(scene, "#logbook") != null);
        int before = ask(() -> session.aircraft().flights().size());
        int proofs = ask(() -> session.situation().proofs().size());
        press(KeyCode.H);
        until(() -> Window.getWindows().size() == 2);
        act(() -> {
            TextField manual = (TextField) anywhere("field-manual").orElseThrow();
            manual.setText("4 min");
            manual.fireEvent(new javafx.event.ActionEvent());
            ((TextField) anywhere("hand-notes").orElseThrow()).setText("light wind");
        });
        fire("hand-keep");
        until(() -> notice().contains("Say whether it came down whole"));
        act(() -> ((CheckBox) anywhere("hand-whole").orElseThrow()).fire());
        act(() -> ((CheckBox) anywhere("hand-good-manual").orElseThrow()).fire());
        fire("hand-keep");
        until(() -> session.aircraft().flights().size() == before + 1);
        var flight = ask(() -> session.aircraft().flights().get(before));
        assertEquals(
                "By hand: Manual 240.0 s. Down whole.",
                Quantity.read(flight.outcome(), UnitSystem.METRIC).replace('\u00a0', ' '));
        assertFalse(flight.rehearsed());
        assertEquals("light wind", hangar.logbook().notes(idOf("Rochen"), flight.number()));
        assertEquals(proofs + 1, ask(() -> session.situation().proofs().size()));
        assertTrue(ask(() ->
                session.situation().proof(ProofKind.MANUAL_FLOWN).orElseThrow().passed()));
        // it can be chosen and read: nothing is claimed without a log
        until(() -> notice().contains("is in the logbook"));
        press(KeyCode.ENTER);
        settle();
    }
}
