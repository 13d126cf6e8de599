package app.drachen.desktop.stage.signals;

import app.drachen.core.hearing.Path;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Way;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints how each wanted value comes from its part to the pilot's ear or eye; one way is lit, a missing one ends where it ends. */
final class ChainPainter {
    private static final double STRIP = 26;
    private static final double LINE = 15;

    private final Setup setup;
    private final List<Path> paths;
    private final Optional<Value> lit;
    private final boolean onlyMissing;
    private final UnitSystem units;
    private final Map<Value, Double> left = new LinkedHashMap<>();
    private final Map<Value, Double> right = new LinkedHashMap<>();
    private double width;
    private double bottom;

    ChainPainter(Setup setup, Optional<Value> lit, boolean onlyMissing, UnitSystem units) {
        this.setup = setup;
        this.paths = Path.all(setup);
        this.lit = lit;
        this.onlyMissing = onlyMissing;
        this.units = units;
    }

    void paint(Pen g, double w, double h) {
        width = w;
        bottom = h - STRIP - 6;
        if (paths.isEmpty()) {
            g.words(
                    "No value is wanted yet. Press W and say what you want to see and hear.",
                    w / 2,
                    h / 2,
                    Face.STRONG,
                    14,
                    Ink.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        suppliers(g);
        double board = box(g, 0.34);
        double way = box(g, 0.52);
        double radio = box(g, 0.70);
        pilot(g);
        for (Path path : paths) {
            boolean chosen = lit.equals(Optional.of(path.wanted().value()));
            if (!chosen && (!onlyMissing || !path.whole())) {
                line(g, path, board, way, radio, false);
            }
        }
        lit.flatMap(v -> paths.stream().filter(p -> p.wanted().value() == v).findFirst())
                .ifPresent(p -> {
                    line(g, p, board, way, radio, true);
                    strip(g, p, h);
                });
    }

    private String rate() {
        return setup.signals().ways().stream()
                .findFirst()
                .map(w -> Quantity.FREQUENCY.text(w.rate(), units))
                .orElse("no way entered");
    }

    /** The parts that tell something, each with its values. */
    private void suppliers(Pen g) {
        Map<String, List<Path>> by = new LinkedHashMap<>();
        for (Path path : paths) {
            by.computeIfAbsent(path.supplier().map(Supplier::device).orElse(""), k -> new ArrayList<>())
                    .add(path);
        }
        int rows = paths.size();
        double gap = by.size() > 1 ? 6 : 0;
        double line = Math.min(LINE, (bottom - 12 - gap * by.size()) / rows);
        double y = 8;
        for (Map.Entry<String, List<Path>> one : by.entrySet()) {
            double high = line * one.getValue().size();
            boolean nothing = one.getKey().isEmpty();
            if (!nothing) {
                g.setFill(Ink.SHEET);
                g.fillRoundRect(8, y, 0.13 * width, high, 6, 6);
                g.setStroke(Ink.INK);
                g.setLineWidth(1.2);
                g.strokeRoundRect(8, y, 0.13 * width, high, 6, 6);
                g.words(
                        cut(g, one.getKey()),
                        14,
                        y + Math.min(high / 2, 9),
                        Face.STRONG,
                        11.5,
                        Ink.INK,
                        TextAlignment.LEFT);
            }
            for (int i = 0; i < one.getValue().size(); i++) {
                Path path = one.getValue().get(i);
                double at = y + line * (i + 0.5);
                left.put(path.wanted().value(), at);
                Color colour = !path.whole() ? Ink.KITE : isLit(path) ? Ink.PROOF : Ink.INK;
                g.words(
                        path.wanted().value().label(),
                        13 + 0.13 * width,
                        at,
                        isLit(path) ? Face.STRONG : Face.TEXT,
                        11.5,
                        colour,
                        TextAlignment.LEFT);
            }
            y += high + gap;
        }
    }

    private String cut(Pen g, String name) {
        g.setFont(Face.STRONG, 11.5);
        String text = name;
        while (text.length() > 4 && g.textWidth(text) > 0.13 * width - 12) {
            text = text.substring(0, text.length() - 2) + "…";
        }
        return text;
    }

    private boolean isLit(Path path) {
        return lit.equals(Optional.of(path.wanted().value()));
    }

    /** A box in the middle; returns its left edge. */
    private double box(Pen g, double share) {
        double x = share * width;
        g.setFill(Ink.SHEET);
        g.fillRoundRect(x, 26, boxWidth(), bottom - 34, 8, 8);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.3);
        g.strokeRoundRect(x, 26, boxWidth(), bottom - 34, 8, 8);
        return x;
    }

    private double boxWidth() {
        return 0.085 * width;
    }

    private void named(Pen g, double x, String name, String words) {
        double middle = x + boxWidth() / 2;
        g.words(name, middle, 38, Face.STRONG, 12.5, Ink.INK, TextAlignment.CENTER);
        g.words(words, middle, 52, Face.TEXT, 10.5, Ink.SOFT, TextAlignment.CENTER);
    }

    private void pilot(Pen g) {
        named(g, 0.34 * width, "Board", setup.harness().board().name());
        boolean sent = setup.signals().ways().stream().anyMatch(x -> !x.sender().isEmpty());
        named(g, 0.52 * width, sent ? "Sender" : "Receiver", rate());
        named(g, 0.70 * width, "Radio", "in your hands");
        List<Path> ear = paths.stream().filter(p -> p.wanted().ear()).toList();
        List<Path> eye = paths.stream().filter(p -> p.wanted().eye()).toList();
        int rows = ear.size() + eye.size();
        double line = Math.min(LINE, (bottom - 50) / Math.max(1, rows));
        double y = sense(g, "EAR", ear, 8, line, 0);
        sense(g, "EYE", eye, y + 8, line, 0.35);
    }

    private double sense(Pen g, String name, List<Path> heard, double y, double line, double shift) {
        double x = 0.86 * width;
        double high = line * heard.size() + 16;
        g.setFill(Ink.SHEET);
        g.fillRoundRect(x, y, width - x - 8, high, 8, 8);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.3);
        g.strokeRoundRect(x, y, width - x - 8, high, 8, 8);
        g.words(name, width - 14, y + 9, Face.STRONG, 10.5, Ink.SOFT, TextAlignment.RIGHT);
        for (int i = 0; i < heard.size(); i++) {
            Path path = heard.get(i);
            double at = y + 10 + line * (i + 0.5);
            right.merge(path.wanted().value(), at, (a, b) -> a);
            g.words(
                    path.whole()
                            ? path.wanted().value().label()
                            : path.wanted().value().label() + ", blank",
                    x + 8,
                    at,
                    isLit(path) ? Face.STRONG : Face.TEXT,
                    11.5,
                    path.whole() ? isLit(path) ? Ink.PROOF : Ink.INK : Ink.KITE,
                    TextAlignment.LEFT);
        }
        return y + high;
    }

