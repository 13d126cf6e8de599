package app.drachen.core.calc;

import java.util.Map;

/**
 * The inputs of a calculation by name.
 *
 * @param values in SI; an optional input that is not given is absent
 */
public record Given(Map<String, Double> values) {
    public Given {
        values = Map.copyOf(values);
    }

    /**
     * An input.
     *
     * @param name its name
     * @return its value [SI unit of the input]
     */
    public double at(String name) {
        Double value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException(name + " is missing");
        }
        return value;
    }

    /** Whether an optional input is given. */
    public boolean has(String name) {
        return values.containsKey(name);
    }
}
