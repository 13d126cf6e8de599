package app.drachen.core.setup;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.AngleCheck;
import app.drachen.core.airframe.MeasuredBalance;
import app.drachen.core.airframe.Part;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * What stage Build is about.
 *
 * @param airframe the drawn airframe
 * @param parts what is fitted, at most 400
 * @param propulsion motors, propellers, packs
 * @param measured what a weighing found, if it was weighed
 * @param angles how the angle between wing and tail was checked
 * @param steps steps of building that are done, each once, in the order of {@link BuildStep}
 */
public record BuildSection(
        Airframe airframe,
        List<Part> parts,
        Propulsion propulsion,
        Optional<MeasuredBalance> measured,
        AngleCheck angles,
        List<BuildStep> steps) {
    public BuildSection {
        parts = List.copyOf(parts);
        steps = List.copyOf(steps).stream().distinct().sorted().toList();
        Ranges.require("number of parts", parts.size(), 0, 400, "-");
        long names = parts.stream().map(Part::name).distinct().count();
        if (names != parts.size()) {
            throw new IllegalArgumentException("two parts have the same name; give each its own");
        }
    }

    /** The same with another airframe. */
    public BuildSection withAirframe(Airframe newAirframe) {
        return new BuildSection(newAirframe, parts, propulsion, measured, angles, steps);
    }

    /** The same with other parts. */
    public BuildSection withParts(List<Part> newParts) {
        return new BuildSection(airframe, newParts, propulsion, measured, angles, steps);
    }

    /** The same with other motors and packs. */
    public BuildSection withPropulsion(Propulsion newPropulsion) {
        return new BuildSection(airframe, parts, newPropulsion, measured, angles, steps);
    }

    /** The same as weighed, or with computed figures again. */
    public BuildSection withMeasured(Optional<MeasuredBalance> newMeasured) {
        return new BuildSection(airframe, parts, propulsion, newMeasured, angles, steps);
    }

    /** The same with the angles checked otherwise. */
    public BuildSection withAngles(AngleCheck newAngles) {
        return new BuildSection(airframe, parts, propulsion, measured, newAngles, steps);
    }

    /** The same with other steps done. */
    public BuildSection withSteps(List<BuildStep> newSteps) {
        return new BuildSection(airframe, parts, propulsion, measured, angles, newSteps);
    }
}
