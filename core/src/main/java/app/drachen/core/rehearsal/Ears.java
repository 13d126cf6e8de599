package app.drachen.core.rehearsal;

import app.drachen.core.flight.Aircraft;
import app.drachen.core.hearing.Chain;
import app.drachen.core.hearing.Path;
import app.drachen.core.hearing.Speaker;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * The pilot's ears: alarms of the set-up as they are heard, late by their ways, and acted upon after the reaction.
 *
 * <p>Source: {@link Chain}, {@link Speaker}. Height, charge, cell volts and airspeed speak; the others have no value in the model.
 *
 * <p>Mutable, for one thread; a look allocates nothing unless something speaks.
 */
final class Ears {
    private final List<Ear> ears = new ArrayList<>();
    private final double reaction;
    private final int cells;
    private final double density;

    /** One alarm. */
    private static final class Ear {
        private final Chain chain;
        private final Speaker speaker;
        private double actsAt = Double.POSITIVE_INFINITY;

        Ear(Chain chain, Speaker speaker) {
            this.chain = chain;
            this.speaker = speaker;
        }
    }

    Ears(Setup setup, double density) {
        reaction = setup.signals().reaction();
        cells = setup.propulsion().pack().cells();
        this.density = density;
        for (Alarm alarm : setup.signals().alarms()) {
            boolean known =
                    switch (alarm.kind()) {
                        case HEIGHT, ENERGY, PACK, SPEED -> true;
                        default -> false;
                    };
            Optional<Path> path = Path.of(setup, alarm.kind().value()).filter(p -> known && p.whole());
            path.ifPresent(p -> ears.add(new Ear(
                    new Chain(p.supplier().orElseThrow(), p.way().orElseThrow(), true, 0.5, 0.5), new Speaker(alarm))));
        }
    }

    /**
     * Time goes on.
     *
     * @param time since launch [s]
     * @param speaks told of an alarm that speaks
     * @param acts told of one when the pilot has reacted
     */
    void listen(double time, Aircraft aircraft, Consumer<Alarm> speaks, Consumer<Alarm> acts) {
        for (int i = 0; i < ears.size(); i++) {
            Ear ear = ears.get(i);
            Alarm alarm = ear.speaker.alarm();
            if (ear.speaker.speaks(time, ear.chain.at(time, value(alarm, aircraft)))) {
                ear.actsAt = time + reaction;
                speaks.accept(alarm);
            }
            if (time >= ear.actsAt) {
                ear.actsAt = Double.POSITIVE_INFINITY;
                acts.accept(alarm);
            }
        }
    }

    private double value(Alarm alarm, Aircraft aircraft) {
        return switch (alarm.kind()) {
            case HEIGHT -> aircraft.height();
            case ENERGY -> aircraft.chargeUsed();
            case PACK -> aircraft.volts() / cells;
            case SPEED -> aircraft.airspeed() * Math.sqrt(density / 1.225);
            default -> Double.NaN;
        };
    }
}
