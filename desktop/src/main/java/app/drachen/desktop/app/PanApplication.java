package app.drachen.desktop.app;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Progress;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.ImportFailedException;
import app.drachen.files.logs.LogFiles;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** Pans a log through the strips of the debrief, one step a frame, and tells how long the frames took. */
public final class PanApplication extends Application {
    private static final int FRAMES = 300;
    private static final int WARM = 60;

    private final List<Double> between = new ArrayList<>();
    private final List<Double> painting = new ArrayList<>();

    @Override
    public void start(Stage window) throws ImportFailedException {
        FlightLog log = LogFiles.read(Path.of(getParameters().getRaw().get(0)), Progress.NONE)
                .value();
        StripChart chart = new StripChart(List.of(
                StripChart.Strip.of(LogColumn.HEIGHT),
                StripChart.Strip.of(LogColumn.AIRSPEED),
                new StripChart.Strip(LogColumn.ROLL, Optional.of(LogColumn.WANTED_ROLL)),
                new StripChart.Strip(LogColumn.PITCH, Optional.of(LogColumn.WANTED_PITCH))));
        Scene scene = new Scene(chart, 1280, 800);
        Theme.style(scene);
        window.setScene(scene);
        window.show();
        chart.show(log, Debrief.of(log, Optional.empty(), 1.2).flight().segments(), List.of(), UnitSystem.METRIC);
        double length = log.duration();
        chart.stretch(0, length / 2);
        new AnimationTimer() {
            private long last;
            private int frame;

            @Override
            public void handle(long now) {
                if (frame > WARM) {
                    between.add((now - last) / 1e6);
                }
                last = now;
                long before = System.nanoTime();
                chart.pan(length / 2 / FRAMES);
                // it is painted when it is laid out, which the frame would do by itself in a moment
                chart.layout();
                if (frame > WARM) {
                    painting.add((System.nanoTime() - before) / 1e6);
                }
                frame++;
                if (frame > FRAMES) {
                    stop();
                    System.out.println(Json.text(figures()));
                    javafx.application.Platform.exit();
                }
            }
        }.start();
    }

    private Map<String, Object> figures() {
        Map<String, Object> figures = new LinkedHashMap<>();
        figures.put("frameMillisMedian", at(between, 0.5));
        figures.put("frameMillis99", at(between, 0.99));
        figures.put("paintMillisMedian", at(painting, 0.5));
        figures.put("paintMillis99", at(painting, 0.99));
        return figures;
    }

    private static double at(List<Double> values, double share) {
        Collections.sort(values);
        return Math.round(values.get((int) (share * (values.size() - 1))) * 100) / 100.0;
    }
}
