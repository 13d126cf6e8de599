package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * A trapezoid of one half wing.
 *
 * @param rootChord inner chord [m], 0.01 to 3
 * @param tipChord outer chord [m], 0.005 to 3
 * @param length extent along y, measured in the drawing from above [m], 0.01 to 5
 * @param sweep leading edge sweep, aft positive [rad], −0.8 to 1.2
 * @param dihedral tip up positive [rad], −0.6 to 0.8
 * @param twist of the outer against the inner chord, nose up positive [rad], −0.2 to 0.2
 */
public record WingPanel(double rootChord, double tipChord, double length, double sweep, double dihedral, double twist) {
    public WingPanel {
        Ranges.require("root chord", rootChord, 0.01, 3, "m");
        Ranges.require("tip chord", tipChord, 0.005, 3, "m");
        Ranges.require("panel length", length, 0.01, 5, "m");
        Ranges.require("sweep", sweep, -0.8, 1.2, "rad");
        Ranges.require("dihedral", dihedral, -0.6, 0.8, "rad");
        Ranges.require("twist", twist, -0.2, 0.2, "rad");
    }

    /**
     * @return area of this panel on one side [m²]
     */
    public double area() {
        return 0.5 * (rootChord + tipChord) * length;
    }
}
