package app.drachen.core.setup;

import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Pin;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Radio;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Motor;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import java.util.Map;

/** What the first element of a list is that was empty. */
final class Prototypes {
    static final Map<Class<?>, Object> ALL = Map.ofEntries(
            Map.entry(WingPanel.class, new WingPanel(0.2, 0.2, 0.3, 0, 0, 0)),
            Map.entry(Flap.class, Flap.aileron(0.5, 0.95, 0.25)),
            Map.entry(Part.class, new Part("part", PartKind.OTHER, 0.02, new Position(0.1, 0, 0))),
            Map.entry(Drive.class, Drive.straight(new Motor(100, 0.08, 0.9), new Propeller(0.25, 0.14))),
            Map.entry(Pack.class, new Pack("pack", 3, 7_920, 0.03)),
            Map.entry(
                    Output.class,
                    new Output(
                            1,
                            new Surface(Surface.Role.FLAP, Surface.Side.LEFT, 1),
                            MixRow.NONE,
                            false,
                            1500,
                            1000,
                            2000,
                            1500,
                            new Linkage(0.009, 0.014, Math.toRadians(45), true))),
            Map.entry(ExtraMix.class, ExtraMix.FIRST),
            Map.entry(BoardRail.class, Boards.kiebitz().rails().get(3)),
            Map.entry(Place.class, Boards.kiebitz().places().get(0)),
            Map.entry(Device.class, Device.typical("device", DeviceKind.OTHER, "", "")),
            Map.entry(Lead.class, Lead.of("device", "", 26)),
            Map.entry(Radio.class, HarnessNames.RADIO),
            Map.entry(Pin.class, Pin.GROUND),
            Map.entry(Wanted.class, Wanted.FIRST),
            Map.entry(Way.class, Way.FIRST),
            Map.entry(Supplier.class, Supplier.FIRST),
            Map.entry(Alarm.class, Alarm.FIRST),
            Map.entry(Call.class, Call.FIRST),
            Map.entry(Page.class, Page.FIRST),
            Map.entry(Page.Cell.class, Page.Cell.FIRST),
            Map.entry(Value.class, Value.PACK_VOLTS));

    private Prototypes() {}
}
