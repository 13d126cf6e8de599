package app.drachen.core.stages.signals;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.units.Quantity;
import java.util.Optional;

/** SIGNALS-R9: no alarm has the figure of another unit. */
final class UnitsMeant extends SignalsRule {
    private static final double FOOT = 0.3048;
    private static final double KMH = 1 / 3.6;

    UnitsMeant() {
        super("SIGNALS-R9", "Figures have the unit that is meant: no feet for metres, no pack volts for cell volts.");
    }

    @Override
    public Ruling check(Situation situation) {
        return situation.setup().signals().alarms().stream()
                .flatMap(a -> odd(situation, a)
                        .map(why -> caution(
                                upper(a.kind().label()) + " alarm at "
                                        + a.kind().quantity().text(a.threshold()) + "?",
                                why + " Enter it again, with its unit.",
                                there("To the alarms")))
                        .stream())
                .findFirst()
                .orElseGet(() -> situation.setup().signals().alarms().isEmpty()
                        ? open(Optional.empty(), "No alarm is entered", "Nothing to look at for units.")
                        : good("Alarms have figures of their own units", ""));
    }

    private static Optional<String> odd(Situation situation, Alarm alarm) {
        Setup setup = situation.setup();
        double at = alarm.threshold();
        return switch (alarm.kind()) {
            case HEIGHT -> situation
                    .field()
                    .flatMap(Field::heightLimit)
                    .filter(l -> at > 1.5 * l.height())
                    .map(l -> Math.abs(at * FOOT - l.height()) < 0.25 * l.height()
                            ? "As feet it would be " + Quantity.HEIGHT.text(at * FOOT) + "."
                            : "The limit is " + Quantity.HEIGHT.text(l.height()) + ".");
            case PACK, RESTING -> {
                int cells = setup.propulsion().pack().cells();
                yield at >= 2.5 && at <= 4.4
                        ? Optional.empty()
                        : Optional.of(
                                at / cells >= 2.5 && at / cells <= 4.4
                                        ? "That is the whole pack; a cell has " + Quantity.VOLTAGE.text(at / cells)
                                                + "."
                                        : "A cell of lithium has 3 to 4.2 V.");
            }
            case ENERGY -> {
                double capacity = setup.propulsion().pack().capacity();
                yield at > capacity
                        ? Optional.of("The pack holds only " + Quantity.CHARGE.text(capacity) + ".")
                        : at < 0.05 * capacity
                                ? Optional.of("That is " + Quantity.SHARE_FINE.text(at / capacity)
                                        + " of the pack: a current in place of a charge?")
                                : Optional.empty();
            }
            case LINK -> at > 0 && at <= 1.2
                    ? Optional.empty()
                    : Optional.of("Strength is shown from 0 to 100 %; a level is in dBm.");
            case SPEED -> {
                double top = setup.modes().limits().topSpeed();
                yield at <= 1.2 * top
                        ? Optional.empty()
                        : Optional.of(
                                at * KMH <= top
                                        ? "As km/h it would be " + Quantity.SPEED.text(at * KMH) + "."
                                        : "Top speed is " + Quantity.SPEED.text(top) + ".");
            }
            case TEMPERATURE -> at >= 273 && at <= 423
                    ? Optional.empty()
                    : Optional.of("Between 0 and 150 °C something is warm.");
            case SATELLITES -> at >= 3 && at <= 30 ? Optional.empty() : Optional.of("A fix has 4 to 30 satellites.");
            case TIME -> at >= 30 ? Optional.empty() : Optional.of("Minutes, not seconds?");
        };
    }
}
