package app.drachen.core.airframe;

import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * What follows from the wing seen from above.
 *
 * <p>Source: J. D. Anderson, Introduction to Flight, 2016; trapezoid mean aerodynamic chord. Exact
 * for straight-edged panels.
 *
 * @param area of both sides [m²]
 * @param span [m]
 * @param meanChord mean aerodynamic chord [m]
 * @param meanChordAt distance of the mean chord from the plane of symmetry [m]
 * @param meanChordLeadingEdge station of its leading edge [m]
 * @param halfChordSweep sweep of the half-chord line from root to tip [rad]
 * @param quarterChordSweep sweep of the quarter-chord line from root to tip [rad]
 * @param taper tip over root chord [-]
 */
public record Planform(
        double area,
        double span,
        double meanChord,
        double meanChordAt,
        double meanChordLeadingEdge,
        double halfChordSweep,
        double quarterChordSweep,
        double taper) {

    /** Measures a wing. */
    public static Planform of(Wing wing) {
        double half = 0;
        double chordSum = 0;
        double atSum = 0;
        double edgeSum = 0;
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        for (WingPanel panel : wing.panels()) {
            double taper = panel.tipChord() / panel.rootChord();
            double mean = 2.0 / 3 * panel.rootChord() * (1 + taper + taper * taper) / (1 + taper);
            double out = panel.length() / 3 * (1 + 2 * taper) / (1 + taper);
            half += panel.area();
            chordSum += panel.area() * mean;
            atSum += panel.area() * (inner + out);
            edgeSum += panel.area() * (edge + out * Math.tan(panel.sweep()));
            inner += panel.length();
            edge += panel.length() * Math.tan(panel.sweep());
        }
        double root = wing.panels().get(0).rootChord();
        double tip = wing.panels().get(wing.panels().size() - 1).tipChord();
        double run = edge - wing.rootLeadingEdge();
        return new Planform(
                2 * half,
                2 * inner,
                chordSum / half,
                atSum / half,
                edgeSum / half,
                Math.atan((run + (tip - root) / 2) / inner),
                Math.atan((run + (tip - root) / 4) / inner),
                tip / root);
    }

    /**
     * @return b²/S [-]
     */
    public double aspectRatio() {
        return span * span / area;
    }

    /**
     * @return station of the quarter point of the mean chord [m]
     */
    public double quarterStation() {
        return meanChordLeadingEdge + meanChord / 4;
    }

    /** BUILD-A1 as workings: area, aspect ratio, mean chord and where it lies. */
    public List<Working> workings(Wing wing) {
        List<Working.Input> chords = new ArrayList<>();
        for (int i = 0; i < wing.panels().size(); i++) {
            WingPanel panel = wing.panels().get(i);
            String n = wing.panels().size() == 1 ? "" : " of panel " + (i + 1);
            chords.add(Working.in("inner chord" + n, panel.rootChord(), Quantity.LENGTH));
            chords.add(Working.in("outer chord" + n, panel.tipChord(), Quantity.LENGTH));
            chords.add(Working.in("length" + n, panel.length(), Quantity.LENGTH));
            chords.add(Working.in("leading edge sweep" + n, panel.sweep(), Quantity.ANGLE));
        }
        Working.Input[] inputs = chords.toArray(new Working.Input[0]);
        return List.of(
                Working.of(
                        "BUILD-A1",
                        "Wing area",
                        area,
                        Quantity.AREA,
                        "S = Σ ½(cᵢ + cᵢ₊₁)·Δy over both sides",
                        Source.ANDERSON,
                        inputs),
                Working.of(
                        "BUILD-A1",
                        "Aspect ratio",
                        aspectRatio(),
                        Quantity.NUMBER,
                        "A = b²/S",
                        Source.ANDERSON,
                        Working.in("span b", span, Quantity.SPAN),
                        Working.in("area S", area, Quantity.AREA)),
                Working.of(
                        "BUILD-A1",
                        "Mean chord",
                        meanChord,
                        Quantity.LENGTH,
                        "c̄ = ⅔·c·(1 + λ + λ²)/(1 + λ) of each panel, weighted by area",
                        Source.ANDERSON,
                        inputs),
                Working.of(
                        "BUILD-A1",
                        "Mean chord lies at",
                        meanChordLeadingEdge,
                        Quantity.LENGTH,
                        "leading edge of c̄ behind the nose, at y = Σ area·(l/3)(1 + 2λ)/(1 + λ)",
                        Source.ANDERSON,
                        Working.in("distance from the middle y", meanChordAt, Quantity.LENGTH),
                        Working.in("root leading edge", wing.rootLeadingEdge(), Quantity.LENGTH)));
    }
}
