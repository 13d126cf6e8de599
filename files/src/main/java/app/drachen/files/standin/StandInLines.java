package app.drachen.files.standin;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.bench.CardId;
import app.drachen.core.bench.LiveBoard;
import app.drachen.core.bench.LiveBoard.Inputs;
import app.drachen.core.bench.LiveBoard.Seen;
import app.drachen.core.bench.StandIn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The protocol of the stand-in board, version 1: a line is a JSON object with any of {@code sticks}, {@code selector}, {@code tilt},
 * {@code plugged}, {@code link}, {@code fix}, {@code flaps}, {@code on}, {@code arm} and {@code advance}; each is answered by one line with
 * what the board then does. A line with {@code card} alone is answered by the readings of that card of the bench, in SI units. A line that
 * is wrong is answered by {@code {"error": "…"}} in one sentence, and nothing of it is done.
 */
public final class StandInLines {
    /** Version of the protocol. */
    public static final int VERSION = 1;

    /** Longest line that is read, in characters. */
    public static final int LONGEST = 16_384;

    private static final List<String> WORDS =
            List.of("sticks", "selector", "tilt", "plugged", "link", "fix", "flaps", "on", "arm", "advance", "card");
    private static final ObjectMapper MAPPER = JsonMapper.builder(com.fasterxml.jackson.core.JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(8)
                            .maxNumberLength(40)
                            .build())
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(com.fasterxml.jackson.core.JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .build();

    private final StandIn standIn;
    /** What marks an answer as the stand-in's, so that it never passes for a board's. */
    static final String STAND_IN = "standIn";

    private final LiveBoard board;
    private long asked;

    /** The stand-in of an aircraft as it really is. */
    public StandInLines(StandIn standIn) {
        this.standIn = standIn;
        board = standIn.board();
    }

    /** What a line is answered with; never more than one line, never an exception. */
    public String answer(String line) {
        try {
            if (line.length() > LONGEST) {
                throw new IllegalArgumentException(
                        "the line is longer than " + LONGEST + " characters; send less at once");
            }
            JsonNode read = MAPPER.readTree(line.isBlank() ? "{}" : line);
            if (!read.isObject()) {
                throw new IllegalArgumentException(
                        "a line must be a JSON object such as {\"sticks\": {\"roll\": 0.5}}");
            }
            if (read.has("card")) {
                return card((ObjectNode) read);
            }
            act((ObjectNode) read);
            return state();
        } catch (JsonProcessingException e) {
            return error("this is no JSON: "
                    + e.getOriginalMessage().lines().findFirst().orElse("broken"));
        } catch (IllegalArgumentException e) {
            return error(e.getMessage());
        }
    }

    /** The next line; of one that is too long as much as shows it. Nothing at the end, whether or not a line was begun. */
    public static Optional<String> next(InputStream in) throws IOException {
        byte[] bytes = new byte[LONGEST + 1];
        int length = 0;
        for (int b = in.read(); b >= 0; b = in.read()) {
            if (b == '\n') {
                return Optional.of(new String(bytes, 0, length, StandardCharsets.UTF_8).strip());
            }
            if (length < bytes.length) {
                bytes[length++] = (byte) b;
            }
        }
        return Optional.empty();
    }

    private static String error(String sentence) {
        ObjectNode answer = MAPPER.createObjectNode();
        answer.put("error", sentence);
        return answer.toString();
    }

    /** The readings of a card, by their ids. */
    private String card(ObjectNode of) {
        if (of.size() > 1) {
            throw new IllegalArgumentException("a line with a card has nothing beside it; send the rest on its own");
        }
        String name = of.get("card").asText();
        CardId id = Arrays.stream(CardId.values())
                .filter(c -> c.name().equalsIgnoreCase(name) && standIn.knows(c))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no card \u201c" + shortened(name)
                        + "\u201d of this aircraft; use one of "
                        + Arrays.stream(CardId.values())
                                .filter(standIn::knows)
                                .map(CardId::name)
                                .collect(Collectors.joining(", "))));
        ObjectNode answer = MAPPER.createObjectNode();
        answer.put("version", VERSION);
        answer.put("card", id.name());
        answer.put(STAND_IN, true);
        ObjectNode readings = answer.putObject("readings");
        asked++;
        standIn.answers(id, asked).forEach((reading, value) -> readings.put(reading, round(value, 6)));
        return answer.toString();
    }

    /** Judges all of a line before anything of it is done. */
    private void act(ObjectNode asked) {
        for (Iterator<String> names = asked.fieldNames(); names.hasNext(); ) {
            String name = names.next();
            if (!WORDS.contains(name)) {
                throw new IllegalArgumentException(
                        "\u201c" + shortened(name) + "\u201d is not understood; use " + String.join(", ", WORDS));
            }
        }
        Inputs next = board.inputs();
        if (asked.has("sticks")) {
            next = next.with(sticks(asked.get("sticks"), next.sticks()));
        }
        if (asked.has("selector")) {
            next = next.switched(number(asked, "selector", 700, 2_300));
        }
        if (asked.has("tilt")) {
            JsonNode tilt = object(asked, "tilt", List.of("roll", "pitch"));
            next = next.tilted(
                    Math.toRadians(tilt.has("roll") ? number(tilt, "roll", -180, 180) : Math.toDegrees(next.roll())),
                    Math.toRadians(tilt.has("pitch") ? number(tilt, "pitch", -90, 90) : Math.toDegrees(next.pitch())));
        }
        if (asked.has("plugged")) {
            next = next.plugged(plugged(asked.get("plugged").asText()));
        }
        if (asked.has("link")) {
            next = next.heard(yes(asked, "link"));
        }
        if (asked.has("fix")) {
            next = next.fixed(yes(asked, "fix"));
        }
        if (asked.has("flaps")) {
            next = next.flapped(number(asked, "flaps", 0, 1));
        }
        if (asked.has("on")) {
            next = next.switches(names(asked.get("on")));
        }
        Optional<Boolean> arm = asked.has("arm") ? Optional.of(yes(asked, "arm")) : Optional.empty();
        double time = asked.has("advance") ? number(asked, "advance", 0, 60) : 0.05;
        board.put(next);
        arm.ifPresent(board::arm);
        board.advance(time);
    }

    private static Sticks sticks(JsonNode to, Sticks now) {
        JsonNode checked = to.isObject() ? known(to, "sticks", List.of("roll", "pitch", "yaw", "power")) : to;
        if (!checked.isObject()) {
            throw new IllegalArgumentException("sticks must be an object such as {\"roll\": 0.5}");
        }
        return new Sticks(
                checked.has("roll") ? number(checked, "roll", -1, 1) : now.roll(),
                checked.has("pitch") ? number(checked, "pitch", -1, 1) : now.pitch(),
                checked.has("yaw") ? number(checked, "yaw", -1, 1) : now.yaw(),
                checked.has("power") ? number(checked, "power", 0, 1) : now.power());
    }

    private static JsonNode object(JsonNode of, String name, List<String> words) {
        if (!of.get(name).isObject()) {
            throw new IllegalArgumentException(name + " must be an object with " + String.join(" and ", words));
        }
        return known(of.get(name), name, words);
    }

    private static JsonNode known(JsonNode node, String name, List<String> words) {
        node.fieldNames().forEachRemaining(n -> {
            if (!words.contains(n)) {
                throw new IllegalArgumentException("\u201c" + shortened(n) + "\u201d does not belong to " + name
                        + "; use " + String.join(", ", words));
            }
        });
        return node;
    }

    private static double number(JsonNode of, String name, double low, double high) {
        JsonNode value = of.get(name);
        double number = value.asDouble(Double.NaN);
        if (!value.isNumber() || !(low <= number && number <= high)) {
            throw new IllegalArgumentException(name + " must be a number from " + low + " to " + high);
        }
        return number;
    }

    private static Set<String> names(JsonNode list) {
        Set<String> names = new HashSet<>();
        if (!list.isArray() || list.size() > 32) {
            throw new IllegalArgumentException("on must be a list of names of switches, 32 at most");
        }
        list.forEach(n -> names.add(n.asText()));
        return names;
    }

    private static boolean yes(JsonNode of, String name) {
        if (!of.get(name).isBoolean()) {
            throw new IllegalArgumentException(name + " must be true or false");
        }
        return of.get(name).asBoolean();
    }

    private static Optional<Plugged> plugged(String word) {
        return switch (word) {
            case "none" -> Optional.empty();
            case "pack" -> Optional.of(Plugged.PACK);
            case "usb" -> Optional.of(Plugged.USB);
            case "both" -> Optional.of(Plugged.BOTH);
            default -> throw new IllegalArgumentException("plugged must be none, pack, usb or both");
        };
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "\u2026" : text;
    }

    private String state() {
        ObjectNode answer = MAPPER.createObjectNode();
        answer.put("version", VERSION);
        answer.put("time", round(board.time(), 2));
        boolean alive = board.inputs().plugged().isPresent();
        answer.put("mode", alive ? board.mode().label() : "off");
        answer.put("asked", board.wanted().map(FlightMode::label).orElse("none"));
        answer.put("linkLost", board.linkLost());
        answer.put("armed", board.armed());
        if (!board.refused().isEmpty()) {
            answer.put("refused", board.refused());
        }
        ObjectNode horizon = answer.putObject("horizon");
        horizon.put("roll", round(Math.toDegrees(board.shownRoll()), 2));
        horizon.put("pitch", round(Math.toDegrees(board.shownPitch()), 2));
        ArrayNode outputs = answer.putArray("outputs");
        for (Seen s : board.seen()) {
            ObjectNode o = outputs.addObject();
            o.put("number", s.output().channel());
            o.put("moves", s.output().surface().id());
            o.put("pulse", round(s.pulse(), 1));
            o.put("powered", s.powered());
            if (s.output().surface().inTheAir()) {
                o.put("degrees", round(Math.toDegrees(s.angle()), 2));
            }
        }
        ArrayNode rails = answer.putArray("rails");
        if (alive) {
            for (Rails.Rail r : board.rails().rails()) {
                ObjectNode rail = rails.addObject();
                rail.put("name", r.rail().name());
                rail.put("volts", round(r.volts(), 2));
                rail.put("fed", r.fed());
            }
        }
        answer.put("motorAmps", round(board.motorCurrent(), 1));
        return answer.toString();
    }

    private static double round(double value, int digits) {
        double power = Math.pow(10, digits);
        return Double.isFinite(value) ? Math.rint(value * power) / power + 0.0 : 0;
    }

    /** What the protocol understands, for help. */
    public static Map<String, String> words() {
        return Map.ofEntries(
                Map.entry("sticks", "{\"roll\": -1 to 1, \"pitch\": -1 to 1, \"yaw\": -1 to 1, \"power\": 0 to 1}"),
                Map.entry("card", "name of a card of the bench, alone in its line: its readings, in SI units"),
                Map.entry("fix", "whether there is a position fix"),
                Map.entry("flaps", "0 to 1"),
                Map.entry("on", "[names of the switches that are in their last position]"),
                Map.entry("selector", "pulse of the mode switch in microseconds"),
                Map.entry(
                        "tilt", "{\"roll\": degrees, right wing down positive, \"pitch\": degrees, nose up positive}"),
                Map.entry("plugged", "\"none\", \"pack\", \"usb\" or \"both\""),
                Map.entry("link", "whether the radio is heard"),
                Map.entry("arm", "true arms, false disarms"),
                Map.entry("advance", "seconds to live on, 0 to 60; 0.05 if it is not said"));
    }
}
