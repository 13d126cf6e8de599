package app.drachen.core.hearing;

import app.drachen.core.signals.Tones;

/**
 * Samples of the rise and sink tones: one continuous sine whose phase never jumps, keyed on and off for a rise with ramps of 5 ms so that
 * nothing clicks.
 *
 * <p>Source: SIGNALS-A9; ramps an own choice.
 *
 * <p>Mutable, for one thread.
 */
public final class ToneWave {
    /** Samples in a second [Hz]. */
    public static final int RATE = 22_050;

    private static final double RAMP = 0.005;
    private static final double LOUDNESS = 0.5;

    private final Tones tones;
    private double phase;
    private double beat;
    private double gain;

    public ToneWave(Tones tones) {
        this.tones = tones;
    }

    /**
     * The next samples at a climb.
     *
     * @param climb [m/s]; NaN for none
     * @param into filled with samples [-], −1 to 1
     */
    public void fill(double climb, float[] into) {
        boolean silent = tones.silent(climb);
        double step = silent ? 0 : 2 * Math.PI * tones.frequency(climb) / RATE;
        double beats = climb > 0 && !silent ? tones.beeps(climb) / RATE : 0;
        for (int i = 0; i < into.length; i++) {
            phase = (phase + step) % (2 * Math.PI);
            beat = (beat + beats) % 1;
            double wanted = silent || climb > 0 && beat > 0.5 ? 0 : LOUDNESS;
            double most = LOUDNESS / (RAMP * RATE);
            gain += Math.max(-most, Math.min(most, wanted - gain));
            into[i] = (float) (gain * Math.sin(phase));
        }
    }
}
