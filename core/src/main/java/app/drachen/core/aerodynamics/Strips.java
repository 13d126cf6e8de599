package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.Surface;
import app.drachen.core.math.Order;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** Cuts the drawn surfaces into strips for {@link StripModel}. */
final class Strips {
    /**
     * One strip, body axes about the centre of gravity.
     *
     * @param place quarter-chord point: x, y, z [m]
     * @param chordward unit vector forward, at right angles to the quarter-chord line [-]
     * @param normal unit vector to the lifting side [-]
     * @param area [m²]
     * @param chord [m]
     * @param angle built-in incidence [rad]
     * @param slope lift slope against the flow at right angles to the quarter-chord line [1/rad]
     * @param section section data
     * @param inducedFactor 1/(π·A·e) [-]
     * @param output index of the output that moves its flap, −1 for none
     * @param flapRatio flap chord over chord [-], 0 without a flap
     * @param covered share of the strip that the flap covers [-]
     * @param behindWing whether it lies in the wing's downwash
     * @param inner its inner end: leading edge aft, right, up and chord, in the frame of the drawing [m]
     * @param outer its outer end, likewise [m]
     * @param tip whether its outer end is free
     */
    record Strip(
            double[] place,
            double[] chordward,
            double[] normal,
            double area,
            double chord,
            double angle,
            double slope,
            Section section,
            double inducedFactor,
            int output,
            double flapRatio,
            double covered,
            boolean behindWing,
            double[] inner,
            double[] outer,
            boolean tip) {
        boolean isWing() {
            return !behindWing && normal[2] < -0.5;
        }
    }

    private static final int PER_WING_PANEL = 5;
    private static final int PER_TAIL_PANEL = 2;
    private static final double SPAN_EFFICIENCY = 0.85;

    /** No strip is narrower than this share of its panel. */
    private static final double LEAST_PIECE = 0.02;

    private final Setup setup;
    private final Position centre;
    private final List<Strip> strips = new ArrayList<>();

    private Strips(Setup setup) {
        this.setup = setup;
        this.centre = setup.massProperties().centre();
    }

    /**
     * All strips of an aircraft.
     *
     * @param strips those of the wing first, with the fins that stand on it where there is no tail
     * @param tailFrom where those of the tail begin [-]
     */
    record Cut(List<Strip> strips, int tailFrom) {}

    static Cut of(Setup setup) {
        Strips cut = new Strips(setup);
        cut.cutWing();
        int wing = cut.strips.size();
        cut.cutTail();
        boolean tailless = setup.airframe().tail() instanceof Tail.None;
        return new Cut(cut.strips, tailless ? cut.strips.size() : wing);
    }

    private int output(Surface surface) {
        for (int i = 0; i < setup.controls().outputs().size(); i++) {
            if (setup.controls().outputs().get(i).surface().equals(surface)) {
                return i;
            }
        }
        return -1;
    }

