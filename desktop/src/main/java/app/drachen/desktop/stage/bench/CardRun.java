package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Answer;
import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.BenchSession;
import app.drachen.core.bench.CardId;
import app.drachen.core.bench.Reading;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.StageState;
import app.drachen.core.controls.Surface;
import app.drachen.core.stages.bench.BenchProofs;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Proving;
import app.drachen.desk.Session;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;

/** The run through the cards: which is chosen, what was answered, and what is kept of it as evidence. */
final class CardRun {
    private final Session session;
    private final Practice practice;
    private final BenchAnswers answers = new BenchAnswers();
    private final Set<CardId> failureKept = EnumSet.noneOf(CardId.class);
    private CardId chosen = CardId.STICK_TO_SURFACE;
    private Optional<OpenAircraft> of = Optional.empty();
    private int revision;
    private Optional<OpenAircraft> propellerOff = Optional.empty();
    private boolean propellerKept;
    private long seed = 1;

    CardRun(Session session, Node owner, Runnable practised) {
        this.session = session;
        practice = new Practice(session, owner, practised);
    }

    Practice practice() {
        return practice;
    }

    boolean practising() {
        return practice.on();
    }

    boolean beginning() {
        return practice.beginning();
    }

    void blame() {
        practice.blame(answers.ran());
    }

    CardId chosen() {
        return chosen;
    }

    void choose(CardId id) {
        chosen = id;
    }

    /** Whether the pilot has said of this aircraft that its propeller is off. What was said of another does not count. */
    boolean propellerOff() {
        return propellerOff.filter(session::shows).isPresent();
    }

    /** The pilot says that the propeller is off, or no longer. */
    void propeller(boolean off) {
        propellerOff = off ? Optional.of(session.aircraft()) : Optional.empty();
        propellerKept = false;
    }

    /** Answers belong to a revision: another one, or another aircraft, is asked anew. */
    void update() {
        practice.update();
        int now = session.revision().number();
        if (now != revision || of.filter(session::shows).isEmpty()) {
            answers.forget();
            failureKept.clear();
            of = Optional.of(session.aircraft());
            revision = now;
        }
        if (BenchCards.card(chosen, session.setup()).isEmpty()) {
            chosen = BenchCards.of(session.setup()).get(0).id();
        }
    }

    BenchCard card() {
        return BenchCards.card(chosen, session.setup()).orElseThrow();
    }

    Map<String, Double> given(boolean ofTheRealOne) {
        return answers.given(ofTheRealOne, chosen);
    }

    Map<String, Double> given(boolean ofTheRealOne, CardId id) {
        return answers.given(ofTheRealOne, id);
    }

    void forgetStandIn() {
        answers.forgetStandIn();
    }

    void forget(boolean ofTheRealOne) {
        answers.forget(ofTheRealOne, chosen);
        failureKept.remove(chosen);
    }

    /** What practice is about, in a line; nothing while there is none. */
    Optional<String> practised() {
        return practice.on() ? Optional.of(practice.words(answers.ran())) : Optional.empty();
    }

    List<CardLine.Spot> spots() {
        return BenchCards.of(session.setup()).stream()
                .map(card -> {
                    Optional<Proof> proof = session.situation().proof(BenchProofs.of(card.id()));
                    Map<String, Double> shown = answers.given(false, card.id());
                    return new CardLine.Spot(
                            card,
                            proof.map(this::state).orElse(StageState.OPEN),
                            proof,
                            practice.on() && !shown.isEmpty()
                                    ? Optional.of(card.wrong(shown).isEmpty())
                                    : Optional.empty());
                })
                .toList();
    }

    private StageState state(Proof proof) {
        return !session.situation().fresh(proof)
                ? StageState.STALE
                : proof.passed() ? StageState.PROVEN : StageState.STOPPED;
    }

    private BenchCheck check() {
        return chosen == CardId.TILT_TO_SURFACE ? BenchCheck.TILT_TO_SURFACE : BenchCheck.STICK_TO_SURFACE;
    }

    /** The check of surfaces under way, from the answers of its card. */
    BenchSession asked(boolean ofTheRealOne) {
        BenchSession asked = BenchSession.of(check(), check().questions(session.setup()));
        Map<String, Double> given = given(ofTheRealOne);
        for (int i = 0; i < asked.questions().size(); i++) {
            BenchCheck.Question question = asked.questions().get(i);
            for (Surface surface : question.wanted().keySet()) {
                Double value = given.get(key(question, surface));
                if (value != null) {
                    asked = asked.answered(i, surface, Answer.values()[(int) Math.rint(value)]);
                }
            }
        }
        return asked;
    }

    private static String key(BenchCheck.Question question, Surface surface) {
        return question.instruction() + " " + surface.id();
    }

    Optional<BenchCheck.Question> next(boolean ofTheRealOne) {
        BenchSession asked = asked(ofTheRealOne);
        return BenchView.first(asked.questions(), asked.nextOpen());
    }

    /** What is wrong so far, in sentences. */
    List<String> wrong(boolean ofTheRealOne) {
        return chosen.ofSurfaces()
                ? asked(ofTheRealOne).wrong().stream()
                        .map(BenchSession.Wrong::sentence)
                        .toList()
                : card().wrong(given(ofTheRealOne)).stream()
                        .map(BenchCard.Said::sentence)
                        .toList();
    }

    /** The real aircraft has answered. */
    void answer(int question, Surface surface, Answer answer) {
        BenchCheck.Question asked = asked(true).questions().get(question);
        answers.put(true, chosen, key(asked, surface), answer.ordinal());
        keepIfTold(true);
    }

