package app.drachen.desktop.drawing;

import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the aircraft from behind with its surfaces as they stand, and dashed where they should stand. */
public final class BehindPainter {
    private static final double PER_RADIAN = 210;

    /**
     * Where a surface stands.
     *
     * @param surface the surface
     * @param deflection trailing edge down positive, rudder left [rad]
     * @param wanted the way it should go, by its sign; where it is only asked for, how far it is drawn dashed [rad]
     * @param asked whether nobody has seen yet where it stands
     */
    public record Stand(Surface surface, double deflection, double wanted, boolean asked) {
        /** Whether the surface goes the way it must, or hardly moves. */
        public boolean right() {
            return Math.abs(wanted) < 0.02 || Math.signum(deflection) == Math.signum(wanted);
        }
    }

    private final Pen g;
    private final Setup setup;
    private final List<Stand> answers;
    private final Optional<Surface> chosen;
    private final double scale;
    private final double middle;
    private final double level;

    public BehindPainter(
            Pen g, Setup setup, List<Stand> answers, Optional<Surface> chosen, double width, double height) {
        this.g = g;
        this.setup = setup;
        this.answers = answers;
        this.chosen = chosen;
        scale = (width - 120) / setup.planform().span();
        middle = width / 2;
        level = height * 0.56;
    }

