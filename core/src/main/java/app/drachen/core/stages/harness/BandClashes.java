package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Radio.Use;
import app.drachen.core.math.Order;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Pairs.Hit;
import app.drachen.core.wiring.Pairs.Pair;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** HARNESS-R11: no harmonic and no product of two senders falls into the band of a receiver. */
final class BandClashes extends HarnessRule {
    private static final Set<DeviceKind> WITH_AERIAL = Set.of(
            DeviceKind.RECEIVER, DeviceKind.SATELLITE_RECEIVER, DeviceKind.TELEMETRY_SENDER, DeviceKind.VIDEO_SENDER);

    /** Room that a shifted band is to leave [Hz]. */
    private static final double ROOM = 1e6;

    BandClashes() {
        super("HARNESS-R11", "Bands against each other", Source.ARITHMETIC);
    }

    @Override
    public String demand() {
        return "No harmonic up to the 7th and no third-order product of the senders falls into a receiver's band.";
    }

    /** Devices with an aerial whose band nobody has entered. */
    static List<String> unknown(Wiring wiring) {
        return wiring.wired().stream()
                .map(Wired::device)
                .filter(d -> WITH_AERIAL.contains(d.kind()))
                .filter(d ->
                        wiring.harness().radio(d.name()).filter(r -> told(d, r)).isEmpty())
                .map(Device::name)
                .toList();
    }

    /** Whether what makes a sender or receiver of it is entered. */
    private static boolean told(Device device, Radio radio) {
        boolean sender = device.kind() == DeviceKind.TELEMETRY_SENDER || device.kind() == DeviceKind.VIDEO_SENDER;
        return sender ? radio.sending() : radio.listens();
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Pairs pairs = Pairs.of(wiring.harness().radios());
        Optional<Pair> worst =
                pairs.pairs().stream().filter(p -> !p.unfiltered().isEmpty()).min(Order.by(p -> !severe(p)));
        if (worst.isPresent()) {
            return clash(wiring, worst.get());
        }
        List<String> unknown = unknown(wiring);
        if (!unknown.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Band of " + String.join(", ", unknown) + " not entered",
                    "Enter band, power and aerial of each; without them no clash can be ruled out.");
        }
        return good(
                pairs.pairs().isEmpty() ? "No sender beside a receiver" : "No product of the senders falls into a band",
                pairs.pairs().isEmpty()
                        ? ""
                        : pairs.pairs().size() + " pairs looked at, harmonics 2 to 7 and third order.");
    }

    private static boolean severe(Pair pair) {
        Use use = pair.receiver().use();
        return (use == Use.CONTROL || use == Use.POSITION)
                && pair.unfiltered().stream().anyMatch(Hit::strong);
    }

    private Ruling clash(Wiring wiring, Pair pair) {
        Hit hit = pair.unfiltered().stream()
                .filter(Hit::strong)
                .findFirst()
                .orElse(pair.unfiltered().get(0));
        Radio sender = pair.sender();
        Working product = Working.of(
                "HARNESS-A8",
                upper(hit.words()) + " of " + sender.device(),
                (hit.low() + hit.high()) / 2,
                Quantity.RADIO,
                hit.harmonic() == 0 ? "2f_a − f_b" : "k·f",
                Source.ARITHMETIC,
                Working.in("sender from", sender.low(), Quantity.RADIO),
                Working.in("sender to", sender.high(), Quantity.RADIO),
                Working.in("receiver from", pair.receiver().low(), Quantity.RADIO),
                Working.in("receiver to", pair.receiver().high(), Quantity.RADIO));
        List<Remedy> remedies = new ArrayList<>();
        Pairs.clearing(wiring.harness().radios(), sender, ROOM)
                .ifPresent(by -> remedies.add(new Remedy.Change(
                        "Shift to " + Quantity.RADIO.text(sender.middle() + by),
                        upper(sender.device()) + " shifted to " + Quantity.RADIO.text(sender.middle() + by),
                        s -> s.withHarness(s.harness().withRadio(sender.device(), r -> r.shifted(by))))));
        if (hit.harmonic() > 0) {
            remedies.add(new Remedy.Change(
                    "A filter is fitted",
                    "Filter fitted at " + sender.device(),
                    s -> s.withHarness(s.harness().withRadio(sender.device(), Radio::filtered))));
        }
        String title = "The " + hit.words() + " of " + sender.device() + " lies on "
                + pair.receiver().use().label();
        String detail = Quantity.RADIO.text(hit.low()) + " to " + Quantity.RADIO.text(hit.high()) + " on "
                + Quantity.RADIO.text(pair.receiver().low()) + " to "
                + Quantity.RADIO.text(pair.receiver().high())
                + ". Other band, filter, more distance; compare reception with the sender off and on.";
        Remedy[] all = remedies.toArray(new Remedy[0]);
        return severe(pair)
                ? stop(Gate.REACH, title, detail, List.of(product), all)
                : caution(title, detail, List.of(product), all);
    }
}
