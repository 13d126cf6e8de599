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

/** BENCH-R18: nothing that needs air stands on the ground for long. */
final class CardClock implements ClearanceRule {
    private static final Judgement SENDER =
            new Judgement("BENCH-R18.sender", "video sender on without air", Quantity.DURATION, 300, 30, 3_600);
    private static final Judgement CAMERA =
            new Judgement("BENCH-R18.camera", "camera on before the flight", Quantity.DURATION, 1_200, 60, 7_200);

    @Override
    public String id() {
        return "BENCH-R18";
    }

    @Override
    public String demand() {
        return "On the ground a video sender is on for at most " + SENDER.text() + " without air, a camera for at most "
                + CAMERA.text() + ".";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(SENDER, CAMERA);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Ruling> notYet = Due.notYet(id(), situation);
        if (notYet.isPresent()) {
            return notYet.get();
        }
        Optional<Map<String, Double>> values = Due.read(situation);
        Optional<Double> sender = values.map(v -> v.get("sender"));
        Optional<Double> camera = values.map(v -> v.get("warm"));
        if (sender.isEmpty() || camera.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "How long sender and camera have been on is not known",
                            "The card before the flight asks for it."),
                    new Remedy.GoTo("To the card", Stage.BENCH));
        }
        boolean hot = sender.get() > situation.judged(SENDER);
        boolean late = camera.get() > situation.judged(CAMERA);
        return Ruling.advice(
                Stage.BENCH,
                hot || late
                        ? Finding.of(
                                id(),
                                State.CAUTION,
                                hot
                                        ? "The video sender has been on for " + Quantity.DURATION.text(sender.get())
                                        : "The camera has been on for " + Quantity.DURATION.text(camera.get()),
                                "Lowest power on the ground, plug it in late, let it cool.")
                        : Finding.of(id(), State.GOOD, "Sender and camera have not been on for long", ""));
    }
}
