package app.drachen.core.flight;

import app.drachen.core.aerodynamics.BuildSheet;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/** All that is reckoned of one set-up, in the order a pilot reads it. */
public final class AircraftSheet {
    /** The last lines of the drawing's sheet, which few read. */
    private static final int INERTIAS = 4;

    private AircraftSheet() {}

    /**
     * The sheet.
     *
     * @param density air density of the field [kg/m³], 0.5 to 1.6
     */
    public static List<Working> of(Setup setup, double density) {
        List<Working> sheet = new ArrayList<>(BuildSheet.of(setup, density));
        sheet.addAll(sheet.size() - INERTIAS, PowerSheet.of(setup, density));
        return sheet;
    }
}
