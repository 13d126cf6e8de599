package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Answer;
import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.CardId;
import app.drachen.core.bench.Reading;
import app.drachen.core.controls.Surface;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding.State;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Deck;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Bench stage: cards on a line, each with what this aircraft must show, drawn; answered by the aircraft or the stand-in. */
public final class BenchView implements Place {
    private final Session session;
    private final VBox root = new VBox(8);
    private final CheckBox propellerOff = new CheckBox("The propeller is off the shaft");
    private final ToggleButton real = new ToggleButton("Real aircraft");
    private final ToggleButton standIn = new ToggleButton("Stand-in board");
    private final CardLine line = new CardLine(this::choose);
    private final Label title = Texts.label("", "heading");
    private final Label practice = Texts.label("", "bad");
    private final Label how = Texts.wrapped("", "soft");
    private final CardDrawing drawing = new CardDrawing();
    private final Map<CardId, CardForm> forms = new EnumMap<>(CardId.class);
    private final SurfaceQuestions questions = new SurfaceQuestions(this::answered);
    private final Deck asks = new Deck();
    private final VBox result = new VBox(3);
    private final CardRun run;
    private final BridgePanel bridge;

    /** The stage of a session. */
    public BenchView(Session session) {
        this.session = session;
        run = new CardRun(session, root, this::practised);
        bridge = new BridgePanel(session, root);
        ToggleGroup board = new ToggleGroup();
        board.getToggles().addAll(real, standIn);
        standIn.setSelected(true);
        for (ToggleButton b : List.of(real, standIn)) {
            b.setOnAction(e -> {
                b.setSelected(true);
                update();
            });
        }
        propellerOff.setId("propeller-off");
        propellerOff.setOnAction(e -> {
            run.propeller(propellerOff.isSelected());
            update();
        });
        HBox head = new HBox(
                6,
                Texts.label("On the bench", "heading"),
                practice,
                Texts.spring(),
                Texts.label("board", "soft"),
                real,
                standIn,
                Texts.key("T"));
        head.setAlignment(Pos.CENTER_LEFT);
        HBox caution = new HBox(
                10,
                new StateMark(State.CAUTION),
                propellerOff,
                Texts.key("X"),
                Texts.label("A motor that starts cuts fingers. Take it off first, for every session.", "soft"));
        caution.setAlignment(Pos.CENTER_LEFT);
        caution.getStyleClass().add("sheet");
        caution.setPadding(new Insets(6, 12, 6, 12));
        ScrollPane scroll = new Scroller(asks);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        VBox picture = new VBox(6, title, how, drawing);
        picture.setMinWidth(290);
        picture.setPrefWidth(330);
        picture.setMaxWidth(340);
        VBox.setVgrow(drawing, Priority.SOMETIMES);
        drawing.setMaxHeight(300);
        HBox middle = new HBox(14, picture, scroll);
        VBox.setVgrow(middle, Priority.ALWAYS);
        result.getStyleClass().add("sheet");
        result.setPadding(new Insets(7, 12, 7, 12));
        result.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        root.getChildren().addAll(head, caution, line, middle, result);
        root.setPadding(new Insets(10, 16, 10, 20));
        root.setFocusTraversable(true);
        root.setId("bench");
    }

    @Override
    public Node node() {
        return root;
    }

    private boolean ofTheRealOne() {
        return real.isSelected();
    }

    /** Whether the chosen card may be answered: with the pack in and the propeller to be off that is said first. */
    private boolean open() {
        return !run.chosen().propellerOff() || run.propellerOff();
    }

    @Override
    public void update() {
        run.update();
        propellerOff.setSelected(run.propellerOff());
        BenchCard card = run.card();
        line.show(run.spots(), card.id());
        practice.setText(run.practised().orElse(""));
        title.setText(card.id().title());
        how.setText(card.id().how());
        boolean surfaces = card.id().ofSurfaces();
        Map<String, Double> given = run.given(ofTheRealOne());
        boolean byHand = ofTheRealOne() && open();
        if (surfaces) {
            questions.show(run.asked(ofTheRealOne()), byHand);
            asks.show(questions);
        } else {
            // a form for each card, so that going to one does not cost the styles of its fields again
            CardForm form = forms.computeIfAbsent(
                    card.id(), id -> new CardForm(session, (reading, value) -> read(id, reading, value)));
            form.show(card, given, byHand);
            asks.show(form);
        }
        drawing.show(
                session.setup(), card, given, surfaces ? run.next(ofTheRealOne()) : Optional.empty(), session.units());
        result();
    }

