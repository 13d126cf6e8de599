package app.drachen.desktop.widget;

import app.drachen.core.air.Field;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;

/** The field of the day in one line. */
public final class Fields {
    private Fields() {}

    /** Place, wind, air and limit. */
    public static String line(Field field, UnitSystem units) {
        return field.name()
                + " · "
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
