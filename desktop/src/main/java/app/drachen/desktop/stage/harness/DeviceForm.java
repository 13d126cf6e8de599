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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/** Everything of the chosen device: figures, signal, lead, radio, and what is known and seen to. */
final class DeviceForm extends VBox {
    private final Session session;
    private final HarnessDeeds deeds;
    private final String name;

    DeviceForm(Session session, HarnessDeeds deeds, String name, java.util.function.Consumer<String> renamed) {
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
        form.choice(
                "kind",
                List.of(DeviceKind.values()),
                d.kind(),
                DeviceKind::label,
                k -> set(
                        "kind " + k.label(),
                        x -> new Device(x.name(), k, x.part(), x.moves(), x.draw(), x.want(), x.gives(), x.care())));
        form.choice(
                "figures",
                List.of(Known.values()),
                d.care().known(),
                Known::label,
                k -> set("figures " + k.label(), x -> x.withCare(x.care().withKnown(k))));
        List<String> parts = new ArrayList<>(List.of(""));
        session.setup().parts().stream().map(Part::name).forEach(parts::add);
        form.choice(
                "part",
                parts,
                d.part(),
                p -> p.isEmpty() ? "none" : p,
                p -> set(
                        "is part " + p,
                        x -> new Device(x.name(), x.kind(), p, x.moves(), x.draw(), x.want(), x.gives(), x.care())));
        List<String> moves = new ArrayList<>(List.of(""));
        session.setup().controls().outputs().forEach(o -> moves.add(o.surface().id()));
        form.choice(
                "moves",
                moves,
                d.moves(),
                p -> p.isEmpty() ? "nothing" : p,
                p -> set(
                        "moves " + p,
                        x -> new Device(x.name(), x.kind(), x.part(), p, x.draw(), x.want(), x.gives(), x.care())));
        draw(form, d);
        want(form, d);
        deeds.harness().lead(name).ifPresent(l -> lead(form, l));
        care(form, d);
        new RadioFields(session, deeds, d).into(form);
        Scroller scroll = new Scroller(form);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(500);
        getChildren().addAll(Texts.label(name, "heading"), scroll);
        getChildren().add(Texts.label("Enter takes a figure, Esc closes", "soft", "small"));
    }

    private boolean set(String reason, UnaryOperator<Device> how) {
        return deeds.device(name, reason, how);
    }

    private boolean drawn(String reason, UnaryOperator<Draw> how) {
        return set(reason, d -> d.withDraw(how.apply(d.draw())));
    }

    private void draw(Form form, Device device) {
        Draw d = device.draw();
        form.heading("supply");
        form.number(
                "least volts",
                Quantity.VOLTAGE,
                d.least(),
                v -> drawn("least volts", x -> new Draw(v, x.most(), x.idle(), x.work(), x.peak())));
        form.number(
                "most volts",
                Quantity.VOLTAGE,
                d.most(),
                v -> drawn("most volts", x -> new Draw(x.least(), v, x.idle(), x.work(), x.peak())));
        form.number(
                "idle",
                Quantity.CURRENT_FINE,
                d.idle(),
                v -> drawn("idle current", x -> new Draw(x.least(), x.most(), v, x.work(), x.peak())));
        form.number(
                "at work",
                Quantity.CURRENT_FINE,
                d.work(),
                v -> drawn("working current", x -> new Draw(x.least(), x.most(), x.idle(), v, x.peak())));
        form.number(
                "at most",
                Quantity.CURRENT_FINE,
                d.peak(),
                v -> drawn("peak current", x -> new Draw(x.least(), x.most(), x.idle(), x.work(), v)));
        Gives g = device.gives();
        form.number(
                "gives",
                Quantity.VOLTAGE,
                g.volts(),
                v -> set(
                        "regulator",
                        x -> x.withGives(new Gives(
                                v,
                                x.gives().amps(),
                                x.gives().linear(),
                                x.gives().carries()))));
        form.number(
                "gives for long",
                Quantity.CURRENT_FINE,
                g.amps(),
                v -> set(
                        "regulator",
                        x -> x.withGives(new Gives(
                                x.gives().volts(),
                                v,
                                x.gives().linear(),
                                x.gives().carries()))));
        form.tick(
                "linear",
                g.linear(),
                v -> set(
                        "regulator",
                        x -> x.withGives(new Gives(
                                x.gives().volts(),
                                x.gives().amps(),
                                v,
                                x.gives().carries()))));
        form.number(
                "carries",
                Quantity.CURRENT_FINE,
                g.carries(),
                v -> set(
                        "current carried",
                        x -> x.withGives(new Gives(
                                x.gives().volts(), x.gives().amps(), x.gives().linear(), v))));
    }

