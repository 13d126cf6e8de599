package app.drachen.core.flight;

/**
 * How a load goes on within a step: along the straight line through its values at the starts of this step and of the one before.
 *
 * <p>Source: Adams and Bashforth's second order with steps of unequal length (E. Hairer, S. P. Nørsett, G. Wanner, Solving Ordinary
 * Differential Equations I, 1993, section III.5).
 *
 * <p>Mutable, for one thread.
 */
final class Onward {
    private static final int SIZE = 6;

    private final double[] before = new double[SIZE];
    private final double[] change = new double[SIZE];

    /** How long the step before was [s]; 0 for none. */
    private double lastStep;

    /** Starts anew: the first step's load stays as it is. */
    void begin() {
        lastStep = 0;
    }

    /** Takes in the load [N, N m] at the start of a step [s]. */
    void follow(double step, double[] load) {
        double share = lastStep > 0 ? step / lastStep : 0;
        for (int i = 0; i < SIZE; i++) {
            change[i] = share * (load[i] - before[i]);
            before[i] = load[i];
        }
        lastStep = step;
    }

    /** What the load changes by until the end of the step [N, N m]. */
    double[] change() {
        return change;
    }

    /** Brings a load from the start to the end of the step [N, N m]. */
    void toTheEnd(double[] load) {
        for (int i = 0; i < SIZE; i++) {
            load[i] += change[i];
        }
    }
}
