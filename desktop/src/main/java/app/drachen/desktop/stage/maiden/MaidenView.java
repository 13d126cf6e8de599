package app.drachen.desktop.stage.maiden;

import app.drachen.core.cards.Card;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.debrief.Segments;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.chart.PlanChart;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Maiden stage: field, card, and the card's rehearsal from above and as strips. */
public final class MaidenView implements Place {
    private static final int[] SPEEDS = {1, 2, 4, 8, 16, 30, 60};
    private static final double SHOWN = 90;

    private final Workspace workspace;
    private final Background background;
    private final Runnable openDebrief;
    private final BorderPane root = new BorderPane();
    private final FieldPanel field;
    private final CardSteps steps = new CardSteps();
    private final Label cardNote = Texts.label("", "soft");
    private final Label clock = Texts.label("0:00", "clock");
    private final Label clockNote = Texts.label("", "soft");
    private final Label charge = Texts.label("", "heading");
    private final Label state = Texts.label("", "strong");
    private final ProgressBar progress = new ProgressBar(0);
    private final PlanChart plan = new PlanChart();
    private final StripChart strips = new StripChart(List.of(
            StripChart.Strip.of(LogColumn.HEIGHT),
            StripChart.Strip.of(LogColumn.AIRSPEED),
            new StripChart.Strip(LogColumn.ROLL, Optional.of(LogColumn.WANTED_ROLL)),
            StripChart.Strip.of(LogColumn.POWER)));
    private final AnimationTimer timer = new Ticker();
    private Optional<Rehearsal> rehearsal = Optional.empty();
    private Optional<Flight> flown = Optional.empty();
    private Optional<Background.Handle> work = Optional.empty();
    private final FlightChoice choice;
    private final ManyFlights many = new ManyFlights();
    private boolean running;
    private int speed = 3;
    private long seed = 1;
    private long aircraft;
    private boolean mistaken;
    private int begunAt;

    /** Moves the rehearsal with the clock. */
    private final class Ticker extends AnimationTimer {
        private long last;
        private int frame;

        @Override
        public void start() {
            last = 0;
            super.start();
        }

        @Override
        public void handle(long now) {
            double dt = last == 0 ? 0 : Math.min(0.1, (now - last) / 1e9);
            last = now;
            rehearsal.ifPresent(r -> r.advance(dt * SPEEDS[speed]));
            if (frame++ % 3 == 0) {
                picture();
            }
            if (rehearsal.flatMap(Rehearsal::outcome).isPresent()) {
                hold();
                landed();
            }
        }
    }

