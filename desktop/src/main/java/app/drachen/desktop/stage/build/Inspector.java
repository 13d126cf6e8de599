package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.MeasuredBalance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Weighing;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.draft.PartLibrary;
import app.drachen.core.draft.SectionLibrary;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoublePredicate;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The figures of what is chosen on the drawing, to be typed. */
final class Inspector extends VBox {
    private final Session session;
    private final Label title = Texts.label("", "strong");
    private final HBox head = new HBox(12, title);
    private final FlowPane fields = new FlowPane(18, 6);
    private final Button keep = Texts.button(Action.of("Keep this weighing", "Ctrl+Enter", () -> {}), "primary");

    /** Fields that were made so far; the first of them show something. */
    private final List<QuantityField> made = new ArrayList<>();

    private int used;
    private Selection shown = new Selection.OfWing();
    private Optional<OpenAircraft> of = Optional.empty();

    /** What was typed of a weighing, by the number of its field; it is kept by the button only, and whatever changes meanwhile. */
    private final Map<Integer, Double> readings = new HashMap<>();

    private final SlideStrip slide = new SlideStrip();

    Inspector(Session session) {
        super(6);
        this.session = session;
        getStyleClass().add("sheet");
        setId("inspector");
        setPadding(new Insets(9, 14, 10, 14));
        setMinHeight(118);
        head.setAlignment(Pos.CENTER_LEFT);
        slide.setMaxHeight(62);
        keep.setGraphic(null);
        keep.setId("keep-weighing");
        getChildren().addAll(head, fields, slide);
    }

    void title(String words) {
        title.setText(words);
    }

    void focusFirst() {
        if (used > 0) {
            made.get(0).field().requestFocus();
            made.get(0).field().selectAll();
        }
    }

    void show(Selection selection) {
        if (!selection.equals(shown) || of.filter(session::shows).isEmpty()) {
            // what is being typed is taken for what was chosen so far
            made.stream().filter(f -> f.field().isFocused()).findFirst().ifPresent(f -> requestFocus());
            shown = selection;
            of = Optional.of(session.aircraft());
            readings.clear();
        }
        Focus.kept(this, List.of(session.setup(), selection, session.units()), () -> rebuildShow(selection));
    }

    private void rebuildShow(Selection selection) {
        used = 0;
        fields.getChildren().remove(keep);
        head.getChildren().setAll(title);
        boolean part = selection instanceof Selection.OfPart;
        slide.setVisible(part);
        slide.setManaged(part);
        if (selection instanceof Selection.OfPart chosen) {
            session.setup().part(chosen.name()).ifPresent(this::part);
        } else if (selection instanceof Selection.OfParts several) {
            several(several.names());
        } else if (selection instanceof Selection.OfWing) {
            wing();
        } else if (selection instanceof Selection.OfTail) {
            TailFields.fill(this, session, head);
        } else if (selection instanceof Selection.OfBody) {
            body();
        } else {
            scales();
        }
        List<Node> shown = fields.getChildren();
        shown.subList(Math.min(used, shown.size()), shown.size()).clear();
        shown.addAll(made.subList(shown.size(), used));
        if (selection instanceof Selection.Scales) {
            shown.add(keep);
        }
    }

    /** A field that edits the set-up. */
    void add(String name, Quantity quantity, double value, String reason, BiFunction<Setup, Double, Setup> change) {
        add(name, quantity, value, 4, v -> session.edit(reason, s -> change.apply(s, v)));
    }

    /** The next field that was made, or one more, shows a value. */
    private void add(String name, Quantity quantity, double value, int columns, DoublePredicate take) {
        if (used == made.size()) {
            made.add(new QuantityField(name, quantity, session::tell, take));
        }
        QuantityField field = made.get(used++);
        field.become(name, quantity, take);
        field.columns(columns);
        field.show(value, session.units());
    }