    private void result() {
        result.getChildren().clear();
        BenchCard card = run.card();
        Map<String, Double> given = run.given(ofTheRealOne());
        List<String> wrong = run.wrong(ofTheRealOne());
        if (!open()) {
            result.getChildren().add(Texts.wrapped("Propeller off first: then the check starts.", "strong"));
        } else if (given.isEmpty()) {
            result.getChildren()
                    .add(Texts.wrapped(
                            ofTheRealOne()
                                    ? card.id().ofSurfaces()
                                            ? "Click or press U up, J down, L left, R right, N still."
                                            : "Type what you read, Enter takes it; Shift+P pastes a column of numbers, G asks a bridge."
                                    : "The stand-in answers by itself: Space runs this card, A every card.",
                            "soft"));
        } else if (wrong.isEmpty() && card.complete(given)) {
            result.getChildren()
                    .add(Texts.wrapped(
                            run.practising() && !ofTheRealOne()
                                    ? "Everything on this card is as it must be."
                                    : card.id().ofSurfaces()
                                            ? "Every surface does what it must. The proof is kept."
                                            : "Everything is as it must be. The proof is kept.",
                            "strong",
                            "good"));
        } else if (wrong.isEmpty()) {
            result.getChildren().add(Texts.wrapped("So far as wanted: " + card.progress(given) + ".", "good"));
        }
        wrong.stream().limit(3).forEach(s -> result.getChildren()
                .add(Texts.wrapped(Quantity.read(s, session.units()), "strong", "bad")));
        if (wrong.size() > 3) {
            result.getChildren().add(Texts.label("and " + (wrong.size() - 3) + " more", "soft"));
        }
        if (!wrong.isEmpty()) {
            result.getChildren()
                    .add(Texts.wrapped(
                            run.practising() && !ofTheRealOne()
                                    ? "Which cause explains it? B blames one."
                                    : "Which one cause explains all of it? Mend it, then run the check again.",
                            "soft"));
        }
    }

    private void answered(int question, Surface surface, Answer answer) {
        run.answer(question, surface, answer);
        update();
    }

    private void read(CardId id, Reading reading, double value) {
        run.read(ofTheRealOne(), id, reading, value);
        update();
    }

    private boolean mayRun() {
        if (!run.propellerOff()) {
            session.tell("Propeller off first: the motor is live.");
            return false;
        }
        if (ofTheRealOne()) {
            session.tell(
                    run.chosen().ofSurfaces()
                            ? "With the real aircraft you answer: U up, J down, L left, R right, N still."
                            : "With the real aircraft you type what you read.");
            return false;
        }
        if (run.beginning()) {
            session.tell("A fault is being hidden; a moment.");
            return false;
        }
        return true;
    }

    private void runChosen() {
        if (mayRun()) {
            run.standInAnswers(List.of(run.chosen()));
            update();
        }
    }

    private void runAll() {
        if (mayRun()) {
            run.standInAnswers(
                    BenchCards.of(session.setup()).stream().map(BenchCard::id).toList());
            update();
            long wrong = BenchCards.of(session.setup()).stream()
                    .filter(c -> !c.passed(run.given(false, c.id())))
                    .count();
            session.tell("The stand-in has answered every card: "
                    + (wrong == 0 ? "all as they must be." : wrong + " show something wrong."));
        }
    }

    /** Practice began, went on or ended: what was seen is no longer so. */
    private void practised() {
        standIn.setSelected(true);
        run.forgetStandIn();
        update();
    }

    private void answer(Answer answer) {
        if (!ofTheRealOne() || !open()) {
            runChosen();
            return;
        }
        run.answerNext(answer);
        update();
    }

