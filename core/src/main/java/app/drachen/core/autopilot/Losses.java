package app.drachen.core.autopilot;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.sensing.Sensed;

/**
 * What flies when something is lost: without link what the loss plan says for this phase after 1.5 s, until the link has been back for
 * 2 s; without position the plan's action in place of Circle, Home and Mission, without both a gliding turn. A cell that nobody filled
 * is Home for the link and a shallow waiting turn for the position.
 *
 * <p>Source: common practice; times, bank and the bounds of the phases are own choices.
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class Losses {
    static final double WAITING_BANK = Math.toRadians(15);
    private static final double LINK_DELAY = 1.5;
    private static final double BACK_DELAY = 2;
    private static final double LAUNCHED = 15;
    private static final double LAUNCH_SECONDS = 10;
    private static final double LEVEL_OFF = 30;

    private final Loss.Action[] link = new Loss.Action[Loss.Phase.values().length];
    private final Loss.Action[] position = new Loss.Action[link.length];
    private double silent;
    private double heard;
    private double airborne;
    private boolean linkLost;
    private Loss.Phase lostIn = Loss.Phase.AWAY;

    Losses(LossPlan plan) {
        for (Loss.Phase phase : Loss.Phase.values()) {
            link[phase.ordinal()] = plan.action(Loss.LINK, phase);
            position[phase.ordinal()] = plan.action(Loss.POSITION, phase);
        }
    }

    /** What is to be flown. */
    enum Way {
        AS_WANTED,
        WAIT,
        GLIDE,
        LEVEL,
        LAND,
        POWER_OFF
    }

    /** Notes whether the link is there. */
    void link(double step, boolean there, FlightMode mode, Sensed sensed) {
        airborne += sensed.airspeed() > 3 && sensed.height() > 2 ? step : 0;
        silent = there ? 0 : silent + step;
        heard = there ? heard + step : 0;
        if (silent > LINK_DELAY) {
            lostIn = linkLost ? lostIn : phase(mode, sensed);
            linkLost = true;
        } else if (heard > BACK_DELAY) {
            linkLost = false;
        }
    }

    /** The phase of the flight, as a board can tell it. */
    private Loss.Phase phase(FlightMode mode, Sensed sensed) {
        if (airborne < LAUNCH_SECONDS && sensed.height() < LAUNCHED) {
            return Loss.Phase.LAUNCH;
        }
        if (mode == FlightMode.HOME) {
            return Loss.Phase.HOME;
        }
        if (sensed.height() < LAUNCHED) {
            return Loss.Phase.LANDING;
        }
        return sensed.height() < LEVEL_OFF && sensed.climb() > 0.5 ? Loss.Phase.CLIMB : Loss.Phase.AWAY;
    }

    boolean linkLost() {
        return linkLost;
    }

    private Loss.Action linkAction() {
        return link[lostIn.ordinal()];
    }

    /** The mode that acts where one is wanted. */
    FlightMode mode(FlightMode wanted) {
        Loss.Action action = linkAction();
        boolean home = action == Loss.Action.HOME || action == Loss.Action.OPEN;
        return linkLost && home ? FlightMode.HOME : wanted;
    }

    Way way(FlightMode mode, Sensed sensed) {
        if (linkLost) {
            Way way = way(linkAction());
            if (way != Way.AS_WANTED) {
                return way;
            }
        }
        boolean needsPosition = mode == FlightMode.CIRCLE || mode == FlightMode.HOME || mode == FlightMode.MISSION;
        if (!needsPosition || sensed.positionGood()) {
            return Way.AS_WANTED;
        }
        if (linkLost) {
            return Way.GLIDE;
        }
        Way way = way(position[phase(mode, sensed).ordinal()]);
        return way == Way.AS_WANTED ? Way.WAIT : way;
    }

    private static Way way(Loss.Action action) {
        return switch (action) {
            case OPEN, GO_ON, HOME -> Way.AS_WANTED;
            case POWER_OFF -> Way.POWER_OFF;
            case LEVEL -> Way.LEVEL;
            case GLIDE -> Way.GLIDE;
            case WAIT -> Way.WAIT;
            case LAND -> Way.LAND;
        };
    }
}
