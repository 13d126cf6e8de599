package app.drachen.core.setup;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.harness.Lead;
import app.drachen.core.modes.HomeProfile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The fields of each facet by name. A choice instead of a function for each, since every function has to be made by a program that has
 * just started.
 */
final class FacetFields {
    private FacetFields() {}

    static Map<String, Object> of(Facet facet, Setup s) {
        return switch (facet) {
            case AIRFRAME -> named("airframe", s.airframe());
            case PARTS -> named("parts", parts(s, false), "measured", s.build().measured());
            case PACKS -> named("packs", s.propulsion().packs(), "fitted", parts(s, true));
            case PROPULSION -> named("drives", s.propulsion().drives());
            case LINKAGES -> named(
                    "linkage",
                    each(s, "linkage", Output::linkage),
                    "neutral",
                    each(s, "neutral", Output::neutralMicros));
            case OUTPUTS -> named("channel", each(s, "channel", Output::channel));
            case MIXER -> named(
                    "mix",
                    each(s, "mix", o -> mix(o.mix())),
                    "extras",
                    unless(s.controls().extras()));
            case RADIO -> named("radio", s.controls().radio());
            case SERVO_SENSES -> named("reversed", each(s, "reversed", Output::reversed));
            case SERVO_CENTRES -> named("centre", each(s, "centre", Output::centreMicros));
            case THROWS -> named("low", each(s, "low", Output::lowMicros), "high", each(s, "high", Output::highMicros));
            case RATES -> named("rates", s.controls().rates());
            case RADIO_TRIMS -> named("trims", s.controls().trims());
            case SELECTOR -> named(
                    "selector",
                    s.modes().selector().wandering(Optional.empty()),
                    "switches",
                    unless(s.modes().switches()));
            case LAUNCH_MODE -> named("mode", s.modes().launchMode());
            case LIMITS -> named(
                    "bank",
                    s.modes().limits().bank(),
                    "pitchUp",
                    s.modes().limits().pitchUp(),
                    "pitchDown",
                    s.modes().limits().pitchDown());
            case SPEED_RANGE -> named(
                    "least",
                    s.modes().limits().leastSpeed(),
                    "cruise",
                    s.modes().limits().cruiseSpeed(),
                    "top",
                    s.modes().limits().topSpeed(),
                    "climb",
                    s.modes().limits().climbRate());
            case CIRCLE -> named("radius", s.modes().home().circleRadius());
            case HOME_PROFILE -> named(
                    "height",
                    s.modes().home().height(),
                    "climbFirst",
                    s.modes().home().climbFirst(),
                    "end",
                    end(s.modes().home()));
            case LOSSES -> named("losses", s.modes().losses().cells());
            case ARMING -> named("arming", s.modes().arming());
            case SECOND_PATH -> named("second", s.modes().second());
            case BOARD_MOUNT -> named("mount", s.mount());
            case BOARD -> named("board", s.harness().board());
            case BOARD_SOFTWARE -> named("version", s.harness().care().version());
            case WIRING -> named(
                    "leads", s.harness().leads().stream().map(Lead::unseen).toList());
            case RAILS -> named(
                    "rails",
                    s.harness().board().rails(),
                    "draws",
                    draws(s),
                    "joined",
                    s.harness().packs());
            case PORTS -> named(
                    "wants",
                    s.harness().devices().stream()
                            .map(d -> Map.of("device", d.name(), "moves", d.moves(), "want", d.want()))
                            .toList());
            case RADIOS -> named("radios", radios(s));
            case AERIALS -> named("aerials", aerials(s));
            case VALUES -> named(
                    "wanted",
                    s.signals().wanted(),
                    "ways",
                    s.signals().ways(),
                    "suppliers",
                    s.signals().suppliers());
            case ALARMS -> named(
                    "alarms",
                    s.signals().alarms(),
                    "reaction",
                    s.signals().reaction(),
                    "climb",
                    s.signals().greatestClimb());
            case CALLS -> named(
                    "calls", s.signals().calls(), "tones", s.signals().tones());
            case SCALES -> named("scales", s.signals().scales());
            case DISPLAY -> named("pages", s.signals().pages());
            case ROLL_GAINS -> named("roll", s.gains().roll());
            case PITCH_GAINS -> named("pitch", s.gains().pitch());
            case YAW_GAINS -> named("rate", s.gains().yawRate());
            case HEIGHT_GAINS -> named(
                    "height",
                    s.gains().heightGain(),
                    "climb",
                    s.gains().climbGain(),
                    "speed",
                    s.gains().speedGain());
            case PATH_GAINS -> named("period", period(s.gains().lookAhead()));
        };
    }

