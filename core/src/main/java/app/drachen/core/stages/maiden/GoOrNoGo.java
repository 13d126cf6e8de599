package app.drachen.core.stages.maiden;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Tail;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.Outing;
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
import java.util.Locale;

/** MAIDEN-R1: the wind allows the flight that is planned, or the next one by what has been flown. */
public final class GoOrNoGo implements ClearanceRule {
    private static final Judgement FIRST_MEAN = new Judgement(
            "MAIDEN-R1.first-mean", "mean wind over cruise speed for a first flight", Quantity.SHARE, 0.30, 0, 1);
    private static final Judgement FIRST_GUST = new Judgement(
            "MAIDEN-R1.first-gust", "gust over cruise speed for a first flight", Quantity.SHARE, 0.45, 0, 1.5);
    /** Gusts roll and pitch a wing without a tail more: found by rehearsing the template, 98 of 100 at this share, 86 at the whole. */
    private static final Judgement TAILLESS = new Judgement(
            "MAIDEN-R1.first-tailless", "share of that for a tailless aircraft", Quantity.SHARE, 0.8, 0.1, 1);

    private static final Judgement LATER_MEAN =
            new Judgement("MAIDEN-R1.later-mean", "mean wind over cruise speed later", Quantity.SHARE, 0.35, 0, 1);
    private static final Judgement LATER_GUST =
            new Judgement("MAIDEN-R1.later-gust", "gust over cruise speed later", Quantity.SHARE, 0.50, 0, 1.5);
    private static final Judgement TUNING_MEAN =
            new Judgement("MAIDEN-R1.tuning-mean", "mean wind for a tuning flight", Quantity.SPEED, 5, 0, 20);
    private static final Judgement TUNING_GUST = new Judgement(
            "MAIDEN-R1.tuning-gust", "gust over cruise speed for a tuning flight", Quantity.SHARE, 0.45, 0, 1.5);
    private static final Judgement RETURN_MEAN = new Judgement(
            "MAIDEN-R1.return-mean", "mean wind over cruise speed for a return test", Quantity.SHARE, 0.40, 0, 1);
    private static final Judgement RETURN_GUST = new Judgement(
            "MAIDEN-R1.return-gust", "gust over cruise speed for a return test", Quantity.SHARE, 0.55, 0, 1.5);
    private static final Judgement FAR_MEAN = new Judgement(
            "MAIDEN-R1.far-mean", "mean wind over cruise speed for a mission", Quantity.SHARE, 0.40, 0, 1);
    private static final Judgement FAR_GUST =
            new Judgement("MAIDEN-R1.far-gust", "gust over cruise speed for a mission", Quantity.SHARE, 0.60, 0, 1.5);

    @Override
    public String id() {
        return "MAIDEN-R1";
    }

