package app.drachen.core.sensing;

/**
 * Height and climb from pressure height alone: a filter of second order with two equal poles, which follows a steady climb
 * without lag and a change of climb late by about its time.
 *
 * <p>Source: the α-β filter in continuous form (Y. Bar-Shalom, X. R. Li, T. Kirubarajan, Estimation with Applications to
 * Tracking and Navigation, 2001, section 6.5), time of 0.5 s an own choice. A board that helps itself with its
 * accelerometer is quicker; this one is a simple one.
 */
final class HeightFilter {
    private static final double TIME = 0.5;

    private double height;
    private double climb;

    void start(double at) {
        height = at;
        climb = 0;
    }

    /** Carries on for a step [s]. */
    void carry(double step) {
        height += step * climb;
    }

    /** Corrects by a pressure height [m], {@code step} after the last one [s]. */
    void correct(double shown, double step) {
        double wrong = shown - height;
        height += step * 2 / TIME * wrong;
        climb += step / (TIME * TIME) * wrong;
    }

    double height() {
        return height;
    }

    double climb() {
        return climb;
    }
}
