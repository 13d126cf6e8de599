package app.drachen.core.bench;

import java.util.List;

/** The checks of the bench and of the field's edge, in the order of practice. */
public enum CardId {
    CHANNEL_ORDER("order", "Channel order", "Move one stick at a time and watch which command moves.", true, 2),
    END_POINTS(
            "ends",
            "Ends and centres",
            "Read the pulse at each end of each stick, and let go.",
            true,
            3,
            CHANNEL_ORDER),
    STICK_TO_OUTPUT(
            "outputs",
            "Sticks to outputs",
            "In Manual, hold the sticks as told and read the pulse of every surface.",
            true,
            5,
            END_POINTS),
    STICK_TO_SURFACE(
            "sticks",
            "Stick to surface",
            "In Manual, move one stick at a time and watch.",
            true,
            2,
            CHANNEL_ORDER,
            END_POINTS),
    CENTRES_AND_THROWS(
            "throws",
            "Centres and throws",
            "Measure where each surface stands, and how far it goes at full stick.",
            true,
            6,
            STICK_TO_SURFACE),
    LINKAGE_PULL(
            "linkages",
            "Pull every linkage",
            "Hold the servo arm, pull at the surface; then feel its hinges.",
            false,
            2),
    SIX_FACES(
            "six faces",
            "Six faces",
            "Lay the board still on each of its faces for two seconds and read the accelerometer.",
            false,
            5),
    LEVEL("level", "Level", "Aircraft in flight attitude, held still.", false, 1, SIX_FACES),
    ROTATION("rotation", "Rotation", "Tilt the aircraft three ways and say what the horizon shows.", false, 1, LEVEL),
    TILT_TO_SURFACE(
            "tilts",
            "Tilt to surface",
            "In Level, sticks centred, tilt the aircraft and watch.",
            true,
            2,
            STICK_TO_SURFACE,
            ROTATION),
    COMPASS_SWING(
            "compass",
            "Compass swing",
            "Point the nose at eight headings of a known bearing, away from cars and reinforced ground; then two of them"
                    + " with the motor's current flowing, propeller off.",
            true,
            8,
            ROTATION),
    READ_BACK(
            "modes",
            "Read back the modes",
            "Put the switches into each place and say which mode is shown.",
            true,
            2,
            CHANNEL_ORDER),
    ARMING(
            "arming",
            "Arming",
            "Propeller off. Try to arm when it must refuse, then as it should, then disarm.",
            true,
            2,
            STICK_TO_SURFACE,
            READ_BACK),
    LOSS_OF_LINK(
            "link lost",
            "Loss of the link",
            "Propeller off, armed. Switch the radio off, watch; switch it on again.",
            true,
            2,
            ARMING),
    MOTOR_RUN(
            "motor",
            "Motor run",
            "Direction first with the propeller off. Then with it on: aircraft tied down, nobody in front or in its plane.",
            true,
            3,
            ARMING),
    SCALES(
            "scales",
            "Scales",
            "Read volts and current on the board and on a meter at the same moment.",
            true,
            2,
            MOTOR_RUN),
    AIRSPEED_PROBE("probe", "Airspeed probe", "Cover it, blow at it gently, and hold the pressure.", true, 1),
    LOG_WORKS("log", "Log works", "Let the board record a minute and look into the file.", true, 2),
    RANGE_WALK(
            "range",
            "Range walk",
            "Reduced power, aerials as in flight. Walk until the control stutters; once more with the motor running.",
            true,
            5,
            LOSS_OF_LINK),
    HOME_FIX(
            "home fix",
            "Home fix",
            "Under the open sky: read satellites, hdop and how far home lies from you.",
            true,
            2),
    HOME_HEIGHT(
            "Home", "What Home will do", "Say at which height Home flies, as the board shows it.", true, 1, READ_BACK),
    HAND_OVER(
            "hand-over",
            "Hand-over",
            "Propeller off. Same mode, same power; hand over to the console, then take back.",
            true,
            3,
            READ_BACK,
            LOSS_OF_LINK),
    PREFLIGHT(
            "preflight",
            "Before the flight",
            "In this order; begin when pack and propeller are fitted and people stand behind the line.",
            true,
            6,
            STICK_TO_SURFACE,
            ARMING,
            HOME_FIX);

    private final String name;
    private final String title;
    private final String how;
    private final boolean pack;
    private final int minutes;
    private final List<CardId> after;

    CardId(String name, String title, String how, boolean pack, int minutes, CardId... after) {
        this.name = name;
        this.title = title;
        this.how = how;
        this.pack = pack;
        this.minutes = minutes;
        this.after = List.of(after);
    }

    /** A word or two, for a line of them. */
    public String word() {
        return name;
    }

    public String title() {
        return title;
    }

    public String how() {
        return how;
    }

    /** Whether the pack is plugged in, so that the propeller has to be off. */
    public boolean pack() {
        return pack;
    }

    /**
     * @return time it takes, an own estimate [min]
     */
    public int minutes() {
        return minutes;
    }

    /** What has to be right before it. */
    public List<CardId> after() {
        return after;
    }

    /** Whether the propeller has to be off the shaft throughout: with the pack in, unless the card is about the motor, or of the field. */
    public boolean propellerOff() {
        return pack && !atTheField() && this != MOTOR_RUN && this != SCALES;
    }

    /** Whether it is one of the two checks of surfaces, which ask surface by surface. */
    public boolean ofSurfaces() {
        return this == STICK_TO_SURFACE || this == TILT_TO_SURFACE;
    }

    /** Whether it is done at the field, not at the bench. */
    public boolean atTheField() {
        return ordinal() >= RANGE_WALK.ordinal() && this != HAND_OVER && this != HOME_HEIGHT;
    }
}
