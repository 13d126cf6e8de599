package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.GreatestClimb;
import app.drachen.core.hearing.Path;
import app.drachen.core.math.Order;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** SIGNALS-R3: calls leave room, do not talk over each other, and no alarm is silent. */
final class CallsClear extends SignalsRule {
    private static final Judgement LOAD =
            new Judgement("SIGNALS-R3.load", "share of the time that is spoken", Quantity.SHARE, 0.5, 0.1, 1);
    private static final Judgement BETWEEN =
            new Judgement("SIGNALS-R3.between", "height passed between two height calls", Quantity.HEIGHT, 20, 2, 200);

    CallsClear() {
        super(
                "SIGNALS-R3",
                "Calls fill less than " + LOAD.text() + " of the time and never speak at once; no more than "
                        + BETWEEN.text() + " pass between two height calls; alarms speak in every switch position.");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LOAD, BETWEEN);
    }

    @Override
    public Ruling check(Situation situation) {
        SignalsSection signals = situation.setup().signals();
        Calls calls = signals.calls();
        Optional<Alarm> silent =
                signals.alarms().stream().filter(a -> !a.silentIn().isEmpty()).findFirst();
        if (silent.isPresent()) {
            Alarm alarm = silent.get();
            return caution(
                    "The alarm for " + alarm.kind().label() + " is silent in position "
                            + alarm.silentIn().get(0),
                    "An alarm that can be switched off is off when it is needed.",
                    change(
                            "Let it speak in all three",
                            "Alarm for " + alarm.kind().label() + " in every position",
                            s -> s.withAlarm(alarm.everywhere())));
        }
        Optional<Value> mute = Stream.concat(
                        signals.alarms().stream().map(a -> a.kind().value()),
                        calls.calls().stream().map(Call::value))
                .filter(v -> Path.never(situation.setup(), v).isPresent())
                .findFirst();
        if (mute.isPresent()) {
            return caution(
                    "Nothing will be said of " + mute.get().label(),
                    "An alarm or a call speaks of it, but "
                            + Path.never(situation.setup(), mute.get()).orElseThrow() + ".",
                    there("To the values"));
        }
        if (calls.calls().isEmpty()) {
            return good("Nothing is spoken again and again", "");
        }
        for (int position = 1; position <= 3; position++) {
            Optional<Ruling> bad = position(situation, calls, position);
            if (bad.isPresent()) {
                return bad.get();
            }
        }
        if (!calls.alarmsInterrupt() && !signals.alarms().isEmpty()) {
            double longest = calls.alarmWaits();
            return caution(
                    "An alarm waits up to " + Quantity.TIME.text(longest) + " for a call to end",
                    "Let alarms cut in.",
                    change(
                            "Let alarms cut in",
                            "Alarms cut calls off",
                            s -> s.withCalls(new Calls(s.calls().calls(), true))));
        }
        double climb = GreatestClimb.of(situation.setup()).value();
        Optional<Call> rare = calls.calls().stream()
                .filter(c -> c.value() == Value.HEIGHT)
                .min(Order.by(Call::every))
                .filter(c -> c.every() * climb > situation.judged(BETWEEN));
        if (rare.isPresent()) {
            double every = Math.max(1, Math.floor(situation.judged(BETWEEN) / climb));
            return caution(
                    Quantity.HEIGHT.text(rare.get().every() * climb) + " pass between two height calls",
                    "At " + Quantity.CLIMB.text(climb) + " a call every " + Quantity.TIME.text(every)
                            + " leaves no more than " + Quantity.HEIGHT.text(situation.judged(BETWEEN)) + ".",
                    change(
                            "Speak every " + Quantity.TIME.text(every),
                            "Height is called more often",
                            s -> s.withCalls(
                                    s.calls().with(rare.get(), rare.get().each(every)))));
        }
        return good(
                "No two calls speak at once",
                "Looked at for an hour, in all three positions.",
                java.util.stream.IntStream.rangeClosed(1, 3)
                        .mapToObj(calls::load)
                        .toArray(Working[]::new));
    }

    private Optional<Ruling> position(Situation situation, Calls calls, int position) {
        Working load = calls.load(position);
        String at =
                calls.in(1).equals(calls.in(2)) && calls.in(1).equals(calls.in(3)) ? "" : " in position " + position;
        if (load.value() > situation.judged(LOAD)) {
            return Optional.of(caution(
                    "Something is spoken " + Quantity.SHARE.text(load.value()) + " of the time" + at,
                    "More than " + Quantity.SHARE.text(situation.judged(LOAD))
                            + " is no help: speak less often, or less.",
                    List.of(load),
                    there("To the calls")));
        }
        List<Calls.Clash> clashes = calls.clashes(position);
        if (clashes.isEmpty()) {
            return Optional.empty();
        }
        Calls.Clash clash = clashes.get(0);
        Call later = clash.first().priority() <= clash.second().priority() ? clash.second() : clash.first();
        Optional<Double> free = calls.freeStart(later, position);
        List<Remedy> remedies = new ArrayList<>();
        free.ifPresent(t -> remedies.add(change(
                "Start " + later.value().label() + " at " + Quantity.TIME.text(t),
                upper(later.value().label()) + " is called when nothing else is",
                s -> s.withCalls(s.calls().with(later, later.startingAt(t))))));
        remedies.add(there("To the calls"));
        return Optional.of(caution(
                upper(clash.second().value().label()) + " talks over "
                        + clash.first().value().label()
                        + (Double.isInfinite(clash.every()) ? "" : " every " + Quantity.TIME.text(clash.every())) + at,
                "Both speak for " + Quantity.TIME.text(clash.seconds()) + " at " + Quantity.TIME.text(clash.from())
                        + ". "
                        + free.map(t -> "At " + Quantity.TIME.text(t) + " it is clear of all other calls.")
                                .orElse(
                                        "With these intervals they meet whenever it begins: give one the interval of the other, or"
                                                + " a multiple."),
                List.of(load),
                remedies.toArray(new Remedy[0])));
    }
}
