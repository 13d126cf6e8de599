package app.drachen.core.stages.signals;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import java.util.List;
import java.util.Optional;

/**
 * What an alarm of a kind begins with on this aircraft.
 *
 * <p>Source: SIGNALS-A2 for the height, SIGNALS-A4 for the link, 1.2 times the stall speed, 70 % of the pack, 3.4 V a cell, 7 satellites,
 * 80 °C, 10 min: common practice.
 */
public final class AlarmStart {
    private static final double OVER_STALL = 1.2;
    private static final double SHARE = 0.7;
    private static final double CELL = 3.4;
    private static final double WARM = 353.15;
    private static final double USUAL_HEIGHT = 100;

    private AlarmStart() {}

    /** Of an aircraft on a field. */
    public static Alarm of(Setup setup, Optional<Field> field, Alarm.Kind kind) {
        return switch (kind) {
            case HEIGHT -> new Alarm(kind, height(setup, field), 3, 0, 1, "height", List.of());
            case PACK -> new Alarm(kind, CELL, 0.1, 3, 2, "pack", List.of());
            case RESTING -> new Alarm(kind, CELL, 0.1, 10, 3, "pack at rest", List.of());
            case ENERGY -> new Alarm(
                    kind,
                    Math.floor(SHARE * setup.propulsion().pack().capacity() / 36) * 36,
                    0,
                    0,
                    1,
                    "charge, turn home",
                    List.of());
            case LINK -> new Alarm(
                    kind,
                    setup.signals()
                            .scales()
                            .strength()
                            .map(p -> Math.ceil(100 * p.warnAt(10).value()) / 100)
                            .filter(x -> x > 0 && x <= 1.2)
                            .orElse(0.4),
                    0.05,
                    1,
                    2,
                    "link weak",
                    List.of());
            case SATELLITES -> new Alarm(kind, 7, 1, 2, 3, "few satellites", List.of());
            case TEMPERATURE -> new Alarm(kind, WARM, 5, 3, 2, "hot", List.of());
            case SPEED -> new Alarm(
                    kind,
                    OVER_STALL * Stall.of(setup, Atmosphere.SEA_LEVEL_DENSITY).speed(),
                    0.5,
                    0.5,
                    1,
                    "speed",
                    List.of());
            case TIME -> new Alarm(kind, 600, 0, 0, 3, "ten minutes", List.of());
        };
    }

    private static double height(Setup setup, Optional<Field> field) {
        return field.flatMap(Field::heightLimit)
                .flatMap(l -> HeightAlarm.of(setup, l.height()))
                .map(h -> Math.floor(h.setAt().value()))
                .filter(h -> h >= 5)
                .orElse(USUAL_HEIGHT);
    }
}
