package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Radio.Use;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Pairs.Pair;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** HARNESS-R12: aerials keep apart, and those of one link stand alike. */
final class AerialsApart extends HarnessRule {
    private static final Judgement LEVEL = new Judgement(
            "HARNESS-R12.level",
            "level at a neighbour's aerial that may deafen it",
            Quantity.LEVEL,
            Pairs.BLOCKS,
            -40,
            20);
    private static final Judgement NEAR = new Judgement(
            "HARNESS-R12.near", "distance of a satellite receiver from a sender", Quantity.SPAN, 0.15, 0.02, 1);
    private static final Judgement TURNED = new Judgement(
            "HARNESS-R12.turned",
            "angle between the aerials of one link",
            Quantity.BEARING,
            Math.toRadians(60),
            Math.toRadians(10),
            Math.toRadians(85));

    AerialsApart() {
        super("HARNESS-R12", "Aerials", new Source.Published("ITU-R", "P.525, and defaults of judgement", 2019));
    }

    @Override
    public String demand() {
        return "No sender arrives at a neighbour's aerial with more than " + LEVEL.text()
                + ", a satellite receiver keeps " + NEAR.text()
                + " from any sender, and the aerials of one link stand within "
                + TURNED.text() + ".";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LEVEL, NEAR, TURNED);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Pairs pairs = Pairs.of(wiring.harness().radios());
        Optional<Pair> tightest = Optional.empty();
        for (Pair p : pairs.pairs()) {
            if (p.receiver().use() == Use.POSITION && p.distance() < situation.judged(NEAR)) {
                return caution(
                        upper(p.sender().device()) + " " + Quantity.SPAN.text(p.distance()) + " from "
                                + p.receiver().device(),
                        "Move it to " + Quantity.SPAN.text(situation.judged(NEAR))
                                + " or more; test with the sender off and on.",
                        List.of(level(p)));
            }
            if (p.level() > situation.judged(LEVEL)) {
                double apart = Pairs.apart(
                        p.sender(), Math.abs(p.sender().tilt() - p.receiver().tilt()));
                return caution(
                        upper(p.sender().device()) + " arrives at "
                                + p.receiver().device() + " with " + Quantity.LEVEL.text(p.level()),
                        "At " + Quantity.SPAN.text(apart) + " it would not deafen it"
                                + (p.near() ? "; so near the level may be 6 dB off" : "")
                                + ". Move it; test with the sender off and on.",
                        List.of(level(p)));
            }
            if (tightest.filter(t -> t.level() >= p.level()).isEmpty()) {
                tightest = Optional.of(p);
            }
        }
        for (Radio r : wiring.harness().radios()) {
            double between = Math.abs(r.tilt() - r.farTilt());
            if (r.use() != Use.POSITION && between > situation.judged(TURNED)) {
                return caution(
                        "The aerials of " + r.device() + " stand " + Quantity.BEARING.text(between) + " apart",
                        "That costs " + Quantity.DECIBEL.text(Pairs.polarisation(between)) + ". Stand them alike.",
                        List.of());
            }
        }
        List<String> unknown = BandClashes.unknown(wiring);
        if (!unknown.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Aerial of " + String.join(", ", unknown) + " not entered",
                    "Enter where it is and how it stands.");
        }
        return good(
                pairs.pairs().isEmpty() ? "No sender beside a receiver" : "Aerials keep apart",
                tightest.map(t -> "Loudest: " + t.sender().device() + " at "
                                + t.receiver().device() + ", " + Quantity.LEVEL.text(t.level()) + ".")
                        .orElse(""),
                tightest.map(t -> new Working[] {level(t)}).orElse(new Working[0]));
    }

    static Working level(Pair p) {
        Working level = Working.of(
                "HARNESS-A9",
                upper(p.sender().device()) + " at " + p.receiver().device(),
                p.level(),
                Quantity.LEVEL,
                "P − max(0, 20·log₁₀(4πdf/c)) − 20·log₁₀(1/|cos θ|)",
                new Source.Published("ITU-R", "P.525", 2019),
                Working.in("power P", p.sender().level(), Quantity.LEVEL),
                Working.in("distance d", p.distance(), Quantity.SPAN),
                Working.in("frequency f", p.sender().middle(), Quantity.RADIO),
                Working.in(
                        "angle between them θ",
                        Math.abs(p.sender().tilt() - p.receiver().tilt()),
                        Quantity.BEARING));
        return p.near() ? level.within(p.level() - 6, p.level() + 6) : level;
    }
}
