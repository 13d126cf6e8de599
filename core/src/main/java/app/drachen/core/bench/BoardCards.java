package app.drachen.core.bench;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Cards about the board's own senses. */
final class BoardCards {
    /** Bounds of BENCH-R3, defaults of judgement. */
    static final double RESIDUAL = 0.15;

    static final double SCALE_OFF = 0.05;
    static final double STILL = 0.05;
    static final double LEVEL_OFF = Math.toRadians(2);

    /** Greatest deviation of a compass, BENCH-R13 [rad]; a default of judgement. */
    static final double DEVIATION = Math.toRadians(10);

    /** How much the motor's current may turn a compass [rad]; a default of judgement. */
    static final double BY_MOTOR = Math.toRadians(5);

    /** Faces, with what a sound accelerometer reads there, in multiples of g: each axis up, then down. */
    static final List<String> FACES =
            List.of("nose up", "nose down", "left wing down", "right wing down", "on its back", "level");

    static final double[][] TRUE_FACES = {{1, 0, 0}, {-1, 0, 0}, {0, 1, 0}, {0, -1, 0}, {0, 0, 1}, {0, 0, -1}};

    private static final double HALF = Math.sqrt(0.5);
    static final List<String> EDGES = List.of(
            "nose half up",
            "nose half down",
            "left wing half down",
            "right wing half down",
            "on its left side, nose half up",
            "on its right side, nose half up");

    static final double[][] TRUE_EDGES = {
        {HALF, 0, -HALF},
        {-HALF, 0, -HALF},
        {0, HALF, -HALF},
        {0, -HALF, -HALF},
        {HALF, HALF, 0},
        {HALF, -HALF, 0}
    };

    static final List<String> HEADINGS = List.of("N", "NE", "E", "SE", "S", "SW", "W", "NW");
    private static final String[] AXES = {"x", "y", "z"};
    private static final List<String> SHOWN = List.of("right", "left", "nose up", "nose down", "nothing");

    private BoardCards() {}

