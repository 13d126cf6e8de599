package app.drachen.desktop.widget;

import app.drachen.core.air.Field;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import java.time.LocalDate;
import java.util.Optional;

/** The field of the day in one line. */
public final class Fields {
    private Fields() {}

    /** Place, wind and of which day if not of today, air and limit. */
    public static String line(Field field, UnitSystem units, LocalDate today) {
        String day = field.day().equals(Optional.of(today))
                ? ""
                : field.day().map(d -> "wind of " + d + ": ").orElse("wind not measured: ");
        return field.name()
                + " · "
                + day
                + Quantity.SPEED.text(field.wind(), units)
                + " from "
                + Quantity.BEARING.text(field.windFrom(), units)
                + ", gusts "
                + Quantity.SPEED.number(field.gust(), units)
                + " · "
                + Quantity.TEMPERATURE.text(field.temperature(), units)
                + " · "
                + Quantity.PRESSURE.text(field.pressure(), units)
                + field.heightLimit()
                        .map(l -> " · limit " + Quantity.HEIGHT.text(l.height(), units))
                        .orElse("");
    }
}
