package app.drachen.core.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.drachen.core.controls.Axis;
import app.drachen.core.demo.DemoAircraft;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PrintsTest {
    private sealed interface Shape permits Round {}

    private record Round(double radius) implements Shape {}

    private record Pair(int second, double first, Optional<String> third, List<Integer> fourth) {}

    /** The records of the same thing with components in another order and one that nobody has filled yet. */
    private record Renewed(OptionalDouble fifth, double first, List<Integer> fourth, int second) {}

    @Test
    void textIsByNameWithoutWhatIsEmpty() {
        String text = Canonical.text(new Pair(2, -0.0, Optional.empty(), List.of(1, 2)));
        assertEquals("{\"first\":0.0,\"fourth\":[1,2],\"second\":2}", text);
        assertEquals(text, Canonical.text(new Renewed(OptionalDouble.empty(), 0.0, List.of(1, 2), 2)));
        assertEquals("{\"\":\"Round\",\"radius\":0.1}", Canonical.text(new Round(0.1)), "which of a sealed family");
        assertEquals(
                "{\"a\":\"ROLL\",\"b\":{\"c\":true}}",
                Canonical.text(new TreeMap<>(Map.of("b", Map.of("c", true), "a", Axis.ROLL))));
        assertEquals("\"a\\u0022\\u000a\\u005c\"", Canonical.text("a\"\n\\"));
        assertThrows(IllegalArgumentException.class, () -> Canonical.text(new Object()));
    }

    /** The first 64 bits of SHA-256 of "{"period":7.0}", taken with the command sha256sum. */
    @Test
    void printsAreThoseOfTheStandard() {
        Setup setup = DemoAircraft.rochen();
        Gains g = setup.gains();
        // prints of before were taken over the period of the path loop, which a look-ahead time makes again
        double ahead = 7 * Math.sqrt(2) / (2 * Math.PI);
        Setup known = setup.withGains(
                new Gains(g.roll(), g.pitch(), g.yawRate(), g.heightGain(), g.climbGain(), g.speedGain(), ahead));
        assertEquals("79a20e631e42ca55", Prints.of(known).of(Facet.PATH_GAINS));
        assertEquals(List.copyOf(Prints.of(known).differing(Prints.of(setup))), Facet.differing(known, setup));
    }
}