    /** Names and values in turn; what is not there stands in no print, so that prints of before it could be there stay as they are. */
    private static Map<String, Object> named(Object... pairs) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            if (!Optional.empty().equals(pairs[i + 1])) {
                values.put((String) pairs[i], pairs[i + 1]);
            }
        }
        return values;
    }

    private static Optional<List<?>> unless(List<?> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all);
    }

    /** Proofs of before know the period of the path loop, 2π·t/√2, to the digits that were entered. */
    private static double period(double lookAhead) {
        return Math.rint(2 * Math.PI / Math.sqrt(2) * lookAhead * 1e9) / 1e9;
    }

    /** Shares of a row; flaps stand in no print while they move nothing, so that prints of before stay as they are. */
    private static Map<String, Double> mix(MixRow row) {
        Map<String, Double> shares = new LinkedHashMap<>(
                Map.of("roll", row.roll(), "pitch", row.pitch(), "yaw", row.yaw(), "power", row.power()));
        if (row.flaps() != 0) {
            shares.put("flaps", row.flaps());
        }
        return shares;
    }

    /** How the way home goes on beside height and climb; nothing while it is as it always was. */
    private static Optional<Map<String, Object>> end(HomeProfile home) {
        boolean circles = home.arrival() == HomeProfile.Arrival.CIRCLE;
        return home.policy() == HomeProfile.HeightPolicy.FIXED
                        && circles
                        && home.rally().isEmpty()
                ? Optional.empty()
                : Optional.of(Map.of(
                        "policy",
                        home.policy(),
                        "arrival",
                        home.arrival(),
                        "down",
                        circles ? 0.0 : home.arrivalHeight(),
                        "rally",
                        home.rally()));
    }

    private static List<Map<String, Object>> draws(Setup s) {
        return s.harness().devices().stream()
                .map(d -> Map.<String, Object>of("device", d.name(), "draw", d.draw(), "gives", d.gives()))
                .toList();
    }

    private static List<Map<String, Object>> radios(Setup s) {
        return s.harness().radios().stream()
                .map(r -> Map.<String, Object>of(
                        "device",
                        r.device(),
                        "low",
                        r.low(),
                        "high",
                        r.high(),
                        "sends",
                        r.sends(),
                        "listens",
                        r.listens()))
                .toList();
    }

    private static List<Map<String, Object>> aerials(Setup s) {
        return s.harness().radios().stream()
                .map(r -> Map.<String, Object>of(
                        "device", r.device(), "aerial", r.aerial(), "tilt", r.tilt(), "farTilt", r.farTilt()))
                .toList();
    }

    /** A value of every output, with what the output moves. */
    private static List<Map<String, Object>> each(Setup s, String name, Function<Output, Object> of) {
        List<Map<String, Object>> list = new ArrayList<>();
        for (Output output : s.controls().outputs()) {
            list.add(Map.of("surface", output.surface(), name, of.apply(output)));
        }
        return list;
    }

    private static List<Part> parts(Setup setup, boolean packs) {
        return setup.parts().stream()
                .filter(p -> (p.kind() == PartKind.PACK) == packs)
                .toList();
    }
}
