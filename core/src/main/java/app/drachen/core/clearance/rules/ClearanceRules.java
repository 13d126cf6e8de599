package app.drachen.core.clearance.rules;

import app.drachen.core.clearance.ClearanceRule;
import java.util.List;

/** The list of rules, in the order of the line. */
public final class ClearanceRules {
    private static final List<ClearanceRule> ALL = List.of(
            new CentreOfGravity(),
            new Weighed(),
            new TailVolumes(),
            new MixerRows(),
            new SurfaceSenses(),
            new Clipping(),
            new RadioTrimLeft(),
            new FirstFlightRates(),
            new SelectorMargin(),
            new SelectorCover(),
            new ManualAndHome(),
            new SpeedMargin(),
            new CircleRadius(),
            new WayHome(),
            new StickToSurface(),
            new TiltToSurface(),
            new GoOrNoGo(),
            new LaunchMode(),
            new HeightLimitEntered(),
            new Rehearsed(),
            new ManualFlown(),
            new LevelFlown(),
            new HoldFlown());

    private ClearanceRules() {}

    public static List<ClearanceRule> all() {
        return ALL;
    }
}
