package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import javafx.scene.text.TextAlignment;

/** What is spoken in half a minute, in one position of the switch; where two speak at once it shows. */
final class CallsPainter {
    static final double SECONDS = 30;
    private static final double LEFT = 84;

    private CallsPainter() {}

    static void paint(Pen g, double width, double height, SignalsSection signals, int position, UnitSystem units) {
        Calls calls = signals.calls();
        List<Call> rows = calls.in(position);
        g.words(
                "CALLS, " + (int) SECONDS + " SECONDS, SWITCH AT " + position,
                10,
                11,
                Face.STRONG,
                11.5,
                Ink.SOFT,
                TextAlignment.LEFT);
        String load = "spoken " + Quantity.SHARE.text(calls.load(position).value(), units) + " of the time"
                + (signals.alarms().isEmpty() ? "" : calls.alarmsInterrupt() ? " · alarms cut in" : " · alarms wait");
        g.words(load, width - 10, 11, Face.TEXT, 11.5, Ink.SOFT, TextAlignment.RIGHT);
        if (rows.isEmpty()) {
            g.words(
                    "Nothing is spoken here. Press C to enter calls.",
                    width / 2,
                    height / 2,
                    Face.STRONG,
                    12.5,
                    Ink.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        double top = 26;
        double bottom = height - 18;
        double row = (bottom - top) / rows.size();
        double perX = (width - LEFT - 12) / SECONDS;
        for (int s = 0; s <= SECONDS; s += 5) {
            g.setStroke(Ink.GRID);
            g.setLineWidth(1);
            g.strokeLine(LEFT + s * perX, top, LEFT + s * perX, bottom);
            g.words(
                    s + (s == (int) SECONDS ? " s" : ""),
                    LEFT + s * perX,
                    height - 8,
                    Face.FIGURES,
                    10.5,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
        List<Calls.Spoken> line = calls.timeline(position, SECONDS);
        boolean told = false;
        for (int i = 0; i < line.size(); i++) {
            for (int j = i + 1;
                    j < line.size() && line.get(j).from() < line.get(i).to() - 1e-9;
                    j++) {
                double from = line.get(j).from();
                double to = Math.min(line.get(i).to(), line.get(j).to());
                g.setFill(Ink.wash(Ink.KITE));
                g.fillRect(LEFT + from * perX, top, (to - from) * perX, bottom - top);
                if (!told) {
                    g.words(
                            "both talk",
                            LEFT + line.get(i).to() * perX + 4,
                            top + row * (rows.indexOf(line.get(i).call()) + 0.5),
                            Face.STRONG,
                            10.5,
                            Ink.KITE,
                            TextAlignment.LEFT);
                }
                told = true;
            }
        }
        for (int i = 0; i < rows.size(); i++) {
            g.words(rows.get(i).value().label(), 10, top + row * (i + 0.5), Face.TEXT, 12, Ink.INK, TextAlignment.LEFT);
        }
        double high = Math.min(18, row - 4);
        for (Calls.Spoken spoken : line) {
            int at = rows.indexOf(spoken.call());
            double y = top + row * (at + 0.5) - high / 2;
            boolean over = line.stream()
                    .anyMatch(o -> o != spoken && o.from() < spoken.to() - 1e-9 && spoken.from() < o.to() - 1e-9);
            g.setFill(over ? Ink.wash(Ink.KITE) : Ink.SKY);
            g.fillRoundRect(LEFT + spoken.from() * perX, y, spoken.call().takes() * perX, high, 5, 5);
            g.setStroke(over ? Ink.KITE : Ink.INK);
            g.setLineWidth(1.2);
            g.strokeRoundRect(LEFT + spoken.from() * perX, y, spoken.call().takes() * perX, high, 5, 5);
        }
    }
}
