package app.drachen.desktop.stage.harness;

import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Assignment.Aim;
import app.drachen.core.wiring.Assignment.Given;
import app.drachen.core.wiring.Needs;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What the search for places found, with reasons, for each thing that may be preferred. */
final class PlacesForm extends VBox {
    PlacesForm(Session session, HarnessDeeds deeds) {
        super(8);
        Wiring wiring = Wiring.of(session.setup());
        getChildren().add(Texts.label("Places on the board", "heading"));
        StringBuilder needs = new StringBuilder();
        for (Needs.Line line : Needs.of(wiring).lines()) {
            needs.append(needs.isEmpty() ? "" : " \u00b7 ")
                    .append(line.what())
                    .append(' ')
                    .append(line.wanted())
                    .append(" of ")
                    .append(line.offered());
        }
        getChildren().add(Texts.wrapped(needs.toString(), "soft"));
        VBox rows = new VBox(3);
        for (Aim aim : Aim.values()) {
            Assignment found = Assignment.of(wiring, aim);
            Button take = Texts.button("Take", () -> deeds.take(found), "small-button");
            take.setId("take-" + aim.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
            HBox line = new HBox(
                    8,
                    Texts.label(
                            Character.toUpperCase(aim.label().charAt(0))
                                    + aim.label().substring(1),
                            "name"),
                    Texts.label(
                            found.moves() + " to replug, " + found.groups() + " timer groups, "
                                    + found.free(wiring.board()) + " outputs free",
                            "soft"),
                    Texts.spring(),
                    take);
            line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            rows.getChildren().add(line);
            for (Given g : found.given()) {
                if (g.moves()) {
                    rows.getChildren()
                            .add(Texts.label("    " + g.device().name() + " \u2192 "
                                    + g.place().name() + ": " + g.reason()));
                }
            }
            found.missing().forEach(m -> rows.getChildren()
                    .add(Texts.wrapped(
                            m.device().name() + " finds no place. One of these must give: "
                                    + String.join(", ", m.rivals()) + ". " + String.join("; ", m.reasons()) + ".",
                            "soft")));
        }
        rows.getChildren().add(Texts.label("AS IT IS PLUGGED, AND WHY IT MAY STAY", "caps"));
        Assignment.of(wiring, Aim.FEWEST_MOVES).given().stream()
                .filter(g -> !g.moves())
                .forEach(g -> rows.getChildren()
                        .add(Texts.label(g.device().name() + " at " + g.place().name() + ": " + g.reason(), "soft")));
        Scroller scroll = new Scroller(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(360);
        getChildren().addAll(scroll, Texts.label("Esc closes", "soft", "small"));
    }
}
