package app.drachen.core.stages.maiden;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.cards.TrialHeight;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
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
import java.util.List;

/** MAIDEN-R1: the wind allows a first flight. */
public final class GoOrNoGo implements ClearanceRule {
    private static final Judgement FIRST_MEAN = new Judgement(
            "MAIDEN-R1.first-mean", "mean wind over cruise speed for a first flight", Quantity.SHARE, 0.30, 0, 1);
    private static final Judgement FIRST_GUST = new Judgement(
            "MAIDEN-R1.first-gust", "gust over cruise speed for a first flight", Quantity.SHARE, 0.45, 0, 1.5);
    private static final Judgement LATER_MEAN =
            new Judgement("MAIDEN-R1.later-mean", "mean wind over cruise speed later", Quantity.SHARE, 0.35, 0, 1);
    private static final Judgement LATER_GUST =
            new Judgement("MAIDEN-R1.later-gust", "gust over cruise speed later", Quantity.SHARE, 0.50, 0, 1.5);

    @Override
    public String id() {
        return "MAIDEN-R1";
    }

    @Override
    public String demand() {
        return "Wind and gusts at card height stay under " + FIRST_MEAN.text() + " and " + FIRST_GUST.text()
                + " of cruise speed for a first flight, " + LATER_MEAN.text() + " and " + LATER_GUST.text() + " later.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("limits are defaults of judgement; profile IEC 61400-1");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(FIRST_MEAN, FIRST_GUST, LATER_MEAN, LATER_GUST);
    }

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
        if (!situation.windIsOfToday()) {
            return otherDay(field);
        }
        boolean flown = situation
                .proof(ProofKind.MANUAL_FLOWN)
                .filter(p -> p.passed() && situation.fresh(p))
                .isPresent();
        double[] limits = {
            situation.judged(flown ? LATER_MEAN : FIRST_MEAN), situation.judged(flown ? LATER_GUST : FIRST_GUST)
        };
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

    /** Yesterday's wind is no go for today. */
    private Ruling otherDay(Field field) {
        Remedy measure = new Remedy.GoTo("Measure the wind", Stage.MAIDEN);
        String say = "Measure wind and gusts at the field and enter them (F), or say that they are still so.";
        Finding finding = field.day()
                .map(day -> Finding.of(id(), State.STALE, "The wind is that of " + day, say))
                .orElseGet(() -> Finding.of(id(), State.OPEN, "No wind measured yet", say));
        return Ruling.of(Stage.MAIDEN, Gate.LAUNCH, finding, measure);
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
