package app.drachen.core.stages.modes;

import app.drachen.core.clearance.OwnFigures;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Modes. */
public final class ModesKit {
    private ModesKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.MODES,
                "Modes and the way home",
                List.of(
                        Facet.SELECTOR,
                        Facet.LAUNCH_MODE,
                        Facet.LIMITS,
                        Facet.SPEED_RANGE,
                        Facet.CIRCLE,
                        Facet.HOME_PROFILE,
                        Facet.LOSSES,
                        Facet.ARMING,
                        Facet.SECOND_PATH),
                List.of(ProofKind.HOME_HEIGHT, ProofKind.HOME_LANDED, ProofKind.HAND_OVER),
                List.of(
                        new SelectorMargin(),
                        new SelectorCover(),
                        new ManualAndHome(),
                        new ArmingApart(),
                        new ArmingGuarded(),
                        new LimitsSane(),
                        new LimitsGrew(),
                        new ModesHaveSensors(),
                        new SpeedMargin(),
                        new CircleRadius(),
                        new WayHome(),
                        new HomeSaid(),
                        new HomeLanding(),
                        new LossesFilled(),
                        new SecondPathKept(),
                        new HandOver(),
                        new DelayAllowed(),
                        new OwnFigures(Stage.MODES, List.of(Facet.SELECTOR, Facet.SPEED_RANGE, Facet.HOME_PROFILE))),
                ModesSums::all,
                List.of(),
                Optional.empty());
    }
}
