package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.core.air.Ground;
import app.drachen.core.air.Obstacle;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.heights.HeightGridReader;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Options that describe the field on the command line. What is not said is not known: no limit, no obstacles. */
final class FieldOptions {
    @Option(
            names = "--field",
            paramLabel = "FIELD.json",
            description = "a field as `drachen field` writes it; the options below change it")
    private Path file;

    @Option(
            names = "--wind",
            paramLabel = "SPEED@FROM",
            description = "mean wind at 10 m and where it comes from, such as 4@250 or 8km/h@250 (a rehearsal without"
                    + " any flies in 2@250; nothing is judged by that)")
    private String wind;

    @Option(names = "--gust", paramLabel = "SPEED", description = "gust speed; default 1 m/s above the wind")
    private String gust;

    @Option(names = "--limit", paramLabel = "HEIGHT", description = "height limit above ground by local rules")
    private String limit;

    @Option(
            names = "--obstacle",
            paramLabel = "NAME:DISTANCE:HEIGHT",
            description = "what stands on the way home, such as mast:660:46; may be given again")
    private List<String> obstacles = List.of();

    @Option(
            names = "--heights",
            paramLabel = "GRID.asc[@EAST,NORTH]",
            description = "heights of the ground, an ESRI ASCII grid in metres, and where home is in it")
    private String heights;

    @Option(names = "--no-obstacles", description = "somebody looked, and nothing stands on the way home")
    private boolean none;

    @Mixin
    private AirOptions air;

    /** Whether anything was said about a field. */
    boolean given() {
        return file != null
                || wind != null
                || gust != null
                || limit != null
                || none
                || heights != null
                || !obstacles.isEmpty();
    }

    /**
     * The field as described; what was not described is not known.
     *
     * @throws ImportFailedException if the file of the field cannot be read
     */
    Field field() throws ImportFailedException {
        Field told = air.over(file == null ? bare() : SetupJson.readField(file));
        if (wind != null || gust != null) {
            told = windy(told);
        }
        if (limit != null) {
            told = told.withStrip(
                    told.stripHeading(),
                    told.stripLength(),
                    Optional.of(new Field.HeightLimit(
                            Quantity.HEIGHT.parse(limit, UnitSystem.METRIC), "given with the command")));
        }
        if (none || !obstacles.isEmpty()) {
            List<Obstacle> all = new ArrayList<>();
            for (String obstacle : obstacles) {
                all.add(obstacle(obstacle));
            }
            told = told.withObstacles(all, true);
        }
        if (heights != null) {
            told = told.withGround(Optional.of(ground(heights)));
        }
        return told;
    }

    private static Ground ground(String text) throws ImportFailedException {
        int at = text.lastIndexOf('@');
        String[] home =
                at < 0 ? new String[] {"0", "0"} : text.substring(at + 1).split(",");
        Path grid = Path.of(at < 0 ? text : text.substring(0, at));
        try {
            return Ground.around(
                    grid.getFileName().toString(),
                    HeightGridReader.read(grid, Progress.NONE),
                    Double.parseDouble(home[0]),
                    Double.parseDouble(home[1]));
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw new IllegalArgumentException(
                    "--heights " + text + ": write grid.asc@east,north, with home in the grid's coordinates", e);
        } catch (IOException e) {
            throw new ImportFailedException(grid, "", "cannot be read; check the name");
        }
    }

    /** A field in a light evening wind of which nothing else is known. */
    private static Field bare() {
        double from = Math.toRadians(250);
        return new Field(
                "a field",
                2,
                from,
                3,
                10,
                287.15,
                101_200,
                from,
                90,
                Optional.empty(),
                List.of(),
                false,
                Optional.empty());
    }

    private Field windy(Field field) {
        double speed = field.wind();
        double from = field.windFrom();
        if (wind != null) {
            String[] parts = wind.split("@");
            if (parts.length != 2) {
                throw new IllegalArgumentException("--wind " + wind + ": write speed@direction, such as 4@250");
            }
            speed = Quantity.SPEED.parse(parts[0], UnitSystem.METRIC);
            from = Quantity.BEARING.parse(parts[1], UnitSystem.METRIC);
        }
        double most = gust == null ? speed + 1 : Quantity.SPEED.parse(gust, UnitSystem.METRIC);
        if (most < speed) {
            throw new IllegalArgumentException("--gust " + gust + ": gusts are not below the wind");
        }
        return field.withWind(speed, from, most).measured(LocalDate.now());
    }

    private static Obstacle obstacle(String text) {
        String[] parts = text.split(":");
        if (parts.length != 3) {
            throw new IllegalArgumentException(
                    "--obstacle " + text + ": write name:distance:height, such as mast:660:46");
        }
        return new Obstacle(
                parts[0],
                Quantity.DISTANCE.parse(parts[1], UnitSystem.METRIC),
                Quantity.HEIGHT.parse(parts[2], UnitSystem.METRIC));
    }
}
