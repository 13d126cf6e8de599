package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Answer;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.BenchSession;
import app.drachen.core.bench.HiddenFault;
import app.drachen.core.bench.StandInBoard;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.controls.Surface;
import app.drachen.core.working.Finding.State;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.hangar.Revision;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Bench stage: what each surface must do, and what it did. */
public final class BenchView implements Place {
    private final Session session;
    private final VBox root = new VBox(10);
    private final CheckBox propellerOff = new CheckBox("The propeller is off the shaft");
    private final ToggleButton real = new ToggleButton("Real aircraft");
    private final ToggleButton standIn = new ToggleButton("Stand-in board");
    private final ToggleButton sticks = new ToggleButton("Stick to surface");
    private final ToggleButton tilts = new ToggleButton("Tilt to surface");
    private final VBox questions = new VBox(8);
    private final VBox result = new VBox(4);
    private final Practice practice;
    private boolean failureKept;
    private BenchSession asked;
    private Optional<Revision> checked = Optional.empty();

    /** The stage of a session. */
    public BenchView(Session session) {
        this.session = session;
        practice = new Practice(session, root, this::practised);
        ToggleGroup board = new ToggleGroup();
        board.getToggles().addAll(real, standIn);
        standIn.setSelected(true);
        ToggleGroup check = new ToggleGroup();
        check.getToggles().addAll(sticks, tilts);
        sticks.setSelected(true);
        for (ToggleButton b : List.of(real, standIn, sticks, tilts)) {
            b.setOnAction(e -> {
                b.setSelected(true);
                restart();
            });
        }
        propellerOff.setId("propeller-off");
        propellerOff.setOnAction(e -> update());
        HBox head = new HBox(
                6,
                Texts.label("On the bench", "heading"),
                Texts.spring(),
                Texts.label("board", "soft"),
                real,
                standIn,
                Texts.label("  check", "soft"),
                sticks,
                tilts);
        head.setAlignment(Pos.CENTER_LEFT);
        HBox caution = new HBox(
                10,
                new StateMark(State.CAUTION),
                propellerOff,
                Texts.label("A motor that starts cuts fingers. Take it off first, for every session.", "soft"));
        caution.setAlignment(Pos.CENTER_LEFT);
        caution.getStyleClass().add("sheet");
        caution.setPadding(new Insets(8, 12, 8, 12));
        ScrollPane scroll = new Scroller(questions);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        result.getStyleClass().add("sheet");
        result.setPadding(new Insets(9, 12, 9, 12));
        root.getChildren().addAll(head, caution, scroll, result);
        root.setPadding(new Insets(12, 16, 12, 20));
        root.setFocusTraversable(true);
        root.setId("bench");
    }

    @Override
    public Node node() {
        return root;
    }

    private BenchCheck check() {
        return sticks.isSelected() ? BenchCheck.STICK_TO_SURFACE : BenchCheck.TILT_TO_SURFACE;
    }

    private void restart() {
        asked = BenchSession.of(check(), check().questions(session.setup()));
        failureKept = false;
        checked = Optional.of(session.revision());
        update();
    }

    @Override
    public void update() {
        practice.update();
        if (asked == null || !checked.equals(Optional.of(session.revision()))) {
            asked = BenchSession.of(check(), check().questions(session.setup()));
            failureKept = false;
            checked = Optional.of(session.revision());
        }
        questions.getChildren().clear();
        for (int i = 0; i < asked.questions().size(); i++) {
            questions.getChildren().add(question(i));
        }
        result();
    }

