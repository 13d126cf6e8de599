package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.hearing.Path;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import java.util.Optional;

/** SIGNALS-R13: height for alarms is that of pressure. */
final class HeightSource extends SignalsRule {
    HeightSource() {
        super(
                "SIGNALS-R13",
                "Height for alarms and Hold comes from pressure, zeroed at the launch, not from satellites.");
    }

    @Override
    public Ruling check(Situation situation) {
        if (HeightAlarm.bySatellites(situation.setup())) {
            return caution(
                    "Height comes from satellites: ± 10 m",
                    "Take pressure height for alarms and Hold, and note the source in logs.",
                    change(
                            "Take the board's pressure height",
                            "Height from pressure",
                            s -> s.withWanted(s.wanted().stream()
                                    .map(w -> w.value() == Value.HEIGHT ? w.by(Supplier.BOARD) : w)
                                    .toList())));
        }
        Optional<Path> path = Path.of(situation.setup(), Value.HEIGHT);
        return path.flatMap(Path::supplier)
                .map(s -> good("Height comes from " + source(s), ""))
                .orElseGet(() -> open(
                        Optional.empty(), "Where the height comes from is not entered", "Want the height in Signals."));
    }

    private static String source(Supplier supplier) {
        return supplier.device().equals(Supplier.BOARD) ? "pressure at the board" : supplier.device();
    }
}
