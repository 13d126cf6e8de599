package app.drachen.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.Consumer;

/**
 * Upgrades of the set-up document, numbered: the first makes version 2 of version 1, and so on. A landed one is never
 * changed. What is missing in a damaged document is left missing here, and told by the reader that follows.
 */
final class SetupUpgrades {
    private static final List<Consumer<ObjectNode>> ALL = List.of(
            SetupUpgrades::toSections,
            SetupUpgrades::toVersionThree,
            SetupUpgrades::toVersionFour,
            SetupUpgrades::toVersionFive,
            SetupUpgrades::toVersionSix,
            SetupUpgrades::toVersionSeven,
            SetupUpgrades::toVersionEight);

    private SetupUpgrades() {}

    /**
     * The document as the version of today.
     *
     * @param document the whole document; changed
     * @param version its version, from 1
     */
    static ObjectNode upgraded(ObjectNode document, int version) {
        for (Consumer<ObjectNode> upgrade : ALL.subList(version - 1, ALL.size())) {
            if (document.get("setup") instanceof ObjectNode setup) {
                upgrade.accept(setup);
            }
        }
        document.put("version", ALL.size() + 1);
        if (!document.has("revision")) {
            document.putNull("revision");
        }
        return document;
    }

    private static void move(ObjectNode from, String name, ObjectNode to) {
        if (from.has(name)) {
            to.set(name, from.remove(name));
        }
    }

    /** Version 2: sections by stage; flaps, motors, packs and what outputs move as lists of records; gains with source. */
    private static void toSections(ObjectNode setup) {
        boolean wing = setup.at("/airframe/tail/kind").asText().equals("none");
        if (setup.at("/airframe/wing") instanceof ObjectNode w && w.has("aileron")) {
            JsonNode aileron = w.remove("aileron");
            ArrayNode flaps = w.putArray("flaps");
            if (aileron instanceof ObjectNode flap) {
                flaps.addObject().put("kind", wing ? "ELEVON" : "AILERON").setAll(flap);
            }
        }
        if (setup.at("/controls/outputs") instanceof ArrayNode outputs) {
            outputs.forEach(SetupUpgrades::surface);
        }
        if (setup.get("propulsion") instanceof ObjectNode old) {
            ObjectNode propulsion = old.objectNode();
            ObjectNode drive = propulsion.putArray("drives").addObject();
            move(old, "motor", drive);
            move(old, "propeller", drive);
            drive.put("turn", "CLOCKWISE");
            move(old, "downThrust", drive);
            move(old, "rightThrust", drive);
            ArrayNode packs = propulsion.putArray("packs");
            if (old.has("pack")) {
                packs.add(old.get("pack"));
            }
            setup.set("propulsion", propulsion);
        }
        ObjectNode build = setup.putObject("build");
        List.of("airframe", "parts", "propulsion").forEach(name -> move(setup, name, build));
        move(setup, "mount", setup.putObject("harness"));
        ObjectNode tune = setup.putObject("tune");
        move(setup, "gains", tune);
        List.of("roll", "pitch", "others").forEach(name -> tune.put(name, "ENTERED"));
        setup.putArray("decisions");
        setup.putArray("waivers");
    }

    /** Version 3: what a weighing found and the switches of the radio. Nobody has written them there before. */
    private static void toVersionThree(ObjectNode setup) {
        if (setup.get("modes") instanceof ObjectNode modes) {
            modes.putArray("switches");
        }
        if (setup.get("build") instanceof ObjectNode build) {
            build.putNull("measured");
        }
    }

    /** Version 4: how angles were checked and which steps of building are done. Nobody has written them there before. */
    private static void toVersionFour(ObjectNode setup) {
        if (setup.get("build") instanceof ObjectNode build) {
            build.putObject("angles").put("how", "NOT").put("difference", 0.0);
            build.putArray("steps");
        }
        setup.putArray("assumed");
    }

    /** Version 5: the path loop is told by its look-ahead time, √2/2π of the period that stood there. */
    private static void toVersionFive(ObjectNode setup) {
        if (setup.path("tune").get("gains") instanceof ObjectNode gains
                && gains.path("pathPeriod").isNumber()) {
            double period = gains.remove("pathPeriod").asDouble();
            gains.put("lookAhead", period * Math.sqrt(2) / (2 * Math.PI));
        }
    }

