package app.drachen.core.draft;

import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Wing;
import java.util.List;
import java.util.Optional;

/**
 * Generic wing sections, described by their camber and thickness.
 *
 * <p>Source: zero-lift angle −2f and moment −πf of thin-airfoil theory for a circular arc of camber f (Anderson 2016,
 * §4.8: α₀ = −2f, c_m¼ = −πf), both times 0.9 for viscosity; greatest lift and least drag common practice at a Reynolds
 * number of 200,000, from memory.
 */
public final class SectionLibrary {
    private SectionLibrary() {}

    /** How much of the lift of thin-airfoil theory a real section keeps [-]. */
    private static final double KEPT = 0.9;

    /**
     * A generic section.
     *
     * @param name in figures
     * @param section its data
     */
    public record Generic(String name, Section section) {}

    /** A section of circular camber [-] with a greatest lift, its spread, and least drag. */
    private static Generic arc(String name, double camber, double lift, double spread, double drag) {
        return new Generic(name, new Section(-2 * camber * KEPT, lift, spread, -Math.PI * camber * KEPT, drag));
    }

    /** All generic sections. */
    public static final List<Generic> ALL = List.of(
            arc("flat plate, 3 % thick", 0, 0.75, 0.10, 0.018),
            arc("symmetrical, 10 % thick", 0, 1.0, 0.12, 0.012),
            arc("cambered 1.5 %, 8 % thick: fast", 0.015, 1.05, 0.10, 0.010),
            arc("cambered 2.5 %, 10 % thick", 0.025, 1.2, 0.10, 0.011),
            arc("cambered 4 %, 12 % thick: slow", 0.04, 1.35, 0.12, 0.014),
            arc("cambered 6 %, 9 % thick: folded plate", 0.06, 1.4, 0.15, 0.020),
            new Generic("reflexed, 9 % thick: flying wing", new Section(-0.012, 1.05, 0.12, 0.005, 0.012)));

    /** Which generic section a wing has, if it has one. */
    public static Optional<Generic> of(Wing wing) {
        return ALL.stream().filter(g -> g.section().equals(wing.section())).findFirst();
    }
}
