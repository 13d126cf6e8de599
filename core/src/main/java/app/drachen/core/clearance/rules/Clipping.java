package app.drachen.core.clearance.rules;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.StickCorners;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.Comparator;
import java.util.Optional;

/** THROWS-R6: the corners of the sticks stay inside the travel. */
public final class Clipping implements ClearanceRule {
    @Override
    public String id() {
        return "THROWS-R6";
    }

    @Override
    public String demand() {
        return "No output clips by more than 10 % in any stick corner, and half the roll is left at full pitch.";
    }

    private static final double CLIP = 0.10;
    private static final double ROLL_LEFT = 0.5;

    @Override
    public Ruling check(Situation situation) {
        ControlSetup controls = situation.setup().controls();
        Optional<StickCorners.Corner> worst =
                StickCorners.worst(controls).stream().max(Comparator.comparingDouble(StickCorners.Corner::clip));
        if (worst.isEmpty()) {
            return Ruling.of(
                    Stage.THROWS,
                    Gate.LAUNCH,
                    Finding.of(id(), State.OPEN, "No surface output", "Give the surfaces their outputs."));
        }
        StickCorners.Corner corner = worst.get();
        double left = StickCorners.rollLeftAtFullPitch(controls);
        String name = corner.output().surface().label();
        if (corner.clip() <= CLIP) {
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
                        left < ROLL_LEFT ? State.STOP : State.CAUTION,
                        name + " clips by " + Quantity.SHARE.text(corner.clip()),
                        Quantity.SHARE.text(left)
                                + " of roll is left at full pitch; at most 10 % of clip is"
                                + " wanted. Lower the mix shares or widen the travel.",
                        StickCorners.working(corner)));
    }
}