    private void part(Part part) {
        title.setText("Part: " + part.name());
        head.getChildren().add(Texts.label(part.kind().label(), "soft"));
        PartLibrary.typical(part)
                .ifPresent(g -> head.getChildren().add(Texts.label("typical mass: put it on a scale", "soft")));
        String name = part.name();
        slide.show(session.setup(), name, session.units());
        Position at = part.position();
        add("Mass", Quantity.MASS, part.mass(), "Mass of " + name, (s, v) -> s.withPart(name, p -> p.withMass(v)));
        add(
                "Aft of nose",
                Quantity.LENGTH,
                at.aft(),
                "Moved " + name,
                (s, v) -> s.withPart(name, p -> p.at(new Position(v, at.right(), at.up()))));
        add(
                "Right",
                Quantity.LENGTH,
                at.right(),
                "Moved " + name,
                (s, v) -> s.withPart(name, p -> p.at(new Position(at.aft(), v, at.up()))));
        add(
                "Up",
                Quantity.LENGTH,
                at.up(),
                "Moved " + name,
                (s, v) -> s.withPart(name, p -> p.at(new Position(at.aft(), at.right(), v))));
    }

    /** Parts that are moved together: by how much. */
    private void several(List<String> names) {
        List<Part> parts =
                names.stream().flatMap(n -> session.setup().part(n).stream()).toList();
        double mass = parts.stream().mapToDouble(Part::mass).sum();
        title.setText(parts.size() + " parts, " + Quantity.MASS.text(mass, session.units()));
        head.getChildren().add(Texts.label(String.join(", ", names), "soft"));
        shift("Aft by", names, (p, v) -> new Position(p.aft() + v, p.right(), p.up()));
        shift("Right by", names, (p, v) -> new Position(p.aft(), p.right() + v, p.up()));
        shift("Up by", names, (p, v) -> new Position(p.aft(), p.right(), p.up() + v));
    }

    private void shift(String name, List<String> names, BiFunction<Position, Double, Position> to) {
        add(name, Quantity.LENGTH, 0, "Moved " + String.join(", ", names), (s, v) -> {
            Setup moved = s;
            for (String one : names) {
                if (moved.part(one).isPresent()) {
                    moved = moved.withPart(one, p -> p.at(to.apply(p.position(), v)));
                }
            }
            return moved;
        });
    }

    /** Generic sections; what is typed in the figures is none of them. */
    private ComboBox<String> section(Wing wing) {
        ComboBox<String> sections = new LightBox<>();
        SectionLibrary.ALL.forEach(g -> sections.getItems().add(g.name()));
        sections.setValue(
                SectionLibrary.of(wing).map(SectionLibrary.Generic::name).orElse("section as typed (F4)"));
        sections.setAccessibleText("Wing section");
        sections.setId("wing-section");
        sections.setOnAction(e -> SectionLibrary.ALL.stream()
                .filter(g -> g.name().equals(sections.getValue()))
                .filter(g ->
                        !g.section().equals(session.setup().airframe().wing().section()))
                .findFirst()
                .ifPresent(g -> session.edit(
                        "Wing section: " + g.name(),
                        s -> withWing(s, s.airframe().wing().withSection(g.section())))));
        return sections;
    }

    private void wing() {
        Wing wing = session.setup().airframe().wing();
        title.setText("Wing");
        int panels = wing.panels().size();
        head.getChildren()
                .addAll(
                        Texts.label(panels + (panels == 1 ? " panel a side" : " panels a side, from the root"), "soft"),
                        section(wing));
        add(
                "Root at",
                Quantity.LENGTH,
                wing.rootLeadingEdge(),
                "Wing moved",
                (s, v) -> withWing(s, s.airframe().wing().withRootLeadingEdge(v)));
        for (int i = 0; i < wing.panels().size(); i++) {
            int index = i;
            WingPanel p = wing.panels().get(i);
            String n = wing.panels().size() == 1 ? "" : " " + (i + 1);
            panel(
                    index,
                    "Chord in" + n,
                    Quantity.LENGTH,
                    p.rootChord(),
                    (q, v) -> new WingPanel(v, q.tipChord(), q.length(), q.sweep(), q.dihedral(), q.twist()));
            panel(
                    index,
                    "Chord out" + n,
                    Quantity.LENGTH,
                    p.tipChord(),
                    (q, v) -> new WingPanel(q.rootChord(), v, q.length(), q.sweep(), q.dihedral(), q.twist()));
            panel(
                    index,
                    "Length" + n,
                    Quantity.LENGTH,
                    p.length(),
                    (q, v) -> new WingPanel(q.rootChord(), q.tipChord(), v, q.sweep(), q.dihedral(), q.twist()));
            panel(
                    index,
                    "Sweep" + n,
                    Quantity.ANGLE,
                    p.sweep(),
                    (q, v) -> new WingPanel(q.rootChord(), q.tipChord(), q.length(), v, q.dihedral(), q.twist()));
            panel(
                    index,
                    "Dihedral" + n,
                    Quantity.ANGLE,
                    p.dihedral(),
                    (q, v) -> new WingPanel(q.rootChord(), q.tipChord(), q.length(), q.sweep(), v, q.twist()));
            panel(
                    index,
                    "Twist" + n,
                    Quantity.ANGLE,
                    p.twist(),
                    (q, v) -> new WingPanel(q.rootChord(), q.tipChord(), q.length(), q.sweep(), q.dihedral(), v));
        }
    }

