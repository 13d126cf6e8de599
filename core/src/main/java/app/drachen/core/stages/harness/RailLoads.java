package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R4: each supply carries what hangs on it, and its regulator stays cool. */
final class RailLoads extends HarnessRule {
    static final Judgement PEAK = new Judgement(
            "HARNESS-R4.peak", "share of a rating that peaks may take", Quantity.SHARE, Rails.PEAK_SHARE, 0.3, 1.5);
    static final Judgement MEAN = new Judgement(
            "HARNESS-R4.mean", "share of a rating that the mean may take", Quantity.SHARE, Rails.MEAN_SHARE, 0.2, 1.0);
    private static final Judgement HOT =
            new Judgement("HARNESS-R4.hot", "what a regulator may warm by", Quantity.WARMING, 70, 20, 120);
    private static final Judgement WARM =
            new Judgement("HARNESS-R4.warm", "warming of a regulator that is told", Quantity.WARMING, 40, 10, 100);
    private static final Judgement LINEAR = new Judgement(
            "HARNESS-R4.linear",
            "heat of a linear regulator of unknown thermal resistance",
            Quantity.POWER_FINE,
            1.5,
            0.2,
            10);

    RailLoads() {
        super("HARNESS-R4", "Load of the rails", new Source.OwnEstimate("defaults of judgement; currents ±30 %"));
    }

