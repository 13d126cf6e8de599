package app.drachen.core.stages.signals;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.hearing.GreatestClimb;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.signals.Alarm;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R2: the height alarm speaks so early that the climb ends at the limit. */
final class HeightAlarmEarly extends SignalsRule {
    HeightAlarmEarly() {
        super("SIGNALS-R2", "A height alarm speaks so early that the greatest climb still ends at the limit.");
    }

    @Override
    public Source source() {
        return new Source.Elementary("kinematics (SIGNALS-A2)");
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Ruling> nothing = notEntered(situation, "Height alarm not looked at");
        if (nothing.isPresent()) {
            return nothing.get();
        }
        Optional<Double> limit = situation.field().flatMap(Field::heightLimit).map(Field.HeightLimit::height);
        Optional<Alarm> alarm = speaking(situation.setup().signals(), Alarm.Kind.HEIGHT);
        if (limit.isEmpty()) {
            return open(
                    Optional.of(Gate.REACH),
                    "Height alarm not judged without a limit",
                    "Enter the height limit of the field in Maiden.",
                    new Remedy.GoTo("Enter the limit", Stage.MAIDEN));
        }
        Optional<HeightAlarm> sum = HeightAlarm.of(situation.setup(), limit.get());
        if (sum.isEmpty()) {
            return stop(
                    Gate.REACH,
                    "No height reaches your ear",
                    "A height alarm cannot speak: want the height, and give it a way.",
                    there("To the values"));
        }
        Working set = sum.get().setAt();
        Working climbs = GreatestClimb.of(situation.setup());
        double least = 5;
        if (set.value() < least) {
            return stop(
                    Gate.REACH,
                    "No height alarm is early enough",
                    "It would have to speak at " + Quantity.HEIGHT.text(set.value())
                            + ". Climb slower, or make the way to you quicker.",
                    List.of(set, climbs));
        }
        double rounded = Math.floor(set.value());
        Remedy take = change(
                "Set " + Quantity.HEIGHT.text(rounded),
                "Height alarm at " + Quantity.HEIGHT.text(rounded),
                s -> s.withAlarm(s.alarm(Alarm.Kind.HEIGHT)
                        .orElse(Alarm.FIRST)
                        .at(rounded)
                        .everywhere()));
        if (alarm.isEmpty()) {
            return stop(
                    Gate.REACH,
                    "There is no height alarm",
                    "Nobody looks at the height all the time.",
                    List.of(set, climbs),
                    take);
        }
        double late = alarm.get().threshold() - set.value();
        String now = Quantity.HEIGHT.text(alarm.get().threshold());
        String climb = Quantity.CLIMB.text(sum.get().climb());
        return late > 0
                ? stop(
                        Gate.REACH,
                        "Alarm at " + now + " is " + Quantity.HEIGHT.text(late) + " late",
                        "At " + climb + " you would top out at "
                                + Quantity.HEIGHT.text(
                                        sum.get().topsAt(alarm.get().threshold()))
                                + "; the limit is " + Quantity.HEIGHT.text(limit.get()) + ".",
                        List.of(set, climbs),
                        take)
                : good(
                        "Height alarm at " + now + " is early enough",
                        "Climbing " + climb + " you top out at "
                                + Quantity.HEIGHT.text(
                                        sum.get().topsAt(alarm.get().threshold())) + " at most.",
                        set,
                        climbs);
    }
}
