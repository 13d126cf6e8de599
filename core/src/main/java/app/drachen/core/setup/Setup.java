package app.drachen.core.setup;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Tail;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Everything configured about one aircraft. Immutable; a change makes another set-up.
 *
 * @param name of the aircraft
 * @param note one line about it, may be empty
 * @param airframe the drawn airframe
 * @param parts what is fitted, at most 400
 * @param propulsion motor, propeller, pack
 * @param controls mixer, outputs, trims, rates
 * @param modes selector, limits, way home
 * @param mount how the board sits
 * @param gains gains of the autopilot
 */
public record Setup(
        String name,
        String note,
        Airframe airframe,
        List<Part> parts,
        Propulsion propulsion,
        ControlSetup controls,
        ModeSetup modes,
        BoardMount mount,
        Gains gains) {
    public Setup {
        Ranges.requireText("name of the aircraft", name);
        parts = List.copyOf(parts);
        Ranges.require("number of parts", parts.size(), 0, 400, "-");
        long names = parts.stream().map(Part::name).distinct().count();
        if (names != parts.size()) {
            throw new IllegalArgumentException("two parts have the same name; give each its own");
        }
    }

    public Planform planform() {
        return Planform.of(airframe.wing());
    }

    public MassProperties massProperties() {
        return MassProperties.of(airframe, parts);
    }

    public Optional<Part> part(String partName) {
        return parts.stream().filter(p -> p.name().equals(partName)).findFirst();
    }

    /** The part that is the pack, if one is fitted. */
    public Optional<Part> packPart() {
        return parts.stream().filter(p -> p.kind() == PartKind.PACK).findFirst();
    }

    /** Where the motor pulls or pushes. */
    public Optional<Position> motorPosition() {
        return parts.stream()
                .filter(p -> p.kind() == PartKind.MOTOR)
                .findFirst()
                .map(Part::position);
    }

    public boolean invertedVee() {
        return airframe.tail() instanceof Tail.Vee vee && vee.inverted();
    }

    /** The same aircraft under another name. */
    public Setup withName(String newName) {
        return new Setup(newName, note, airframe, parts, propulsion, controls, modes, mount, gains);
    }

    public Setup withAirframe(Airframe newAirframe) {
        return new Setup(name, note, newAirframe, parts, propulsion, controls, modes, mount, gains);
    }

    public Setup withParts(List<Part> newParts) {
        return new Setup(name, note, airframe, newParts, propulsion, controls, modes, mount, gains);
    }

    /** The same set-up with one part changed. */
    public Setup withPart(String partName, UnaryOperator<Part> change) {
        List<Part> changed = new ArrayList<>();
        for (Part part : parts) {
            changed.add(part.name().equals(partName) ? change.apply(part) : part);
        }
        return withParts(changed);
    }

    /**
     * The same set-up with the parts of a kind elsewhere.
     *
     * @param kind which parts
     * @param aft how much further behind the nose [m]
     * @param up how much higher [m]
     */
    public Setup withMoved(PartKind kind, double aft, double up) {
        return withParts(parts.stream()
                .map(p -> p.kind() == kind
                        ? p.at(new Position(
                                p.position().aft() + aft,
                                p.position().right(),
                                p.position().up() + up))
                        : p)
                .toList());
    }

    public Setup withPropulsion(Propulsion newPropulsion) {
        return new Setup(name, note, airframe, parts, newPropulsion, controls, modes, mount, gains);
    }

    public Setup withControls(ControlSetup newControls) {
        return new Setup(name, note, airframe, parts, propulsion, newControls, modes, mount, gains);
    }

    public Setup withModes(ModeSetup newModes) {
        return new Setup(name, note, airframe, parts, propulsion, controls, newModes, mount, gains);
    }

    public Setup withMount(BoardMount newMount) {
        return new Setup(name, note, airframe, parts, propulsion, controls, modes, newMount, gains);
    }

    public Setup withGains(Gains newGains) {
        return new Setup(name, note, airframe, parts, propulsion, controls, modes, mount, newGains);
    }
}
