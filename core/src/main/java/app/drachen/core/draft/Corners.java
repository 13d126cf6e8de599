package app.drachen.core.draft;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * The corners of an airframe that can be pulled on its drawing. Pulling one changes what lies at it and leaves the
 * others where they are, as far as trapezoids allow.
 *
 * <p>Source: geometry.
 */
public final class Corners {
    private Corners() {}

    /** A view of the drawing. */
    public enum View {
        /** x to the right, y aft. */
        ABOVE,
        /** x aft, y up. */
        SIDE,
        /** x to the right, y up. */
        BEHIND
    }

    /** What a corner belongs to. */
    public enum Of {
        WING,
        TAIL,
        BODY
    }

    /**
     * A corner.
     *
     * @param of what it belongs to
     * @param view the view on which it is pulled
     * @param name what it is, in a few words
     * @param x on that view [m]
     * @param y on that view [m]
     * @param pulled the airframe with the corner at another x and y [m]; refuses what no airframe has with an
     *     {@link IllegalArgumentException}
     */
    public record Corner(
            Of of, View view, String name, double x, double y, BiFunction<Double, Double, Airframe> pulled) {}

    /** The corner of the same name and view of an airframe, if it has one. */
    public static Optional<Corner> same(Airframe airframe, Corner corner) {
        return of(airframe).stream()
                .filter(c -> c.view() == corner.view() && c.name().equals(corner.name()))
                .findFirst();
    }

    /** All corners of an airframe, each with a name of its own on its view. */
    public static List<Corner> of(Airframe airframe) {
        List<Corner> corners = new ArrayList<>();
        wing(airframe, corners);
        airframe.tail()
                .meet(
                        t -> {
                            flat(airframe, "tailplane", t.plane(), 0, p -> new Tail.Conventional(p, t.fin()), corners);
                            standing(airframe, "fin", t.fin(), p -> new Tail.Conventional(t.plane(), p), corners);
                        },
                        t -> vee(airframe, t, corners),
                        t -> {
                            for (int i = 0; i < t.fins().size(); i++) {
                                int index = i;
                                String name = t.fins().size() == 1 ? "fin" : "fin " + (i + 1);
                                standing(
                                        airframe,
                                        name,
                                        t.fins().get(i),
                                        p -> new Tail.None(put(t.fins(), index, p)),
                                        corners);
                            }
                        });
        body(airframe, corners);
        return corners;
    }

    private static <T> List<T> put(List<T> list, int index, T value) {
        List<T> changed = new ArrayList<>(list);
        changed.set(index, value);
        return changed;
    }

    private static void wing(Airframe airframe, List<Corner> corners) {
        Wing wing = airframe.wing();
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        double height = wing.up();
        Function<Wing, Airframe> with = airframe::withWing;
        corners.add(new Corner(
                Of.WING,
                View.ABOVE,
                "wing, leading edge at the root",
                0,
                edge,
                (x, y) -> with.apply(wing.withRootLeadingEdge(y))));
        WingPanel first = wing.panels().get(0);
        corners.add(new Corner(
                Of.WING,
                View.ABOVE,
                "wing, trailing edge at the root",
                0,
                edge + first.rootChord(),
                (x, y) -> with.apply(wing.withPanel(0, chords(first, y - wing.rootLeadingEdge(), first.tipChord())))));
        for (int i = 0; i < wing.panels().size(); i++) {
            int index = i;
            WingPanel panel = wing.panels().get(i);
            double from = inner;
            double lead = edge;
            double low = height;
            double out = inner + panel.length();
            double tip = edge + panel.length() * Math.tan(panel.sweep());
            double high = height + panel.length() * Math.tan(panel.dihedral());
            String end = "wing, panel " + (i + 1) + ", ";
            corners.add(new Corner(
                    Of.WING,
                    View.ABOVE,
                    end + "leading edge",
                    out,
                    tip,
                    (x, y) -> with.apply(wing.withPanel(
                            index,
                            new WingPanel(
                                    panel.rootChord(),
                                    panel.tipChord(),
                                    x - from,
                                    Math.atan2(y - lead, x - from),
                                    panel.dihedral(),
                                    panel.twist())))));
            corners.add(new Corner(
                    Of.WING,
                    View.ABOVE,
                    end + "trailing edge",
                    out,
                    tip + panel.tipChord(),
                    (x, y) -> with.apply(outer(wing, index, y - tip))));
            corners.add(new Corner(
                    Of.WING,
                    View.BEHIND,
                    end + "end",
                    out,
                    high,
                    (x, y) -> with.apply(wing.withPanel(
                            index,
                            new WingPanel(
                                    panel.rootChord(),
                                    panel.tipChord(),
                                    x - from,
                                    panel.sweep(),
                                    Math.atan2(y - low, x - from),
                                    panel.twist())))));
            inner = out;
            edge = tip;
            height = high;
        }
    }

