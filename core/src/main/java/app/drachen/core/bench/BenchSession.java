package app.drachen.core.bench;

import app.drachen.core.controls.Surface;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A bench check under way: questions and the answers seen so far. Immutable.
 *
 * @param check the check
 * @param questions its questions
 * @param seen answers so far, by number of the question from 0
 */
public record BenchSession(
        BenchCheck check, List<BenchCheck.Question> questions, Map<Integer, Map<Surface, Answer>> seen) {
    public BenchSession {
        questions = List.copyOf(questions);
        seen = Map.copyOf(seen);
    }

    /** A fresh session. */
    public static BenchSession of(BenchCheck check, List<BenchCheck.Question> questions) {
        return new BenchSession(check, questions, Map.of());
    }

    /** The session with one more answer. */
    public BenchSession answered(int question, Surface surface, Answer answer) {
        Map<Integer, Map<Surface, Answer>> all = new HashMap<>(seen);
        Map<Surface, Answer> answers = new LinkedHashMap<>(all.getOrDefault(question, Map.of()));
        answers.put(surface, answer);
        all.put(question, Map.copyOf(answers));
        return new BenchSession(check, questions, all);
    }

    /** The session with every answer of one question. */
    public BenchSession answered(int question, Map<Surface, Answer> answers) {
        BenchSession session = this;
        for (Map.Entry<Surface, Answer> entry : answers.entrySet()) {
            session = session.answered(question, entry.getKey(), entry.getValue());
        }
        return session;
    }

    /** What was seen of a surface. */
    public Optional<Answer> seen(int question, Surface surface) {
        return Optional.ofNullable(seen.getOrDefault(question, Map.of()).get(surface));
    }

    /** The first question that still lacks an answer. */
    public Optional<Integer> nextOpen() {
        for (int i = 0; i < questions.size(); i++) {
            for (Surface surface : questions.get(i).wanted().keySet()) {
                if (seen(i, surface).isEmpty()) {
                    return Optional.of(i);
                }
            }
        }
        return Optional.empty();
    }

    public boolean complete() {
        return nextOpen().isEmpty();
    }

    /** Under what name a proof keeps that a surface stood still. */
    public static String still(Surface surface) {
        return "still " + surface.id();
    }

    /** Surfaces that never moved though they should have, by the names under which a proof keeps them. */
    public Map<String, Double> stood() {
        Map<String, Double> stood = new java.util.TreeMap<>();
        for (Wrong one : wrong()) {
            if (one.seen() == Answer.STILL) {
                stood.put(still(one.surface()), 1.0);
            }
        }
        for (int i = 0; i < questions.size(); i++) {
            for (Surface surface : questions.get(i).wanted().keySet()) {
                if (seen(i, surface).filter(a -> a != Answer.STILL).isPresent()) {
                    stood.remove(still(surface));
                }
            }
        }
        return stood;
    }

    /** A wrong answer: what was wanted and what was seen. */
    public record Wrong(BenchCheck.Question question, Surface surface, Answer wanted, Answer seen) {
        /** The wrong answer as one sentence. */
        public String sentence() {
            return question.instruction()
                    + ": "
                    + surface.words()
                    + " must go "
                    + wanted.label()
                    + "; it "
                    + (seen == Answer.STILL ? "stays still." : "goes " + seen.label() + ".");
        }
    }

    /** All wrong answers so far. */
    public List<Wrong> wrong() {
        List<Wrong> wrong = new java.util.ArrayList<>();
        for (int i = 0; i < questions.size(); i++) {
            BenchCheck.Question question = questions.get(i);
            for (Map.Entry<Surface, Answer> entry : question.wanted().entrySet()) {
                Optional<Answer> answer = seen(i, entry.getKey());
                if (answer.isPresent() && answer.get() != entry.getValue()) {
                    wrong.add(new Wrong(question, entry.getKey(), entry.getValue(), answer.get()));
                }
            }
        }
        return wrong;
    }
}