    static BenchCard sixFaces() {
        List<Reading> readings = new ArrayList<>();
        for (String face : FACES) {
            for (String axis : AXES) {
                readings.add(
                        Reading.number(face + " " + axis, upper(face) + ", " + axis, Quantity.ACCELERATION, -25, 25));
            }
        }
        readings.add(Reading.number("still", "Largest scatter while it lay still", Quantity.ACCELERATION, 0, 10)
                .atMost(STILL));
        for (String edge : EDGES) {
            for (String axis : AXES) {
                readings.add(
                        Reading.number(edge + " " + axis, upper(edge) + ", " + axis, Quantity.ACCELERATION, -25, 25)
                                .orLeftOut());
            }
        }
        return new BenchCard(CardId.SIX_FACES, readings, BoardCards::fitted);
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static List<double[]> poses(List<String> names, Map<String, Double> given) {
        List<double[]> poses = new ArrayList<>();
        for (String name : names) {
            double[] pose = new double[3];
            boolean whole = true;
            for (int i = 0; i < 3; i++) {
                Double read = given.get(name + " " + AXES[i]);
                whole &= read != null;
                pose[i] = read == null ? 0 : read;
            }
            if (whole) {
                poses.add(pose);
            }
        }
        return poses;
    }

    private static List<Said> fitted(Map<String, Double> given) {
        List<double[]> faces = poses(FACES, given);
        if (faces.size() < FACES.size()) {
            return List.of();
        }
        List<double[]> all = new ArrayList<>(faces);
        all.addAll(poses(EDGES, given));
        Fits.Accelerometer fit;
        try {
            fit = all.size() >= 10 ? Fits.accelerometer(all, GRAVITY) : Fits.sixFaces(faces, GRAVITY);
        } catch (IllegalArgumentException e) {
            return List.of(new Said("fit", false, upper(e.getMessage()) + ".", List.of()));
        }
        List<Said> said = new ArrayList<>();
        Source source = new Source.Elementary("statics");
        for (int i = 0; i < 3; i++) {
            boolean good = Math.abs(fit.scale()[i] - 1) <= SCALE_OFF;
            String scale = Quantity.NUMBER_FINE.text(fit.scale()[i]);
            said.add(new Said(
                    "scale " + AXES[i],
                    good,
                    "Axis " + AXES[i] + ": scale " + scale + ", bias "
                            + Quantity.ACCELERATION.text(fit.bias()[i])
                            + (good ? "" : ". That is no accelerometer in order: repeat, then change the board."),
                    List.of(
                            Working.of(
                                    "BENCH-A1",
                                    "Scale of axis " + AXES[i],
                                    fit.scale()[i],
                                    Quantity.NUMBER_FINE,
                                    all.size() >= 10 ? "least squares on the length g, nine terms" : "(a₊ − a₋)/(2g)",
                                    source,
                                    Working.in("poses", all.size(), Quantity.COUNT)),
                            Working.of(
                                    "BENCH-A1",
                                    "Bias of axis " + AXES[i],
                                    fit.bias()[i],
                                    Quantity.ACCELERATION,
                                    all.size() >= 10 ? "least squares on the length g, nine terms" : "(a₊ + a₋)/2",
                                    source,
                                    Working.in("poses", all.size(), Quantity.COUNT)))));
        }
        said.add(worstFace(faces, fit));
        return said;
    }

    private static Said worstFace(List<double[]> faces, Fits.Accelerometer fit) {
        int worst = 0;
        double most = 0;
        for (int i = 0; i < faces.size(); i++) {
            // how far the face lies off the one it should be
            double along = 0;
            double length = 0;
            for (int k = 0; k < 3; k++) {
                double taken = (faces.get(i)[k] - fit.bias()[k]) / fit.scale()[k];
                along += taken * TRUE_FACES[i][k];
                length += taken * taken;
            }
            double off = Math.sqrt(length) - along;
            if (off > most) {
                most = off;
                worst = i;
            }
        }
        boolean good = fit.residual() <= RESIDUAL;
        return new Said(
                "residual",
                good,
                good
                        ? "What is left over: " + Quantity.ACCELERATION.text(fit.residual())
                        : Quantity.ACCELERATION.text(fit.residual()) + " is left over; " + FACES.get(worst)
                                + " fits worst: was it moving, or another face? Repeat it.",
                List.of(Working.of(
                        "BENCH-A1",
                        "Residual",
                        fit.residual(),
                        Quantity.ACCELERATION,
                        "root of the mean square of length less g",
                        new Source.Elementary("statics"),
                        Working.in("g", GRAVITY, Quantity.ACCELERATION))));
    }

    static BenchCard level() {
        return new BenchCard(
                CardId.LEVEL,
                List.of(
                        Reading.number("roll", "Roll shown, right wing down", Quantity.ANGLE, -Math.PI, Math.PI)
                                .within(0, LEVEL_OFF),
                        Reading.number("pitch", "Pitch shown, nose up", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2)
                                .within(0, LEVEL_OFF)),
                BenchCard.Sums.NONE);
    }

    static BenchCard rotation() {
        return new BenchCard(
                CardId.ROTATION,
                List.of(
                        Reading.choice("right", "Right wing down: the horizon shows", 0, SHOWN),
                        Reading.choice("down", "Nose down: the horizon shows", 3, SHOWN),
                        Reading.choice("swung", "Nose swung right: the heading", 0, "grows", "shrinks", "stays")),
                BoardCards::turned);
    }

    /** The turn of the board that explains both tilts, if one does. */
    private static List<Said> turned(Map<String, Double> given) {
        if (!given.containsKey("right") || !given.containsKey("down")) {
            return List.of();
        }
        int right = (int) Math.rint(given.get("right"));
        int down = (int) Math.rint(given.get("down"));
        for (int turns = 0; turns < 4; turns++) {
            if (shown(turns, true) == right && shown(turns, false) == down) {
                return List.of(new Said(
                        "turn",
                        turns == 0,
                        turns == 0
                                ? "The board knows how it lies"
                                : "The board lies turned by " + 90 * turns
                                        + "° to the right against its entry: enter that turn.",
                        List.of()));
            }
        }
        return List.of(new Said(
                "turn",
                false,
                "No turn of the board in its plane explains both tilts: it may lie on its back; tilt once more, then see the"
                        + " board's turn in Harness.",
                List.of()));
    }

    /** What the horizon shows of a tilt when the board is turned against its entry. */
    static int shown(int turns, boolean rightWingDown) {
        // the aircraft's right wing down seen by a board turned to the right by 90°: its nose points right and goes
        // down
        int[] right = {0, 3, 1, 2};
        int[] down = {3, 1, 2, 0};
        return rightWingDown ? right[turns] : down[turns];
    }

    /** Quarter turns by which the board is turned against its entry. */
    static int error(BoardMount mount) {
        return mount.errorQuarterTurns();
    }

    static BenchCard compassSwing() {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < HEADINGS.size(); i++) {
            readings.add(Reading.number(
                    HEADINGS.get(i), "Nose on " + HEADINGS.get(i) + ": shown", Quantity.BEARING, 0, 2 * Math.PI));
        }
        readings.add(Reading.number("N motor", "Nose on N, motor current on: shown", Quantity.BEARING, 0, 2 * Math.PI));
        readings.add(Reading.number("E motor", "Nose on E, motor current on: shown", Quantity.BEARING, 0, 2 * Math.PI));
        return new BenchCard(CardId.COMPASS_SWING, readings, BoardCards::swung);
    }

