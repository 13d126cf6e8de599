package app.drachen.core.autopilot;

import java.util.Optional;

/**
 * How one axis answers, from what was commanded and how fast it turned: rate/command = K·e^(−θs)/(Ts + 1), the output error
 * being least. For each pair of T and θ out of a list the model runs along, and K follows by least squares; the pair that
 * explains most is taken. Slow parts are left out; the effect grows with speed.
 *
 * <p>Source: output-error identification, L. Ljung, System Identification, 1999, sections 4.3 and 7.3; old samples are
 * forgotten evenly over 10 s. The lists are own choices.
 *
 * <p>Mutable, for one thread.
 */
final class RateFit {
    static final double PERIOD = 0.02;
    private static final double[] TIMES = {0.02, 0.04, 0.07, 0.12, 0.2, 0.35};
    private static final int[] DELAYS = {1, 3, 5, 7};
    private static final int MODELS = TIMES.length * DELAYS.length;
    private static final int LONGEST_DELAY = 7;
    private static final double KEEP = 0.998;
    private static final double SLOW = PERIOD / 3;

    private final double[] commands = new double[LONGEST_DELAY + 1];
    private final double[] model = new double[MODELS];
    private final double[] product = new double[MODELS];
    private final double[] square = new double[MODELS];
    private double rates;
    private double meanCommand;
    private double meanRate;
    private int at;

    /**
     * What was found.
     *
     * @param gain K [rad/s per command]
     * @param time T [s]
     * @param fit share of the motion explained [-]
     */
    record Answer(double gain, double time, double fit) {}

    /**
     * One sample.
     *
     * @param command [-]
     * @param rate [rad/s]
     * @param speed share of the reference speed [-]
     */
    void add(double command, double rate, double speed) {
        double driving = command * speed;
        meanCommand += SLOW * (driving - meanCommand);
        meanRate += SLOW * (rate - meanRate);
        at = (at + 1) % commands.length;
        commands[at] = driving - meanCommand;
        double seen = rate - meanRate;
        rates = KEEP * rates + seen * seen;
        for (int i = 0; i < MODELS; i++) {
            double time = TIMES[i / DELAYS.length];
            int delay = DELAYS[i % DELAYS.length];
            double delayed = commands[Math.floorMod(at - delay, commands.length)];
            model[i] += (1 - Math.exp(-PERIOD / time)) * (delayed - model[i]);
            product[i] = KEEP * product[i] + model[i] * seen;
            square[i] = KEEP * square[i] + model[i] * model[i];
        }
    }

    /** The answer, if the samples tell one. */
    Optional<Answer> answer() {
        int best = 0;
        for (int i = 1; i < MODELS; i++) {
            best = explained(i) > explained(best) ? i : best;
        }
        if (!(explained(best) > 0)) {
            return Optional.empty();
        }
        return Optional.of(
                new Answer(product[best] / square[best], TIMES[best / DELAYS.length], explained(best) / rates));
    }

    private double explained(int i) {
        return product[i] > 0 && square[i] > 0.02 ? product[i] * product[i] / square[i] : 0;
    }
}
