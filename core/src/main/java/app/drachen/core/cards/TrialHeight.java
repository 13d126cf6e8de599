package app.drachen.core.cards;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * Least height for a first trial (MAIDEN-A4): V²/(g(n − 1))·(1 − cos γ) + V·sin γ·t_r + 20 m, with
 * n ≤ 0.8(V/Vs)².
 *
 * <p>Source: pull-up after J. D. Anderson, Introduction to Flight, 2016; dive of 50°, 1.5 s to
 * react and 20 m in hand are defaults of judgement.
 */
public final class TrialHeight {
    private static final double DIVE = Math.toRadians(50);
    private static final double REACTION = 1.5;
    private static final double IN_HAND = 20;

    private TrialHeight() {}

    /** Trial height of an aircraft. */
    public static Working of(Stall stall) {
        double speed = 1.8 * stall.speed();
        double load = Math.min(3, 0.8 * Math.pow(speed / stall.speed(), 2));
        double height = speed * speed / (GRAVITY * (load - 1)) * (1 - Math.cos(DIVE))
                + speed * Math.sin(DIVE) * REACTION
                + IN_HAND;
        return Working.of(
                "MAIDEN-A4",
                "Trial height",
                Math.ceil(height / 5) * 5,
                Quantity.HEIGHT,
                "V²/(g(n − 1))·(1 − cos γ) + V·sin γ·t_r + 20 m, rounded up to 5 m",
                Source.ANDERSON,
                Working.in("dive speed V = 1.8·Vs", speed, Quantity.SPEED),
                Working.in("load factor n ≤ 0.8(V/Vs)²", load, Quantity.LOAD_FACTOR),
                Working.in("dive angle γ", DIVE, Quantity.ANGLE),
                Working.in("reaction t_r", REACTION, Quantity.TIME),
                Working.in("in hand", IN_HAND, Quantity.HEIGHT));
    }
}
