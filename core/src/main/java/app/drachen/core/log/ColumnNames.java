package app.drachen.core.log;

import java.util.Optional;

/**
 * Which column a foreign header means, from its words and its unit. Plain words of the trade in English and a few in
 * German; what is not recognised is left to the pilot.
 */
final class ColumnNames {
    private final HeaderWords header;

    private ColumnNames(HeaderWords header) {
        this.header = header;
    }

    /** The column a header means; outputs without a number come as output 1. */
    static Optional<LogColumn> of(HeaderWords header) {
        return new ColumnNames(header).find();
    }

    private boolean has(String... words) {
        return header.has(words);
    }

    private boolean unitOf(LogColumn column) {
        return !header.unit().isEmpty() && Scales.byName(column, header.unit()).isPresent();
    }

    private Optional<LogColumn> find() {
        if (has("raw", "std", "sigma", "variance", "error", "err", "integral", "accuracy", "bias")) {
            return Optional.empty();
        }
        if (has("leg", "wp", "waypoint", "waypoints", "wegpunkt")) {
            return has("distance", "dist", "bearing") ? Optional.empty() : Optional.of(LogColumn.LEG);
        }
        if (has("acc", "accel", "acceleration", "accelerometer", "beschleunigung", "ax", "ay", "az")) {
            return acceleration();
        }
        if (has("nz", "load") && !has("cpu", "system")) {
            return Optional.of(LogColumn.LOAD_FACTOR);
        }
        if (has("want", "wanted", "target", "desired", "demand", "demanded", "setpoint", "sp", "cmd", "commanded")
                || has("soll", "ref", "reference", "goal", "command")) {
            return wanted();
        }
        if (has("mode", "flightmode", "modus", "betriebsart") && !has("gps", "fix")) {
            return Optional.of(LogColumn.MODE);
        }
        if (has("stick", "sticks", "rc", "rcin", "tx", "pilot", "input", "knueppel", "lever", "transmitter")) {
            return stick();
        }
        boolean surface = has("aileron", "ailerons", "ail", "elevator", "elev", "rudder", "rud", "elevon", "flap")
                || has("flaps", "flaperon", "querruder", "hoehenruder", "seitenruder", "ruddervator");
        if (surface
                || has("out", "output", "outputs", "servo", "srv", "pulse", "pwm", "surface", "actuator", "rcout")
                || has("ch", "channel") && has("out")) {
            return output();
        }
        return motion();
    }

    private Optional<LogColumn> motion() {
        // "vitesse de roulis" is a rate of turn
        boolean turning = has("speed", "velocity") && has("roll", "pitch", "yaw");
        boolean rate = turning
                || has("rate", "rates", "gyro", "gyr", "gyroscope", "omega", "angular", "drehrate")
                || header.unit().matches(".*(deg|°|rad|dps).*") && header.unit().matches(".*(/s|ps|/sec|ds|gs)$");
        if (rate && !has("climb", "vertical", "sink", "rssi", "update", "frame", "data", "heart")) {
            Optional<LogColumn> found =
                    axis(LogColumn.ROLL_RATE, LogColumn.PITCH_RATE, LogColumn.YAW_RATE, "x", "y", "z");
            if (found.isPresent() || has("turn")) {
                return found.or(() -> Optional.of(LogColumn.YAW_RATE));
            }
        }
        if (header.words().size() == 1 && has("p", "q", "r")) {
            return Optional.of(has("p") ? LogColumn.ROLL_RATE : has("q") ? LogColumn.PITCH_RATE : LogColumn.YAW_RATE);
        }
        return place().or(this::speed).or(this::attitude).or(this::supply).or(this::time);
    }

    private Optional<LogColumn> time() {
        boolean alone = header.words().isEmpty() && unitOf(LogColumn.TIME);
        boolean named = has("time", "timestamp", "t", "zeit", "uhrzeit", "clock", "utc", "elapsed", "sekunden", "tow")
                || has("datetime", "seconds", "millis", "micros", "timestamps", "zeitstempel", "ts", "uptime");
        return alone || named && !has("delay", "on", "left", "remaining")
                ? Optional.of(LogColumn.TIME)
                : Optional.empty();
    }

