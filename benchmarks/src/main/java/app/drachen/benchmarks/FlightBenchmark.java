package app.drachen.benchmarks;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A step of the aircraft, a step with sensors and autopilot, and a whole rehearsal, beside plain arithmetic of the same
 * run. Figures are to be compared as ratios to {@link #arithmetic}, since machines differ and are noisy.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class FlightBenchmark {
    private static final double STEP = Rehearsal.STEP;

    private Aircraft aircraft;
    private Autopilot autopilot;
    private Sensed sensed;
    private double[] pulses;
    private Sticks sticks;
    private double x = 1.1;
    private long seed;
    private Rehearsal rehearsal;

    /** Puts an aircraft into the air. */
    @org.openjdk.jmh.annotations.Setup(Level.Trial)
    public void prepare() {
        Setup setup = DemoAircraft.seeschwalbe();
        aircraft = new Aircraft(setup);
        autopilot = new Autopilot(setup, 0.5);
        sensed = new Sensed(setup.mount(), new NoiseSource(1));
        sticks = new Sticks(0, 0, 0, 0.4);
        pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, 0, 0, 0.5)))
                .toArray();
        aircraft.place(0, 0, 200, 0, 0.03, 0, 14);
        aircraft.settle(pulses, 1.2, 14);
        aircraft.accelerations(0, 0, 0, 1.2);
    }

    /** The yardstick: 1 000 multiplications and additions that wait for one another, and 100 square roots. */
    @Benchmark
    public double arithmetic() {
        double y = x;
        for (int i = 0; i < 100; i++) {
            for (int k = 0; k < 10; k++) {
                y = y * 0.999_999 + 1e-6;
            }
            y = Math.sqrt(y);
        }
        x = y;
        return y;
    }

    /** One step of the body, servos, motor and air. */
    @Benchmark
    public double aircraftStep() {
        aircraft.step(STEP, pulses, 0, 0, 0, 1.2);
        if (aircraft.height() < 20) {
            prepare();
        }
        return aircraft.height();
    }

    /** One step with sensors, filters, autopilot and mixing. */
    @Benchmark
    public double wholeStep() {
        sensed.read(aircraft, STEP);
        autopilot.update(STEP, FlightMode.CIRCLE, sticks, sensed);
        autopilot.mix(pulses);
        aircraft.step(STEP, pulses, 0, 0, 0, 1.2);
        return aircraft.height();
    }

    /** A second of a rehearsal in gusts, its log written; the flight is about 200 s long. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MICROSECONDS)
    public double rehearsedSecond() {
        if (rehearsal == null || rehearsal.outcome().isPresent()) {
            Setup setup = DemoAircraft.seeschwalbe();
            rehearsal = new Rehearsal(new RehearsalPlan(
                    setup,
                    CardPlans.all().get(0).forAircraft(setup, DemoField.evening()),
                    DemoField.evening(),
                    seed++));
        }
        rehearsal.advance(1);
        return rehearsal.time();
    }
}
