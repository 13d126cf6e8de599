package app.drachen.desktop.app;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What the benchmark says of a walk by hand. */
final class HandFigures {
    /** One frame of a screen that shows sixty a second [ms]. */
    private static final double FRAME = 16;

    private HandFigures() {}

    /** The figures of a walk: how many, how many over a frame, the worst of each screen, the worst of all; and the first visits. */
    static Map<String, Object> of(List<HandWalk.Frame> visits, List<HandWalk.Frame> frames) {
        Map<String, Object> figures = new LinkedHashMap<>();
        Comparator<HandWalk.Frame> slower = Comparator.comparingDouble(HandWalk.Frame::millis);
        figures.put("events", frames.size());
        figures.put("overOneFrame", slow(frames).count());
        figures.put(
                "worstFrame",
                frames.stream().max(slower).map(HandWalk.Frame::told).orElse("none"));
        Map<String, String> worst = new LinkedHashMap<>();
        for (String screen :
                frames.stream().map(HandWalk.Frame::screen).distinct().toList()) {
            worst.put(
                    screen,
                    frames.stream()
                            .filter(f -> f.screen().equals(screen))
                            .max(slower)
                            .map(f -> f.what() + ": " + Math.round(10 * f.millis()) / 10.0 + " ms")
                            .orElse("none"));
        }
        figures.put("worstOfEach", worst);
        figures.put(
                "slow",
                slow(frames)
                        .sorted(slower.reversed())
                        .limit(20)
                        .map(HandWalk.Frame::told)
                        .toList());
        Map<String, Double> first = new LinkedHashMap<>();
        visits.forEach(v -> first.put(v.screen(), Math.round(10 * v.millis()) / 10.0));
        figures.put("firstVisitMillis", first);
        return figures;
    }

    private static Stream<HandWalk.Frame> slow(List<HandWalk.Frame> frames) {
        return frames.stream().filter(f -> f.millis() > FRAME);
    }
}
