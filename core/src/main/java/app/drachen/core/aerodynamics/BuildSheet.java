package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** All answers of the Build stage for one set-up, in the order a pilot reads them. */
public final class BuildSheet {
    private BuildSheet() {}

    /**
     * BUILD-A1, A3, A4, A5, A7, A8 and A9.
     *
     * @param setup the aircraft
     * @param density air density of the field [kg/m³], 0.5 to 1.6
     */
    public static List<Working> of(Setup setup, double density) {
        Balance balance = Balance.of(setup);
        Stall stall = Stall.of(setup, density);
        List<Working> sheet =
                new ArrayList<>(balance.planform().workings(setup.airframe().wing()));
        List<Working> mass = balance.mass()
                .workings(setup.airframe(), setup.parts(), setup.build().measured());
        sheet.addAll(mass.subList(0, 3));
        sheet.add(stall.loading());
        sheet.add(balance.neutral().working(balance.planform()));
        sheet.add(balance.marginWorking());
        sheet.add(stall.working());
        sheet.add(bankedStall(stall));
        sheet.addAll(tailVolumes(setup));
        balance.packSlide().ifPresent(sheet::add);
        if (balance.outside() > 0) {
            balance.ballast(0.02).ifPresent(sheet::add);
        }
        sheet.addAll(mass.subList(3, 7));
        return sheet;
    }

    private static Working bankedStall(Stall stall) {
        Turn turn = new Turn(20, Math.toRadians(45));
        Working level = turn.stallWorking(stall.speed());
        double root = Math.sqrt(turn.loadFactor());
        return new Working(
                        "BUILD-A8",
                        "Stall at 45° bank",
                        level.value(),
                        Quantity.SPEED,
                        Optional.empty(),
                        level.formula(),
                        level.inputs(),
                        Source.ANDERSON)
                .within(stall.low() * root, stall.high() * root);
    }

    /** BUILD-A3. */
    public static List<Working> tailVolumes(Setup setup) {
        Planform planform = setup.planform();
        TailShares tail = TailShares.of(setup.airframe().tail());
        List<Working> volumes = new ArrayList<>();
        if (tail.pitchArea() > 0) {
            double arm = tail.pitchStation() - planform.quarterStation();
            volumes.add(Working.of(
                    "BUILD-A3",
                    "Tail volume",
                    tail.pitchArea() * arm / (planform.area() * planform.meanChord()),
                    Quantity.NUMBER,
                    "V_H = S_h·l_h/(S·c̄); a V-tail counts S·cos²Γ",
                    Source.RAYMER,
                    Working.in("area in pitch S_h", tail.pitchArea(), Quantity.AREA),
                    Working.in("arm l_h, quarter chord to quarter chord", arm, Quantity.LENGTH),
                    Working.in("wing area S", planform.area(), Quantity.AREA),
                    Working.in("c̄", planform.meanChord(), Quantity.LENGTH)));
        }
        if (tail.yawArea() > 0) {
            double arm = tail.yawStation() - planform.quarterStation();
            List<Working.Input> inputs = new ArrayList<>(List.of(
                    Working.in("area in yaw S_v", tail.yawArea(), Quantity.AREA),
                    Working.in("arm l_v, quarter chord to quarter chord", arm, Quantity.LENGTH),
                    Working.in("wing area S", planform.area(), Quantity.AREA),
                    Working.in("span b", planform.span(), Quantity.SPAN)));
            if (setup.airframe().tail() instanceof Tail.Vee vee) {
                inputs.add(Working.in(
                        "K, NACA 823 by a vortex lattice of the pair", VeePair.apart(vee), Quantity.NUMBER_FINE));
            }
            volumes.add(new Working(
                    "BUILD-A3",
                    "Fin volume",
                    tail.yawArea() * arm / (planform.area() * planform.span()),
                    Quantity.NUMBER,
                    Optional.empty(),
                    "V_V = S_v·l_v/(S·b); a V-tail counts K·S·sin²Γ, its halves pull against each other",
                    inputs,
                    Source.RAYMER));
        }
        return volumes;
    }
}
