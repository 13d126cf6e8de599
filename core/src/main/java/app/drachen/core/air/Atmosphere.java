package app.drachen.core.air;

import app.drachen.core.units.Ranges;

/**
 * Standard atmosphere of the troposphere, and density from a measured temperature and pressure.
 *
 * <p>Source: ISO 2533:1975 / ICAO Doc 7488/3 (1993). Holds from −2 000 to 11 000 m geopotential
 * height; dry air taken as a perfect gas; exact to the table's last digit.
 */
public final class Atmosphere {
    /** Specific gas constant of dry air [J/(kg K)]. */
    public static final double GAS_CONSTANT = 287.05287;

    /** Standard gravity [m/s²]. */
    public static final double GRAVITY = 9.80665;

    /** Sea-level density [kg/m³]. */
    public static final double SEA_LEVEL_DENSITY = 1.225;

    private static final double T0 = 288.15;
    private static final double P0 = 101_325;
    private static final double LAPSE = -0.0065;

    private Atmosphere() {}

    /**
     * Standard temperature.
     *
     * @param height geopotential height [m], −2 000 to 11 000
     * @return temperature [K], 216 to 302
     * @throws IllegalArgumentException outside the range
     */
    public static double temperature(double height) {
        return T0 + LAPSE * Ranges.require("height", height, -2_000, 11_000, "m");
    }

    /**
     * Standard pressure.
     *
     * @param height geopotential height [m], −2 000 to 11 000
     * @return pressure [Pa], above 20 000
     * @throws IllegalArgumentException outside the range
     */
    public static double pressure(double height) {
        return P0 * Math.pow(temperature(height) / T0, -GRAVITY / (GAS_CONSTANT * LAPSE));
    }

    /**
     * Density of dry air.
     *
     * @param temperature [K], 180 to 350
     * @param pressure [Pa], 10 000 to 120 000
     * @return density [kg/m³], above 0
     * @throws IllegalArgumentException outside the ranges
     */
    public static double density(double temperature, double pressure) {
        Ranges.require("temperature", temperature, 180, 350, "K");
        Ranges.require("pressure", pressure, 10_000, 120_000, "Pa");
        return pressure / (GAS_CONSTANT * temperature);
    }

    /**
     * Speed of sound in dry air taken as a perfect gas, a = √(κ·R·T).
     *
     * @param temperature static air temperature [K], 180 to 350
     * @return speed of sound [m/s], above 0
     * @throws IllegalArgumentException outside the range
     */
    public static double speedOfSound(double temperature) {
        return Math.sqrt(1.4 * GAS_CONSTANT * Ranges.require("temperature", temperature, 180, 350, "K"));
    }
}