    @Override
    public String demand() {
        return "Wind and gusts at card height stay under " + FIRST_MEAN.text() + " and " + FIRST_GUST.text()
                + " of cruise speed for a first flight (" + TAILLESS.text() + " of it for a tailless aircraft), "
                + LATER_MEAN.text() + " and " + LATER_GUST.text()
                + " from Level to Circle, " + TUNING_MEAN.text() + " and " + TUNING_GUST.text() + " for tuning, "
                + RETURN_MEAN.text() + " and " + RETURN_GUST.text() + " for a return test, " + FAR_MEAN.text()
                + " and " + FAR_GUST.text() + " for a mission.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("limits are defaults of judgement; profile IEC 61400-1");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(
                FIRST_MEAN,
                FIRST_GUST,
                TAILLESS,
                LATER_MEAN,
                LATER_GUST,
                TUNING_MEAN,
                TUNING_GUST,
                RETURN_MEAN,
                RETURN_GUST,
                FAR_MEAN,
                FAR_GUST);
    }

    /**
     * What is asked of the wind.
     *
     * @param mean most mean wind [m/s], 0 or more
     * @param gust most gust [m/s], 0 or more
     */
    private record Most(double mean, double gust) {
        static Most of(Situation s, Outing outing, double cruise) {
            return switch (outing) {
                case FIRST -> {
                    boolean tailed = !(s.setup().airframe().tail() instanceof Tail.None);
                    double speed = tailed ? cruise : s.judged(TAILLESS) * cruise;
                    yield new Most(s.judged(FIRST_MEAN) * speed, s.judged(FIRST_GUST) * speed);
                }
                case LOCAL -> new Most(s.judged(LATER_MEAN) * cruise, s.judged(LATER_GUST) * cruise);
                case TUNING -> new Most(
                        Math.min(s.judged(TUNING_MEAN), s.judged(LATER_MEAN) * cruise), s.judged(TUNING_GUST) * cruise);
                case RETURN -> new Most(s.judged(RETURN_MEAN) * cruise, s.judged(RETURN_GUST) * cruise);
                case FAR -> new Most(s.judged(FAR_MEAN) * cruise, s.judged(FAR_GUST) * cruise);
            };
        }
    }

    @Override
    public Ruling check(Situation situation) {
        if (situation.field().isEmpty()) {
            return ruling(
                    Finding.of(id(), State.OPEN, "No field entered", "Enter wind, gusts and air of the day."),
                    new Remedy.GoTo("Enter the field", Stage.MAIDEN));
        }
        Field field = situation.field().get();
        if (!situation.windIsOfToday()) {
            return otherDay(field);
        }
        Outing outing = situation
                .plan()
                .map(CardPlan::outing)
                .orElse(situation.proven(ProofKind.MANUAL_FLOWN) ? Outing.LOCAL : Outing.FIRST);
        double cruise = situation.setup().modes().limits().cruiseSpeed();
        Most most = Most.of(situation, outing, cruise);
        Working trial = TrialHeight.of(Stall.of(situation.setup(), field.density()));
        double height = situation
                .plan()
                .map(p -> p.forAircraft(situation.setup(), field).trialHeight())
                .orElse(trial.value());
        double wind = field.windAt(height);
        double gust = field.gustAt(height);
        Working mean = working("Mean wind over cruise speed", wind, most.mean(), field.wind(), cruise, height);
        Working peak = working("Gust over cruise speed", gust, most.gust(), field.gust(), cruise, height);
        boolean go = wind <= most.mean() && gust <= most.gust();
        String title = (go ? "Go: " : "No go: ") + Quantity.SPEED.text(wind) + ", gusts " + Quantity.SPEED.text(gust)
                + " at " + Quantity.HEIGHT.text(height);
        String card = situation.plan().map(CardPlan::title).orElse("");
        String allowed = (card.isEmpty() ? "" : "Planned: " + card + ". ") + capital(outing.words())
                + " wants at most " + Quantity.SPEED.text(most.mean()) + ", gusts "
                + Quantity.SPEED.text(most.gust()) + "." + (go ? "" : " Wait" + otherwise(outing) + ".");
        return ruling(Finding.of(id(), go ? State.GOOD : State.STOP, title, allowed, mean, peak, trial));
    }

    /** What else could be flown in such wind. */
    private static String otherwise(Outing outing) {
        return outing == Outing.FIRST ? "" : ", or choose another card";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static Ruling ruling(Finding finding, Remedy... remedies) {
        return Ruling.of(Stage.MAIDEN, Gate.LAUNCH, finding, remedies);
    }

    /** Yesterday's wind is no go for today. */
    private Ruling otherDay(Field field) {
        Remedy measure = new Remedy.GoTo("Measure the wind", Stage.MAIDEN);
        String say = "Measure wind and gusts at the field and enter them (F), or say that they are still so.";
        Finding finding = field.day()
                .map(day -> Finding.of(id(), State.STALE, "The wind is that of " + day, say))
                .orElseGet(() -> Finding.of(id(), State.OPEN, "No wind measured yet", say));
        return ruling(finding, measure);
    }

    private static Working working(
            String name, double there, double most, double measured, double cruise, double height) {
        return Working.of(
                "MAIDEN-R1",
                name,
                there / cruise,
                Quantity.SHARE,
                "w₂ = w₁·(h₂/h₁)^0.2, over Vc; the gust keeps its distance from the mean",
                new Source.OwnEstimate("limits are defaults of judgement; profile IEC 61400-1"),
                Working.in("measured", measured, Quantity.SPEED),
                Working.in("at card height", there, Quantity.SPEED),
                Working.in("most", most, Quantity.SPEED),
                Working.in("card height", height, Quantity.HEIGHT),
                Working.in("cruise Vc", cruise, Quantity.SPEED));
    }
}
