package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.working.Finding.State;
import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** A real window on a fresh demo hangar. */
abstract class WindowTest {
    private static final long NOW = 1_790_000_000L;
    private static Path template;

    /** Whoever waits longer waits for nothing, on a slow and busy machine too [s]. */
    static final long PATIENCE = 90;

    final FxRobot robot = new FxRobot();
    Path folder;
    Hangar hangar;
    Desk desk;
    Session session;
    private final List<String> looks = new CopyOnWriteArrayList<>();
    final List<Throwable> unforeseen = new CopyOnWriteArrayList<>();
    Scene scene;
    Shell shell;
    final Answers dialogs = new Answers();
    final List<OptionalLong> windows = new ArrayList<>();
    final List<Path> openedHangars = new ArrayList<>();
    final List<app.drachen.core.setup.Setup> toOwn = new ArrayList<>();

    /** Answers questions for files with what was laid ready; remembers what was asked. */
    static final class Answers implements Dialogs {
        final Deque<List<Path>> toOpen = new ArrayDeque<>();
        final Deque<Path> toSave = new ArrayDeque<>();
        final List<String> suggested = new ArrayList<>();

        @Override
        public List<Path> open(String title, List<String> endings) {
            return toOpen.isEmpty() ? List.of() : toOpen.pop();
        }

        @Override
        public Optional<Path> save(String title, String suggestion, List<String> endings) {
            suggested.add(suggestion);
            return toSave.isEmpty() ? Optional.empty() : Optional.of(toSave.pop());
        }
    }

    /** The demo hangar is flown once; every test works on its own copy. */
    private static synchronized Path template() throws Exception {
        if (template == null) {
            Path made = Files.createTempDirectory("drachen-template").resolve("demo.drachen");
            try (Hangar hangar = Hangar.open(made)) {
                DemoHangar.fill(hangar, Clock.fixed(Instant.ofEpochSecond(NOW), ZoneOffset.UTC));
            }
            made.getParent().toFile().deleteOnExit();
            made.toFile().deleteOnExit();
            template = made;
        }
        return template;
    }

    @BeforeEach
    void open() throws Exception {
        folder = Files.createTempDirectory("drachen-walk");
        Path file = folder.resolve("demo.drachen");
        Files.copy(template(), file);
        hangar = Hangar.open(file);
        hangar.watch(WindowTest.this::looked);
        javafx.stage.Stage window = FxToolkit.registerPrimaryStage();
        // what a class before this one in the same process has set does not stay
        WaitForAsyncUtils.autoCheckException = true;
        FxToolkit.setupFixture(() -> {
            Screen.uncaught(unforeseen::add);
            desk = new Desk(
                    hangar,
                    Screen.jobs(unforeseen::add),
                    Screen.LATER,
                    Clock.fixed(Instant.ofEpochSecond(NOW), ZoneOffset.UTC));
            session = new Session(desk);
            shell = new Shell(
                    session,
                    new Shell.Outside(dialogs, windows::add, openedHangars::add, toOwn::add, () -> List.of(file)));
            scene = new Scene(shell.root(), 1280, 800);
            Theme.style(scene);
            window.setScene(scene);
            window.show();
            window.toFront();
            window.requestFocus();
        });
        until(window::isFocused);
        act(() -> desk.load(session::tell));
        until(() -> desk.loaded());
        settle();
    }

    /** The interface thread may not wait for a disk; what a test looks up itself does not count. */
    private void looked() {
        if (Platform.isFxApplicationThread()) {
            List<String> ours = Arrays.stream(Thread.currentThread().getStackTrace())
                    .map(StackTraceElement::toString)
                    .filter(f -> f.contains("app.drachen.desk"))
                    .toList();
            if (ours.stream().noneMatch(f -> f.contains("Test"))) {
                looks.add(String.join(" < ", ours));
            }
        }
    }

