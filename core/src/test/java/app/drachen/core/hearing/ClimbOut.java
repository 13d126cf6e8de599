package app.drachen.core.hearing;

import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Value;
import java.util.Optional;

/**
 * A climb into a height alarm, step by step: the aircraft climbs, the voice speaks when the chain brings the height, the thumb moves
 * after the reaction, the push-over ends the climb. It shows what lies between the limit and the thumb.
 *
 * <p>Source: kinematics in steps of 5 ms, a second way to what {@link HeightAlarm} sums up.
 *
 * @param heardAt height when the word is heard [m]
 * @param thumbAt height when the thumb moves [m]
 * @param top greatest height [m]
 * @param heardTime time from the threshold to the word [s]
 */
public record ClimbOut(double heardAt, double thumbAt, double top, double heardTime) {
    private static final double STEP = 0.005;

    /**
     * Climbs through an alarm, at its greatest climb.
     *
     * @param phase when the chain measures and sends, as a share of its periods [-], 0 to 1
     */
    public static Optional<ClimbOut> of(Setup setup, HeightAlarm sum, Alarm alarm, double phase) {
        Optional<Path> path = Path.of(setup, Value.HEIGHT).filter(Path::whole);
        if (path.isEmpty() || sum.climb() <= 0) {
            return Optional.empty();
        }
        Chain chain =
                new Chain(path.get().supplier().orElseThrow(), path.get().way().orElseThrow(), true, phase, phase);
        Speaker speaker = new Speaker(alarm);
        double height = alarm.threshold() - 3 * sum.climb() - sum.climb() * sum.age();
        double climb = sum.climb();
        double crossed = Double.NaN;
        double heard = Double.NaN;
        double heardAt = Double.NaN;
        double thumbAt = Double.NaN;
        for (int i = 0; i < 40_000; i++) {
            double time = i * STEP;
            crossed = Double.isNaN(crossed) && height > alarm.threshold() ? time : crossed;
            boolean speaks = speaker.speaks(time, chain.at(time, height));
            if (Double.isNaN(heard) && speaks) {
                heard = time;
                heardAt = height;
            }
            if (time >= heard + sum.reaction()) {
                thumbAt = Double.isNaN(thumbAt) ? height : thumbAt;
                climb -= sum.push() * STEP;
            }
            if (climb <= 0) {
                return Optional.of(new ClimbOut(heardAt, thumbAt, height, heard - crossed));
            }
            height += climb * STEP;
        }
        return Optional.empty();
    }
}
