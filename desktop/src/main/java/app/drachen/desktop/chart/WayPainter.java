package app.drachen.desktop.chart;

import app.drachen.core.air.Field;
import app.drachen.core.air.Ground;
import app.drachen.core.air.Obstacle;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.stages.modes.WayHome;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the way home from the side: obstacles, height limit, the profile as set. */
public final class WayPainter {
    private static final double LEFT = 92;
    private static final double RIGHT = 24;
    private static final double TOP = 14;
    private static final double BOTTOM = 26;
    private static final double FAR = 1_100;

    private WayPainter() {}

    private static double most(Optional<Field> field) {
        return field.flatMap(Field::heightLimit).map(l -> l.height() * 1.15).orElse(150.0);
    }

    /** Height under a pixel [m]. */
    public static double heightAt(double y, double height, Optional<Field> field) {
        return (height - BOTTOM - y) / (height - TOP - BOTTOM) * most(field);
    }

    /** Paints into a box of pixels. */
    public static void paint(
            Pen g,
            double width,
            double height,
            HomeProfile home,
            Limits limits,
            Optional<Field> field,
            UnitSystem units) {
        g.clearRect(0, 0, width, height);
        double top = most(field);
        double perX = (width - LEFT - RIGHT) / FAR;
        double perY = (height - TOP - BOTTOM) / top;
        double ground = height - BOTTOM;
        g.setLineWidth(1);
        g.setStroke(Ink.GRID);
        g.setFont(Face.FIGURES, 11);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(Ink.SOFT);
        for (int h = 0; h <= top; h += 30) {
            double y = Math.rint(ground - h * perY) + 0.5;
            g.strokeLine(LEFT, y, width - RIGHT, y);
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(Quantity.HEIGHT.text(h, units), 50, y);
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (int d = 0; d <= 1_000; d += 250) {
            g.fillText(d == 0 ? "home" : Quantity.DISTANCE.text(d, units), LEFT + d * perX, ground + 13);
        }
        g.setStroke(Ink.SOFT);
        g.strokeLine(LEFT, ground, width - RIGHT, ground);
        field.flatMap(Field::ground).ifPresent(land -> land(g, land, perX, perY, ground));
        field.flatMap(Field::heightLimit).ifPresent(l -> {
            double y = Math.rint(ground - l.height() * perY) + 0.5;
            g.setStroke(Ink.KITE);
            g.setLineWidth(1.3);
            g.setLineDashes(6, 4);
            g.strokeLine(LEFT, y, width - RIGHT, y);
            g.setLineDashes();
            label(
                    g,
                    "height limit " + Quantity.HEIGHT.text(l.height(), units),
                    width - RIGHT - 4,
                    y - 9,
                    Ink.KITE,
                    TextAlignment.RIGHT);
        });
        List<HomeProfile.Corner> way =
                home.wayHome(WayHome.FROM_DISTANCE, WayHome.FROM_HEIGHT, limits.climbRate(), limits.cruiseSpeed());
        field.ifPresent(f -> f.obstacles().forEach(o -> obstacle(g, o, way, perX, perY, ground, units)));
        Optional<HomeProfile.Passing> closest = field.flatMap(f -> HomeProfile.closest(way, f));
        boolean low = closest.filter(p -> p.room() < HomeProfile.OBSTACLE_ROOM).isPresent();
        Color colour = low ? Ink.KITE : Ink.PROOF;
        g.setStroke(colour);
        g.setLineWidth(2.4);
        double[] xs = way.stream().mapToDouble(c -> LEFT + c.distance() * perX).toArray();
        double[] ys = way.stream().mapToDouble(c -> ground - c.height() * perY).toArray();
        g.strokePolyline(xs, ys, xs.length);
        double radius = home.circleRadius() * perX;
        double end = ys[ys.length - 1];
        g.setLineWidth(1.8);
        g.strokeOval(LEFT - radius, end - 6, 2 * radius, 12);
        g.setFill(colour);
        g.fillPolygon(new double[] {xs[0] - 14, xs[0] + 10, xs[0] + 10}, new double[] {ys[0], ys[0] - 6, ys[0] + 4}, 3);
        String words = (home.climbFirst() ? "climb first to " : "climb on the way to ")
                + Quantity.HEIGHT.text(home.height(), units)
                + closest.map(p -> ", passes the "
                                + p.obstacle().name()
                                + " with "
                                + Quantity.HEIGHT.text(p.room(), units))
                        .orElse("");
        label(g, words, LEFT + 130 * perX, end - 12, colour, TextAlignment.LEFT);
        g.setFill(Ink.INK);
        g.fillPolygon(new double[] {LEFT, LEFT - 7, LEFT + 7}, new double[] {ground - 11, ground, ground}, 3);
    }

    /** The highest ground at each distance, in any direction. */
    private static void land(Pen g, Ground land, double perX, double perY, double ground) {
        int rings = (int) Math.min(land.tops().size(), FAR / land.ring());
        double[] xs = new double[2 * rings + 2];
        double[] ys = new double[2 * rings + 2];
        for (int i = 0; i < rings; i++) {
            double y = ground - Math.max(0, land.tops().get(i)) * perY;
            xs[2 * i] = LEFT + i * land.ring() * perX;
            xs[2 * i + 1] = LEFT + (i + 1) * land.ring() * perX;
            ys[2 * i] = y;
            ys[2 * i + 1] = y;
        }
        xs[2 * rings] = LEFT + rings * land.ring() * perX;
        ys[2 * rings] = ground;
        xs[2 * rings + 1] = LEFT;
        ys[2 * rings + 1] = ground;
        g.setFill(Ink.GRID);
        g.fillPolygon(xs, ys, xs.length);
    }

    private static void obstacle(
            Pen g,
            Obstacle o,
            List<HomeProfile.Corner> way,
            double perX,
            double perY,
            double ground,
            UnitSystem units) {
        double x = LEFT + o.distance() * perX;
        double y = ground - o.height() * perY;
        double room = HomeProfile.heightAt(way, o.distance()) - o.height();
        if (room < HomeProfile.OBSTACLE_ROOM) {
            g.setFill(Ink.wash(Ink.KITE));
            double clear = HomeProfile.OBSTACLE_ROOM * perY;
            g.fillRect(x - 16, y - clear, 32, clear);
        }
        g.setFill(Ink.INK);
        g.fillPolygon(new double[] {x - 5, x, x + 5}, new double[] {ground, y, ground}, 3);
        label(
                g,
                o.name() + " " + Quantity.HEIGHT.text(o.height(), units),
                x + 9,
                Math.min(ground - 9, y + 12),
                Ink.INK,
                TextAlignment.LEFT);
    }

    private static void label(Pen g, String text, double x, double y, Color colour, TextAlignment align) {
        g.setFont(Face.STRONG, 13.5);
        g.setTextAlign(align);
        g.setStroke(Ink.SHEET);
        g.setLineWidth(3);
        g.strokeText(text, x, y);
        g.setFill(colour);
        g.fillText(text, x, y);
    }
}
