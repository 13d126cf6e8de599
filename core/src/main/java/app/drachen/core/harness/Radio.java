package app.drachen.core.harness;

import app.drachen.core.airframe.Position;
import app.drachen.core.units.Ranges;

/**
 * A sender or receiver with its aerial.
 *
 * @param device name of the device
 * @param use what it is for
 * @param low lower end of its band [Hz], 1e6 to 1e10
 * @param high upper end of its band [Hz], not below the lower, to 1e10
 * @param sends power of its sender [W], 0 to 10; 0 where it only listens
 * @param listens whether it receives on that band
 * @param aerial where its aerial is
 * @param tilt of the aerial out of the upright [rad], 0 to π/2
 * @param farTilt of the aerial at the other end of the link out of the upright [rad], 0 to π/2
 * @param filter whether a filter against its harmonics is fitted
 */
public record Radio(
        String device,
        Use use,
        double low,
        double high,
        double sends,
        boolean listens,
        Position aerial,
        double tilt,
        double farTilt,
        boolean filter) {
    /** What a link is for. */
    public enum Use {
        CONTROL("control"),
        TELEMETRY("telemetry"),
        PICTURE("picture"),
        POSITION("satellites");

        private final String label;

        Use(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Radio {
        Ranges.requireText("device of a radio", device);
        Ranges.require("lower end of the band", low, 1e6, 1e10, "Hz");
        Ranges.require("upper end of the band", high, low, 1e10, "Hz");
        Ranges.require("power of the sender", sends, 0, 10, "W");
        Ranges.require("tilt of the aerial", tilt, 0, Math.PI / 2, "rad");
        Ranges.require("tilt of the far aerial", farTilt, 0, Math.PI / 2, "rad");
    }

    /**
     * @return middle of its band [Hz]
     */
    public double middle() {
        return (low + high) / 2;
    }

    /**
     * @return power of its sender [dBm]; minus infinity where it only listens
     */
    public double level() {
        return 10 * Math.log10(sends * 1_000);
    }

    public boolean sending() {
        return sends > 0;
    }

    /** The same of another device. */
    public Radio of(String newDevice) {
        return new Radio(newDevice, use, low, high, sends, listens, aerial, tilt, farTilt, filter);
    }

    /**
     * The same on another band.
     *
     * @param from lower end [Hz]
     * @param to upper end [Hz], not below the lower
     */
    public Radio over(double from, double to) {
        return new Radio(device, use, from, to, sends, listens, aerial, tilt, farTilt, filter);
    }

    /** The same with its aerial elsewhere. */
    public Radio at(Position place) {
        return new Radio(device, use, low, high, sends, listens, place, tilt, farTilt, filter);
    }

    /** The same with a filter. */
    public Radio filtered() {
        return new Radio(device, use, low, high, sends, listens, aerial, tilt, farTilt, true);
    }

    /**
     * The same on another frequency, its band as wide as before.
     *
     * @param by how much higher [Hz]
     */
    public Radio shifted(double by) {
        return over(low + by, high + by);
    }
}
