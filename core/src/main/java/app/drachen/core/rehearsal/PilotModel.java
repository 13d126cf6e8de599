package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.Task;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Rates;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Route;
import app.drachen.core.setup.Setup;

/**
 * A pilot who flies a card: sees attitude, height and place with a lag, and moves the sticks.
 *
 * <p>Source: own estimate; a compensating pilot with 0.15 s of lag (after D. T. McRuer, H. R. Jex,
 * "A Review of Quasi-Linear Pilot Models", 1967), who knows how strongly the aircraft should answer
 * but not that a servo is turned or where the trim lies.
 *
 * <p>Mutable, for one thread.
 */
final class PilotModel {
    private static final double LAG = 0.15;
    private static final double BANK = Math.toRadians(30);
    private static final double LEG = 140;
    private static final double APPROACH_SLOPE = 0.11;

    /** Time of a full stick one way [s]. */
    private static final double REVERSAL = 1.2;

    private final Setup setup;
    private final Field field;
    private final Card card;
    private final Rates rates;
    private final Limits limits;
    private final double stallSpeed;
    private final double cruisePower;
    private final double cruiseAlpha;
    private final double upwind;
    private final double rollPerStick;
    private final double pitchStickPerAngle;

    private double seenRoll;
    private double seenPitch;
    private double seenPitchRate;
    private double pitchHeld;
    private double pitchHeldBefore;
    private double fullUp;
    private double rollHeld;
    private int step;
    private double inStep;
    private int phase;
    private double inPhase;
    private boolean outbound = true;
    private FlightMode mode;
    private double stickRoll;
    private double stickPitch;
    private double stickYaw;
    private double yawHeld;
    private double power;
    private double tuned;
    private Helper helper = Helper.NONE;

    PilotModel(Setup setup, Card card, Field field, double cruisePower, double cruiseAlpha) {
        this.setup = setup;
        this.card = card;
        this.field = field;
        rates = setup.controls().rates();
        limits = setup.modes().limits();
        stallSpeed = Stall.of(setup, field.density()).speed();
        this.cruisePower = cruisePower;
        this.cruiseAlpha = cruiseAlpha;
        upwind = field.windFrom();
        double cruise = limits.cruiseSpeed();
        rollPerStick = Math.max(0.3, ControlPower.rollRate(setup, cruise).value() / rates.roll());
        double throwAngle = ControlPower.fullDeflection(setup, Axis.PITCH) / rates.pitch();
        pitchStickPerAngle = 0.55 * 0.35 / Math.max(0.05, throwAngle);
        mode = setup.modes().launchMode();
    }

    int step() {
        return Math.min(step, card.steps().size() - 1);
    }

    FlightMode mode() {
        return mode;
    }

    Helper helper() {
        return helper;
    }

    /** Goes to the landing at once; false if it lands already. */
    boolean breakOff() {
        for (int i = 0; i < card.steps().size(); i++) {
            if (card.steps().get(i).task() == Task.LAND && step < i) {
                startStep(i);
                return true;
            }
        }
        return false;
    }

    private void startStep(int next) {
        step = next;
        inStep = 0;
        startPhase(0);
    }

    private void startPhase(int next) {
        phase = next;
        inPhase = 0;
    }

