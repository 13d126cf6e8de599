package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.core.demo.DemoField;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Options that describe the field on the command line. */
final class FieldOptions {
    @Option(
            names = "--wind",
            paramLabel = "SPEED@FROM",
            description =
                    "mean wind at 10 m and where it comes from, such as 4@250 or 8km/h@250 (default: ${DEFAULT-VALUE})",
            defaultValue = "2@250")
    private String wind;

    @Option(names = "--gust", paramLabel = "SPEED", description = "gust speed; default 1 m/s above the wind")
    private String gust;

    @Mixin
    private AirOptions air;

    Field field() {
        String[] parts = wind.split("@");
        if (parts.length != 2) {
            throw new IllegalArgumentException("--wind " + wind + ": write speed@direction, such as 4@250");
        }
        double speed = Quantity.SPEED.parse(parts[0], UnitSystem.METRIC);
        double from = Quantity.BEARING.parse(parts[1], UnitSystem.METRIC);
        double most = gust == null ? speed + 1 : Quantity.SPEED.parse(gust, UnitSystem.METRIC);
        if (most < speed) {
            throw new IllegalArgumentException("--gust " + gust + ": gusts are not below the wind");
        }
        return air.over(DemoField.evening().withWind(speed, from, most));
    }
}