    private void panel(
            int index, String name, Quantity quantity, double value, BiFunction<WingPanel, Double, WingPanel> change) {
        add(name, quantity, value, "Wing panel changed", (s, v) -> {
            Wing now = s.airframe().wing();
            return withWing(s, now.withPanel(index, change.apply(now.panels().get(index), v)));
        });
    }

    private static Setup withWing(Setup setup, Wing wing) {
        return setup.withAirframe(setup.airframe().withWing(wing));
    }

    private void body() {
        Airframe airframe = session.setup().airframe();
        Body b = airframe.body();
        title.setText("Body and bare masses");
        body("Pod length", b.podLength(), (x, v) -> new Body(v, x.width(), x.height(), x.boomEnd()));
        body("Width", b.width(), (x, v) -> new Body(x.podLength(), v, x.height(), x.boomEnd()));
        body("Height", b.height(), (x, v) -> new Body(x.podLength(), x.width(), v, x.boomEnd()));
        body("Boom ends at", b.boomEnd(), (x, v) -> new Body(x.podLength(), x.width(), x.height(), v));
        add(
                "Wing mass",
                Quantity.MASS,
                airframe.wingMass(),
                "Bare masses",
                (s, v) -> s.withAirframe(s.airframe()
                        .withMasses(v, s.airframe().tailMass(), s.airframe().bodyMass())));
        add(
                "Tail mass",
                Quantity.MASS,
                airframe.tailMass(),
                "Bare masses",
                (s, v) -> s.withAirframe(s.airframe()
                        .withMasses(s.airframe().wingMass(), v, s.airframe().bodyMass())));
        add(
                "Body mass",
                Quantity.MASS,
                airframe.bodyMass(),
                "Bare masses",
                (s, v) -> s.withAirframe(s.airframe()
                        .withMasses(s.airframe().wingMass(), s.airframe().tailMass(), v)));
    }

    private void body(String name, double value, BiFunction<Body, Double, Body> change) {
        add(
                name,
                Quantity.LENGTH,
                value,
                "Body changed",
                (s, v) -> s.withAirframe(
                        s.airframe().withBody(change.apply(s.airframe().body(), v))));
    }

    private void scales() {
        MassProperties now = session.setup().massProperties();
        title.setText("Weigh on two supports");
        head.getChildren().add(Texts.label("as flown: pack in, propeller on its shaft and not powered", "soft"));
        double[] typed = {
            now.mass() / 2,
            now.centre().aft() - 0.1,
            now.mass() / 2,
            now.centre().aft() + 0.1
        };
        String[] names = {"Front reading", "at", "Rear reading", "at"};
        for (int i = 0; i < 4; i++) {
            int index = i;
            typed[i] = readings.getOrDefault(i, typed[i]);
            add(names[i], i % 2 == 0 ? Quantity.MASS : Quantity.LENGTH, typed[i], 6, v -> {
                typed[index] = v;
                readings.put(index, v);
                return true;
            });
        }
        keep.setOnAction(e -> keep(typed));
    }

    private void keep(double[] typed) {
        try {
            Weighing weighing = new Weighing(typed[0], typed[1], typed[2], typed[3]);
            Working working = weighing.working();
            MassProperties now = session.setup().computedBalance();
            Optional<String> far = Math.abs(weighing.centre() - now.centre().aft()) > 0.005
                            || Math.abs(weighing.mass() - now.mass()) > 0.03 * now.mass()
                    ? Optional.of("The scale says "
                            + Quantity.MASS.text(weighing.mass() - now.mass())
                            + " and "
                            + Quantity.LENGTH.text(
                                    weighing.centre() - now.centre().aft())
                            + " aft of the parts list: find the missing or misplaced part.")
                    : Optional.empty();
            MeasuredBalance.of(weighing, now);
            readings.clear();
            session.weigh(weighing);
            far.ifPresent(session::tell);
            WorkingPopover.show(this, List.of(working), session.units());
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
        }
    }
}
