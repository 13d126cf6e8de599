package app.drachen.core.modes;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Which mode a word in a foreign log means. Plain words only; what is not one of them the pilot tells. */
public final class ModeNames {
    private static final Map<FlightMode, List<String>> WORDS = Map.of(
            FlightMode.MANUAL, List.of("manual", "direct", "straight", "unassisted", "hand", "manuell"),
            FlightMode.RATE, List.of("rate", "gyro", "damped", "damping"),
            FlightMode.LEVEL, List.of("level", "self", "levelling", "leveling", "stabilised", "stabilized", "attitude"),
            FlightMode.HOLD, List.of("hold", "holding", "heading", "altitude", "height", "halten"),
            FlightMode.CIRCLE, List.of("circle", "circling", "orbit", "kreis", "kreisen"),
            FlightMode.HOME, List.of("home", "return", "returning", "back", "heim"),
            FlightMode.MISSION, List.of("mission", "route", "waypoint", "waypoints", "plan", "navigation"));

    /** The order in which words decide: "return to home, holding height" is Home. */
    private static final List<FlightMode> ORDER = List.of(
            FlightMode.HOME,
            FlightMode.MISSION,
            FlightMode.CIRCLE,
            FlightMode.HOLD,
            FlightMode.LEVEL,
            FlightMode.RATE,
            FlightMode.MANUAL);

    private ModeNames() {}

    /** The mode a name means; empty for a name that says nothing here, such as a number. */
    public static Optional<FlightMode> of(String name) {
        List<String> words = Arrays.asList(name.strip().toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        return ORDER.stream()
                .filter(mode -> WORDS.get(mode).stream().anyMatch(words::contains))
                .findFirst();
    }
}
