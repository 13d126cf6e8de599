package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * Something that is plugged in.
 *
 * @param name unique among the devices
 * @param kind what it is
 * @param part name of the part of the drawing that it is, for its place; empty for none
 * @param moves id of the surface or motor that it moves, such as left-aileron; empty for none
 * @param draw volts and amps
 * @param want signal
 * @param gives what it gives back or carries
 * @param care what is known and seen to
 */
public record Device(
        String name, DeviceKind kind, String part, String moves, Draw draw, Want want, Gives gives, Care care) {
    public Device {
        Ranges.requireText("name of a device", name);
    }

    /** One of a kind with typical figures. */
    public static Device typical(String name, DeviceKind kind, String part, String moves) {
        Gives gives = kind == DeviceKind.SPEED_CONTROLLER ? Gives.TYPICAL_CONTROLLER : Gives.NOTHING;
        return new Device(name, kind, part, moves, kind.draw(), kind.want(), gives, Care.NOT_YET);
    }

    /** The same under another name. */
    public Device named(String newName) {
        return new Device(newName, kind, part, moves, draw, want, gives, care);
    }

    public Device withDraw(Draw newDraw) {
        return new Device(name, kind, part, moves, newDraw, want, gives, care);
    }

    public Device withWant(Want newWant) {
        return new Device(name, kind, part, moves, draw, newWant, gives, care);
    }

    public Device withGives(Gives newGives) {
        return new Device(name, kind, part, moves, draw, want, newGives, care);
    }

    public Device withCare(Care newCare) {
        return new Device(name, kind, part, moves, draw, want, gives, newCare);
    }
}
