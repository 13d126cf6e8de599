package app.drachen.core.hearing;

import app.drachen.core.signals.Alarm;

/**
 * An alarm in time: silent, beyond for a while, speaking once, and ready again when the value has come back.
 *
 * <p>Mutable, for one thread.
 */
public final class Speaker {
    private final Alarm alarm;
    private double since = Double.NaN;
    private boolean spoken;

    public Speaker(Alarm alarm) {
        this.alarm = alarm;
    }

    /** The alarm. */
    public Alarm alarm() {
        return alarm;
    }

    /**
     * Time goes on.
     *
     * @param time [s], rising
     * @param value as the pilot has it [SI unit of the alarm's kind]; NaN for none
     * @return whether it speaks now
     */
    public boolean speaks(double time, double value) {
        if (Double.isNaN(value)) {
            return false;
        }
        if (!alarm.beyond(value)) {
            since = Double.NaN;
            spoken &= !alarm.back(value);
            return false;
        }
        since = Double.isNaN(since) ? time : since;
        boolean now = !spoken && time - since >= alarm.lasting() - 1e-9;
        spoken |= now;
        return now;
    }
}
