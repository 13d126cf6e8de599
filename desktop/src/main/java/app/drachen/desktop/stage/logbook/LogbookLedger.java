package app.drachen.desktop.stage.logbook;

import app.drachen.desk.imports.Incoming;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Ledger;
import java.util.List;
import java.util.Optional;

/** What the logbook says in the ledger. */
final class LogbookLedger {
    private LogbookLedger() {}

    /** The states of files that have come as far as a kind of state. */
    static <T extends Incoming.State> List<T> states(List<Incoming> incoming, Class<T> kind) {
        return incoming.stream()
                .map(Incoming::state)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    /** How a mapping is made, or what the chosen flight shows; and what of the files that came in was not kept. */
    static void fill(
            Ledger ledger, boolean mapping, Optional<Read> read, List<Action> actions, List<Incoming> incoming) {
        if (mapping) {
            mapping(ledger, actions);
        } else if (read.isPresent()) {
            flight(ledger, read.get(), actions, incoming);
        } else {
            ledger.show("Logbook", "Choose a flight to see what it shows.", actions);
        }
        List<String> refused = states(incoming, Incoming.State.Refused.class).stream()
                .map(Incoming.State.Refused::sentence)
                .toList();
        if (!refused.isEmpty()) {
            ledger.addLines("Not kept in this session", refused);
        }
    }

    private static void mapping(Ledger ledger, List<Action> actions) {
        ledger.show(
                "Whose columns are these?", "Names and numbers were guessed at; every one can be changed.", actions);
        ledger.addLines(
                "How",
                List.of(
                        "“taken for” says what a column is, “unit” how its numbers are written, and the last column"
                                + " what the middle number then is.",
                        "Two columns cannot be the same thing: the second one chosen wins.",
                        "The answer is remembered for the next file with these headers."));
    }

    private static void flight(Ledger ledger, Read r, List<Action> actions, List<Incoming> incoming) {
        ledger.show(
                "Flight " + r.flight().number(),
                (r.flight().rehearsed() ? "Rehearsed" : "Flown") + " with r"
                        + r.revision().number() + ". " + r.flight().outcome(),
                actions);
        states(incoming, Incoming.State.Kept.class).stream()
                .filter(k -> k.flight().number() == r.flight().number()
                        && !k.repaired().isEmpty())
                .findFirst()
                .ifPresent(k -> ledger.addLines("Repaired or worked out", k.repaired()));
        r.debrief().flight().facts().ifPresent(f -> ledger.addValues("Facts", f.workings()));
        ledger.add("Findings", r.debrief().findings());
    }
}
