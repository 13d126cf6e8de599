package app.drachen.core.stages.maiden;

import app.drachen.core.autopilot.StartGains;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.TuneSection.Origin;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** TUNE-R5: no rate gain in roll or pitch is far above what an aircraft of this size and speed needs, before Level was flown with it. */
public final class GainsOfThisSize implements ClearanceRule {
    private static final Judgement TIMES = new Judgement(
            "TUNE-R5.times", "rate gain over the computed one before Level is flown", Quantity.NUMBER, 1.5, 1, 10);

    @Override
    public String id() {
        return "TUNE-R5";
    }

    @Override
    public String demand() {
        return "Before Level is flown, no rate gain in roll or pitch is more than " + TIMES.text()
                + " times the computed one.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement; start gains ±40 %");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(TIMES);
    }

    @Override
    public Ruling check(Situation situation) {
        if (situation.proven(ProofKind.LEVEL_FLOWN)) {
            return ruling(State.GOOD, "Level was flown with these gains", "");
        }
        Setup setup = situation.setup();
        Gains now = setup.gains();
        Gains start = StartGains.of(setup);
        Working roll = times("roll", now.roll().rate(), start.roll().rate());
        Working pitch = times("pitch", now.pitch().rate(), start.pitch().rate());
        Working most = roll.value() >= pitch.value() ? roll : pitch;
        String axis = most == roll ? "Roll" : "Pitch";
        if (most.value() <= situation.judged(TIMES)) {
            return ruling(State.GOOD, "Roll and pitch rate gains suit this size", "", roll, pitch);
        }
        return Ruling.of(
                Stage.MAIDEN,
                Gate.LEVEL,
                Finding.of(
                        id(),
                        State.STOP,
                        axis + " gain is " + Quantity.NUMBER.text(most.value()) + " times the start value",
                        "It would shake or swing up in Level. Begin with the computed gains and raise them in flight.",
                        roll,
                        pitch),
                new Remedy.Change(
                        "Take the computed gains",
                        "Gains computed to start with",
                        s -> s.withGains(StartGains.of(s), Origin.COMPUTED)));
    }

    private Ruling ruling(State state, String title, String detail, Working... workings) {
        return Ruling.of(Stage.MAIDEN, Gate.LEVEL, Finding.of(id(), state, title, detail, workings));
    }

    private static Working times(String axis, double now, double start) {
        return Working.of(
                "TUNE-R5",
                "Rate gain in " + axis + " over the computed one",
                now / start,
                Quantity.NUMBER,
                "set/computed (TUNE-A5)",
                new Source.OwnEstimate("±40 %"),
                Working.in("set", now, Quantity.NUMBER_FINE),
                Working.in("computed", start, Quantity.NUMBER_FINE));
    }
}
