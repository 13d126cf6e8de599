package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Rates;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Limits;
import app.drachen.core.setup.Setup;

/**
 * The pilot's eyes and hands: sees attitude with a lag, holds it by stick, flies legs, heights and speeds. He knows how
 * strongly the aircraft should answer, but not that a servo is turned or where the trim lies.
 *
 * <p>Source: {@link Skill}.
 *
 * <p>Mutable, for one thread.
 */
final class Hands {
    final Setup setup;
    final Field field;
    final Skill skill;
    final Limits limits;
    final Rates rates;
    final double stallSpeed;
    final double cruisePower;
    final double cruiseAlpha;
    final double upwind;
    private final double rollPerStick;
    private final double pitchStickPerAngle;

    FlightMode mode;
    Helper helper = Helper.NONE;
    double stickRoll;
    double stickPitch;
    double stickYaw;
    double power;

    /** Height at which an alarm has told him to stop [m]; infinite until one has. */
    double ceiling = Double.POSITIVE_INFINITY;

    /** Whether he climbs until an alarm stops him. */
    boolean climbsOn;

    double pitchHeld;
    double rollHeld;
    private double seenRoll;
    private double seenPitch;
    private double seenPitchRate;
    private boolean outbound = true;

    Hands(Setup setup, Field field, Skill skill, double cruisePower, double cruiseAlpha) {
        this.setup = setup;
        this.field = field;
        this.skill = skill;
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

    /** Looks at the aircraft, and lets go of rudder and helpers. */
    void look(double dt, Aircraft aircraft) {
        double share = dt / (skill.lag() + dt);
        seenRoll += share * wrap(aircraft.roll() - seenRoll);
        seenPitch += share * (aircraft.pitch() - seenPitch);
        seenPitchRate += share * (aircraft.pitchRate() - seenPitchRate);
        helper = Helper.NONE;
        stickYaw = 0;
    }

    Sticks sticks() {
        return new Sticks(
                clamp(stickRoll, -1, 1), clamp(stickPitch, -1, 1), clamp(stickYaw, -1, 1), clamp(power, 0, 1));
    }

    /** Power stick that asks for cruise speed in Hold. */
    double cruiseStick() {
        return (limits.cruiseSpeed() - limits.leastSpeed()) / Math.max(0.1, limits.topSpeed() - limits.leastSpeed());
    }

    boolean intoWind(Aircraft aircraft) {
        return Math.abs(wrap(aircraft.heading() - upwind)) < 0.5;
    }

    /** Whether the leg along a direction leads away from home; turns round at the ends of the legs. */
    boolean outbound(Aircraft aircraft, double direction) {
        double ahead = aircraft.north() * Math.cos(direction) + aircraft.east() * Math.sin(direction);
        if (outbound && ahead > skill.leg()) {
            outbound = false;
        } else if (!outbound && ahead < -skill.leg()) {
            outbound = true;
        }
        return outbound;
    }

    /** Straight legs into and down the wind at cruise speed and a height. */
    void cruise(double dt, Aircraft aircraft, double height) {
        power = powerFor(aircraft, limits.cruiseSpeed(), height);
        legs(dt, aircraft, pitchFor(aircraft, height));
    }

    /** Straight legs into and down the wind with the nose at an angle. */
    void legs(double dt, Aircraft aircraft, double wantedPitch) {
        double wanted = outbound(aircraft, upwind) ? upwind : wrap(upwind + Math.PI);
        attitude(dt, bankFor(wrap(wanted - aircraft.heading())), wantedPitch);
    }

    double bankFor(double turn) {
        return clamp(0.9 * turn, -skill.bank(), skill.bank());
    }

    void fly(double dt, Aircraft aircraft, double turn, double height, double speed) {
        attitude(dt, bankFor(turn), pitchFor(aircraft, height));
        power = powerFor(aircraft, speed, height);
    }

    double pitchFor(Aircraft aircraft, double height) {
        double climb = clamp(0.25 * (Math.min(height, ceiling) - aircraft.height()), -2.2, 2.0);
        return clamp(cruiseAlpha + climb / limits.cruiseSpeed() + 0.04 * (climb - aircraft.climb()), -0.3, 0.3);
    }

    double powerFor(Aircraft aircraft, double speed, double height) {
        double climb = clamp(0.25 * (Math.min(height, ceiling) - aircraft.height()), -2.2, 2.0);
        return clamp(
                cruisePower * speed / limits.cruiseSpeed() + 0.06 * (speed - aircraft.airspeed()) + 0.10 * climb, 0, 1);
    }

    /** Holds an attitude by stick; slowly takes over the trim it needs. */
    void attitude(double dt, double wantedRoll, double wantedPitch) {
        double rollError = wrap(clamp(wantedRoll, -skill.bank(), skill.bank()) - seenRoll);
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

    void handsOff() {
        stickRoll = 0;
        stickPitch = 0;
    }
}
