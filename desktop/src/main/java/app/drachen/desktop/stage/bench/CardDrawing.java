package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.CardId;
import app.drachen.core.bench.Reading;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.modes.PulseBand;
import app.drachen.core.modes.Selector;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.BehindPainter;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.Silhouette;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** What a card must show, drawn on this aircraft; what was read beside it. */
final class CardDrawing extends CanvasPane {
    private static final Map<String, double[]> POSES = Map.of(
            "nose up", new double[] {0, Math.PI / 2},
            "nose down", new double[] {0, -Math.PI / 2},
            "left wing down", new double[] {1, -Math.PI / 2},
            "right wing down", new double[] {1, Math.PI / 2},
            "on its back", new double[] {0, Math.PI},
            "level", new double[] {0, 0});
    private static final List<String> ORDER =
            List.of("level", "on its back", "nose up", "nose down", "left wing down", "right wing down");

    private Optional<Setup> setup = Optional.empty();
    private Optional<BenchCard> card = Optional.empty();
    private Map<String, Double> given = Map.of();
    private Optional<BenchCheck.Question> asked = Optional.empty();
    private UnitSystem units = UnitSystem.METRIC;

    CardDrawing() {
        super(280, 160);
        setPrefSize(330, 230);
        setId("card-drawing");
    }

    void show(Setup of, BenchCard now, Map<String, Double> answers, Optional<BenchCheck.Question> next, UnitSystem in) {
        setup = Optional.of(of);
        card = Optional.of(now);
        given = answers;
        asked = next;
        units = in;
        setAccessibleText(now.id().title() + ", drawn: " + now.progress(answers));
        repaint();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        if (setup.isEmpty() || card.isEmpty()) {
            return;
        }
        switch (card.get().id()) {
            case STICK_TO_SURFACE, TILT_TO_SURFACE -> surfaces(g, width, height);
            case CENTRES_AND_THROWS, LINKAGE_PULL, STICK_TO_OUTPUT -> throwsOf(g, width, height);
            case SIX_FACES -> faces(g, width, height);
            case LEVEL, ROTATION, ARMING -> tilts(g, width, height);
            case COMPASS_SWING -> rose(g, width, height);
            case READ_BACK -> bands(g, width, height);
            case RANGE_WALK -> walk(g, width, height);
            case HOME_FIX, HOME_HEIGHT -> home(g, width, height);
            case MOTOR_RUN, SCALES -> bars(g, width, height);
            default -> order(g, width, height);
        }
    }

    private void caption(Pen g, String text, double width, double height) {
        g.words(text, width / 2, height - 12, Face.TEXT, 13, Ink.SOFT, TextAlignment.CENTER);
    }

    private Setup aircraft() {
        return setup.orElseThrow();
    }

    /** The next question: dashed where each surface must go. */
    private void surfaces(Pen g, double width, double height) {
        List<BehindPainter.Stand> stands = new ArrayList<>();
        asked.ifPresent(q -> q.wanted().forEach((surface, answer) -> {
            double sign =
                    switch (answer) {
                        case UP, RIGHT -> -1;
                        case DOWN, LEFT -> 1;
                        case STILL -> 0;
                    };
            stands.add(new BehindPainter.Stand(surface, 0, sign * Math.toRadians(14), true));
        }));
        new BehindPainter(g, aircraft(), stands, Optional.empty(), width, height - 16).paint();
        caption(g, asked.map(BenchCheck.Question::instruction).orElse("all answered"), width, height);
    }

    /** Every surface at its farthest. */
    private void throwsOf(Pen g, double width, double height) {
        List<BehindPainter.Stand> stands = new ArrayList<>();
        for (Output o : aircraft().controls().surfaces()) {
            Surface s = o.surface();
            Double up = given.get(s.id() + " up");
            double wanted = card.orElseThrow()
                    .reading(s.id() + " up")
                    .flatMap(Reading::wanted)
                    .map(w -> (w.low() + w.high()) / 2)
                    .orElse(Math.toRadians(12));
            boolean wrong = up != null
                    && !card.orElseThrow().reading(s.id() + " up").orElseThrow().right(up);
            stands.add(
                    up == null
                            ? new BehindPainter.Stand(s, 0, -wanted, true)
                            : new BehindPainter.Stand(s, -up, wrong ? up : -up, false));
        }
        new BehindPainter(g, aircraft(), stands, Optional.empty(), width, height - 16).paint();
        caption(g, "farthest up, or right; dashed: not measured", width, height);
    }

