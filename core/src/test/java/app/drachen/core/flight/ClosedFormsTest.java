package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Output;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Turn;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Flights whose end is known without the model: steps halved, steady turns, glides, crabs, free fall, spin of a body. */
class ClosedFormsTest {
    private static final double G = 9.80665;
    private static final double DENSITY = 1.2;

    /** An aircraft under its autopilot, with the sensors' noise; the model's step can be cut. */
    private static final class Flown {
        final Aircraft aircraft;
        private final Autopilot autopilot;
        private final Sensed sensed;
        private final double[] pulses;
        private final int cut;
        private final double windNorth;

        Flown(Setup setup, double speed, int cut, double windNorth) {
            this.cut = cut;
            this.windNorth = windNorth;
            var trim = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, speed, DENSITY));
            aircraft = new Aircraft(setup);
            autopilot = new Autopilot(setup, trim.power());
            sensed = Sensed.exact(setup.mount());
            pulses = new double[setup.controls().outputs().size()];
            List<Output> outputs = setup.controls().outputs();
            for (int i = 0; i < pulses.length; i++) {
                pulses[i] = outputs.get(i).pulse(outputs.get(i).mix().mix(0, trim.pitchCommand(), 0, trim.power()));
            }
            aircraft.place(0, 0, 100, 0, trim.alpha(), 0, speed + windNorth);
            aircraft.settle(pulses, DENSITY, speed);
            aircraft.accelerations(windNorth, 0, 0, DENSITY);
        }

        void fly(double seconds, FlightMode mode, Sticks sticks) {
            for (int i = 0; i < seconds / 0.005; i++) {
                sensed.read(aircraft, 0.005);
                autopilot.update(0.005, mode, sticks, sensed);
                autopilot.mix(pulses);
                for (int k = 0; k < cut; k++) {
                    aircraft.step(0.005 / cut, pulses, windNorth, 0, 0, DENSITY);
                }
            }
        }
    }

    private static Sticks stick(double roll) {
        return new Sticks(roll, 0, 0, 0.5);
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "0.4, 1"})
    void halvingTheStepHardlyMovesTheEndOfFiveMinutes(double stick, double within) {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        Flown whole = new Flown(setup, speed, 1, 0);
        Flown halved = new Flown(setup, speed, 2, 0);
        for (Flown f : List.of(whole, halved)) {
            if (stick != 0) {
                f.aircraft.smoothServos();
            }
            f.fly(150, FlightMode.HOLD, stick(0));
            // half a minute of turning by hand carries the servos' dead band and play, which are not smooth, into
            // the heading: a tenth of a degree is metres at the end
            f.fly(30, stick == 0 ? FlightMode.HOLD : FlightMode.LEVEL, stick(stick));
            f.fly(120, FlightMode.HOLD, stick(0));
        }
        double apart = Math.hypot(
                whole.aircraft.north() - halved.aircraft.north(), whole.aircraft.east() - halved.aircraft.east());
        double flown = Math.hypot(whole.aircraft.north(), whole.aircraft.east());
        assertTrue(flown > 2_000, "it went somewhere: " + flown);
        assertTrue(apart < within, apart + " m apart after " + flown + " m");
        assertEquals(whole.aircraft.height(), halved.aircraft.height(), 1);
    }

    /** Flies by the autopilot in a steady wind; ends with what course, heading and place have become. */
    private static Aircraft inWind(
            FlightMode mode, double roll, double north, double east, double seconds, double[] way) {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        Flown f = new Flown(setup, speed, 1, 0);
        double time = 0;
        double course = Double.NaN;
        double turned = 0;
        double[] begin = null;
        while (time < seconds) {
            f.sensed.read(f.aircraft, 0.005);
            f.autopilot.update(0.005, mode, stick(roll), f.sensed);
            f.autopilot.mix(f.pulses);
            f.aircraft.step(0.005, f.pulses, north, east, 0, DENSITY);
            time += 0.005;
            double now = f.aircraft.heading();
            turned += Double.isNaN(course) ? 0 : Math.IEEEremainder(now - course, 2 * Math.PI);
            course = now;
            if (begin == null && time > 30) {
                begin = new double[] {f.aircraft.north(), f.aircraft.east(), time};
                turned = 0;
            } else if (begin != null && Math.abs(turned) >= 4 * Math.PI) {
                way[0] = f.aircraft.north() - begin[0];
                way[1] = f.aircraft.east() - begin[1];
                way[2] = time - begin[2];
                return f.aircraft;
            }
        }
        return f.aircraft;
    }

    // wind triangle: the nose points asin(w/V) into the wind
    @ParameterizedTest
    @CsvSource({"3", "-5"})
    void aHeldCourseIsCrabbedByTheWindTriangle(double wind) {
        Aircraft a = inWind(FlightMode.HOLD, 0, 0, wind, 60, new double[3]);
        double course = Math.atan2(a.velocityEast(), a.velocityNorth());
        double level = Math.sqrt(a.airspeed() * a.airspeed() - a.climb() * a.climb());
        double crab = Math.IEEEremainder(course - a.heading(), 2 * Math.PI);
        // the cross part is what stands across the course that is held
        double across = wind * Math.cos(course);
        assertEquals(Math.asin(across / level), crab, Math.toRadians(0.7));
    }

    // after whole turns at a steady bank only the wind has moved it: w·t
    @ParameterizedTest
    @CsvSource({"4, 0", "-2, 5"})
    void aCircleAtASteadyBankDriftsWithTheWind(double north, double east) {
        double[] way = new double[3];
        inWind(FlightMode.LEVEL, 0.7, north, east, 200, way);
        assertTrue(way[2] > 15, "two turns");
        assertEquals(north * way[2], way[0], 3);
        assertEquals(east * way[2], way[1], 3);
    }

    @ParameterizedTest
    @CsvSource({"0.4", "0.7", "-0.6"})
    void aSteadyTurnHasTheRadiusOfItsBankAndSpeed(double roll) {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        Flown f = new Flown(setup, speed, 1, 0);
        f.fly(20, FlightMode.LEVEL, stick(roll));
        double bank = 0;
        double fast = 0;
        double turned = 0;
        double course = Math.atan2(f.aircraft.velocityEast(), f.aircraft.velocityNorth());
        int n = 400;
        for (int i = 0; i < n; i++) {
            f.fly(0.05, FlightMode.LEVEL, stick(roll));
            double now = Math.atan2(f.aircraft.velocityEast(), f.aircraft.velocityNorth());
            turned += Math.IEEEremainder(now - course, 2 * Math.PI);
            course = now;
            bank += f.aircraft.roll() / n;
            fast += Math.hypot(f.aircraft.velocityNorth(), f.aircraft.velocityEast()) / n;
        }
        double radius = fast * n * 0.05 / Math.abs(turned);
        assertEquals(Math.signum(roll), Math.signum(bank));
        assertEquals(new Turn(fast, Math.abs(bank)).radius(), radius, 0.06 * radius, "R = V²/(g·tan φ)");
    }

    @ParameterizedTest
    @ValueSource(doubles = {4, -4, 8})
    void alongTheWindGroundSpeedIsAirspeedAndWind(double wind) {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        Flown f = new Flown(setup, speed, 1, wind);
        f.fly(20, FlightMode.HOLD, stick(0));
        double north = f.aircraft.north();
        double air = 0;
        for (int i = 0; i < 200; i++) {
            f.fly(0.1, FlightMode.HOLD, stick(0));
            air += f.aircraft.airspeed() / 200;
        }
        assertEquals(air + wind, (f.aircraft.north() - north) / 20, 0.15);
    }

    @Test
    void aGlideComesDownAsItsDragOverItsLiftSays() {
        // tan γ = D/L in a steady glide: force and path must agree, whatever the drag is
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        Aircraft a = new Aircraft(setup);
        double[] pulses =
                setup.controls().outputs().stream().mapToDouble(o -> o.pulse(0)).toArray();
        a.place(0, 0, 1_000, 0, 0, 0, speed);
        a.settle(pulses, DENSITY, speed);
        Sensed sensed = Sensed.exact(setup.mount());
        Autopilot autopilot = new Autopilot(setup, 0);
        double height = 0;
        double way = 0;
        for (int i = 0; i < 12_000; i++) {
            if (i == 6_000) {
                height = a.height();
                way = a.north();
            }
            sensed.read(a, 0.005);
            autopilot.update(0.005, FlightMode.LEVEL, new Sticks(0, -0.05, 0, 0), sensed);
            autopilot.mix(pulses);
            a.step(0.005, pulses, 0, 0, 0, DENSITY);
        }
        double slope = (height - a.height()) / Math.hypot(a.north() - way, a.east());
        StripModel air = new StripModel(setup);
        double alpha = a.pitch() - Math.atan2(a.climb(), Math.hypot(a.velocityNorth(), a.velocityEast()));
        double v = a.airspeed();
        double[] deflections = new double[setup.controls().outputs().size()];
        for (int i = 0; i < deflections.length; i++) {
            deflections[i] = a.deflection(i);
        }
        air.compute(v * Math.cos(alpha), 0, v * Math.sin(alpha), 0, 0, 0, DENSITY, deflections);
        double drag = -air.forceX() * Math.cos(alpha) - air.forceZ() * Math.sin(alpha);
        double lift = -air.forceZ() * Math.cos(alpha) + air.forceX() * Math.sin(alpha);
        // the propeller stands
        drag += 0.5
                * DENSITY
                * v
                * v
                * setup.propulsion().drives().get(0).propeller().standingDragArea();
        assertEquals(drag / lift, slope, 0.2 * slope, "glides 1 in " + 1 / slope);
        assertTrue(slope > 0.03 && slope < 0.25, "1 in " + 1 / slope);
    }

    @Test
    void aSymmetricTopPrecessesAsEulerSays() {
        // I₁ = I₂ = 1, I₃ = 2: in body axes the rates turn about z with (I₃ − I₁)/I₁·ω₃ (Goldstein, Classical
        // Mechanics)
        BodyMotion body =
                new BodyMotion(new MassProperties(1, new app.drachen.core.airframe.Position(0, 0, 0), 1, 1, 2, 0));
        body.move(0, 0, 0, 0.5, 0, 3);
        double[] nothing = new double[6];
        for (int i = 0; i < 2_000; i++) {
            body.advance(0.005, nothing, nothing);
        }
        double angle = 3 * 10;
        assertEquals(0.5 * Math.cos(angle), body.state[10], 1e-6);
        assertEquals(0.5 * Math.sin(angle), body.state[11], 1e-6);
        assertEquals(3, body.state[12], 1e-9);
        assertEquals(-0.5 * G * 100, -body.state[2], 1e-6, "and falls as a stone does");
    }

    @Test
    void aConstantForceThatGrowsAlongALineIsIntegratedExactly() {
        BodyMotion body =
                new BodyMotion(new MassProperties(2, new app.drachen.core.airframe.Position(0, 0, 0), 1, 1, 1, 0));
        double[] load = {0, 0, -2 * G, 0, 0, 0};
        double[] slope = {0.4, 0, 0, 0, 0, 0};
        for (int i = 0; i < 100; i++) {
            load[0] = 0.4 * i;
            body.advance(0.1, load, slope);
        }
        // F = 4t, m = 2: v = t², x = t³/3
        assertEquals(100, body.state[3], 1e-9);
        assertEquals(1_000.0 / 3, body.state[0], 1e-8);
        assertEquals(0, body.state[2], 1e-9);
    }

    @Test
    void theSlipstreamHelpsATailAndNotAPushersTail() {
        for (Setup setup : List.of(DemoAircraft.seeschwalbe(), DemoAircraft.rochen())) {
            StripModel air = new StripModel(setup);
            double[] up = new double[setup.controls().outputs().size()];
            for (int i = 0; i < up.length; i++) {
                Output o = setup.controls().outputs().get(i);
                up[i] = o.deflection(o.pulse(o.mix().mix(0, 0.5, 0, 0)));
            }
            double[] moments = new double[2];
            for (int k = 0; k < 2; k++) {
                air.propeller(0, 20 * k, DENSITY);
                air.compute(10, 0, 0.5, 0, 0, 0, DENSITY, up);
                moments[k] = air.momentY();
            }
            if (setup.name().equals("Seeschwalbe")) {
                // momentum theory: v² + 2T/(ρA) is the dynamic pressure behind the disc
                assertTrue(moments[1] > 1.05 * moments[0], "the blown elevator does more: " + moments[1]);
            } else {
                assertEquals(moments[0], moments[1], 1e-12, "nothing stands behind a pusher");
            }
        }
    }
}
