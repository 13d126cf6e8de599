package app.drachen.core.stages;

import static app.drachen.core.stages.EveryRuleTest.line;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Alarm.Kind;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.Scales;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Tones;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import app.drachen.core.stages.EveryRuleTest.Line;
import app.drachen.core.stages.signals.ChargeBack;
import app.drachen.core.working.Finding.State;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Lines of Signals for {@link EveryRuleTest}. */
final class SignalsLines {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();

    private SignalsLines() {}

    private static Situation of(Setup setup, Proof... proofs) {
        return Situation.of(setup).on(DemoField.evening()).proving(List.of(proofs));
    }

    private static Situation with(UnaryOperator<SignalsSection> change) {
        return of(SOUND.withSignals(change.apply(SOUND.signals())));
    }

    private static Situation alarm(Kind kind, UnaryOperator<Alarm> change) {
        return with(s -> s.withAlarm(change.apply(s.alarm(kind).orElseThrow())));
    }

    private static Situation without(Kind kind) {
        return with(s ->
                s.withAlarms(s.alarms().stream().filter(a -> a.kind() != kind).toList()));
    }

    private static Proof proof(Setup setup, ProofKind kind, boolean passed, Map<String, Double> values) {
        return Proof.gained(kind, setup, 1, 5, Evidence.REAL, passed, "showed 10 of 12", values);
    }

    /** Charges by what was shown and put back [mAh], the factor of the current then 1. */
    private static Proof charges(Setup setup, double... pairs) {
        ChargeBack all = new ChargeBack(List.of());
        for (int i = 0; i < pairs.length; i += 2) {
            all = all.adding(new ChargeBack.Charge(3.6 * pairs[i], 3.6 * pairs[i + 1], 1));
        }
        return proof(setup, ProofKind.CHARGE_BACK, true, all.values());
    }

    static List<Line> all() {
        List<Line> lines = new ArrayList<>();
        values(lines);
        alarms(lines);
        calls(lines);
        scales(lines);
        return lines;
    }

