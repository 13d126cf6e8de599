package app.drachen.core.autopilot;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.Planform;
import app.drachen.core.controls.Axis;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;

/**
 * First gains from size and speed of the aircraft (TUNE-A5): K from the roll rate at full throw, T
 * = 4I_x/(ρ·V·S·b²·|C_lp|), then half of the gain of S. Skogestad, "Simple analytic rules for model
 * reduction and PID controller tuning", 2003: K_c = T/(K(τ_c + θ)), with τ_c = 2θ and a delay θ of
 * at least 0.06 s.
 *
 * <p>Source: R. C. Nelson 1998 for the roll mode; pitch from the strip model's own answer to a
 * small command. Own estimate, ±40 %.
 */
public final class StartGains {
  private static final double DELAY = 0.06;

  private StartGains() {}

  /** Gains for an aircraft at its cruise speed. */
  public static Gains of(Setup setup) {
    double speed = setup.modes().limits().cruiseSpeed();
    double density = Atmosphere.SEA_LEVEL_DENSITY;
    Planform planform = setup.planform();
    double k = Math.max(0.5, fullCommandRollRate(setup, speed));
    double t =
        4
            * setup.massProperties().rollInertia()
            / (density
                * speed
                * planform.area()
                * planform.span()
                * planform.span()
                * -ControlPower.rollDamping(planform));
    double roll = 0.5 * t / (k * 3 * DELAY);
    double rollIntegral = 0.8 / k;
    double pitchAcceleration = pitchAcceleration(setup, speed, density);
    // pitch: rate answers like an integrator with K' = q̇ per command over the short time
    double pitch = clampGain(0.5 / (pitchAcceleration * 3 * DELAY));
    return new Gains(
        new Gains.AxisGains(3.0, clampGain(roll), rollIntegral, 0.8 / k),
        new Gains.AxisGains(3.0, pitch, 3 * pitch, 0.6 * pitch),
        0.1,
        0.35,
        0.03,
        0.06,
        Math.max(8, 0.9 * speed));
  }

  private static double clampGain(double gain) {
    return Math.max(0.01, Math.min(2, gain));
  }

  private static double fullCommandRollRate(Setup setup, double speed) {
    double atRate = ControlPower.rollRate(setup, speed).value();
    return atRate / setup.controls().rates().roll();
  }

  /**
   * Pitch acceleration per unit of pitch command.
   *
   * @return [rad/s²], above 0
   */
  static double pitchAcceleration(Setup setup, double speed, double density) {
    double alpha =
        Trim.level(setup, speed, density) instanceof Trim.Result.Trimmed trimmed
            ? trimmed.alpha()
            : 0.05;
    double[] answer = new double[2];
    for (int i = 0; i < 2; i++) {
      double command = i == 0 ? -0.2 : 0.2;
      Aircraft aircraft = new Aircraft(setup);
      double[] pulses =
          setup.controls().outputs().stream()
              .mapToDouble(o -> o.pulse(o.mix().mix(0, command, 0, 0)))
              .toArray();
      aircraft.place(0, 0, 100, 0, alpha, 0, speed);
      aircraft.move(speed * Math.cos(alpha), 0, speed * Math.sin(alpha), 0, 0, 0);
      aircraft.settle(pulses, density, speed);
      answer[i] = aircraft.accelerations(0, 0, 0, density)[4];
    }
    return Math.max(
        1,
        Math.abs(
            ControlPower.fullDeflection(setup, Axis.PITCH) > 0
                ? (answer[1] - answer[0]) / 0.4
                : 1));
  }
}
