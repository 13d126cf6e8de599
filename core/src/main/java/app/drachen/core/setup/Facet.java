package app.drachen.core.setup;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.harness.Lead;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** A named part of the set-up that proofs depend on: the fields that its fingerprint is taken over. */
public enum Facet {
    AIRFRAME("airframe", field("airframe", Setup::airframe)),
    PARTS("parts", field("parts", s -> parts(s, false)), field("measured", s -> s.build()
            .measured())),
    PACKS("pack", field("packs", s -> s.propulsion().packs()), field("fitted", s -> parts(s, true))),
    PROPULSION("propulsion", field("drives", s -> s.propulsion().drives())),
    LINKAGES("linkages", each("linkage", Output::linkage), each("neutral", Output::neutralMicros)),
    OUTPUTS("outputs", each("channel", Output::channel)),
    MIXER("mixer", each("mix", o -> mix(o.mix())), field("extras", s -> Optional.of(
                    s.controls().extras())
            .filter(all -> !all.isEmpty()))),
    RADIO("sticks' channels", field("radio", s -> s.controls().radio())),
    SERVO_SENSES("servo senses", each("reversed", Output::reversed)),
    SERVO_CENTRES("servo centres", each("centre", Output::centreMicros)),
    THROWS("throws", each("low", Output::lowMicros), each("high", Output::highMicros)),
    RATES("rates", field("rates", s -> s.controls().rates())),
    RADIO_TRIMS("radio trims", field("trims", s -> s.controls().trims())),
    SELECTOR(
            "selector",
            field("selector", s -> s.modes().selector().wandering(Optional.empty())),
            field("switches", s -> Optional.of(s.modes().switches()).filter(all -> !all.isEmpty()))),
    LAUNCH_MODE("launch mode", field("mode", s -> s.modes().launchMode())),
    LIMITS(
            "bank and pitch limits",
            limit("bank", Limits::bank),
            limit("pitchUp", Limits::pitchUp),
            limit("pitchDown", Limits::pitchDown)),
    SPEED_RANGE(
            "speed range",
            limit("least", Limits::leastSpeed),
            limit("cruise", Limits::cruiseSpeed),
            limit("top", Limits::topSpeed),
            limit("climb", Limits::climbRate)),
    CIRCLE("circle", field("radius", s -> s.modes().home().circleRadius())),
    HOME_PROFILE(
            "home profile",
            field("height", s -> s.modes().home().height()),
            field("climbFirst", s -> s.modes().home().climbFirst()),
            field("end", s -> end(s.modes().home()))),
    LOSSES("losses", field("losses", s -> s.modes().losses().cells())),
    ARMING("arming", field("arming", s -> s.modes().arming())),
    SECOND_PATH("second path", field("second", s -> s.modes().second())),
    BOARD_MOUNT("board mount", field("mount", Setup::mount)),
    BOARD("board", field("board", s -> s.harness().board())),
    BOARD_SOFTWARE("board software", field("version", s -> s.harness().care().version())),
    WIRING(
            "wiring",
            field("leads", s -> s.harness().leads().stream().map(Lead::unseen).toList())),
    RAILS(
            "rails",
            field("rails", s -> s.harness().board().rails()),
            field("draws", s -> s.harness().devices().stream()
                    .map(d -> Map.of("device", d.name(), "draw", d.draw(), "gives", d.gives()))
                    .toList()),
            field("joined", s -> s.harness().packs())),
    PORTS("ports", field("wants", s -> s.harness().devices().stream()
            .map(d -> Map.of("device", d.name(), "moves", d.moves(), "want", d.want()))
            .toList())),
    RADIOS("radios", field("radios", s -> s.harness().radios().stream()
            .map(r -> Map.of(
                    "device", r.device(), "low", r.low(), "high", r.high(), "sends", r.sends(), "listens", r.listens()))
            .toList())),
    AERIALS("aerials", field("aerials", s -> s.harness().radios().stream()
            .map(r -> Map.of("device", r.device(), "aerial", r.aerial(), "tilt", r.tilt(), "farTilt", r.farTilt()))
            .toList())),
    VALUES(
            "values",
            field("wanted", s -> s.signals().wanted()),
            field("ways", s -> s.signals().ways()),
            field("suppliers", s -> s.signals().suppliers())),
    ALARMS(
            "alarms",
            field("alarms", s -> s.signals().alarms()),
            field("reaction", s -> s.signals().reaction()),
            field("climb", s -> s.signals().greatestClimb())),
    CALLS("calls", field("calls", s -> s.signals().calls()), field("tones", s -> s.signals()
            .tones())),
    SCALES("scales", field("scales", s -> s.signals().scales())),
    DISPLAY("display", field("pages", s -> s.signals().pages())),
    ROLL_GAINS("roll gains", field("roll", s -> s.gains().roll())),
    PITCH_GAINS("pitch gains", field("pitch", s -> s.gains().pitch())),
    YAW_GAINS("yaw gains", field("rate", s -> s.gains().yawRate())),
    HEIGHT_GAINS(
            "height gains",
            field("height", s -> s.gains().heightGain()),
            field("climb", s -> s.gains().climbGain()),
            field("speed", s -> s.gains().speedGain())),
    PATH_GAINS("path gains", field("period", s -> Facet.period(s.gains().lookAhead())));

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

    /** A named value of the set-up. */
    private record Field(String name, Function<Setup, Object> of) {}

    private final String label;
    private final List<Field> fields;

    Facet(String label, Field... fields) {
        this.label = label;
        this.fields = List.of(fields);
    }

    private static Field field(String name, Function<Setup, Object> of) {
        return new Field(name, of);
    }

    private static Field limit(String name, Function<Limits, Double> of) {
        return field(name, s -> of.apply(s.modes().limits()));
    }

    /** A value of every output, with what the output moves. */
    private static Field each(String name, Function<Output, Object> of) {
        return field(name, s -> {
            List<Map<String, Object>> list = new ArrayList<>();
            for (Output output : s.controls().outputs()) {
                list.add(Map.of("surface", output.surface(), name, of.apply(output)));
            }
            return list;
        });
    }

    private static List<Part> parts(Setup setup, boolean packs) {
        return setup.parts().stream()
                .filter(p -> (p.kind() == PartKind.PACK) == packs)
                .toList();
    }

    public String label() {
        return label;
    }

    /** The fields of this facet by name. */
    Map<String, Object> fields(Setup setup) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (Field field : fields) {
            Object value = field.of().apply(setup);
            // what is not there stands in no print, so that prints of before it could be there stay as they are
            if (!Optional.empty().equals(value)) {
                values.put(field.name(), value);
            }
        }
        return values;
    }

    /** Stable short fingerprint of this facet of a set-up. */
    public String fingerprint(Setup setup) {
        return Prints.of(this, setup);
    }

    /** The facets in which two set-ups differ. */
    public static List<Facet> differing(Setup one, Setup other) {
        return Arrays.stream(values())
                .filter(f -> !f.fingerprint(one).equals(f.fingerprint(other)))
                .toList();
    }
}
