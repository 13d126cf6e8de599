package app.drachen.core.stages.bench;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BENCH-R20: the camera looks forward, every picture is there, and something helps to find the aircraft. */
final class EyesForward implements ClearanceRule {
    private static final Judgement OFF =
            new Judgement("BENCH-R20.off", "camera off its mark", Quantity.ANGLE, Math.toRadians(5), 0.01, 0.8);

    @Override
    public String id() {
        return "BENCH-R20";
    }

    @Override
    public String demand() {
        return "The camera looks forward within " + OFF.text()
                + ", the picture is there on every path, and a beeper or a last position helps to find the aircraft.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(OFF);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Ruling> notYet = Due.notYet(id(), situation);
        if (notYet.isPresent()) {
            return notYet.get();
        }
        Map<String, Double> values = Due.read(situation).orElse(Map.of());
        Remedy go = new Remedy.GoTo("To the card", Stage.BENCH);
        if (!values.keySet().containsAll(List.of("camera", "picture", "finder"))) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Camera, picture and beeper were not looked at",
                            "The card before the flight asks for them."),
                    go);
        }
        Optional<String> wrong = values.get("camera") > situation.judged(OFF)
                ? Optional.of("The camera looks " + Quantity.ANGLE.text(values.get("camera")) + " off")
                : values.get("picture") > 0.5
                        ? Optional.of("A picture is missing")
                        : values.get("finder") > 0.5
                                ? Optional.of("Nothing would help to find the aircraft")
                                : Optional.empty();
        return Ruling.advice(
                Stage.BENCH,
                wrong.map(w -> Finding.of(
                                id(),
                                State.CAUTION,
                                w,
                                "Centre the servo before its horn goes on; mend it before the flight."))
                        .orElseGet(
                                () -> Finding.of(id(), State.GOOD, "Camera forward, pictures there, finder ready", "")),
                wrong.isPresent() ? new Remedy[] {go} : new Remedy[0]);
    }
}
