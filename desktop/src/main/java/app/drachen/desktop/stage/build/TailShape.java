package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import java.util.List;

/** The kinds of tail one can choose, and a sensible first drawing of each. */
enum TailShape {
    CONVENTIONAL("Tailplane and fin"),
    VEE("V-tail"),
    NONE("None, tip fins");

    private final String label;

    TailShape(String label) {
        this.label = label;
    }

    static TailShape of(Tail tail) {
        if (tail instanceof Tail.Conventional) {
            return CONVENTIONAL;
        }
        return tail instanceof Tail.Vee ? VEE : NONE;
    }

    /** A tail of usual volumes (0.5 and 0.03) for an airframe. */
    Tail from(Airframe airframe) {
        Planform planform = Planform.of(airframe.wing());
        double end = Math.max(airframe.body().podLength(), airframe.body().boomEnd());
        double arm = Math.max(end - planform.quarterStation() - 0.1, 2.2 * planform.meanChord());
        double at = planform.quarterStation() + arm - 0.04;
        double plane = 0.5 * planform.area() * planform.meanChord() / arm;
        double fin = 0.03 * planform.area() * planform.span() / arm;
        double chord = Math.sqrt(plane / 4);
        double tall = Math.sqrt(fin * 1.4);
        return switch (this) {
            case CONVENTIONAL -> new Tail.Conventional(
                    new TailPanel(at, 0.01, 0.02, chord * 1.15, chord * 0.85, 2 * chord, 0.1, 0, 0.35),
                    new TailPanel(at, 0, 0.02, fin / tall * 1.2, fin / tall * 0.8, tall, 0.3, 0, 0.4));
            case VEE -> {
                double area = plane + fin;
                double c = Math.sqrt(area / 2 / 2);
                yield new Tail.Vee(
                        new TailPanel(at, 0.01, 0.02, c * 1.15, c * 0.85, area / 2 / c, 0.2, 0, 0.35),
                        Math.atan(Math.sqrt(fin / plane)),
                        false);
            }
            case NONE -> new Tail.None(List.of(new TailPanel(
                    planform.meanChordLeadingEdge() + planform.meanChord() * 0.4,
                    planform.span() / 2,
                    0,
                    0.13,
                    0.08,
                    0.11,
                    0.5,
                    0,
                    0)));
        };
    }

    @Override
    public String toString() {
        return label;
    }
}
