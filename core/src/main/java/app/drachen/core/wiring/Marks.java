package app.drachen.core.wiring;

import app.drachen.core.harness.Radio;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is wrong, at the device where it sits, to be drawn there; the rules of Harness say the same in sentences.
 *
 * <p>Source: as in {@link Rails}, {@link PinCard} and {@link Pairs}.
 *
 * @param marks in the order of the devices
 */
public record Marks(List<Mark> marks) {
    /**
     * A mark at a device.
     *
     * @param device name of it
     * @param stop whether it stops, or only warns
     * @param words in a few words
     */
    public record Mark(String device, boolean stop, String words) {}

    public Marks {
        marks = List.copyOf(marks);
    }

    /** The mark to be drawn at a device, the worst first. */
    public Optional<Mark> at(String device) {
        List<Mark> here = marks.stream().filter(m -> m.device().equals(device)).toList();
        return here.stream().filter(Mark::stop).findFirst().or(() -> here.stream()
                .findFirst());
    }

    /** The marks of a harness with these rails. */
    public static Marks of(Wiring wiring, Rails rails) {
        List<Mark> marks = new ArrayList<>();
        Pairs pairs = Pairs.of(wiring.harness().radios());
        for (Wired w : wiring.wired()) {
            String name = w.device().name();
            power(wiring, rails, w).ifPresent(words -> marks.add(new Mark(name, true, words)));
            if (!PinCard.of(w).wrong().isEmpty()) {
                marks.add(new Mark(name, true, "pins do not agree"));
            }
            w.lead().filter(l -> l.checks().failed()).ifPresent(l -> marks.add(new Mark(name, true, "failed a check")));
            if (w.place().isEmpty() && wiring.unplugged().contains(w)) {
                marks.add(new Mark(name, true, "plugged in nowhere"));
            }
            pairs.pairs().stream()
                    .filter(p ->
                            p.sender().device().equals(name) && !p.unfiltered().isEmpty())
                    .findFirst()
                    .ifPresent(p -> marks.add(new Mark(
                            name,
                            false,
                            p.unfiltered().get(0).words() + " on "
                                    + p.receiver().use().label())));
            wiring.harness()
                    .radio(name)
                    .filter(r -> loud(pairs, r))
                    .ifPresent(r -> marks.add(new Mark(name, false, "loud at a neighbour's aerial")));
        }
        return new Marks(marks);
    }

    private static boolean loud(Pairs pairs, Radio radio) {
        return pairs.pairs().stream().anyMatch(p -> p.sender().equals(radio) && p.level() > Pairs.BLOCKS);
    }

    private static Optional<String> power(Wiring wiring, Rails rails, Wired w) {
        if (w.dead() && w.lead().isPresent() && w.place().isPresent()) {
            boolean pin = w.place().get().powered();
            return Optional.of(
                    pin
                            ? "red wire lifted, no power"
                            : "no power pin at " + w.place().get().name());
        }
        if (w.twice()) {
            return Optional.of("power by its plug too, from another rail");
        }
        OptionalDouble volts = rails.highest(wiring, w);
        if (volts.isPresent() && volts.getAsDouble() > w.device().draw().most() + 1e-9) {
            return Optional.of("gets " + Quantity.VOLTAGE.text(volts.getAsDouble()) + ", bears "
                    + Quantity.VOLTAGE.text(w.device().draw().most()));
        }
        if (rails.plugged().pack() && rails.rail(w.rail()).filter(r -> !r.fed()).isPresent()) {
            return Optional.of("nothing feeds its rail");
        }
        Optional<Rails.Rail> rail = w.feeds() ? w.place().flatMap(p -> rails.rail(p.rail())) : Optional.empty();
        return rail.filter(Rails.Rail::fought)
                .map(r -> "two supplies, " + Quantity.CURRENT.text(r.backward()) + " backward");
    }
}
