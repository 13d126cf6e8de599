package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * What is known and seen to of a device.
 *
 * @param known where its figures come from
 * @param serial number that stands on it; empty where nobody noted it
 * @param version of its software; empty where nobody noted it
 * @param air whether air flows past it
 * @param thermometer whether its temperature is measured in flight
 * @param touched whether it stayed cool enough to touch after a full-power run
 * @param heat that it gives off at work [W], 0 to 500; 0 where nobody knows
 */
public record Care(
        Known known, String serial, String version, boolean air, boolean thermometer, boolean touched, double heat) {
    public Care {
        Ranges.require("heat of a device", heat, 0, 500, "W");
    }

    /** Where figures come from. */
    public enum Known {
        TYPICAL("typical of its kind"),
        GUESSED("guessed"),
        SHEET("from its data sheet"),
        MEASURED("measured");

        private final String label;

        Known(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Nothing noted yet. */
    public static final Care NOT_YET = new Care(Known.TYPICAL, "", "", false, false, false, 0);

    /** The same with air past it. */
    public Care withAir() {
        return new Care(known, serial, version, true, thermometer, touched, heat);
    }

    /** The same, found to stay cool enough to touch after a full-power run. */
    public Care withTouched() {
        return new Care(known, serial, version, air, thermometer, true, heat);
    }

    /** The same with other figures behind it. */
    public Care withKnown(Known newKnown) {
        return new Care(newKnown, serial, version, air, thermometer, touched, heat);
    }
}
