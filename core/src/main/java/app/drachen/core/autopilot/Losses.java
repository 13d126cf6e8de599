package app.drachen.core.autopilot;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.sensing.Sensed;

/**
 * What flies when something is lost: without link, Home after 1.5 s, until the link has been back for 2 s; without
 * position a shallow waiting turn in place of Circle, Home and Mission; without both a gliding turn.
 *
 * <p>Source: common practice; times and bank are own choices.
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class Losses {
    static final double WAITING_BANK = Math.toRadians(15);
    private static final double LINK_DELAY = 1.5;
    private static final double BACK_DELAY = 2;

    private double silent;
    private double heard;
    private boolean linkLost;

    /** What is to be flown. */
    enum Way {
        AS_WANTED,
        WAIT,
        GLIDE
    }

    /** Notes whether the link is there. */
    void link(double step, boolean there) {
        silent = there ? 0 : silent + step;
        heard = there ? heard + step : 0;
        if (silent > LINK_DELAY) {
            linkLost = true;
        } else if (heard > BACK_DELAY) {
            linkLost = false;
        }
    }

    boolean linkLost() {
        return linkLost;
    }

    /** The mode that acts where one is wanted. */
    FlightMode mode(FlightMode wanted) {
        return linkLost ? FlightMode.HOME : wanted;
    }

    Way way(FlightMode mode, Sensed sensed) {
        boolean needsPosition = mode == FlightMode.CIRCLE || mode == FlightMode.HOME || mode == FlightMode.MISSION;
        if (!needsPosition || sensed.positionGood()) {
            return Way.AS_WANTED;
        }
        return linkLost ? Way.GLIDE : Way.WAIT;
    }
}
