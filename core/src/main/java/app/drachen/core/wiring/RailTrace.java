package app.drachen.core.wiring;

import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.wiring.Rails.Feeder;
import java.util.List;

/**
 * A rail over the time of a hard manoeuvre: all servos start at once, turn round, and some stay stalled.
 *
 * <p>Source: circuit theory, C·dU/dt = I_source(U) − I_load, the source a voltage behind a resistance that gives no more than
 * {@link #LIMIT} times its rating; solved piece by piece in closed form. The manoeuvre is common practice for a worst case:
 * a starting servo draws its stalled current for 60 ms; own estimate, ±30 %.
 *
 * @param step between samples [s]
 * @param volts of the rail at each sample [V]
 * @param amps drawn at each sample [A]
 */
public record RailTrace(double step, double[] volts, double[] amps) {
    /** What a supply gives at most, over its rating; common practice [-]. */
    static final double LIMIT = 1.5;

    private static final double STEP = 0.5e-3;
    private static final double LASTS = 0.6;

    /** A rail that nobody measured has a little on it [F]. */
    private static final double LEAST_CAPACITANCE = 47e-6;

    /** The manoeuvre on a rail, with full packs. */
    public static RailTrace of(Wiring wiring, Rails.Rail rail) {
        double servosStart = 0;
        double servosWork = 0;
        double others = 0;
        for (Wiring.Wired w : wiring.on(rail.rail().name())) {
            if (w.device().kind() == DeviceKind.SERVO) {
                servosStart += w.device().draw().peak();
                servosWork += w.device().draw().work();
            } else {
                others += w.device().draw().peak();
            }
        }
        int n = (int) Math.round(LASTS / STEP) + 1;
        double[] load = new double[n];
        for (int i = 0; i < n; i++) {
            double t = i * STEP;
            // start, move, turn round, move, then half of them held at their stop
            boolean starting = t >= 0.1 && t < 0.16 || t >= 0.3 && t < 0.36;
            boolean moving = t >= 0.16 && t < 0.3 || t >= 0.36 && t < 0.45;
            boolean held = t >= 0.45 && t < 0.55;
            double servos =
                    starting ? servosStart : moving ? servosWork : held ? Rails.STALLED * servosStart : servosWork / 10;
            load[i] = others + servos;
        }
        return of(rail.rail(), rail.feeders(), load, STEP);
    }

    /**
     * A rail under given loads.
     *
     * @param load at each sample [A]
     * @param step between samples [s], above 0
     */
    static RailTrace of(BoardRail rail, List<Feeder> feeders, double[] load, double step) {
        double capacitance = Math.max(LEAST_CAPACITANCE, rail.capacitance());
        double conductance = 0;
        double drive = 0;
        double limit = 0;
        for (Feeder f : feeders) {
            conductance += 1 / f.ohms();
            drive += f.volts() / f.ohms();
            limit += f.rating() > 0 ? LIMIT * f.rating() : 1e6;
        }
        double[] volts = new double[load.length];
        if (conductance == 0) {
            return new RailTrace(step, volts, load.clone());
        }
        double open = drive / conductance;
        double u = open - load[0] / conductance;
        for (int i = 0; i < load.length; i++) {
            volts[i] = u;
            u = after(u, load[i], open, conductance, limit, capacitance, step);
        }
        return new RailTrace(step, volts, load.clone());
    }

    /** Volts after a time under one load, from piece to piece: limited, then not, or the other way round. */
    private static double after(
            double from, double load, double open, double conductance, double limit, double capacitance, double time) {
        double edge = open - limit / conductance;
        double u = from;
        double left = time;
        for (int piece = 0; piece < 3 && left > 0; piece++) {
            if (u < edge - 1e-12) {
                double slope = (limit - load) / capacitance;
                double to = u + slope * left;
                if (slope <= 0 || to <= edge) {
                    return Math.max(0, to);
                }
                left -= (edge - u) / slope;
                u = edge;
            } else {
                double end = open - load / conductance;
                double to = end + (u - end) * Math.exp(-left * conductance / capacitance);
                if (to >= edge || u <= edge + 1e-12 && end >= edge) {
                    return Math.max(0, to);
                }
                double until = u <= edge + 1e-12 ? 0 : capacitance / conductance * Math.log((u - end) / (edge - end));
                left -= until;
                u = edge - 1e-9;
            }
        }
        return Math.max(0, u);
    }

    /**
     * @return the lowest volts of the rail [V]
     */
    public double lowest() {
        double low = Double.POSITIVE_INFINITY;
        for (double v : volts) {
            low = Math.min(low, v);
        }
        return low;
    }
}
