package app.drachen.desktop.stage.harness;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.harness.Settings;
import app.drachen.core.wiring.SettingsDifference;
import app.drachen.core.wiring.SettingsDifference.Change;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
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

    SettingsForm(Session session, HarnessDeeds deeds, Dialogs dialogs) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        this.dialogs = dialogs;
        Optional<Settings> now = deeds.harness().settings();
        reason.setPromptText("why they were changed");
        reason.setId("settings-reason");
        reason.setAccessibleText("Why the values were changed");
        HBox buttons = new HBox(
                6,
                Texts.button("Read a copy\u2026", this::read, "small-button"),
                Texts.button("Write the kept one\u2026", this::write, "small-button"),
                Texts.button("Compare with a file\u2026", this::compare, "small-button"));
        getChildren()
                .addAll(
                        Texts.label("Values of the board", "heading"),
                        Texts.wrapped(
                                now.map(s -> s.values().size() + " values kept"
                                                + (s.version().isEmpty() ? "" : ", software " + s.version())
                                                + (s.day().isEmpty() ? "" : ", of " + s.day())
                                                + ". Older copies: undo, or compare revisions with F3.")
                                        .orElse("No copy kept. Lines of name and value, as any board can write them."),
                                "soft"),
                        reason,
                        buttons);
        now.ifPresent(s -> s.values().stream().limit(SHOWN).forEach(v -> rows.getChildren()
                .add(Texts.label(v.name() + "   " + v.text()))));
        int more = now.map(s -> s.values().size() - SHOWN).orElse(0);
        if (more > 0) {
            rows.getChildren().add(Texts.label("and " + more + " more; written out they are all there", "soft"));
        }
        Scroller scroll = new Scroller(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(300);
        getChildren().addAll(scroll, Texts.label("Esc closes", "soft", "small"));
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
            List<Change> changes = deeds.harness()
                    .settings()
                    .map(s -> SettingsDifference.between(s, to))
                    .orElse(List.of());
            String why = reason.getText().strip();
            deeds.change(
                    "Values of the board read, " + changes.size() + " changed" + (why.isEmpty() ? "" : ": " + why),
                    h -> h.withSettings(Optional.of(to)));
            told(read, changes);
        });
    }

    private void told(SettingsDifference.Read read, List<Change> changes) {
        if (!read.skipped().isEmpty()) {
            SettingsDifference.Skipped first = read.skipped().get(0);
            session.tell("Line " + first.line() + " was not taken (" + first.text() + ")"
                    + (read.skipped().size() > 1 ? " and " + (read.skipped().size() - 1) + " more." : "."));
        }
        show(changes);
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
        chosen("Compare with").ifPresent(read -> told(read, SettingsDifference.between(kept.get(), read.settings())));
    }

    private void show(List<Change> changes) {
        rows.getChildren().clear();
        rows.getChildren()
                .add(Texts.label(changes.isEmpty() ? "No value differs." : changes.size() + " values differ:", "name"));
        for (Change c : changes) {
            rows.getChildren().add(Texts.wrapped(c.words(), "name"));
            if (!c.effect().isEmpty()) {
                rows.getChildren().add(Texts.wrapped("By its name it acts on " + c.effect() + ".", "soft"));
            }
        }
        boolean senses = changes.stream().anyMatch(c -> c.effect().contains("Stick to surface"));
        if (senses && session.situation().proven(ProofKind.STICK_TO_SURFACE)) {
            rows.getChildren()
                    .add(Texts.wrapped(
                            "Stick to surface is proven for the values of before. Enter in Throws what changed, and check it again.",
                            "name"));
        }
    }
}
