package app.drachen.core.bench;

/** What can be wrong with an aircraft beside its set-up, with the value of a sound one. */
public enum Quirk {
    /** Of the accelerometer's x axis [-]. */
    SCALE_X(1),
    SCALE_Z(1),
    /** Added along y [m/s²]; not the same on each face. */
    MOVING(0),
    /** Board against the aircraft's flight attitude [rad]. */
    LEVEL_ROLL(0),
    LEVEL_PITCH(0),
    /** Deviation of the compass [rad]. */
    COMPASS_TURNED(0),
    COMPASS_IRON(0),
    COMPASS_MOTOR(0),
    /** Greater than 0 where it arms though it should refuse. */
    ARMS_WITH_POWER(0),
    ARMS_TILTED(0),
    ARMS_WITHOUT_FIX(0),
    STAYS_ARMED(0),
    NEVER_ARMS(0),
    OUTPUTS_OFF(0),
    MOTOR_TURNS_BACK(0),
    PROPELLER_BACK_TO_FRONT(0),
    /** Of the motors' current [-]. */
    CURRENT(1),
    HOT(0),
    /** Greater than 0 where the motor runs on loss of link while disarmed. */
    LOSS_DRIVES(0),
    /** Distance at which control stutters at 30 dB less [m]. */
    WALK(60),
    /** Share of it that is left with the motor running [-]. */
    WALK_RUNNING(0.93),
    VOLTS(1),
    AMPS(1),
    /** Of the height that Home flies at, against the one that is set [-]. */
    HOME_HEIGHT(1),
    SATELLITES(14),
    /** How far home lies from the pilot [m]. */
    HOME_OFF(4),
    PROBE_HOSE_OFF(0),
    LOG_EMPTY(0),
    /** Camera or pan servo off its mark [rad]. */
    CAMERA_OFF(0),
    /** Number of the surface, from 1, whose linkage slips; 0 for none. */
    SLIPS(0),
    /** Number of the surface, from 1, whose hinge is torn; 0 for none. */
    TORN(0),
    /** Power that the console sends above the radio's [-]. */
    CONSOLE_POWER(0),
    CONSOLE_KEEPS(0);

    private final double sound;

    Quirk(double sound) {
        this.sound = sound;
    }

    double sound() {
        return sound;
    }
}
