package app.drachen.core.setup;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * The fingerprints of the facets of one set-up, each taken when it is first asked for. Two set-ups agree in a facet if and only if its
 * prints are equal. For any thread.
 *
 * <p>Source: SHA-256 (FIPS 180-4) of the facet's named fields as canonical JSON, first 64 bits in hexadecimal.
 */
public final class Prints {
    /**
     * Version of what is printed. To be raised when a landed change of the set-up alters the text of a facet: the hangar
     * then prints all its revisions anew, and every proof takes the prints of the revision it was gained at, so that
     * nothing goes stale by it.
     */
    public static final int VERSION = 2;

    private final Function<Facet, String> print;
    private final Map<Facet, String> taken = Collections.synchronizedMap(new EnumMap<>(Facet.class));

    private Prints(Function<Facet, String> print) {
        this.print = print;
    }

    /** Prints that were kept, one for each facet. */
    public Prints(Map<Facet, String> kept) {
        this(new EnumMap<>(kept)::get);
    }

    /** The prints of a set-up. */
    public static Prints of(Setup setup) {
        return new Prints(facet -> of(facet, setup));
    }

    /** The print of every facet, in their order. */
    public Map<Facet, String> byFacet() {
        Map<Facet, String> all = new EnumMap<>(Facet.class);
        for (Facet facet : Facet.values()) {
            all.put(facet, of(facet));
        }
        return all;
    }

    /** The print of one facet of a set-up. */
    static String of(Facet facet, Setup setup) {
        try {
            byte[] text = Canonical.text(facet.fields(setup)).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text), 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** The print of a facet. */
    public String of(Facet facet) {
        return taken.computeIfAbsent(facet, print);
    }

    /** The facets in which another set-up differs. */
    public Set<Facet> differing(Prints other) {
        Set<Facet> differing = EnumSet.noneOf(Facet.class);
        for (Facet facet : Facet.values()) {
            if (!of(facet).equals(other.of(facet))) {
                differing.add(facet);
            }
        }
        return differing;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Prints prints && differing(prints).isEmpty();
    }

    @Override
    public int hashCode() {
        return byFacet().hashCode();
    }
}
