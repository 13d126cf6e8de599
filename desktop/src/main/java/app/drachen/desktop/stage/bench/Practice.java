package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Planted;
import app.drachen.core.bench.Training;
import app.drachen.core.setup.Setup;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.EditPopup;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** Practice on the stand-in board: faults are hidden, causes blamed, points told. Nothing of it is evidence. */
final class Practice {
    private final Session session;
    private final Node owner;
    private final Runnable changed;
    private final Random dice = new Random(7);
    private final EditPopup list;
    private Optional<Training> training = Optional.empty();
    private List<Planted> causes = List.of();
    private Optional<OpenAircraft> beginning = Optional.empty();

    /**
     * No practice yet.
     *
     * @param owner over which the list of causes is shown
     * @param changed told when what the board would show has changed
     */
    Practice(Session session, Node owner, Runnable changed) {
        this.session = session;
        this.owner = owner;
        this.changed = changed;
        list = new EditPopup("blame", 420, () -> new BlameList(causes, this::blamed));
    }

    /** A round with all that may be blamed. */
    private record Begun(Training round, List<Planted> causes) {}

    /** What was hidden in another aircraft, or in this one as it was, is hidden no more. */
    void update() {
        training = training.filter(t -> t.setup().equals(session.setup()));
    }

    boolean on() {
        return training.isPresent();
    }

    boolean beginning() {
        return beginning.filter(session::shows).isPresent();
    }

    /** The aircraft as it really is, for one more check; empty where nothing is hidden. */
    Optional<Setup> checked() {
        training = training.map(Training::checked);
        return training.map(Training::real);
    }

    /** Hides faults on the stand-in board; to see which of them show beside one another takes a moment. */
    void hide(int count) {
        Setup setup = session.setup();
        OpenAircraft aircraft = session.aircraft();
        long seed = dice.nextLong();
        beginning = Optional.of(aircraft);
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        aircraft,
                        running -> new Begun(Training.begin(setup, count, seed), Planted.possible(setup)),
                        begun -> begin(aircraft, begun),
                        failed -> {
                            beginning = Optional.empty();
                            session.tell(failed);
                        });
    }

    private void begin(OpenAircraft aircraft, Begun begun) {
        beginning = Optional.empty();
        int hidden = begun.round().hidden().size();
        if (hidden == 0) {
            session.tell("Sticks and tilts would show no fault of this aircraft.");
        } else if (!session.shows(aircraft)
                || !session.setup().equals(begun.round().setup())) {
            session.tell("The aircraft has changed meanwhile; hide a fault once more.");
        } else {
            training = Optional.of(begun.round());
            causes = begun.causes();
            changed.run();
            session.tell("The stand-in board hides " + (hidden == 1 ? "a fault" : hidden + " faults")
                    + " now. It is practice: no proof is kept of it.");
        }
    }

    /** Shows what may be blamed. */
    void blame() {
        if (training.isEmpty()) {
            session.tell("Nothing is hidden; H hides a fault.");
        } else {
            list.showOver(owner);
        }
    }

    private void blamed(Planted cause) {
        list.hide();
        if (training.isEmpty()) {
            session.tell("Nothing is hidden any more; H hides a fault.");
            return;
        }
        Training before = training.get();
        Training now = before.blamed(cause);
        boolean right = now.found().size() > before.found().size();
        training = Optional.of(now).filter(t -> !t.done());
        changed.run();
        session.tell((right ? "Right: " : "No: ") + cause.words() + ". "
                + (right ? cause.why() + " " : "That would look otherwise. ") + now.words());
    }

    /** Tells what is still hidden, and takes it away. */
    void reveal() {
        if (training.isEmpty()) {
            session.tell("Nothing is hidden.");
            return;
        }
        Training round = training.get();
        String left = round.hidden().stream()
                .filter(p -> !round.found().contains(p))
                .map(Planted::words)
                .collect(Collectors.joining("; "));
        training = Optional.empty();
        changed.run();
        session.tell("It hid: " + left + ". Removed. " + round.words());
    }
}
