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

    private boolean set(String path, String reason, Object value) {
        return deeds.set("radios", device.name(), path, reason, value);
    }

    private boolean band(double low, double high) {
        return deeds.change(device.name() + ": band", h -> h.withRadio(device.name(), r -> r.over(low, high)));
    }

    private void radio(Form form, Radio r) {
        form.heading("aerial")
                .choice("for", List.of(Radio.Use.values()), r.use(), Radio.Use::label, u -> set("use", u.label(), u))
                .number("band from", Quantity.RADIO, r.low(), v -> band(v, Math.max(v, r.high())))
                .number("band to", Quantity.RADIO, r.high(), v -> band(Math.min(v, r.low()), v))
                .number("sends with", Quantity.POWER_FINE, r.sends(), v -> set("sends", "power", v))
                .tick("listens", r.listens(), v -> set("listens", v ? "listens" : "does not listen", v))
                .tick("filter fitted", r.filter(), v -> set("filter", v ? "filter fitted" : "filter out", v))
                .number("aerial aft", Quantity.LENGTH, r.aerial().aft(), v -> set("aerial.aft", "aerial moved", v))
                .number(
                        "aerial right",
                        Quantity.LENGTH,
                        r.aerial().right(),
                        v -> set("aerial.right", "aerial moved", v))
                .number("aerial up", Quantity.LENGTH, r.aerial().up(), v -> set("aerial.up", "aerial moved", v))
                .number("tilt of it", Quantity.BEARING, r.tilt(), v -> set("tilt", "tilt", v))
                .number(
                        "tilt at the far end",
                        Quantity.BEARING,
                        r.farTilt(),
                        v -> set("farTilt", "tilt at the far end", v));
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
