package app.drachen.core.setup;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Part;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * What stage Build is about.
 *
 * @param airframe the drawn airframe
 * @param parts what is fitted, at most 400
 * @param propulsion motors, propellers, packs
 */
public record BuildSection(Airframe airframe, List<Part> parts, Propulsion propulsion) {
    public BuildSection {
        parts = List.copyOf(parts);
        Ranges.require("number of parts", parts.size(), 0, 400, "-");
        long names = parts.stream().map(Part::name).distinct().count();
        if (names != parts.size()) {
            throw new IllegalArgumentException("two parts have the same name; give each its own");
        }
    }
}
