package app.drachen.core.setup;

import app.drachen.core.airframe.Position;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Radio;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** By what the rows of harness and mixes are known, and one more like another under a name of its own. */
final class HarnessNames {
    /** What a list of radios begins with. */
    static final Radio RADIO =
            new Radio("device", Radio.Use.TELEMETRY, 868e6, 868.6e6, 0, false, new Position(0.3, 0, 0), 0, 0, false);

    private HarnessNames() {}

    /** The name of a row of the harness. */
    static Optional<String> of(Record item) {
        if (item instanceof Device device) {
            return Optional.of(device.name());
        }
        if (item instanceof Lead lead) {
            return Optional.of(lead.device());
        }
        if (item instanceof Radio radio) {
            return Optional.of(radio.device());
        }
        if (item instanceof Place place) {
            return Optional.of(place.name());
        }
        if (item instanceof ExtraMix mix) {
            return Optional.of(mix.name());
        }
        return item instanceof BoardRail rail ? Optional.of(rail.name()) : Optional.empty();
    }

    /**
     * One more like another.
     *
     * @param free makes a name of its own from one
     */
    static Optional<Object> renamed(Object like, UnaryOperator<String> free) {
        if (like instanceof Device device) {
            return Optional.of(device.named(free.apply("device")));
        }
        if (like instanceof Lead lead) {
            return Optional.of(lead.to(free.apply("device")));
        }
        if (like instanceof Radio radio) {
            // nobody has said yet that it sends or listens
            return Optional.of(RADIO.over(radio.low(), radio.high()).of(free.apply("device")));
        }
        if (like instanceof Place p) {
            return Optional.of(new Place(
                    free.apply(p.name().replaceAll(" \\d+$", "")),
                    p.signal(),
                    p.rail(),
                    p.group(),
                    p.fastest(),
                    p.inversion(),
                    p.protocols(),
                    p.pins()));
        }
        if (like instanceof BoardRail r) {
            return Optional.of(new BoardRail(
                    free.apply("rail"),
                    r.feed(),
                    r.volts(),
                    r.amps(),
                    r.resistance(),
                    r.efficiency(),
                    r.thermal(),
                    r.capacitance(),
                    r.usb()));
        }
        if (like instanceof ExtraMix m) {
            return Optional.of(m.named(free.apply("mix")));
        }
        return Optional.empty();
    }
}
