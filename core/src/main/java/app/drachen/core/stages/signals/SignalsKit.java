package app.drachen.core.stages.signals;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Signals. */
public final class SignalsKit {
    private SignalsKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.SIGNALS,
                "What reaches you in time",
                List.of(Facet.VALUES, Facet.ALARMS, Facet.CALLS, Facet.SCALES, Facet.DISPLAY),
                List.of(
                        ProofKind.CHARGE_BACK,
                        ProofKind.VOLTS_SCALE,
                        ProofKind.AIRSPEED_SCALE,
                        ProofKind.STRENGTH_SCALE,
                        ProofKind.ROTATION_SCALE,
                        ProofKind.HEIGHT_SCALE),
                List.of(
                        new ValuesCome(),
                        new HeightAlarmEarly(),
                        new CallsClear(),
                        new LinkWarns(),
                        new EnergyWarns(),
                        new TonesHeard(),
                        new CurrentTrue(),
                        new ScalesChecked(),
                        new UnitsMeant(),
                        new HeightSource()),
                SignalsSums::all,
                List.of(),
                Optional.empty());
    }
}
