package app.drachen.core.stages.build;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.flight.PowerSheet;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** BUILD-R8: what was fitted since the last flight costs little mass, balance and endurance. */
public final class SinceLastFlown implements ClearanceRule {
    private static final Judgement MASS = new Judgement(
            "BUILD-R8.mass",
            "share by which the mass may grow since the last flight",
            Quantity.SHARE,
            0.03,
            0.005,
            0.5);
    private static final Judgement CENTRE = new Judgement(
            "BUILD-R8.centre", "shift of the CG since the last flight", Quantity.LENGTH, 0.002, 0.0005, 0.05);
    private static final Judgement ENDURANCE = new Judgement(
            "BUILD-R8.endurance", "share of endurance lost since the last flight", Quantity.SHARE, 0.05, 0.01, 0.5);

    @Override
    public String id() {
        return "BUILD-R8";
    }

    @Override
    public String demand() {
        return "Since the last flight the mass grew by at most " + MASS.text() + ", the CG moved by at most "
                + CENTRE.text() + ", and at most " + ENDURANCE.text() + " of the endurance was lost.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MASS, CENTRE, ENDURANCE);
    }

    @Override
    public Ruling check(Situation situation) {
        if (situation.flown().isEmpty()) {
            return Ruling.advice(
                    Stage.BUILD,
                    Finding.of(id(), State.GOOD, "No flown revision to compare with", "Nothing was compared."));
        }
        Setup before = situation.flown().get();
        MassProperties was = before.massProperties();
        MassProperties now = situation.setup().massProperties();
        double grown = now.mass() / was.mass() - 1;
        double shifted = now.centre().aft() - was.centre().aft();
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Optional<Double> lasted = endurance(before, density);
        Optional<Double> lasts = lasted.flatMap(b -> endurance(situation.setup(), density));
        double lost = lasts.map(n -> lasted.get() - n).orElse(0.0);
        List<String> costs = new ArrayList<>();
        if (grown > situation.judged(MASS)) {
            costs.add(Quantity.MASS.text(now.mass() - was.mass()) + " more");
        }
        if (Math.abs(shifted) > situation.judged(CENTRE)) {
            costs.add("the CG " + Quantity.LENGTH.text(Math.abs(shifted))
                    + (shifted > 0 ? " further aft" : " further ahead"));
        }
        if (lost > situation.judged(ENDURANCE) * lasted.orElse(0.0) && lost > 0) {
            costs.add(Quantity.DURATION.text(lost) + " less endurance");
        }
        Working mass = Working.of(
                id(),
                "Mass since the last flight",
                now.mass() - was.mass(),
                Quantity.MASS,
                "M − M_flown",
                Source.ARITHMETIC,
                Working.in("now M", now.mass(), Quantity.MASS),
                Working.in("flown M_flown", was.mass(), Quantity.MASS));
        Working centre = Working.of(
                id(),
                "CG since the last flight",
                shifted,
                Quantity.LENGTH,
                "s − s_flown; aft positive",
                Source.ARITHMETIC,
                Working.in("now s", now.centre().aft(), Quantity.LENGTH),
                Working.in("flown s_flown", was.centre().aft(), Quantity.LENGTH));
        return costs.isEmpty()
                ? Ruling.advice(
                        Stage.BUILD,
                        Finding.of(id(), State.GOOD, "Mass and balance are those of the last flight", "", mass, centre))
                : Ruling.advice(
                        Stage.BUILD,
                        Finding.of(
                                id(),
                                State.CAUTION,
                                "Since the last flight: " + String.join(", ", costs),
                                "Compare with the flown revision (F3); rebalance, and fly it as a changed aircraft.",
                                mass,
                                centre));
    }

    private static Optional<Double> endurance(Setup setup, double density) {
        return PowerSheet.endurance(setup, density).map(Working::value);
    }
}
