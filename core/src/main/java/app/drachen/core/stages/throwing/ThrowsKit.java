package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.OwnFigures;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Throws. */
public final class ThrowsKit {
    private ThrowsKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.THROWS,
                "Throws and senses",
                List.of(
                        Facet.LINKAGES,
                        Facet.OUTPUTS,
                        Facet.MIXER,
                        Facet.SERVO_SENSES,
                        Facet.SERVO_CENTRES,
                        Facet.THROWS,
                        Facet.RATES,
                        Facet.RADIO_TRIMS,
                        Facet.RADIO),
                List.of(
                        ProofKind.CHANNEL_ORDER,
                        ProofKind.END_POINTS,
                        ProofKind.STICK_TO_OUTPUT,
                        ProofKind.CENTRES_AND_THROWS,
                        ProofKind.POWER_TRIMS),
                List.of(
                        new ChannelOrder(),
                        new EndPoints(),
                        new MixerRows(),
                        new MixedOnce(),
                        new SurfaceSenses(),
                        new Clipping(),
                        new RadioTrimLeft(),
                        new MeasuredThrows(),
                        new FirstFlightRates(),
                        new ElevatorLeft(),
                        new MixSwitched(),
                        new MixMeasured(),
                        new ThrustTrim(),
                        new OwnFigures(Stage.THROWS, List.of(Facet.LINKAGES, Facet.SERVO_SENSES, Facet.THROWS))),
                ThrowsSums::all,
                List.of(),
                Optional.empty());
    }
}
