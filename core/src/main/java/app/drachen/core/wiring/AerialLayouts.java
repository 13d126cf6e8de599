package app.drachen.core.wiring;

import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Wing;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Radio.Use;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;

/**
 * Ways of laying out the aerials, compared on the drawing (HARNESS-S2).
 *
 * <p>Source: common practice for the layouts; figures of {@link Pairs}. A before-and-after record of strength at one spot decides.
 */
public final class AerialLayouts {
    private AerialLayouts() {}

    /** A layout. */
    public enum Layout {
        DRAWN("as it is"),
        IN_THE_BODY("all in the body, clean wings"),
        OPPOSITE_WINGS("senders in opposite wings"),
        WING_TIPS("senders at the wing tips, with filters");

        private final String label;

        Layout(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A layout with its figures.
     *
     * @param layout the layout
     * @param radios laid out so
     * @param worst least margin of all pairs [dB]; infinite where there is no pair
     * @param hits products that fall into bands and no filter takes away
     */
    public record Option(Layout layout, List<Radio> radios, double worst, long hits) {}

    /** All layouts; nothing without radios. */
    public static List<Option> of(Setup setup) {
        List<Option> options = new ArrayList<>();
        if (!setup.harness().radios().isEmpty()) {
            for (Layout layout : Layout.values()) {
                options.add(option(layout, laid(setup, layout)));
            }
        }
        return options;
    }

    private static Option option(Layout layout, List<Radio> radios) {
        Pairs pairs = Pairs.of(radios);
        double worst =
                pairs.pairs().stream().mapToDouble(Pairs.Pair::margin).min().orElse(Double.POSITIVE_INFINITY);
        long hits = pairs.pairs().stream().flatMap(p -> p.unfiltered().stream()).count();
        return new Option(layout, radios, worst, hits);
    }

    /** Satellite receivers stay where they see the sky; the others go where the layout has them. */
    private static List<Radio> laid(Setup setup, Layout layout) {
        if (layout == Layout.DRAWN) {
            return setup.harness().radios();
        }
        Wing wing = setup.airframe().wing();
        Body body = setup.airframe().body();
        double half = setup.planform().span() / 2;
        double aft = wing.rootLeadingEdge() + 0.5 * setup.planform().meanChord();
        double tail = Math.max(body.podLength(), body.boomEnd());
        List<Radio> others = setup.harness().radios().stream()
                .filter(r -> r.use() != Use.POSITION)
                .toList();
        List<Radio> laid = new ArrayList<>();
        int side = 0;
        for (Radio r : setup.harness().radios()) {
            if (r.use() == Use.POSITION) {
                laid.add(r);
                continue;
            }
            double out = (side % 2 == 0 ? 1 : -1) * (layout == Layout.WING_TIPS ? 0.97 : 0.6) * half;
            Position at = layout == Layout.IN_THE_BODY || side > 1
                    ? new Position(tail * (others.indexOf(r) + 1) / (others.size() + 1.0), 0, 0.02)
                    : new Position(aft, out, wing.up());
            Radio moved = r.at(at);
            laid.add(layout == Layout.WING_TIPS && r.sending() ? moved.filtered() : moved);
            side++;
        }
        return laid;
    }
}