    /** Paints it. */
    public void paint() {
        wing();
        Tail tail = setup.airframe().tail();
        if (tail instanceof Tail.Conventional t) {
            double half = t.plane().length() * scale;
            double y = level - t.plane().up() * scale - 44;
            g.setStroke(Ink.INK);
            g.setLineWidth(2);
            g.strokeLine(middle - half, y, middle + half, y);
            double tall = t.fin().length() * scale;
            g.strokeLine(middle, y, middle, y - tall);
            flat(Surface.ELEVATOR, middle - half * 0.95, y, middle + half * 0.95, y);
            rudder(middle, y, y - tall);
        } else if (tail instanceof Tail.Vee t) {
            double angle = t.inverted() ? -t.dihedral() : t.dihedral();
            double y = level - t.panel().up() * scale - 26;
            for (int side = -1; side <= 1; side += 2) {
                double x = middle + side * t.panel().length() * Math.cos(angle) * scale;
                double top = y - t.panel().length() * Math.sin(angle) * scale;
                g.setStroke(Ink.INK);
                g.setLineWidth(2);
                g.strokeLine(middle, y, x, top);
                tilted(side < 0 ? Surface.LEFT_VEE : Surface.RIGHT_VEE, middle, y, x, top, side);
            }
        }
        g.setFill(Ink.SHEET);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.6);
        double w = Math.max(30, setup.airframe().body().width() * scale);
        double h = Math.max(26, setup.airframe().body().height() * scale);
        g.fillOval(middle - w / 2, level - h / 2, w, h);
        g.strokeOval(middle - w / 2, level - h / 2, w, h);
        g.strokeOval(middle - w / 4, level - h / 4, w / 2, h / 2);
        write("seen from behind", middle, level + h / 2 + 14, Ink.SOFT, false);
    }

    private double rise(double out) {
        Wing wing = setup.airframe().wing();
        double inner = 0;
        double up = wing.up();
        for (var panel : wing.panels()) {
            double here = Math.min(panel.length(), Math.max(0, out - inner));
            up += here * Math.tan(panel.dihedral());
            inner += panel.length();
        }
        return up;
    }

    private void wing() {
        Wing wing = setup.airframe().wing();
        double half = setup.planform().span() / 2;
        boolean elevons = setup.airframe().tail() instanceof Tail.None;
        for (int side = -1; side <= 1; side += 2) {
            for (Flap flap : wing.flaps()) {
                Surface surface = new Surface(
                        Surface.Role.valueOf(flap.kind().name()),
                        side < 0 ? Surface.Side.LEFT : Surface.Side.RIGHT,
                        wing.number(flap));
                double a = flap.from() * half;
                double b = flap.to() * half;
                flat(
                        surface,
                        middle + side * a * scale,
                        level - rise(a) * scale,
                        middle + side * b * scale,
                        level - rise(b) * scale);
            }
            g.setStroke(Ink.INK);
            g.setLineWidth(4);
            double steps = 12;
            for (int i = 0; i < steps; i++) {
                double a = half * i / steps;
                double b = half * (i + 1) / steps;
                g.strokeLine(
                        middle + side * a * scale,
                        level - rise(a) * scale,
                        middle + side * b * scale,
                        level - rise(b) * scale);
            }
            if (elevons) {
                double tip = middle + side * half * scale;
                g.setLineWidth(3);
                g.strokeLine(tip, level - rise(half) * scale, tip, level - rise(half) * scale - 26);
            }
        }
    }

    private Optional<Stand> of(Surface surface) {
        return answers.stream().filter(a -> a.surface().equals(surface)).findFirst();
    }

    private Color colour(Stand answer) {
        return answer.asked() || answer.right() ? Ink.PROOF : Ink.KITE;
    }

    /** A surface whose trailing edge goes down or up the sheet. */
    private void flat(Surface surface, double x1, double y1, double x2, double y2) {
        of(surface).ifPresent(a -> {
            boolean tail = surface.equals(Surface.ELEVATOR);
            double d = shown(a) * PER_RADIAN * (tail ? 0.45 : 1);
            fill(a, new double[] {x1, x2, x2, x1}, new double[] {y1, y2, y2 + d, y1 + d});
            if (tail) {
                write(words(a), x1 - 40, (y1 + y2) / 2 + d / 2, colour(a), true);
            } else {
                write(words(a), (x1 + x2) / 2, (y1 + y2) / 2 + d + (d >= 0 ? 14 : -14), colour(a), true);
            }
        });
    }

    private void tilted(Surface surface, double x1, double y1, double x2, double y2, int side) {
        of(surface).ifPresent(a -> {
            double d = shown(a) * PER_RADIAN * 0.7;
            double length = Math.hypot(x2 - x1, y2 - y1);
            // downwards at right angles to the panel
            double nx = -side * (y1 - y2) / length * -1 * d;
            double ny = Math.abs(x2 - x1) / length * d;
            fill(a, new double[] {x1, x2, x2 + nx, x1 + nx}, new double[] {y1, y2, y2 + ny, y1 + ny});
            write(words(a), x2 + side * 34, y2 - 6, colour(a), true);
        });
    }

    private void rudder(double x, double bottom, double top) {
        of(Surface.RUDDER).ifPresent(a -> {
            double d = -shown(a) * PER_RADIAN * 0.35;
            fill(a, new double[] {x, x, x + d, x + d}, new double[] {bottom, top, top, bottom});
            write(words(a), x + (d >= 0 ? d + 44 : d - 44), top + 4, colour(a), true);
        });
    }

    private void fill(Stand answer, double[] xs, double[] ys) {
        if (answer.asked()) {
            g.setStroke(Ink.PROOF);
            g.setLineWidth(1.6);
            g.setLineDashes(4, 3);
            g.strokePolygon(xs, ys, 4);
            g.setLineDashes();
            return;
        }
        g.setFill(colour(answer).deriveColor(0, 1, 1, 0.82));
        g.fillPolygon(xs, ys, 4);
        if (chosen.filter(s -> s == answer.surface()).isPresent()) {
            g.setStroke(Ink.INK);
            g.setLineWidth(1.4);
            g.setLineDashes(3, 2);
            g.strokePolygon(xs, ys, 4);
            g.setLineDashes();
        }
    }

    private static double shown(Stand a) {
        return a.asked() ? a.wanted() : a.deflection();
    }

    private static String words(Stand a) {
        double d = shown(a);
        boolean rudder = a.surface().role() == Surface.Role.RUDDER;
        if (Math.abs(d) < Math.toRadians(0.3)) {
            return "neutral";
        }
        String way = rudder ? (d > 0 ? "left " : "right ") : (d > 0 ? "down " : "up ");
        String wanted = rudder ? (a.wanted() > 0 ? "left" : "right") : (a.wanted() > 0 ? "down" : "up");
        if (a.asked()) {
            return "must go " + way.strip();
        }
        return way + Quantity.ANGLE.text(Math.abs(d), UnitSystem.METRIC) + (a.right() ? "" : " — must go " + wanted);
    }

    private void write(String text, double x, double y, Color colour, boolean strong) {
        g.setFont(strong ? Face.STRONG : Face.TEXT, strong ? 14 : 13);
        g.setFill(colour);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, x, y);
    }
}