    private static void values(List<Line> lines) {
        lines.add(line("SIGNALS-R1", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R1", with(s -> SignalsSection.EMPTY), State.OPEN));
        lines.add(line("SIGNALS-R1", of(DemoSignals.flawed(SOUND)), State.CAUTION));
        // what is needed far out and comes from nothing, or stands on no page, stops
        lines.add(line("SIGNALS-R1", with(s -> s.withSuppliers(List.of())), State.STOP));
        lines.add(line("SIGNALS-R1", with(s -> s.withPages(s.pages().subList(0, 1))), State.STOP));
        lines.add(line("SIGNALS-R1", with(s -> s.withWays(List.of())), State.STOP));
        lines.add(line(
                "SIGNALS-R1",
                with(s -> s.withWays(List.of(new Way("far", "no such sender", 2, 0.05, 0.2, 0.15, 0.3)))),
                State.STOP));
        lines.add(line("SIGNALS-R13", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R13", with(s -> SignalsSection.EMPTY), State.OPEN));
        lines.add(line(
                "SIGNALS-R13",
                with(s -> s.withSuppliers(
                                List.of(new Supplier("satellite receiver", List.of(Value.HEIGHT), 5, 0.2, false)))
                        .withWanted(List.of(new Wanted(Value.HEIGHT, "satellite receiver", "", 0, true, true)))),
                State.CAUTION));
    }

    private static void alarms(List<Line> lines) {
        lines.add(line("SIGNALS-R2", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R2", of(DemoSignals.flawed(SOUND)), State.STOP));
        for (String rule : List.of("SIGNALS-R2", "SIGNALS-R4", "SIGNALS-R5")) {
            lines.add(line(rule, with(s -> SignalsSection.EMPTY), State.OPEN));
        }
        lines.add(line("SIGNALS-R2", without(Kind.HEIGHT), State.STOP));
        lines.add(line("SIGNALS-R2", with(s -> s.withWays(List.of())), State.STOP));
        lines.add(line("SIGNALS-R2", of(SOUND).on(Optional.empty()), State.OPEN));
        // either side of what the sum gives: 120 - 5·(1.29 + 1.5) - 5²/(2·2.94) - 1 = 100.80
        lines.add(line("SIGNALS-R2", alarm(Kind.HEIGHT, a -> a.at(100.7)), State.GOOD));
        lines.add(line("SIGNALS-R2", alarm(Kind.HEIGHT, a -> a.at(100.9)), State.STOP));
        lines.add(line("SIGNALS-R2", with(s -> s.withGreatestClimb(Optional.of(20.0))), State.STOP));
        lines.add(line("SIGNALS-R4", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R4", with(s -> s.withScales(s.scales().withStrength(Optional.empty()))), State.STOP));
        lines.add(line("SIGNALS-R4", without(Kind.LINK), State.STOP));
        lines.add(line("SIGNALS-R4", alarm(Kind.LINK, a -> a.at(0.25)), State.STOP));
        lines.add(line(
                "SIGNALS-R4",
                with(s -> s.withScales(
                        s.scales().withStrength(Optional.of(new Scales.TwoPoints(0.9, -45, 0.02, -101, -120))))),
                State.STOP));
        lines.add(line("SIGNALS-R5", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R5", without(Kind.ENERGY), State.STOP));
        lines.add(line("SIGNALS-R5", alarm(Kind.ENERGY, a -> a.at(2_900 * 3.6)), State.STOP));
        lines.add(line("SIGNALS-R5", alarm(Kind.ENERGY, a -> a.at(2_800 * 3.6)), State.GOOD));
        lines.add(line("SIGNALS-R5", alarm(Kind.PACK, a -> a.at(3.2)), State.STOP));
        lines.add(line("SIGNALS-R5", without(Kind.PACK), State.GOOD));
        lines.add(line("SIGNALS-R9", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R9", with(s -> s.withAlarms(List.of())), State.OPEN));
        lines.add(line("SIGNALS-R9", alarm(Kind.HEIGHT, a -> a.at(393)), State.CAUTION));
        lines.add(line("SIGNALS-R9", alarm(Kind.PACK, a -> a.at(13.6)), State.CAUTION));
        lines.add(line("SIGNALS-R9", alarm(Kind.ENERGY, a -> a.at(100)), State.CAUTION));
        lines.add(line("SIGNALS-R9", alarm(Kind.LINK, a -> a.at(-90)), State.CAUTION));
        lines.add(line("SIGNALS-R9", alarm(Kind.SATELLITES, a -> a.at(90)), State.CAUTION));
        for (Kind kind : List.of(Kind.SPEED, Kind.TEMPERATURE, Kind.TIME)) {
            Alarm odd = new Alarm(kind, kind == Kind.TIME ? 12 : 72, 0, 0, 1, "words", List.of());
            lines.add(line("SIGNALS-R9", with(s -> s.withAlarm(odd)), State.CAUTION));
        }
    }

    private static void calls(List<Line> lines) {
        lines.add(line("SIGNALS-R3", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R3", of(DemoSignals.flawed(SOUND)), State.CAUTION));
        lines.add(line("SIGNALS-R3", with(s -> s.withCalls(Calls.NONE)), State.GOOD));
        lines.add(line("SIGNALS-R3", with(s -> s.withCalls(new Calls(s.calls().calls(), false))), State.CAUTION));
        lines.add(line(
                "SIGNALS-R3",
                alarm(Kind.PACK, a -> new Alarm(Kind.PACK, 3.4, 0, 0, 1, "pack", List.of(2))),
                State.CAUTION));
        // what never comes is not spoken of, though an alarm or a call is entered for it
        for (String rule : List.of("SIGNALS-R4", "SIGNALS-R5")) {
            lines.add(line(rule, with(s -> s.withWays(List.of())), State.STOP));
        }
        for (String rule : List.of("SIGNALS-R3", "SIGNALS-R6")) {
            lines.add(line(rule, with(s -> s.withWays(List.of())), State.CAUTION));
        }
        // an alarm that is silent everywhere is none; one that waits for a call is late by as much
        Map.of(Kind.HEIGHT, "SIGNALS-R2", Kind.LINK, "SIGNALS-R4", Kind.ENERGY, "SIGNALS-R5")
                .forEach((kind, rule) -> lines.add(line(
                        rule,
                        alarm(kind, a -> new Alarm(kind, a.threshold(), 0, 0, 1, a.words(), List.of(1, 2, 3))),
                        State.STOP)));
        lines.add(line("SIGNALS-R2", with(s -> s.withCalls(new Calls(s.calls().calls(), false))), State.STOP));
        // nobody climbs slower than the modes do by themselves
        lines.add(line(
                "SIGNALS-R2",
                with(s -> s.withGreatestClimb(Optional.of(0.3))
                        .withAlarm(s.alarm(Kind.HEIGHT).orElseThrow().at(115))),
                State.STOP));
        Call height = new Call(Value.HEIGHT, "# metres", 4, 1.8, 0, 1, List.of(1));
        lines.add(line("SIGNALS-R3", calling(height), State.GOOD));
        // 20 m in 4 s at 5 m/s; a little more is too much, as is speaking more than half of the time
        lines.add(line("SIGNALS-R3", calling(height.each(4.1)), State.CAUTION));
        lines.add(line("SIGNALS-R3", calling(height.each(3)), State.CAUTION));
        lines.add(line("SIGNALS-R6", of(SOUND), State.GOOD));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(Tones.USUAL)), State.GOOD));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(new Tones(true, 800, 5, 0.03, 5))), State.CAUTION));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(new Tones(true, 800, 5, 1.6, 5))), State.CAUTION));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(new Tones(true, 800, 4, 0.4, 2))), State.CAUTION));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(new Tones(true, 500, 4, 0.4, 5))), State.CAUTION));
        lines.add(line("SIGNALS-R6", with(s -> s.withTones(new Tones(true, 2_000, 4, 0.4, 5))), State.CAUTION));
    }

    private static Situation calling(Call... calls) {
        return with(s -> s.withCalls(new Calls(List.of(calls), true)));
    }

    private static void scales(List<Line> lines) {
        Setup flawed = DemoSignals.flawed(SOUND);
        lines.add(line("SIGNALS-R7", of(SOUND), State.OPEN));
        lines.add(line("SIGNALS-R7", of(flawed, charges(flawed, 1_290, 1_460, 1_508, 1_720)), State.CAUTION));
        // the factor that was taken since makes it good; so it does for the older of two charges
        lines.add(line("SIGNALS-R7", of(SOUND, charges(SOUND, 1_290, 1_460, 1_508, 1_720)), State.GOOD));
        lines.add(line("SIGNALS-R7", of(flawed, charges(flawed, 960, 1_000)), State.GOOD));
        lines.add(line("SIGNALS-R7", of(flawed, charges(flawed, 940, 1_000)), State.CAUTION));
        lines.add(line("SIGNALS-R7", of(flawed, charges(flawed, 840, 1_000)), State.STOP));
        lines.add(line("SIGNALS-R7", of(flawed, charges(flawed, 500, 1_000, 990, 1_000, 990, 1_000)), State.GOOD));
        lines.add(line(
                "SIGNALS-R7",
                of(
                        flawed,
                        charges(
                                flawed.withHarness(flawed.harness()
                                        .withLeads(flawed.harness().leads().subList(1, 4))),
                                990,
                                1_000)),
                State.STOP));
        Map<String, Double> low = Map.of("shown", 10.0, "true", 12.0, "factor", 1.0);
        Proof volts = proof(SOUND, ProofKind.VOLTS_SCALE, true, Map.of());
        Proof strength = proof(SOUND, ProofKind.STRENGTH_SCALE, true, Map.of());
        Proof height = proof(SOUND, ProofKind.HEIGHT_SCALE, true, Map.of());
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND), State.OPEN));
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND, volts, strength), State.OPEN));
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND, volts, strength, height), State.GOOD));
        lines.add(line("SIGNALS-R7-OTHERS", with(s -> SignalsSection.EMPTY), State.OPEN));
        Proof off = proof(SOUND, ProofKind.VOLTS_SCALE, false, low);
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND, off, strength, height), State.CAUTION));
        Setup mended = SOUND.withSignals(
                SOUND.signals().withScales(SOUND.signals().scales().withVolts(1.2)));
        lines.add(line("SIGNALS-R7-OTHERS", of(mended, off, strength, height), State.GOOD));
        // a proof that passed is judged with the factor that is set now, and so are the two points
        Proof good = proof(SOUND, ProofKind.VOLTS_SCALE, true, Map.of("shown", 12.0, "true", 12.0, "factor", 1.0));
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND, good, strength, height), State.GOOD));
        lines.add(line("SIGNALS-R7-OTHERS", of(mended, good, strength, height), State.CAUTION));
        Map<String, Double> points =
                Map.of("shown1", 1.0, "level1", -45.0, "shown2", 0.22, "level2", -101.0, "loss", -104.0);
        Proof taken = proof(SOUND, ProofKind.STRENGTH_SCALE, true, points);
        lines.add(line("SIGNALS-R7-OTHERS", of(SOUND, volts, taken, height), State.GOOD));
        Setup moved = SOUND.withSignals(SOUND.signals()
                .withScales(SOUND.signals()
                        .scales()
                        .withStrength(Optional.of(new Scales.TwoPoints(1, -45, 0.22, -101, -110)))));
        lines.add(line("SIGNALS-R7-OTHERS", of(moved, volts, taken, height), State.CAUTION));
        lines.add(line(
                "SIGNALS-R7-OTHERS",
                of(SOUND, volts, strength, height).at(LocalDate.of(1970, 8, 1).atStartOfDay(ZoneOffset.UTC)),
                State.CAUTION));
    }
}
