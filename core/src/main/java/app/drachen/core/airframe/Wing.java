package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * A symmetrical wing of one or more panels a side, listed from the root outwards.
 *
 * @param rootLeadingEdge station of the leading edge at the plane of symmetry [m], −1 to 4
 * @param up height of the root chord above the body axis [m], −0.5 to 0.5
 * @param panels panels of one side, 1 to 24
 * @param section section data
 * @param incidence of the root chord to the body axis, nose up positive [rad], −0.2 to 0.2
 * @param incidenceDifference right wing minus left wing, as measured [rad], −0.1 to 0.1
 * @param flaps hinged parts of the trailing edge: ailerons or elevons, flaps, brakes; at most 8
 */
public record Wing(
        double rootLeadingEdge,
        double up,
        List<WingPanel> panels,
        Section section,
        double incidence,
        double incidenceDifference,
        List<Flap> flaps) {
    public Wing {
        Ranges.require("root leading edge", rootLeadingEdge, -1, 4, "m");
        Ranges.require("wing height", up, -0.5, 0.5, "m");
        Ranges.require("incidence", incidence, -0.2, 0.2, "rad");
        Ranges.require("difference of incidence", incidenceDifference, -0.1, 0.1, "rad");
        panels = List.copyOf(panels);
        flaps = List.copyOf(flaps);
        Ranges.require("number of flaps", flaps.size(), 0, 8, "-");
        Ranges.require("number of panels of a half", panels.size(), 0, 24, "-");
        if (panels.isEmpty()) {
            throw new IllegalArgumentException("the wing has no panel; draw at least one");
        }
    }

    /** The flaps that roll the aircraft: the first ailerons or elevons, if there are any. */
    public Optional<Flap> aileron() {
        return flaps.stream().filter(Flap::rolls).findFirst();
    }

    /** Which of its kind a flap is, counted from the middle outwards, from 1. */
    public int number(Flap flap) {
        return 1
                + (int) flaps.stream()
                        .filter(f -> f.kind() == flap.kind() && f.from() < flap.from())
                        .count();
    }

    /** The same wing with other flaps. */
    public Wing withFlaps(List<Flap> newFlaps) {
        return new Wing(rootLeadingEdge, up, panels, section, incidence, incidenceDifference, newFlaps);
    }

    /** The same wing with another section. */
    public Wing withSection(Section newSection) {
        return new Wing(rootLeadingEdge, up, panels, newSection, incidence, incidenceDifference, flaps);
    }

    /** The same wing with one panel changed. */
    public Wing withPanel(int index, WingPanel panel) {
        List<WingPanel> changed = new java.util.ArrayList<>(panels);
        changed.set(index, panel);
        return new Wing(rootLeadingEdge, up, changed, section, incidence, incidenceDifference, flaps);
    }

    /**
     * The same wing elsewhere along the body.
     *
     * @param newRootLeadingEdge behind the nose [m]
     */
    public Wing withRootLeadingEdge(double newRootLeadingEdge) {
        return new Wing(newRootLeadingEdge, up, panels, section, incidence, incidenceDifference, flaps);
    }
}
