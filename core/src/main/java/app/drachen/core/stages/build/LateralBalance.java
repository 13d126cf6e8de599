package app.drachen.core.stages.build;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Axis;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** BUILD-R4: no side is so heavy that the ailerons are spent on holding it. */
public final class LateralBalance implements ClearanceRule {
    private static final Judgement SOME = new Judgement(
            "BUILD-R4.some", "share of the roll throw that may hold a heavy side", Quantity.SHARE, 0.05, 0.01, 0.5);
    private static final Judgement MUCH = new Judgement(
            "BUILD-R4.much", "share of the roll throw at which a heavy side stops", Quantity.SHARE, 0.10, 0.02, 0.9);

    private static final String LISTED = "By the parts list; no scale has looked at the sides.";

    /** A CG nearer to the middle than this needs no roll control [m]. */
    private static final double NEAR = 0.002;

    @Override
    public String id() {
        return "BUILD-R4";
    }

    @Override
    public String demand() {
        return "Holding the heavier side takes at most " + SOME.text() + " of the roll throw at 1.3 Vs; " + MUCH.text()
                + " stops.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("limits are defaults of judgement; statics and strip theory, ±25 %");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(SOME, MUCH);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        double right = setup.massProperties().centre().right();
        String side = right < 0 ? "Left" : "Right";
        Working tip = tipMass(setup, right);
        double full = ControlPower.fullDeflection(setup, Axis.ROLL);
        double power = ControlPower.rollPower(setup);
        if (full * power == 0) {
            boolean middle = Math.abs(right) < NEAR;
            return ruling(
                    middle ? State.GOOD : State.CAUTION,
                    middle ? "CG lies in the middle" : side + " wing heavy, and no ailerons to hold it",
                    middle ? LISTED : remedy(tip, right),
                    tip);
        }
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Working share = share(setup, Math.abs(right), density, full, power);
        boolean much = share.value() > situation.judged(MUCH);
        boolean good = share.value() <= situation.judged(SOME);
        String takes = Quantity.SHARE.text(share.value()) + " of the roll throw";
        return good
                ? ruling(
                        State.GOOD,
                        Math.abs(right) < NEAR ? "CG lies in the middle" : "Holding the heavier side takes " + takes,
                        LISTED,
                        share,
                        tip)
                : ruling(
                        much ? State.STOP : State.CAUTION,
                        side + " wing heavy: it takes " + takes,
                        remedy(tip, right),
                        share,
                        tip);
    }

    private Ruling ruling(State state, String title, String detail, Working... workings) {
        return Ruling.of(Stage.BUILD, Gate.LAUNCH, Finding.of(id(), state, title, detail, workings));
    }

    private static String remedy(Working tip, double right) {
        return "Add " + Quantity.MASS.text(tip.value()) + " at the tip of the " + (right < 0 ? "right" : "left")
                + " wing, or move what is heavy to the middle.";
    }

    private static Working tipMass(Setup setup, double right) {
        double mass = setup.massProperties().mass();
        double half = setup.planform().span() / 2;
        return Working.of(
                "BUILD-A13",
                "Tip mass to cancel",
                mass * Math.abs(right) / half,
                Quantity.MASS,
                "M·y/(b/2)",
                Source.STATICS,
                Working.in("mass M", mass, Quantity.MASS),
                Working.in("CG beside the middle y", Math.abs(right), Quantity.LENGTH),
                Working.in("half span b/2", half, Quantity.SPAN));
    }

    private static Working share(Setup setup, double beside, double density, double full, double power) {
        double speed = 1.3 * Stall.of(setup, density).speed();
        double pressure = density / 2 * speed * speed;
        double mass = setup.massProperties().mass();
        double area = setup.planform().area();
        double span = setup.planform().span();
        double rolling = mass * Atmosphere.GRAVITY * beside / (pressure * area * span);
        double value = rolling / power / full;
        return Working.of(
                        "BUILD-A13",
                        "Roll throw that holds the heavier side",
                        value,
                        Quantity.SHARE,
                        "C_l = M·g·y/(q·S·b), δ = C_l/C_lδ, over full throw",
                        Source.NELSON,
                        Working.in("mass M", mass, Quantity.MASS),
                        Working.in("CG beside the middle y", beside, Quantity.LENGTH),
                        Working.in("1.3 Vs", speed, Quantity.SPEED),
                        Working.in("air density ρ, q = ½ρV²", density, Quantity.DENSITY),
                        Working.in("wing area S", area, Quantity.AREA),
                        Working.in("span b", span, Quantity.SPAN),
                        Working.in("aileron power C_lδ", power, Quantity.PER_RADIAN),
                        Working.in("full throw", full, Quantity.ANGLE))
                .within(0.75 * value, 1.25 * value);
    }
}