    private void line(Pen g, Path path, double board, double way, double radio, boolean chosen) {
        Value value = path.wanted().value();
        int index = paths.indexOf(path);
        double inside = 62 + (bottom - 76) * (index + 0.5) / paths.size();
        double from = left.get(value);
        g.setStroke(!path.whole() ? Ink.KITE : chosen ? Ink.PROOF : Ink.RULE);
        g.setLineWidth(chosen ? 3 : 1.3);
        g.setFont(Face.TEXT, 11.5);
        double start = 18 + 0.13 * width + g.textWidth(value.label());
        if (!path.whole()) {
            g.setLineDashes(4, 3);
            g.strokeLine(start, from, board - 12, from);
            g.setLineDashes();
            double x = board - 12;
            g.setFill(Ink.KITE);
            g.fillPolygon(new double[] {x - 6, x, x + 6, x}, new double[] {from, from - 6, from, from + 6}, 4);
            if (chosen || onlyMissing || paths.stream().filter(p -> !p.whole()).count() == 1) {
                says(g, path, board - 2, from);
            }
            return;
        }
        double to = right.getOrDefault(value, inside);
        curve(g, start, from, board, inside);
        g.strokeLine(board, inside, way, inside);
        g.strokeLine(way, inside, way + boxWidth(), inside);
        g.setLineDashes(chosen ? 7 : 2, 4);
        g.strokeLine(way + boxWidth(), inside, radio, inside);
        g.setLineDashes();
        g.strokeLine(radio, inside, radio + boxWidth(), inside);
        curve(g, radio + boxWidth(), inside, 0.86 * width, to);
        if (chosen) {
            delays(g, path, board, way, radio, inside);
        }
    }

