package app.drachen.core.autopilot;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.sensing.Sensed;

/**
 * What flies when something is lost: without link what the loss plan says for this phase after 1.5 s, until the link has been back for
 * 2 s; without position the plan's action in place of Circle, Home and Mission, without both a gliding turn; without motor, height,
 * airspeed or compass, or with a low pack, the plan's action for the phase in which it was lost, the first of them in this order that
 * has one. A link that is lost comes before these, a position that is needed before all but the link. A cell that nobody filled is Home
 * for the link, a shallow waiting turn for the position, and going on for the others.
 *
 * <p>Source: common practice; order, times, bank and the bounds of the phases are own choices.
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

    /** In which order they are asked, where several are lost. */
    private static final Loss[] OTHERS = {Loss.POWER, Loss.HEIGHT, Loss.AIRSPEED, Loss.COMPASS, Loss.LOW_PACK};

    private final LossPlan plan;
    private final Loss.Action[] position = new Loss.Action[Loss.Phase.values().length];
    private final Loss.Action[] others = new Loss.Action[OTHERS.length];
    private double silent;
    private double heard;
    private double airborne;
    private boolean linkLost;
    private boolean packLow;
    private boolean powerLost;
    private Loss.Action linkAction = Loss.Action.OPEN;
    private Loss.Action acting = Loss.Action.GO_ON;

    Losses(LossPlan plan) {
        this.plan = plan;
        for (Loss.Phase phase : Loss.Phase.values()) {
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

    void power(boolean low, boolean lost) {
        packLow = low;
        powerLost = lost;
    }

    /** Notes whether the link is there, and what else is not. */
    void link(double step, boolean linkThere, FlightMode mode, Sensed sensed) {
        airborne += sensed.airspeed() > 3 && sensed.height() > 2 ? step : 0;
        silent = linkThere ? 0 : silent + step;
        heard = linkThere ? heard + step : 0;
        if (silent > LINK_DELAY) {
            linkAction = linkLost ? linkAction : plan.action(Loss.LINK, phase(mode, sensed));
            linkLost = true;
        } else if (heard > BACK_DELAY) {
            linkLost = false;
        }
        acting = Loss.Action.GO_ON;
        for (int i = OTHERS.length - 1; i >= 0; i--) {
            if (!lost(OTHERS[i], sensed)) {
                others[i] = null;
                continue;
            }
            others[i] = others[i] == null ? plan.action(OTHERS[i], phase(mode, sensed)) : others[i];
            boolean acts = others[i] != Loss.Action.GO_ON && others[i] != Loss.Action.OPEN;
            acting = acts ? others[i] : acting;
        }
    }

    private boolean lost(Loss loss, Sensed sensed) {
        return switch (loss) {
            case POWER -> powerLost;
            case HEIGHT -> sensed.silent(Loss.HEIGHT);
            case AIRSPEED -> !sensed.airspeedGood();
            case COMPASS -> sensed.silent(Loss.COMPASS);
            case LOW_PACK -> packLow;
            case LINK, POSITION -> false;
        };
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

    /** The mode that acts where one is wanted. */
    FlightMode mode(FlightMode wanted) {
        if (linkLost) {
            return linkAction == Loss.Action.HOME || linkAction == Loss.Action.OPEN ? FlightMode.HOME : wanted;
        }
        // the pilot who flies by hand keeps the aircraft, whatever the pack says
        return acting == Loss.Action.HOME && wanted.fliesByItself() ? FlightMode.HOME : wanted;
    }

    Way way(FlightMode mode, Sensed sensed) {
        if (linkLost) {
            Way way = way(linkAction);
            if (way != Way.AS_WANTED) {
                return way;
            }
        }
        boolean needsPosition = mode == FlightMode.CIRCLE || mode == FlightMode.HOME || mode == FlightMode.MISSION;
        if (!needsPosition || sensed.positionGood()) {
            return mode.fliesByItself() ? way(acting) : Way.AS_WANTED;
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
