package app.drachen.core.stages.throwing;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Rates;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** THROWS-R9: the rates suit a first flight. */
public final class FirstFlightRates implements ClearanceRule {
    private static final Judgement LEAST = new Judgement(
            "THROWS-R9.least",
            "least roll rate for a first flight",
            Quantity.ANGULAR_RATE,
            Math.toRadians(45),
            0.1,
            10);
    private static final Judgement MOST = new Judgement(
            "THROWS-R9.most",
            "greatest roll rate for a first flight",
            Quantity.ANGULAR_RATE,
            Math.toRadians(150),
            0.1,
            20);

    @Override
    public String id() {
        return "THROWS-R9";
    }

    @Override
    public String demand() {
        return "Full stick rolls at " + LEAST.text() + " to " + MOST.text() + " on the first flight, with some expo.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement; the rate itself is that of THROWS-A9");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LEAST, MOST);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        Working rate = ControlPower.rollRate(setup, setup.modes().limits().cruiseSpeed());
        Rates rates = setup.controls().rates();
        boolean wild = rate.value() > situation.judged(MOST);
        boolean tame = rate.value() < situation.judged(LEAST);
        boolean hard = rates.expo() < 0.05 && rates.roll() > 0.95;
        String shown = Quantity.ANGULAR_RATE.text(rate.value());
        if (!wild && !tame && !hard) {
            return Ruling.advice(
                    Stage.THROWS,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "Full stick rolls " + shown,
                            "At cruise speed, rolling without yaw; the slip of a roll takes up to half of it on a wing without a tail, a third elsewhere.",
                            rate));
        }
        double wanted = Math.rint(rates.roll() * Math.toRadians(90) / rate.value() * 20) / 20;
        double share = Math.max(0.2, Math.min(1, wanted));
        return Ruling.advice(
                Stage.THROWS,
                Finding.of(
                        id(),
                        State.CAUTION,
                        "Full stick rolls " + shown,
                        Quantity.ANGULAR_RATE.text(situation.judged(LEAST)) + " to "
                                + Quantity.ANGULAR_RATE.text(situation.judged(MOST)) + " suits a first flight; "
                                + Quantity.SHARE.text(share)
                                + " of rate gives about 90 °/s.",
                        rate),
                new Remedy.Change(
                        "Take " + Quantity.SHARE.text(share),
                        "Roll rate set for the first flight",
                        s -> s.withControls(s.controls()
                                .withRates(new Rates(
                                        share,
                                        s.controls().rates().pitch(),
                                        s.controls().rates().yaw(),
                                        Math.max(0.3, s.controls().rates().expo()))))));
    }
}