    private Optional<LogColumn> acceleration() {
        if (has("x", "ax", "forward", "longitudinal")) {
            return Optional.of(LogColumn.ACCELERATION_X);
        }
        if (has("y", "ay", "right", "lateral")) {
            return Optional.of(LogColumn.ACCELERATION_Y);
        }
        return has("z", "az", "down", "normal", "vertical") ? Optional.of(LogColumn.ACCELERATION_Z) : Optional.empty();
    }

    private Optional<LogColumn> axis(
            LogColumn roll, LogColumn pitch, LogColumn yaw, String first, String second, String third) {
        if (has("roll", "bank", "phi", "rollen", "querlage", first)) {
            return Optional.of(roll);
        }
        if (has("pitch", "theta", "nick", "nicken", second)) {
            return Optional.of(pitch);
        }
        return has("yaw", "heading", "hdg", "psi", "gieren", third) ? Optional.of(yaw) : Optional.empty();
    }

    private Optional<LogColumn> wanted() {
        if (has("alt", "altitude", "height", "hoehe")) {
            return Optional.of(LogColumn.WANTED_HEIGHT);
        }
        if (has("airspeed", "speed", "aspd", "ias", "tas", "air")) {
            return Optional.of(LogColumn.WANTED_AIRSPEED);
        }
        if (has("rate", "throttle", "climb")) {
            return Optional.empty();
        }
        return axis(LogColumn.WANTED_ROLL, LogColumn.WANTED_PITCH, LogColumn.WANTED_HEADING, "roll", "pitch", "course");
    }

    private Optional<LogColumn> stick() {
        if (has("throttle", "thr", "power", "gas", "motor", "throt")) {
            return Optional.of(LogColumn.STICK_POWER);
        }
        if (has("roll", "ail", "aileron", "ailerons", "querruder")) {
            return Optional.of(LogColumn.STICK_ROLL);
        }
        if (has("pitch", "ele", "elev", "elevator", "hoehenruder")) {
            return Optional.of(LogColumn.STICK_PITCH);
        }
        return has("yaw", "rud", "rudder", "seitenruder") ? Optional.of(LogColumn.STICK_YAW) : Optional.empty();
    }

    private Optional<LogColumn> output() {
        if (has("throttle", "thr", "motor", "esc", "gas", "power")) {
            return Optional.of(LogColumn.POWER);
        }
        if (has("voltage", "volt", "current", "temp", "temperature")
                || unitOf(LogColumn.VOLTS)
                || unitOf(LogColumn.AMPS)) {
            return Optional.empty();
        }
        int number = header.number();
        return number == 0 ? Optional.of(LogColumn.OUT_1) : LogColumn.output(number);
    }

    private Optional<LogColumn> place() {
        if (has("lat", "latitude", "breite", "breitengrad")) {
            return Optional.of(LogColumn.LATITUDE);
        }
        if (has("lon", "lng", "long", "longitude", "laenge", "laengengrad")) {
            return Optional.of(LogColumn.LONGITUDE);
        }
        if (has("wind")) {
            boolean north = has("north", "n", "nord");
            return north || has("east", "e", "ost")
                    ? Optional.of(north ? LogColumn.WIND_NORTH : LogColumn.WIND_EAST)
                    : Optional.empty();
        }
        boolean climbing = has("vertical", "vert") && has("speed", "velocity", "rate", "vel");
        if (climbing || has("climb", "vario", "variometer", "vspeed", "vz", "vs", "sink", "steigen", "varios", "roc")) {
            return Optional.of(LogColumn.CLIMB);
        }
        if (has("distance", "dist", "bearing", "geoid", "undulation")) {
            return Optional.empty();
        }
        boolean length = header.unit().isEmpty() || unitOf(LogColumn.HEIGHT);
        if (length && has("north", "nord", "northing") && !has("speed", "velocity")) {
            return Optional.of(LogColumn.NORTH);
        }
        if (length && has("east", "ost", "easting") && !has("speed", "velocity")) {
            return Optional.of(LogColumn.EAST);
        }
        boolean height =
                has("alt", "altitude", "height", "hoehe", "hgt", "elevation", "agl", "qfe", "msl", "amsl", "ele");
        if (length && (height || has("baro") && unitOf(LogColumn.HEIGHT))) {
            boolean absolute = has("gps", "gnss", "sat", "satellite", "msl", "amsl", "absolute", "abs", "wgs", "ele");
            return Optional.of(absolute || has("elevation") ? LogColumn.SATELLITE_HEIGHT : LogColumn.HEIGHT);
        }
        return Optional.empty();
    }

