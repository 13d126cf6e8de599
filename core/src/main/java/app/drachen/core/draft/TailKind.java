package app.drachen.core.draft;

import app.drachen.core.aerodynamics.VeePair;
import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import java.util.List;
import java.util.Optional;

/**
 * The kinds of tail one can choose. A tail that is there is converted: a V-tail gets the area of tailplane and fin and
 * the angle that shares it between them as they did, and back; where there is nothing to convert, usual volumes.
 *
 * <p>Source: Purser &amp; Campbell (NACA 823) 1945, shares of a V-tail in pitch and yaw; usual volumes 0.5 and 0.03 (Raymer
 * 2018, from memory).
 */
public enum TailKind {
    CONVENTIONAL("Tailplane and fin"),
    VEE("V-tail"),
    INVERTED_VEE("Inverted V-tail"),
    NONE("None, tip fins");

    private static final double TAILPLANE_VOLUME = 0.5;
    private static final double FIN_VOLUME = 0.03;

    private final String label;

    TailKind(String label) {
        this.label = label;
    }

    /** The kind of a tail. */
    public static TailKind of(Tail tail) {
        return tail.match(t -> CONVENTIONAL, t -> t.inverted() ? INVERTED_VEE : VEE, t -> NONE);
    }

    /**
     * What a tail does, and panels to shape others after.
     *
     * @param pitch area in pitch [m²]
     * @param yaw area in yaw [m²]
     * @param plane a flat panel
     * @param fin a standing panel
     */
    private record Does(double pitch, double yaw, TailPanel plane, TailPanel fin) {}

    private static Does usual(Airframe airframe) {
        Planform planform = Planform.of(airframe.wing());
        double end = Math.max(airframe.body().podLength(), airframe.body().boomEnd());
        double arm = Math.max(end - planform.quarterStation() - 0.1, 2.2 * planform.meanChord());
        double at = planform.quarterStation() + arm - 0.04;
        return new Does(
                TAILPLANE_VOLUME * planform.area() * planform.meanChord() / arm,
                FIN_VOLUME * planform.area() * planform.span() / arm,
                new TailPanel(at, 0.01, 0.02, 0.115, 0.085, 0.2, 0.1, 0, 0.35),
                new TailPanel(at, 0, 0.02, 0.12, 0.08, 0.14, 0.3, 0, 0.4));
    }

    private static Does does(Airframe airframe) {
        return airframe.tail()
                .match(
                        t -> new Does(2 * t.plane().area(), t.fin().area(), t.plane(), t.fin()),
                        t -> {
                            double area = 2 * t.panel().area();
                            double cos = Math.cos(t.dihedral());
                            TailPanel p = t.panel();
                            TailPanel fin = new TailPanel(
                                    p.leadingEdge(),
                                    0,
                                    Math.abs(p.up()),
                                    p.rootChord(),
                                    p.tipChord(),
                                    p.length(),
                                    p.sweep(),
                                    0,
                                    p.controlChordRatio());
                            return new Does(area * cos * cos, area * (1 - cos * cos), p, fin);
                        },
                        t -> usual(airframe));
    }

    /** A panel of another area, its shape and the station of its quarter chord kept. */
    private static TailPanel scaled(TailPanel p, double area, double right) {
        double by = Math.sqrt(area / p.area());
        TailPanel sized = new TailPanel(
                p.leadingEdge(),
                right,
                p.up(),
                p.rootChord() * by,
                p.tipChord() * by,
                p.length() * by,
                p.sweep(),
                p.incidence(),
                p.controlChordRatio());
        double shift = p.quarterStation() - sized.quarterStation();
        return new TailPanel(
                Math.max(0, sized.leadingEdge() + shift),
                right,
                sized.up(),
                sized.rootChord(),
                sized.tipChord(),
                sized.length(),
                sized.sweep(),
                sized.incidence(),
                sized.controlChordRatio());
    }

    /** The tail of this kind that does what the tail of an airframe does; the tail itself if it is of this kind. */
    public Tail from(Airframe airframe) {
        Tail now = airframe.tail();
        if (of(now) == this) {
            return now;
        }
        if (now instanceof Tail.Vee v && (this == VEE || this == INVERTED_VEE)) {
            return new Tail.Vee(v.panel(), v.dihedral(), this == INVERTED_VEE);
        }
        Does does = does(airframe);
        // a fin does with all its area what a V-tail does with a part of it
        double fin = now instanceof Tail.Vee vee ? VeePair.apart(vee) * does.yaw() : does.yaw();
        return switch (this) {
            case CONVENTIONAL -> new Tail.Conventional(
                    scaled(does.plane(), does.pitch() / 2, does.plane().right()), scaled(does.fin(), fin, 0));
            case VEE, INVERTED_VEE -> new Tail.Vee(
                    scaled(
                            does.plane(),
                            (does.pitch() + does.yaw()) / 2,
                            does.plane().right()),
                    Math.max(0.17, Math.min(1.22, Math.atan(Math.sqrt(does.yaw() / does.pitch())))),
                    this == INVERTED_VEE);
            case NONE -> {
                Planform planform = Planform.of(airframe.wing());
                TailPanel tip = new TailPanel(
                        planform.meanChordLeadingEdge() + planform.meanChord() * 0.4,
                        planform.span() / 2,
                        0,
                        0.13,
                        0.08,
                        0.11,
                        0.5,
                        0,
                        0);
                yield new Tail.None(List.of(scaled(tip, fin / 2, planform.span() / 2)));
            }
        };
    }

    /** What a conversion costs that the areas do not show, if it costs something. */
    public Optional<String> note(Tail before) {
        boolean toVee = this == VEE || this == INVERTED_VEE;
        return toVee && before instanceof Tail.Conventional
                ? Optional.of("The V-tail has the area of both; in yaw its halves pull against each other, so it holds"
                        + " about 0.5 to 0.7 of what the fin held.")
                : this == CONVENTIONAL && before instanceof Tail.Vee
                        ? Optional.of(
                                "The fin has 0.6 of the V-tail's share in yaw: its halves pulled against each other.")
                        : Optional.empty();
    }

    @Override
    public String toString() {
        return label;
    }
}
