package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Position;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * The air of {@link StripModel} the plain way, as it is written on paper: vectors strip by strip, nothing worked out before, library
 * functions for all angles. Slow, and only here to hold the quick one against.
 */
final class PlainStrips {
    private static final double LIMIT = 0.3;
    private static final double BLEND = Math.toRadians(8);

    private final Setup setup;
    private final ModelError error;
    private final Strips.Cut cut;
    private final NeutralPoint neutral;
    private double wingLift;
    private double downwash;

    PlainStrips(Setup setup, ModelError error) {
        this.setup = setup;
        this.error = error;
        cut = Strips.of(setup);
        neutral = NeutralPoint.of(setup.airframe());
    }

    /** Force and moment, six values, and the downwash that the wing sheds. */
    double[] compute(
            double[] velocity, double[] rates, double density, double[] deflections, double[] thrust, double lag) {
        double speed = Math.sqrt(dot(velocity, velocity));
        double[] sum = new double[7];
        wingLift = 0;
        group(cut.strips().subList(0, cut.tailFrom()), velocity, rates, density, deflections, thrust, 0, sum);
        double wing = cut.strips().stream()
                .filter(Strip::isWing)
                .mapToDouble(Strip::area)
                .sum();
        downwash = neutral.downwash() / neutral.wingSlope() * wingLift / (0.5 * density * speed * speed * wing);
        List<Strip> tail = cut.strips().subList(cut.tailFrom(), cut.strips().size());
        group(tail, velocity, rates, density, deflections, thrust, (downwash + lag) * speed, sum);
        body(velocity, speed, density, sum);
        sum[6] = downwash;
        return sum;
    }

    private void group(
            List<Strip> strips,
            double[] velocity,
            double[] rates,
            double density,
            double[] deflections,
            double[] thrust,
            double wash,
            double[] sum) {
        if (strips.isEmpty()) {
            return;
        }
        int n = strips.size();
        Influence influence = Influence.of(strips, deflections.length);
        double[] own = new double[n];
        double[] speeds = new double[n];
        double[][] flows = new double[n][];
        for (int i = 0; i < n; i++) {
            Strip s = strips.get(i);
            double[] at = {s.place()[0] - s.chord() / 2, s.place()[1], s.place()[2]};
            double[] flow = plus(velocity, cross(rates, at));
            flow[0] += blown(s, Math.max(0, velocity[0]), thrust, density);
            flow[2] -= s.behindWing() ? wash : 0;
            double along = dot(flow, s.chordward());
            double across = -dot(flow, s.normal());
            flows[i] = new double[] {along, across};
            speeds[i] = Math.max(1e-4, Math.hypot(along, across));
            own[i] = Math.atan2(across, along) + s.angle() - s.section().zeroLiftAngle();
        }
        for (int i = 0; i < n; i++) {
            Strip s = strips.get(i);
            double induced = 0;
            for (int j = 0; j < n; j++) {
                double shed = speeds[j] * Math.max(-LIMIT, Math.min(LIMIT, own[j]));
                induced += (influence.strips()[i][j] / s.slope() - (i == j ? 1 : 0)) * shed;
            }
            double plain = own[i] + Math.max(-LIMIT, Math.min(LIMIT, induced / speeds[i]));
            double angle = plain;
            double moment = influence.centres()[i] * error.lift() * s.slope() * plain;
            for (int k = 0; k < 2; k++) {
                angle += influence.turning()[i][k] / s.slope() * rates[k + 1] / speeds[i];
                moment += influence.turningMoments()[i][k] * rates[k + 1] / speeds[i];
            }
            for (int k = 0; k < deflections.length; k++) {
                double part = error.control() / s.chordward()[0] * StripModel.softened(deflections[k]);
                angle += part * influence.outputs()[i][k] / s.slope();
                moment += part * influence.outputMoments()[i][k];
            }
            force(s, flows[i], speeds[i], angle, moment, s.behindWing() ? 0.95 * density : density, sum);
        }
    }