    private void cutWing() {
        Wing wing = setup.airframe().wing();
        Planform planform = setup.planform();
        double slope = LiftingSurface.slope(planform);
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        double up = wing.up();
        double twist = 0;
        double half = planform.span() / 2;
        int pieces = wing.panels().size() == 1 ? PER_WING_PANEL + 2 : PER_WING_PANEL;
        for (WingPanel panel : wing.panels()) {
            double quarterSweep =
                    Math.atan(Math.tan(panel.sweep()) + (panel.tipChord() - panel.rootChord()) / 4 / panel.length());
            double cosSweep = Math.cos(quarterSweep);
            double[] edges = edges(wing, inner / half, (inner + panel.length()) / half, pieces);
            for (int i = 0; i + 1 < edges.length; i++) {
                double share = (edges[i] + edges[i + 1]) / 2;
                double chord = panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
                double y = inner + share * panel.length();
                double aft = edge + share * panel.length() * Math.tan(panel.sweep()) + chord / 4;
                double height = up + share * panel.length() * Math.tan(panel.dihedral());
                double width = panel.length() * (edges[i + 1] - edges[i]);
                double[] in = end(panel, inner, edge, up, edges[i]);
                double[] out = end(panel, inner, edge, up, edges[i + 1]);
                boolean tip = panel == wing.panels().get(wing.panels().size() - 1) && i + 2 == edges.length;
                double innerShare = (y - width / 2) / half;
                double outerShare = (y + width / 2) / half;
                Optional<Flap> flap = flap(wing, innerShare, outerShare);
                double covered = flap.map(f -> f.covers(innerShare, outerShare)).orElse(0.0);
                double ratio = flap.map(Flap::chordRatio).orElse(0.0);
                for (int side = -1; side <= 1; side += 2) {
                    double angle =
                            wing.incidence() + twist + share * panel.twist() + side * wing.incidenceDifference() / 2;
                    strips.add(strip(
                            aft,
                            side * y,
                            height,
                            side,
                            quarterSweep,
                            panel.dihedral(),
                            chord * width,
                            chord,
                            angle / cosSweep,
                            slope / cosSweep,
                            wing.section(),
                            1 / (Math.PI * planform.aspectRatio() * SPAN_EFFICIENCY),
                            flap.isPresent() ? output(moved(wing, flap.get(), side)) : -1,
                            ratio,
                            covered,
                            false,
                            mirrored(in, side),
                            mirrored(out, side),
                            tip));
                }
            }
            inner += panel.length();
            edge += panel.length() * Math.tan(panel.sweep());
            up += panel.length() * Math.tan(panel.dihedral());
            twist += panel.twist();
        }
    }

    /** A place along a wing panel: leading edge aft, right and up, and the chord there. */
    private static double[] end(WingPanel panel, double inner, double edge, double up, double share) {
        double out = share * panel.length();
        return new double[] {
            edge + out * Math.tan(panel.sweep()),
            inner + out,
            up + out * Math.tan(panel.dihedral()),
            panel.rootChord() + share * (panel.tipChord() - panel.rootChord())
        };
    }

    private static double[] mirrored(double[] end, int side) {
        return new double[] {end[0], side * end[1], end[2], end[3]};
    }