    private void want(Form form, Device device) {
        Want w = device.want();
        form.heading("signal");
        form.choice(
                "signal",
                List.of(Signal.values()),
                w.signal(),
                Signal::label,
                s -> set(
                        "signal " + s.label(),
                        x -> x.withWant(new Want(s, "", s == Signal.PULSE ? 50 : 0, false, s.pins()))));
        form.number(
                "rate a second",
                Quantity.COUNT,
                w.rate(),
                v -> set(
                        "rate",
                        x -> x.withWant(x.want()
                                .speaking(x.want().protocol(), v, x.want().inverted()))));
        form.text(
                "protocol",
                w.protocol(),
                t -> set(
                        "protocol " + t,
                        x -> x.withWant(
                                x.want().speaking(t, x.want().rate(), x.want().inverted()))));
        form.tick(
                "inverted",
                w.inverted(),
                v -> set(
                        v ? "inverted" : "not inverted",
                        x -> x.withWant(
                                x.want().speaking(x.want().protocol(), x.want().rate(), v))));
        form.text("pins of it", PinWords.text(w.pins()), t -> PinWords.read(t, session::tell)
                .filter(p -> set(
                        "pins",
                        x -> x.withWant(new Want(
                                x.want().signal(),
                                x.want().protocol(),
                                x.want().rate(),
                                x.want().inverted(),
                                p))))
                .isPresent());
    }

    private void lead(Form form, Lead l) {
        form.heading("lead");
        boolean free = Wiring.output(
                        session.setup(), deeds.harness().device(name).orElseThrow())
                .isEmpty();
        if (free) {
            List<String> places = new ArrayList<>(List.of(""));
            deeds.harness().board().places().stream().map(Place::name).forEach(places::add);
            form.choice(
                    "place",
                    places,
                    l.place(),
                    p -> p.isEmpty() ? "nowhere" : p,
                    p -> deeds.lead(name, "to " + p, x -> x.at(p)));
        }
        List<String> rails = new ArrayList<>(List.of(""));
        deeds.harness().board().rails().stream().map(BoardRail::name).forEach(rails::add);
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
        form.number(
                "length",
                Quantity.SPAN,
                l.length() == 0 ? Double.NaN : l.length(),
                v -> deeds.lead(name, "length", x -> x.ofLength(v)));
        form.text("plug", l.plug(), t -> deeds.lead(name, "plug " + t, x -> x.plugged(t)));
        form.tick("red lifted", l.lifted(), v -> deeds.lift(name));
        form.tick(
                "diode in red",
                l.diode(),
                v -> deeds.lead(name, v ? "diode fitted" : "diode out", x -> x.withDiode(v)));
        form.tick("place locked", l.locked(), v -> deeds.lock(name));
    }

    private void cared(String reason, UnaryOperator<Care> how) {
        set(reason, d -> d.withCare(how.apply(d.care())));
    }

    private void care(Form form, Device d) {
        Care c = d.care();
        form.heading("known and seen to");
        form.text(
                "serial",
                c.serial(),
                t -> set(
                        "serial number",
                        x -> x.withCare(new Care(
                                x.care().known(),
                                t,
                                x.care().version(),
                                x.care().air(),
                                x.care().thermometer(),
                                x.care().touched(),
                                x.care().heat()))));
        form.text(
                "software",
                c.version(),
                t -> set(
                        "software " + t,
                        x -> x.withCare(new Care(
                                x.care().known(),
                                x.care().serial(),
                                t,
                                x.care().air(),
                                x.care().thermometer(),
                                x.care().touched(),
                                x.care().heat()))));
        form.number(
                "heat",
                Quantity.POWER_FINE,
                c.heat() == 0 ? Double.NaN : c.heat(),
                v -> set(
                        "heat",
                        x -> x.withCare(new Care(
                                x.care().known(),
                                x.care().serial(),
                                x.care().version(),
                                x.care().air(),
                                x.care().thermometer(),
                                x.care().touched(),
                                v))));
        if (d.kind().warm() || c.heat() > 0) {
            form.tick(
                    "air past it",
                    c.air(),
                    v -> cared(
                            "air",
                            x -> new Care(
                                    x.known(), x.serial(), x.version(), v, x.thermometer(), x.touched(), x.heat())));
            form.tick(
                    "thermometer",
                    c.thermometer(),
                    v -> cared(
                            "thermometer",
                            x -> new Care(x.known(), x.serial(), x.version(), x.air(), v, x.touched(), x.heat())));
            form.tick(
                    "stays cool to touch",
                    c.touched(),
                    v -> cared(
                            "touched",
                            x -> new Care(x.known(), x.serial(), x.version(), x.air(), x.thermometer(), v, x.heat())));
        }
    }
}
