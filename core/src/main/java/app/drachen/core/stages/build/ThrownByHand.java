package app.drachen.core.stages.build;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
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
import java.util.List;
import java.util.Optional;

/** BUILD-R6: an arm can throw it, and the motor then takes it along. */
public final class ThrownByHand implements ClearanceRule {
    private static final Judgement THROW =
            new Judgement("BUILD-R6.throw", "fastest throw of an arm over the ground", Quantity.SPEED, 9, 3, 20);
    private static final Judgement THRUST = new Judgement(
            "BUILD-R6.thrust", "least static thrust over weight for a throw", Quantity.NUMBER, 0.35, 0.1, 2);

    /** Height of an arm [m]. */
    private static final double ARM = 2;

    @Override
    public String id() {
        return "BUILD-R6";
    }

    @Override
    public String demand() {
        return "A throw into the wind of at most " + THROW.text() + " is enough, and static thrust is at least "
                + THRUST.text() + " of the weight.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement; the throw itself is that of BUILD-A11");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(THROW, THRUST);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        if (setup.propulsion().drives().isEmpty()) {
            return ruling(
                    State.CAUTION, "No motor: nothing is judged of its start", "A tow or a slope is yours to judge.");
        }
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Working thrust = PowerSheet.thrustToWeight(setup, density);
        if (thrust.value() < situation.judged(THRUST)) {
            return ruling(
                    State.STOP,
                    "Static thrust is " + Quantity.SHARE.text(thrust.value()) + " of the weight",
                    "A throw by hand wants " + Quantity.SHARE.text(situation.judged(THRUST))
                            + ". Larger propeller, another motor or pack, less mass; or another way to start.",
                    thrust);
        }
        Optional<Working> needed = PowerSheet.leastThrow(setup, density);
        if (needed.isEmpty()) {
            return ruling(
                    State.CAUTION,
                    "Throw not judged",
                    "The model finds no level flight at cruise speed; check cruise speed, motor and elevator.",
                    thrust);
        }
        double wind = situation
                .field()
                .filter(f -> situation.windIsOfToday())
                .map(f -> f.windAt(ARM))
                .orElse(0.0);
        double ground = Math.max(0, needed.get().value() - wind);
        Working over = Working.of(
                id(),
                "Throw over the ground",
                ground,
                Quantity.SPEED,
                "V₀ less the wind at " + Quantity.HEIGHT.text(ARM) + "; none counts that was not measured today",
                Source.ARITHMETIC,
                Working.in("least airspeed V₀", needed.get().value(), Quantity.SPEED),
                Working.in("wind", wind, Quantity.SPEED));
        boolean good = ground <= situation.judged(THROW);
        return good
                ? ruling(
                        State.GOOD,
                        "A throw of " + Quantity.SPEED.text(ground) + " is enough",
                        wind == 0 ? "In still air." : "Into today's wind.",
                        over,
                        needed.get(),
                        thrust)
                : ruling(
                        State.STOP,
                        "Needs a throw of " + Quantity.SPEED.text(ground),
                        "An arm gives " + Quantity.SPEED.text(situation.judged(THROW))
                                + ". More headwind, a bungee, less mass.",
                        over,
                        needed.get(),
                        thrust);
    }

    private Ruling ruling(State state, String title, String detail, Working... workings) {
        return Ruling.of(Stage.BUILD, Gate.LAUNCH, Finding.of(id(), state, title, detail, workings));
    }
}
