package app.drachen.core.debrief.checks;

import java.util.List;

/** The list of debrief checks. */
public final class DebriefChecks {
    private static final List<DebriefCheck> ALL = List.of(
            new LaunchCheck(),
            new UpsetCheck(),
            new MotorCheck(),
            new LossCheck(),
            new TrimCheck(),
            new StallCheck(),
            new ChopCheck(),
            new PowerTrimCheck(),
            new LevelCheck(),
            new StickRestCheck(),
            new SwingCheck(),
            new HelperCheck(),
            new SlowCheck(),
            new ClimbCheck(),
            new CircleCheck(),
            new HeightLimitCheck(),
            new TouchdownCheck(),
            new ChargeCheck(),
            new CurrentCheck(),
            new AirspeedCheck(),
            new NearCheck(),
            new CopyCheck());

    private DebriefChecks() {}

    public static List<DebriefCheck> all() {
        return ALL;
    }
}
