package app.drachen.core.rehearsal;

import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import java.util.Optional;

/**
 * A loss in the model, in calm air with nobody at the sticks: what the board then flies for a minute. The link is lost out of Level,
 * the position out of Circle, the others out of Hold, for in Level and below the pilot flies on; at the way home out of Home.
 *
 * <p>Source: the flight model and the stand-in autopilot.
 *
 * @param sentence what happened
 * @param whole whether it did not reach the ground, or came down as it was to
 * @param lowest lowest height above home [m]
 * @param away distance from home at the end [m]
 */
public record LossFlight(String sentence, boolean whole, double lowest, double away) {
    private static final double STEP = 0.0025;
    private static final double SECONDS = 60;

    /** Sink and bank with which nothing that comes down was meant to [m/s], [rad]; own choices. */
    private static final double HARD = 4;

    private static final double TIPPED = Math.toRadians(40);

    public LossFlight {
        Ranges.requireText("what happened", sentence);
    }

    /** Whether a loss can be flown in a phase. */
    public static boolean canFly(Loss loss, Loss.Phase phase) {
        return !phase.onGround() && (loss != Loss.POSITION || phase != Loss.Phase.LAUNCH);
    }

    /** Flies a loss; empty where the model cannot. */
    public static Optional<LossFlight> of(Setup setup, Loss loss, Loss.Phase phase) {
        boolean flies =
                !setup.controls().surfaces().isEmpty() && setup.motorPosition().isPresent();
        return canFly(loss, phase) && flies ? Optional.of(new Flown(setup, loss, phase).fly()) : Optional.empty();
    }

    /** The flight under way. */
    private static final class Flown {
        private final Setup setup;
        private final Loss loss;
        private final Loss.Phase phase;
        private final Aircraft aircraft;
        private final Autopilot autopilot;
        private final Sensed sensed;
        private final double[] pulses;
        private final double cruisePower;
        private double lowest;

        Flown(Setup setup, Loss loss, Loss.Phase phase) {
            this.setup = setup;
            this.loss = loss;
            this.phase = phase;
            double cruise = setup.modes().limits().cruiseSpeed();
            Trim.Result level = Trim.level(setup, cruise, Atmosphere.SEA_LEVEL_DENSITY);
            cruisePower = level instanceof Trim.Result.Trimmed t ? t.power() : 0.5;
            aircraft = new Aircraft(setup, new StripModel(setup), setup.massProperties());
            autopilot = new Autopilot(setup, cruisePower);
            sensed = new Sensed(setup.mount(), new NoiseSource(3));
            pulses = new double[setup.controls().outputs().size()];
            double height =
                    switch (phase) {
                        case LAUNCH -> 6;
                        case CLIMB -> 24;
                        case LANDING -> 10;
                        default -> 80;
                    };
            boolean far = phase == Loss.Phase.AWAY || phase == Loss.Phase.HOME;
            aircraft.place(far ? 500 : 60, 0, height, 0, Math.toRadians(phase == Loss.Phase.CLIMB ? 8 : 3), 0, cruise);
            autopilot.mix(pulses);
            aircraft.settle(pulses, Atmosphere.SEA_LEVEL_DENSITY, cruise);
        }

        private FlightMode mode() {
            if (phase == Loss.Phase.HOME) {
                return FlightMode.HOME;
            }
            return switch (loss) {
                case LINK -> FlightMode.LEVEL;
                case POSITION -> FlightMode.CIRCLE;
                default -> FlightMode.HOLD;
            };
        }

        LossFlight fly() {
            double power = phase == Loss.Phase.LANDING ? 0.15 : phase == Loss.Phase.AWAY ? cruisePower : 0.85;
            Sticks held = new Sticks(0, phase == Loss.Phase.CLIMB ? 0.4 : 0.1, 0, power);
            // a launch is young; every other phase has a flight behind it, but a landing is short of ground
            double before =
                    phase == Loss.Phase.LAUNCH ? 2 : phase == Loss.Phase.CLIMB || phase == Loss.Phase.LANDING ? 1 : 11;
            if (phase == Loss.Phase.CLIMB || phase == Loss.Phase.LANDING) {
                age();
            }
            run(before, held);
            lowest = aircraft.height();
            lose();
            double flown = run(SECONDS, held);
            return told(flown);
        }

        private void lose() {
            switch (loss) {
                case LINK -> autopilot.link(false);
                case POSITION -> sensed.fixLost(true);
                case COMPASS, AIRSPEED, HEIGHT -> sensed.silence(loss);
                case LOW_PACK -> autopilot.power(true, false);
                case POWER -> {
                    aircraft.stopMotor();
                    autopilot.power(false, true);
                }
            }
        }

        /** Lets the board believe that it has been in the air for a while. */
        private void age() {
            Aircraft high = new Aircraft(setup, new StripModel(setup), setup.massProperties());
            high.place(
                    60, 0, 80, 0, Math.toRadians(3), 0, setup.modes().limits().cruiseSpeed());
            Sensed there = Sensed.exact(setup.mount());
            high.accelerations(0, 0, 0, Atmosphere.SEA_LEVEL_DENSITY);
            there.read(high, 0.01);
            for (int i = 0; i < 1_100; i++) {
                autopilot.update(0.01, FlightMode.MANUAL, Sticks.CENTRED, there);
            }
        }

        private double run(double seconds, Sticks held) {
            long ticks = Math.round(seconds / STEP);
            for (long i = 0; i < ticks; i++) {
                if (i % 4 == 0) {
                    sensed.read(aircraft, 4 * STEP);
                    autopilot.update(4 * STEP, mode(), held, sensed);
                    autopilot.mix(pulses);
                }
                aircraft.step(STEP, pulses, 0, 0, 0, Atmosphere.SEA_LEVEL_DENSITY);
                lowest = Math.min(lowest, aircraft.height());
                if (aircraft.height() <= 0) {
                    return i * STEP;
                }
            }
            return seconds;
        }

        private LossFlight told(double flown) {
            double away = Math.hypot(aircraft.north(), aircraft.east());
            Loss.Action action = setup.modes().losses().action(loss, phase);
            boolean down = aircraft.height() <= 0;
            boolean soft = Math.abs(aircraft.climb()) < HARD && Math.abs(aircraft.roll()) < TIPPED;
            boolean meant = soft
                    && (action == Loss.Action.LAND
                            || action == Loss.Action.GLIDE
                            || action == Loss.Action.POWER_OFF
                            || loss == Loss.POWER);
            String sinks = Quantity.CLIMB.text(Math.abs(aircraft.climb()));
            String sentence = down
                    ? "It is down after " + Quantity.TIME.text(flown) + ", " + Quantity.DISTANCE.text(away)
                            + " from home, sinking at " + sinks + "."
                    : "After a minute it flies at " + Quantity.HEIGHT.text(aircraft.height()) + ", "
                            + Quantity.DISTANCE.text(away) + " from home, in "
                            + autopilot.mode().label()
                            + "; lowest " + Quantity.HEIGHT.text(lowest) + ".";
            return new LossFlight(sentence, !down || meant, lowest, away);
        }
    }
}
