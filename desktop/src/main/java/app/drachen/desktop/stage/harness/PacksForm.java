package app.drachen.desktop.stage.harness;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.PackJoin.Joined;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Running;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.PackShare;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How packs are joined, what they were measured at, and a pack of the receiver's own. */
final class PacksForm extends VBox {
    private final HarnessDeeds deeds;

    PacksForm(Session session, HarnessDeeds deeds) {
        super(8);
        this.deeds = deeds;
        PackJoin p = deeds.harness().packs();
        List<String> rails = new ArrayList<>(List.of(""));
        deeds.harness().board().rails().stream().map(BoardRail::name).forEach(rails::add);
        Form form = new Form(session, 2)
                .choice(
                        "joined",
                        List.of(Joined.values()),
                        p.how(),
                        Joined::label,
                        j -> set(
                                "joined " + j.label(),
                                x -> with(x, j, x.first(), x.second(), x.rate(), x.highVoltage())))
                .number(
                        "gives for long, times its capacity",
                        Quantity.NUMBER,
                        unset(p.rate()),
                        v -> set("discharge rate", x -> with(x, x.how(), x.first(), x.second(), v, x.highVoltage())))
                .number(
                        "first at rest",
                        Quantity.VOLTAGE,
                        unset(p.first()),
                        v -> set(
                                "first pack measured", x -> with(x, x.how(), v, x.second(), x.rate(), x.highVoltage())))
                .number(
                        "second at rest",
                        Quantity.VOLTAGE,
                        unset(p.second()),
                        v -> set(
                                "second pack measured", x -> with(x, x.how(), x.first(), v, x.rate(), x.highVoltage())))
                .tick(
                        "cells of 4.35 V",
                        p.highVoltage(),
                        v -> set("cells", x -> with(x, x.how(), x.first(), x.second(), x.rate(), v)))
                .number(
                        "receiver's own pack",
                        Quantity.VOLTAGE,
                        unset(p.receiverVolts()),
                        v -> set(
                                "receiver's own pack",
                                x -> new PackJoin(
                                        x.how(),
                                        x.first(),
                                        x.second(),
                                        x.rate(),
                                        x.highVoltage(),
                                        v,
                                        x.receiverRail())))
                .choice(
                        "it feeds",
                        rails,
                        p.receiverRail(),
                        r -> r.isEmpty() ? "nothing" : r,
                        r -> set(
                                "receiver's own pack",
                                x -> new PackJoin(
                                        x.how(),
                                        x.first(),
                                        x.second(),
                                        x.rate(),
                                        x.highVoltage(),
                                        x.receiverVolts(),
                                        r)));
        Pack all = Wiring.of(session.setup()).pack();
        getChildren()
                .addAll(
                        Texts.label("Packs", "heading"),
                        form,
                        Texts.label(
                                "Together: " + all.cells() + " cells, "
                                        + Quantity.CHARGE.text(all.capacity(), session.units())
                                        + ", " + Quantity.RESISTANCE.text(all.resistance(), session.units())
                                        + (p.how() == Joined.SINGLE
                                                ? ""
                                                : ". The flight model flies on the first alone."),
                                "soft"),
                        share(session),
                        Texts.label("A second pack is entered with F4. Esc closes", "soft", "small"));
    }

    /** How two packs side by side would share the current of full power. */
    private static Label share(Session session) {
        PackJoin join = session.setup().harness().packs();
        List<Pack> packs = session.setup().propulsion().packs();
        boolean measured = join.first() > 0 && join.second() > 0;
        if (join.how() != Joined.PARALLEL || packs.size() < 2 || !measured) {
            return Texts.label(
                    join.how() == Joined.PARALLEL ? "Measure both packs, and their shares are told." : "", "soft");
        }
        double current = Running.of(
                        session.setup()
                                .propulsion()
                                .withPack(Wiring.of(session.setup()).pack()),
                        1,
                        0,
                        0,
                        Atmosphere.SEA_LEVEL_DENSITY)
                .current();
        PackShare shares = PackShare.of(
                join.first(),
                join.second(),
                packs.get(0).resistance(),
                packs.get(1).resistance(),
                current);
        return Texts.label(
                "At full power, " + Quantity.CURRENT.text(current, session.units()) + ": the first gives "
                        + Quantity.CURRENT.text(shares.first(), session.units()) + ", the second "
                        + Quantity.CURRENT.text(shares.second(), session.units()),
                "soft");
    }

    private static double unset(double value) {
        return value == 0 ? Double.NaN : value;
    }

    private static PackJoin with(PackJoin x, Joined how, double first, double second, double rate, boolean high) {
        return new PackJoin(how, first, second, rate, high, x.receiverVolts(), x.receiverRail());
    }

    private boolean set(String reason, UnaryOperator<PackJoin> how) {
        return deeds.change("Packs: " + reason, h -> h.withPacks(how.apply(h.packs())));
    }
}
