package app.drachen.core.demo;

import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.Scales;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Tones;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the demo's glider tells its pilot: with everything right, and with four things wrong. */
public final class DemoSignals {
    private static final List<Integer> ALWAYS = List.of(1, 2, 3);
    private static final double HEIGHT = 100;
    private static final double LATE = 105;

    private DemoSignals() {}

    /** Everything right: the controller's lead tells volts and current, the control link's way back brings them down. */
    static Setup seeschwalbe(Setup bare) {
        return bare.withSignals(new SignalsSection(
                List.of(
                        seen(Value.PACK_VOLTS),
                        seen(Value.TIME),
                        seen(Value.MODE),
                        new Wanted(Value.HEIGHT, Supplier.BOARD, "", 0.1, true, true),
                        new Wanted(Value.CLIMB, Supplier.BOARD, "", 0.1, false, true),
                        seen(Value.HOME_BEARING),
                        seen(Value.HOME_DISTANCE),
                        seen(Value.SATELLITES),
                        new Wanted(Value.CHARGE, "", "", 3.6, true, true),
                        new Wanted(Value.STRENGTH, "", "", 1, true, true),
                        seen(Value.WIND)),
                List.of(new Way("way back of the control link", "", 2, 0.05, 0.2, 0.15, 0.3)),
                List.of(new Supplier(
                        "speed controller", List.of(Value.PACK_VOLTS, Value.CURRENT, Value.CHARGE), 10, 0.1, false)),
                SignalsSection.REACTION,
                Optional.of(5.0),
                List.of(
                        new Alarm(Alarm.Kind.HEIGHT, HEIGHT, 3, 0, 1, "height", List.of()),
                        new Alarm(Alarm.Kind.ENERGY, 2_600 * 3.6, 0, 0, 1, "charge, turn home", List.of()),
                        new Alarm(Alarm.Kind.PACK, 3.4, 0.1, 3, 2, "pack", List.of()),
                        new Alarm(Alarm.Kind.LINK, 0.33, 0.05, 1, 2, "link weak", List.of()),
                        new Alarm(Alarm.Kind.SATELLITES, 7, 1, 2, 3, "few satellites", List.of())),
                new Tones(true, 800, 5, 0.4, 5),
                new Calls(
                        List.of(
                                new Call(Value.HEIGHT, "# metres", 4, 1.2, 0, 1, ALWAYS),
                                new Call(Value.CHARGE, "# used", 20, 2, 1.5, 2, ALWAYS),
                                new Call(Value.STRENGTH, "# over", 20, 1.5, 5.5, 3, ALWAYS)),
                        true),
                new Scales(1.137, 0, 1, 1, 1, 7, Optional.of(new Scales.TwoPoints(1, -45, 0.22, -101, -104))),
                List.of(
                        new Page(
                                "near",
                                List.of(
                                        new Page.Cell(Value.HEIGHT, 2, 2),
                                        new Page.Cell(Value.MODE, 12, 2),
                                        new Page.Cell(Value.TIME, 24, 2),
                                        new Page.Cell(Value.PACK_VOLTS, 2, 11),
                                        new Page.Cell(Value.CHARGE, 12, 11),
                                        new Page.Cell(Value.SATELLITES, 27, 11))),
                        new Page(
                                "far",
                                List.of(
                                        new Page.Cell(Value.HOME_BEARING, 2, 2),
                                        new Page.Cell(Value.HOME_DISTANCE, 10, 2),
                                        new Page.Cell(Value.WIND, 22, 2),
                                        new Page.Cell(Value.STRENGTH, 2, 11))),
                        new Page("blank", List.of()))));
    }

    /**
     * With four things wrong: a value that nothing supplies, a height alarm that is late, a current sensor that shows too little, and two
     * calls that talk over each other.
     */
    public static Setup flawed(Setup sound) {
        SignalsSection s = sound.signals();
        List<Wanted> wanted = new ArrayList<>(s.wanted());
        wanted.add(seen(Value.RPM));
        Call charge = s.calls().calls().get(1);
        return sound.withSignals(s.withWanted(wanted)
                .withAlarm(s.alarm(Alarm.Kind.HEIGHT).orElseThrow().at(LATE))
                .withCalls(s.calls().with(charge, charge.startingAt(3)))
                .withScales(s.scales().withCurrent(1)));
    }

    private static Wanted seen(Value value) {
        return new Wanted(value, "", "", 0, true, false);
    }
}