    @AfterEach
    void close() throws Exception {
        FxToolkit.setupFixture(() -> {
            shell.leave();
            session.close();
            desk.close();
        });
        FxToolkit.cleanupStages();
        assertEquals(List.of(), unforeseen, "errors that nobody foresaw");
        assertEquals(List.of(), looks, "the interface thread looked at the hangar's file");
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        }
    }

    void until(Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(PATIENCE, TimeUnit.SECONDS, () -> ask(condition));
        } catch (TimeoutException e) {
            throw new AssertionError(ask(this::seen), e);
        }
        quiet();
    }

    /** What there was to see when something did not come: which window has the keyboard and what in it, what it told, what went wrong. */
    private String seen() {
        return "did not come; "
                + Window.getWindows().stream()
                        .map(w -> w.getClass().getSimpleName() + (w.isFocused() ? " with" : " without")
                                + " the keyboard at " + w.getScene().getFocusOwner())
                        .toList()
                + "; told: " + noticed()
                + "; unforeseen: " + unforeseen;
    }

    /**
     * Until what was under way on the interface thread is done, and the picture after it laid out: one pulse, and twice what
     * was put off. The toolkit hands on what the screen sent before what is asked for later.
     */
    static void quiet() throws Exception {
        CountDownLatch laidOut = new CountDownLatch(1);
        WaitForAsyncUtils.asyncFx(() -> new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(() -> Platform.runLater(laidOut::countDown));
            }
        }.start());
        if (!laidOut.await(PATIENCE, TimeUnit.SECONDS)) {
            throw new TimeoutException("the interface stands still");
        }
    }

    /** Keys pressed together, as a hand does it. */
    void press(KeyCode... codes) throws Exception {
        ask(() -> {
            Robot hand = new Robot();
            for (KeyCode code : codes) {
                hand.keyPress(code);
            }
            for (int i = codes.length - 1; i >= 0; i--) {
                hand.keyRelease(codes[i]);
            }
            return true;
        });
        settle();
    }

    /** Letters into whatever holds the keyboard, each with the key going down and up. */
    void write(String text) throws Exception {
        for (String letter : text.split("")) {
            KeyCode named = KeyCode.getKeyCode(letter.toUpperCase(Locale.ROOT));
            KeyCode code = named == null ? KeyCode.UNDEFINED : named;
            ask(() -> {
                fire(KeyEvent.KEY_PRESSED, "", code);
                fire(KeyEvent.KEY_TYPED, letter, KeyCode.UNDEFINED);
                fire(KeyEvent.KEY_RELEASED, "", code);
                return true;
            });
        }
        quiet();
    }

    private void fire(EventType<KeyEvent> type, String letter, KeyCode code) {
        KeyEvent event = new KeyEvent(type, letter, letter, code, false, false, false, false);
        Event.fireEvent(scene.getFocusOwner(), event);
    }

    /** Until what was asked for is on disk and shown; a flight or a log may still be on its way. */
    void settle() throws Exception {
        quiet();
        if (!ask(() -> desk.saved())) {
            until(() -> desk.saved());
        }
    }

    <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get();
    }

    void act(Runnable task) throws Exception {
        WaitForAsyncUtils.asyncFx(task).get();
        settle();
    }

    /** Types into the finder and takes the first hit. */
    void take(String letters) throws Exception {
        until(() -> Shown.lookup(scene, "#find") != null);
        write(letters);
        press(KeyCode.ENTER);
        until(() -> Shown.lookup(scene, "#find") == null);
    }

    String clipboard() throws Exception {
        return ask(() -> Clipboard.getSystemClipboard().getString());
    }

    long idOf(String name) {
        return hangar.aircraft().stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** Presses a button wherever it is shown, in a panel that is on its way too. */
    void fire(String id) throws Exception {
        until(() -> anywhere(id).isPresent());
        act(() -> ((ButtonBase) anywhere(id).orElseThrow()).fire());
    }

    /** What a rule says of the aircraft that is open. */
    State says(String rule) throws Exception {
        settle();
        return ask(() -> session.clearance().rulings().stream()
                .filter(r -> r.finding().id().equals(rule))
                .findFirst()
                .orElseThrow()
                .finding()
                .state());
    }

    /** A node of any window, once it is there. */
    Node there(String id) throws Exception {
        until(() -> anywhere(id).isPresent());
        return anywhere(id).orElseThrow();
    }

    /** Types into a field and takes it by Enter. */
    void enter(String id, String text) throws Exception {
        TextField field = (TextField) there(id);
        act(() -> {
            field.setText(text);
            field.getOnAction().handle(new ActionEvent());
        });
    }

    /** A node of any window of the program. */
    static Optional<Node> anywhere(String id) {
        return Window.getWindows().stream()
                .filter(w -> w.getScene() != null)
                .map(w -> Shown.lookup(w.getScene(), "#" + id))
                .filter(Objects::nonNull)
                .findFirst();
    }

    Node node(String id) throws Exception {
        return ask(() -> Shown.lookup(scene, "#" + id));
    }

    StageState state(Stage stage) throws Exception {
        return ask(() -> session.clearance().stages().get(stage));
    }

    String clearance() throws Exception {
        return ask(() -> ((Label) Shown.lookup(scene, "#clearance")).getText().replace("\u00a0", " "));
    }

    String notice() throws Exception {
        return ask(this::noticed);
    }

    private String noticed() {
        return Shown.lookup(scene, "#notice").isVisible()
                ? Shown.lookup(scene, "#notice").lookupAll(".label").stream()
                        .map(n -> ((Label) n).getText())
                        .collect(Collectors.joining("\n"))
                : "";
    }

    /** Opens an aircraft at a stage. */
    void open(String name, Stage stage) throws Exception {
        act(() -> {
            session.open(desk.shelf().stream()
                    .filter(a -> a.name().equals(name))
                    .findFirst()
                    .orElseThrow());
            session.go(stage);
        });
        act(() -> scene.getRoot().layout());
    }

    void type(String id, String text) throws Exception {
        until(() -> Shown.lookup(scene, "#" + id) instanceof TextField);
        act(() -> {
            Shown.lookup(scene, "#" + id).requestFocus();
            ((TextField) Shown.lookup(scene, "#" + id)).selectAll();
        });
        write(text);
        press(KeyCode.ENTER);
    }
}
