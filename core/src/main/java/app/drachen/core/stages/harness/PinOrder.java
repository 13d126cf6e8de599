package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Lead.Way;
import app.drachen.core.wiring.PinCard;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** HARNESS-R9: by the pin orders of both ends, ground meets ground, power power, and transmit receive. */
final class PinOrder extends HarnessRule {
    PinOrder() {
        super("HARNESS-R9", "Pins of both ends", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "Ground meets ground, power meets power, and what one end transmits the other receives.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        int leads = 0;
        for (Wired w : wiring.wired()) {
            PinCard card = PinCard.of(w);
            leads += card.strands().isEmpty() ? 0 : 1;
            List<PinCard.Strand> wrong = card.wrong();
            if (!wrong.isEmpty()) {
                PinCard.Strand s = wrong.stream()
                        .filter(PinCard.Strand::harmful)
                        .findFirst()
                        .orElse(wrong.get(0));
                return stop(
                        Gate.POWER,
                        "Pin " + s.devicePin() + " is " + s.device().label() + " at "
                                + w.device().name() + " and meets "
                                + s.board().label() + " at "
                                + w.place().map(p -> p.name()).orElse("the board"),
                        "Follow the pin card" + (s.harmful() ? "; as it is, something burns." : "."),
                        List.of(),
                        new Remedy.Change(
                                "Wire it by the pin card",
                                "Pins by the card: " + w.device().name(),
                                x -> x.withHarness(
                                        x.harness().withLead(w.device().name(), l -> l.running(Way.CARD)))));
            }
        }
        if (leads == 0) {
            return open(Optional.empty(), "No plug is in yet whose pins could be compared", "Plug the devices in.");
        }
        return good("Pins agree at both ends", leads + " leads looked at.");
    }
}
