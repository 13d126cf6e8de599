package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.Limits;
import app.drachen.core.units.Quantity;
import java.util.List;

/** MODES-R8: limits are angles an aircraft can use. */
final class LimitsSane extends ModesRule {
    private static final Judgement BANK_LEAST = angle("MODES-R8.bank-least", "least bank limit", 10);
    private static final Judgement BANK_MOST = angle("MODES-R8.bank-most", "greatest bank limit", 65);
    private static final Judgement PITCH_LEAST = angle("MODES-R8.pitch-least", "least pitch limit", 5);
    private static final Judgement PITCH_MOST = angle("MODES-R8.pitch-most", "greatest pitch limit", 45);

    private static Judgement angle(String id, String meaning, double degrees) {
        return new Judgement(
                id, meaning, Quantity.ANGLE, Math.toRadians(degrees), Math.toRadians(3), Math.toRadians(80));
    }

    LimitsSane() {
        super(
                "MODES-R8",
                "Bank limits lie between " + BANK_LEAST.text() + " and " + BANK_MOST.text() + ", pitch limits between "
                        + PITCH_LEAST.text() + " and " + PITCH_MOST.text() + ".");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(BANK_LEAST, BANK_MOST, PITCH_LEAST, PITCH_MOST);
    }

    @Override
    public Ruling check(Situation situation) {
        Limits l = situation.setup().modes().limits();
        String wrong = outside(situation, "bank", l.bank(), BANK_LEAST, BANK_MOST);
        wrong = wrong.isEmpty() ? outside(situation, "pitch up", l.pitchUp(), PITCH_LEAST, PITCH_MOST) : wrong;
        wrong = wrong.isEmpty() ? outside(situation, "pitch down", l.pitchDown(), PITCH_LEAST, PITCH_MOST) : wrong;
        return wrong.isEmpty()
                ? good("Limits are angles an aircraft can use", "")
                : stop(
                        Gate.HOLD,
                        wrong,
                        "Enter degrees. A number from another board may be a percentage, or hundredths of a degree.",
                        go("Enter the limit"));
    }

    private static String outside(Situation situation, String of, double limit, Judgement least, Judgement most) {
        boolean inside = limit >= situation.judged(least) - 1e-9 && limit <= situation.judged(most) + 1e-9;
        return inside ? "" : "The limit of " + of + " is " + Quantity.ANGLE.text(limit);
    }
}
