package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioSide;
import java.util.Optional;
import java.util.stream.Stream;

/** THROWS-R4: one of the two mixes, radio or board. */
final class MixedOnce extends CardRule {
    MixedOnce() {
        super(
                "THROWS-R4",
                ProofKind.STICK_TO_OUTPUT,
                Optional.empty(),
                "Surfaces are mixed once, by the board or by the radio.",
                "What the sticks make of every output was not read",
                "Read sticks to outputs");
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        boolean radio =
                situation.setup().controls().radio().filter(RadioSide::mixes).isPresent();
        boolean board = situation.setup().controls().surfaces().stream().anyMatch(MixedOnce::shared);
        if (radio && board) {
            return Optional.of(stop(
                    Gate.LAUNCH,
                    "Radio and board both mix",
                    "Each stick then moves one surface of the pair, or the wrong pair. Make the radio plain; let the board mix, so"
                            + " that every mode uses one mixer.",
                    new Remedy.Change(
                            "The radio is plain",
                            "Radio no longer mixes",
                            s -> s.withControls(
                                    s.controls().withRadio(s.controls().radio().map(r -> r.mixing(false)))))));
        }
        Optional<Ruling> failed = failedForReal(situation);
        if (radio && failed.isEmpty()) {
            return Optional.of(
                    caution(
                            "The radio mixes",
                            "Fit for flights in Manual only: every other mode works past the radio, and finds no mixer in the board."));
        }
        return failed;
    }

    /** A card that was read and does not fit stops the launch; only one that was never read is advice. */
    private Optional<Ruling> failedForReal(Situation situation) {
        return situation
                .proof(kind())
                .filter(p -> !p.passed() && situation.fresh(p))
                .map(p -> stop(Gate.LAUNCH, "Sticks reach the surfaces otherwise than the mixer says", p.note()));
    }

    private static boolean shared(Output output) {
        MixRow mix = output.mix();
        return Stream.of(mix.roll(), mix.pitch(), mix.yaw()).filter(x -> x != 0).count() > 1;
    }
}
