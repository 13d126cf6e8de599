package app.drachen.core.clearance.rules;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.cards.TrialHeight;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/** MAIDEN-R1: the wind allows a first flight. */
public final class GoOrNoGo implements ClearanceRule {
    @Override
    public String id() {
        return "MAIDEN-R1";
    }

    @Override
    public String demand() {
        return "Wind and gusts at card height stay under 0.30 and 0.45 of cruise speed for a first flight, 0.35 and 0.50 later.";
    }

    private static final double[] FIRST = {0.30, 0.45};
    private static final double[] LATER = {0.35, 0.50};

    @Override
    public Ruling check(Situation situation) {
        if (situation.field().isEmpty()) {
            return Ruling.of(
                    Stage.MAIDEN,
                    Gate.LAUNCH,
                    Finding.of(id(), State.OPEN, "No field entered", "Enter wind, gusts and air of the day."),
                    new Remedy.GoTo("Enter the field", Stage.MAIDEN));
        }
        Field field = situation.field().get();
        boolean flown = situation
                .proof(ProofKind.MANUAL_FLOWN)
                .filter(p -> p.passed() && situation.fresh(p))
                .isPresent();
        double[] limits = flown ? LATER : FIRST;
        double cruise = situation.setup().modes().limits().cruiseSpeed();
        Working trial = TrialHeight.of(Stall.of(situation.setup(), field.density()));
        double height = trial.value();
        double wind = field.windAt(height);
        double gust = field.gustAt(height);
        Working mean = working("Mean wind over cruise speed", wind / cruise, field.wind(), wind, cruise, height);
        Working peak = working("Gust over cruise speed", gust / cruise, field.gust(), gust, cruise, height);
        boolean go = wind <= limits[0] * cruise && gust <= limits[1] * cruise;
        String figures = Quantity.SPEED.text(wind)
                + ", gusts "
                + Quantity.SPEED.text(gust)
                + " at "
                + Quantity.HEIGHT.text(height);
        String allowed = (flown ? "Local flights want at most " : "A first flight wants at most ")
                + Quantity.SPEED.text(limits[0] * cruise)
                + ", gusts "
                + Quantity.SPEED.text(limits[1] * cruise)
                + ".";
        return go
                ? Ruling.of(
                        Stage.MAIDEN,
                        Gate.LAUNCH,
                        Finding.of(id(), State.GOOD, "Go: " + figures, allowed, mean, peak, trial))
                : Ruling.of(
                        Stage.MAIDEN,
                        Gate.LAUNCH,
                        Finding.of(id(), State.STOP, "No go: " + figures, allowed + " Wait.", mean, peak, trial));
    }

    private static Working working(
            String name, double share, double measured, double there, double cruise, double height) {
        return Working.of(
                "MAIDEN-R1",
                name,
                share,
                Quantity.SHARE,
                "w₂ = w₁·(h₂/h₁)^0.2, over Vc; first flight 30 % mean and 45 % gust, later 35 and 50 %",
                new Source.OwnEstimate("limits are defaults of judgement; profile IEC 61400-1"),
                Working.in("measured", measured, Quantity.SPEED),
                Working.in("at card height", there, Quantity.SPEED),
                Working.in("card height", height, Quantity.HEIGHT),
                Working.in("cruise Vc", cruise, Quantity.SPEED));
    }
}
