package app.drachen.desktop.app;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Progress;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.logs.LogFiles;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/**
 * A hand at the keys and the mouse, on every screen: how long the interface thread works for each key and each move of a drag, from
 * the event to the layout of what it changed. What the graphics do after that is not in it.
 *
 * <p>To be called beside the interface.
 */
final class HandWalk {
    /** Keys that go about in a screen and change it; none asks for a file. */
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.TAB,
            KeyCode.DOWN,
            KeyCode.UP,
            KeyCode.RIGHT,
            KeyCode.LEFT,
            KeyCode.PAGE_DOWN,
            KeyCode.PAGE_UP,
            KeyCode.PERIOD,
            KeyCode.COMMA,
            KeyCode.D,
            KeyCode.S,
            KeyCode.V);

    private static final int MOVES = 6;
    private static final String GOING = "going there";
    private static final long PATIENCE_MILLIS = 20_000;

    private final Session session;
    private final Shell shell;
    private final Scene scene;
    private final List<Frame> frames = new ArrayList<>();

    /** The first visits to all stages, which no second one repeats. */
    private final List<Frame> visits = new ArrayList<>();

    /**
     * What one event cost.
     *
     * @param screen where
     * @param what which key or drag
     * @param millis on the interface thread [ms]
     * @param work of the processor in that time, however busy the machine is with others [ms]
     */
    record Frame(String screen, String what, double millis, double work) {
        String told() {
            return screen + ", " + what + ": " + Math.round(10 * millis) / 10.0 + " ms";
        }
    }

    HandWalk(Session session, Shell shell, Scene scene) {
        this.session = session;
        this.shell = shell;
        this.scene = scene;
    }

    /** The walk over an aircraft of 400 parts whose last flight is a log; a process of its own. */
    static Map<String, Object> measure(Path log) throws Exception {
        Path folder = Files.createTempDirectory("drachen-hand");
        Path file = folder.resolve("hand.drachen");
        try {
            long id;
            try (Hangar made = Hangar.open(file)) {
                id = made.add(large(400), "bench", Instant.now().getEpochSecond());
                FlightLog flown = LogFiles.read(log, Progress.NONE).value();
                made.logbook().add(id, new FlightRecord(0, 1, 0, false, "", "bench"), flown);
            }
            return Shown.in(file, shown -> {
                HandWalk hand = new HandWalk(shown.session(), shown.shell(), shown.scene());
                List<Frame> second = hand.walk(id);
                return HandFigures.of(hand.visits, second);
            });
        } finally {
            try (Stream<Path> left = Files.walk(folder)) {
                left.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
            }
        }
    }

    /** An aircraft with so many parts, among them those of one that flies. */
    static Setup large(int parts) {
        Setup setup = DemoAircraft.seeschwalbe();
        List<Part> all = new ArrayList<>(setup.parts());
        for (int i = all.size(); i < parts; i++) {
            all.add(new Part(
                    "part " + i, PartKind.OTHER, 0.001, new Position(0.2 + 0.001 * i, 0.0005 * (i % 7 - 3), 0)));
        }
        return setup.withParts(all);
    }

    /** Walks all stages and the debrief of the last flight, twice; the second time counts. */
    List<Frame> walk(long aircraft) throws Exception {
        on(() -> session.openWhenRead(aircraft));
        until(s -> session.isOpen());
        on(() -> session.enter(DemoField.evening()));
        visits.addAll(round());
        visits.removeIf(f -> !f.what().equals(GOING));
        return round();
    }

    /** Once more over all screens. */
    List<Frame> round() throws Exception {
        frames.clear();
        for (Stage stage : Stage.values()) {
            String name = stage.label();
            frame(name, GOING, () -> shell.go(stage));
            shown(stage);
            events(name);
            frame(name, "undo", session::undo);
        }
        if (opened()) {
            events("Debrief");
            frame("Debrief", "key Esc", () -> key(scene.getRoot(), KeyCode.ESCAPE));
        }
        return List.copyOf(frames);
    }

    /** Whoever measures a screen must see it: what lies over it answers the same keys. */
    private void shown(Stage stage) throws Exception {
        if (!Screen.ask(() -> shell.shows(stage))) {
            throw new IllegalStateException(stage.label() + " is not what is shown");
        }
    }

    /** Opens the debrief of the last flight from the logbook, if one was flown. */
    private boolean opened() throws Exception {
        List<FlightRecord> flights = Screen.ask(() -> session.aircraft().flights());
        if (flights.isEmpty()) {
            return false;
        }
        on(() -> shell.openFlight(flights.get(flights.size() - 1).number()));
        until(s -> Shown.lookup(s, "#logbook") != null && session.desk().jobs().idle());
        events("Logbook");
        on(() -> key(Shown.lookup(scene, "#logbook"), KeyCode.ENTER));
        until(s -> Shown.lookup(s, "#debrief") != null && session.desk().jobs().idle());
        return true;
    }

    private void events(String screen) throws Exception {
        for (KeyCode code : KEYS) {
            frame(screen, "key " + code.getName(), () -> key(focused(), code));
        }
        List<Canvas> drawings = Screen.ask(() -> Shown.all(scene, "Canvas").stream()
                .filter(n -> n instanceof Canvas && shown(n))
                .map(Canvas.class::cast)
                .toList());
        for (Canvas drawing : drawings) {
            String name = "drag on " + name(drawing);
            mouse(screen, name, drawing, MouseEvent.MOUSE_PRESSED, 0);
            for (int i = 1; i <= MOVES; i++) {
                mouse(screen, name, drawing, MouseEvent.MOUSE_DRAGGED, 4 * i);
            }
            mouse(screen, name, drawing, MouseEvent.MOUSE_RELEASED, 4 * MOVES);
        }
    }

    private static boolean shown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return node.getLayoutBounds().getWidth() > 60;
    }

    /** The nearest name of a drawing. */
    private static String name(Node node) {
        Node at = node;
        while (at != null && at.getId() == null) {
            at = at.getParent();
        }
        return at == null ? "a drawing" : at.getId();
    }

    private EventTarget focused() {
        return scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
    }

    private static void key(EventTarget target, KeyCode code) {
        Event.fireEvent(target, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
        Event.fireEvent(target, new KeyEvent(KeyEvent.KEY_RELEASED, "", "", code, false, false, false, false));
    }

    private void mouse(String screen, String what, Canvas on, EventType<MouseEvent> type, double away)
            throws Exception {
        frame(screen, what, () -> {
            double x = on.getWidth() / 2 + away;
            double y = on.getHeight() / 2 + away / 2;
            Point2D at = on.localToScreen(x, y);
            boolean down = type != MouseEvent.MOUSE_RELEASED;
            Point2D there = at == null ? Point2D.ZERO : at;
            Event.fireEvent(
                    on,
                    new MouseEvent(
                            type,
                            x,
                            y,
                            there.getX(),
                            there.getY(),
                            MouseButton.PRIMARY,
                            1,
                            false,
                            false,
                            false,
                            false,
                            down,
                            false,
                            false,
                            false,
                            false,
                            away == 0,
                            new PickResult(on, x, y)));
        });
    }

    /** What it costs to show 150 plain labels and 30 buttons, in the same window: the yardstick. */
    Frame plain() throws Exception {
        VBox made = new VBox();
        for (int i = 0; i < 180; i++) {
            made.getChildren().add(i % 6 == 0 ? new Button("button " + i) : new Label("label " + i));
        }
        frame("plain", "labels and buttons", () -> ((Pane) shell.root())
                .getChildren()
                .add(made));
        on(() -> ((Pane) shell.root()).getChildren().remove(made));
        return frames.remove(frames.size() - 1);
    }

    /** The event, and styles and layout of the pulse that follows it; and by itself what comes of it once it is on disk. */
    private void frame(String screen, String what, Runnable event) throws Exception {
        CompletableFuture<Clock> pulse = new CompletableFuture<>();
        Clock handled = Screen.ask(() -> {
            Clock start = Clock.now();
            event.run();
            Clock spent = start.since();
            listen(pulse);
            return spent;
        });
        Clock laidOut = awaited(pulse);
        frames.add(new Frame(screen, what, handled.wall() + laidOut.wall(), handled.work() + laidOut.work()));
        if (!Screen.ask(() -> session.desk().saved())) {
            brought(screen, what);
        }
    }

    /** The longest of the frames until it is kept and shown, in time of the processor, since the disk takes its own. */
    private void brought(String screen, String what) throws Exception {
        Clock[] last = {Screen.ask(Clock::now)};
        double[] longest = new double[1];
        Runnable laidOut = () -> {
            longest[0] = Math.max(longest[0], last[0].since().work());
            last[0] = Clock.now();
        };
        on(() -> scene.addPostLayoutPulseListener(laidOut));
        until(s -> session.desk().saved());
        CompletableFuture<Clock> pulse = new CompletableFuture<>();
        on(() -> listen(pulse));
        awaited(pulse);
        on(() -> scene.removePostLayoutPulseListener(laidOut));
        frames.add(new Frame(screen, what + " once it is kept", longest[0], longest[0]));
    }

    private void listen(CompletableFuture<Clock> pulse) {
        Clock[] began = new Clock[1];
        Runnable before = () -> began[0] = Clock.now();
        Runnable[] after = new Runnable[1];
        after[0] = () -> {
            // a pulse that was under way when this was asked for is not the one
            if (began[0] != null) {
                scene.removePreLayoutPulseListener(before);
                scene.removePostLayoutPulseListener(after[0]);
                pulse.complete(began[0].since());
            }
        };
        scene.addPreLayoutPulseListener(before);
        scene.addPostLayoutPulseListener(after[0]);
        Platform.requestNextPulse();
    }

    /** Waits for a pulse; one that is lost is asked for again. */
    private static Clock awaited(CompletableFuture<Clock> pulse) throws Exception {
        long end = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (true) {
            try {
                return pulse.get(100, TimeUnit.MILLISECONDS);
            } catch (TimeoutException e) {
                if (System.currentTimeMillis() > end) {
                    throw e;
                }
                Platform.requestNextPulse();
            }
        }
    }

    /**
     * A moment of the calling thread, or the time since one.
     *
     * @param wall [ms]
     * @param work of the processor for this thread [ms]
     */
    private record Clock(double wall, double work) {
        static Clock now() {
            return new Clock(
                    System.nanoTime() / 1e6, ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() / 1e6);
        }

        Clock since() {
            Clock now = now();
            return new Clock(now.wall - wall, now.work - work);
        }
    }

    private void on(Runnable task) throws Exception {
        Screen.ask(Executors.callable(task));
    }

    private void until(Predicate<Scene> condition) throws Exception {
        long end = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (!Screen.ask(() -> condition.test(scene))) {
            if (System.currentTimeMillis() > end) {
                throw new IllegalStateException("the screen did not come");
            }
            LockSupport.parkNanos(5_000_000);
        }
    }
}
