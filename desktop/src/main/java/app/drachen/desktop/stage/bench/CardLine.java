package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.CardId;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.StageState;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.Bow;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.MouseButton;
import javafx.scene.text.TextAlignment;

/** The cards as bows on two lines, in their order; below each, in practice, whether it was run and how many causes it left. */
final class CardLine extends CanvasPane {
    private static final double ROW = 62;
    private static final double LEFT = 10;

    private List<Spot> spots = List.of();
    private CardId chosen = CardId.STICK_TO_SURFACE;

    /**
     * A card on the line.
     *
     * @param card the card
     * @param state how its evidence stands
     * @param proof the evidence that counts, if there is one
     * @param run what practice shows of it: empty while it was not run, else whether all was right
     */
    record Spot(BenchCard card, StageState state, Optional<Proof> proof, Optional<Boolean> run) {}

    CardLine(Consumer<CardId> choose) {
        super(500, 2 * ROW + 12);
        setMaxHeight(2 * ROW + 12);
        setId("card-line");
        setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY) {
                at(e.getX(), e.getY()).ifPresent(choose);
            }
        });
    }

    void show(List<Spot> all, CardId now) {
        spots = all;
        chosen = now;
        setAccessibleText("Cards of the bench: "
                + all.stream()
                        .map(s -> s.card().id().word() + " " + s.state().name().toLowerCase(java.util.Locale.ROOT))
                        .collect(java.util.stream.Collectors.joining(", ")));
        repaint();
    }

    private int inRow() {
        return Math.max(1, (spots.size() + 1) / 2);
    }

    private double x(int i, double width) {
        return LEFT + (i % inRow() + 0.5) * (width - LEFT - 10) / inRow();
    }

    private double y(int i) {
        return 22 + i / inRow() * ROW;
    }

    private Optional<CardId> at(double px, double py) {
        double half = (getWidth() - LEFT) / inRow() / 2;
        for (int i = 0; i < spots.size(); i++) {
            if (Math.abs(px - x(i, getWidth())) < half && py > y(i) - 22 && py < y(i) + ROW - 22) {
                return Optional.of(spots.get(i).card().id());
            }
        }
        return Optional.empty();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        for (int row = 0; row < 2; row++) {
            double y = 22 + row * ROW;
            g.setStroke(Ink.INK);
            g.setLineWidth(1.2);
            int last = Math.min(spots.size(), (row + 1) * inRow()) - 1;
            if (last >= row * inRow()) {
                g.strokeLine(x(row * inRow(), width) - 16, y, x(last, width) + 16, y);
            }
        }
        arcs(g, width);
        for (int i = 0; i < spots.size(); i++) {
            spot(g, i, width);
        }
    }

    /** What has to be right before the chosen card, where it stands on the same line. */
    private void arcs(Pen g, double width) {
        List<CardId> order = new ArrayList<>();
        spots.forEach(s -> order.add(s.card().id()));
        int to = order.indexOf(chosen);
        for (CardId before : chosen.after()) {
            int from = order.indexOf(before);
            if (from >= 0 && to >= 0 && from / inRow() == to / inRow()) {
                double a = x(from, width);
                double b = x(to, width);
                double y = y(to) - 9;
                double rise = Math.min(12, 3 + Math.abs(b - a) / 30);
                g.setStroke(Ink.SOFT);
                g.setLineWidth(1);
                double[] xs = new double[17];
                double[] ys = new double[17];
                for (int k = 0; k < 17; k++) {
                    double t = k / 16.0;
                    xs[k] = a + t * (b - a);
                    ys[k] = y - 4 * rise * t * (1 - t);
                }
                g.strokePolyline(xs, ys, 17);
            }
        }
    }

    private void spot(Pen g, int i, double width) {
        Spot spot = spots.get(i);
        double x = x(i, width);
        double y = y(i);
        boolean now = spot.card().id() == chosen;
        double half = (width - LEFT - 10) / inRow() / 2;
        if (now) {
            g.setFill(Ink.SKY);
            g.fillRect(x - half + 1, y - 20, 2 * half - 2, ROW - 3);
        }
        Bow.paint(g, spot.state(), x, y, now ? 11 : 9, now ? 9 : 7);
        spot.proof()
                .filter(p -> p.evidence().onPaper() && spot.state() == StageState.PROVEN)
                .ifPresent(p -> hatch(g, x, y));
        g.words(spot.card().id().word(), x, y + 19, now ? Face.STRONG : Face.TEXT, 13, Ink.INK, TextAlignment.CENTER);
        String below = spot.proof()
                .map(p -> switch (spot.state()) {
                    case STALE -> "stale since r" + p.revision();
                    case STOPPED -> "wrong";
                    case PROVEN -> p.evidence() == Proof.Evidence.STAND_IN ? "on paper" : "r" + p.revision();
                    case OPEN -> "not yet";
                })
                .orElse("not yet");
        spot.run()
                .ifPresentOrElse(
                        right -> mark(g, x, y + 34, right),
                        () -> g.words(
                                below,
                                x,
                                y + 33,
                                Face.TEXT,
                                11,
                                spot.state() == StageState.STOPPED
                                        ? Ink.KITE
                                        : spot.state() == StageState.STALE ? Ink.AMBER : Ink.SOFT,
                                TextAlignment.CENTER));
    }

    /** On paper: the bow is hatched. */
    private static void hatch(Pen g, double x, double y) {
        g.setStroke(Ink.SHEET);
        g.setLineWidth(1.2);
        for (int k = -8; k <= 8; k += 4) {
            g.strokeLine(x + k - 3, y + 6, x + k + 3, y - 6);
        }
    }

    private static void mark(Pen g, double x, double y, boolean right) {
        g.setStroke(right ? Ink.INK : Ink.KITE);
        g.setLineWidth(1.4);
        g.strokeRoundRect(x - 6, y - 6, 12, 12, 2, 2);
        if (right) {
            g.strokePolyline(new double[] {x - 3, x - 1, x + 4}, new double[] {y, y + 3, y - 3}, 3);
        } else {
            g.strokeLine(x - 3, y - 3, x + 3, y + 3);
            g.strokeLine(x - 3, y + 3, x + 3, y - 3);
        }
    }

    /** States by card, for the ledger and for tests. */
    Map<CardId, StageState> states() {
        Map<CardId, StageState> states = new java.util.EnumMap<>(CardId.class);
        spots.forEach(s -> states.put(s.card().id(), s.state()));
        return states;
    }
}
