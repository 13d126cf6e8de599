package app.drachen.core.air;

import app.drachen.core.units.Ranges;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where and in what weather a flight happens.
 *
 * @param name the place
 * @param wind mean wind speed at the measuring height [m/s], 0 to 30
 * @param windFrom direction the wind comes from, true [rad], 0 to 2π
 * @param gust gust speed at the measuring height [m/s], not below the wind, to 45
 * @param windHeight height at which the wind was measured [m], 1 to 100
 * @param temperature air temperature [K], 240 to 325
 * @param pressure air pressure at the field, not reduced to sea level [Pa], 60 000 to 108 000
 * @param stripHeading heading of the strip in landing direction, true [rad], 0 to 2π
 * @param stripLength usable length [m], 5 to 3 000
 * @param heightLimit limit above ground by local rules, if entered
 * @param obstacles what stands on the way home
 * @param surveyed whether somebody looked what stands there: only then does an empty list say that nothing does
 * @param day on which wind and gusts were measured there; empty if nobody did
 * @param ground how high the ground rises around home, if heights were read
 */
public record Field(
        String name,
        double wind,
        double windFrom,
        double gust,
        double windHeight,
        double temperature,
        double pressure,
        double stripHeading,
        double stripLength,
        Optional<HeightLimit> heightLimit,
        List<Obstacle> obstacles,
        boolean surveyed,
        Optional<LocalDate> day,
        Optional<Ground> ground) {
    /** Exponent of the wind profile over open ground (IEC 61400-1), between 0.14 and 0.25. */
    public static final double WIND_EXPONENT = 0.20;

    public Field {
        Ranges.requireText("name", name);
        Ranges.require("wind", wind, 0, 30, "m/s");
        Ranges.require("wind direction", windFrom, 0, 2 * Math.PI, "rad");
        Ranges.require("gust", gust, wind, 45, "m/s");
        Ranges.require("wind height", windHeight, 1, 100, "m");
        Ranges.require("temperature", temperature, 240, 325, "K");
        Ranges.require("pressure", pressure, 60_000, 108_000, "Pa");
        Ranges.require("strip heading", stripHeading, 0, 2 * Math.PI, "rad");
        Ranges.require("strip length", stripLength, 5, 3_000, "m");
        obstacles = List.copyOf(obstacles);
    }

    /** A field of which no heights of the ground were read. */
    public Field(
            String name,
            double wind,
            double windFrom,
            double gust,
            double windHeight,
            double temperature,
            double pressure,
            double stripHeading,
            double stripLength,
            Optional<HeightLimit> heightLimit,
            List<Obstacle> obstacles,
            boolean surveyed,
            Optional<LocalDate> day) {
        this(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                temperature,
                pressure,
                stripHeading,
                stripLength,
                heightLimit,
                obstacles,
                surveyed,
                day,
                Optional.empty());
    }

    /**
     * A height limit and who says so.
     *
     * @param height above ground [m], 10 to 2 000
     * @param source the rule and its date, as the pilot entered it
     */
    public record HeightLimit(double height, String source) {
        public HeightLimit {
            Ranges.require("height limit", height, 10, 2_000, "m");
            Ranges.requireText("source of the height limit", source);
        }
    }

    /**
     * Air density at the field.
     *
     * @return [kg/m³]
     */
    public double density() {
        return Atmosphere.density(temperature, pressure);
    }

    /**
     * Mean wind at a height by the power law w₂ = w₁(h₂/h₁)^α.
     *
     * <p>Source: IEC 61400-1, normal wind profile; α 0.20, and 0.14 to 0.25 by roughness. Below 1 m
     * the value at 1 m is used.
     *
     * @param height above ground [m], any
     * @return wind speed [m/s], not negative
     */
    public double windAt(double height) {
        return wind * profile(height);
    }

    /**
     * Gust speed at a height, with the mean wind's profile.
     *
     * @param height above ground [m], any
     * @return gust speed [m/s], not negative
     */
    public double gustAt(double height) {
        return windAt(height) + (gust - wind);
    }

    private double profile(double height) {
        return Math.pow(Math.max(height, 1) / windHeight, WIND_EXPONENT);
    }

    /**
     * The same field in other weather; the gust is raised where it would lie below the wind.
     *
     * @param newWind mean wind at the measuring height [m/s]
     * @param newWindFrom where it comes from, true [rad]
     * @param newGust gust at the measuring height [m/s]
     */
    public Field withWind(double newWind, double newWindFrom, double newGust) {
        return new Field(
                name,
                newWind,
                newWindFrom,
                Math.max(newWind, newGust),
                windHeight,
                temperature,
                pressure,
                stripHeading,
                stripLength,
                heightLimit,
                obstacles,
                surveyed,
                day,
                ground);
    }

    /**
     * The same field with another temperature and pressure.
     *
     * @param newTemperature [K]
     * @param newPressure at the field [Pa]
     */
    public Field withAir(double newTemperature, double newPressure) {
        return new Field(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                newTemperature,
                newPressure,
                stripHeading,
                stripLength,
                heightLimit,
                obstacles,
                surveyed,
                day,
                ground);
    }

    /**
     * The same field with another strip and height limit.
     *
     * @param heading in landing direction, true [rad]
     * @param length usable [m]
     */
    public Field withStrip(double heading, double length, Optional<HeightLimit> limit) {
        return new Field(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                temperature,
                pressure,
                heading,
                length,
                limit,
                obstacles,
                surveyed,
                day,
                ground);
    }

    /** The same field; its wind and gusts were measured on a day. */
    public Field measured(LocalDate on) {
        return new Field(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                temperature,
                pressure,
                stripHeading,
                stripLength,
                heightLimit,
                obstacles,
                surveyed,
                Optional.of(on),
                ground);
    }

    /**
     * The same field with what stands on the way home.
     *
     * @param looked whether somebody looked: then an empty list says that there is nothing
     */
    public Field withObstacles(List<Obstacle> seen, boolean looked) {
        return new Field(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                temperature,
                pressure,
                stripHeading,
                stripLength,
                heightLimit,
                seen,
                looked,
                day,
                ground);
    }

    /** The same field with other heights of the ground, or none. */
    public Field withGround(Optional<Ground> read) {
        return new Field(
                name,
                wind,
                windFrom,
                gust,
                windHeight,
                temperature,
                pressure,
                stripHeading,
                stripLength,
                heightLimit,
                obstacles,
                surveyed,
                day,
                read);
    }

    /**
     * What stands on a way home: the obstacles, and the ground.
     *
     * @param from distance from home from which the ground matters [m]
     */
    public List<Obstacle> standing(double from) {
        List<Obstacle> all = new ArrayList<>(obstacles);
        ground.ifPresent(g -> all.addAll(g.standing(from)));
        return all;
    }
}
