package app.drachen.core.draft;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** The other side of parts that lie beside the middle. */
public final class Mirrored {
    /** What lies nearer to the middle has no other side [m]. */
    public static final double BESIDE = 0.001;

    private Mirrored() {}

    /** The name a part has on the other side: left and right exchanged, or the name of its own. */
    static String other(String name) {
        return name.contains("left")
                ? name.replace("left", "right")
                : name.contains("right") ? name.replace("right", "left") : name;
    }

    /** The part on the other side that belongs to a part: by its name, or of the same kind and mass where it should be. */
    static Optional<Part> twin(Setup setup, Part part) {
        Optional<Part> named =
                setup.part(other(part.name())).filter(p -> !p.name().equals(part.name()));
        return named.or(() -> setup.parts().stream()
                .filter(p -> !p.name().equals(part.name())
                        && p.kind() == part.kind()
                        && p.position().right() * part.position().right() < 0
                        && Math.abs(p.mass() - part.mass()) < 0.2 * part.mass()
                        && Math.abs(p.position().right() + part.position().right()) < 0.05
                        && Math.abs(p.position().aft() - part.position().aft()) < 0.05)
                .findFirst());
    }

    /**
     * The set-up with what is on the other side of some parts where their mirror says: the twin is moved there, or made.
     *
     * @param names of the parts that stay
     */
    public static Setup of(Setup setup, Collection<String> names) {
        Setup now = setup;
        for (String name : names) {
            Optional<Part> part =
                    now.part(name).filter(p -> Math.abs(p.position().right()) >= BESIDE);
            if (part.isPresent()) {
                now = mirrored(now, part.get());
            }
        }
        return now;
    }

    private static Setup mirrored(Setup setup, Part part) {
        Position p = part.position();
        Position there = new Position(p.aft(), -p.right(), p.up());
        Optional<Part> twin = twin(setup, part);
        if (twin.isPresent()) {
            return setup.withPart(twin.get().name(), t -> t.at(there));
        }
        List<Part> parts = new ArrayList<>(setup.parts());
        parts.add(new Part(PartLibrary.name(setup, other(part.name())), part.kind(), part.mass(), there));
        return setup.withParts(parts);
    }
}
