package app.drachen.core.debrief.checks;

import java.util.List;

/** The list of debrief checks. */
public final class DebriefChecks {
    private static final List<DebriefCheck> ALL = List.of(
            new TrimCheck(),
            new StallCheck(),
            new LevelCheck(),
            new StickRestCheck(),
            new SwingCheck(),
            new TouchdownCheck(),
            new ChargeCheck());

    private DebriefChecks() {}

    public static List<DebriefCheck> all() {
        return ALL;
    }
}
