package app.drachen.desktop.drawing;

import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Signal;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.Marks;
import app.drachen.core.wiring.PinCard;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.desktop.drawing.HarnessLayout.Box;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The harness: board, devices, leads strand by strand, rails by letter and colour, faults where they sit.
 *
 * @param wiring what is plugged where
 * @param rails in the state that is shown
 * @param chosen name of the device that is chosen; empty for none
 * @param units the reader's units
 */
public record HarnessPainter(Wiring wiring, Rails rails, String chosen, UnitSystem units) {
    private static final double STRAND = 2.4;

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        HarnessLayout at = HarnessLayout.of(wiring, width, height);
        Marks marks = Marks.of(wiring, rails);
        grid(g, width, height);
        packLine(g, at, width, height);
        HarnessBoard board = new HarnessBoard(wiring, rails, units);
        board.paint(g, at);
        for (Wired w : wiring.wired()) {
            Optional.ofNullable(at.devices().get(w.device().name())).ifPresent(box -> {
                ownPower(g, at, w, box);
                lead(g, at, w, box);
            });
        }
        board.places(g, at);
        for (Wired w : wiring.wired()) {
            Optional.ofNullable(at.devices().get(w.device().name()))
                    .ifPresent(box -> device(g, w, box, marks.at(w.device().name())));
        }
        pack(g, at.pack());
    }

    private static void grid(Pen g, double width, double height) {
        g.setStroke(Ink.GRID);
        g.setLineWidth(1);
        for (double x = 20.5; x < width; x += 20) {
            g.strokeLine(x, 1, x, height - 1);
        }
        for (double y = 20.5; y < height; y += 20) {
            g.strokeLine(1, y, width - 1, y);
        }
    }

    private boolean fed(String rail) {
        return rails.rail(rail).filter(Rails.Rail::fed).isPresent();
    }

    private int index(String rail) {
        return Math.max(0, wiring.board().letter(rail).charAt(0) - 'A');
    }

    private void packLine(Pen g, HarnessLayout at, double width, double height) {
        double y = height - 22;
        boolean on = rails.plugged().pack();
        double to = at.devices().entrySet().stream()
                .filter(e -> wiring.of(e.getKey())
                        .filter(w -> w.device().kind() == DeviceKind.SPEED_CONTROLLER)
                        .isPresent())
                .mapToDouble(e -> at.board().right() + 10)
                .max()
                .orElse(at.board().x() + at.board().width() / 2);
        g.setLineWidth(3);
        g.setLineDashes(on ? new double[0] : new double[] {5, 4});
        g.setStroke(Ink.INK);
        g.strokeLine(at.pack().right(), y - 3, to, y - 3);
        g.setStroke(Ink.KITE);
        g.strokeLine(at.pack().right(), y + 3, to, y + 3);
        g.setLineDashes();
        wiring.board().raw().ifPresent(r -> {
            Box chip = at.chips().get(r.name());
            double x = chip.x() + chip.width() / 2;
            g.setStroke(Ink.INK);
            g.setLineWidth(2);
            g.strokeLine(x, chip.bottom(), x, y - 4);
        });
    }

    private void pack(Pen g, Box box) {
        g.setFill(Ink.SHEET);
        g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 6, 6);
        g.setStroke(rails.plugged().pack() ? Ink.INK : Ink.RULE);
        g.setLineWidth(1.6);
        g.strokeRoundRect(box.x(), box.y(), box.width(), box.height(), 6, 6);
        g.words(
                clipped(g, wiring.pack().label(), 90),
                box.x() + 8,
                box.middle(),
                Face.STRONG,
                12.5,
                Ink.INK,
                TextAlignment.LEFT);
        g.words(
                rails.plugged().pack() ? Quantity.VOLTAGE.text(wiring.fullVolts(), units) : "not plugged",
                box.right() - 8,
                box.middle(),
                Face.FIGURES,
                11,
                Ink.SOFT,
                TextAlignment.RIGHT);
    }

    /** The strands of a lead from device to board; where transmit and receive cross, they are seen to cross. */
    private void lead(Pen g, HarnessLayout at, Wired w, Box box) {
        Box place = w.place().map(p -> at.places().get(p.name())).orElse(null);
        if (place == null) {
            return;
        }
        boolean left = box.x() < at.board().x();
        double from = left ? box.right() : box.x();
        double to = left ? place.x() : place.right();
        double y1 = leadHeight(w, box);
        List<PinCard.Strand> strands = PinCard.of(w).strands();
        boolean bold = w.device().name().equals(chosen);
        int n = strands.size();
        for (PinCard.Strand s : strands) {
            double a = y1 + (s.devicePin() - (n + 1) / 2.0) * STRAND;
            double b = place.middle() + (s.boardPin() - (n + 1) / 2.0) * STRAND;
            g.setStroke(s.wrong() ? Ink.KITE : Ink.wire(s.colour()));
            g.setLineWidth(bold ? 2.1 : 1.4);
            double bend = left ? 26 : -26;
            if (s.lifted()) {
                g.strokePolyline(new double[] {from, from + bend, from + 1.5 * bend}, new double[] {a, a, a - 9}, 3);
                g.strokeOval(from + 1.5 * bend - 2.5, a - 14, 5, 5);
            } else if (s.boardPin() != PinCard.NOWHERE) {
                g.strokePolyline(new double[] {from, from + bend, to - bend, to}, new double[] {a, a, b, b}, 4);
            }
        }
        double mid = (from + to) / 2;
        double y = (y1 + place.middle()) / 2 - n * STRAND / 2 - 7;
        String length = w.length() > 0 ? Quantity.SPAN.text(w.length(), units) : "length?";
        String words = length + "  gauge " + w.lead().get().gauge();
        g.setFont(Face.FIGURES, 10);
        double half = g.textWidth(words) / 2 + 3;
        g.setFill(Ink.SHEET);
        g.fillRect(mid - half, y - 6, 2 * half, 12);
        g.words(words, mid, y, Face.FIGURES, 10, bold ? Ink.INK : Ink.SOFT, TextAlignment.CENTER);
    }

    /** A plug stands a little above the middle of its device where wires of its own bring it power. */
    private static double leadHeight(Wired w, Box box) {
        boolean own = w.lead().filter(l -> !l.power().isEmpty()).isPresent();
        return own ? box.y() + 0.34 * box.height() : box.middle();
    }

    /** Wires of its own from the rail below the board. */
    private void ownPower(Pen g, HarnessLayout at, Wired w, Box box) {
        String rail = w.lead().map(l -> l.power()).orElse("");
        if (rail.isEmpty() || wiring.board().rail(rail).isEmpty()) {
            return;
        }
        boolean left = box.x() < at.board().x();
        int i = index(rail);
        double y = box.y() + 0.72 * box.height();
        double from = left ? box.right() : box.x();
        double lane = left ? at.board().x() - 10 - 5 * i : at.board().right() + 10 + 5 * i;
        Box chip = at.chips().get(rail);
        double below = at.board().bottom() + 5 + 3 * i;
        boolean raw = wiring.board().raw().filter(r -> r.name().equals(rail)).isPresent();
        double x = chip.x() + chip.width() / 2;
        g.setStroke(Ink.rail(i));
        if (raw) {
            // what hangs on the pack itself joins the pack's own wires
            g.setLineWidth(2.6);
            g.setLineDashes(fed(rail) ? new double[0] : new double[] {4, 3});
            double pack = at.pack().y() + 11;
            g.strokePolyline(new double[] {from, lane, lane}, new double[] {y, y, pack}, 3);
            g.setLineDashes();
            letter(g, left ? from + 12 : from - 12, y, i, fed(rail));
            return;
        }
        g.setLineWidth(1.8);
        g.setLineDashes(fed(rail) ? new double[0] : new double[] {4, 3});
        g.strokePolyline(new double[] {from, lane, lane, x, x}, new double[] {y, y, below, below, chip.bottom()}, 5);
        g.setLineDashes();
        letter(g, left ? from + 12 : from - 12, y, i, fed(rail));
    }

    /** The letter of a rail in its circle. */
    static void letter(Pen g, double x, double y, int index, boolean full) {
        Color colour = Ink.rail(index);
        g.setFill(full ? colour : Ink.SHEET);
        g.fillOval(x - 6.5, y - 6.5, 13, 13);
        g.setStroke(colour);
        g.setLineWidth(1.4);
        g.strokeOval(x - 6.5, y - 6.5, 13, 13);
        g.setFont(Face.STRONG, 9.5);
        g.setFill(full ? Ink.SHEET : colour);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(String.valueOf((char) ('A' + index)), x, y);
    }

    private void device(Pen g, Wired w, Box box, Optional<Marks.Mark> mark) {
        Device d = w.device();
        boolean stop = mark.filter(Marks.Mark::stop).isPresent();
        boolean live = !d.draw().fed() || fed(w.rail());
        g.setFill(Ink.SHEET);
        g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 7, 7);
        if (d.name().equals(chosen)) {
            g.setFill(Ink.wash(Ink.SKY.darker()));
            g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 7, 7);
        }
        g.setStroke(stop ? Ink.KITE : mark.isPresent() ? Ink.AMBER : live ? Ink.INK : Ink.RULE);
        g.setLineWidth(d.name().equals(chosen) ? 2.6 : 1.6);
        g.setLineDashes(w.dead() ? new double[] {4, 3} : new double[0]);
        g.strokeRoundRect(box.x(), box.y(), box.width(), box.height(), 7, 7);
        g.setLineDashes();
        boolean two = box.height() >= 28;
        double y = two ? box.y() + 0.32 * box.height() : box.middle();
        double room = box.width() - (w.lead().filter(l -> l.locked()).isPresent() ? 60 : 26);
        g.words(
                clippedStrong(g, d.name(), room),
                box.x() + 8,
                y,
                Face.STRONG,
                12.5,
                live ? Ink.INK : Ink.SOFT,
                TextAlignment.LEFT);
        if (w.lead().filter(l -> l.locked()).isPresent()) {
            g.words("locked", box.right() - 22, y, Face.TEXT, 9.5, Ink.SOFT, TextAlignment.RIGHT);
        }
        if (two) {
            String words = mark.map(Marks.Mark::words).orElseGet(() -> said(d));
            g.setFont(Face.TEXT, 10.5);
            g.words(
                    clipped(g, Quantity.read(words, units), box.width() - 14),
                    box.x() + 8,
                    box.y() + 0.72 * box.height(),
                    Face.TEXT,
                    10.5,
                    stop ? Ink.KITE : mark.isPresent() ? Ink.AMBER : Ink.SOFT,
                    TextAlignment.LEFT);
        }
        mark.ifPresent(m -> sign(g, box.right() - 12, y, m.stop()));
    }

    /** A diamond stops, a triangle warns; a shape first, a colour second. */
    static void sign(Pen g, double x, double y, boolean stop) {
        if (stop) {
            g.setFill(Ink.KITE);
            g.fillPolygon(new double[] {x, x + 6, x, x - 6}, new double[] {y - 6, y, y + 6, y}, 4);
        } else {
            g.setStroke(Ink.AMBER);
            g.setLineWidth(1.8);
            g.strokePolygon(new double[] {x, x + 6, x - 6}, new double[] {y - 5.5, y + 4.5, y + 4.5}, 3);
        }
    }

    private String said(Device d) {
        String radio = wiring.harness()
                .radio(d.name())
                .map(r -> Quantity.RADIO.text(r.middle(), units) + " \u00b7 ")
                .orElse("");
        if (d.kind() == DeviceKind.SPEED_CONTROLLER) {
            return (d.gives().carries() > 0 ? Quantity.CURRENT.text(d.gives().carries(), units) : "carries ?")
                    + (d.gives().volts() > 0
                            ? " \u00b7 gives " + Quantity.VOLTAGE.text(d.gives().volts(), units)
                            : "");
        }
        String signal = d.want().signal() == Signal.SERIAL && !radio.isEmpty()
                ? d.want().inverted() ? "inverted" : "serial"
                : d.want().words();
        return radio + (d.want().signal() == Signal.NONE ? d.kind().label() : signal);
    }

    private static String clippedStrong(Pen g, String text, double room) {
        g.setFont(Face.STRONG, 12.5);
        return clipped(g, text, room);
    }

    private static String clipped(Pen g, String text, double room) {
        String shown = text;
        while (shown.length() > 3 && g.textWidth(shown) > room) {
            shown = shown.substring(0, shown.length() - 2).strip() + "\u2026";
        }
        return shown;
    }
}
