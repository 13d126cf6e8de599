package app.drachen.desktop.stage.logbook;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.desk.HandFlight;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A flight without a log, typed in: when, which card, how long in which mode and how it flew, how it came down. */
final class HandForm extends VBox {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final Session session;
    private final Runnable kept;
    private final TextField when;
    private final ComboBox<String> card = new LightBox<>();
    private final Map<FlightMode, Double> seconds = new EnumMap<>(FlightMode.class);
    private final Map<FlightMode, CheckBox> asWanted = new EnumMap<>(FlightMode.class);
    private final CheckBox whole = new CheckBox("came down whole");
    private final TextField notes = new TextField();

    HandForm(Session session, Runnable kept) {
        super(7);
        this.session = session;
        this.kept = kept;
        when = new TextField(WHEN.format(
                LocalDateTime.ofInstant(Instant.ofEpochSecond(session.desk().now()), ZoneOffset.UTC)));
        when.setId("hand-when");
        when.setAccessibleText("When it was flown, UTC");
        when.setPrefColumnCount(12);
        card.setId("hand-card");
        card.getItems().add("");
        CardPlans.all().stream().map(CardPlan::id).forEach(card.getItems()::add);
        card.setValue("");
        card.setAccessibleText("Which card was flown");
        HBox first = line(Texts.label("Flown at (UTC)"), when, Texts.label("card"), card);
        getChildren().addAll(Texts.label("A flight without a log", "heading"), first);
        for (FlightMode mode : HandFlight.choices()) {
            getChildren().add(mode(mode));
        }
        whole.setIndeterminate(true);
        whole.setId("hand-whole");
        notes.setId("hand-notes");
        notes.setPromptText("notes: wind, trims in clicks, damage, charge put back");
        Button keep = Texts.button(Action.of("Keep this flight", "Ctrl+Enter", this::keep), "primary");
        keep.setId("hand-keep");
        getChildren().addAll(whole, notes, line(keep, Texts.label("Esc closes", "soft", "small")));
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && e.isControlDown()) {
                requestFocus();
                keep();
                e.consume();
            }
        });
    }

    private static HBox line(javafx.scene.Node... nodes) {
        HBox line = new HBox(8, nodes);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private HBox mode(FlightMode mode) {
        QuantityField time = new QuantityField(mode.label(), Quantity.TIME, session::tell, v -> {
            seconds.put(mode, v);
            return true;
        });
        time.columns(5);
        time.show(0, session.units());
        // names of one width, so that the figures stand in a column
        ((Region) time.getChildren().get(0)).setMinWidth(54);
        CheckBox good = new CheckBox("flew as wanted");
        good.setIndeterminate(true);
        good.setId("hand-good-" + mode.name().toLowerCase(java.util.Locale.ROOT));
        asWanted.put(mode, good);
        return line(time, good);
    }

    /** Nothing is affirmed that nobody has said. */
    private static void said(CheckBox box, String what) {
        if (box.isIndeterminate()) {
            throw new IllegalArgumentException("Say " + what + ": tick it, or tick it twice for no.");
        }
    }

    private void keep() {
        try {
            Map<FlightMode, HandFlight.Flown> flown = new EnumMap<>(FlightMode.class);
            said(whole, "whether it came down whole");
            for (Map.Entry<FlightMode, Double> flew : seconds.entrySet()) {
                if (flew.getValue() > 0) {
                    said(asWanted.get(flew.getKey()), "whether " + flew.getKey().label() + " flew as wanted");
                }
            }
            seconds.forEach((mode, s) ->
                    flown.put(mode, new HandFlight.Flown(s, asWanted.get(mode).isSelected())));
            long at = LocalDateTime.parse(when.getText().strip(), WHEN).toEpochSecond(ZoneOffset.UTC);
            new HandFlight(at, card.getValue(), flown, whole.isSelected(), notes.getText())
                    .keep(session.desk(), session.aircraft(), session::tell);
            kept.run();
        } catch (DateTimeParseException e) {
            session.tell("\u201c" + when.getText() + "\u201d is no moment; write it as 2026-05-31 15:30.");
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
        }
    }
}
