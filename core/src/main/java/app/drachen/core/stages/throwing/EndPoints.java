package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.units.Quantity;
import java.util.Optional;

/** THROWS-R2: sticks reach the ends that the board was told, and let go they are in its middle. */
final class EndPoints extends CardRule {
    private static final double END = 15;
    private static final double MIDDLE = 5;

    EndPoints() {
        super(
                "THROWS-R2",
                ProofKind.END_POINTS,
                Optional.empty(),
                "Ends of the sticks arrive within 15 µs of the board's, the middle within 5 µs.",
                "Ends and centres of the sticks were not read",
                "Read ends and centres");
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        Optional<RadioSide> radio = situation.setup().controls().radio();
        if (radio.isEmpty()) {
            return Optional.empty();
        }
        RadioSide side = radio.get();
        for (StickChannel s : side.sticks()) {
            boolean high = Math.abs(s.highMicros() - side.board().high()) > END;
            boolean low = Math.abs(s.lowMicros() - side.board().low()) > END;
            boolean middle = s.stick() != Axis.POWER
                    && Math.abs(s.middleMicros() - side.board().middle()) > MIDDLE;
            if (high || low || middle) {
                double read = high ? s.highMicros() : low ? s.lowMicros() : s.middleMicros();
                String where = high ? "upper end" : low ? "lower end" : "middle";
                return Optional.of(caution(
                        "The " + s.stick().label() + " stick's " + where + " arrives at " + Quantity.PULSE.text(read),
                        "Enter the end points and the sub-trim of THROWS-A2 in the radio, read again.",
                        new Remedy.Change(
                                "Enter end points and sub-trim",
                                "End points of the " + s.stick().label() + " stick by what was read",
                                x -> x.withControls(x.controls().withRadio(Optional.of(side.with(mended(s, side))))))));
            }
        }
        return Optional.empty();
    }

    /** End points and sub-trim by which what was read becomes what the board wants (THROWS-A2). */
    static StickChannel mended(StickChannel s, RadioSide side) {
        double up = (side.board().high() - side.board().middle()) / (s.highMicros() - s.middleMicros());
        double down = (side.board().middle() - side.board().low()) / (s.middleMicros() - s.lowMicros());
        double trim = (side.board().middle() - s.middleMicros()) / side.microsPerPercent() / 100;
        return s.ending(
                        bounded(s.lowEnd() * down, 1.5),
                        bounded(s.highEnd() * up, 1.5),
                        Math.max(-0.5, Math.min(0.5, s.subTrim() + trim)))
                .read(side.board().low(), side.board().middle(), side.board().high());
    }

    private static double bounded(double end, double most) {
        return Double.isFinite(end) ? Math.max(0, Math.min(most, end)) : 1;
    }
}
