package app.drachen.desktop.stage.harness;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.harness.Settings;
import app.drachen.core.wiring.SettingsDifference;
import app.drachen.core.wiring.SettingsDifference.Change;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Copies of the values in the board: read, kept with the aircraft, written, and told apart. */
final class SettingsForm extends VBox {
    private static final List<String> ENDINGS = List.of(".txt", ".csv");
    /** Values that are listed; the rest is counted. */
    private static final int SHOWN = 400;

    private static final long LARGEST = 2_000_000;
    private final Session session;
    private final HarnessDeeds deeds;
    private final Dialogs dialogs;
    private final VBox rows = new VBox(3);
    private final TextField reason = new TextField();
    private final Label summary = Texts.wrapped("", "soft");
    private Optional<Differences> differences = Optional.empty();

    /** What was told to differ, of the aircraft that was open then, as long as it keeps the copy that was compared. */
    private record Differences(OpenAircraft of, Settings kept, List<Change> changes) {}

    SettingsForm(Session session, HarnessDeeds deeds, Dialogs dialogs) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        this.dialogs = dialogs;
        HBox why = new HBox(8, Texts.label("why they were changed", "soft"), reason);
        why.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(reason, Priority.ALWAYS);
        reason.setId("settings-reason");
        reason.setAccessibleText("Why the values were changed");
        HBox buttons = new HBox(
                6,
                Texts.button("Read a copy\u2026", this::read, "small-button"),
                Texts.button("Write the kept one\u2026", this::write, "small-button"),
                Texts.button("Compare with a file\u2026", this::compare, "small-button"));
        rows.setId("settings-rows");
        Scroller scroll = new Scroller(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(300);
        getChildren()
                .addAll(
                        Texts.label("Values of the board", "heading"),
                        summary,
                        why,
                        buttons,
                        scroll,
                        Texts.label("Esc closes", "soft", "small"));
    }

    /** As it is when it is opened. */
    void begin() {
        reason.clear();
        differences = Optional.empty();
    }

    /** What is kept now; differences of that copy stay, and so does what was typed. */
    SettingsForm update() {
        Optional<Settings> now = deeds.harness().settings();
        summary.setText(now.map(s -> s.values().size() + " values kept"
                        + (s.version().isEmpty() ? "" : ", software " + s.version())
                        + (s.day().isEmpty() ? "" : ", of " + s.day())
                        + ". Older copies: undo, or compare revisions with F3.")
                .orElse("No copy kept. Lines of name and value, as any board can write them."));
        rows.getChildren()
                .setAll(differences
                        .filter(d -> d.of() == session.aircraft() && now.equals(Optional.of(d.kept())))
                        .map(d -> differing(d.changes()))
                        .orElseGet(() -> now.map(SettingsForm::listed).orElse(List.of())));
        return this;
    }

    private static List<Label> listed(Settings settings) {
        List<Label> lines = new ArrayList<>();
        settings.values().stream().limit(SHOWN).forEach(v -> lines.add(Texts.label(v.name() + "   " + v.text())));
        int more = settings.values().size() - SHOWN;
        if (more > 0) {
            lines.add(Texts.label("and " + more + " more; written out they are all there", "soft"));
        }
        return lines;
    }

    private Optional<SettingsDifference.Read> chosen(String title) {
        for (Path file : dialogs.open(title, ENDINGS)) {
            try {
                if (Files.size(file) > LARGEST) {
                    session.tell(file.getFileName() + " is too large for a list of values; choose another file.");
                    return Optional.empty();
                }
                SettingsDifference.Read read =
                        SettingsDifference.read(new String(Files.readAllBytes(file), StandardCharsets.UTF_8));
                if (read.settings().values().isEmpty()) {
                    session.tell(file.getFileName() + " holds no lines of name and value; choose another file.");
                    return Optional.empty();
                }
                return Optional.of(read);
            } catch (IOException | IllegalArgumentException e) {
                session.tell(file.getFileName() + " cannot be read: " + e.getMessage() + "; choose another file.");
            }
        }
        return Optional.empty();
    }

    private void read() {
        chosen("Values of the board").ifPresent(read -> {
            Settings to = read.settings();
            // a first copy differs from nothing, and does not agree with anything either
            Optional<List<Change>> changes = deeds.harness().settings().map(s -> SettingsDifference.between(s, to));
            String what = changes.map(c -> c.size() + " changed").orElse("the first copy");
            String why = reason.getText().strip();
            boolean changed = deeds.change(
                    "Values of the board read, " + what + (why.isEmpty() ? "" : ": " + why),
                    h -> h.withSettings(Optional.of(to)),
                    () -> {
                        reason.clear();
                        told(read, to, changes);
                    });
            // the same copy again is no new revision, and said to be the same
            if (!changed && deeds.harness().settings().equals(Optional.of(to))) {
                told(read, to, changes);
            }
        });
    }

    private void told(SettingsDifference.Read read, Settings kept, Optional<List<Change>> changes) {
        if (!read.skipped().isEmpty()) {
            SettingsDifference.Skipped first = read.skipped().get(0);
            session.tell("Line " + first.line() + " was not taken (" + first.text() + ")"
                    + (read.skipped().size() > 1 ? " and " + (read.skipped().size() - 1) + " more." : "."));
        }
        differences = changes.map(c -> new Differences(session.aircraft(), kept, c));
        update();
    }

    private void write() {
        deeds.harness()
                .settings()
                .ifPresentOrElse(
                        s -> dialogs.save("Values of the board", session.setup().name() + " board values.txt", ENDINGS)
                                .ifPresent(file -> session.write(
                                        file,
                                        to -> app.drachen.files.NewFile.write(
                                                to, fresh -> Files.writeString(fresh, SettingsDifference.write(s))))),
                        () -> session.tell("No copy is kept yet; read one first."));
    }

    private void compare() {
        Optional<Settings> kept = deeds.harness().settings();
        if (kept.isEmpty()) {
            session.tell("No copy is kept yet; read one first.");
            return;
        }
        chosen("Compare with")
                .ifPresent(read ->
                        told(read, kept.get(), Optional.of(SettingsDifference.between(kept.get(), read.settings()))));
    }

    private List<Label> differing(List<Change> changes) {
        List<Label> lines = new ArrayList<>();
        lines.add(Texts.label(changes.isEmpty() ? "No value differs." : changes.size() + " values differ:", "name"));
        for (Change c : changes) {
            lines.add(Texts.wrapped(c.words(), "name"));
            if (!c.effect().isEmpty()) {
                lines.add(Texts.wrapped("By its name it acts on " + c.effect() + ".", "soft"));
            }
        }
        boolean senses = changes.stream().anyMatch(c -> c.effect().contains("Stick to surface"));
        if (senses && session.situation().proven(ProofKind.STICK_TO_SURFACE)) {
            lines.add(Texts.wrapped(
                    "Stick to surface is proven for the values of before. Enter in Throws what changed, and check it again.",
                    "name"));
        }
        return lines;
    }
}
