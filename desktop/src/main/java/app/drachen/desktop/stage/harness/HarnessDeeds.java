package app.drachen.desktop.stage.harness;

import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Lead.Way;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Radio;
import app.drachen.core.setup.Components;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.Outputs;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What can be done to a harness; each deed is one revision with a reason. */
final class HarnessDeeds {
    private final Session session;

    HarnessDeeds(Session session) {
        this.session = session;
    }

    HarnessSection harness() {
        return session.setup().harness();
    }

    /** Changes the harness. */
    boolean change(String reason, UnaryOperator<HarnessSection> how) {
        return change(reason, how, () -> {});
    }

    /** Changes the harness, and does something once that is kept and shown. */
    boolean change(String reason, UnaryOperator<HarnessSection> how, Runnable then) {
        return session.edit(reason, s -> s.withHarness(how.apply(s.harness())), then);
    }

    /** Changes a device. */
    boolean device(String name, String reason, UnaryOperator<Device> how) {
        return change(name + ": " + reason, h -> h.withDevice(name, how));
    }

    /** Changes a lead. */
    boolean lead(String name, String reason, UnaryOperator<Lead> how) {
        if (harness().lead(name).isEmpty()) {
            session.tell("Choose a device that has a lead, with , and .");
            return false;
        }
        return change(name + ": " + reason, h -> h.withLead(name, how));
    }

    /**
     * Changes one component of a row.
     *
     * @param list devices or radios
     * @param name of the device
     * @param path of the component from the row
     */
    boolean set(String list, String name, String path, String reason, Object value) {
        return session.edit(name + ": " + reason, s -> {
            HarnessSection h = s.harness();
            List<String> names = list.equals("devices")
                    ? h.devices().stream().map(Device::name).toList()
                    : h.radios().stream().map(Radio::device).toList();
            if (!names.contains(name)) {
                throw new IllegalArgumentException("That is not there any more; look again.");
            }
            return Components.with(s, "harness." + list + "[" + names.indexOf(name) + "]." + path, value);
        });
    }

    void lift(String name) {
        boolean up = harness().lead(name).map(Lead::lifted).orElse(false);
        lead(name, up ? "red wire in" : "red wire lifted", l -> l.lifted(!up));
    }

    void lock(String name) {
        boolean on = harness().lead(name).map(Lead::locked).orElse(false);
        lead(name, on ? "place free again" : "place locked", l -> l.locked(!on));
    }

    /** Pins by the card, then as bought, then turned round. */
    void turnPlug(String name) {
        Way now = harness().lead(name).map(Lead::way).orElse(Way.CARD);
        Way next = Way.values()[(now.ordinal() + 1) % Way.values().length];
        lead(name, "pins " + next.label(), l -> l.running(next));
    }

    /** Feeds a device from the next rail that it bears; after the last, from its plug again. */
    void feed(String name) {
        Optional<Device> device = harness().device(name);
        Optional<Lead> lead = harness().lead(name);
        if (device.isEmpty() || lead.isEmpty() || !device.get().draw().fed()) {
            session.tell("Choose a device that takes a supply, with , and .");
            return;
        }
        Wiring wiring = Wiring.of(session.setup());
        boolean byPlug =
                wiring.of(name).flatMap(w -> w.place()).filter(Place::powered).isPresent();
        List<String> rails = new ArrayList<>(byPlug ? List.of("") : List.of());
        for (BoardRail r : harness().board().rails()) {
            double volts = r.feed() == BoardRail.Feed.RAW ? wiring.fullVolts() : r.volts();
            if (volts == 0
                    || volts >= device.get().draw().least()
                            && volts <= device.get().draw().most()) {
                rails.add(r.name());
            }
        }
        if (rails.isEmpty()) {
            session.tell("No rail of the board gives what " + name + " bears.");
            return;
        }
        String next = rails.get((rails.indexOf(lead.get().power()) + 1) % rails.size());
        lead(name, next.isEmpty() ? "power by its plug" : "fed from " + next, l -> l.fedFrom(next));
    }

    /** Plugs a device in at a place; what moves something takes that output for it. */
    void plug(String name, Place place) {
        Setup setup = session.setup();
        Optional<Device> device = setup.harness().device(name);
        if (device.isEmpty()) {
            return;
        }
        Wiring wiring = Wiring.of(setup);
        Optional<String> against = wiring.of(name)
                .flatMap(w -> Assignment.against(wiring, w, place, 0))
                .filter(why -> why.startsWith("carries") || why.startsWith("has no output"));
        if (against.isPresent()) {
            session.tell(name + " cannot go to " + place.name() + ": it " + against.get() + ".");
            return;
        }
        if (Wiring.output(setup, device.get()).isPresent()) {
            int number = Integer.parseInt(place.name().replaceAll("\\D", ""));
            session.edit(
                    name + " to " + place.name(),
                    s -> Outputs.moved(s, Map.of(device.get().moves(), number)));
        } else {
            lead(name, "to " + place.name(), l -> l.at(place.name()));
        }
    }

    /** Takes the places that a search found. */
    void take(Assignment found) {
        if (!found.complete()) {
            session.tell(found.missing().get(0).device().name() + " finds no place: "
                    + String.join("; ", found.missing().get(0).reasons()) + ".");
        } else if (found.moves() == 0) {
            session.tell("Everything is in its best place already.");
        } else {
            session.edit("Places on the board, " + found.aim().label(), found::applied);
        }
    }

    void solve() {
        take(Assignment.of(Wiring.of(session.setup()), Assignment.Aim.FEWEST_MOVES));
    }

    void begin() {
        if (!harness().devices().isEmpty() && harness().board().chosen()) {
            session.tell("There is a harness already; Insert adds a device.");
            return;
        }
        session.edit(
                "Harness begun from the parts, typical figures",
                s -> HarnessDraft.of(
                        s, s.harness().board().chosen() ? s.harness().board() : HarnessDraft.board(s)));
    }

    /** Adds a device of a kind with typical figures, in the best free place. */
    void add(DeviceKind kind, Runnable then) {
        String name = free(kind.label());
        session.edit(
                name + " added, typical figures",
                s -> {
                    Device device = Device.typical(name, kind, "", "");
                    Lead lead = HarnessDraft.lead(s.harness().board(), device, s);
                    Setup more = s.withHarness(s.harness().plus(device, lead));
                    return Assignment.of(Wiring.of(more), Assignment.Aim.FEWEST_MOVES).given().stream()
                            .filter(g -> g.device().name().equals(name))
                            .findFirst()
                            .map(g -> more.withHarness(more.harness()
                                    .withLead(name, l -> l.at(g.place().name()))))
                            .orElse(more);
                },
                then);
    }

    private String free(String label) {
        String name = label;
        for (int n = 2; harness().device(name).isPresent(); n++) {
            name = label + " " + n;
        }
        return name;
    }

    void remove(String name) {
        if (harness().device(name).isPresent()) {
            change("Device removed: " + name, h -> h.without(name));
        }
    }
}
