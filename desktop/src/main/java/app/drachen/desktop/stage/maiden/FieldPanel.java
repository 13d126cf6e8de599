package app.drachen.desktop.stage.maiden;

import app.drachen.core.air.Field;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The field of the day, to be typed. */
final class FieldPanel extends GridPane {
    private final Session session;
    private final EditPopup obstacles;
    private int count;
    private QuantityField first;

    FieldPanel(Session session, Dialogs dialogs) {
        this.session = session;
        obstacles = new EditPopup(
                "obstacles",
                480,
                () -> new ObstacleRows(session, dialogs, session.field().orElseGet(() -> calm("Field")), this::enter));
        setHgap(14);
        setVgap(3);
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        getColumnConstraints().addAll(half, half);
        setId("field-panel");
    }

    void focusFirst() {
        if (first != null) {
            first.field().requestFocus();
            first.field().selectAll();
        }
    }

    void update() {
        List<Object> shows = List.of(
                session.field(),
                session.desk().sites(),
                session.desk().today(),
                session.desk().homeText(),
                session.units());
        Focus.kept(this, shows, this::rebuildUpdate);
        obstacles.refresh();
    }

    private void rebuildUpdate() {
        getChildren().clear();
        count = 0;
        Field f = session.field().orElseGet(() -> calm("Field"));
        add(place(f), 0, 0, 2, 1);
        count = 2;
        first = add("Wind", Quantity.SPEED, f.wind(), (x, v) -> x.withWind(v, x.windFrom(), x.gust()));
        add("From", Quantity.BEARING, f.windFrom(), (x, v) -> x.withWind(x.wind(), v, x.gust()));
        add("Gusts", Quantity.SPEED, f.gust(), (x, v) -> today(x.withWind(x.wind(), x.windFrom(), v)));
        add("Air", Quantity.TEMPERATURE, f.temperature(), (x, v) -> x.withAir(v, x.pressure()));
        add("Pressure", Quantity.PRESSURE, f.pressure(), (x, v) -> x.withAir(x.temperature(), v));
        add("Strip", Quantity.BEARING, f.stripHeading(), (x, v) -> x.withStrip(v, x.stripLength(), x.heightLimit()));
        add("Length", Quantity.DISTANCE, f.stripLength(), (x, v) -> x.withStrip(x.stripHeading(), v, x.heightLimit()));
        add(
                "Limit",
                Quantity.HEIGHT,
                f.heightLimit().map(Field.HeightLimit::height).orElse(Double.NaN),
                (x, v) -> x.withStrip(
                        x.stripHeading(),
                        x.stripLength(),
                        Optional.of(new Field.HeightLimit(
                                v,
                                x.heightLimit().map(Field.HeightLimit::source).orElse("entered by you")))));
        TextField source =
                new TextField(f.heightLimit().map(Field.HeightLimit::source).orElse(""));
        source.setPromptText("which rule says so");
        source.setAccessibleText("Source of the height limit");
        source.setOnAction(e -> f.heightLimit()
                .ifPresent(l -> enter(x -> x.withStrip(
                        x.stripHeading(),
                        x.stripLength(),
                        Optional.of(new Field.HeightLimit(l.height(), source.getText()))))));
        HBox.setHgrow(source, Priority.ALWAYS);
        Label by = Texts.label("Limit by");
        by.setLabelFor(source);
        HBox line = new HBox(6, by, source);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        add(line, 0, count / 2, 2, 1);
        HBox last = home();
        last.getChildren().add(wayHome(f));
        add(last, 0, count / 2 + 1, 2, 1);
    }

    /** How much stands on the way home, with a way to change it. */
    private Button wayHome(Field now) {
        boolean unknown = now.obstacles().isEmpty() && !now.surveyed();
        Button change =
                new Button("Obstacles: " + (unknown ? "?" : now.obstacles().size()));
        change.setId("field-obstacles");
        change.getStyleClass().add("small-button");
        Tips.say(change, "On the way home: " + ObstacleRows.summary(now, session.units()));
        change.setMinWidth(Region.USE_PREF_SIZE);
        // shown by what stays: the button is made anew with every change
        change.setOnAction(e -> obstacles.show(this));
        return change;
    }

