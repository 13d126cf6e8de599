package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.core.demo.DemoField;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import picocli.CommandLine.Option;

/** Options that describe the air on the command line. */
final class AirOptions {
    @Option(
            names = "--temperature",
            paramLabel = "TEMP",
            description = "air temperature in °C (default: that of --field, or 14)")
    private String temperature;

    @Option(
            names = "--pressure",
            paramLabel = "HPA",
            description = "air pressure at the field (default: that of --field, or 1012)")
    private String pressure;

    /** The field with this air over it. */
    Field over(Field field) {
        return field.withAir(
                temperature == null ? field.temperature() : Quantity.TEMPERATURE.parse(temperature, UnitSystem.METRIC),
                pressure == null ? field.pressure() : Quantity.PRESSURE.parse(pressure, UnitSystem.METRIC));
    }

    /**
     * Density of this air, wherever it lies; the field checks its range.
     *
     * @return [kg/m³]
     */
    double density() {
        return over(DemoField.evening()).density();
    }
}
