package app.drachen.core.debrief;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was measured in a log.
 *
 * @param log the log
 * @param setup the aircraft as it was flown, if known
 * @param expectedStall stall speed computed from the set-up, if known
 * @param facts when, how high, how far, how fast, if anything moved
 * @param segments stretches of one mode
 * @param trim trim needed, if there were fit stretches
 * @param swings what it says about swings
 * @param stall the first stall, if one was flown
 * @param levels releases into Level
 * @param touchdown how it came to the ground, if it did
 * @param lost what was lost in the air, for each thing that the log can tell; empty if nothing flew
 * @param heightLimit limit above the launch by local rules, if somebody entered one
 */
public record Flown(
        FlightLog log,
        Optional<Setup> setup,
        Optional<Stall> expectedStall,
        Optional<FlightFacts> facts,
        List<ModeSegment> segments,
        Optional<TrimNeeded> trim,
        Swings swings,
        Optional<StallResult> stall,
        List<LevelResult> levels,
        Optional<TouchedDown> touchdown,
        Map<Lost.What, List<Lost>> lost,
        Optional<Field.HeightLimit> heightLimit) {
    public Flown {
        segments = List.copyOf(segments);
        levels = List.copyOf(levels);
        lost = Map.copyOf(lost);
    }

    static Flown of(FlightLog log, Optional<Setup> setup, double density, Optional<Field.HeightLimit> heightLimit) {
        List<ModeSegment> segments = Segments.of(log);
        Optional<Airborne> airborne = Airborne.of(log);
        SwingSearch swings = SwingSearch.in(log, segments, airborne);
        Part<Optional<FlightFacts>> facts = new Part<>(() -> airborne.map(a -> FlightFacts.of(log, a)));
        Part<Map<Lost.What, List<Lost>>> lost =
                new Part<>(() -> airborne.map(a -> Lost.of(log, a)).orElse(Map.of()));
        Part<Optional<Stall>> stall = new Part<>(() -> setup.map(s -> Stall.of(s, density)));
        Part<Optional<TrimNeeded>> trim = new Part<>(() -> setup.flatMap(
                s -> TrimNeeded.of(log, s.controls(), s.modes().limits().cruiseSpeed())));
        Part<List<LevelResult>> levels = new Part<>(() -> LevelResult.of(log, segments));
        Part<Optional<TouchedDown>> touchdown = new Part<>(() -> TouchedDown.of(log, airborne));
        List<Runnable> parts = new ArrayList<>(List.of(facts, lost, stall, trim, levels, touchdown));
        parts.addAll(swings.parts());
        Part.all(parts);
        return new Flown(
                log,
                setup,
                stall.done(),
                facts.done(),
                segments,
                trim.done(),
                swings.told(),
                StallResult.of(
                        log,
                        facts.done().map(FlightFacts::ground).orElse(0.0),
                        stall.done().map(s -> 1.4 * s.high()).orElse(0.75 * meanSpeed(log))),
                levels.done(),
                touchdown.done(),
                lost.done(),
                heightLimit);
    }

    private static double meanSpeed(FlightLog log) {
        return log.mean(LogColumn.AIRSPEED, 0, log.rows());
    }

    /** Why no trim was measured; empty where one was, or the set-up is not known. */
    public Optional<String> trimMissing() {
        return trim.isPresent()
                ? Optional.empty()
                : setup.map(s ->
                        TrimNeeded.missing(log, s.controls(), s.modes().limits().cruiseSpeed()));
    }

    /**
     * Logged height of the launch, from which heights are counted: logs count from it, or from the sea.
     *
     * @return [m]; 0 if nothing flew
     */
    public double ground() {
        return facts.map(FlightFacts::ground).orElse(0.0);
    }

    /** Every switch of mode and helper with its moment and, where it shows, what it led to and how soon; in order. */
    public List<String> switches() {
        return Switches.of(this);
    }

    /** Sink at the touchdown [m/s], if it is known; without bound where it hit the ground, for that was no touchdown. */
    public Optional<Double> touchdownSink() {
        return touchdown
                .map(t -> t.impact() ? Double.POSITIVE_INFINITY : t.sink())
                .filter(s -> !Double.isNaN(s));
    }
}