    @Override
    public String demand() {
        return "Peaks take at most " + PEAK.text() + " and the mean at most " + MEAN.text()
                + " of what a supply carries; a regulator warms by at most " + HOT.text() + ", told from " + WARM.text()
                + ", a linear one of unknown thermal resistance turns at most " + LINEAR.text() + " into heat.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(PEAK, MEAN, HOT, WARM, LINEAR);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Rails rails = Rails.of(wiring, Plugged.PACK);
        List<Working> workings = new ArrayList<>();
        Optional<Ruling> warm = Optional.empty();
        List<String> untold = new ArrayList<>();
        String tightest = "";
        double most = -1;
        for (Rails.Rail rail : rails.rails()) {
            if (rail.rail().feed() == BoardRail.Feed.RAW || rail.peak() == 0) {
                continue;
            }
            if (!rail.fed()) {
                untold.add(rail.rail().name());
                continue;
            }
            String name = "The rail " + rail.rail().name();
            Working peak = peak(rail);
            workings.add(peak);
            double rating = rail.rating();
            if (rating == 0) {
                if (wiring.on(rail.rail().name()).stream()
                        .anyMatch(w -> w.device().kind() == DeviceKind.SERVO)) {
                    return open(
                            Optional.of(Gate.LAUNCH),
                            name + " may pull " + Quantity.CURRENT_FINE.text(rail.peak())
                                    + "; nobody knows what it carries",
                            "Look up what its supply gives for long, and enter it.");
                }
                untold.add(rail.rail().name());
                continue;
            }
            if (rail.peak() > situation.judged(PEAK) * rating) {
                return stop(
                        Gate.LAUNCH,
                        name + " may pull " + Quantity.CURRENT_FINE.text(rail.peak()) + " from a "
                                + Quantity.CURRENT_FINE.text(rating) + " supply",
                        "Separate or stronger regulator, fewer loads on it.",
                        List.of(peak));
            }
            if (rail.mean() > situation.judged(MEAN) * rating) {
                return stop(
                        Gate.LAUNCH,
                        name + " pulls " + Quantity.CURRENT_FINE.text(rail.mean()) + " on the mean from a "
                                + Quantity.CURRENT_FINE.text(rating) + " supply",
                        "Separate or stronger regulator, fewer loads on it.",
                        List.of(mean(rail)));
            }
            Working heat = heat(rail, wiring.fullVolts());
            double warming = rail.warming();
            boolean blind = Double.isNaN(warming)
                    && rail.rail().feed() == BoardRail.Feed.LINEAR
                    && rail.heat() > situation.judged(LINEAR);
            if (blind || warming > situation.judged(HOT)) {
                return stop(
                        Gate.LAUNCH,
                        "The regulator of " + rail.rail().name() + " turns " + Quantity.POWER_FINE.text(rail.heat())
                                + " into heat" + (blind ? "" : ", " + Quantity.WARMING.text(warming)),
                        "Switching regulator, air, fewer volts in.",
                        List.of(heat));
            }
            if (warm.isEmpty() && warming > situation.judged(WARM)) {
                warm = Optional.of(caution(
                        "The regulator of " + rail.rail().name() + " warms by " + Quantity.WARMING.text(warming),
                        "Give it air, or fewer volts.",
                        List.of(heat)));
            }
            if (rail.peak() / rating > most) {
                most = rail.peak() / rating;
                tightest = "Tightest: " + rail.rail().name() + ", peak " + Quantity.SHARE.text(most) + " of "
                        + Quantity.CURRENT_FINE.text(rating) + ".";
            }
        }
        Optional<Ruling> hot = linear(situation, wiring, rails);
        if (hot.isPresent()) {
            return hot.get();
        }
        if (warm.isEmpty() && !untold.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Whether " + String.join(", ", untold) + " carries its peak cannot be told",
                    "Nothing feeds it yet, or nobody entered what its supply gives for long.");
        }
        return warm.isPresent()
                ? warm.get()
                : good("Every rail carries its peak", tightest, workings.toArray(new Working[0]));
    }

    /** A linear regulator in a device, of which nobody knows how it gets rid of its heat. */
    private Optional<Ruling> linear(Situation situation, Wiring wiring, Rails rails) {
        for (Rails.Rail rail : rails.rails()) {
            for (Rails.Feeder f : rail.feeders()) {
                boolean linear = wiring.of(f.name())
                        .filter(w -> w.device().gives().linear())
                        .isPresent();
                double watts = (wiring.fullVolts() - f.volts()) * Math.max(0, f.amps());
                if (linear && watts > situation.judged(LINEAR)) {
                    return Optional.of(stop(
                            Gate.LAUNCH,
                            "The linear regulator of " + f.name() + " turns " + Quantity.POWER_FINE.text(watts)
                                    + " into heat",
                            "Switching regulator, air, fewer volts in.",
                            List.of(Working.of(
                                    "HARNESS-A4",
                                    "Heat in the regulator of " + f.name(),
                                    watts,
                                    Quantity.POWER_FINE,
                                    "(U_in − U_out)·I",
                                    new Source.Elementary("circuit theory"),
                                    Working.in("volts in U_in", wiring.fullVolts(), Quantity.VOLTAGE),
                                    Working.in("volts out U_out", f.volts(), Quantity.VOLTAGE),
                                    Working.in("mean current I", f.amps(), Quantity.CURRENT_FINE)))));
                }
            }
        }
        return Optional.empty();
    }

    private static Working peak(Rails.Rail rail) {
        return load(rail, "Peak", rail.peak(), "Σ k·I_stall of the servos + peaks of the others, k = " + Rails.STALLED);
    }

    private static Working mean(Rails.Rail rail) {
        return load(
                rail,
                "Mean",
                rail.mean(),
                "Σ I_idle + d(I_work − I_idle) of the servos + the others at work, d = " + Rails.WORKING);
    }

    private static Working load(Rails.Rail rail, String name, double amps, String formula) {
        return Working.of(
                        "HARNESS-A3",
                        name + " of " + rail.rail().name(),
                        amps,
                        Quantity.CURRENT_FINE,
                        formula,
                        new Source.OwnEstimate("\u00b130 %"),
                        Working.in("rating", rail.rating(), Quantity.CURRENT_FINE))
                .within(0.7 * amps, 1.3 * amps);
    }

    private static Working heat(Rails.Rail rail, double in) {
        boolean linear = rail.rail().feed() == BoardRail.Feed.LINEAR;
        return Working.of(
                "HARNESS-A4",
                "Heat in the regulator of " + rail.rail().name(),
                rail.heat(),
                Quantity.POWER_FINE,
                linear ? "(U_in − U_out)·I" : "U_out·I(1 − η)/η",
                new Source.Elementary("circuit theory"),
                Working.in("volts in U_in", in, Quantity.VOLTAGE),
                Working.in("volts out U_out", rail.rail().volts(), Quantity.VOLTAGE),
                Working.in("mean current I", rail.mean(), Quantity.CURRENT_FINE),
                Working.in("efficiency η", rail.rail().efficiency(), Quantity.NUMBER));
    }
}
