package app.drachen.desktop.app;

import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Setup;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.imports.ImportQueue;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.widget.Action;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;

/** What can be done with the aircraft on the shelf that needs the finder, files or other windows. */
final class ShelfDeeds {
    private final Session session;
    private final HangarView hangar;
    private final Finder finder;
    private final ImportQueue queue;
    private final Shell.Outside outside;

    ShelfDeeds(Session session, HangarView hangar, Finder finder, ImportQueue queue, Shell.Outside outside) {
        this.session = session;
        this.hangar = hangar;
        this.finder = finder;
        this.queue = queue;
        this.outside = outside;
    }

    List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("new aircraft", "N", this::newAircraft));
        actions.add(Action.of("duplicate", "D", () -> hangar.chosen().ifPresent(this::copy)));
        actions.add(Action.of("read a set-up", "I", this::readSetups));
        actions.add(Action.of("open in a window of its own", "W", () -> hangar.chosen()
                .ifPresent(a -> outside.newWindow().accept(OptionalLong.of(a.id())))));
        if (session.desk().isDemo()) {
            actions.add(Action.of("take it to my own hangar", "O", this::toOwn));
        }
        return actions;
    }

    private void newAircraft() {
        List<Choice> choices = new ArrayList<>();
        for (NewAircraft.Kind kind : NewAircraft.Kind.values()) {
            choices.add(new Choice("new", kind.label(), () -> add(NewAircraft.of(kind, "New aircraft"), kind.label())));
        }
        for (OpenAircraft aircraft : session.desk().shelf()) {
            choices.add(new Choice("copy", "a copy of " + aircraft.name(), () -> copy(aircraft)));
        }
        finder.open("start from what?", choices);
    }

    private void copy(OpenAircraft aircraft) {
        aircraft.standing()
                .ifPresent(now -> add(
                        now.setup().withName(now.setup().name() + " copy"),
                        "copied from " + now.setup().name() + " r"
                                + now.revision().number()));
    }

    private void add(Setup setup, String from) {
        session.desk()
                .add(
                        setup,
                        "Started: " + from,
                        added -> {
                            hangar.name(added);
                            // a demo is no place for one's own aircraft
                            String own =
                                    session.desk().isDemo() ? " This is the demo: O takes it to your own hangar." : "";
                            session.tell("Type its name and Enter; Enter then opens it." + own);
                        },
                        session::tell);
    }

    /** Takes the chosen aircraft to the pilot's own hangar, as it stands. */
    private void toOwn() {
        hangar.chosen()
                .flatMap(OpenAircraft::standing)
                .ifPresentOrElse(
                        now -> outside.toOwn().accept(now.setup()),
                        () -> session.tell("Choose an aircraft that can be read first."));
    }

    private void readSetups() {
        queue.take(outside.dialogs().open("Read a set-up", List.of(".json")));
    }
}