    private Field today(Field field) {
        return field.measured(session.desk().today());
    }

    /** Which field it is. */
    private HBox place(Field now) {
        LightBox<String> place = new LightBox<>();
        place.setId("field-place");
        place.setEditable(true);
        place.setAccessibleText("Name of the field");
        Tips.say(place, "The fields you have flown on; type a new name for another one");
        session.desk().sites().forEach(site -> place.getItems().add(site.name()));
        place.setValue(now.name());
        place.setMaxWidth(Double.MAX_VALUE);
        place.valueProperty().addListener((o, was, name) -> goTo(name == null ? "" : name.strip()));
        HBox.setHgrow(place, Priority.ALWAYS);
        Label at = Texts.label("FIELD", "caps");
        at.setLabelFor(place);
        HBox line = new HBox(6, at, place);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        at.setMinWidth(Region.USE_PREF_SIZE);
        Region of = ofToday(now)
                ? Texts.label("wind of today, at " + Quantity.HEIGHT.text(now.windHeight(), session.units()), "soft")
                : still(now);
        of.setMinWidth(Region.USE_PREF_SIZE);
        line.getChildren().add(of);
        return line;
    }

    private boolean ofToday(Field field) {
        return field.day().equals(Optional.of(session.desk().today()));
    }

    /** Of which other day the wind is; to say that it is so today. */
    private Region still(Field now) {
        if (session.field().isEmpty()) {
            return Texts.label("not entered yet", "soft");
        }
        Button still = new Button(now.day().map(d -> "wind of " + d).orElse("not measured") + " · so today");
        still.setId("field-still");
        still.getStyleClass().add("small");
        Tips.say(still, "Wind and gusts were measured today and are as they stand here");
        still.setOnAction(e -> enter(this::today));
        return still;
    }

    /** Another field: a known one with its strip, limit and obstacles, and weather as old as it is; or a new one. */
    private void goTo(String name) {
        if (name.isEmpty() || session.field().map(Field::name).equals(Optional.of(name))) {
            return;
        }
        List<Field> sites = session.desk().sites();
        enter(x -> sites.stream().filter(s -> s.name().equals(name)).findFirst().orElseGet(() -> calm(name)));
    }

    /** Where home is on the globe; only tracks for other programs need it. */
    private HBox home() {
        TextField home = new TextField(session.desk().homeText());
        home.setId("home-position");
        home.setPromptText("latitude, longitude in degrees, for tracks");
        home.setAccessibleText("Position of home: latitude and longitude in degrees, south and west negative");
        Tips.say(home, "Position of home, for tracks as GPX, KML or GeoJSON: 53.1234, 8.1234");
        home.setOnAction(e -> {
            if (!session.enterHome(home.getText())) {
                home.setText(session.desk().homeText());
            }
        });
        HBox.setHgrow(home, Priority.ALWAYS);
        Label label = Texts.label("Home at");
        label.setLabelFor(home);
        HBox line = new HBox(6, label, home);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return line;
    }

    /** A field of which nothing is known yet. */
    private static Field calm(String name) {
        return new Field(
                name, 0, 0, 0, 10, 288.15, 101_325, 0, 60, Optional.empty(), List.of(), false, Optional.empty());
    }

    private QuantityField add(String name, Quantity quantity, double value, BiFunction<Field, Double, Field> change) {
        QuantityField field = new QuantityField(name, quantity, session::tell, v -> enter(x -> change.apply(x, v)));
        field.columns(3);
        // of a field that nobody entered, no value is shown as if somebody had
        field.show(session.field().isEmpty() ? Double.NaN : value, session.units());
        add(field, count % 2, count / 2);
        count++;
        return field;
    }

    private boolean enter(UnaryOperator<Field> change) {
        try {
            // refused here and now if it cannot be; entered in its turn
            change.apply(session.field().orElseGet(() -> calm("Field")));
            session.enter(before -> change.apply(before.orElseGet(() -> calm("Field"))));
            return true;
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return false;
        }
    }
}
