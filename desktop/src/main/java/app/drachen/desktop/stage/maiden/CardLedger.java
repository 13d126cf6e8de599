package app.drachen.desktop.stage.maiden;

import app.drachen.core.cards.Card;
import app.drachen.core.cards.PassLimit;
import app.drachen.core.cards.Verdict;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.desk.flight.Flight;
import app.drachen.desktop.widget.Ledger;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a card says in the ledger: what must be shown, when to break off, safety. */
final class CardLedger {
    private CardLedger() {}

    /** Fills the ledger from a card and, once it is flown, the flight. */
    static void fill(Ledger ledger, Optional<Card> card, Optional<Flight> flown, UnitSystem units) {
        List<Verdict> verdicts = flown.map(Flight::verdicts)
                .orElseGet(() -> card.map(Card::limits).orElse(List.of()).stream()
                        .map(l -> new Verdict(l, Optional.empty()))
                        .toList());
        ledger.add(
                "What this flight must show",
                verdicts.stream().map(v -> finding(v, units)).toList());
        List<Finding> happened = flown.map(Flight::notices).orElse(List.of()).stream()
                .map(n -> Finding.of(
                        "on-the-way",
                        State.CAUTION,
                        sentence(Quantity.read(n.sentence(), units)),
                        Quantity.TIME.text(n.time(), units) + " after launch."))
                .toList();
        if (!happened.isEmpty()) {
            ledger.add("On the way", happened);
        }
        card.ifPresent(c -> {
            ledger.add("Break off if", cautions("break-off", c.breakOff(), "Manual first, then think."));
            ledger.add("Safety", cautions("safety", c.cautions(), "You decide; this only advises."));
        });
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static List<Finding> cautions(String id, List<String> lines, String detail) {
        return lines.stream()
                .map(line -> Finding.of(id, State.CAUTION, line, detail))
                .toList();
    }

    private static Finding finding(Verdict verdict, UnitSystem units) {
        PassLimit limit = verdict.limit();
        State s = verdict.passed() ? State.GOOD : verdict.failed() ? State.STOP : State.OPEN;
        String detail = verdict.measured()
                .map(m -> m.isInfinite()
                        ? "Flown: beyond measure, as in a crash or what never settles."
                        : "Flown: " + limit.working().quantity().text(m, units) + ".")
                .orElse("Not shown yet.");
        return Finding.of(limit.id().name(), s, limit.sentence(), detail, limit.working());
    }
}
