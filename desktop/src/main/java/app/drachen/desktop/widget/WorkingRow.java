package app.drachen.desktop.widget;

import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desktop.screen.Tips;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A value in a table; a click, Enter or Space shows its working. */
public final class WorkingRow extends HBox {
    /** A row. */
    public WorkingRow(Working working, UnitSystem units) {
        this(working, units, working.text(units));
    }

    /** A row that says its value in other words. */
    public WorkingRow(Working working, UnitSystem units, String said) {
        super(8);
        getStyleClass().add("row");
        setAlignment(Pos.CENTER_LEFT);
        Label name = Texts.label(working.name());
        Label value = Texts.label(said, "figure");
        value.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(name, Texts.spring(), value);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(working.name() + ", " + said + ", show working");
        Tips.say(this, "Show working");
        setOnMouseClicked(e -> show(working, units));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                show(working, units);
                e.consume();
            }
        });
    }

    private void show(Working working, UnitSystem units) {
        WorkingPopover.show(this, List.of(working), units);
    }
}
