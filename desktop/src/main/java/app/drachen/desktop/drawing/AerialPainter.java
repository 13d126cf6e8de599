package app.drachen.desktop.drawing;

import app.drachen.core.airframe.Position;
import app.drachen.core.harness.Radio;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Pairs.Pair;
import app.drachen.core.wiring.Wiring;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The aircraft from above with its aerials, the board with its arrow, and a line between every sender and
 * receiver that are too near.
 *
 * @param setup the aircraft
 * @param radios its radios, as they are tried
 * @param chosen name of the device that is chosen
 * @param units the reader's units
 */
public record AerialPainter(Setup setup, List<Radio> radios, String chosen, UnitSystem units) {
    /** Scale and place of the drawing in so many pixels; x is to the right wing, y aft. */
    public View view(double width, double height) {
        Outline above = Outline.above(setup.airframe());
        return View.fit(above.left(), above.right(), above.top(), above.bottom(), 20, 16, width - 40, height - 40);
    }

    /** The radio whose aerial is at a pixel. */
    public Optional<String> at(double x, double y, double width, double height) {
        View v = view(width, height);
        return radios.stream()
                .filter(r ->
                        Math.hypot(v.x(r.aerial().right()) - x, v.y(r.aerial().aft()) - y) < 14)
                .map(Radio::device)
                .findFirst();
    }

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        View v = view(width, height);
        AircraftPainter.grid(g, v, 0.1, 1, 1, width - 2, height - 2);
        AircraftPainter.paint(g, Outline.above(setup.airframe()), v, Optional.empty());
        board(g, v);
        for (Pair pair : Pairs.of(radios).pairs()) {
            boolean bad = pair.margin() < 0 || !pair.unfiltered().isEmpty();
            boolean own = pair.sender().device().equals(chosen)
                    || pair.receiver().device().equals(chosen);
            if (bad || own) {
                line(g, v, pair, bad);
            }
        }
        for (Radio r : radios) {
            aerial(g, v, r);
        }
    }

    /** The board to scale with its arrow as it really points, and its lever arm to the CG. */
    private void board(Pen g, View v) {
        Optional<Position> place = Wiring.boardPosition(setup);
        if (place.isEmpty()) {
            return;
        }
        double x = v.x(place.get().right());
        double y = v.y(place.get().aft());
        double half = Math.max(6, 0.5 * setup.harness().board().length() * v.scale());
        double wide = Math.max(4, 0.5 * setup.harness().board().width() * v.scale());
        double turn = setup.mount().mountedQuarterTurns() * Math.PI / 2;
        double dx = Math.sin(turn);
        double dy = -Math.cos(turn);
        g.setFill(Ink.PAPER);
        double[] bx = new double[4];
        double[] by = new double[4];
        for (int i = 0; i < 4; i++) {
            double along = (i == 0 || i == 3 ? 1 : -1) * half;
            double across = (i < 2 ? 1 : -1) * wide;
            bx[i] = x + along * dx - across * dy;
            by[i] = y + along * dy + across * dx;
        }
        g.fillPolygon(bx, by, 4);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.4);
        g.strokePolygon(bx, by, 4);
        g.setStroke(Ink.KITE);
        g.setLineWidth(2);
        g.strokeLine(x - 0.6 * half * dx, y - 0.6 * half * dy, x + 0.8 * half * dx, y + 0.8 * half * dy);
        g.fillOval(x + 0.8 * half * dx - 2.5, y + 0.8 * half * dy - 2.5, 5, 5);
        Position cg = setup.massProperties().centre();
        double cy = v.y(cg.aft());
        double cx = v.x(cg.right());
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeOval(cx - 4, cy - 4, 8, 8);
        g.strokeLine(cx - 7, cy, cx + 7, cy);
        g.strokeLine(cx, cy - 7, cx, cy + 7);
        g.setLineDashes(3, 3);
        g.strokeLine(x, y, cx, cy);
        g.setLineDashes();
    }

    private void line(Pen g, View v, Pair pair, boolean bad) {
        Position a = pair.sender().aerial();
        Position b = pair.receiver().aerial();
        g.setStroke(bad ? Ink.AMBER : Ink.PROOF);
        g.setLineWidth(bad ? 1.8 : 1.1);
        g.setLineDashes(bad ? new double[0] : new double[] {4, 3});
        g.strokeLine(v.x(a.right()), v.y(a.aft()), v.x(b.right()), v.y(b.aft()));
        g.setLineDashes();
        double x = (v.x(a.right()) + v.x(b.right())) / 2;
        double y = (v.y(a.aft()) + v.y(b.aft())) / 2;
        String words = Quantity.SPAN.text(pair.distance(), units) + ", " + Math.round(pair.margin()) + "\u00a0dB";
        label(
                g,
                words.replace('-', '\u2212'),
                x,
                y - 8,
                bad ? Ink.AMBER : Ink.PROOF,
                Face.FIGURES,
                10.5,
                TextAlignment.CENTER);
    }

    private void aerial(Pen g, View v, Radio r) {
        double x = v.x(r.aerial().right());
        double y = v.y(r.aerial().aft());
        boolean own = r.device().equals(chosen);
        g.setStroke(own ? Ink.KITE : Ink.INK);
        g.setLineWidth(own ? 2.6 : 1.8);
        // an aerial as seen from above: upright a dot in a ring, tilted a stroke that grows
        double lean = 9 * Math.sin(r.tilt());
        g.setFill(Ink.SHEET);
        g.fillOval(x - 6, y - 6, 12, 12);
        g.strokeOval(x - 6, y - 6, 12, 12);
        g.strokeLine(x - lean, y, x + lean + 0.01, y);
        if (r.sending()) {
            g.setFill(own ? Ink.KITE : Ink.INK);
            g.fillOval(x - 2.5, y - 2.5, 5, 5);
        }
        boolean right = r.aerial().right() >= 0;
        label(
                g,
                r.device() + " " + Quantity.RADIO.text(r.middle(), units),
                right ? x + 11 : x - 11,
                y + 1,
                own ? Ink.KITE : Ink.INK,
                Face.STRONG,
                11.5,
                right ? TextAlignment.LEFT : TextAlignment.RIGHT);
    }

    private static void label(
            Pen g, String words, double x, double y, Color colour, Face face, double size, TextAlignment to) {
        g.setFont(face, size);
        g.setTextAlign(to);
        g.setTextBaseline(VPos.CENTER);
        g.setStroke(Ink.SHEET);
        g.setLineWidth(3.5);
        g.strokeText(words, x, y);
        g.setFill(colour);
        g.fillText(words, x, y);
    }
}
