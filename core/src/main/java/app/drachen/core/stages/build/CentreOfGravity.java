package app.drachen.core.stages.build;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** BUILD-R1: the centre of gravity lies in its window. */
public final class CentreOfGravity implements ClearanceRule {
    private static final String LEAST = Quantity.SHARE.text(Balance.LEAST_MARGIN);
    private static final String MOST = Quantity.SHARE.text(Balance.GREATEST_MARGIN);

    @Override
    public String id() {
        return "BUILD-R1";
    }

    @Override
    public String demand() {
        return "The static margin lies between " + LEAST + " and " + MOST + ", its lower bound not under " + LEAST
                + ".";
    }

    @Override
    public Source source() {
        return Source.ETKIN_REID;
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        Balance balance = Balance.of(setup);
        double outside = balance.outside();
        if (outside <= 0) {
            boolean noseHeavy = outside < 0;
            String margin = Quantity.SHARE_FINE.text(balance.margin());
            return noseHeavy
                    ? Ruling.of(
                            Stage.BUILD,
                            Gate.LAUNCH,
                            Finding.of(
                                    id(),
                                    State.CAUTION,
                                    "CG is " + Quantity.LENGTH.text(-outside) + " ahead of the window",
                                    "Static margin " + margin + ", wanted " + LEAST + " to " + MOST + ". "
                                            + advice(balance),
                                    balance.marginWorking()),
                            remedies(balance))
                    : Ruling.of(
                            Stage.BUILD,
                            Gate.LAUNCH,
                            Finding.of(
                                    id(),
                                    State.GOOD,
                                    "CG lies in the window",
                                    "Static margin " + margin + ".",
                                    balance.marginWorking()));
        }
        List<Working> workings = new ArrayList<>(List.of(balance.marginWorking()));
        balance.packSlide().ifPresent(workings::add);
        balance.ballast(0.02).ifPresent(workings::add);
        return Ruling.of(
                Stage.BUILD,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        State.STOP,
                        "CG is " + Quantity.LENGTH.text(Math.max(0, outside)) + " behind the window",
                        "Static margin "
                                + Quantity.SHARE_FINE.text(balance.margin())
                                + ", its lower bound "
                                + Quantity.SHARE_FINE.text(balance.leastMargin())
                                + "; " + LEAST + " is wanted. "
                                + advice(balance),
                        workings.toArray(new Working[0])),
                remedies(balance));
    }

    private static String advice(Balance balance) {
        Optional<Working> slide = balance.packSlide();
        Optional<Working> ballast = balance.outside() > 0 ? balance.ballast(0.02) : Optional.empty();
        String by = slide.map(w -> "Slide the pack "
                        + Quantity.LENGTH.text(Math.abs(w.value()))
                        + (w.value() < 0 ? " forward" : " aft"))
                .orElse("Move something heavy");
        return by
                + ballast.map(w -> ", or add " + Quantity.MASS.text(w.value()) + " at the nose")
                        .orElse("")
                + ".";
    }

    /** Sliding the pack, where it stays inside the aircraft. */
    private static Remedy[] remedies(Balance balance) {
        if (balance.pack().isEmpty() || balance.packSlide().isEmpty()) {
            return new Remedy[0];
        }
        Part pack = balance.pack().get();
        double aft =
                Math.rint((pack.position().aft() + balance.packSlide().get().value()) * 1000) / 1000;
        Position moved =
                new Position(aft, pack.position().right(), pack.position().up());
        return new Remedy[] {
            new Remedy.Change("Slide the pack", "Pack slid for balance", s -> s.withPart(pack.name(), p -> p.at(moved)))
        };
    }
}