    /** The stage of a workspace. */
    public MaidenView(Workspace workspace, Background background, Runnable openDebrief) {
        this.workspace = workspace;
        this.background = background;
        this.openDebrief = openDebrief;
        field = new FieldPanel(workspace);
        choice = new FlightChoice(workspace, this::chosen);
        clock.setId("clock");
        state.setId("rehearsal-state");
        VBox used = new VBox(cardNote, charge);
        used.setAlignment(Pos.BOTTOM_RIGHT);
        HBox clockLine = new HBox(10, new VBox(clock, clockNote), Texts.spring(), used);
        clockLine.setAlignment(Pos.BOTTOM_LEFT);
        VBox left = new VBox(
                6,
                Texts.label("FIELD TODAY, WIND AS MEASURED AT 10 M", "caps"),
                field,
                choice.cards(),
                steps,
                clockLine);
        VBox.setMargin(choice.cards(), new Insets(6, 0, 0, 0));
        left.setMinWidth(344);
        left.setPrefWidth(344);
        left.setPadding(new Insets(12, 4, 10, 20));
        HBox head = new HBox(
                6,
                Texts.label("From above", "heading"),
                Texts.spring(),
                choice.mistakes(),
                Texts.key("+"),
                Texts.key("−"),
                Texts.label("speed", "soft"),
                Texts.key("1–6"),
                Texts.label("mode", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        progress.setPrefWidth(140);
        progress.setVisible(false);
        HBox controls = new HBox(
                8,
                Texts.button(Action.of("Run", "Space", this::runOrHold), "primary"),
                Texts.button(Action.of("To the end", "End", this::toTheEnd)),
                Texts.button(Action.of("Break off", "B", this::breakOff)),
                Texts.button(Action.of("Again", "N", this::again)),
                Texts.button(Action.of(ManyFlights.TIMES + " times", "M", this::manyTimes)),
                progress);
        controls.setAlignment(Pos.CENTER_LEFT);
        state.setMinWidth(0);
        VBox right = new VBox(8, head, plan, new StackPane(strips, many), state, controls);
        VBox.setVgrow(plan, Priority.ALWAYS);
        strips.setMinHeight(214);
        strips.setPrefHeight(214);
        strips.setMaxHeight(214);
        right.setPadding(new Insets(12, 16, 10, 10));
        root.setLeft(left);
        root.setCenter(right);
        root.setFocusTraversable(true);
        root.setId("maiden");
    }

    @Override
    public Node node() {
        return root;
    }

    /** The last flight that was read, for the debrief. */
    public Optional<Flight> flown() {
        return flown;
    }

    private Optional<Card> card() {
        return workspace.field().map(f -> choice.card().forAircraft(workspace.setup(), f));
    }

    @Override
    public void update() {
        if (aircraft != workspace.aircraft()) {
            aircraft = workspace.aircraft();
            rehearsal = Optional.empty();
            flown = Optional.empty();
            hold();
        }
        field.update();
        picture();
    }

    private void picture() {
        Optional<Card> card = rehearsal.map(r -> r.plan().card()).or(this::card);
        int now = rehearsal.map(Rehearsal::stepNumber).orElse(0);
        boolean over = rehearsal.flatMap(Rehearsal::outcome).isPresent();
        boolean whole =
                rehearsal.flatMap(Rehearsal::outcome).filter(Outcome::whole).isPresent();
        steps.show(card, now, over, whole, workspace.units());
        double time = rehearsal.map(Rehearsal::time).orElse(0.0);
        clock.setText((int) time / 60 + ":" + String.format(java.util.Locale.ROOT, "%02d", (int) time % 60));
        clockNote.setText(card.map(c -> "of " + Math.round(c.longest() / 60) + ":00 planned · ×" + SPEEDS[speed])
                .orElse(""));
        charge.setText(rehearsal
                .map(r -> Quantity.CHARGE.text(r.aircraft().chargeUsed(), workspace.units()))
                .orElse(""));
        cardNote.setText(rehearsal
                .map(r -> "Rehearsal " + r.plan().seed() + " · wind of today's field")
                .orElse("not rehearsed in this session"));
        state.setText(rehearsal
                .map(r -> RehearsalText.of(r, running, workspace.units()))
                .orElse("Space starts the rehearsal."));
        FlightLog log =
                rehearsal.map(Rehearsal::log).orElseGet(() -> new FlightLog.Builder(java.util.Set.of()).build());
        plan.show(log, workspace.field(), workspace.units());
        if (over) {
            strips.show(log, Segments.of(log), List.of(), workspace.units());
        } else {
            strips.follow(log, Segments.of(log), SHOWN, workspace.units());
        }
    }

    private boolean begin() {
        if (workspace.field().isEmpty()) {
            workspace.tell("Enter today's field first: wind, gusts, air.");
            field.focusFirst();
            return false;
        }
        try {
            rehearsal = Optional.of(new Rehearsal(
                    choice.plan(workspace.setup(), workspace.field().get(), seed)));
            mistaken = choice.mistake().isPresent();
            begunAt = workspace.revision().number();
            flown = Optional.empty();
            closeMany();
            return true;
        } catch (IllegalArgumentException e) {
            workspace.tell(e.getMessage());
            return false;
        }
    }

    private boolean ready() {
        boolean stale = rehearsal
                .filter(r -> r.outcome().isEmpty() && workspace.revision().number() == begunAt)
                .isEmpty();
        return !stale || begin();
    }

    private void runOrHold() {
        if (running) {
            hold();
            picture();
        } else if (ready()) {
            running = true;
            timer.start();
        }
    }

    private void hold() {
        running = false;
        timer.stop();
    }

    private void toTheEnd() {
        hold();
        if (!ready()) {
            return;
        }
        Rehearsal r = rehearsal.orElseThrow();
        progress.setVisible(true);
        progress.setProgress(0);
        work = Optional.of(background.start(
                running -> {
                    while (r.outcome().isEmpty() && !running.cancelled()) {
                        r.advance(5);
                        running.at(Math.min(1, r.time() / 240));
                    }
                    return r;
                },
                progress::setProgress,
                done -> {
                    finished();
                    landed();
                },
                this::failed));
    }

    private void cancel() {
        work.ifPresent(Background.Handle::cancel);
        work = Optional.empty();
        progress.setVisible(false);
        hold();
        picture();
    }

    /** Reads the log, keeps the flight and its proof. */
    private void landed() {
        Rehearsal r = rehearsal.orElseThrow();
        int revision = workspace.revision().number();
        boolean asSetUp = !mistaken;
        background.start(
                running -> {
                    Flight flight = Flight.of(r, revision, asSetUp);
                    String how = asSetUp ? "" : "With a mistake on purpose: ";
                    workspace.keep(flight.card().id(), how + flight.outcome().sentence(), flight.log());
                    return flight;
                },
                share -> {},
                this::read,
                e -> workspace.tell("The log could not be read: " + e.getMessage()));
    }

    private void read(Flight flight) {
        flown = Optional.of(flight);
        boolean first = flight.card().id().equals("first-flight");
        if (first && flight.asSetUp() && workspace.isOpen() && flight.setup().equals(workspace.setup())) {
            workspace.prove(ProofKind.REHEARSAL, Evidence.REHEARSED, flight.passed(), flight.summary(), Map.of());
        } else {
            workspace.go(workspace.stage());
        }
    }

    private void breakOff() {
        if (rehearsal.filter(r -> r.outcome().isEmpty()).isPresent()) {
            rehearsal.get().breakOff();
            workspace.tell("Card broken off: the pilot lands.");
        } else {
            workspace.tell("Nothing is flying.");
        }
    }

    private void again() {
        hold();
        seed++;
        if (begin()) {
            running = true;
            timer.start();
        }
    }

    /** Turns the gain knob to the next of its marks. */
    private void knob() {
        rehearsal
                .filter(r -> r.outcome().isEmpty())
                .ifPresentOrElse(
                        r -> {
                            r.knob(r.knob() >= 2 ? 0.5 : r.knob() + 0.5);
                            workspace.tell("Gain knob at " + Quantity.SHARE.text(r.knob(), workspace.units())
                                    + ": rate gains times that, where a mode uses them.");
                        },
                        () -> workspace.tell("Nothing is flying."));
    }

    private void faster(int by) {
        speed = Math.max(0, Math.min(SPEEDS.length - 1, speed + by));
        picture();
    }

    /** Another card or mistake was chosen. */
    private void chosen() {
        hold();
        rehearsal = Optional.empty();
        flown = Optional.empty();
        closeMany();
        workspace.go(workspace.stage());
    }

    /** Flies the card many times on all processors. */
    private void manyTimes() {
        if (workspace.field().isEmpty()) {
            begin();
            return;
        }
        hold();
        cancel();
        RehearsalPlan flight;
        try {
            flight = choice.plan(workspace.setup(), workspace.field().get(), seed);
            new Rehearsal(flight);
        } catch (IllegalArgumentException e) {
            workspace.tell(e.getMessage());
            return;
        }
        long id = workspace.aircraft();
        progress.setVisible(true);
        progress.setProgress(0);
        state.setText("Flying it " + ManyFlights.TIMES + " times; Esc stops.");
        work = Optional.of(background.start(
                running -> new Scatter(
                        Background.onAllProcessors(ManyFlights.TIMES, n -> Scatter.fly(flight, n), running)),
                progress::setProgress,
                done -> {
                    finished();
                    if (workspace.isOpen() && workspace.aircraft() == id) {
                        many.show(done, workspace.units());
                        strips.setVisible(false);
                        plan.ends(ManyFlights.ends(done));
                        picture();
                    }
                },
                this::failed));
    }

    private void closeMany() {
        many.hide();
        strips.setVisible(true);
        plan.ends(List.of());
    }

    private void finished() {
        progress.setVisible(false);
        work = Optional.empty();
    }

    private void failed(Exception e) {
        finished();
        workspace.tell("The rehearsal failed: " + e.getMessage());
    }

    private void takeOver() {
        if (rehearsal.filter(HelperFinds::in).isPresent()) {
            Rehearsal r = rehearsal.orElseThrow();
            workspace.edit("Took over what the helpers found", s -> HelperFinds.into(s, r));
        } else {
            workspace.tell("Nothing to take over: fly Autotune or auto-trim to the end first.");
        }
    }

    private void mode(int position) {
        List<FlightMode> modes = workspace.setup().modes().selector().wanted();
        if (position < modes.size()
                && rehearsal.filter(r -> r.outcome().isEmpty()).isPresent()) {
            rehearsal.get().choose(modes.get(position));
            workspace.tell(
                    modes.get(position) == FlightMode.MANUAL
                            ? "Manual: the pilot flies the card."
                            : modes.get(position).label() + ", hands off. "
                                    + modes.get(position).seen());
        }
    }

    private void debrief() {
        if (flown.isEmpty()) {
            workspace.tell("Nothing to read yet: rehearse the card first.");
        } else {
            openDebrief.run();
        }
    }

    @Override
    public List<Picture> pictures() {
        return List.of(plan.picture("flight from above"), strips.picture("strips of the rehearsal"));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("step", "mode", "what", "how"));
        card().ifPresent(c -> c.steps()
                .forEach(s ->
                        rows.add(List.of(String.valueOf(s.number()), s.mode().label(), s.title(), s.how()))));
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("run or hold the rehearsal", "Space", this::runOrHold));
        actions.add(Action.of("fly to the end at once", "End", this::toTheEnd));
        actions.add(Action.of("stop working", "Esc", this::cancel));
        actions.add(Action.of("break off: land", "B", this::breakOff));
        actions.add(Action.of("again, with other gusts and throw", "N", this::again));
        actions.add(Action.of("turn the gain knob", "G", this::knob));
        actions.add(Action.of("faster", "Plus", () -> faster(1)));
        actions.add(Action.also("Equals", () -> faster(1)));
        actions.add(Action.of("slower", "Minus", () -> faster(-1)));
        actions.add(Action.of("type the field", "F", field::focusFirst));
        actions.add(Action.of("another card", "C", choice::nextCard));
        actions.add(Action.of("another mistake to fly with", "X", choice::nextMistake));
        actions.add(Action.of("fly it " + ManyFlights.TIMES + " times", "M", this::manyTimes));
        actions.add(Action.of("take over what Autotune or auto-trim found", "T", this::takeOver));
        List<FlightMode> modes = workspace.setup().modes().selector().wanted();
        for (int i = 0; i < modes.size(); i++) {
            int position = i;
            actions.add(Action.of("mode: " + modes.get(i).label(), String.valueOf(i + 1), () -> mode(position)));
        }
        actions.add(Action.of("read the debrief", "Enter", this::debrief));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Read the debrief", "Enter", this::debrief));
    }

    /** Adds what the flight must show, and when to break off. */
    public void fill(Ledger ledger) {
        CardLedger.fill(ledger, card(), flown, workspace.units());
    }

    @Override
    public void leave() {
        hold();
    }
}