    private static WingPanel chords(WingPanel p, double root, double tip) {
        return new WingPanel(root, tip, p.length(), p.sweep(), p.dihedral(), p.twist());
    }

    /** Another outer chord; a panel that goes on with the same chord goes on with the new one. */
    private static Wing outer(Wing wing, int index, double chord) {
        WingPanel panel = wing.panels().get(index);
        Wing changed = wing.withPanel(index, chords(panel, panel.rootChord(), chord));
        if (index + 1 < wing.panels().size()) {
            WingPanel next = wing.panels().get(index + 1);
            if (Math.abs(next.rootChord() - panel.tipChord()) < 1e-6) {
                return changed.withPanel(index + 1, chords(next, chord, next.tipChord()));
            }
        }
        return changed;
    }

    private static TailPanel panel(
            TailPanel p, double leadingEdge, double up, double root, double tip, double length, double sweep) {
        return new TailPanel(
                leadingEdge, p.right(), up, root, tip, length, sweep, p.incidence(), p.controlChordRatio());
    }

    /** A tail panel on the drawing from above, foreshortened by its dihedral [rad]. */
    private static void flat(
            Airframe airframe,
            String name,
            TailPanel p,
            double dihedral,
            Function<TailPanel, Tail> tail,
            List<Corner> corners) {
        double shrink = Math.cos(dihedral);
        double out = p.right() + p.length() * shrink;
        double tip = p.leadingEdge() + p.length() * Math.tan(p.sweep());
        Function<TailPanel, Airframe> with = q -> airframe.withTail(tail.apply(q));
        corners.add(new Corner(
                Of.TAIL,
                View.ABOVE,
                name + ", leading edge inside",
                p.right(),
                p.leadingEdge(),
                (x, y) -> with.apply(panel(p, y, p.up(), p.rootChord(), p.tipChord(), p.length(), p.sweep()))));
        corners.add(new Corner(
                Of.TAIL,
                View.ABOVE,
                name + ", trailing edge inside",
                p.right(),
                p.leadingEdge() + p.rootChord(),
                (x, y) -> with.apply(
                        panel(p, p.leadingEdge(), p.up(), y - p.leadingEdge(), p.tipChord(), p.length(), p.sweep()))));
        corners.add(new Corner(Of.TAIL, View.ABOVE, name + ", leading edge outside", out, tip, (x, y) -> {
            double length = (x - p.right()) / shrink;
            return with.apply(panel(
                    p,
                    p.leadingEdge(),
                    p.up(),
                    p.rootChord(),
                    p.tipChord(),
                    length,
                    Math.atan2(y - p.leadingEdge(), length)));
        }));
        corners.add(new Corner(
                Of.TAIL,
                View.ABOVE,
                name + ", trailing edge outside",
                out,
                tip + p.tipChord(),
                (x, y) ->
                        with.apply(panel(p, p.leadingEdge(), p.up(), p.rootChord(), y - tip, p.length(), p.sweep()))));
    }

