package app.drachen.desktop.app;

import static app.drachen.desktop.trials.TrialsTest.SEED;
import static app.drachen.desktop.trials.TrialsTest.judge;
import static app.drachen.desktop.trials.TrialsTest.times;

import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.desk.OpenAircraft;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.trials.Figures;
import app.drachen.desktop.trials.Tally;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** The real window under odd aircraft and under hands that do not know what they do. */
class WindowTrialsTest extends WindowTest {
    private static final List<KeyCode> PLAIN = List.of(
            KeyCode.ENTER,
            KeyCode.ESCAPE,
            KeyCode.SPACE,
            KeyCode.TAB,
            KeyCode.TAB,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.HOME,
            KeyCode.END,
            KeyCode.PERIOD,
            KeyCode.COMMA,
            KeyCode.PLUS,
            KeyCode.MINUS,
            KeyCode.DELETE,
            KeyCode.BACK_SPACE,
            KeyCode.PAGE_UP,
            KeyCode.PAGE_DOWN,
            KeyCode.F1,
            KeyCode.F2,
            KeyCode.F8);
    private static final List<KeyCode> WITH_CONTROL = List.of(
            KeyCode.RIGHT,
            KeyCode.LEFT,
            KeyCode.Z,
            KeyCode.Z,
            KeyCode.Y,
            KeyCode.U,
            KeyCode.K,
            KeyCode.L,
            KeyCode.J,
            KeyCode.H,
            KeyCode.ENTER,
            KeyCode.C,
            KeyCode.D,
            KeyCode.P,
            KeyCode.G,
            KeyCode.E,
            KeyCode.O);
    private static final List<List<KeyCode>> TYPED = List.of(
            List.of(KeyCode.DIGIT1, KeyCode.DIGIT2),
            List.of(KeyCode.MINUS, KeyCode.DIGIT5),
            List.of(KeyCode.DIGIT1, KeyCode.E, KeyCode.DIGIT9),
            List.of(KeyCode.A, KeyCode.B, KeyCode.C),
            List.of(KeyCode.DIGIT0),
            List.of(KeyCode.DIGIT3, KeyCode.COMMA, KeyCode.DIGIT5),
            List.of(KeyCode.N, KeyCode.A, KeyCode.N),
            List.of(KeyCode.PERIOD, KeyCode.PERIOD));

    private Robot hand;
    private final List<Throwable> thrown = new CopyOnWriteArrayList<>();

