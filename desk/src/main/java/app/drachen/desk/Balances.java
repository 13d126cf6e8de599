package app.drachen.desk;

import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.MeasuredBalance;
import app.drachen.core.airframe.Weighing;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** How mass and balance of an aircraft become known: weighed, or computed and accepted. */
final class Balances {
    private Balances() {}

    private static MassProperties computed(OpenAircraft aircraft) {
        return aircraft.standing().orElseThrow().setup().computedBalance();
    }

    /** Keeps a weighing: from here on it rules over the parts list, and it is proven. */
    static void weigh(OpenAircraft aircraft, Weighing weighing, Consumer<String> told) {
        MassProperties computed = computed(aircraft);
        keep(
                aircraft,
                "Weighed",
                Optional.of(MeasuredBalance.of(weighing, computed)),
                weighing.mass(),
                weighing.centre(),
                Evidence.REAL,
                told);
    }

    /** Takes the figures of the parts list for true, for want of a weighing. */
    static void acceptComputed(OpenAircraft aircraft, Consumer<String> told) {
        MassProperties computed = computed(aircraft);
        keep(
                aircraft,
                "Computed balance accepted",
                Optional.empty(),
                computed.mass(),
                computed.centre().aft(),
                Evidence.COMPUTED,
                told);
    }

    private static void keep(
            OpenAircraft aircraft,
            String reason,
            Optional<MeasuredBalance> measured,
            double mass,
            double centre,
            Evidence evidence,
            Consumer<String> told) {
        String note = Quantity.MASS.text(mass) + ", CG " + Quantity.LENGTH.text(centre) + " behind the nose";
        Runnable proven = () -> {
            MassProperties now = computed(aircraft);
            Map<String, Double> values = Map.of(
                    "mass",
                    mass,
                    "centre",
                    centre,
                    "computedMass",
                    now.mass(),
                    "computedCentre",
                    now.centre().aft());
            aircraft.prove(ProofKind.WEIGHING, evidence, true, note, values, told);
        };
        UnaryOperator<Setup> change = s -> s.withBuild(s.build().withMeasured(measured));
        if (!aircraft.edit(reason + ": " + note, change, proven, told)) {
            proven.run();
        }
    }
}
