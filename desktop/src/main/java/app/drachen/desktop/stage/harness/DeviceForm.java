package app.drachen.desktop.stage.harness;

import app.drachen.core.airframe.Part;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Care;
import app.drachen.core.harness.Care.Known;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Draw;
import app.drachen.core.harness.Gives;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.harness.Want;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;

/** Everything of the chosen device: figures, signal, lead, radio, and what is known and seen to. */
final class DeviceForm extends VBox {
    private final Session session;
    private final HarnessDeeds deeds;
    private final String name;

    /**
     * The form.
     *
     * @param name of the device
     * @param renamed told the new name
     */
    DeviceForm(Session session, HarnessDeeds deeds, String name, Consumer<String> renamed) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        this.name = name;
        Optional<Device> found = deeds.harness().device(name);
        if (found.isEmpty()) {
            getChildren().add(Texts.label("Choose a device with , and .", "soft"));
            return;
        }
        Device d = found.get();
        Form form = new Form(session, 3);
        form.text("name", d.name(), to -> {
            boolean taken = deeds.change(name + " is now " + to, h -> h.renamed(name, to));
            if (taken) {
                renamed.accept(to);
            }
            return taken;
        });
        form.choice("kind", List.of(DeviceKind.values()), d.kind(), DeviceKind::label, k -> set("kind", k.label(), k));
        form.choice(
                "figures",
                List.of(Known.values()),
                d.care().known(),
                Known::label,
                k -> set("care.known", "figures " + k.label(), k));
        List<String> parts = withNone(session.setup().parts(), Part::name);
        form.choice("part", parts, d.part(), p -> p.isEmpty() ? "none" : p, p -> set("part", "is part " + p, p));
        List<String> moves =
                withNone(session.setup().controls().outputs(), o -> o.surface().id());
        form.choice("moves", moves, d.moves(), m -> m.isEmpty() ? "nothing" : m, m -> set("moves", "moves " + m, m));
        draw(form, d);
        want(form, d.want());
        deeds.harness().lead(name).ifPresent(l -> lead(form, l));
        care(form, d);
        new RadioFields(session, deeds, d).into(form);
        Scroller scroll = new Scroller(form);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(500);
        getChildren()
                .addAll(
                        Texts.label(name, "heading"),
                        scroll,
                        Texts.label("Enter takes a figure, Esc closes", "soft", "small"));
    }

    private static <T> List<String> withNone(List<T> all, Function<T, String> name) {
        return Stream.concat(Stream.of(""), all.stream().map(name)).toList();
    }

    private boolean set(String path, String reason, Object value) {
        return deeds.set("devices", name, path, reason, value);
    }

    private Form number(Form form, String label, Quantity quantity, double now, String path) {
        return form.number(label, quantity, now, v -> set(path, label, v));
    }

    private void draw(Form form, Device device) {
        Draw d = device.draw();
        Gives g = device.gives();
        form.heading("supply");
        number(form, "least volts", Quantity.VOLTAGE, d.least(), "draw.least");
        number(form, "most volts", Quantity.VOLTAGE, d.most(), "draw.most");
        number(form, "idle", Quantity.CURRENT_FINE, d.idle(), "draw.idle");
        number(form, "at work", Quantity.CURRENT_FINE, d.work(), "draw.work");
        number(form, "at most", Quantity.CURRENT_FINE, d.peak(), "draw.peak");
        number(form, "gives", Quantity.VOLTAGE, g.volts(), "gives.volts");
        number(form, "gives for long", Quantity.CURRENT_FINE, g.amps(), "gives.amps");
        form.tick("linear", g.linear(), v -> set("gives.linear", v ? "linear" : "switching", v));
        number(form, "carries", Quantity.CURRENT_FINE, g.carries(), "gives.carries");
    }

    private void want(Form form, Want w) {
        form.heading("signal");
        form.choice(
                "signal",
                List.of(Signal.values()),
                w.signal(),
                Signal::label,
                s -> set("want", "signal " + s.label(), new Want(s, "", s == Signal.PULSE ? 50 : 0, false, s.pins())));
        number(form, "rate a second", Quantity.COUNT, w.rate(), "want.rate");
        form.text("protocol", w.protocol(), t -> set("want.protocol", "protocol " + t, t));
        form.tick("inverted", w.inverted(), v -> set("want.inverted", v ? "inverted" : "not inverted", v));
        form.text("pins of it", PinWords.text(w.pins()), t -> PinWords.read(t, session::tell)
                .filter(p -> set("want.pins", "pins", p))
                .isPresent());
    }

    private void lead(Form form, Lead l) {
        form.heading("lead");
        boolean free = deeds.harness()
                .device(name)
                .filter(d -> Wiring.output(session.setup(), d).isEmpty())
                .isPresent();
        if (free) {
            List<String> places = withNone(deeds.harness().board().places(), Place::name);
            form.choice(
                    "place",
                    places,
                    l.place(),
                    p -> p.isEmpty() ? "nowhere" : p,
                    p -> deeds.lead(name, "to " + p, x -> x.at(p)));
        }
        List<String> rails = withNone(deeds.harness().board().rails(), BoardRail::name);
        form.choice(
                "power",
                rails,
                l.power(),
                r -> r.isEmpty() ? "by its plug" : "from " + r,
                r -> deeds.lead(name, r.isEmpty() ? "power by its plug" : "fed from " + r, x -> x.fedFrom(r)));
        form.choice(
                "pins",
                List.of(Lead.Way.values()),
                l.way(),
                Lead.Way::label,
                w -> deeds.lead(name, "pins " + w.label(), x -> x.running(w)));
        form.number(
                "gauge", Quantity.COUNT, l.gauge(), v -> deeds.lead(name, "gauge", x -> x.ofGauge((int) Math.rint(v))));
        form.number("length", Quantity.SPAN, unset(l.length()), v -> deeds.lead(name, "length", x -> x.ofLength(v)));
        form.text("plug", l.plug(), t -> deeds.lead(name, "plug " + t, x -> x.plugged(t)));
        form.tick("red lifted", l.lifted(), v -> deeds.lift(name));
        form.tick(
                "diode in red",
                l.diode(),
                v -> deeds.lead(name, v ? "diode fitted" : "diode out", x -> x.withDiode(v)));
        form.tick("place locked", l.locked(), v -> deeds.lock(name));
    }

    private static double unset(double value) {
        return value == 0 ? Double.NaN : value;
    }

    private void care(Form form, Device d) {
        Care c = d.care();
        form.heading("known and seen to");
        form.text("serial", c.serial(), t -> set("care.serial", "serial number", t));
        form.text("software", c.version(), t -> set("care.version", "software " + t, t));
        form.number("heat", Quantity.POWER_FINE, unset(c.heat()), v -> set("care.heat", "heat", v));
        if (d.kind().warm() || c.heat() > 0) {
            form.tick("air past it", c.air(), v -> set("care.air", "air", v));
            form.tick("thermometer", c.thermometer(), v -> set("care.thermometer", "thermometer", v));
            form.tick("stays cool to touch", c.touched(), v -> set("care.touched", "touched", v));
        }
    }
}