    /** The six poses, each with how far its reading is off. */
    private void faces(Pen g, double width, double height) {
        Outline side = Outline.side(aircraft().airframe());
        Outline behind = Outline.behind(aircraft().airframe());
        double w = width / 3;
        double h = (height - 20) / 2;
        for (int i = 0; i < 6; i++) {
            String pose = ORDER.get(i);
            double x = w * (i % 3 + 0.5);
            double y = h * (i / 3 + 0.38);
            boolean fromBehind = POSES.get(pose)[0] == 1;
            double size = Math.min(w, h) * (fromBehind ? 0.66 : 0.62);
            Double read = given.get(pose + " " + axis(pose));
            Color colour = read == null ? Ink.SOFT : Ink.INK;
            // seen from the left, the nose to the left: nose up turns it clockwise
            Silhouette.paint(g, fromBehind ? behind : side, x, y, size, POSES.get(pose)[1], false, colour);
            g.words(pose, x, h * (i / 3 + 0.82), Face.TEXT, 12, colour, TextAlignment.CENTER);
            if (read != null) {
                String words = Quantity.ACCELERATION.text(read, units);
                g.words(words, x, h * (i / 3 + 0.94), Face.FIGURES, 11, colour, TextAlignment.CENTER);
            }
        }
        caption(g, "from the side the nose is left; wings from behind", width, height);
    }

    private static String axis(String pose) {
        return pose.startsWith("nose") ? "x" : pose.contains("wing") ? "y" : "z";
    }

    /** Right wing down and nose down, as the horizon must show them. */
    private void tilts(Pen g, double width, double height) {
        Outline side = Outline.side(aircraft().airframe());
        Outline behind = Outline.behind(aircraft().airframe());
        boolean level = card.orElseThrow().id() == CardId.LEVEL;
        double turn = level ? 0 : Math.toRadians(card.orElseThrow().id() == CardId.ARMING ? 75 : 25);
        double y = height * 0.45;
        for (int i = 0; i < 2; i++) {
            double x = width * (0.25 + 0.5 * i);
            g.setStroke(Ink.RULE);
            g.setLineWidth(1);
            g.setLineDashes(4, 4);
            g.strokeLine(x - width * 0.22, y, x + width * 0.22, y);
            g.setLineDashes();
            Silhouette.paint(g, i == 0 ? behind : side, x, y, width * 0.34, i == 0 ? turn : -turn, false, Ink.INK);
            String words = level
                    ? (i == 0 ? "roll " : "pitch ")
                            + Optional.ofNullable(given.get(i == 0 ? "roll" : "pitch"))
                                    .map(v -> Quantity.ANGLE.text(v, units))
                                    .orElse("?")
                    : i == 0 ? "right wing down" : "nose down";
            g.words(words, x, height - 30, Face.STRONG, 13, Ink.INK, TextAlignment.CENTER);
        }
        caption(g, "seen from behind, and from the left", width, height);
    }

    /** The compass: deviation outwards, ten times enlarged. */
    private void rose(Pen g, double width, double height) {
        double r = Math.min(width, height - 24) * 0.36;
        double cx = width / 2;
        double cy = (height - 16) / 2;
        g.setStroke(Ink.RULE);
        g.setLineWidth(1);
        g.strokeOval(cx - r, cy - r, 2 * r, 2 * r);
        double ten = r * 0.35;
        g.setLineDashes(3, 3);
        g.setStroke(Ink.AMBER);
        g.strokeOval(cx - r - ten, cy - r - ten, 2 * (r + ten), 2 * (r + ten));
        g.strokeOval(cx - r + ten, cy - r + ten, 2 * (r - ten), 2 * (r - ten));
        g.setLineDashes();
        String[] names = {"N", "NE", "E", "SE", "S", "SW", "W", "NW"};
        for (int i = 0; i < 8; i++) {
            double h = i * Math.PI / 4;
            g.words(
                    names[i],
                    cx + (r - 26 - ten) * Math.sin(h),
                    cy - (r - 26 - ten) * Math.cos(h),
                    Face.TEXT,
                    12,
                    Ink.SOFT,
                    TextAlignment.CENTER);
            Double read = given.get(names[i]);
            if (read != null) {
                double off = Math.atan2(Math.sin(read - h), Math.cos(read - h));
                double at = r + ten * off / Math.toRadians(10);
                boolean far = Math.abs(off) > Math.toRadians(10);
                g.setFill(far ? Ink.KITE : Ink.PROOF);
                g.fillOval(cx + at * Math.sin(h) - 4, cy - at * Math.cos(h) - 4, 8, 8);
            }
        }
        caption(g, "dots: what is read; dashed: 10° too little, too much", width, height);
    }