    private Optional<LogColumn> speed() {
        if (has("airspeed", "ias", "tas", "eas", "aspd", "fahrt") || has("air") && unitOrNone(LogColumn.AIRSPEED)) {
            return has("pressure", "temp", "temperature") ? Optional.empty() : Optional.of(LogColumn.AIRSPEED);
        }
        boolean fast = has("speed", "velocity", "spd", "geschwindigkeit", "vel");
        if (has("groundspeed", "gspd", "gs", "sog", "gspeed", "vground") || fast && !has("north", "east", "wind")) {
            return has("rotation", "motor", "prop", "rotor", "down")
                    ? Optional.empty()
                    : Optional.of(LogColumn.GROUND_SPEED);
        }
        return has("course", "track", "cog", "kurs", "crs") ? Optional.of(LogColumn.COURSE) : Optional.empty();
    }

    private boolean unitOrNone(LogColumn column) {
        return header.unit().isEmpty() || unitOf(column);
    }

    private Optional<LogColumn> attitude() {
        if (has("compass", "mag", "magnetic") && !has("x", "y", "z")) {
            return Optional.of(LogColumn.HEADING);
        }
        return unitOrNone(LogColumn.ROLL)
                ? axis(LogColumn.ROLL, LogColumn.PITCH, LogColumn.HEADING, "roll", "pitch", "yaw")
                : Optional.empty();
    }

    private Optional<LogColumn> supply() {
        boolean other =
                has("cell", "cells", "rx", "receiver", "servo", "rail", "bec", "vcc", "remaining", "board", "min");
        boolean pack = has("battery", "batt", "bat", "pack", "akku", "main", "vbat", "vbatt", "vpack");
        if (!other
                && (has("voltage", "volt", "volts", "vbat", "vbatt", "spannung", "vpack")
                        || pack && unitOf(LogColumn.VOLTS))) {
            return Optional.of(LogColumn.VOLTS);
        }
        if (!other
                && (has(
                                "consumed",
                                "used",
                                "charge",
                                "capacity",
                                "drawn",
                                "verbrauch",
                                "mah",
                                "consumption",
                                "verbraucht")
                        || unitOf(LogColumn.CHARGE) && !header.unit().equals("c"))) {
            return Optional.of(LogColumn.CHARGE);
        }
        if (has("current", "curr", "amp", "amps", "strom", "amperage", "ibat") || pack && unitOf(LogColumn.AMPS)) {
            return Optional.of(LogColumn.AMPS);
        }
        boolean radio = has("rssi", "signal", "strength", "link", "radio", "rx");
        if (has("lq") || radio && (has("quality") || unitOf(LogColumn.LINK)) && !has("gps", "gnss")) {
            return Optional.of(LogColumn.LINK);
        }
        if (has("rssi", "signal", "strength", "link") && !has("snr", "lost", "gps", "gnss")) {
            return Optional.of(LogColumn.STRENGTH);
        }
        if (has("fix") && !has("time", "lat", "lon", "age")) {
            return Optional.of(LogColumn.FIX);
        }
        if (has("helper", "autotune", "autotrim", "helfer")) {
            return Optional.of(LogColumn.HELPER);
        }
        if (has("sat", "sats", "satellites", "numsat", "nsat", "satelliten", "numsats", "nsats")) {
            return Optional.of(LogColumn.SATELLITES);
        }
        if (has("hdop")) {
            return Optional.of(LogColumn.DILUTION);
        }
        if (has("armed", "arm", "scharf")) {
            return Optional.of(LogColumn.ARMED);
        }
        if (has("rpm", "drehzahl") || header.unit().equals("rpm")) {
            return Optional.of(LogColumn.ROTATION);
        }
        if (has("temp", "temperature", "temperatur")) {
            return has("motor")
                    ? Optional.of(LogColumn.MOTOR_TEMPERATURE)
                    : has("esc", "controller", "regler")
                            ? Optional.of(LogColumn.CONTROLLER_TEMPERATURE)
                            : Optional.empty();
        }
        return has("throttle", "thr", "power", "gas") && (header.unit().isEmpty() || unitOf(LogColumn.POWER))
                ? Optional.of(LogColumn.POWER)
                : Optional.empty();
    }
}
