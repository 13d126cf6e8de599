package app.drachen.files.json;

import app.drachen.core.setup.Components.Component;
import app.drachen.core.units.Quantity;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What each component of a set-up means and in which kind of number it is told, by the published schema. */
public final class SetupWords {
    private static final Pattern UNIT = Pattern.compile("\\[([^]]+)]");

    /** Where the unit alone does not tell. */
    private static final Map<String, Quantity> SPECIAL = Map.ofEntries(
            Map.entry("HomeProfile.height", Quantity.HEIGHT),
            Map.entry("HomeProfile.circleRadius", Quantity.DISTANCE),
            Map.entry("Limits.climbRate", Quantity.CLIMB),
            Map.entry("Selector.weight", Quantity.SHARE),
            Map.entry("Selector.offset", Quantity.SHARE),
            Map.entry("TailPanel.controlChordRatio", Quantity.SHARE));

    private static final Map<String, Quantity> BY_OWNER = Map.of(
            "Flap", Quantity.SHARE, "MixRow", Quantity.SHARE, "RadioTrims", Quantity.SHARE, "Rates", Quantity.SHARE);

    private static final Map<String, Quantity> BY_UNIT = Map.ofEntries(
            Map.entry("m", Quantity.LENGTH),
            Map.entry("rad", Quantity.ANGLE),
            Map.entry("kg", Quantity.MASS),
            Map.entry("m/s", Quantity.SPEED),
            Map.entry("µs", Quantity.PULSE),
            Map.entry("rad/(s V)", Quantity.SPEED_CONSTANT),
            Map.entry("Ω", Quantity.RESISTANCE),
            Map.entry("A", Quantity.CURRENT),
            Map.entry("C", Quantity.CHARGE),
            Map.entry("s", Quantity.TIME));

    private final JsonNode definitions;

    /** Reads the schema. */
    public SetupWords() {
        try (InputStream in = SetupWords.class.getResourceAsStream("setup.schema.json")) {
            definitions = new ObjectMapper().readTree(in).get("$defs");
        } catch (IOException e) {
            throw new UncheckedIOException("the schema of set-ups is missing from the program", e);
        }
    }

    /** What a component is, in a few words, with unit and range as the document has them. */
    public String meaning(Component component) {
        String owner = component.owner();
        JsonNode told = definitions.path(owner).path("properties").path(component.name());
        int dot = owner.indexOf('.');
        if (told.isMissingNode() && dot > 0) {
            String kind = owner.substring(dot + 1).toLowerCase(Locale.ROOT);
            for (JsonNode one : definitions.path(owner.substring(0, dot)).path("oneOf")) {
                if (one.path("properties").path("kind").path("const").asText().equals(kind)) {
                    told = one.path("properties").path(component.name());
                }
            }
        }
        return told.path("description").asText();
    }

    /** What it is without unit and range: those stand beside the number in the pilot's own units. */
    public String plain(Component component) {
        return meaning(component).replaceAll("\\s*\\[[^]]*].*", "").replaceAll("\\s+", " ");
    }

    /** In which kind of number it is told. */
    public Quantity quantity(Component component) {
        Quantity special =
                SPECIAL.getOrDefault(component.owner() + "." + component.name(), BY_OWNER.get(component.owner()));
        if (special != null) {
            return special;
        }
        Matcher unit = UNIT.matcher(meaning(component));
        return unit.find() ? BY_UNIT.getOrDefault(unit.group(1), Quantity.NUMBER_FINE) : Quantity.NUMBER_FINE;
    }
}