    /** Bands of the board and where each place of the switches falls. */
    private void bands(Pen g, double width, double height) {
        Selector selector = aircraft().modes().selector();
        double low = 900;
        double high = 2_100;
        double y = height * 0.42;
        for (PulseBand band : selector.bands()) {
            double a = 14 + (Math.max(low, band.lowMicros()) - low) / (high - low) * (width - 28);
            double b = 14 + (Math.min(high, band.highMicros()) - low) / (high - low) * (width - 28);
            g.setFill(Ink.GRID);
            g.fillRect(a + 1, y, Math.max(0, b - a - 2), 26);
            g.words(band.mode().label(), (a + b) / 2, y + 13, Face.TEXT, 12, Ink.INK, TextAlignment.CENTER);
        }
        for (Selector.Place place : selector.table()) {
            double x = 14 + (place.pulseMicros() - low) / (high - low) * (width - 28);
            Double seen = given.get("place " + place.position());
            boolean wrong = seen != null
                    && !card.orElseThrow()
                            .reading("place " + place.position())
                            .orElseThrow()
                            .right(seen);
            Color colour = seen == null ? Ink.SOFT : wrong ? Ink.KITE : Ink.PROOF;
            g.setFill(colour);
            g.fillPolygon(new double[] {x, x - 5, x + 5}, new double[] {y - 3, y - 13, y - 13}, 3);
            g.words(String.valueOf(place.position()), x, y - 22, Face.STRONG, 12, colour, TextAlignment.CENTER);
        }
        caption(g, "places of the switches on the bands of the board", width, height);
    }

    /** The walk, to scale, and what it stands for. */
    private void walk(Pen g, double width, double height) {
        double far = Math.max(100, 1.2 * given.getOrDefault("distance", 60.0));
        double y = height * 0.5;
        double scale = (width - 60) / far;
        g.setStroke(Ink.INK);
        g.setLineWidth(1.2);
        g.strokeLine(30, y, width - 30, y);
        g.setStroke(Ink.AMBER);
        g.setLineDashes(4, 3);
        g.strokeLine(30 + 30 * scale, y - 40, 30 + 30 * scale, y + 30);
        g.setLineDashes();
        g.words("30 m", 30 + 30 * scale, y + 42, Face.TEXT, 12, Ink.AMBER, TextAlignment.CENTER);
        Silhouette.paint(g, Outline.side(aircraft().airframe()), 30, y - 20, 44, 0, false, Ink.INK);
        for (String id : List.of("distance", "running")) {
            Double d = given.get(id);
            if (d != null) {
                double x = 30 + d * scale;
                boolean motor = id.equals("running");
                g.setStroke(d < 30 ? Ink.KITE : Ink.PROOF);
                g.setLineWidth(2);
                g.strokeLine(x, y, x, y - (motor ? 22 : 40));
                g.words(
                        Quantity.DISTANCE.text(d, units) + (motor ? ", motor on" : ""),
                        Math.min(x, width - 60),
                        y - (motor ? 30 : 48),
                        Face.STRONG,
                        12,
                        d < 30 ? Ink.KITE : Ink.PROOF,
                        TextAlignment.CENTER);
            }
        }
        caption(g, "where control stutters at reduced power", width, height);
    }

