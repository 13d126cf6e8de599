package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.flight.StickRates;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Trims left in the radio with what they put into each output, and the rates that full sticks give at cruise speed. */
final class TrimRow extends VBox {
    /** From here on trim hides a fault [-]; a default of judgement. */
    private static final double USED_UP = 0.2;

    private final Session session;
    private final HBox trims = new HBox(16);
    private final Hyperlink rates = new Hyperlink("");
    private Optional<Setup> asked = Optional.empty();
    private List<Working> workings = List.of();

    TrimRow(Session session) {
        super(2);
        this.session = session;
        trims.setAlignment(Pos.CENTER_LEFT);
        rates.setId("stick-rates");
        rates.setOnAction(e -> WorkingPopover.show(rates, workings, session.units()));
        getChildren().addAll(trims, rates);
    }

    void update() {
        Focus.kept(trims, List.of(session.setup().controls(), session.units()), this::rebuild);
        rates();
    }

    /** Flies a second with each stick full, beside the screen. */
    private void rates() {
        Setup setup = session.setup();
        // the very same one: to look whether another is equal costs more here than the flight beside the screen
        if (asked.filter(a -> a == setup).isPresent()) {
            return;
        }
        asked = Optional.of(setup);
        OpenAircraft aircraft = session.aircraft();
        session.desk()
                .jobs()
                .start(
                        Lane.FLY,
                        aircraft,
                        running -> StickRates.of(setup),
                        found -> {
                            if (session.shows(aircraft)
                                    && asked.filter(a -> a == setup).isPresent()) {
                                workings = found;
                                rates.setText(
                                        found.isEmpty()
                                                ? "At cruise speed the model does not fly this aircraft level: no rates."
                                                : "At full stick, "
                                                        + found.stream()
                                                                .map(w -> w.name()
                                                                                .replace(" rate at full stick", "")
                                                                                .toLowerCase(java.util.Locale.ROOT)
                                                                        + " "
                                                                        + w.quantity()
                                                                                .text(w.value(), session.units()))
                                                                .collect(Collectors.joining(", "))
                                                        + " at cruise speed");
                                rates.setDisable(found.isEmpty());
                            }
                        },
                        failed -> session.tell(failed));
    }

    private void rebuild() {
        ControlSetup controls = session.setup().controls();
        RadioTrims t = controls.trims();
        trims.getChildren().setAll(Texts.label("RADIO TRIM", "caps"));
        trim("Roll trim", t.roll(), (x, v) -> new RadioTrims(v, x.pitch(), x.yaw()));
        trim("Pitch trim", t.pitch(), (x, v) -> new RadioTrims(x.roll(), v, x.yaw()));
        trim("Yaw trim", t.yaw(), (x, v) -> new RadioTrims(x.roll(), x.pitch(), v));
        Label sums = Texts.label(sums(controls), "soft", "small");
        trims.getChildren().add(sums);
    }

    /** What the trims put into each output; much of it is no trim any more. */
    private static String sums(ControlSetup controls) {
        RadioTrims t = controls.trims();
        if (t.largest() == 0) {
            return "none left";
        }
        String sums = controls.surfaces().stream()
                .map(o -> o.surface().words() + " "
                        + Math.round((o.reversed() ? -1 : 1) * o.mix().mix(t.roll(), t.pitch(), t.yaw(), 0) * 500)
                        + " µs")
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        return t.largest() >= USED_UP ? "trim used up: land and find the cause" : sums;
    }

    private void trim(String name, double value, BiFunction<RadioTrims, Double, RadioTrims> change) {
        QuantityField field = new QuantityField(
                name,
                Quantity.SHARE,
                session::tell,
                v -> session.edit(
                        name,
                        s -> s.withControls(
                                s.controls().withTrims(change.apply(s.controls().trims(), v)))));
        field.columns(3);
        field.show(value, session.units());
        trims.getChildren().add(field);
    }
}
