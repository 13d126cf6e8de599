package app.drachen.desktop.stage.signals;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.hearing.Path;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.Value;
import app.drachen.core.stages.signals.ChargeBack;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Panels;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Signals stage: from the sensor to the thumb, what lies between the limit and the thumb, calls, tones, scales, pages. */
public final class SignalsView implements Place {
    private final Session session;
    private final VBox root = new VBox(7);
    private final Panels panels;
    private final Label live = Texts.label("", "soft");
    private final HBox heard = new HBox(10);
    private final Painted chain = new Painted(300, 150, this::chain);
    private final Painted alarm = new Painted(300, 110, this::alarm);
    private final Painted tone = new Painted(170, 90, this::tone);
    private final Painted calls = new Painted(260, 90, this::calls);
    private final Painted scale = new Painted(300, 56, this::scale);
    private final Painted page = new Painted(200, 90, this::page);
    private final LastFlight lastFlight;
    private final ScalesForm.Draft draft = new ScalesForm.Draft();
    private Optional<Value> lit = Optional.empty();
    private Optional<ChainPainter> painted = Optional.empty();
    private Optional<Double> dragged = Optional.empty();
    private boolean onlyMissing;
    private int position = 1;
    private int shownPage;

    /** A pane with a painter. */
    private static final class Painted extends CanvasPane {
        private final Painter painter;

        /** Paints into a box of pixels. */
        private interface Painter {
            void paint(Pen g, double width, double height);
        }

        Painted(double width, double height, Painter painter) {
            super(width, height);
            this.painter = painter;
        }

        @Override
        protected void paint(Pen g, double width, double height) {
            painter.paint(g, width, height);
        }
    }

