package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** MODES-R16: limits grow in steps. */
final class LimitsGrew extends ModesRule {
    private static final Judgement STEP = new Judgement(
            "MODES-R16.step", "growth of a limit over the one last flown", Quantity.NUMBER, 1.25, 1.01, 3);

    LimitsGrew() {
        super("MODES-R16", "No limit grows beyond " + STEP.text() + " times the one that was last flown.");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(STEP);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Setup> flown = situation.flown();
        if (flown.isEmpty()) {
            return good("No limit was flown yet", "Nothing to compare with.");
        }
        Limits was = flown.get().modes().limits();
        Limits is = situation.setup().modes().limits();
        double step = situation.judged(STEP);
        String grown = is.bank() > step * was.bank()
                ? grown("Bank", was.bank(), is.bank())
                : is.pitchUp() > step * was.pitchUp()
                        ? grown("Pitch up", was.pitchUp(), is.pitchUp())
                        : is.pitchDown() > step * was.pitchDown()
                                ? grown("Pitch down", was.pitchDown(), is.pitchDown())
                                : "";
        if (grown.isEmpty()) {
            return good("Limits are those that were flown, or little more", "");
        }
        double stall = Math.sqrt(new Turn(is.cruiseSpeed(), is.bank()).loadFactor()
                        / new Turn(was.cruiseSpeed(), was.bank()).loadFactor())
                - 1;
        return caution(
                grown,
                (stall > 0.005 ? "Stall speed in the turn +" + Quantity.SHARE.text(stall) + ". " : "")
                        + "Fly Circle again at trial height.",
                new Remedy.GoTo("Fly it again", Stage.MAIDEN));
    }

    private static String grown(String which, double was, double is) {
        return which + " limit " + Quantity.ANGLE.text(was) + " \u2192 " + Quantity.ANGLE.text(is);
    }
}
