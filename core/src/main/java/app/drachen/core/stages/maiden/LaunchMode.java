package app.drachen.core.stages.maiden;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** MAIDEN-R2: the launch mode has been proven, and a stabilised one is not launched across the wind. */
public final class LaunchMode implements ClearanceRule {
    private static final Judgement CROSSWIND = new Judgement(
            "MAIDEN-R2.crosswind",
            "wind across the strip over stall speed for a stabilised launch",
            Quantity.SHARE,
            0.15,
            0,
            1);

    @Override
    public String id() {
        return "MAIDEN-R2";
    }

    @Override
    public String demand() {
        return "The launch is in Manual, or in a mode that has been flown, with a wind across of at most "
                + CROSSWIND.text() + " of stall speed.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(CROSSWIND);
    }

    @Override
    public Ruling check(Situation situation) {
        FlightMode mode = situation.setup().modes().launchMode();
        if (mode == FlightMode.MANUAL) {
            return Ruling.of(Stage.MAIDEN, Gate.LAUNCH, Finding.of(id(), State.GOOD, "Launched in Manual", ""));
        }
        boolean flown = ProofKind.flownIn(mode).filter(situation::proven).isPresent()
                && situation.proven(ProofKind.LEVEL_FLOWN);
        if (!flown) {
            boolean never = ProofKind.flownIn(mode).flatMap(situation::proof).isEmpty();
            return stop(
                    State.STOP,
                    "Launch in " + mode.label() + ": " + (never ? "never flown" : "not proven as it is now"),
                    "Launch in Manual, or prove that mode at height first.");
        }
        Optional<Field> field = situation.field().filter(f -> situation.windIsOfToday());
        if (field.isEmpty()) {
            return stop(
                    State.OPEN,
                    "Launch in " + mode.label() + ": wind across not known",
                    "Measure the wind, or launch in Manual.");
        }
        Working across = across(situation, field.get());
        boolean calm = across.value() <= situation.judged(CROSSWIND);
        String title = "Launch in " + mode.label() + ", wind across " + Quantity.SPEED.text(across(field.get()));
        return calm
                ? Ruling.of(Stage.MAIDEN, Gate.LAUNCH, Finding.of(id(), State.GOOD, title, "", across))
                : stop(State.STOP, title, "Launch in Manual, or into the wind.", across);
    }

    private Ruling stop(State state, String title, String detail, Working... workings) {
        return Ruling.of(
                Stage.MAIDEN,
                Gate.LAUNCH,
                Finding.of(id(), state, title, detail, workings),
                new Remedy.Change(
                        "Launch in Manual",
                        "First launch in Manual",
                        s -> s.withModes(s.modes().withLaunchMode(FlightMode.MANUAL))));
    }

    /** Wind across the strip [m/s], 0 or more. */
    private static double across(Field field) {
        return field.wind() * Math.abs(Math.sin(field.windFrom() - field.stripHeading()));
    }

    private static Working across(Situation situation, Field field) {
        double stall = Stall.of(situation.setup(), field.density()).speed();
        return Working.of(
                "MAIDEN-R2",
                "Wind across over stall speed",
                across(field) / stall,
                Quantity.SHARE,
                "w·|sin Δ|/Vs, Δ between wind and strip",
                Source.GEOMETRY,
                Working.in("wind w", field.wind(), Quantity.SPEED),
                Working.in("wind from", field.windFrom(), Quantity.BEARING),
                Working.in("strip", field.stripHeading(), Quantity.BEARING),
                Working.in("stall speed Vs", stall, Quantity.SPEED));
    }
}
