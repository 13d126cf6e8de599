package app.drachen.desk.bench;

import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.setup.Setup;
import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desk.work.Jobs;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/** Whether a hangar grows slower with age: an edit, undo and a change of stage at 10 and at 10,000 revisions. */
public final class Age {
    private static final int YOUNG = 10;
    private static final int OLD = 10_000;
    private static final int TURNS = 101;

    private Age() {}

    /** Medians, and the old hangar over the young one; the first file is for warming up. */
    public static Map<String, Object> measure(Path warm, Path young, Path old) {
        // once for nothing, so that the compiler of the virtual machine has seen it all
        at(warm, YOUNG);
        double[] first = at(young, YOUNG);
        double[] second = at(old, OLD);
        Map<String, Object> figures = new LinkedHashMap<>();
        String[] names = {"edit", "undoAndRedo", "stage"};
        for (int i = 0; i < names.length; i++) {
            figures.put(names[i] + "MillisAt10", round(first[i]));
            figures.put(names[i] + "MillisAt10000", round(second[i]));
            figures.put(names[i] + "OldOverYoung", round(second[i] / first[i]));
        }
        return figures;
    }

    private static double round(double value) {
        return Math.round(value * 1_000) / 1_000.0;
    }

    private static Setup heavier(Setup setup, int turn) {
        double mass = 0.05 + 0.0001 * (turn % 100);
        return setup.withPart("camera", p -> p.withMass(mass));
    }

    /** Medians of an edit, an undo with its redo, and a change of stage [ms]. */
    private static double[] at(Path file, int revisions) {
        Hangar hangar = Hangar.open(file);
        long id = hangar.add(DemoAircraft.rochen(), "bench", 0);
        hangar.keep("field", SetupJson.writeField(DemoField.evening()));
        for (int i = 1; i < revisions; i++) {
            hangar.commit(id, heavier(DemoAircraft.rochen(), i), "bench", i);
        }
        // everything at once, so that an edit is measured from the key to what is shown
        Jobs jobs = new Jobs(Runnable::run, Runnable::run, e -> {
            throw new IllegalStateException(e);
        });
        try (Desk desk = new Desk(hangar, jobs, Runnable::run, Clock.systemUTC())) {
            Session session = new Session(desk);
            desk.load(sentence -> {});
            session.open(id);
            double[][] millis = new double[3][TURNS];
            for (int i = -10; i < TURNS; i++) {
                int turn = i + 50;
                long start = System.nanoTime();
                session.edit("bench", s -> heavier(s, turn));
                long edited = System.nanoTime();
                session.undo();
                session.redo();
                long walked = System.nanoTime();
                session.go(turn % 2 == 0 ? Stage.BUILD : Stage.MODES);
                long gone = System.nanoTime();
                if (i >= 0) {
                    millis[0][i] = (edited - start) / 1e6;
                    millis[1][i] = (walked - edited) / 1e6;
                    millis[2][i] = (gone - walked) / 1e6;
                }
            }
            return Arrays.stream(millis)
                    .mapToDouble(m -> Arrays.stream(m)
                            .sorted()
                            .skip(TURNS / 2)
                            .findFirst()
                            .orElseThrow())
                    .toArray();
        }
    }
}