    /** Version 6: the harness. Nobody has written it there before. */
    private static void toVersionSix(ObjectNode setup) {
        if (setup.get("harness") instanceof ObjectNode harness) {
            harness.putObject("care")
                    .put("damped", false)
                    .put("serial", "")
                    .put("version", "")
                    .put("copied", false)
                    .put("erased", false)
                    .put("refused", false);
            ObjectNode board = harness.putObject("board")
                    .put("name", "")
                    .put("length", 0.05)
                    .put("width", 0.035)
                    .put("arrow", "forward")
                    .put("automation", "FULL")
                    .put("usbAmps", 0.5)
                    .put("tunePeriod", 0.0);
            board.putArray("rails");
            board.putArray("places");
            List.of("devices", "leads", "radios").forEach(harness::putArray);
            harness.putObject("packs")
                    .put("how", "SINGLE")
                    .put("first", 0.0)
                    .put("second", 0.0)
                    .put("rate", 0.0)
                    .put("highVoltage", false)
                    .put("receiverVolts", 0.0)
                    .put("receiverRail", "");
            harness.putNull("settings");
            harness.putArray("installed");
        }
    }

    /**
     * Version 7: the sticks' channels, extra mixes, flaps as a command, exact linkages, the end of the way home, losses, conditions of
     * arming, a second switch and a second way of control. Nobody has written them there before.
     */
    private static void toVersionSeven(ObjectNode setup) {
        if (setup.get("controls") instanceof ObjectNode controls) {
            controls.putNull("radio");
            controls.putArray("extras");
            controls.path("outputs").forEach(output -> {
                if (output.get("mix") instanceof ObjectNode mix) {
                    mix.put("flaps", 0.0);
                }
                if (output.get("linkage") instanceof ObjectNode linkage) {
                    linkage.putNull("exact");
                    linkage.putNull("servo");
                }
            });
        }
        if (setup.get("modes") instanceof ObjectNode modes) {
            if (modes.get("selector") instanceof ObjectNode selector) {
                selector.putNull("second");
            }
            if (modes.get("home") instanceof ObjectNode home) {
                home.put("policy", "FIXED").put("arrival", "CIRCLE").put("arrivalHeight", 30.0);
                home.putNull("rally");
            }
            modes.putObject("losses").putArray("cells");
            modes.putNull("arming");
            modes.putNull("second");
        }
    }

    /** Version 8: values, alarms, calls, scales, pages, and how the selector's pulse wanders. Nobody has written them there before. */
    private static void toVersionEight(ObjectNode setup) {
        if (setup.path("modes").get("selector") instanceof ObjectNode selector) {
            selector.putNull("wanderMicros");
        }
        ObjectNode signals = setup.putObject("signals");
        List.of("wanted", "ways", "suppliers").forEach(signals::putArray);
        signals.put("reaction", 1.5);
        signals.putNull("greatestClimb");
        signals.putArray("alarms");
        signals.putObject("tones")
                .put("on", false)
                .put("middle", 600.0)
                .put("octave", 5.0)
                .put("deadBand", 0.4)
                .put("ceiling", 5.0);
        signals.putObject("calls").put("alarmsInterrupt", true).putArray("calls");
        signals.putObject("scales")
                .put("current", 1.0)
                .put("currentOffset", 0.0)
                .put("volts", 1.0)
                .put("pressure", 1.0)
                .put("height", 1.0)
                .put("polePairs", 0)
                .putNull("strength");
        signals.putArray("pages");
    }

    /** "LEFT_AILERON" as role, side and number. */
    private static void surface(JsonNode output) {
        if (output instanceof ObjectNode o && o.path("surface").isTextual()) {
            String name = o.get("surface").asText();
            boolean left = name.startsWith("LEFT_");
            boolean right = name.startsWith("RIGHT_");
            o.putObject("surface")
                    .put("role", left ? name.substring(5) : right ? name.substring(6) : name)
                    .put("side", left ? "LEFT" : right ? "RIGHT" : "MIDDLE")
                    .put("number", 1);
        }
    }
}
