package app.drachen.desktop.drawing;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import java.util.ArrayList;
import java.util.List;

/**
 * The lines of an airframe in metres, seen from above (x right, y aft) or from the side (x aft, y
 * down), the nose at the origin.
 *
 * @param shapes closed shapes and hinge lines, back to front
 * @param left least x [m]
 * @param right greatest x [m]
 * @param top least y [m]
 * @param bottom greatest y [m]
 */
public record Outline(List<Shape> shapes, double left, double right, double top, double bottom) {

    /** What a shape belongs to, for picking. */
    public enum Component {
        WING,
        TAIL,
        BODY
    }

    /** A closed polygon, or a dashed hinge line of two points. */
    public record Shape(Component component, double[] x, double[] y, boolean hinge) {
        /** Whether a point lies inside. */
        public boolean holds(double px, double py) {
            boolean inside = false;
            for (int i = 0, j = x.length - 1; i < x.length && !hinge; j = i++) {
                if (y[i] > py != y[j] > py && px < (x[j] - x[i]) * (py - y[i]) / (y[j] - y[i]) + x[i]) {
                    inside = !inside;
                }
            }
            return inside;
        }
    }

    private static Outline around(List<Shape> shapes) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Shape shape : shapes) {
            for (int i = 0; i < shape.x().length; i++) {
                left = Math.min(left, shape.x()[i]);
                right = Math.max(right, shape.x()[i]);
                top = Math.min(top, shape.y()[i]);
                bottom = Math.max(bottom, shape.y()[i]);
            }
        }
        return new Outline(shapes, left, right, top, bottom);
    }

    /** Seen from above, nose up on the sheet. */
    public static Outline above(Airframe airframe) {
        List<Shape> shapes = new ArrayList<>();
        wing(airframe.wing(), shapes);
        tailAbove(airframe.tail(), shapes);
        bodyAbove(airframe, shapes);
        return around(shapes);
    }

    private static void wing(Wing wing, List<Shape> shapes) {
        double half = wing.panels().stream().mapToDouble(WingPanel::length).sum();
        for (int side = -1; side <= 1; side += 2) {
            double inner = 0;
            double edge = wing.rootLeadingEdge();
            List<double[]> front = new ArrayList<>();
            List<double[]> back = new ArrayList<>();
            front.add(new double[] {0, edge});
            back.add(new double[] {0, edge + wing.panels().get(0).rootChord()});
            for (WingPanel panel : wing.panels()) {
                double out = inner + panel.length();
                double tipEdge = edge + panel.length() * Math.tan(panel.sweep());
                front.add(new double[] {out, tipEdge});
                back.add(new double[] {out, tipEdge + panel.tipChord()});
                inner = out;
                edge = tipEdge;
            }
            shapes.add(strip(Component.WING, front, back, side));
            for (Flap flap : wing.flaps()) {
                double[] from = trailing(wing, flap.from() * half, flap.chordRatio());
                double[] to = trailing(wing, flap.to() * half, flap.chordRatio());
                double y1 = flap.from() * half * side;
                double y2 = flap.to() * half * side;
                hinge(shapes, Component.WING, y1, from[0], y2, to[0]);
                hinge(shapes, Component.WING, y1, from[0], y1, from[1]);
                hinge(shapes, Component.WING, y2, to[0], y2, to[1]);
            }
        }
    }

    private static void hinge(List<Shape> shapes, Component component, double x1, double y1, double x2, double y2) {
        shapes.add(new Shape(component, new double[] {x1, x2}, new double[] {y1, y2}, true));
    }

    /** Hinge and trailing edge stations at a distance from the middle. */
    private static double[] trailing(Wing wing, double y, double ratio) {
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        for (int i = 0; i < wing.panels().size(); i++) {
            WingPanel panel = wing.panels().get(i);
            boolean last = i == wing.panels().size() - 1;
            if (y <= inner + panel.length() || last) {
                double share = (y - inner) / panel.length();
                double chord = panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
                double lead = edge + (y - inner) * Math.tan(panel.sweep());
                return new double[] {lead + chord * (1 - ratio), lead + chord};
            }
            inner += panel.length();
            edge += panel.length() * Math.tan(panel.sweep());
        }
        throw new IllegalStateException("a wing has at least one panel");
    }

    private static Shape strip(Component component, List<double[]> front, List<double[]> back, int side) {
        int n = front.size();
        double[] x = new double[2 * n];
        double[] y = new double[2 * n];
        for (int i = 0; i < n; i++) {
            x[i] = side * front.get(i)[0];
            y[i] = front.get(i)[1];
            x[2 * n - 1 - i] = side * back.get(i)[0];
            y[2 * n - 1 - i] = back.get(i)[1];
        }
        return new Shape(component, x, y, false);
    }

    private static void tailAbove(Tail tail, List<Shape> shapes) {
        tail.meet(
                t -> {
                    flat(t.plane(), 1, shapes);
                    fin(t.fin(), 0, shapes);
                },
                t -> {
                    flat(t.panel(), Math.cos(t.dihedral()), shapes);
                },
                t -> {
                    for (TailPanel panel : t.fins()) {
                        fin(panel, panel.right(), shapes);
                        fin(panel, -panel.right(), shapes);
                    }
                });
    }

    private static void flat(TailPanel panel, double shrink, List<Shape> shapes) {
        for (int side = -1; side <= 1; side += 2) {
            double in = panel.right();
            double out = in + panel.length() * shrink;
            double tip = panel.leadingEdge() + panel.length() * Math.tan(panel.sweep());
            shapes.add(strip(
                    Component.TAIL,
                    List.of(new double[] {in, panel.leadingEdge()}, new double[] {out, tip}),
                    List.of(
                            new double[] {in, panel.leadingEdge() + panel.rootChord()},
                            new double[] {out, tip + panel.tipChord()}),
                    side));
            if (panel.controlChordRatio() > 0) {
                double keep = 1 - panel.controlChordRatio();
                hinge(
                        shapes,
                        Component.TAIL,
                        side * in,
                        panel.leadingEdge() + keep * panel.rootChord(),
                        side * out,
                        tip + keep * panel.tipChord());
            }
        }
    }

    private static void fin(TailPanel panel, double right, List<Shape> shapes) {
        double thick = 0.006;
        double from = panel.leadingEdge();
        double to =
                Math.max(from + panel.rootChord(), from + panel.length() * Math.tan(panel.sweep()) + panel.tipChord());
        shapes.add(new Shape(
                Component.TAIL,
                new double[] {right - thick, right + thick, right + thick, right - thick},
                new double[] {from, from, to, to},
                false));
    }

    private static void bodyAbove(Airframe airframe, List<Shape> shapes) {
        Body body = airframe.body();
        double w = body.width() / 2;
        if (body.boomEnd() > body.podLength()) {
            double b = Math.min(w / 3, 0.012);
            shapes.add(new Shape(
                    Component.BODY,
                    new double[] {-b, b, b * 0.7, -b * 0.7},
                    new double[] {body.podLength() * 0.9, body.podLength() * 0.9, body.boomEnd(), body.boomEnd()},
                    false));
        }
        shapes.add(pod(body, w, !(airframe.tail() instanceof Tail.Conventional)));
    }

    private static Shape pod(Body body, double half, boolean blunt) {
        double l = body.podLength();
        double[] at = {0, 0.01, 0.035, 0.08, 0.15, 0.30, 0.55, 0.80, 0.93, 1};
        double[] width = blunt
                ? new double[] {0, 0.35, 0.62, 0.83, 0.95, 1, 1, 0.95, 0.82, 0.55}
                : new double[] {0, 0.35, 0.60, 0.80, 0.93, 1, 0.62, 0.36, 0.26, 0.2};
        int n = at.length;
        double[] x = new double[2 * n];
        double[] y = new double[2 * n];
        for (int i = 0; i < n; i++) {
            x[i] = half * width[i];
            y[i] = l * at[i];
            x[2 * n - 1 - i] = -half * width[i];
            y[2 * n - 1 - i] = l * at[i];
        }
        return new Shape(Component.BODY, x, y, false);
    }

    /** Seen from the left, nose to the left of the sheet; y points down. */
    public static Outline side(Airframe airframe) {
        List<Shape> shapes = new ArrayList<>();
        Body body = airframe.body();
        Shape pod = pod(body, body.height() / 2, !(airframe.tail() instanceof Tail.Conventional));
        shapes.add(new Shape(Component.BODY, pod.y(), pod.x(), false));
        if (body.boomEnd() > body.podLength()) {
            shapes.add(new Shape(
                    Component.BODY,
                    new double[] {body.podLength() * 0.9, body.boomEnd(), body.boomEnd(), body.podLength() * 0.9},
                    new double[] {-0.009, -0.007, 0.007, 0.009},
                    false));
        }
        airframe.tail()
                .meet(
                        t -> {
                            standing(t.fin(), Math.PI / 2, shapes);
                            edgeOn(
                                    t.plane().leadingEdge(),
                                    t.plane().rootChord(),
                                    t.plane().up(),
                                    Component.TAIL,
                                    shapes);
                        },
                        t -> {
                            standing(t.panel(), t.inverted() ? -t.dihedral() : t.dihedral(), shapes);
                        },
                        t -> t.fins().forEach(f -> standing(f, Math.PI / 2, shapes)));
        Wing wing = airframe.wing();
        edgeOn(wing.rootLeadingEdge(), wing.panels().get(0).rootChord(), wing.up(), Component.WING, shapes);
        return around(shapes);
    }

    /** Seen from behind, the right wing to the right of the sheet; y points down. */
    public static Outline behind(Airframe airframe) {
        List<Shape> shapes = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            double out = 0;
            double up = airframe.wing().up();
            for (WingPanel panel : airframe.wing().panels()) {
                double tip = out + panel.length();
                double high = up + panel.length() * Math.tan(panel.dihedral());
                shapes.add(plank(
                        Component.WING,
                        new double[] {side * out, side * tip},
                        new double[] {up, high},
                        0.05 * panel.rootChord(),
                        0.05 * panel.tipChord()));
                out = tip;
                up = high;
            }
        }
        Body body = airframe.body();
        shapes.add(oval(body.width() / 2, body.height() / 2));
        airframe.tail()
                .meet(
                        t -> {
                            slanted(t.plane(), 0, shapes);
                            upright(t.fin(), 0, shapes);
                        },
                        t -> slanted(t.panel(), t.inverted() ? -t.dihedral() : t.dihedral(), shapes),
                        t -> t.fins().forEach(f -> {
                            upright(f, f.right(), shapes);
                            upright(f, -f.right(), shapes);
                        }));
        return around(shapes);
    }

    private static void slanted(TailPanel panel, double angle, List<Shape> shapes) {
        for (int side = -1; side <= 1; side += 2) {
            double tip = panel.right() + panel.length() * Math.cos(angle);
            shapes.add(plank(
                    Component.TAIL,
                    new double[] {side * panel.right(), side * tip},
                    new double[] {panel.up(), panel.up() + panel.length() * Math.sin(angle)},
                    0.04 * panel.rootChord(),
                    0.04 * panel.tipChord()));
        }
    }

    private static void upright(TailPanel fin, double right, List<Shape> shapes) {
        double t = 0.03 * fin.rootChord();
        shapes.add(new Shape(
                Component.TAIL,
                new double[] {right - t, right + t, right + t, right - t},
                new double[] {-fin.up(), -fin.up(), -fin.up() - fin.length(), -fin.up() - fin.length()},
                false));
    }

    /** Something thin between two ends, half as thick as told at each. */
    private static Shape plank(Component component, double[] x, double[] up, double inner, double outer) {
        return new Shape(
                component,
                new double[] {x[0], x[1], x[1], x[0]},
                new double[] {-up[0] - inner, -up[1] - outer, -up[1] + outer, -up[0] + inner},
                false);
    }

    private static Shape oval(double halfWidth, double halfHeight) {
        int n = 24;
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = halfWidth * Math.cos(2 * Math.PI * i / n);
            y[i] = halfHeight * Math.sin(2 * Math.PI * i / n);
        }
        return new Shape(Component.BODY, x, y, false);
    }

    private static void standing(TailPanel panel, double angle, List<Shape> shapes) {
        double rise = panel.length() * Math.sin(angle);
        double tip = panel.leadingEdge() + panel.length() * Math.tan(panel.sweep());
        shapes.add(new Shape(
                Component.TAIL,
                new double[] {panel.leadingEdge(), tip, tip + panel.tipChord(), panel.leadingEdge() + panel.rootChord()
                },
                new double[] {-panel.up(), -panel.up() - rise, -panel.up() - rise, -panel.up()},
                false));
    }

    private static void edgeOn(double leading, double chord, double up, Component component, List<Shape> shapes) {
        double t = 0.05 * chord;
        shapes.add(new Shape(
                component,
                new double[] {
                    leading,
                    leading + 0.08 * chord,
                    leading + 0.35 * chord,
                    leading + chord,
                    leading + 0.3 * chord,
                    leading + 0.06 * chord
                },
                new double[] {-up, -up - t, -up - 1.3 * t, -up + 0.1 * t, -up + 0.5 * t, -up + 0.4 * t},
                false));
    }
}
