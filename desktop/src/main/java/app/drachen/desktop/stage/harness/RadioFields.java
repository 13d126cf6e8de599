package app.drachen.desktop.stage.harness;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Radio;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

/**
 * What is entered of the radio of a device; nothing of it is made up.
 *
 * @param session of the window
 * @param deeds changes the harness
 * @param device whose radio it is
 */
record RadioFields(Session session, HarnessDeeds deeds, Device device) {
    /** Adds the fields to a form; without a radio the first of them begins one. */
    void into(Form form) {
        deeds.harness().radio(device.name()).ifPresentOrElse(r -> radio(form, r), () -> form.heading(
                        "aerial, if it has one")
                .number("band from", Quantity.RADIO, Double.NaN, this::addRadio));
    }

    private boolean tuned(String reason, UnaryOperator<Radio> how) {
        return deeds.change(device.name() + ": " + reason, h -> h.withRadio(device.name(), how));
    }

    private void radio(Form form, Radio radio) {
        form.heading("aerial");
        form.choice(
                "for",
                List.of(Radio.Use.values()),
                radio.use(),
                Radio.Use::label,
                u -> tuned(
                        "use",
                        r -> new Radio(
                                r.device(),
                                u,
                                r.low(),
                                r.high(),
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                r.filter())));
        form.number(
                "band from",
                Quantity.RADIO,
                radio.low(),
                v -> tuned(
                        "band",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                v,
                                Math.max(v, r.high()),
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                r.filter())));
        form.number(
                "band to",
                Quantity.RADIO,
                radio.high(),
                v -> tuned(
                        "band",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                Math.min(v, r.low()),
                                v,
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                r.filter())));
        form.number(
                "sends with",
                Quantity.POWER_FINE,
                radio.sends(),
                v -> tuned(
                        "power",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                r.low(),
                                r.high(),
                                v,
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                r.filter())));
        form.tick(
                "listens",
                radio.listens(),
                v -> tuned(
                        "listens",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                r.low(),
                                r.high(),
                                r.sends(),
                                v,
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                r.filter())));
        form.tick(
                "filter fitted",
                radio.filter(),
                v -> tuned(
                        "filter",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                r.low(),
                                r.high(),
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                r.farTilt(),
                                v)));
        Position at = radio.aerial();
        place(form, "aerial aft", at.aft(), v -> new Position(v, at.right(), at.up()));
        place(form, "aerial right", at.right(), v -> new Position(at.aft(), v, at.up()));
        place(form, "aerial up", at.up(), v -> new Position(at.aft(), at.right(), v));
        form.number(
                "tilt of it",
                Quantity.BEARING,
                radio.tilt(),
                v -> tuned(
                        "tilt",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                r.low(),
                                r.high(),
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                v,
                                r.farTilt(),
                                r.filter())));
        form.number(
                "tilt at the far end",
                Quantity.BEARING,
                radio.farTilt(),
                v -> tuned(
                        "tilt at the far end",
                        r -> new Radio(
                                r.device(),
                                r.use(),
                                r.low(),
                                r.high(),
                                r.sends(),
                                r.listens(),
                                r.aerial(),
                                r.tilt(),
                                v,
                                r.filter())));
    }

    private void place(Form form, String label, double now, DoubleFunction<Position> to) {
        form.number(label, Quantity.LENGTH, now, v -> tuned("aerial moved", r -> r.at(to.apply(v))));
    }

    /** A band begins as one frequency; what it sends with is still to be said. */
    private boolean addRadio(double frequency) {
        Position at = session.setup().part(device.part()).map(Part::position).orElse(new Position(0.3, 0, 0));
        Radio.Use use =
                switch (device.kind()) {
                    case RECEIVER -> Radio.Use.CONTROL;
                    case VIDEO_SENDER -> Radio.Use.PICTURE;
                    case SATELLITE_RECEIVER -> Radio.Use.POSITION;
                    default -> Radio.Use.TELEMETRY;
                };
        boolean listens = use == Radio.Use.CONTROL || use == Radio.Use.POSITION;
        return deeds.change(device.name() + ": aerial entered", h -> {
            List<Radio> more = new ArrayList<>(h.radios());
            more.add(new Radio(device.name(), use, frequency, frequency, 0, listens, at, 0, 0, false));
            return h.withRadios(more);
        });
    }
}
