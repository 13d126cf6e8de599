package app.drachen.files.geojson;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.track.Problems;
import app.drachen.files.track.TrackRows;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;

/**
 * Reads the first line of a GeoJSON that has a time for each of its positions: {@code times}, {@code coordTimes} or
 * {@code seconds} among its properties. A line without times is no flight.
 *
 * <p>Source: RFC 7946 (2016).
 */
public final class GeoJsonReader {
    private static final List<String> TIMES = List.of("times", "coordTimes", "seconds");

    private GeoJsonReader() {}

    /**
     * Reads a file.
     *
     * @throws ImportFailedException if it has no line with times; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException {
        JsonNode tree;
        try {
            tree = new ObjectMapper().readTree(file.toFile());
        } catch (JsonProcessingException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
            throw new ImportFailedException(file, "line " + line, "the JSON is broken here; save the track again");
        }
        JsonNode features = tree.has("features")
                ? tree.get("features")
                : new ObjectMapper().createArrayNode().add(tree);
        Optional<JsonNode> feature = StreamSupport.stream(features.spliterator(), false)
                .filter(f -> !times(f).isMissingNode())
                .findFirst();
        if (feature.isEmpty()) {
            throw new ImportFailedException(
                    file, "", "no line with a time for each position; save the track with times, or as GPX");
        }
        return track(file, feature.get());
    }

    private static JsonNode times(JsonNode feature) {
        for (String name : TIMES) {
            JsonNode times = feature.at("/properties/" + name);
            if (times.isArray()) {
                return times;
            }
        }
        return feature.at("/properties/none of them");
    }

    private static Imported<FlightLog> track(Path file, JsonNode feature) throws ImportFailedException {
        JsonNode times = times(feature);
        JsonNode places = feature.at("/geometry/coordinates");
        // a single position is a point
        boolean single = places.size() > 0 && places.get(0).isNumber();
        int count = single ? 1 : places.size();
        if (count != times.size()) {
            throw new ImportFailedException(
                    file, "", count + " positions and " + times.size() + " times; save the track again");
        }
        boolean aboveHome = feature.at("/properties/heights").asText().equals("above home");
        TrackRows rows = new TrackRows(new Problems());
        for (int i = 0; i < count; i++) {
            JsonNode place = single ? places : places.get(i);
            String where = "position " + (i + 1);
            if (place.size() < 2 || !place.get(0).isNumber() || !place.get(1).isNumber()) {
                throw new ImportFailedException(file, where, "is no pair of numbers; save the track again");
            }
            rows.begin(0);
            rows.put(LogColumn.LONGITUDE, Math.toRadians(place.get(0).asDouble()))
                    .put(LogColumn.LATITUDE, Math.toRadians(place.get(1).asDouble()));
            if (place.size() > 2 && place.get(2).isNumber()) {
                rows.put(
                        aboveHome ? LogColumn.HEIGHT : LogColumn.SATELLITE_HEIGHT,
                        place.get(2).asDouble());
            }
            rows.end(time(file, times.get(i), where));
        }
        return rows.finish(file);
    }

    private static double time(Path file, JsonNode time, String where) throws ImportFailedException {
        if (time.isNumber()) {
            // seconds, or milliseconds since 1970 as some write them
            return time.asDouble() > 1e11 ? time.asDouble() / 1_000 : time.asDouble();
        }
        try {
            OffsetDateTime at = OffsetDateTime.parse(time.asText());
            return at.toEpochSecond() + at.getNano() / 1e9;
        } catch (DateTimeException e) {
            throw new ImportFailedException(file, where, "“" + time.asText() + "” is no time; save the track again");
        }
    }
}