    private void says(Pen g, Path path, double x, double y) {
        g.setFont(Face.STRONG, 12);
        double wide = g.textWidth(path.ends());
        g.setFill(Ink.SHEET);
        g.fillRect(x + 6, y - 8, wide + 6, 16);
        g.words(path.ends(), x + 9, y, Face.STRONG, 12, Ink.KITE, TextAlignment.LEFT);
    }

    private void delays(Pen g, Path path, double board, double way, double radio, double y) {
        Way by = path.way().orElseThrow();
        List<Way.Stretch> all =
                by.stretches(path.supplier().orElseThrow(), path.wanted().ear());
        double[] at = {
            board - 34,
            board + boxWidth() / 2,
            way - 26,
            (way + boxWidth() + radio) / 2,
            radio + boxWidth() / 2,
            0.86 * width - 30
        };
        for (int i = 0; i < all.size(); i++) {
            String text = (i == 0 ? "" : "+") + Quantity.NUMBER.text(all.get(i).seconds(), units);
            g.setFont(Face.FIGURES, 11);
            double wide = g.textWidth(text);
            double row = y - 11;
            g.setFill(Ink.SHEET);
            g.fillRect(at[i] - wide / 2 - 2, row - 7, wide + 4, 14);
            g.words(text, at[i], row, Face.FIGURES, 11, Ink.PROOF, TextAlignment.CENTER);
        }
    }

    /** What the age is made of, in a strip along the bottom. */
    private void strip(Pen g, Path path, double h) {
        double y = h - STRIP;
        if (path.age().isEmpty()) {
            g.words(path.help(), 10, y + 12, Face.STRONG, 12, Ink.KITE, TextAlignment.LEFT);
            return;
        }
        double step = path.wanted().resolution();
        String steps = step > 0 ? ", steps of " + path.wanted().value().step().text(step, units) : "";
        String name = path.wanted().value().label()
                + (path.wanted().ear() ? ", age when you hear it" : ", age when you see it")
                + steps;
        g.words(name, 10, y + 12, Face.TEXT, 11.5, Ink.SOFT, TextAlignment.LEFT);
        double from = 0.31 * width;
        double to = 0.87 * width;
        List<Way.Stretch> all = path.way()
                .orElseThrow()
                .stretches(path.supplier().orElseThrow(), path.wanted().ear());
        double sum = all.stream().mapToDouble(Way.Stretch::seconds).sum();
        double x = from;
        for (int i = 0; i < all.size(); i++) {
            double wide = (to - from) * all.get(i).seconds() / sum;
            g.setFill(i % 2 == 0 ? Ink.SKY : Ink.GRID);
            g.fillRect(x, y + 2, wide, 20);
            g.setFont(Face.TEXT, 11);
            if (g.textWidth(all.get(i).name()) < wide - 4) {
                g.words(all.get(i).name(), x + wide / 2, y + 12, Face.TEXT, 11, Ink.INK, TextAlignment.CENTER);
            }
            x += wide;
        }
        g.words(
                "= " + Quantity.TIME_FINE.text(sum, units),
                width - 10,
                y + 12,
                Face.FIGURES,
                13,
                Ink.PROOF,
                TextAlignment.RIGHT);
    }

    private static void curve(Pen g, double x1, double y1, double x2, double y2) {
        int n = 20;
        double[] xs = new double[n + 1];
        double[] ys = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            double t = (double) i / n;
            xs[i] = x1 + t * (x2 - x1);
            ys[i] = y1 + (3 * t * t - 2 * t * t * t) * (y2 - y1);
        }
        g.strokePolyline(xs, ys, n + 1);
    }

    /** The value whose name or line begins at a height of the picture, left or right; empty where none does. */
    Optional<Value> at(double x, double y) {
        Map<Value, Double> side = x < width / 2 ? left : right;
        return side.entrySet().stream()
                .filter(e -> Math.abs(e.getValue() - y) < 8)
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
