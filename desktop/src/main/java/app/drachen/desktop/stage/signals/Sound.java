package app.drachen.desktop.stage.signals;

import app.drachen.core.hearing.ToneWave;
import java.util.function.DoubleSupplier;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The tones through the sound of the machine; where it has none, that is said and nothing sounds. */
final class Sound implements Runnable {
    private static final int PIECE = ToneWave.RATE / 20;

    private final ToneWave wave;
    private final DoubleSupplier climb;
    private volatile boolean ended;
    private volatile String wrong = "";

    Sound(ToneWave wave, DoubleSupplier climb) {
        this.wave = wave;
        this.climb = climb;
    }

    @Override
    public void run() {
        AudioFormat format = new AudioFormat(ToneWave.RATE, 16, 1, true, false);
        try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
            line.open(format, 4 * PIECE);
            line.start();
            float[] samples = new float[PIECE];
            byte[] bytes = new byte[2 * PIECE];
            while (!ended) {
                wave.fill(climb.getAsDouble(), samples);
                for (int i = 0; i < PIECE; i++) {
                    int value = Math.round(samples[i] * Short.MAX_VALUE);
                    bytes[2 * i] = (byte) value;
                    bytes[2 * i + 1] = (byte) (value >> 8);
                }
                line.write(bytes, 0, bytes.length);
            }
            line.flush();
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            wrong = "No sound device here: tones are shown, not heard.";
        }
    }

    void end() {
        ended = true;
    }

    /** Why nothing sounds; empty where it does. */
    String wrong() {
        return wrong;
    }
}
