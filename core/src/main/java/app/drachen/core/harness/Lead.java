package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * The lead from a device to the board.
 *
 * @param device name of the device
 * @param place where it is plugged on the board; empty where it is plugged nowhere, or where the output of what it moves tells
 * @param power name of the rail that feeds the device by wires of its own; empty where power comes with the plug
 * @param way how its pins run
 * @param lifted whether its power wire is lifted out of the plug
 * @param diode whether a diode lets current out of the device only
 * @param locked whether the place is fixed by hand
 * @param gauge of its power wires, American wire gauge [-], 0 to 40
 * @param length as measured [m], 0 to 20; 0 while it is taken from the drawing
 * @param plug kind of plug at the device; empty where nobody noted it
 * @param checks what was looked at
 */
public record Lead(
        String device,
        String place,
        String power,
        Way way,
        boolean lifted,
        boolean diode,
        boolean locked,
        int gauge,
        double length,
        String plug,
        Checks checks) {
    /** How the pins of both ends are joined. */
    public enum Way {
        CARD("by the pin card"),
        STRAIGHT("pin to pin, as bought"),
        TURNED("plug turned round");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** What a look or a measurement gave. */
    public enum Look {
        OPEN("not looked at"),
        GOOD("good"),
        FAILED("failed");

        private final String label;

        Look(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * What was looked at.
     *
     * @param relief strain relief
     * @param solder joints
     * @param continuity from end to end, and none between neighbours
     * @param wiggle moved while it works
     * @param ohms measured from end to end [Ω], 0 to 100; 0 while nobody measured
     */
    public record Checks(Look relief, Look solder, Look continuity, Look wiggle, double ohms) {
        /** Nothing looked at. */
        public static final Checks NONE = new Checks(Look.OPEN, Look.OPEN, Look.OPEN, Look.OPEN, 0);

        /** All seen and good. */
        public static final Checks GOOD = new Checks(Look.GOOD, Look.GOOD, Look.GOOD, Look.GOOD, 0);

        public Checks {
            Ranges.require("ohms from end to end", ohms, 0, 100, "Ω");
        }

        public boolean failed() {
            return relief == Look.FAILED || solder == Look.FAILED || continuity == Look.FAILED || wiggle == Look.FAILED;
        }

        public boolean complete() {
            return relief == Look.GOOD && solder == Look.GOOD && continuity == Look.GOOD && wiggle == Look.GOOD;
        }
    }

    public Lead {
        Ranges.requireText("device of a lead", device);
        Ranges.require("gauge", gauge, 0, 40, "-");
        Ranges.require("length of a lead", length, 0, 20, "m");
    }

    /** A plain lead. */
    public static Lead of(String device, String place, int gauge) {
        return new Lead(device, place, "", Way.CARD, false, false, false, gauge, 0, "", Checks.NONE);
    }

    /** The same, plugged elsewhere; what was looked at is open again. */
    public Lead at(String newPlace) {
        return newPlace.equals(place)
                ? this
                : new Lead(device, newPlace, power, way, lifted, diode, locked, gauge, length, plug, Checks.NONE);
    }

    /** The same, fed from another rail; what was looked at is open again. */
    public Lead fedFrom(String rail) {
        return new Lead(device, place, rail, way, lifted, diode, locked, gauge, length, plug, Checks.NONE);
    }

    /** The same with its power wire lifted or not; what was looked at is open again. */
    public Lead lifted(boolean now) {
        return new Lead(device, place, power, way, now, diode, locked, gauge, length, plug, Checks.NONE);
    }

    /** The same with pins that run otherwise; what was looked at is open again. */
    public Lead running(Way newWay) {
        return new Lead(device, place, power, newWay, lifted, diode, locked, gauge, length, plug, Checks.NONE);
    }

    /** The same, fixed by hand or free. */
    public Lead locked(boolean now) {
        return new Lead(device, place, power, way, lifted, diode, now, gauge, length, plug, checks);
    }

    /** The same of another wire; what was looked at is open again. */
    public Lead ofGauge(int newGauge) {
        return new Lead(device, place, power, way, lifted, diode, locked, newGauge, length, plug, Checks.NONE);
    }

    /**
     * The same of another length.
     *
     * @param measured [m], 0 to 20; 0 while it is taken from the drawing
     */
    public Lead ofLength(double measured) {
        return new Lead(device, place, power, way, lifted, diode, locked, gauge, measured, plug, checks);
    }

    /** The same with a diode in its power wire or without; what was looked at is open again. */
    public Lead withDiode(boolean fitted) {
        return new Lead(device, place, power, way, lifted, fitted, locked, gauge, length, plug, Checks.NONE);
    }

    /** The same with another plug at the device. */
    public Lead plugged(String kind) {
        return new Lead(device, place, power, way, lifted, diode, locked, gauge, length, kind, checks);
    }

    /** The same while its rail bears another name. */
    public Lead fedUnderName(String rail) {
        return new Lead(device, place, rail, way, lifted, diode, locked, gauge, length, plug, checks);
    }

    /** The same while its place bears another name. */
    public Lead atUnderName(String newPlace) {
        return new Lead(device, newPlace, power, way, lifted, diode, locked, gauge, length, plug, checks);
    }

    /** The same, looked at. */
    public Lead seen(Checks newChecks) {
        return new Lead(device, place, power, way, lifted, diode, locked, gauge, length, plug, newChecks);
    }

    /** The same as nobody has looked at it, and whether or not it is locked: what it is, not what is known of it. */
    public Lead unseen() {
        return locked(false).seen(Checks.NONE);
    }

    /** The same for a device under another name. */
    public Lead to(String newDevice) {
        return new Lead(newDevice, place, power, way, lifted, diode, locked, gauge, length, plug, checks);
    }
}