    /** The answer to the first open question that it can be an answer to. */
    void answerNext(Answer answer) {
        if (!chosen.ofSurfaces()) {
            return;
        }
        BenchSession asked = asked(true);
        asked.nextOpen().ifPresent(index -> {
            for (Surface surface : asked.questions().get(index).wanted().keySet()) {
                if (asked.seen(index, surface).isEmpty()
                        && SurfaceQuestions.choices(surface).contains(answer)) {
                    answer(index, surface, answer);
                    return;
                }
            }
        });
    }

    /** A reading of a card was typed or chosen. */
    void read(boolean ofTheRealOne, CardId id, Reading reading, double value) {
        answers.put(ofTheRealOne, id, reading.id(), value);
        keepIfTold(ofTheRealOne, id);
    }

    /** Readings from a text, in the order in which they are asked; all of them are judged before any is taken. */
    String paste(String text) {
        List<String> words = List.of(text.strip().split("[\\s;]+"));
        List<Reading> readings = card().readings();
        if (chosen.ofSurfaces() || text.isBlank()) {
            return text.isBlank() ? "There is no text to paste." : "Surfaces are answered one by one.";
        }
        if (words.size() > readings.size()) {
            return words.size() + " numbers are there, and this card asks " + readings.size() + "; copy just those.";
        }
        Map<String, Double> taken = new java.util.LinkedHashMap<>();
        for (int i = 0; i < words.size(); i++) {
            Reading reading = readings.get(i);
            try {
                taken.put(reading.id(), reading.checked(number(reading, words.get(i))));
            } catch (IllegalArgumentException e) {
                return "Word " + (i + 1) + ": " + e.getMessage() + ". Nothing was taken.";
            }
        }
        Map<String, Double> all = new java.util.LinkedHashMap<>(given(true));
        all.putAll(taken);
        answers.put(true, chosen, all);
        keepIfTold(true);
        return words.size() + " readings taken.";
    }

    private double number(Reading reading, String word) {
        if (reading.options().isEmpty()) {
            return reading.quantity().parse(word, session.units());
        }
        for (int i = 0; i < reading.options().size(); i++) {
            if (reading.options().get(i).toLowerCase(Locale.ROOT).startsWith(word.toLowerCase(Locale.ROOT))) {
                return i;
            }
        }
        throw new IllegalArgumentException(
                "\u201c" + word + "\u201d is none of " + String.join(", ", reading.options()));
    }

    /** Readings that came from a bridge: judged whole, and none is taken that the card does not ask. */
    String bridged(CardId id, Map<String, Double> readings) {
        BenchCard card = BenchCards.card(id, session.setup()).orElse(null);
        if (card == null) {
            return "This aircraft has nothing that the card is about any more.";
        }
        Map<String, Double> taken = new java.util.LinkedHashMap<>();
        for (Map.Entry<String, Double> entry : readings.entrySet()) {
            Optional<Reading> reading = card.reading(entry.getKey());
            if (reading.isEmpty()) {
                return "The bridge sent “" + entry.getKey() + "”, which this card does not ask. Nothing was taken.";
            }
            try {
                taken.put(entry.getKey(), reading.get().checked(entry.getValue()));
            } catch (IllegalArgumentException e) {
                return e.getMessage() + ". Nothing was taken.";
            }
        }
        answers.put(true, id, taken);
        keepIfTold(true, id);
        return taken.size() + " readings taken from the bridge.";
    }

    /** The stand-in answers cards. */
    void standInAnswers(List<CardId> ids) {
        CardId was = chosen;
        Proving proving = new Proving(session);
        for (CardId id : ids) {
            chosen = id;
            answerAndKeep(id, proving);
        }
        chosen = was;
        proving.keep(session::tell);
    }

    private void answerAndKeep(CardId id, Proving proving) {
        seed++;
        Map<String, Double> given =
                practice.answers(id).orElseGet(() -> BenchCards.answered(id, session.setup(), seed));
        answers.put(false, id, given);
        keepIfTold(false, proving);
    }

    private void keepIfTold(boolean ofTheRealOne, CardId id) {
        CardId was = chosen;
        chosen = id;
        keepIfTold(ofTheRealOne);
        chosen = was;
    }

    /** A complete card is evidence; of the real aircraft the first wrong answer counts at once. */
    private void keepIfTold(boolean ofTheRealOne) {
        Proving proving = new Proving(session);
        keepIfTold(ofTheRealOne, proving);
        proving.keep(session::tell);
    }

    private void keepIfTold(boolean ofTheRealOne, Proving proving) {
        BenchCard card = card();
        Map<String, Double> given = given(ofTheRealOne);
        List<String> wrong = wrong(ofTheRealOne);
        boolean complete = card.complete(given);
        boolean wrongNow = ofTheRealOne && !complete && !wrong.isEmpty() && !failureKept.contains(chosen);
        // a practice fault is not the aircraft's: it is never kept as evidence
        if ((complete || wrongNow) && (!practice.on() || ofTheRealOne)) {
            if (wrongNow) {
                failureKept.add(chosen);
            }
            if (ofTheRealOne && chosen.propellerOff() && !propellerKept) {
                propellerKept = true;
                proving.add(ProofKind.PROPELLER_OFF, Evidence.REAL, true, "Off the shaft", Map.of());
            }
            boolean passed = wrong.isEmpty();
            proving.add(
                    BenchProofs.of(chosen),
                    ofTheRealOne ? Evidence.REAL : Evidence.STAND_IN,
                    passed,
                    passed
                            ? chosen.ofSurfaces() ? "All surfaces as wanted" : card.progress(given) + " as wanted"
                            : wrong.get(0),
                    chosen == CardId.STICK_TO_SURFACE
                            ? asked(ofTheRealOne).stood()
                            : chosen.ofSurfaces() ? Map.of() : given);
        }
    }
}
