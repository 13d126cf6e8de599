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

/**
 * The fingerprints of all facets of one set-up. Two set-ups agree in a facet if and only if its prints are equal.
 *
 * <p>Source: SHA-256 (FIPS 180-4) of the facet's named fields as canonical JSON, first 64 bits in hexadecimal.
 *
 * @param byFacet print of every facet
 */
public record Prints(Map<Facet, String> byFacet) {
    /**
     * Version of what is printed. To be raised when a landed change of the set-up alters the text of a facet: the hangar
     * then prints all its revisions anew, and every proof takes the prints of the revision it was gained at, so that
     * nothing goes stale by it.
     */
    public static final int VERSION = 2;

    public Prints {
        byFacet = Collections.unmodifiableMap(new EnumMap<>(byFacet));
    }

    /** The prints of a set-up. */
    public static Prints of(Setup setup) {
        Map<Facet, String> prints = new EnumMap<>(Facet.class);
        for (Facet facet : Facet.values()) {
            prints.put(facet, of(facet, setup));
        }
        return new Prints(prints);
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
        return byFacet.get(facet);
    }

    /** The facets in which another set-up differs. */
    public Set<Facet> differing(Prints other) {
        Set<Facet> differing = EnumSet.noneOf(Facet.class);
        byFacet.forEach((facet, print) -> {
            if (!print.equals(other.of(facet))) {
                differing.add(facet);
            }
        });
        return differing;
    }
}
