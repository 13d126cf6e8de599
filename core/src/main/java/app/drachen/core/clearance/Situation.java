package app.drachen.core.clearance;

import app.drachen.core.air.Field;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.setup.Decision;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Prints;
import app.drachen.core.setup.Setup;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/**
 * Everything the rules look at.
 *
 * @param setup the aircraft
 * @param revision number of this revision
 * @param field the field, if one is entered; its weather may be of another day
 * @param moment when this is asked, where the pilot is; empty if that does not matter
 * @param proofs evidence so far
 * @param flights every flight of the logbook, oldest first
 * @param flown the set-up that was really flown last; empty if none was
 * @param plan the card that is to be flown next; empty if none was chosen
 * @param changedAt revision in which each facet last changed
 * @param prints the fingerprints of the set-up, each taken once
 */
public record Situation(
        Setup setup,
        int revision,
        Optional<Field> field,
        Optional<ZonedDateTime> moment,
        List<Proof> proofs,
        List<FlightFact> flights,
        Optional<Setup> flown,
        Optional<CardPlan> plan,
        Map<Facet, Integer> changedAt,
        Prints prints) {
    public Situation {
        proofs = List.copyOf(proofs);
        flights = List.copyOf(flights);
        changedAt = Map.copyOf(changedAt);
    }

    /** A situation whose fingerprints are still to be taken. */
    public Situation(
            Setup setup, int revision, Optional<Field> field, List<Proof> proofs, Map<Facet, Integer> changedAt) {
        this(
                setup,
                revision,
                field,
                Optional.empty(),
                proofs,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                changedAt,
                Prints.of(setup));
    }

    /** A set-up on its own, without history or proofs. */
    public static Situation of(Setup setup) {
        return new Situation(setup, 1, Optional.empty(), List.of(), Map.of());
    }

    /**
     * The proof of a kind that counts: a fresh one before a stale one, then the higher evidence, then the later one. So
     * an answer of the stand-in board never stands before a fresh one of the real aircraft, passed or not. Where the
     * real aircraft answered wrong at last, only the real aircraft can take that back: the stand-in board is not heard.
     * What a pilot remembers of a flight that went wrong counts at once, whatever a log has shown before; that one went well
     * does not take back what a log has shown.
     */
    public Optional<Proof> proof(ProofKind kind) {
        if (proofs.isEmpty()) {
            return Optional.empty();
        }
        List<Proof> all = proofs.stream().filter(p -> p.kind() == kind).toList();
        boolean wrong = all.stream()
                .filter(p -> p.evidence() == Proof.Evidence.REAL)
                .max(Comparator.comparing(Proof::when).thenComparing(proofs::indexOf))
                .filter(p -> !p.passed())
                .isPresent();
        Optional<Proof> best = all.stream()
                .filter(p -> !wrong || p.evidence() != Proof.Evidence.STAND_IN)
                .max(Comparator.comparing(this::fresh)
                        .thenComparing((Proof p) -> p.evidence().rank())
                        .thenComparing(Proof::when)
                        .thenComparing(proofs::indexOf));
        return all.stream()
                .filter(p -> p.evidence() == Proof.Evidence.BY_HAND && fresh(p))
                .max(Comparator.comparing(Proof::when).thenComparing(proofs::indexOf))
                .filter(p ->
                        !p.passed() && best.filter(b -> b.when() > p.when()).isEmpty())
                .or(() -> best);
    }

    /**
     * A limit as it holds for this aircraft.
     *
     * @return [SI unit of the judgement]
     */
    public double judged(Judgement judgement) {
        return setup.decision(judgement.id()).map(Decision::value).orElse(judgement.usual());
    }

    /** Whether the field's wind was measured on the day that is asked about; so too where the day does not matter. */
    public boolean windIsOfToday() {
        return moment.isEmpty() || field.flatMap(Field::day).equals(today());
    }

    /** Whether a proof saw all it should, and nothing of that has changed. */
    public boolean fresh(Proof proof) {
        return proof.fresh(prints);
    }

    /** The same situation with another set-up, to ask what a change would do. */
    public Situation with(Setup other) {
        return new Situation(other, revision, field, moment, proofs, flights, flown, plan, changedAt, Prints.of(other));
    }

    /** The same situation with another field. */
    public Situation on(Field other) {
        return on(Optional.of(other));
    }

    /** The same situation on another field, or on none. */
    public Situation on(Optional<Field> other) {
        return new Situation(setup, revision, other, moment, proofs, flights, flown, plan, changedAt, prints);
    }

    /** The same situation with one more proof. */
    public Situation proving(Proof proof) {
        return proving(List.of(proof));
    }

    /** The same situation with more proofs. */
    public Situation proving(List<Proof> gained) {
        List<Proof> more = Stream.concat(proofs.stream(), gained.stream()).toList();
        return new Situation(setup, revision, field, moment, more, flights, flown, plan, changedAt, prints);
    }

    /** The same situation, asked about at a moment. */
    public Situation at(ZonedDateTime asked) {
        return new Situation(
                setup, revision, field, Optional.of(asked), proofs, flights, flown, plan, changedAt, prints);
    }

    /** The pilot's day on which this is asked; empty if that does not matter. */
    public Optional<LocalDate> today() {
        return moment.map(ZonedDateTime::toLocalDate);
    }

    /** How long ago something was [s]; empty if that does not matter. */
    public OptionalLong since(long when) {
        return moment.map(m -> OptionalLong.of(m.toEpochSecond() - when)).orElse(OptionalLong.empty());
    }

    /** Whether something was on another of the pilot's days than the one that is asked about. */
    public boolean onAnotherDay(long when) {
        return moment.filter(m ->
                        !m.plusSeconds(when - m.toEpochSecond()).toLocalDate().equals(m.toLocalDate()))
                .isPresent();
    }

    /** Whether the aircraft itself has flown in Manual since the last change that matters to that. */
    public boolean hasFlown() {
        return proof(ProofKind.MANUAL_FLOWN)
                .filter(p -> p.passed() && p.evidence() == Proof.Evidence.REAL && fresh(p))
                .isPresent();
    }

    /**
     * The same situation with the flights of the logbook.
     *
     * @param facts every flight, oldest first
     * @param last the set-up that was really flown last
     */
    public Situation having(List<FlightFact> facts, Optional<Setup> last) {
        return new Situation(setup, revision, field, moment, proofs, facts, last, plan, changedAt, prints);
    }

    /** The same situation with a card that is to be flown next. */
    public Situation planning(Optional<CardPlan> card) {
        return new Situation(setup, revision, field, moment, proofs, flights, flown, card, changedAt, prints);
    }

    /** Whether a kind of proof is there, passed and fresh. */
    public boolean proven(ProofKind kind) {
        return proof(kind).filter(p -> p.passed() && fresh(p)).isPresent();
    }

    /** What the aircraft itself has flown today, oldest first; nothing while the day does not matter. */
    public List<FlightFact> session() {
        return flights.stream()
                .filter(f -> !f.rehearsed() && Optional.of(f.day()).equals(today()))
                .toList();
    }

    /** Proof kinds that are fresh now and would be stale with another set-up. */
    public List<ProofKind> wouldGoStale(Setup other) {
        Situation then = with(other);
        return Arrays.stream(ProofKind.values())
                .filter(k -> proof(k).filter(this::fresh).isPresent())
                .filter(k -> then.proof(k).filter(then::fresh).isEmpty())
                .toList();
    }

    /** In words, when and what changed since a proof, or what it never looked at: "pack changed at r13". */
    public String changes(Proof proof) {
        List<String> words = new java.util.ArrayList<>();
        for (Facet facet : proof.staleIn(prints)) {
            Integer at = changedAt.get(facet);
            words.add(facet.label() + " changed" + (at == null ? "" : " at r" + at));
        }
        for (Facet facet : proof.unseen()) {
            words.add(facet.label() + " was not looked at when this was proven");
        }
        return String.join(", ", words);
    }
}