    /** Home: the pilot, 20 m round him, and where home was set; or the height. */
    private void home(Pen g, double width, double height) {
        if (card.orElseThrow().id() == CardId.HOME_HEIGHT) {
            double set = aircraft().modes().home().height();
            double seen = given.getOrDefault("height", Double.NaN);
            double top = 1.25 * Math.max(set, Double.isNaN(seen) ? set : seen);
            double ground = height - 34;
            g.setStroke(Ink.INK);
            g.strokeLine(20, ground, width - 20, ground);
            level(g, "set " + Quantity.HEIGHT.text(set, units), ground - set / top * (ground - 16), width, Ink.PROOF);
            if (!Double.isNaN(seen)) {
                level(
                        g,
                        "seen " + Quantity.HEIGHT.text(seen, units),
                        ground - seen / top * (ground - 16),
                        width,
                        Math.abs(seen - set) <= 5 ? Ink.PROOF : Ink.KITE);
            }
            caption(g, "height of Home", width, height);
            return;
        }
        double r = Math.min(width, height - 30) * 0.3;
        double cx = width / 2;
        double cy = (height - 20) / 2;
        g.setStroke(Ink.AMBER);
        g.setLineDashes(4, 3);
        g.strokeOval(cx - r, cy - r, 2 * r, 2 * r);
        g.setLineDashes();
        g.setFill(Ink.INK);
        g.fillOval(cx - 4, cy - 4, 8, 8);
        Double off = given.get("off");
        if (off != null) {
            double at = Math.min(1.5, off / 20) * r;
            g.setFill(off > 20 ? Ink.KITE : Ink.PROOF);
            g.fillPolygon(new double[] {cx + at, cx + at - 6, cx + at + 6}, new double[] {cy - 8, cy + 4, cy + 4}, 3);
        }
        caption(g, "you, 20 m round you, and home", width, height);
    }

    private static void level(Pen g, String words, double y, double width, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(1.6);
        g.strokeLine(40, y, width - 20, y);
        g.words(words, width - 24, y - 9, Face.STRONG, 12, colour, TextAlignment.RIGHT);
    }

    /** Each number that is judged as a bar: the span in which it is right, and where it lies. */
    private void bars(Pen g, double width, double height) {
        List<Reading> judged = card.orElseThrow().readings().stream()
                .filter(r -> r.options().isEmpty() && r.wanted().isPresent())
                .toList();
        double y = 26;
        for (Reading r : judged) {
            double low = r.wanted().get().low();
            double high = r.wanted().get().high();
            double left = Double.isInfinite(low) ? 0 : 0.5 * low;
            double right = Double.isInfinite(high) ? 2 * low : 1.4 * high;
            double x0 = 16;
            double scale = (width - 32) / (right - left);
            g.words(r.asks(), x0, y - 11, Face.TEXT, 12, Ink.SOFT, TextAlignment.LEFT);
            g.setFill(Ink.wash(Ink.PROOF));
            double a = x0 + (Math.max(left, low) - left) * scale;
            g.fillRect(a, y, x0 + (Math.min(right, high) - left) * scale - a, 12);
            Double value = given.get(r.id());
            if (value != null) {
                double x = x0 + (Math.max(left, Math.min(right, value)) - left) * scale;
                g.setStroke(r.right(value) ? Ink.PROOF : Ink.KITE);
                g.setLineWidth(3);
                g.strokeLine(x, y - 3, x, y + 15);
            }
            y += 40;
        }
        caption(
                g,
                judged.isEmpty() ? "the board beside a meter" : "shaded: what this aircraft must draw",
                width,
                height);
    }

    /** Where nothing is to be drawn on the aircraft: what has been answered, one mark each. */
    private void order(Pen g, double width, double height) {
        Outline above = Outline.above(aircraft().airframe());
        Silhouette.paint(g, above, width / 2, height * 0.42, Math.min(width, height) * 0.62, 0, false, Ink.RULE);
        List<Reading> all = card.orElseThrow().readings();
        double step = Math.min(26, (width - 30) / Math.max(1, all.size()));
        double x = width / 2 - step * (all.size() - 1) / 2;
        for (Reading r : all) {
            Double value = given.get(r.id());
            g.setStroke(value == null ? Ink.SOFT : r.right(value) ? Ink.PROOF : Ink.KITE);
            g.setFill(value == null ? Ink.SHEET : r.right(value) ? Ink.PROOF : Ink.KITE);
            g.setLineWidth(1.4);
            g.fillOval(x - 5, height - 42, 10, 10);
            g.strokeOval(x - 5, height - 42, 10, 10);
            x += step;
        }
        caption(g, card.orElseThrow().progress(given), width, height);
    }
}