    @BeforeEach
    void hear() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> Screen.uncaught(thrown::add)).get();
        WaitForAsyncUtils.autoCheckException = false;
        hand = ask(Robot::new);
        // the test library keeps every event of a window, and with it all that was ever shown
        act(() -> FxToolkit.toolkitContext().setRegisteredStage(new javafx.stage.Stage()));
    }

    /** The sunlight view is the whole program's. */
    @AfterEach
    void backIndoors() throws Exception {
        act(() -> Ink.sunlight(false));
    }

    private void hearOut(Tally tally, String input) {
        for (Throwable e : thrown) {
            tally.fault(
                    e.getClass().getSimpleName() + " " + Tally.where(e) + " "
                            + String.valueOf(e.getMessage()).replaceAll("[-0-9.E]+", "#"),
                    input.getBytes(StandardCharsets.UTF_8));
        }
        thrown.clear();
    }

    /** An aircraft of odd figures is shown on every screen, with what it feels like; the others stay. */
    @Test
    void oddAircraftAreShownOnEveryScreen() throws Exception {
        Tally tally = new Tally("screens", SEED, Tally.KEPT);
        Map<String, Setup> odd = new Figures(folder).accepted(SEED, times(6, 600));
        for (Map.Entry<String, Setup> one : odd.entrySet()) {
            AtomicReference<OpenAircraft> added = new AtomicReference<>();
            act(() -> desk.add(one.getValue(), one.getKey(), added::set, s -> {}));
            until(() -> added.get() != null);
            byte[] input = one.getKey().getBytes(StandardCharsets.UTF_8);
            tally.run(input, e -> false, () -> {
                act(() -> session.open(added.get()));
                for (Stage stage : Stage.values()) {
                    act(() -> shell.go(stage));
                }
                press(KeyCode.CONTROL, KeyCode.J);
                press(KeyCode.ESCAPE);
                act(session::closeAircraft);
            });
            hearOut(tally, one.getKey());
            act(() -> added.get().putAway(s -> {}));
        }
        judge(tally);
    }

    /** Keys, words, clicks and drags without sense: nothing is thrown, nothing stands still, the keyboard stays alive. */
    @Test
    void keysAndClicksWithoutSense() throws Exception {
        Tally tally = new Tally("keys", SEED, Tally.KEPT);
        Random random = new Random(SEED);
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(times(8, 1_800));
        List<String> last = new ArrayList<>();
        List<Long> heaps = new ArrayList<>();
        long begun = System.nanoTime();
        for (int round = 0; System.nanoTime() < end; round++) {
            last.clear();
            for (int i = 0; i < 12; i++) {
                last.add(one(random));
            }
            String input = String.join(" ", last);
            tally.run(input.getBytes(StandardCharsets.UTF_8), e -> false, () -> alive(input));
            hearOut(tally, input);
            double part = (System.nanoTime() - begun) / (double) (end - begun);
            if (heaps.size() < 4 && part > 0.25 * (heaps.size() + 1) - 1e-3) {
                heaps.add(heap());
            }
        }
        heaps.add(heap());
        System.out.println("  aircraft at the end: " + hangar.aircraft().size());
        System.out.println("  heap after collection, at rest [MB], at each quarter: " + heaps);
        // a short run is over before every screen was made once
        if (Boolean.getBoolean("drachen.trials") && heaps.get(heaps.size() - 1) > 1.25 * heaps.get(0) + 20) {
            tally.fault("the heap grows: " + heaps, new byte[0]);
        }
        judge(tally);
    }

    /**
     * What is held at rest: on the shelf, nothing on its way. In the middle of work a flight and its pictures are held, and
     * the figure would tell by which key it was taken.
     */
    private long heap() throws Exception {
        for (int i = 0; i < 6; i++) {
            keys(KeyCode.ESCAPE);
        }
        act(() -> {
            if (session.isOpen()) {
                session.closeAircraft();
            }
        });
        settle();
        quiet();
        long least = Long.MAX_VALUE;
        for (int i = 0; i < 4; i++) {
            System.gc();
            Runtime all = Runtime.getRuntime();
            least = Math.min(least, (all.totalMemory() - all.freeMemory()) >> 20);
            quiet();
        }
        return least;
    }

    /** Keys pressed together, as a hand does it. */
    private void keys(KeyCode... codes) throws Exception {
        fx(() -> {
            for (KeyCode code : codes) {
                hand.keyPress(code);
            }
            for (int i = codes.length - 1; i >= 0; i--) {
                hand.keyRelease(codes[i]);
            }
        });
    }

    private void fx(Runnable what) throws Exception {
        WaitForAsyncUtils.asyncFx(what).get(Tally.HANG, TimeUnit.SECONDS);
        quiet();
    }

    private String one(Random random) throws Exception {
        double kind = random.nextDouble();
        if (kind < 0.5) {
            boolean letter = random.nextInt(3) == 0;
            KeyCode key = letter
                    ? KeyCode.values()[KeyCode.A.ordinal() + random.nextInt(26)]
                    : PLAIN.get(random.nextInt(PLAIN.size()));
            if (key == KeyCode.TAB && random.nextBoolean()) {
                keys(KeyCode.SHIFT, KeyCode.TAB);
                return "Shift+Tab";
            }
            keys(key);
            return key.name();
        }
        if (kind < 0.68) {
            KeyCode key = WITH_CONTROL.get(random.nextInt(WITH_CONTROL.size()));
            keys(KeyCode.CONTROL, key);
            return "Ctrl+" + key;
        }
        if (kind < 0.74) {
            List<KeyCode> text = TYPED.get(random.nextInt(TYPED.size()));
            for (KeyCode key : text) {
                keys(key);
            }
            keys(KeyCode.ENTER);
            return text.toString();
        }
        double x = scene.getWindow().getX() + scene.getX() + random.nextDouble() * scene.getWidth();
        double y = scene.getWindow().getY() + scene.getY() + random.nextDouble() * scene.getHeight();
        MouseButton button = random.nextInt(6) == 0 ? MouseButton.SECONDARY : MouseButton.PRIMARY;
        double right = kind < 0.92 ? 0 : random.nextInt(400) - 200.0;
        double down = kind < 0.92 ? 0 : random.nextInt(300) - 150.0;
        fx(() -> {
            hand.mouseMove(x, y);
            hand.mousePress(button);
        });
        fx(() -> hand.mouseMove(x + right, y + down));
        fx(() -> hand.mouseRelease(button));
        return right == 0 ? "click" : "drag";
    }

    /** The interface answers, all panels close by the keyboard, and F1 shows the keys. */
    private void alive(String input) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(Tally.HANG, TimeUnit.SECONDS, WaitForAsyncUtils.asyncFx(() -> true)::get);
        } catch (TimeoutException e) {
            throw new IllegalStateException("the interface stands still after " + input, e);
        }
        for (int i = 0; i < 6; i++) {
            keys(KeyCode.ESCAPE);
        }
        keys(KeyCode.F1);
        if (!seen(true)) {
            throw new IllegalStateException("no key is heard any more, " + state() + ", after " + input);
        }
        keys(KeyCode.ESCAPE);
        if (!seen(false)) {
            throw new IllegalStateException("the panel does not close by Esc, " + state() + ", after " + input);
        }
    }

    private String state() throws Exception {
        return ask(() ->
                "focus on " + scene.getFocusOwner() + " of " + scene.getWindow().isFocused() + ", over it "
                        + shell.root().getChildrenUnmodifiable().stream()
                                .filter(Node::isVisible)
                                .map(Node::getId)
                                .toList());
    }

    /** Whether the panel of the keys is there, or gone, within good time. */
    private boolean seen(boolean there) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(
                    Tally.HANG, TimeUnit.SECONDS, () -> ask(() -> Shown.lookup(scene, "#keys") != null) == there);
            return true;
        } catch (TimeoutException e) {
            return false;
        }
    }
}