    private void paste() {
        String text = Clipboard.getSystemClipboard().hasString()
                ? Clipboard.getSystemClipboard().getString()
                : "";
        if (!ofTheRealOne() || !open()) {
            session.tell("Readings are pasted for the real aircraft, once the propeller is off.");
            return;
        }
        session.tell(run.paste(text));
        update();
    }

    private void bridge() {
        if (!ofTheRealOne() || !open()) {
            session.tell("A bridge answers for the real aircraft: T chooses it, and the propeller is off first.");
            return;
        }
        bridge.ask(run.chosen(), (id, readings) -> {
            session.tell(run.bridged(id, readings));
            update();
        });
    }

    private void propeller() {
        run.propeller(!run.propellerOff());
        update();
    }

    private void choose(CardId id) {
        // what is being typed is taken, for the card that it was typed in
        root.requestFocus();
        run.choose(id);
        update();
    }

    private void step(int by) {
        List<CardId> all =
                BenchCards.of(session.setup()).stream().map(BenchCard::id).toList();
        choose(all.get(Math.floorMod(all.indexOf(run.chosen()) + by, all.size())));
    }

    private void other() {
        (ofTheRealOne() ? standIn : real).setSelected(true);
        update();
    }

    private void again() {
        run.forget(ofTheRealOne());
        update();
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("card", "asked", "must be", "read"));
        for (BenchCard card : BenchCards.of(session.setup())) {
            Map<String, Double> given = run.given(ofTheRealOne(), card.id());
            for (Reading r : card.readings()) {
                rows.add(List.of(
                        card.id().title(),
                        r.asks(),
                        r.wanted()
                                .map(w -> Quantity.read(w.words(), session.units()))
                                .orElse(""),
                        Optional.ofNullable(given.get(r.id()))
                                .map(v -> Quantity.read(r.told(v), session.units()))
                                .orElse("")));
            }
        }
        return rows;
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                line.picture(session.setup().name() + ", cards of the bench"),
                drawing.picture(session.setup().name() + ", " + run.chosen().title()));
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("the propeller is off", "X", this::propeller));
        actions.add(Action.of("run the card on the stand-in board", "Space", this::runChosen));
        actions.add(Action.of("run every card on the stand-in board", "A", this::runAll));
        actions.add(Action.of("next card", "Period", () -> step(1)));
        actions.add(Action.of("card before", "Comma", () -> step(-1)));
        actions.add(Action.of("check sticks", "1", () -> choose(CardId.STICK_TO_SURFACE)));
        actions.add(Action.of("check tilts", "2", () -> choose(CardId.TILT_TO_SURFACE)));
        actions.add(Action.of("six faces of the accelerometer", "6", () -> choose(CardId.SIX_FACES)));
        actions.add(Action.of("checks before the flight", "F", () -> choose(CardId.PREFLIGHT)));
        actions.add(Action.of("real aircraft or stand-in board", "T", this::other));
        actions.add(Action.of("answer this card again", "C", this::again));
        actions.add(Action.of("paste readings", "Shift+P", this::paste));
        actions.add(Action.of("ask a bridge for this card", "G", this::bridge));
        actions.add(Action.of("the surface goes up", "U", () -> answer(Answer.UP)));
        actions.add(Action.of("the surface goes down", "J", () -> answer(Answer.DOWN)));
        actions.add(Action.of("the rudder goes left", "L", () -> answer(Answer.LEFT)));
        actions.add(Action.of("the rudder goes right", "R", () -> answer(Answer.RIGHT)));
        actions.add(Action.of("the surface stays still", "N", () -> answer(Answer.STILL)));
        actions.add(Action.of(
                "hide a fault, for practice", "H", () -> run.practice().hide(1)));
        actions.add(
                Action.of("hide three faults", "Shift+H", () -> run.practice().hide(3)));
        actions.add(Action.of("blame a cause", "B", run::blame));
        actions.add(Action.of("show the hidden fault", "V", () -> run.practice().reveal()));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(
                Action.of("Run the card", "Space", this::runChosen),
                Action.of("Hide a fault", "H", () -> run.practice().hide(1)));
    }

    /** The question that comes next, for the drawing. */
    static Optional<BenchCheck.Question> first(List<BenchCheck.Question> all, Optional<Integer> next) {
        return next.map(all::get);
    }
}