    /** A fin on the drawing from the side. */
    private static void standing(
            Airframe airframe, String name, TailPanel p, Function<TailPanel, Tail> tail, List<Corner> corners) {
        double tip = p.leadingEdge() + p.length() * Math.tan(p.sweep());
        double top = p.up() + p.length();
        Function<TailPanel, Airframe> with = q -> airframe.withTail(tail.apply(q));
        corners.add(new Corner(
                Of.TAIL,
                View.SIDE,
                name + ", leading edge at the foot",
                p.leadingEdge(),
                p.up(),
                (x, y) -> with.apply(panel(p, x, y, p.rootChord(), p.tipChord(), p.length(), p.sweep()))));
        corners.add(new Corner(
                Of.TAIL,
                View.SIDE,
                name + ", trailing edge at the foot",
                p.leadingEdge() + p.rootChord(),
                p.up(),
                (x, y) -> with.apply(
                        panel(p, p.leadingEdge(), p.up(), x - p.leadingEdge(), p.tipChord(), p.length(), p.sweep()))));
        corners.add(new Corner(
                Of.TAIL,
                View.SIDE,
                name + ", leading edge at the top",
                tip,
                top,
                (x, y) -> with.apply(panel(
                        p,
                        p.leadingEdge(),
                        p.up(),
                        p.rootChord(),
                        p.tipChord(),
                        y - p.up(),
                        Math.atan2(x - p.leadingEdge(), y - p.up())))));
        corners.add(new Corner(
                Of.TAIL,
                View.SIDE,
                name + ", trailing edge at the top",
                tip + p.tipChord(),
                top,
                (x, y) ->
                        with.apply(panel(p, p.leadingEdge(), p.up(), p.rootChord(), x - tip, p.length(), p.sweep()))));
    }

    private static void vee(Airframe airframe, Tail.Vee t, List<Corner> corners) {
        TailPanel p = t.panel();
        flat(airframe, "V-tail", p, t.dihedral(), q -> new Tail.Vee(q, t.dihedral(), t.inverted()), corners);
        double sign = t.inverted() ? -1 : 1;
        corners.add(new Corner(
                Of.TAIL,
                View.BEHIND,
                "V-tail, end",
                p.right() + p.length() * Math.cos(t.dihedral()),
                p.up() + sign * p.length() * Math.sin(t.dihedral()),
                (x, y) -> {
                    double length = Math.hypot(x - p.right(), y - p.up());
                    // the tip stays at its station
                    double sweep = Math.atan2(p.length() * Math.tan(p.sweep()), length);
                    return airframe.withTail(new Tail.Vee(
                            panel(p, p.leadingEdge(), p.up(), p.rootChord(), p.tipChord(), length, sweep),
                            Math.atan2(sign * (y - p.up()), x - p.right()),
                            t.inverted()));
                }));
    }

    private static void body(Airframe airframe, List<Corner> corners) {
        Body b = airframe.body();
        Function<Body, Airframe> with = airframe::withBody;
        corners.add(new Corner(
                Of.BODY,
                View.ABOVE,
                "body, end of the pod",
                0,
                b.podLength(),
                (x, y) -> with.apply(new Body(y, b.width(), b.height(), b.boomEnd()))));
        corners.add(new Corner(
                Of.BODY,
                View.ABOVE,
                "body, width",
                b.width() / 2,
                0.3 * b.podLength(),
                (x, y) -> with.apply(new Body(b.podLength(), 2 * x, b.height(), b.boomEnd()))));
        corners.add(new Corner(
                Of.BODY,
                View.SIDE,
                "body, height",
                0.3 * b.podLength(),
                b.height() / 2,
                (x, y) -> with.apply(new Body(b.podLength(), b.width(), 2 * y, b.boomEnd()))));
        if (b.boomEnd() > b.podLength()) {
            corners.add(new Corner(
                    Of.BODY,
                    View.ABOVE,
                    "body, end of the boom",
                    0,
                    b.boomEnd(),
                    (x, y) -> with.apply(new Body(b.podLength(), b.width(), b.height(), y))));
        }
    }
}
