package app.drachen.core.clearance;

import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * What a template brought is no evidence: it stands open until the pilot has said that it is right as it stands. That one part
 * was changed does not make the others his own, so a change alone confirms nothing.
 *
 * @param stage the stage it belongs to
 * @param watched what is this aircraft's own
 */
public record OwnFigures(Stage stage, List<Facet> watched) implements ClearanceRule {
    public OwnFigures {
        watched = List.copyOf(watched);
    }

    @Override
    public String id() {
        return stage.name() + "-OWN";
    }

    @Override
    public String demand() {
        return "Nothing of a template is left unconfirmed: " + names(watched) + ".";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    private static String names(List<Facet> facets) {
        return facets.stream().map(Facet::label).collect(Collectors.joining(", "));
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        List<Facet> open = setup.assumed().stream().filter(watched::contains).toList();
        if (open.isEmpty()) {
            return Ruling.advice(stage, Finding.of(id(), State.GOOD, "Nothing here waits to be confirmed", ""));
        }
        String what = names(open);
        return Ruling.of(
                stage,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        State.OPEN,
                        Character.toUpperCase(what.charAt(0)) + what.substring(1) + ": begun from a template",
                        "Nobody has said that this is so on your aircraft. Enter yours, then confirm it once."),
                new Remedy.Change(
                        "Right as it stands",
                        "Looked at and right as it stands: " + what.toLowerCase(Locale.ROOT),
                        s -> s.withAssumed(s.assumed().stream()
                                .filter(f -> !watched.contains(f))
                                .toList())));
    }
}
