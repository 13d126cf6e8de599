package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.AirForces;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Position;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.NaturalMotion.Kind;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The small unmanned aircraft of R. W. Beard, T. W. McLain, Small Unmanned Aircraft, 2012, appendix E (13.5 kg, 2.9 m of
 * span; coefficients from memory), fed as non-dimensional coefficients through the equations of motion.
 */
class TextbookAircraftTest {
    private static final double G = 9.80665;
    private static final double DENSITY = 1.2682;
    private static final double S = 0.55;
    private static final double B = 2.8956;
    private static final double C = 0.18994;
    private static final MassProperties MASS =
            new MassProperties(13.5, new Position(1, 0, 0), 0.8244, 1.135, 1.759, 0.1204);

    private static final double CL0 = 0.28;
    private static final double CLA = 3.45;
    private static final double CLE = -0.36;
    private static final double CM0 = -0.02338;
    private static final double CMA = -0.38;
    private static final double CMQ = -3.6;
    private static final double CME = -0.5;
    private static final double CDP = 0.0437;
    private static final double EFFICIENCY = 0.9;
    private static final double CYB = -0.98;
    private static final double CLB = -0.12;
    private static final double CLP = -0.26;
    private static final double CLR = 0.14;
    private static final double CNB = 0.25;
    private static final double CNP = 0.022;
    private static final double CNR = -0.35;

    /** Its forces with one elevator angle and one thrust held. */
    private static final class Coefficients implements AirForces {
        private final double elevator;
        private final double thrust;
        private final double[] f = new double[6];

        Coefficients(double elevator, double thrust) {
            this.elevator = elevator;
            this.thrust = thrust;
        }

        @Override
        public void compute(
                double u, double v, double w, double p, double q, double r, double density, double[] deflections) {
            double speed = Math.sqrt(u * u + v * v + w * w);
            double alpha = Math.atan2(w, u);
            double beta = Math.asin(v / speed);
            double pressure = density / 2 * speed * speed * S;
            double lift = pressure * (CL0 + CLA * alpha + CLE * elevator);
            double plain = CL0 + CLA * alpha;
            double drag = pressure * (CDP + plain * plain / (Math.PI * EFFICIENCY * B * B / S));
            f[0] = -drag * Math.cos(alpha) + lift * Math.sin(alpha) + thrust;
            f[1] = pressure * CYB * beta;
            f[2] = -drag * Math.sin(alpha) - lift * Math.cos(alpha);
            double perSpan = B / (2 * speed);
            f[3] = pressure * B * (CLB * beta + CLP * perSpan * p + CLR * perSpan * r);
            f[4] = pressure * C * (CM0 + CMA * alpha + CMQ * C / (2 * speed) * q + CME * elevator);
            f[5] = pressure * B * (CNB * beta + CNP * perSpan * p + CNR * perSpan * r);
        }

        @Override
        public double forceX() {
            return f[0];
        }

        @Override
        public double forceY() {
            return f[1];
        }

        @Override
        public double forceZ() {
            return f[2];
        }

        @Override
        public double momentX() {
            return f[3];
        }

        @Override
        public double momentY() {
            return f[4];
        }

        @Override
        public double momentZ() {
            return f[5];
        }
    }

    /** Level trim by the textbook's own algebra: moments give the elevator, lift gives α, drag the thrust. */
    private static double[] trim(double speed) {
        double pressure = DENSITY / 2 * speed * speed * S;
        double alpha = 0;
        double elevator = 0;
        double thrust = 0;
        for (int i = 0; i < 50; i++) {
            elevator = -(CM0 + CMA * alpha) / CME;
            double lift = 13.5 * G - thrust * Math.sin(alpha);
            alpha = (lift / pressure - CL0 - CLE * elevator) / CLA;
            double plain = CL0 + CLA * alpha;
            double drag = pressure * (CDP + plain * plain / (Math.PI * EFFICIENCY * B * B / S));
            thrust = drag / Math.cos(alpha);
        }
        return new double[] {alpha, elevator, thrust};
    }

    private static Aircraft aircraft(double[] trim, double speed) {
        Setup any = DemoAircraft.seeschwalbe();
        Setup glider = any.withPropulsion(any.propulsion().withDrives(List.of()));
        Aircraft a =
                new Aircraft(glider.withParts(List.of(any.parts().get(0))), new Coefficients(trim[1], trim[2]), MASS);
        a.place(0, 0, 500, 0, trim[0], 0, speed);
        a.move(speed * Math.cos(trim[0]), 0, speed * Math.sin(trim[0]), 0, 0, 0);
        return a;
    }

    @ParameterizedTest
    @ValueSource(doubles = {27, 35, 45})
    void itFliesLevelAtTheTrimOfItsAlgebra(double speed) {
        double[] trim = trim(speed);
        double lift = CL0 + CLA * trim[0] + CLE * trim[1];
        assertEquals(13.5 * G, DENSITY / 2 * speed * speed * S * lift, 1, "weight is carried");
        Aircraft a = aircraft(trim, speed);
        for (double acceleration : a.accelerations(0, 0, 0, DENSITY)) {
            assertEquals(0, acceleration, 1e-6);
        }
        double[] none =
                new double[DemoAircraft.seeschwalbe().controls().outputs().size()];
        for (int i = 0; i < 4_000; i++) {
            a.step(0.005, none, 0, 0, 0, DENSITY);
        }
        assertEquals(500, a.height(), 0.01);
        assertEquals(speed * 20, a.north(), 0.02);
        assertEquals(speed, a.airspeed(), 1e-3);
    }