    private static List<Said> swung(Map<String, Double> given) {
        if (!given.keySet().containsAll(HEADINGS)) {
            return List.of();
        }
        double[] headings = new double[8];
        double[] errors = new double[8];
        for (int i = 0; i < 8; i++) {
            headings[i] = i * Math.PI / 4;
            errors[i] = turned(given.get(HEADINGS.get(i)) - headings[i]);
        }
        Fits.Deviation d = Fits.compass(headings, errors);
        Source bowditch = new Source.Published("N. Bowditch", "American Practical Navigator", 2019);
        List<Working> workings = new ArrayList<>();
        String[] names = {"A, the same all round", "B, fore and aft", "C, sideways", "D", "E"};
        double[] values = {d.a(), d.b(), d.c(), d.d(), d.e()};
        for (int i = 0; i < 5; i++) {
            workings.add(Working.of(
                    "BENCH-A6",
                    names[i],
                    values[i],
                    Quantity.ANGLE,
                    "least squares of A + B·sin ψ + C·cos ψ + D·sin 2ψ + E·cos 2ψ on eight headings",
                    bowditch,
                    Working.in("left over", d.residual(), Quantity.ANGLE)));
        }
        List<Said> said = new ArrayList<>();
        boolean good = d.largest() <= DEVIATION;
        said.add(new Said(
                "deviation",
                good,
                "Greatest deviation " + Quantity.ANGLE.text(d.largest())
                        + (good
                                ? ""
                                : Math.abs(d.a()) > Math.max(Math.abs(d.b()), Math.abs(d.c()))
                                        ? ": the same all round, so the compass is turned in the aircraft, not disturbed."
                                        : ": something magnetic lies near it; move it, or swing and enter it."),
                workings));
        if (given.containsKey("N motor") && given.containsKey("E motor")) {
            double north = Math.abs(turned(given.get("N motor") - given.get("N")));
            double east = Math.abs(turned(given.get("E motor") - given.get("E")));
            double most = Math.max(north, east);
            said.add(new Said(
                    "motor",
                    most <= BY_MOTOR,
                    "The motor's current turns it by " + Quantity.ANGLE.text(most)
                            + (most <= BY_MOTOR ? "" : ": twist the current leads, and lead them away from it."),
                    List.of()));
        }
        return said;
    }

    static double turned(double angle) {
        return Math.atan2(Math.sin(angle), Math.cos(angle));
    }
}
