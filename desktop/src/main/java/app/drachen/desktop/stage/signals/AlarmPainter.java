package app.drachen.desktop.stage.signals;

import app.drachen.core.air.Field;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Optional;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** What happens between the limit and the thumb: link, reaction, push-over; as it is set, and as it must be. */
final class AlarmPainter {
    private static final double LEFT = 46;
    private static final double TOP = 22;
    private static final double BOTTOM = 20;
    private static final double SUMS = 190;

    private final Optional<HeightAlarm> sum;
    private final Optional<Double> set;
    private final double limit;
    private final UnitSystem units;

    AlarmPainter(Setup setup, Optional<Field> field, Optional<Double> dragged, UnitSystem units) {
        Optional<Double> entered = field.flatMap(Field::heightLimit).map(Field.HeightLimit::height);
        limit = entered.orElse(Double.NaN);
        sum = entered.flatMap(l -> HeightAlarm.of(setup, l));
        set = dragged.or(() -> setup.signals().alarm(Alarm.Kind.HEIGHT).map(Alarm::threshold));
        this.units = units;
    }

    private double low() {
        double least = Math.min(sum.orElseThrow().setAt().value(), set.orElse(limit));
        return Math.floor((least - 2) / 5) * 5;
    }

    private double high() {
        return Math.max(limit, set.map(s -> sum.orElseThrow().topsAt(s)).orElse(limit)) + 3;
    }

    /** Height under a pixel [m]; empty where nothing can be set. */
    Optional<Double> heightAt(double y, double height) {
        return sum.map(s -> high() - (y - TOP) / (height - TOP - BOTTOM) * (high() - low()));
    }

