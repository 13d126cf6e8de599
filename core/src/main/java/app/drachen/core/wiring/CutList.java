package app.drachen.core.wiring;

import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What to cut: for each lead gauge, length and colours, and the sum of each wire.
 *
 * <p>Source: common practice, lengths of HARNESS-A11.
 *
 * @param cuts lead by lead
 * @param sums metres by gauge and colour [m], thick wire first
 */
public record CutList(List<Cut> cuts, Map<String, Double> sums) {
    /**
     * A lead to cut.
     *
     * @param device where it goes
     * @param place where it comes from
     * @param gauge American wire gauge of its power wires [-]
     * @param length of each wire [m]; 0 where nobody knows it
     * @param colours of its wires
     * @param plug kind of plug at the device; empty where nobody noted it
     * @param drop of its power wires at peak load, both ways [V]
     */
    public record Cut(
            String device, String place, int gauge, double length, List<String> colours, String plug, double drop) {}

    /** The list of an aircraft. */
    public static CutList of(Wiring wiring) {
        List<Cut> cuts = new ArrayList<>();
        Map<Integer, Map<String, Double>> sums = new TreeMap<>();
        for (Wired w : wiring.wired()) {
            if (w.lead().isEmpty()) {
                continue;
            }
            int gauge = w.lead().get().gauge();
            List<String> colours = new ArrayList<>();
            PinCard.of(w).strands().stream()
                    .filter(s -> !s.lifted() && s.boardPin() != PinCard.NOWHERE)
                    .forEach(s -> colours.add(s.colour()));
            String power = w.lead().get().power();
            if (!power.isEmpty()) {
                colours.add("red");
                if (!colours.contains("black")) {
                    colours.add("black");
                }
            }
            for (String colour : colours) {
                sums.computeIfAbsent(gauge, g -> new TreeMap<>()).merge(colour, w.length(), Double::sum);
            }
            String from = w.place().map(p -> p.name()).orElse("");
            String place = power.isEmpty() ? from : from.isEmpty() ? power : from + " and " + power;
            cuts.add(new Cut(
                    w.device().name(),
                    place,
                    gauge,
                    w.length(),
                    colours,
                    w.lead().get().plug(),
                    w.device().draw().peak() * w.resistance()));
        }
        Map<String, Double> flat = new LinkedHashMap<>();
        sums.forEach((gauge, colours) -> colours.forEach((c, m) -> flat.put("gauge " + gauge + " " + c, m)));
        return new CutList(cuts, flat);
    }

    public CutList {
        cuts = List.copyOf(cuts);
        sums = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(sums));
    }
}
