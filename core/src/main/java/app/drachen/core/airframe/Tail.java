package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;
import java.util.List;

/** The tail: what gives an aircraft its stability in pitch and yaw besides the wing. */
public sealed interface Tail {
    /**
     * Tailplane and fin.
     *
     * @param plane right half of the tailplane
     * @param fin the fin, standing up
     */
    record Conventional(TailPanel plane, TailPanel fin) implements Tail {}

    /**
     * Two panels in a V.
     *
     * @param panel right panel in its own plane
     * @param dihedral angle of a panel to the horizontal [rad], 0.17 to 1.22; panels point up unless
     *     inverted
     * @param inverted whether the panels point down
     */
    record Vee(TailPanel panel, double dihedral, boolean inverted) implements Tail {
        public Vee {
            Ranges.require("V-tail dihedral", dihedral, 0.17, 1.22, "rad");
        }
    }

    /**
     * A flying wing, with fins at the tips or none.
     *
     * @param fins right fin of a pair, or empty
     */
    record None(List<TailPanel> fins) implements Tail {
        public None {
            fins = List.copyOf(fins);
        }
    }
}
