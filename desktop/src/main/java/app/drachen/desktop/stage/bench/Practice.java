package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.CardId;
import app.drachen.core.bench.Planted;
import app.drachen.core.bench.Training;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.PracticeBook;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.EditPopup;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** Practice on the stand-in board: faults are hidden, causes blamed, points told and kept. Nothing of it is evidence. */
final class Practice {
    private final Session session;
    private final Node owner;
    private final Runnable changed;
    private final Random dice = new Random(7);
    private final EditPopup list;
    private final PracticeBook book;
    private Optional<Training> training = Optional.empty();
    private Map<Planted, Map<String, String>> causes = Map.of();
    private List<Planted> left = List.of();
    private Optional<OpenAircraft> beginning = Optional.empty();
    private long began;

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
        book = new PracticeBook(session.desk());
        list = new EditPopup("blame", 460, () -> new BlameList(left, this::blamed));
    }

    /** A round with all that may be blamed, and what each would show. */
    private record Begun(Training round, Map<Planted, Map<String, String>> causes) {}

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

    /** How many causes still explain what some cards have shown. */
    int causesLeft(Collection<CardId> run) {
        left = training.map(t -> t.left(causes, run)).orElse(List.of());
        return left.size();
    }

    /** What is hidden, as far as it may be told. */
    String words(Collection<CardId> run) {
        Training round = training.orElseThrow();
        int faults = round.hidden().size();
        int causesLeft = causesLeft(run);
        return "practice: " + (faults == 1 ? "one fault hidden" : faults + " faults hidden") + " · "
                + round.found().size() + " found · " + causesLeft + (causesLeft == 1 ? " cause" : " causes")
                + " left · " + round.points()
                + " points";
    }

    /** What the stand-in answers to a card while something is hidden; empty where nothing is. */
    Optional<Map<String, Double>> answers(CardId card) {
        training =
                training.map(Training::checked).map(t -> t.after(session.desk().now() - began));
        return training.map(t -> t.answers(card, t.checks()));
    }

    /** Hides faults on the stand-in board; to see which of them show beside one another takes a moment. */
    void hide(int count) {
        var setup = session.setup();
        OpenAircraft aircraft = session.aircraft();
        long seed = dice.nextLong();
        beginning = Optional.of(aircraft);
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        aircraft,
                        running -> new Begun(Training.begin(setup, count, seed), Planted.withSigns(setup)),
                        begun -> begin(aircraft, begun),
                        failed -> {
                            beginning = beginning.filter(a -> a != aircraft);
                            session.tell(failed);
                        });
    }

    private void begin(OpenAircraft aircraft, Begun begun) {
        beginning = beginning.filter(a -> a != aircraft);
        int hidden = begun.round().hidden().size();
        if (hidden == 0) {
            session.tell("No card would show a fault of this aircraft.");
        } else if (!session.shows(aircraft)
                || !session.setup().equals(begun.round().setup())) {
            session.tell("The aircraft has changed meanwhile; hide a fault once more.");
        } else {
            training = Optional.of(begun.round());
            causes = begun.causes();
            began = session.desk().now();
            changed.run();
            session.tell("The stand-in board hides " + (hidden == 1 ? "a fault" : hidden + " faults") + " now, one of "
                    + causes.size() + ". It is practice: no proof is kept of it.");
        }
    }

    /** Shows what may be blamed: the causes that still explain what was seen. */
    void blame(Collection<CardId> run) {
        if (training.isEmpty()) {
            session.tell("Nothing is hidden; H hides a fault.");
        } else {
            causesLeft(run);
            list.showOver(owner);
        }
    }

    private void blamed(Planted cause) {
        list.hide();
        if (training.isEmpty()) {
            session.tell("Nothing is hidden any more; H hides a fault.");
            return;
        }
        Training before = training.get().after(session.desk().now() - began);
        Training now = before.blamed(cause);
        boolean right = now.found().size() > before.found().size();
        if (now.done()) {
            keep(now);
        }
        training = Optional.of(now).filter(t -> !t.done());
        changed.run();
        session.tell((right ? "Right: " : "No: ") + cause.words() + ". "
                + (right ? cause.why() + " " : "That would look otherwise. ") + now.words()
                + (now.done() ? " " + book.words() : ""));
    }

    private void keep(Training round) {
        book.add(
                new PracticeBook.Round(
                        session.desk().now(),
                        session.setup().name(),
                        round.hidden().size(),
                        round.found().size(),
                        round.checks(),
                        round.falsely().size(),
                        round.points()),
                session::tell);
    }

    /** Tells what is still hidden, and takes it away. */
    void reveal() {
        if (training.isEmpty()) {
            session.tell("Nothing is hidden. " + book.words());
            return;
        }
        Training round = training.get().after(session.desk().now() - began);
        String hidden = round.hidden().stream()
                .filter(p -> !round.found().contains(p))
                .map(p -> p.words() + ": " + p.why())
                .collect(Collectors.joining(" "));
        keep(round);
        training = Optional.empty();
        changed.run();
        session.tell("It hid: " + hidden + " Removed. " + round.words());
    }
}
