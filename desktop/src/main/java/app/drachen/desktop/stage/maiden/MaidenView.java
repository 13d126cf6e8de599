package app.drachen.desktop.stage.maiden;

import app.drachen.core.cards.Card;
import app.drachen.core.debrief.Segments;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desk.flight.Flight;
import app.drachen.desk.flight.FlightRun;
import app.drachen.desk.flight.Glance;
import app.drachen.desk.flight.Rehearsing;
import app.drachen.desktop.chart.PlanChart;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
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

    private static final FlightLog EMPTY = new FlightLog.Builder(Set.of()).build();

    private final Session session;
    private final Consumer<Flight> openDebrief;
    private final Rehearsing rehearsing;
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
    private final Ticker timer = new Ticker();
    private final FlightChoice choice;
    private final ManyFlights many = new ManyFlights();
    private int speed = 3;

    /** Moves the rehearsal with the clock. */
    private final class Ticker extends AnimationTimer {
        private long last;
        private int frame;
        private boolean ticking;

        /** Ticks while the clock runs, and paints while a flight goes to its end. */
        void follow() {
            boolean wanted = rehearsing.running() || rehearsing.goingToTheEnd();
            if (wanted && !ticking) {
                last = 0;
                start();
            } else if (!wanted && ticking) {
                stop();
            }
            ticking = wanted;
        }

        @Override
        public void handle(long now) {
            double dt = last == 0 ? 0 : Math.min(0.1, (now - last) / 1e9);
            last = now;
            rehearsing.tick(dt * SPEEDS[speed]);
            if (frame++ % 3 == 0) {
                picture();
            }
        }
    }

    /**
     * The stage of a session.
     *
     * @param dialogs asks for a grid of heights
     * @param openDebrief shows the debrief of a flight
     */
    public MaidenView(Session session, Dialogs dialogs, Consumer<Flight> openDebrief) {
        this.session = session;
        this.openDebrief = openDebrief;
        rehearsing = new Rehearsing(session, this::came);
        field = new FieldPanel(session, dialogs);
        choice = new FlightChoice(session, rehearsing);
        clock.setId("clock");
        state.setId("rehearsal-state");
        VBox used = new VBox(cardNote, charge);
        used.setAlignment(Pos.BOTTOM_RIGHT);
        HBox clockLine = new HBox(10, new VBox(clock, clockNote), Texts.spring(), used);
        clockLine.setAlignment(Pos.BOTTOM_LEFT);
        VBox left = new VBox(6, field, choice.cards(), steps, clockLine);
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
                Texts.button(Action.of("Run", "Space", rehearsing::runOrHold), "primary"),
                Texts.button(Action.of("To the end", "End", this::toTheEnd)),
                Texts.button(Action.of("Break off", "B", rehearsing::breakOff)),
                Texts.button(Action.of("Again", "N", rehearsing::again)),
                Texts.button(Action.of(Rehearsing.TIMES + " times", "M", this::manyTimes)),
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

    @Override
    public void update() {
        field.update();
        if (session.isOpen()) {
            choice.update(rehearsing.cardPlan(), rehearsing.mistake());
        }
        picture();
    }

    /** Something came that is to be shown here, if this is what is shown. */
    private void came() {
        if (root.isVisible() && root.getScene() != null && session.isOpen()) {
            session.refresh();
        }
    }

    private void picture() {
        if (!session.isOpen()) {
            return;
        }
        timer.follow();
        Optional<FlightRun> run = rehearsing.run();
        Optional<Glance> glance = run.flatMap(FlightRun::glance);
        Optional<Card> card = rehearsing.card();
        Optional<Outcome> outcome = glance.flatMap(Glance::outcome);
        steps.show(
                card,
                glance.map(Glance::step).orElse(0),
                outcome.isPresent(),
                outcome.filter(Outcome::whole).isPresent(),
                session.units());
        double time = glance.map(Glance::time).orElse(0.0);
        clock.setText((int) time / 60 + ":" + String.format(Locale.ROOT, "%02d", (int) time % 60));
        clockNote.setText(card.map(c -> "of " + Math.round(c.longest() / 60) + ":00 planned · ×" + SPEEDS[speed])
                .orElse(""));
        charge.setText(glance.map(g -> Quantity.CHARGE.text(g.charge(), session.units()))
                .orElse(""));
        cardNote.setText(run.map(r -> "Rehearsal " + r.plan().seed() + " · wind of today's field")
                .orElse("not rehearsed in this session"));
        state.setText(
                rehearsing.flyingMany()
                        ? "Flying it " + Rehearsing.TIMES + " times; Esc stops."
                        : run.map(r -> RehearsalText.of(r, rehearsing.running(), session.units()))
                                .orElse("Space starts the rehearsal."));
        progress.setVisible(rehearsing.flyingMany() || rehearsing.goingToTheEnd());
        strips(glance.map(Glance::log).orElse(EMPTY), outcome.isPresent());
    }

    private void strips(FlightLog log, boolean over) {
        plan.show(log, session.field(), session.units());
        if (over) {
            strips.show(log, Segments.of(log), List.of(), session.units());
        } else {
            strips.follow(log, Segments.of(log), SHOWN, session.units());
        }
        boolean flownMany = rehearsing.scatter().isPresent();
        strips.setVisible(!flownMany);
        many.setVisible(flownMany);
        rehearsing.scatter().ifPresent(s -> many.show(s, rehearsing.cause(), session.units()));
        plan.ends(rehearsing.scatter().map(ManyFlights::ends).orElse(List.of()));
    }

    private void toTheEnd() {
        if (session.field().isEmpty()) {
            field.focusFirst();
        }
        progress.setProgress(0);
        rehearsing.toTheEnd(progress::setProgress);
    }

    private void manyTimes() {
        progress.setProgress(0);
        rehearsing.manyTimes(progress::setProgress);
    }

    private void faster(int by) {
        speed = Math.max(0, Math.min(SPEEDS.length - 1, speed + by));
        picture();
    }

    private void debrief() {
        rehearsing
                .flown()
                .ifPresentOrElse(openDebrief, () -> session.tell("Nothing to read yet: rehearse the card first."));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(plan.picture("flight from above"), strips.picture("strips of the rehearsal"));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("step", "mode", "what", "how"));
        rehearsing.card().ifPresent(c -> c.steps()
                .forEach(s ->
                        rows.add(List.of(String.valueOf(s.number()), s.mode().label(), s.title(), s.how()))));
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("run or hold the rehearsal", "Space", rehearsing::runOrHold));
        actions.add(Action.of("fly to the end at once", "End", this::toTheEnd));
        actions.add(Action.of("stop working", "Esc", rehearsing::stop));
        actions.add(Action.of("break off: land", "B", rehearsing::breakOff));
        actions.add(Action.of("again, with other gusts and throw", "N", rehearsing::again));
        actions.add(Action.of("turn the gain knob", "G", rehearsing::knob));
        actions.add(Action.of("faster", "Plus", () -> faster(1)));
        actions.add(Action.also("Equals", () -> faster(1)));
        actions.add(Action.of("slower", "Minus", () -> faster(-1)));
        actions.add(Action.of("type the field", "F", field::focusFirst));
        actions.add(Action.of("another card", "C", choice::nextCard));
        actions.add(Action.of("another mistake to fly with", "X", choice::nextMistake));
        actions.add(Action.of("fly it " + Rehearsing.TIMES + " times", "M", this::manyTimes));
        actions.add(Action.of("take over what Autotune or auto-trim found", "T", rehearsing::takeOver));
        List<FlightMode> modes = session.setup().modes().selector().wanted();
        for (int i = 0; i < modes.size(); i++) {
            int position = i;
            actions.add(
                    Action.of("mode: " + modes.get(i).label(), String.valueOf(i + 1), () -> rehearsing.mode(position)));
        }
        actions.add(Action.of("read the debrief", "Enter", this::debrief));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Read the debrief", "Enter", this::debrief));
    }

    /** What stands in the way, then what the flight must show, and when to break off. */
    @Override
    public void fill(Ledger ledger) {
        ledger.showStage(ledgerActions());
        CardLedger.fill(ledger, rehearsing.card(), rehearsing.flown(), session.units());
    }

    @Override
    public void leave() {
        rehearsing.hold();
        timer.follow();
    }
}
