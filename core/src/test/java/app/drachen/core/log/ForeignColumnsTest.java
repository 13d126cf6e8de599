package app.drachen.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeNames;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Headers, units and guesses for columns that other programs wrote. Headers here are made up. */
class ForeignColumnsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Roll rate (rad/s) | roll rate | rad/s",
                "rollRate[deg/s] | roll rate | deg/s",
                "gyro_x_rads | gyro x | rads",
                "Spannung (V) | voltage | v",
                "Höhe über Grund (m) | height ueber ground | m",
                "servo3 | servo 3 | ''",
                "Power % | power | pct",
                "Ground speed [km/h] | ground speed | km/h",
                "height | height | ''",
                "A | a | ''",
                "channel (aux) | channel | aux",
                "µs | us | ''"
            })
    void headersComeApart(String header, String words, String unit) {
        HeaderWords found = HeaderWords.of(header, "");
        assertEquals(words, String.join(" ", found.words()));
        assertEquals(unit, found.unit());
    }

    @Test
    void aRowOfUnitsBelowHasTheWord() {
        assertEquals("cm/s", HeaderWords.of("climb", "(cm/s)").unit());
        assertEquals(List.of("climb"), HeaderWords.of("climb", "(cm/s)").words());
    }

    /** Factors from the definitions: foot, inch and mile of 1959, nautical mile, °F by two fixed points. */
    @ParameterizedTest
    @CsvSource({
        "HEIGHT, ft, 1000, 304.8",
        "HEIGHT, cm, 250, 2.5",
        "AIRSPEED, km/h, 36, 10",
        "AIRSPEED, kn, 1, 0.514444444",
        "AIRSPEED, mph, 1, 0.44704",
        "CLIMB, ft/min, 196.8503937, 1",
        "CLIMB, m/s down, 3, -3",
        "ROLL, °, 180, 3.141592654",
        "ROLL, 0.01°, 9000, 1.570796327",
        "ROLL_RATE, °/s, 360, 6.283185307",
        "LATITUDE, 1e-7 °, 900000000, 1.570796327",
        "STICK_ROLL, µs, 2000, 1",
        "STICK_ROLL, %, -50, -0.5",
        "POWER, µs, 1000, 0",
        "POWER, −1…1, -1, 0",
        "OUT_1, %, 100, 2000",
        "VOLTS, mV, 12600, 12.6",
        "AMPS, 0.01 A, 250, 2.5",
        "CHARGE, mAh, 1000, 3600",
        "MOTOR_TEMPERATURE, °F, 32, 273.15",
        "MOTOR_TEMPERATURE, °F, 212, 373.15",
        "ROTATION, rpm, 60, 6.283185307",
        "ACCELERATION_X, g, 1, 9.80665",
        "TIME, µs, 2500000, 2.5"
    })
    void scalesMeetTheirDefinitions(LogColumn column, String symbol, double number, double si) {
        assertEquals(si, Scales.bySymbol(column, symbol).orElseThrow().toSi(number), 1e-8 * Math.max(1, Math.abs(si)));
    }

    @ParameterizedTest
    @EnumSource(LogColumn.class)
    void everyColumnHasItsScalesAndNamesMeanOneOfThem(LogColumn column) {
        List<Scale> scales = Scales.of(column);
        assertEquals(scales.get(0), Assignment.of(column).scale());
        assertEquals(
                scales.size(), scales.stream().map(Scale::symbol).distinct().count());
        List<String> names = scales.stream().flatMap(s -> s.names().stream()).toList();
        assertEquals(names.size(), names.stream().distinct().count(), "a name means one scale: " + names);
        assertEquals(Optional.empty(), Scales.byName(column, "furlong"));
        assertThrows(IllegalArgumentException.class, () -> new Scale("x", 0, 0, List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Scale("x", Double.NaN, 0, List.of()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Manual | MANUAL",
                "MANUELL | MANUAL",
                "self-levelling | LEVEL",
                "Return to home, holding height | HOME",
                "hold altitude | HOLD",
                "Circling | CIRCLE",
                "gyro damping | RATE",
                "Waypoints 3/7 | MISSION",
                "3 | ''",
                "beforehand | ''",
                "unknown | ''"
            })
    void modeWordsMeanModes(String name, String mode) {
        assertEquals(mode, ModeNames.of(name).map(FlightMode::name).orElse(""));
    }

    private static ForeignColumn column(String header, DoubleUnaryOperator value) {
        return new ForeignColumn(
                header,
                "",
                IntStream.range(0, 300)
                        .mapToDouble(i -> value.applyAsDouble(i * 0.1))
                        .toArray());
    }

    private static String guess(ForeignColumn... columns) {
        return Arrays.stream(ColumnGuess.of(List.of(columns)).columns().toArray(Optional[]::new))
                .map(o -> (Optional<?>) o)
                .map(o -> o.map(a -> ((Assignment) a).column().id() + " in "
                                + ((Assignment) a).scale().symbol())
                        .orElse("-"))
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
    }

    @Test
    void sizesDecideWhereNoUnitIsNamed() {
        assertEquals(
                "t in ms; roll in °; airspeed in m/s; volts in mV",
                guess(
                        column("time", t -> 1000 * t),
                        column("roll", t -> 40 * Math.sin(t)),
                        column("airspeed", t -> 12 + Math.sin(t)),
                        column("voltage", t -> 12_600 - 10 * t)));
        assertEquals(
                "t in s; roll in rad; volts in V",
                guess(
                        column("time", t -> t),
                        column("roll", t -> 0.7 * Math.sin(t)),
                        column("voltage", t -> 12.6 - 0.01 * t)));
        assertEquals(
                "t in µs; roll in 0.01°",
                guess(column("time", t -> 1e6 * t), column("roll", t -> Math.rint(4000 * Math.sin(t)))));
    }

    @Test
    void positionsTellTheUnitOfTheSpeed() {
        // 10 m/s north: a degree of latitude is 111.2 km
        ForeignColumn time = column("time", t -> t);
        ForeignColumn latitude = column("lat", t -> 54 + 10 * t / 111_200);
        ForeignColumn longitude = column("lon", t -> 8);
        assertTrue(guess(time, latitude, longitude, column("ground speed", t -> 36))
                .contains("groundSpeed in km/h"));
        assertTrue(guess(time, latitude, longitude, column("ground speed", t -> 10))
                .contains("groundSpeed in m/s"));
        assertTrue(guess(time, latitude, longitude, column("ground speed", t -> 1000))
                .contains("groundSpeed in cm/s"));
        assertTrue(guess(time, latitude, longitude, column("ground speed", t -> 19.44))
                .contains("groundSpeed in kn"));
    }

    @Test
    void noColumnIsTakenTwiceAndOwnHeadersAreTakenAsTheyAre() {
        String twice = guess(column("time", t -> t), column("height", t -> 50 + t), column("height 2", t -> 51 + t));
        assertEquals(
                1,
                Arrays.stream(twice.split("; "))
                        .filter(g -> g.startsWith("height"))
                        .count(),
                twice);
        String own = guess(
                column(LogColumn.TIME.header(), t -> t),
                column(LogColumn.ROLL.header(), t -> 60 * t),
                column("wobble", t -> t));
        assertEquals("t in s; roll in rad; -", own, "Drachen's own units are never guessed");
    }

    /** The same columns in five languages, with the words a dictionary gives. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TIME         | time (s)             | Zeit (s)                | Temps (s)                | Tiempo (s)                 | Tempo (s)",
                "HEIGHT       | altitude (m)         | Höhe (m)                | Hauteur (m)              | Altura (m)                 | Quota (m)",
                "AIRSPEED     | airspeed (m/s)       | Fluggeschwindigkeit (m/s) | Vitesse air (m/s)      | Velocidad aire (m/s)       | Velocità aria (m/s)",
                "GROUND_SPEED | ground speed (km/h)  | Geschwindigkeit (km/h)  | Vitesse sol (km/h)       | Velocidad suelo (km/h)     | Velocità suolo (km/h)",
                "CLIMB        | climb rate (m/s)     | Steigen (m/s)           | Vitesse verticale (m/s)  | Velocidad vertical (m/s)   | Velocità verticale (m/s)",
                "ROLL         | roll (deg)           | Rollwinkel (°)          | Roulis (°)               | Alabeo (°)                 | Rollio (°)",
                "PITCH        | pitch (deg)          | Nickwinkel (°)          | Tangage (°)              | Cabeceo (°)                | Beccheggio (°)",
                "HEADING      | heading (deg)        | Steuerkurs (°)          | Cap (°)                  | Rumbo (°)                  | Prua (°)",
                "ROLL_RATE    | roll rate (deg/s)    | Rollrate (°/s)          | Vitesse de roulis (°/s)  | Velocidad de alabeo (°/s)  | Velocità di rollio (°/s)",
                "VOLTS        | battery voltage (V)  | Akku Spannung (V)       | Tension batterie (V)     | Tensión batería (V)        | Tensione batteria (V)",
                "AMPS         | current (A)          | Strom (A)               | Courant (A)              | Corriente (A)              | Corrente (A)",
                "CHARGE       | used charge (mAh)    | Verbrauch (mAh)         | Consommation (mAh)       | Consumo (mAh)              | Consumo (mAh)",
                "MODE         | flight mode          | Flugmodus               | Mode de vol              | Modo de vuelo              | Modalità di volo",
                "STICK_ROLL   | aileron stick        | Querruder Knüppel       | Manche ailerons          | Palanca alerones           | Leva alettoni",
                "STICK_PITCH  | elevator stick       | Höhenruder Knüppel      | Manche profondeur        | Palanca profundidad        | Leva elevatore",
                "POWER        | throttle (%)         | Gas (%)                 | Gaz (%)                  | Acelerador (%)             | Manetta (%)",
                "LATITUDE     | latitude             | Breite                  | Latitude                 | Latitud                    | Latitudine",
                "LONGITUDE    | longitude            | Länge                   | Longitude                | Longitud                   | Longitudine",
                "LINK         | link quality (%)     | Verbindung Qualität (%) | Qualité liaison (%)      | Calidad del enlace (%)     | Qualità collegamento (%)",
                "WANTED_ROLL  | wanted roll (deg)    | Soll Roll (°)           | Consigne roulis (°)      | Alabeo deseado (°)         | Rollio richiesto (°)",
                "SATELLITES   | satellites           | Satelliten              | Satellites               | Satélites                  | Satelliti"
            })
    void headersOfFiveLanguagesMeanTheSame(LogColumn column, String en, String de, String fr, String es, String it) {
        for (String header : List.of(en, de, fr, es, it)) {
            assertEquals(Optional.of(column), ColumnNames.of(HeaderWords.of(header, "")), header);
        }
    }

    /** Words that mean something else in English, or stand beside others, are left alone. */
    @ParameterizedTest
    @CsvSource({"cap (mAh), CHARGE", "data rate, ", "route, COURSE", "est (m), EAST", "height est (m), HEIGHT"})
    void ambiguousWordsAreTakenOnlyAlone(String header, LogColumn column) {
        Optional<LogColumn> found = ColumnNames.of(HeaderWords.of(header, ""));
        if (column == LogColumn.CHARGE) {
            assertTrue(
                    found.filter(c -> c == LogColumn.HEADING || c == LogColumn.COURSE)
                            .isEmpty(),
                    header + found);
        } else {
            assertEquals(Optional.ofNullable(column), found, header);
        }
    }

    @Test
    void columnsWithoutHeadersAreGuessedFromTheirNumbers() {
        double[] time = IntStream.range(0, 200).mapToDouble(i -> 0.1 * i).toArray();
        double[] latitude = Arrays.stream(time)
                .map(t -> Math.rint(1e6 * (54.1 + 1e-4 * Math.sin(t))) / 1e6)
                .toArray();
        double[] longitude = Arrays.stream(time)
                .map(t -> Math.rint(1e6 * (8.2 + 1e-4 * Math.cos(t))) / 1e6)
                .toArray();
        double[] heading = Arrays.stream(time).map(t -> Math.rint(40 * t) % 360).toArray();
        double[] volts = Arrays.stream(time).map(t -> 12.6 - 0.03 * t).toArray();
        double[] pulses = Arrays.stream(time)
                .map(t -> Math.rint(1500 + 100 * Math.sin(t)))
                .toArray();
        double[][] all = {pulses, time, latitude, longitude, heading, volts};
        List<ForeignColumn> columns = IntStream.range(0, all.length)
                .mapToObj(i -> new ForeignColumn("column " + (i + 1), "", all[i]))
                .toList();
        ColumnGuess.Guessed guess = ColumnGuess.of(columns);
        assertEquals(
                Arrays.asList(
                        null,
                        LogColumn.TIME,
                        LogColumn.LATITUDE,
                        LogColumn.LONGITUDE,
                        LogColumn.HEADING,
                        LogColumn.VOLTS),
                guess.columns().stream()
                        .map(c -> c.map(Assignment::column).orElse(null))
                        .toList());
        assertTrue(
                guess.remarks().get(2).contains("numbers alone"),
                guess.remarks().toString());
    }

    @Test
    void whatStandsTwiceAndWhatHasNoUnitIsSaid() {
        double[] full = {1, 2, 3, 4, 5, 6, 7, 8};
        double[] few = {1, Double.NaN, Double.NaN, 4, Double.NaN, Double.NaN, Double.NaN, Double.NaN};
        ColumnGuess.Guessed guess = ColumnGuess.of(List.of(
                new ForeignColumn("time", "s", full),
                new ForeignColumn("baro altitude", "m", few),
                new ForeignColumn("altitude", "m", full),
                new ForeignColumn("battery voltage", "", new double[] {12_600, 12_500, 12_400}),
                new ForeignColumn("rssi", "", new double[] {99, 80, 60})));
        assertEquals(
                "height stands twice; “altitude” has more numbers and is taken",
                guess.remarks().get(1));
        assertEquals("names no unit; its size says mV", guess.remarks().get(3));
        assertEquals(LogColumn.LINK, guess.columns().get(4).orElseThrow().column());
    }

    /** The motor's output is the one that the current follows; where none is, nothing is made up. */
    @Test
    void thePowerIsFoundByWhatTheCurrentFollows() {
        FlightLog.Builder log = new FlightLog.Builder(Set.of(LogColumn.OUT_1, LogColumn.OUT_3, LogColumn.AMPS));
        FlightLog.Builder none = new FlightLog.Builder(Set.of(LogColumn.OUT_1, LogColumn.AMPS));
        for (int i = 0; i < 400; i++) {
            double power = 0.5 + 0.4 * Math.sin(i / 40.0);
            double servo = 1500 + 200 * Math.sin(i / 7.0);
            log.row(i * 0.1);
            log.put(LogColumn.OUT_1, servo)
                    .put(LogColumn.OUT_3, 1000 + 1000 * power)
                    .put(LogColumn.AMPS, 20 * power * power);
            none.row(i * 0.1);
            none.put(LogColumn.OUT_1, servo).put(LogColumn.AMPS, 20 * power * power);
        }
        FlightLog full = Derived.of(log.build()).log();
        assertEquals(0.5 + 0.4 * Math.sin(2.5), full.value(LogColumn.POWER, 100), 1e-9);
        assertEquals(false, Derived.of(none.build()).log().has(LogColumn.POWER));
    }
}