    private void force(
            Strip s, double[] flow, double speed, double angle, double moment, double density, double[] sum) {
        double slope = error.lift() * s.slope();
        double most = Stall.WING_SHARE * s.section().maximumLift() / Math.max(0.5, s.chordward()[0]);
        double least = s.section().zeroLiftAngle() == 0 ? most : 0.75 * most;
        double stall = Separation.stallAngle(slope, angle >= 0 ? most : least);
        double t = Math.max(0, Math.min(1, (Math.abs(angle) - stall + BLEND) / (2 * BLEND)));
        double sigma = t * t * (3 - 2 * t);
        double sine = Math.sin(angle);
        double leastDrag = error.drag() * 1.12 * s.section().leastDrag();
        double lift = (1 - sigma) * slope * angle + sigma * Math.sin(2 * angle);
        double drag = (1 - sigma) * (leastDrag + s.inducedFactor() * slope * slope * angle * angle)
                + sigma * (leastDrag + 1.8 * sine * sine);
        double turn = (1 - sigma) * (s.section().pitchingMoment() + moment) - sigma * 0.45 * sine;
        double pressureArea = 0.5 * density * speed * speed * s.area();
        double along = flow[0] / speed;
        double across = flow[1] / speed;
        double[] force = plus(
                times(pressureArea * (lift * across - drag * along), s.chordward()),
                times(pressureArea * (lift * along + drag * across), s.normal()));
        double[] axis = {0, -s.normal()[2], s.normal()[1]};
        double[] about = plus(cross(s.place(), force), times(pressureArea * s.chord() * turn, axis));
        for (int k = 0; k < 3; k++) {
            sum[k] += force[k];
            sum[k + 3] += about[k];
        }
        wingLift += s.isWing() ? pressureArea * lift : 0;
    }

    /** What the propeller that a strip lies behind adds to the flow. */
    private double blown(Strip s, double axial, double[] thrust, double density) {
        Position centre = setup.massProperties().centre();
        for (int k = 0; k < thrust.length && !s.isWing(); k++) {
            Propeller propeller = setup.propulsion().drives().get(k).propeller();
            double radius = 0.85 * propeller.diameter() / 2;
            Position motor = setup.motorPosition(k).orElse(centre);
            double[] off = plus(s.place(), times(-1, new double[] {
                centre.aft() - motor.aft(), motor.right() - centre.right(), centre.up() - motor.up()
            }));
            if (setup.motorPosition(k).isPresent() && -off[0] > 0.5 * radius && Math.hypot(off[1], off[2]) < radius) {
                double disc = Math.PI / 4 * propeller.diameter() * propeller.diameter();
                return Math.sqrt(axial * axial + 2 * Math.max(0, thrust[k]) / (density * disc)) - axial;
            }
        }
        return 0;
    }

    private void body(double[] velocity, double speed, double density, double[] sum) {
        Body body = setup.airframe().body();
        double half = 0.5 * density;
        double horns = 4e-5 * setup.controls().surfaces().size();
        double drag =
                error.drag() * (0.12 * body.width() * body.height() + 0.005 * body.podLength() * body.height() + horns);
        double side = 0.8 * body.podLength() * body.height();
        for (int k = 0; k < 3; k++) {
            sum[k] -= half * velocity[k] * (speed * drag + (k == 0 ? 0 : Math.abs(velocity[k]) * side));
        }
        double moment = half * 2 * NeutralPoint.APPARENT_MASS * body.volume() * velocity[0];
        sum[4] += moment * velocity[2];
        sum[5] -= moment * velocity[1];
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] plus(double[] a, double[] b) {
        return new double[] {a[0] + b[0], a[1] + b[1], a[2] + b[2]};
    }

    private static double[] times(double k, double[] a) {
        return new double[] {k * a[0], k * a[1], k * a[2]};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
