package app.drachen.files.standin;

import app.drachen.core.signals.Value;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Lines of the stand-in sender: {@code {"t": 12.3, "values": {"height": 88.2, "pack-volts": 15.9}, "standIn": true}}, time since the begin
 * [s], values in SI units, what is not known left out.
 *
 * @param time since the begin [s]
 * @param values by what they are [SI unit of each]
 */
public record ValueLines(double time, Map<Value, Double> values) {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    public ValueLines {
        values = Map.copyOf(values);
    }

    /** How a value is called in a line. */
    public static String name(Value value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** One line. */
    public String text() {
        ObjectNode line = MAPPER.createObjectNode().put("t", time);
        ObjectNode all = line.putObject("values");
        for (Value value : Value.values()) {
            Double read = values.get(value);
            if (read != null) {
                all.put(name(value), read);
            }
        }
        return line.put(StandInLines.STAND_IN, true).toString();
    }

    /** Reads a line; empty for one that is broken or half, which tells nothing. */
    public static Optional<ValueLines> read(String line) {
        try {
            JsonNode read = MAPPER.readTree(line);
            JsonNode time = read == null ? null : read.get("t");
            if (time == null || !time.isNumber() || !Double.isFinite(time.asDouble())) {
                return Optional.empty();
            }
            Map<Value, Double> values = new EnumMap<>(Value.class);
            for (Value value : Value.values()) {
                JsonNode one = read.path("values").path(name(value));
                if (one.isNumber() && Double.isFinite(one.asDouble())) {
                    values.put(value, one.asDouble());
                }
            }
            return Optional.of(new ValueLines(time.asDouble(), values));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }
}
