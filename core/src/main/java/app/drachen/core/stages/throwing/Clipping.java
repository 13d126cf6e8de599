package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.StickCorners;
import app.drachen.core.math.Order;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** THROWS-R6: the corners of the sticks stay inside the travel. */
public final class Clipping implements ClearanceRule {
    private static final Judgement CLIP =
            new Judgement("THROWS-R6.clip", "clip allowed in a stick corner", Quantity.SHARE, 0.10, 0, 0.5);
    private static final Judgement ROLL_LEFT =
            new Judgement("THROWS-R6.roll", "roll that must be left at full pitch", Quantity.SHARE, 0.5, 0.1, 1);

    @Override
    public String id() {
        return "THROWS-R6";
    }

    @Override
    public String demand() {
        return "No output clips by more than " + CLIP.text() + " in any stick corner, and " + ROLL_LEFT.text()
                + " of the roll is left at full pitch.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(CLIP, ROLL_LEFT);
    }

    @Override
    public Ruling check(Situation situation) {
        ControlSetup controls = situation.setup().controls();
        Optional<StickCorners.Corner> worst =
                StickCorners.worst(controls).stream().max(Order.by(StickCorners.Corner::clip));
        if (worst.isEmpty()) {
            return Ruling.of(
                    Stage.THROWS,
                    Gate.LAUNCH,
                    Finding.of(id(), State.OPEN, "No surface output", "Give the surfaces their outputs."));
        }
        StickCorners.Corner corner = worst.get();
        double left = StickCorners.rollLeftAtFullPitch(controls);
        String name = corner.output().surface().label();
        if (corner.clip() <= situation.judged(CLIP)) {
            return Ruling.of(
                    Stage.THROWS,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            corner.clip() == 0
                                    ? "No output clips in any stick corner"
                                    : "Outputs clip by " + Quantity.SHARE_FINE.text(corner.clip()) + " at most",
                            "Worst corner "
                                    + Quantity.PULSE.text(corner.pulseMicros())
                                    + " on the "
                                    + name.toLowerCase(java.util.Locale.ROOT)
                                    + ".",
                            StickCorners.working(corner)));
        }
        return Ruling.of(
                Stage.THROWS,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        left < situation.judged(ROLL_LEFT) ? State.STOP : State.CAUTION,
                        name + " clips by " + Quantity.SHARE.text(corner.clip()),
                        Quantity.SHARE.text(left)
                                + " of roll is left at full pitch; at most "
                                + Quantity.SHARE.text(situation.judged(CLIP))
                                + " of clip is wanted. Lower the mix shares or widen the travel.",
                        StickCorners.working(corner)));
    }
}