    /** Where a panel is cut, as shares of its length: evenly, and where two flaps meet at their ends. */
    private static double[] edges(Wing wing, double inner, double outer, int pieces) {
        SortedSet<Double> edges = new TreeSet<>();
        for (int i = 0; i <= pieces; i++) {
            edges.add((double) i / pieces);
        }
        if (wing.flaps().size() > 1) {
            wing.flaps().forEach(f -> {
                for (double end : new double[] {f.from(), f.to()}) {
                    double share = (end - inner) / (outer - inner);
                    if (share > 0 && share < 1 && edges.stream().allMatch(e -> Math.abs(e - share) > LEAST_PIECE)) {
                        edges.add(share);
                    }
                }
            });
        }
        return edges.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** The flap that takes most of a stretch. */
    private static Optional<Flap> flap(Wing wing, double inner, double outer) {
        return wing.flaps().stream().filter(f -> f.covers(inner, outer) > 0).max(Order.by(f -> f.covers(inner, outer)));
    }

    /** What moves a flap on a side: the surface of its kind, counted from the middle outwards. */
    static Surface moved(Wing wing, Flap flap, int side) {
        int number = 1
                + (int) wing.flaps().stream()
                        .filter(f -> f.kind() == flap.kind() && f.from() < flap.from())
                        .count();
        Surface.Role role = Surface.Role.valueOf(flap.kind().name());
        return new Surface(role, side < 0 ? Surface.Side.LEFT : Surface.Side.RIGHT, wing.number(flap));
    }

    private void cutTail() {
        setup.airframe()
                .tail()
                .meet(
                        tail -> {
                            int elevator = output(Surface.ELEVATOR);
                            cutPanel(tail.plane(), 1, 0, elevator, true);
                            cutPanel(tail.plane(), -1, 0, elevator, true);
                            cutPanel(tail.fin(), -1, Math.PI / 2, output(Surface.RUDDER), false);
                        },
                        tail -> {
                            double angle = tail.inverted() ? -tail.dihedral() : tail.dihedral();
                            cutPanel(tail.panel(), 1, angle, output(Surface.RIGHT_VEE), true);
                            cutPanel(tail.panel(), -1, angle, output(Surface.LEFT_VEE), true);
                        },
                        tail -> {
                            for (TailPanel fin : tail.fins()) {
                                cutPanel(fin, 1, Math.PI / 2, -1, false);
                                cutPanel(fin, -1, Math.PI / 2, -1, false);
                            }
                        });
    }

    private void cutPanel(TailPanel panel, int side, double angle, int output, boolean behindWing) {
        boolean fin = angle == Math.PI / 2;
        double slope = LiftingSurface.slope(panel, !fin);
        double quarterSweep =
                Math.atan(Math.tan(panel.sweep()) + (panel.tipChord() - panel.rootChord()) / 4 / panel.length());
        double cosSweep = Math.cos(quarterSweep);
        double aspect = (fin ? 1.55 : 2) * panel.length() * panel.length() / panel.area();
        for (int i = 0; i < PER_TAIL_PANEL; i++) {
            double share = (i + 0.5) / PER_TAIL_PANEL;
            double chord = panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
            double out = share * panel.length();
            double aft = panel.leadingEdge() + out * Math.tan(panel.sweep()) + chord / 4;
            double y = side * (panel.right() + out * Math.cos(angle));
            double height = panel.up() + out * Math.sin(angle);
            strips.add(strip(
                    aft,
                    y,
                    height,
                    side,
                    quarterSweep,
                    angle,
                    chord * panel.length() / PER_TAIL_PANEL,
                    chord,
                    panel.incidence() / cosSweep,
                    slope / cosSweep,
                    Section.FLAT_TAIL,
                    1 / (Math.PI * aspect * SPAN_EFFICIENCY),
                    output,
                    output < 0 ? 0 : panel.controlChordRatio(),
                    1,
                    behindWing,
                    end(panel, side, angle, (double) i / PER_TAIL_PANEL),
                    end(panel, side, angle, (i + 1.0) / PER_TAIL_PANEL),
                    i + 1 == PER_TAIL_PANEL));
        }
    }

    private static double[] end(TailPanel panel, int side, double angle, double share) {
        double out = share * panel.length();
        return new double[] {
            panel.leadingEdge() + out * Math.tan(panel.sweep()),
            side * (panel.right() + out * Math.cos(angle)),
            panel.up() + out * Math.sin(angle),
            panel.rootChord() + share * (panel.tipChord() - panel.rootChord())
        };
    }

    /** Places a strip of a panel that goes out to one side, tilted up by its dihedral. */
    private Strip strip(
            double aft,
            double right,
            double up,
            int side,
            double sweep,
            double dihedral,
            double area,
            double chord,
            double angle,
            double slope,
            Section section,
            double induced,
            int output,
            double flapRatio,
            double covered,
            boolean behindWing,
            double[] inner,
            double[] outer,
            boolean tip) {
        double[] place = {centre.aft() - aft, right - centre.right(), centre.up() - up};
        double sin = Math.sin(dihedral);
        double cos = Math.cos(dihedral);
        // forward at right angles to the swept line that runs outwards along (0, side·cos Γ, −sin Γ)
        double[] chordward = {Math.cos(sweep), side * Math.sin(sweep) * cos, -Math.sin(sweep) * sin};
        double[] normal = {0, -side * sin, -cos};
        return new Strip(
                place,
                chordward,
                normal,
                area,
                chord,
                angle,
                slope,
                section,
                induced,
                output,
                flapRatio,
                covered,
                behindWing,
                inner,
                outer,
                tip);
    }
}