    void paint(Pen g, double width, double height) {
        g.words("BETWEEN THE LIMIT AND YOUR THUMB", 10, 11, Face.STRONG, 11.5, Ink.SOFT, TextAlignment.LEFT);
        if (sum.isEmpty()) {
            g.words(
                    Double.isNaN(limit)
                            ? "Enter the height limit of the field in Maiden; then the alarm is worked out here."
                            : "No height reaches your ear: want it (W), to be heard, and give it a way.",
                    width / 2,
                    height / 2,
                    Face.STRONG,
                    13,
                    Ink.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        HeightAlarm s = sum.get();
        double right = width - SUMS - 16;
        double heard = s.age() + s.lasting();
        double thumb = heard + s.reaction();
        double over = thumb + s.climb() / s.push();
        double perX = (right - LEFT) / (over * 1.12);
        double perY = (height - TOP - BOTTOM) / (high() - low());
        double ground = height - BOTTOM;
        band(g, LEFT, heard * perX, height, Ink.SKY, words("link", heard));
        band(g, LEFT + heard * perX, s.reaction() * perX, height, Ink.PAPER, words("you react", s.reaction()));
        band(g, LEFT + thumb * perX, (over - thumb) * perX, height, Ink.SKY, words("push over", over - thumb));
        double span = high() - low();
        for (double h = low(); h <= high(); h += span > 25 ? 10 * Math.ceil(span / 60) : 5) {
            g.words(
                    Quantity.HEIGHT.text(h, units),
                    LEFT - 6,
                    ground - (h - low()) * perY,
                    Face.FIGURES,
                    10.5,
                    Ink.SOFT,
                    TextAlignment.RIGHT);
        }
        double y = ground - (limit - low()) * perY;
        g.setStroke(Ink.KITE);
        g.setLineWidth(1.2);
        g.setLineDashes(6, 4);
        g.strokeLine(LEFT, y, right, y);
        g.setLineDashes();
        double right2 = Math.floor(s.setAt().value());
        climb(g, s, right2, perX, perY, ground, Ink.PROOF, "set " + Quantity.HEIGHT.text(right2, units), 13, 13);
        set.filter(now -> Math.abs(now - right2) > 0.5)
                .ifPresent(now -> climb(
                        g,
                        s,
                        now,
                        perX,
                        perY,
                        ground,
                        s.topsAt(now) > limit + 0.01 ? Ink.KITE : Ink.INK,
                        "set " + Quantity.HEIGHT.text(now, units) + ", today",
                        -12,
                        -11));
        sums(g, s, right + 16, width - 10);
    }

    private String words(String name, double seconds) {
        return name + " " + Quantity.TIME.text(seconds, units);
    }

    private static void band(Pen g, double x, double wide, double height, Color colour, String words) {
        g.setFill(colour);
        g.fillRect(x, TOP, wide, height - TOP - BOTTOM);
        g.words(words, x + wide / 2, height - 9, Face.TEXT, 11.5, Ink.INK, TextAlignment.CENTER);
    }

    private void climb(
            Pen g,
            HeightAlarm s,
            double from,
            double perX,
            double perY,
            double ground,
            Color colour,
            String words,
            double shift,
            double topShift) {
        double thumb = s.age() + s.lasting() + s.reaction();
        double over = thumb + s.climb() / s.push();
        int n = 60;
        double[] xs = new double[n + 1];
        double[] ys = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            double t = over * 1.1 * i / n;
            double pushed = Math.max(0, Math.min(t, over) - thumb);
            double height = from + s.error() + s.climb() * Math.min(t, over) - s.push() * pushed * pushed / 2;
            xs[i] = LEFT + t * perX;
            ys[i] = ground - (height - low()) * perY;
        }
        g.setStroke(colour);
        g.setLineWidth(2.2);
        g.setLineDashes(colour.equals(Ink.PROOF) ? new double[0] : new double[] {7, 4});
        g.strokePolyline(xs, ys, n + 1);
        g.setLineDashes();
        g.setFill(colour);
        g.fillOval(LEFT - 4, ys[0] - 4, 8, 8);
        g.words(words, LEFT + 10, ys[0] + shift, Face.STRONG, 12, colour, TextAlignment.LEFT);
        double top = s.topsAt(from);
        double over2 = top - limit;
        g.words(
                over2 > 0.05
                        ? Quantity.HEIGHT.text(top, units) + ": " + Quantity.HEIGHT.text(over2, units) + " over"
                        : "tops at " + Quantity.HEIGHT.text(top, units),
                xs[n],
                ys[n] + topShift,
                Face.STRONG,
                12,
                colour,
                TextAlignment.RIGHT);
    }

    private void sums(Pen g, HeightAlarm s, double from, double to) {
        double y = TOP + 4;
        y = row(g, "limit", Quantity.HEIGHT.text(limit, units), from, to, y, Face.TEXT);
        y = row(
                g,
                Quantity.CLIMB.text(s.climb(), units) + " × " + Quantity.TIME.text(s.age() + s.lasting(), units)
                        + " link",
                minus(s.climb() * (s.age() + s.lasting())),
                from,
                to,
                y,
                Face.TEXT);
        y = row(
                g,
                Quantity.CLIMB.text(s.climb(), units) + " × " + Quantity.TIME.text(s.reaction(), units) + " thumb",
                minus(s.climb() * s.reaction()),
                from,
                to,
                y,
                Face.TEXT);
        y = row(g, "push-over", minus(s.climb() * s.climb() / (2 * s.push())), from, to, y, Face.TEXT);
        y = row(g, "error of the height", minus(s.error()), from, to, y, Face.TEXT);
        g.setStroke(Ink.INK);
        g.setLineWidth(1);
        g.strokeLine(from, y - 8, to, y - 8);
        row(g, "set", Quantity.HEIGHT.text(Math.floor(s.setAt().value()), units), from, to, y + 2, Face.STRONG);
    }

    private String minus(double metres) {
        return "\u2212 " + Quantity.SPAN.text(metres, units);
    }

    private static double row(Pen g, String name, String value, double from, double to, double y, Face face) {
        g.words(name, from, y, face, 12, Ink.INK, TextAlignment.LEFT);
        g.words(value, to, y, Face.FIGURES, 12, Ink.INK, TextAlignment.RIGHT);
        return y + 16;
    }
}