    /** The stage of a session. */
    public SignalsView(Session session) {
        this.session = session;
        lastFlight = new LastFlight(session, live, this::update, this::repaintHeard);
        HBox head = new HBox(
                6,
                Texts.label("From the sensor to your thumb", "heading"),
                Texts.spring(),
                Texts.label("click a value to light its way", "soft"),
                Texts.key("←"),
                Texts.key("→"),
                Texts.label("next", "soft"),
                Texts.key("M"),
                Texts.label("only what is missing", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox.setVgrow(chain, Priority.ALWAYS);
        chain.setPrefHeight(250);
        chain.setId("chain");
        chain.setOnMousePressed(e -> {
            root.requestFocus();
            painted.flatMap(p -> p.at(e.getX(), e.getY())).ifPresent(this::light);
        });
        alarm.setPrefHeight(142);
        alarm.setMinHeight(120);
        alarm.setId("alarm-strip");
        alarm.setOnMouseDragged(e -> drag(e.getY()));
        alarm.setOnMousePressed(e -> root.requestFocus());
        alarm.setOnMouseReleased(e -> drop());
        HBox.setHgrow(calls, Priority.ALWAYS);
        calls.setId("calls");
        tone.setPrefWidth(210);
        page.setPrefWidth(250);
        page.setMinWidth(200);
        HBox ear = new HBox(8, tone, calls, page);
        ear.setPrefHeight(128);
        ear.setMinHeight(104);
        scale.setPrefHeight(62);
        scale.setMinHeight(58);
        panels = new Panels(session, root)
                .with(
                        "Values",
                        "W",
                        "values-panel",
                        860,
                        () -> new ValuesForm(session),
                        s -> ValuesForm.summary(s.signals()))
                .with(
                        "Alarms",
                        "A",
                        "alarms-panel",
                        820,
                        () -> new AlarmsForm(session, lastFlight::tried, lastFlight::tryAlarms),
                        s -> AlarmsForm.summary(s.signals()))
                .with(
                        "Calls, tones",
                        "C",
                        "calls-panel",
                        820,
                        () -> new CallsForm(session, lastFlight::say),
                        s -> CallsForm.summary(s.signals()))
                .with(
                        "Scales",
                        "K",
                        "scales-panel",
                        620,
                        () -> new ScalesForm(session, draft, this::update),
                        s -> ScalesForm.summary(s.signals().scales()))
                .with(
                        "Pages",
                        "P",
                        "pages-panel",
                        560,
                        () -> new PagesForm(session, this::shown),
                        s -> PagesForm.summary(s.signals()))
                .with("Ways", "H", "ways-panel", 720, () -> new WaysForm(session), s -> "airspeed and height");
        heard.setAlignment(Pos.CENTER_LEFT);
        live.setId("signals-live");
        live.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(live, Priority.ALWAYS);
        heard.getChildren()
                .addAll(
                        panels.row(),
                        Texts.button(
                                Action.of("Hear the last flight", "Space", () -> lastFlight.hear(position)),
                                "small-button"),
                        live);
        root.getChildren().addAll(head, chain, alarm, ear, scale, heard);
        root.setPadding(new Insets(12, 16, 8, 20));
        root.setFocusTraversable(true);
        root.setId("signals");
        session.whenClosed(lastFlight::stop);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        lastFlight.update();
        if (lit.isEmpty() || session.setup().signals().wants(lit.get()).isEmpty()) {
            lit = first();
        }
        shownPage = Math.max(
                0, Math.min(shownPage, session.setup().signals().pages().size() - 1));
        panels.update();
        repaint();
    }

    /** The missing value, or the height, or whatever is wanted first. */
    private Optional<Value> first() {
        List<Path> all = Path.all(session.setup());
        return all.stream()
                .filter(p -> p.wanted().value() == Value.HEIGHT && p.whole())
                .findFirst()
                .or(() -> all.stream().findFirst())
                .map(p -> p.wanted().value());
    }

    private void repaint() {
        List.of(chain, alarm, tone, calls, scale, page).forEach(CanvasPane::repaint);
        chain.setAccessibleText(session.isOpen() ? told() : "");
    }

    private String told() {
        return Path.all(session.setup()).stream()
                .map(p -> p.wanted().value().label() + ": "
                        + p.age()
                                .map(a -> Quantity.TIME_FINE.text(a.value(), session.units()))
                                .orElse(p.ends()))
                .reduce((a, b) -> a + "; " + b)
                .orElse("no values");
    }

    private void chain(Pen g, double w, double h) {
        if (session.isOpen()) {
            ChainPainter painter = new ChainPainter(session.setup(), lit, onlyMissing, session.units());
            painter.paint(g, w, h);
            painted = Optional.of(painter);
        }
    }

    private void alarm(Pen g, double w, double h) {
        if (session.isOpen()) {
            new AlarmPainter(session.setup(), session.field(), dragged, session.units()).paint(g, w, h);
        }
    }

    private void tone(Pen g, double w, double h) {
        if (session.isOpen()) {
            Optional<Double> now =
                    lastFlight.playing().map(p -> p.played().listener().climb()).filter(c -> !Double.isNaN(c));
            TonePainter.paint(g, w, h, session.setup().signals().tones(), now, session.units());
        }
    }

    private void calls(Pen g, double w, double h) {
        if (session.isOpen()) {
            CallsPainter.paint(g, w, h, session.setup().signals(), position, session.units());
        }
    }

    private void scale(Pen g, double w, double h) {
        if (session.isOpen()) {
            ChargeBack all = session.situation()
                    .proof(ProofKind.CHARGE_BACK)
                    .map(p -> ChargeBack.of(p.values()))
                    .orElse(new ChargeBack(List.of()));
            ScalePainter.paint(g, w, h, all, session.setup().signals().scales().current(), session.units());
        }
    }

    private void page(Pen g, double w, double h) {
        if (!session.isOpen()) {
            return;
        }
        List<Page> pages = session.setup().signals().pages();
        Page now = pages.isEmpty() ? new Page("none yet: press P", List.of()) : pages.get(shownPage);
        PagePainter.captioned(
                g,
                w,
                h,
                now,
                this::shown,
                "PAGE " + now.name().toUpperCase(Locale.ROOT),
                pages.size() > 1 ? "G next" : "");
    }

    /** A value as it stands on a page: what came, while a flight is played; else a figure of its kind. */
    private String shown(Value value) {
        Optional<LivePlay> play = lastFlight.playing();
        if (play.isPresent()) {
            return play.get().played().listener().shown(value, session.units());
        }
        boolean comes = Path.of(session.setup(), value).filter(Path::whole).isPresent();
        return comes ? "#".repeat(Math.max(1, value.width() - 1)) : "";
    }

    private void light(Value value) {
        lit = Optional.of(value);
        repaint();
    }

    private void step(int by) {
        List<Value> all =
                session.setup().signals().wanted().stream().map(w -> w.value()).toList();
        if (!all.isEmpty()) {
            light(all.get(Math.floorMod(lit.map(all::indexOf).orElse(0) + by, all.size())));
        }
    }

    private void drag(double y) {
        new AlarmPainter(session.setup(), session.field(), dragged, session.units())
                .heightAt(y, alarm.getHeight())
                .ifPresent(h -> {
                    dragged = Optional.of(Math.max(5, Math.rint(h)));
                    alarm.repaint();
                });
    }

    private void drop() {
        Optional<Double> to = dragged;
        dragged = Optional.empty();
        to.ifPresent(h -> setAlarm(h));
        alarm.repaint();
    }

    private void setAlarm(double height) {
        session.edit(
                "Height alarm at " + Quantity.HEIGHT.text(height),
                s -> s.withSignals(s.signals()
                        .withAlarm(s.signals()
                                .alarm(Alarm.Kind.HEIGHT)
                                .orElse(Alarm.FIRST)
                                .at(height))));
    }

    private void moveAlarm(double by) {
        session.setup().signals().alarm(Alarm.Kind.HEIGHT).ifPresent(a -> setAlarm(Math.max(1, a.threshold() + by)));
    }

    private void setEarly() {
        Optional<Double> set = session.field()
                .flatMap(f -> f.heightLimit())
                .flatMap(l -> HeightAlarm.of(session.setup(), l.height()))
                .map(s -> Math.floor(s.setAt().value()))
                .filter(h -> h >= 5);
        set.ifPresentOrElse(
                this::setAlarm,
                () -> session.tell(
                        "The alarm is worked out from the field's height limit and the height's way to your ear."));
    }

    @Override
    public void leave() {
        lastFlight.stop();
    }

    private void repaintHeard() {
        tone.repaint();
        page.repaint();
    }

    private void turnPosition() {
        position = position % 3 + 1;
        calls.repaint();
    }

    private void turnPage() {
        int count = session.setup().signals().pages().size();
        shownPage = count == 0 ? 0 : (shownPage + 1) % count;
        page.repaint();
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                chain.picture("from the sensor to the thumb"),
                alarm.picture("between the limit and the thumb"),
                calls.picture("the calls"),
                tone.picture("the tones"));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("value", "told by", "way", "worst age"));
        for (Path p : Path.all(session.setup())) {
            rows.add(List.of(
                    p.wanted().value().label(),
                    p.supplier().map(s -> s.device()).orElse("nothing"),
                    p.way().map(w -> w.name()).orElse("none"),
                    p.age().map(a -> Quantity.TIME_FINE.text(a.value())).orElse(p.ends())));
        }
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>(panels.actions());
        actions.addAll(List.of(
                Action.of("light the next value", "Right", () -> step(1)),
                Action.of("light the value before", "Left", () -> step(-1)),
                Action.of("only what is missing", "M", () -> {
                    onlyMissing = !onlyMissing;
                    chain.repaint();
                }),
                Action.of("set the height alarm as early as it must be", "S", this::setEarly),
                Action.of("height alarm 1 m up", "Plus", () -> moveAlarm(1)),
                Action.also("Equals", () -> moveAlarm(1)),
                Action.of("height alarm 1 m down", "Minus", () -> moveAlarm(-1)),
                Action.of("next position of the switch of the calls", "N", this::turnPosition),
                Action.of("next page", "G", this::turnPage),
                Action.of("hear the last flight, or stop", "Space", () -> lastFlight.hear(position)),
                Action.of("play faster", "F", lastFlight::turnSpeed),
                Action.of("dropouts", "D", lastFlight::turnDropouts),
                Action.of("try the alarms against the last flight", "Y", lastFlight::tryAlarms)));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(
                Action.of("Set the alarm", "S", this::setEarly),
                Action.of("Hear the last flight", "Space", () -> lastFlight.hear(position)));
    }
}
