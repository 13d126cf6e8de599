package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.flight.ThrustPitch;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** THROWS-R13: power hardly pitches the nose. */
final class ThrustTrim implements ClearanceRule {
    private static final Judgement MOST = new Judgement(
            "THROWS-R13.most", "elevator that full power may need", Quantity.ANGLE, Math.toRadians(3), 0.005, 0.35);

    @Override
    public String id() {
        return "THROWS-R13";
    }

    @Override
    public String demand() {
        return "From idle to full power the elevator has to give at most " + MOST.text() + " at cruise speed.";
    }

    @Override
    public Source source() {
        return Source.ETKIN_REID;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MOST);
    }

    @Override
    public Ruling check(Situation situation) {
        if (situation.setup().propulsion().drives().isEmpty()) {
            return Ruling.advice(Stage.THROWS, Finding.of(id(), State.GOOD, "No motor: no thrust line", ""));
        }
        Optional<Working> needed = ThrustPitch.elevator(situation.setup());
        if (needed.isEmpty()) {
            return Ruling.advice(
                    Stage.THROWS,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "What power does to pitch cannot be told",
                            "It needs a motor among the parts and a surface that pitches; see Build and the mixer."));
        }
        double elevator = needed.get().value();
        if (Math.abs(elevator) > Math.PI / 2) { // no surface turns so far: the surfaces work against each other
            return Ruling.advice(
                    Stage.THROWS,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "What power does to pitch cannot be told",
                            "Full pitch stick hardly pitches this aircraft. See first which way each surface answers.",
                            needed.get()));
        }
        boolean good = Math.abs(elevator) <= situation.judged(MOST);
        return Ruling.advice(
                Stage.THROWS,
                Finding.of(
                        id(),
                        good ? State.GOOD : State.CAUTION,
                        "Full power pitches the nose " + (elevator > 0 ? "up" : "down") + " by "
                                + Quantity.ANGLE.text(Math.abs(elevator)) + " of elevator",
                        good
                                ? "By the model, at cruise speed."
                                : "Tilt the motor first, mix the rest; trim only moves the fault (THROWS-S2).",
                        needed.get()),
                good ? new Remedy[0] : new Remedy[] {new Remedy.GoTo("To the motor", Stage.BUILD)});
    }
}