    private Node question(int index) {
        BenchCheck.Question question = asked.questions().get(index);
        boolean now = asked.nextOpen().equals(Optional.of(index));
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(4);
        int row = 0;
        for (Map.Entry<Surface, Answer> entry : question.wanted().entrySet()) {
            Surface surface = entry.getKey();
            Answer wanted = entry.getValue();
            var name = Texts.label(surface.label());
            name.setMinWidth(110);
            grid.add(name, 0, row);
            var must = Texts.label("must " + (wanted == Answer.STILL ? "stay still" : "go " + wanted.label()), "soft");
            must.setMinWidth(105);
            grid.add(must, 1, row);
            HBox answers = new HBox(4);
            for (Answer answer : choices(surface)) {
                answers.getChildren().add(choice(index, surface, answer));
            }
            grid.add(answers, 2, row);
            Optional<Answer> seen = asked.seen(index, surface);
            seen.ifPresent(a -> answers.getChildren().add(new StateMark(a == wanted ? State.GOOD : State.STOP)));
            answers.setAlignment(Pos.CENTER_LEFT);
            row++;
        }
        var title = Texts.label((index + 1) + "  " + question.instruction(), "strong");
        title.setMinWidth(260);
        HBox line = new HBox(16, title, grid);
        line.getStyleClass().addAll("sheet");
        if (now) {
            line.getStyleClass().add("marked");
        }
        line.setPadding(new Insets(7, 12, 7, 12));
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private static List<Answer> choices(Surface surface) {
        return surface.equals(Surface.RUDDER)
                ? List.of(Answer.LEFT, Answer.RIGHT, Answer.STILL)
                : List.of(Answer.UP, Answer.DOWN, Answer.STILL);
    }

    private ToggleButton choice(int index, Surface surface, Answer answer) {
        ToggleButton button = new ToggleButton(answer.label());
        button.setId("answer-" + index + "-" + surface.id() + "-" + answer.name());
        button.setSelected(asked.seen(index, surface).equals(Optional.of(answer)));
        button.setDisable(!propellerOff.isSelected() || standIn.isSelected());
        button.setFocusTraversable(!standIn.isSelected());
        button.setOnAction(e -> {
            asked = asked.answered(index, surface, answer);
            finishIfComplete();
        });
        return button;
    }

    private void result() {
        result.getChildren().clear();
        List<BenchSession.Wrong> wrong = asked.wrong();
        if (!propellerOff.isSelected()) {
            result.getChildren().add(Texts.wrapped("Propeller off first: then the check starts.", "strong"));
        } else if (asked.seen().isEmpty()) {
            result.getChildren()
                    .add(Texts.wrapped(check().how()
                            + (standIn.isSelected()
                                    ? " The stand-in board answers by itself: Space runs it."
                                    : " Click or press U up, J down, L left, R right, N still.")));
        } else if (wrong.isEmpty() && asked.complete()) {
            result.getChildren()
                    .add(Texts.wrapped("Every surface does what it must. The proof is kept.", "strong", "good"));
        } else if (wrong.isEmpty()) {
            result.getChildren().add(Texts.wrapped("So far as wanted.", "good"));
        }
        for (BenchSession.Wrong one : wrong.subList(0, Math.min(3, wrong.size()))) {
            result.getChildren().add(Texts.wrapped(one.sentence(), "strong", "bad"));
        }
        if (!wrong.isEmpty()) {
            result.getChildren()
                    .add(Texts.wrapped(
                            practice.on()
                                    ? "Which cause explains it? B blames one."
                                    : "Which one cause explains all of it? Mend it, then run the check again.",
                            "soft"));
        }
    }

    /** A complete check is evidence; of the real aircraft the first wrong answer counts at once. */
    private void finishIfComplete() {
        boolean wrongNow =
                real.isSelected() && !asked.complete() && asked.wrong().size() == 1 && !failureKept;
        failureKept |= wrongNow;
        if (asked.complete() || wrongNow) {
            List<BenchSession.Wrong> wrong = asked.wrong();
            boolean passed = wrong.isEmpty();
            ProofKind kind = asked.check() == BenchCheck.STICK_TO_SURFACE
                    ? ProofKind.STICK_TO_SURFACE
                    : ProofKind.TILT_TO_SURFACE;
            // a practice fault is not the aircraft's: it is never kept as evidence
            if (!practice.on() || real.isSelected()) {
                session.prove(
                        kind,
                        real.isSelected() ? Evidence.REAL : Evidence.STAND_IN,
                        passed,
                        passed ? "All surfaces as wanted" : wrong.get(0).sentence(),
                        kind == ProofKind.STICK_TO_SURFACE ? asked.stood() : Map.of());
            }
        }
        update();
    }

    private void run() {
        if (!propellerOff.isSelected()) {
            session.tell("Propeller off first: the motor is live.");
            return;
        }
        if (real.isSelected()) {
            session.tell("With the real aircraft you answer: U up, J down, L left, R right, N still.");
            return;
        }
        if (practice.beginning()) {
            session.tell("A fault is being hidden; a moment.");
            return;
        }
        StandInBoard board = new StandInBoard(practice.checked().orElseGet(session::setup), HiddenFault.NONE);
        BenchSession fresh = BenchSession.of(check(), check().questions(session.setup()));
        for (int i = 0; i < fresh.questions().size(); i++) {
            fresh = fresh.answered(i, board.answer(fresh.questions().get(i)));
        }
        asked = fresh;
        finishIfComplete();
    }

    /** Practice began, went on or ended: what was seen is no longer so. */
    private void practised() {
        standIn.setSelected(true);
        restart();
    }

    private void answer(Answer answer) {
        if (!propellerOff.isSelected() || standIn.isSelected()) {
            run();
            return;
        }
        asked.nextOpen().ifPresent(index -> {
            for (Surface surface : asked.questions().get(index).wanted().keySet()) {
                if (asked.seen(index, surface).isEmpty() && choices(surface).contains(answer)) {
                    asked = asked.answered(index, surface, answer);
                    finishIfComplete();
                    return;
                }
            }
        });
    }

    private void propeller() {
        propellerOff.setSelected(!propellerOff.isSelected());
        update();
    }

    private void choose(ToggleButton button) {
        button.setSelected(true);
        restart();
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("asked", "surface", "wanted", "seen"));
        for (int i = 0; i < asked.questions().size(); i++) {
            int at = i;
            BenchCheck.Question question = asked.questions().get(i);
            question.wanted()
                    .forEach((surface, answer) -> rows.add(List.of(
                            question.instruction(),
                            surface.label(),
                            answer.label(),
                            asked.seen(at, surface).map(Answer::label).orElse(""))));
        }
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("the propeller is off", "X", this::propeller));
        actions.add(Action.of("run the check on the stand-in board", "Space", this::run));
        actions.add(Action.of("check sticks", "1", () -> choose(sticks)));
        actions.add(Action.of("check tilts", "2", () -> choose(tilts)));
        actions.add(
                Action.of("real aircraft or stand-in board", "T", () -> choose(real.isSelected() ? standIn : real)));
        actions.add(Action.of("the surface goes up", "U", () -> answer(Answer.UP)));
        actions.add(Action.of("the surface goes down", "J", () -> answer(Answer.DOWN)));
        actions.add(Action.of("the rudder goes left", "L", () -> answer(Answer.LEFT)));
        actions.add(Action.of("the rudder goes right", "R", () -> answer(Answer.RIGHT)));
        actions.add(Action.of("the surface stays still", "N", () -> answer(Answer.STILL)));
        actions.add(Action.of("hide a fault, for practice", "H", () -> practice.hide(1)));
        actions.add(Action.of("hide three faults", "Shift+H", () -> practice.hide(3)));
        actions.add(Action.of("blame a cause", "B", practice::blame));
        actions.add(Action.of("show the hidden fault", "V", practice::reveal));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(
                Action.of("Run the check", "Space", this::run), Action.of("Hide a fault", "H", () -> practice.hide(1)));
    }
}
