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
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Everything configured about one aircraft, by sections. Immutable; a change makes another set-up. A stage has one
 * section, with a form that stands for nothing entered.
 *
 * @param name of the aircraft
 * @param note one line about it, may be empty
 * @param build airframe, parts, motors and packs
 * @param harness board, devices, leads, radios
 * @param controls mixer, outputs, trims, rates
 * @param modes selector, limits, way home
 * @param signals values, alarms, calls, scales, pages
 * @param tune gains of the autopilot, and where they came from
 * @param decisions defaults of judgement that the pilot has set otherwise, each with a reason
 * @param waivers rules whose missing evidence the pilot passes over, each with a reason
 * @param assumed what a template brought and nobody has confirmed, each once
 */
public record Setup(
        String name,
        String note,
        BuildSection build,
        HarnessSection harness,
        ControlSetup controls,
        ModeSetup modes,
        SignalsSection signals,
        TuneSection tune,
        List<Decision> decisions,
        List<Waiver> waivers,
        List<Facet> assumed) {
    public Setup {
        Ranges.requireText("name of the aircraft", name);
        decisions = List.copyOf(decisions);
        waivers = List.copyOf(waivers);
        assumed = List.copyOf(assumed).stream().distinct().sorted().toList();
        if (waivers.stream().map(Waiver::rule).distinct().count() != waivers.size()) {
            throw new IllegalArgumentException("a rule is passed over twice; keep one");
        }
        if (decisions.stream().map(Decision::id).distinct().count() != decisions.size()) {
            throw new IllegalArgumentException("a judgement is set twice; keep one");
        }
    }

    /** A set-up of which nothing is entered in Signals. */
    public Setup(
            String name,
            String note,
            BuildSection build,
            HarnessSection harness,
            ControlSetup controls,
            ModeSetup modes,
            TuneSection tune,
            List<Decision> decisions,
            List<Waiver> waivers,
            List<Facet> assumed) {
        this(name, note, build, harness, controls, modes, SignalsSection.EMPTY, tune, decisions, waivers, assumed);
    }

    public Airframe airframe() {
        return build.airframe();
    }

    public List<Part> parts() {
        return build.parts();
    }

    public Propulsion propulsion() {
        return build.propulsion();
    }

    public BoardMount mount() {
        return harness.mount();
    }

    public Gains gains() {
        return tune.gains();
    }

    public Planform planform() {
        return Planform.of(airframe().wing());
    }

    /** Mass and balance: as weighed, carried along with what changed since; computed where it was not weighed. */
    public MassProperties massProperties() {
        MassProperties computed = computedBalance();
        return build.measured().map(m -> m.carriedTo(computed)).orElse(computed);
    }

    /** Mass and balance of the parts list alone. */
    public MassProperties computedBalance() {
        return MassProperties.of(airframe(), parts());
    }

    public Optional<Part> part(String partName) {
        return parts().stream().filter(p -> p.name().equals(partName)).findFirst();
    }

    /** The part that is the pack, if one is fitted. */
    public Optional<Part> packPart() {
        return parts().stream().filter(p -> p.kind() == PartKind.PACK).findFirst();
    }

    /** Where the first motor pulls or pushes. */
    public Optional<Position> motorPosition() {
        return motorPosition(0);
    }

    /** Where the motor of a drive pulls or pushes, by the order of the motors among the parts. */
    public Optional<Position> motorPosition(int drive) {
        return parts().stream()
                .filter(p -> p.kind() == PartKind.MOTOR)
                .skip(drive)
                .findFirst()
                .map(Part::position);
    }

    public boolean invertedVee() {
        return airframe().tail() instanceof Tail.Vee vee && vee.inverted();
    }

    /** The same aircraft under another name. */
    public Setup withName(String newName) {
        return new Setup(newName, note, build, harness, controls, modes, signals, tune, decisions, waivers, assumed);
    }

    public Setup withBuild(BuildSection newBuild) {
        return new Setup(name, note, newBuild, harness, controls, modes, signals, tune, decisions, waivers, assumed);
    }

    public Setup withHarness(HarnessSection newHarness) {
        return new Setup(name, note, build, newHarness, controls, modes, signals, tune, decisions, waivers, assumed);
    }

    public Setup withControls(ControlSetup newControls) {
        return new Setup(name, note, build, harness, newControls, modes, signals, tune, decisions, waivers, assumed);
    }

    public Setup withModes(ModeSetup newModes) {
        return new Setup(name, note, build, harness, controls, newModes, signals, tune, decisions, waivers, assumed);
    }

    public Setup withSignals(SignalsSection newSignals) {
        return new Setup(name, note, build, harness, controls, modes, newSignals, tune, decisions, waivers, assumed);
    }

    public Setup withTune(TuneSection newTune) {
        return new Setup(name, note, build, harness, controls, modes, signals, newTune, decisions, waivers, assumed);
    }

    public Setup withDecisions(List<Decision> newDecisions) {
        return new Setup(name, note, build, harness, controls, modes, signals, tune, newDecisions, waivers, assumed);
    }

    /** What was decided about a judgement. */
    public Optional<Decision> decision(String judgement) {
        return decisions.stream().filter(d -> d.id().equals(judgement)).findFirst();
    }

    /** The same set-up with one judgement set otherwise, or as usual again. */
    public Setup decided(String judgement, Optional<Decision> decision) {
        List<Decision> changed = new ArrayList<>(decisions);
        changed.removeIf(d -> d.id().equals(judgement));
        decision.ifPresent(changed::add);
        return withDecisions(changed);
    }

    /** Why a rule is passed over, if it is. */
    public Optional<Waiver> waiver(String rule) {
        return waivers.stream().filter(w -> w.rule().equals(rule)).findFirst();
    }

    /** The same set-up with one rule passed over, or not any more. */
    public Setup waived(String rule, Optional<Waiver> waiver) {
        List<Waiver> changed = new ArrayList<>(waivers);
        changed.removeIf(w -> w.rule().equals(rule));
        waiver.ifPresent(changed::add);
        return new Setup(name, note, build, harness, controls, modes, signals, tune, decisions, changed, assumed);
    }

    public Setup withAirframe(Airframe newAirframe) {
        return withBuild(build.withAirframe(newAirframe));
    }

    public Setup withParts(List<Part> newParts) {
        return withBuild(build.withParts(newParts));
    }

    public Setup withPropulsion(Propulsion newPropulsion) {
        return withBuild(build.withPropulsion(newPropulsion));
    }

    public Setup withMount(BoardMount newMount) {
        return withHarness(harness.withMount(newMount));
    }

    /** The same set-up with other gains, all of which came from one source. */
    public Setup withGains(Gains newGains, TuneSection.Origin origin) {
        return withTune(TuneSection.of(newGains, origin));
    }

    /** The same set-up with other gains, whose sources stay as they are. */
    public Setup withGains(Gains newGains) {
        return withTune(new TuneSection(newGains, tune.roll(), tune.pitch(), tune.others()));
    }

    /** The same set-up with one part changed. */
    public Setup withPart(String partName, UnaryOperator<Part> change) {
        List<Part> changed = new ArrayList<>();
        for (Part part : parts()) {
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
        return withParts(parts().stream()
                .map(p -> p.kind() == kind
                        ? p.at(new Position(
                                p.position().aft() + aft,
                                p.position().right(),
                                p.position().up() + up))
                        : p)
                .toList());
    }

    /** The same with something else still to be confirmed. */
    public Setup withAssumed(List<Facet> newAssumed) {
        return new Setup(name, note, build, harness, controls, modes, signals, tune, decisions, waivers, newAssumed);
    }
}
