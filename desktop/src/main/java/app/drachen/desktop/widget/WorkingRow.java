package app.drachen.desktop.widget;

import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desktop.screen.Tips;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** A value in a table; a click, Enter or Space shows its working. It can be given another value: its styles cost more than its words. */
public final class WorkingRow extends HBox {
    private final Label name = Texts.label("");
    private final Label value = Texts.label("", "figure");
    private Runnable show;

    /** A row. */
    public WorkingRow(Working working, UnitSystem units) {
        this(working, units, working.text(units));
    }

    /** A row that says its value in other words. */
    public WorkingRow(Working working, UnitSystem units, String said) {
        super(8);
        getStyleClass().add("row");
        setAlignment(Pos.CENTER_LEFT);
        value.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(name, Texts.spring(), value);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        Tips.say(this, "Show working");
        setOnMouseClicked(e -> show.run());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                show.run();
                e.consume();
            }
        });
        say(working, units, said);
    }

    /** Fills a box with a row for each value; rows that are there say what is now. */
    public static void fill(Pane box, List<Working> workings, UnitSystem units) {
        List<Node> rows = box.getChildren();
        rows.subList(Math.min(rows.size(), workings.size()), rows.size()).clear();
        for (int i = 0; i < workings.size(); i++) {
            Working working = workings.get(i);
            if (i < rows.size()) {
                ((WorkingRow) rows.get(i)).say(working, units);
            } else {
                rows.add(new WorkingRow(working, units));
            }
        }
    }

    /** Shows another value. */
    void say(Working working, UnitSystem units) {
        say(working, units, working.text(units));
    }

    private void say(Working working, UnitSystem units, String said) {
        name.setText(working.name());
        value.setText(said);
        setAccessibleText(working.name() + ", " + said + ", show working");
        show = () -> WorkingPopover.show(this, List.of(working), units);
    }
}