    /** Looks, thinks, and moves the sticks. */
    Sticks fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        double share = dt / (LAG + dt);
        seenRoll += share * wrap(aircraft.roll() - seenRoll);
        seenPitch += share * (aircraft.pitch() - seenPitch);
        seenPitchRate += share * (aircraft.pitchRate() - seenPitchRate);
        inStep += dt;
        inPhase += dt;
        Task task = card.steps().get(step()).task();
        helper = Helper.NONE;
        stickYaw = 0;
        switch (task) {
            case LAUNCH -> launch(dt, aircraft);
            case CLIMB -> climb(dt, aircraft);
            case TRIM -> trim(dt, aircraft);
            case STALL -> stall(dt, aircraft);
            case LEVEL -> level(dt, aircraft);
            case HOLD -> holdMode(dt, aircraft);
            case CHOP -> chop(dt, aircraft);
            case TUNE_ROLL, TUNE_PITCH -> tune(dt, aircraft, task == Task.TUNE_ROLL);
            case AUTO_TRIM -> autoTrim(dt, aircraft);
            case OUT -> out(aircraft, autopilot);
            case HOME -> home(aircraft);
            case MISSION -> mission(autopilot);
            case LAND -> land(dt, aircraft);
        }
        return new Sticks(
                clamp(stickRoll, -1, 1), clamp(stickPitch, -1, 1), clamp(stickYaw, -1, 1), clamp(power, 0, 1));
    }

    private void launch(double dt, Aircraft aircraft) {
        mode = setup.modes().launchMode();
        if (mode.fliesByItself()) {
            handsOff();
            power = cruiseStick();
            if (aircraft.height() > 14) {
                startStep(step + 1);
            }
            return;
        }
        attitude(dt, 0.8 * wrap(upwind - aircraft.heading()), Math.toRadians(13));
        power = Math.max(0.8, Math.min(1, 1.7 * cruisePower));
        if (aircraft.height() > 15) {
            startStep(step + 1);
        }
    }

    private void climb(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        power = Math.max(0.75, Math.min(1, 1.6 * cruisePower));
        double slow = Math.max(0, 1.35 * stallSpeed - aircraft.airspeed());
        legs(dt, aircraft, cruiseAlpha + Math.toRadians(12) - 0.06 * slow);
        if (aircraft.height() > card.trialHeight() - 2) {
            startStep(step + 1);
        }
    }

    /** Two straight passes with the sticks as still as may be. */
    private void trim(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        cruise(dt, aircraft, card.trialHeight());
        if (inStep > 75) {
            startStep(step + 1);
        }
    }

    private void stall(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        if (phase == 0) {
            cruise(dt, aircraft, card.trialHeight());
            boolean straight = Math.abs(aircraft.roll()) < 0.08 && inPhase > 4;
            if (straight && intoWind(aircraft) && aircraft.height() > card.trialHeight() - 8) {
                pitchHeldBefore = pitchHeld;
                startPhase(1);
            }
        } else if (phase == 1) {
            power = 0;
            double pull = Math.toRadians(4) + 0.035 * inPhase;
            attitude(dt, 0, Math.min(Math.toRadians(26), pull));
            boolean broke = aircraft.pitchRate() < -0.35 && inPhase > 2;
            boolean dropped = Math.abs(aircraft.roll()) > Math.toRadians(35);
            fullUp = stickPitch > 0.97 ? fullUp + dt : 0;
            boolean mushing = (aircraft.climb() < -2.2 && inPhase > 3) || fullUp > 2.5;
            if (broke || dropped || mushing || inPhase > 20) {
                // lets the stick go forward at once instead of easing it
                pitchHeld = pitchHeldBefore;
                startPhase(2);
            }
        } else {
            power = inPhase < 0.8 ? 0.3 : Math.min(1, 1.3 * cruisePower);
            boolean flying = aircraft.airspeed() > 1.3 * stallSpeed;
            attitude(dt, 0, flying ? cruiseAlpha + 0.05 : Math.toRadians(-8));
            if (flying && inPhase > 3 && Math.abs(aircraft.roll()) < 0.3) {
                startStep(step + 1);
            }
        }
    }

    private void level(double dt, Aircraft aircraft) {
        if (phase == 0 || phase == 2) {
            mode = FlightMode.MANUAL;
            if (inPhase < 6 || aircraft.height() < card.trialHeight() - 10) {
                cruise(dt, aircraft, card.trialHeight());
            } else {
                double side = phase == 0 ? 1 : -1;
                attitude(dt, side * BANK, cruiseAlpha + 0.05);
                power = cruisePower * 1.1;
                if (Math.abs(aircraft.roll() - side * BANK) < 0.06) {
                    startPhase(phase + 1);
                }
            }
        } else {
            mode = FlightMode.LEVEL;
            handsOff();
            power = cruisePower;
            if (inPhase > 8) {
                if (phase == 3) {
                    startStep(step + 1);
                } else {
                    startPhase(2);
                }
            }
        }
    }

    private void holdMode(double dt, Aircraft aircraft) {
        if (phase == 0) {
            mode = FlightMode.MANUAL;
            cruise(dt, aircraft, card.trialHeight());
            if (inPhase > 4 && intoWind(aircraft) && Math.abs(aircraft.roll()) < 0.1) {
                startPhase(1);
            }
        } else {
            mode = FlightMode.HOLD;
            handsOff();
            power = cruiseStick();
            if (inPhase > 40) {
                startStep(step + 1);
            }
        }
    }

    /** Power stick that asks for cruise speed in Hold. */
    private double cruiseStick() {
        return (limits.cruiseSpeed() - limits.leastSpeed()) / Math.max(0.1, limits.topSpeed() - limits.leastSpeed());
    }

    /** Power off, then full, for 3 s each with the sticks where they kept it level. */
    private void chop(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        if (phase % 2 == 1) {
            power = phase == 1 ? 0 : 1;
            if (inPhase > 3 || Math.abs(aircraft.roll()) > 0.7 || Math.abs(aircraft.pitch()) > 0.6) {
                startPhase(phase + 1);
            }
            return;
        }
        cruise(dt, aircraft, card.trialHeight());
        boolean calm = Math.abs(aircraft.roll()) < 0.06 && Math.abs(aircraft.climb()) < 0.4 && inPhase > 8;
        if (phase == 4 && inPhase > 6) {
            startStep(step + 1);
        } else if (phase < 4 && calm) {
            stickRoll = rates.stickFor(rollHeld, rates.roll());
            stickPitch = rates.stickFor(pitchHeld, rates.pitch());
            startPhase(phase + 1);
        }
    }

    /** Full reversals of one stick in Level, with a turn back when it gets far. */
    private void tune(double dt, Aircraft aircraft, boolean rolling) {
        mode = FlightMode.LEVEL;
        double home = wrap(Math.atan2(-aircraft.east(), -aircraft.north()) - aircraft.heading());
        boolean far = Math.hypot(aircraft.north(), aircraft.east()) > 300 && Math.abs(home) > 0.6;
        double nose = pitchFor(aircraft, card.trialHeight());
        power = powerFor(aircraft, limits.cruiseSpeed(), card.trialHeight());
        stickRoll = 0;
        stickPitch = nose / (nose > 0 ? limits.pitchUp() : limits.pitchDown());
        if (far || aircraft.height() < 0.6 * card.trialHeight()) {
            stickRoll = far ? clamp(1.2 * home, -0.75, 0.75) : 0;
            return;
        }
        helper = Helper.AUTOTUNE;
        tuned += dt;
        double full = tuned % (2 * REVERSAL) < REVERSAL ? 1 : -1;
        if (rolling) {
            stickRoll = full;
        } else {
            stickPitch = full;
        }
        if (tuned > 60 * REVERSAL) {
            tuned = 0;
            startStep(step + 1);
        }
    }

    /** Passes along the strip with the nose held on the line, by rudder where there is one. */
    private void autoTrim(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        double strip = field.stripHeading();
        double ahead = aircraft.north() * Math.cos(strip) + aircraft.east() * Math.sin(strip);
        if (outbound && ahead > LEG) {
            outbound = false;
        } else if (!outbound && ahead < -LEG) {
            outbound = true;
        }
        double line = outbound ? strip : wrap(strip + Math.PI);
        double off = wrap(line - aircraft.heading());
        power = powerFor(aircraft, limits.cruiseSpeed(), card.trialHeight());
        double nose = pitchFor(aircraft, card.trialHeight());
        if (Math.abs(off) > 0.35) {
            attitude(dt, bankFor(off), nose);
        } else {
            helper = Helper.AUTO_TRIM;
            double drift = -aircraft.velocityNorth() * Math.sin(line) + aircraft.velocityEast() * Math.cos(line);
            attitude(dt, clamp(-0.05 * drift + 0.3 * off, -0.07, 0.07), nose);
            yawHeld = clamp(yawHeld + 0.5 * off * dt, -0.8, 0.8);
            stickYaw = yawHeld + 1.5 * off - 0.4 * aircraft.yawRate();
        }
        if (inStep > 120) {
            startStep(step + 1);
        }
    }

    private void out(Aircraft aircraft, Autopilot autopilot) {
        mode = FlightMode.HOLD;
        power = cruiseStick();
        handsOff();
        Route.Point far = card.route().orElseThrow().points().get(1);
        double turn = wrap(
                Math.atan2(far.east(), far.north()) - Math.atan2(aircraft.velocityEast(), aircraft.velocityNorth()));
        if (Math.abs(turn) > 0.15) {
            stickRoll = clamp(1.5 * turn, -0.8, 0.8);
        }
        boolean there = Math.hypot(aircraft.north(), aircraft.east()) >= Math.hypot(far.north(), far.east());
        if (there || autopilot.linkLost()) {
            startStep(step + 1);
        }
    }

    private void home(Aircraft aircraft) {
        mode = FlightMode.HOME;
        handsOff();
        boolean near = Math.hypot(aircraft.north(), aircraft.east())
                < 1.3 * setup.modes().home().circleRadius();
        if (phase == 0 && near) {
            startPhase(1);
        }
        if ((phase == 1 && inPhase > 40) || inStep > 240) {
            startStep(step + 1);
        }
    }

    private void mission(Autopilot autopilot) {
        mode = FlightMode.MISSION;
        handsOff();
        if (phase == 0 && autopilot.leg() == card.route().orElseThrow().points().size() - 1) {
            startPhase(1);
        } else if (phase == 1 && autopilot.leg() == 0) {
            startPhase(2);
        } else if (phase == 2 && autopilot.leg() == 1) {
            startStep(step + 1);
        }
    }

    private boolean intoWind(Aircraft aircraft) {
        return Math.abs(wrap(aircraft.heading() - upwind)) < 0.5;
    }

    private void land(double dt, Aircraft aircraft) {
        mode = FlightMode.MANUAL;
        double ahead = aircraft.north() * Math.cos(upwind) + aircraft.east() * Math.sin(upwind);
        double aside = -aircraft.north() * Math.sin(upwind) + aircraft.east() * Math.cos(upwind);
        double approachSpeed = 1.3 * stallSpeed;
        if (phase == 0) {
            // to a point 170 m downwind of home, descending
            double toNorth = -170 * Math.cos(upwind) - aircraft.north();
            double toEast = -170 * Math.sin(upwind) - aircraft.east();
            double turn = wrap(Math.atan2(toEast, toNorth) - aircraft.heading());
            fly(dt, aircraft, turn, 22, 1.15 * approachSpeed);
            if (Math.hypot(toNorth, toEast) < 35 && aircraft.height() < 32) {
                startPhase(1);
            }
        } else if (phase == 1) {
            double turn = wrap(upwind - Math.atan2(aside, 45) - aircraft.heading());
            double target = Math.max(0.5, -ahead * APPROACH_SLOPE);
            fly(dt, aircraft, turn, target, approachSpeed);
            if (aircraft.height() < 2.2) {
                startPhase(2);
            } else if (ahead > 60 && aircraft.height() > 6) {
                startPhase(0);
            }
        } else {
            power = 0;
            double flare = clamp(-0.035 * (aircraft.climb() + 0.5), -0.05, 0.22);
            attitude(dt, clamp(0.6 * wrap(upwind - aircraft.heading()), -0.15, 0.15), cruiseAlpha + flare);
        }
    }

    /** Straight legs into and down the wind at cruise speed and a height. */
    private void cruise(double dt, Aircraft aircraft, double height) {
        power = powerFor(aircraft, limits.cruiseSpeed(), height);
        legs(dt, aircraft, pitchFor(aircraft, height));
    }

    private void legs(double dt, Aircraft aircraft, double wantedPitch) {
        double ahead = aircraft.north() * Math.cos(upwind) + aircraft.east() * Math.sin(upwind);
        if (outbound && ahead > LEG) {
            outbound = false;
        } else if (!outbound && ahead < -LEG) {
            outbound = true;
        }
        double wanted = outbound ? upwind : wrap(upwind + Math.PI);
        attitude(dt, bankFor(wrap(wanted - aircraft.heading())), wantedPitch);
    }

    private static double bankFor(double turn) {
        return clamp(0.9 * turn, -BANK, BANK);
    }

    private void fly(double dt, Aircraft aircraft, double turn, double height, double speed) {
        attitude(dt, bankFor(turn), pitchFor(aircraft, height));
        power = powerFor(aircraft, speed, height);
    }

    private double pitchFor(Aircraft aircraft, double height) {
        double climb = clamp(0.25 * (height - aircraft.height()), -2.2, 2.0);
        return clamp(cruiseAlpha + climb / limits.cruiseSpeed() + 0.04 * (climb - aircraft.climb()), -0.3, 0.3);
    }

    private double powerFor(Aircraft aircraft, double speed, double height) {
        double climb = clamp(0.25 * (height - aircraft.height()), -2.2, 2.0);
        return clamp(
                cruisePower * speed / limits.cruiseSpeed() + 0.06 * (speed - aircraft.airspeed()) + 0.10 * climb, 0, 1);
    }

    /** Holds an attitude by stick; slowly takes over the trim it needs. */
    private void attitude(double dt, double wantedRoll, double wantedPitch) {
        double rollError = wrap(clamp(wantedRoll, -BANK, BANK) - seenRoll);
        double pitchError = wantedPitch - seenPitch;
        rollHeld = clamp(rollHeld + 0.5 / rollPerStick * rollError * dt, -0.4, 0.4);
        pitchHeld = clamp(pitchHeld + 0.7 * pitchStickPerAngle * pitchError * dt, -0.6, 0.6);
        double load = 1 / Math.max(0.5, Math.cos(seenRoll)) - 1;
        double roll = rollHeld + 1.8 / rollPerStick * rollError;
        double pitch =
                pitchHeld + pitchStickPerAngle * (pitchError + 0.35 * load) - 0.12 * pitchStickPerAngle * seenPitchRate;
        stickRoll = rates.stickFor(roll, rates.roll());
        stickPitch = rates.stickFor(pitch, rates.pitch());
    }

    private void handsOff() {
        stickRoll = 0;
        stickPitch = 0;
    }
}