    @ParameterizedTest
    @ValueSource(doubles = {27, 35, 45})
    void itsModesAreThoseOfTheTextbooksFormulas(double speed) {
        double[] trim = trim(speed);
        Map<Kind, NaturalMotion> modes =
                NaturalMotion.of(Linearised.about(aircraft(trim, speed), speed, trim[0], DENSITY)).stream()
                        .collect(Collectors.toMap(NaturalMotion::kind, m -> m));
        double pressure = DENSITY / 2 * speed * speed * S;
        // roll: a_φ1 = −¼ρ·V·S·b²·(Γ₃·C_lp + Γ₄·C_np), section 5.4.1
        double gamma = 0.8244 * 1.759 - 0.1204 * 0.1204;
        double cpp = 1.759 / gamma * CLP + 0.1204 / gamma * CNP;
        double rolling = pressure * B * cpp * B / (2 * speed);
        assertEquals(rolling, modes.get(Kind.ROLL).root().real(), 0.1 * Math.abs(rolling));
        // short period: ω² = Z_α·M_q/V − M_α, 2ζω = −(M_q + Z_α/V), R. C. Nelson 1998, short-period approximation
        // without lag of downwash
        double lifting = pressure * (CLA + CDP) / 13.5;
        double mq = pressure * C * CMQ * C / (2 * speed) / 1.135;
        double ma = pressure * C * CMA / 1.135;
        double omega = Math.sqrt(-lifting / speed * mq - ma);
        double damping = -(mq - lifting / speed);
        var quick = modes.get(Kind.SHORT_PERIOD).root();
        assertEquals(omega, quick.size(), 0.05 * omega);
        assertEquals(damping / 2, -quick.real(), 0.05 * damping / 2);
        // phugoid after Lanchester: ω = √2·g/V, within a quarter as the books say
        assertEquals(Math.sqrt(2) * G / speed, modes.get(Kind.PHUGOID).root().size(), 0.25 * Math.sqrt(2) * G / speed);
        // Dutch roll: ω² = N_β + (Y_β·N_r)/V
        double nb = pressure * B * (0.8244 / gamma * CNB + 0.1204 / gamma * CLB);
        double nr = pressure * B * (0.8244 / gamma * CNR + 0.1204 / gamma * CLR) * B / (2 * speed);
        double yb = pressure * CYB / 13.5;
        double dutch = Math.sqrt(nb + yb * nr / speed);
        assertEquals(dutch, modes.get(Kind.DUTCH_ROLL).root().size(), 0.1 * dutch);
        assertTrue(modes.get(Kind.DUTCH_ROLL).root().real() < 0);
    }

    /**
     * A push of the nose and what follows for 10 s, against the textbook's own equations of the longitudinal motion (section 5.3: u, w, q,
     * θ), written out here and integrated by themselves with a plain Runge-Kutta.
     */
    @ParameterizedTest
    @ValueSource(doubles = {27, 35, 45})
    void aPushFollowsTheEquationsOfTheTextbook(double speed) {
        double[] trim = trim(speed);
        Aircraft a = aircraft(trim, speed);
        double[] x = {speed * Math.cos(trim[0]), speed * Math.sin(trim[0]), 0.3, trim[0]};
        a.move(x[0], 0, x[1], 0, x[2], 0);
        double[] none =
                new double[DemoAircraft.seeschwalbe().controls().outputs().size()];
        double step = 0.005;
        for (int i = 0; i < 2_000; i++) {
            a.step(step, none, 0, 0, 0, DENSITY);
            double[] k1 = rates(x, trim);
            double[] k2 = rates(plus(x, k1, step / 2), trim);
            double[] k3 = rates(plus(x, k2, step / 2), trim);
            double[] k4 = rates(plus(x, k3, step), trim);
            for (int k = 0; k < 4; k++) {
                x[k] += step / 6 * (k1[k] + 2 * k2[k] + 2 * k3[k] + k4[k]);
            }
            assertEquals(x[3], a.pitch(), 0.002, "pitch after " + i * step + " s");
            assertEquals(Math.hypot(x[0], x[1]), a.airspeed(), 0.03, "airspeed after " + i * step + " s");
        }
    }

    private static double[] plus(double[] x, double[] rate, double step) {
        double[] y = new double[4];
        for (int k = 0; k < 4; k++) {
            y[k] = x[k] + step * rate[k];
        }
        return y;
    }

    private static double[] rates(double[] x, double[] trim) {
        double v = Math.hypot(x[0], x[1]);
        double alpha = Math.atan2(x[1], x[0]);
        double pressure = DENSITY / 2 * v * v * S;
        double plain = CL0 + CLA * alpha;
        double lift = pressure * (plain + CLE * trim[1]);
        double drag = pressure * (CDP + plain * plain / (Math.PI * EFFICIENCY * B * B / S));
        double fx = -drag * Math.cos(alpha) + lift * Math.sin(alpha) + trim[2];
        double fz = -drag * Math.sin(alpha) - lift * Math.cos(alpha);
        double moment = pressure * C * (CM0 + CMA * alpha + CMQ * C / (2 * v) * x[2] + CME * trim[1]);
        return new double[] {
            -x[2] * x[1] - G * Math.sin(x[3]) + fx / 13.5,
            x[2] * x[0] + G * Math.cos(x[3]) + fz / 13.5,
            moment / 1.135,
            x[2]
        };
    }
}
