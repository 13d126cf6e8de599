package app.drachen.core.wiring;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.controls.Output;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.Pin;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The harness of an aircraft with everything that hangs together: each device with its lead, its place on the board, its
 * rail, its place on the drawing and the length that follows.
 *
 * <p>Source: lengths by common practice (HARNESS-A11), the way along the axes of the body and 10 % more.
 *
 * @param setup the aircraft
 * @param wired every device
 */
public record Wiring(Setup setup, List<Wired> wired) {
    /** Slack of a lead over its way on the drawing [-]. */
    public static final double SLACK = 1.1;

    /**
     * A device as it is plugged in.
     *
     * @param device the device
     * @param lead its lead, if it has one
     * @param place where the lead is plugged, if it is
     * @param rail name of the rail that feeds it; empty where none does
     * @param at its place on the drawing, if it is a part of it
     * @param path from the board along the axes of the body [m]; 0 where the drawing does not tell
     * @param length of the lead, measured or by the drawing [m]; 0 where neither tells
     * @param lengthKnown whether a measurement or the drawing tells it
     */
    public record Wired(
            Device device,
            Optional<Lead> lead,
            Optional<Place> place,
            String rail,
            Optional<Position> at,
            double path,
            double length,
            boolean lengthKnown) {
        /** Whether it is plugged in at a place of its board; those differ in their names. */
        boolean stands(Place at) {
            return place.isPresent() && place.get().name().equals(at.name());
        }

        /** Whether it wants a supply and nothing gives it one. */
        public boolean dead() {
            return device.draw().fed() && rail.isEmpty();
        }

        /**
         * @return resistance of the power wires there and back [Ω]; 0 where no length is known
         */
        public double resistance() {
            return lead.map(l -> Wire.resistance(l.gauge(), length)).orElse(0.0);
        }

        /** Whether wires of its own and the plug both bring it power, from two rails: they meet in it. */
        public boolean twice() {
            String own = lead.map(Lead::power).orElse("");
            return !own.isEmpty()
                    && device.kind() != DeviceKind.SPEED_CONTROLLER
                    && device.gives().volts() == 0
                    && device.want().pins().contains(Pin.POWER)
                    && lead.filter(l -> !l.lifted()).isPresent()
                    && place.filter(p -> p.powered() && !p.rail().equals(own)).isPresent();
        }

        /** Whether its regulator reaches the rail of its place: power wire in, with volts behind it. */
        public boolean feeds() {
            return device.gives().volts() > 0
                    && lead.filter(l -> !l.lifted()).isPresent()
                    && place.filter(Place::powered).isPresent();
        }
    }

    public Wiring {
        wired = List.copyOf(wired);
    }

    public static Wiring of(Setup setup) {
        HarnessSection harness = setup.harness();
        List<Wired> all = new ArrayList<>();
        for (Device device : harness.devices()) {
            Optional<Lead> lead = harness.lead(device.name());
            Optional<Place> place = lead.flatMap(l -> harness.board().place(placeName(setup, device, l)));
            Optional<Position> at = setup.part(device.part()).map(Part::position);
            double path =
                    at.flatMap(a -> boardPosition(setup).map(b -> way(a, b))).orElse(0.0);
            Optional<Double> measured = lead.map(Lead::length).filter(l -> l > 0);
            boolean drawn = at.isPresent() && boardPosition(setup).isPresent();
            all.add(new Wired(
                    device,
                    lead,
                    place,
                    rail(device, lead, place),
                    at,
                    path,
                    measured.orElse(SLACK * path),
                    measured.isPresent() || drawn));
        }
        return new Wiring(setup, all);
    }

    /** Where a lead is plugged: what moves something is where its output is. */
    public static String placeName(Setup setup, Device device, Lead lead) {
        return output(setup, device).map(o -> outputName(o.channel())).orElse(lead.place());
    }

    /** The output of what a device moves, if it moves something. */
    public static Optional<Output> output(Setup setup, Device device) {
        return setup.controls().outputs().stream()
                .filter(o -> o.surface().id().equals(device.moves()))
                .findFirst();
    }

    /** Name of an output's place on any board. */
    public static String outputName(int channel) {
        return "output " + channel;
    }

    private static String rail(Device device, Optional<Lead> lead, Optional<Place> place) {
        if (lead.isEmpty() || !device.draw().fed()) {
            return "";
        }
        String own = lead.get().power();
        return !own.isEmpty()
                ? own
                : lead.get().lifted() ? "" : place.map(Place::rail).orElse("");
    }

    private static double way(Position a, Position b) {
        return Math.abs(a.aft() - b.aft()) + Math.abs(a.right() - b.right()) + Math.abs(a.up() - b.up());
    }

    /** Where the board sits, if the drawing knows. */
    public static Optional<Position> boardPosition(Setup setup) {
        return setup.parts().stream()
                .filter(p -> p.kind() == PartKind.AUTOPILOT)
                .findFirst()
                .map(Part::position);
    }

    public HarnessSection harness() {
        return setup.harness();
    }

    public Board board() {
        return harness().board();
    }

    /** Whether anything of the harness has been entered. */
    public boolean entered() {
        return board().chosen() && !harness().devices().isEmpty();
    }

    public Optional<Wired> of(String device) {
        return wired.stream().filter(w -> w.device().name().equals(device)).findFirst();
    }

    /** What is fed from a rail. */
    public List<Wired> on(String rail) {
        return wired.stream().filter(w -> w.rail().equals(rail)).toList();
    }

    /** What is plugged in at a place. */
    public List<Wired> at(Place place) {
        return wired.stream().filter(w -> w.stands(place)).toList();
    }

    public List<Wired> ofKind(DeviceKind kind) {
        return wired.stream().filter(w -> w.device().kind() == kind).toList();
    }

    /** Rails that feed servos. */
    public List<BoardRail> servoRails() {
        return board().rails().stream()
                .filter(r -> on(r.name()).stream().anyMatch(w -> w.device().kind() == DeviceKind.SERVO))
                .toList();
    }

    /** What needs a place on the board and has none. */
    public List<Wired> unplugged() {
        return wired.stream()
                .filter(w ->
                        w.device().want().signal() != Signal.NONE && w.place().isEmpty())
                .toList();
    }

    /** The packs that feed the motors as one. */
    public Pack pack() {
        List<Pack> packs = setup.propulsion().packs();
        PackJoin join = harness().packs();
        if (join.how() == PackJoin.Joined.SINGLE || packs.size() < 2) {
            return packs.get(0);
        }
        Pack a = packs.get(0);
        Pack b = packs.get(1);
        String label = a.label() + " + " + b.label();
        return join.how() == PackJoin.Joined.SERIES
                ? new Pack(
                        label,
                        Math.min(12, a.cells() + b.cells()),
                        Math.min(a.capacity(), b.capacity()),
                        Math.min(1, a.resistance() + b.resistance()))
                : new Pack(
                        label,
                        Math.min(a.cells(), b.cells()),
                        Math.min(400_000, a.capacity() + b.capacity()),
                        Math.max(0.001, 1 / (1 / a.resistance() + 1 / b.resistance())));
    }

    /**
     * @return volts of the full packs [V]
     */
    public double fullVolts() {
        List<Pack> packs = setup.propulsion().packs();
        boolean series = harness().packs().how() == PackJoin.Joined.SERIES && packs.size() > 1;
        // as many cells as there are, even where a pack of so many could not be reckoned with
        int cells = series ? packs.get(0).cells() + packs.get(1).cells() : pack().cells();
        return cells * harness().packs().fullCell();
    }
}
