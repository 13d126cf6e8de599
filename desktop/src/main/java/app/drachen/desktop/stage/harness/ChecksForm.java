package app.drachen.desktop.stage.harness;

import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Lead.Checks;
import app.drachen.core.harness.Lead.Look;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Every lead with what was looked at: relief, solder, continuity with its measured ohms, wiggle. A click goes on to the next answer. */
final class ChecksForm extends VBox {
    private final Session session;
    private final HarnessDeeds deeds;

    ChecksForm(Session session, HarnessDeeds deeds) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        getChildren()
                .addAll(
                        Texts.label("Leads, looked at one by one", "heading"),
                        Texts.wrapped(
                                "Everything unplugged, propeller off. Continuity from end to end, none between neighbours; then plugged in, and wiggled while it works.",
                                "soft"));
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        List<String> heads = List.of("lead", "relief", "solder", "continuity", "wiggle", "ohms", "");
        for (int c = 0; c < heads.size(); c++) {
            grid.add(Texts.label(heads.get(c), "soft", "small"), c, 0);
        }
        int row = 1;
        for (Wired w : Wiring.of(session.setup()).wired()) {
            if (w.lead().isPresent()) {
                row(grid, row++, w.device().name(), w.lead().get());
            }
        }
        Scroller scroll = new Scroller(grid);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(Math.min(330, 40 + 31 * row));
        Button keep = Texts.button("Keep the harness check", this::keep, "small-button");
        keep.setId("keep-check");
        HBox foot = new HBox(10, keep, Texts.label("Esc closes", "soft", "small"));
        foot.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(scroll, foot);
    }

    private void row(GridPane grid, int row, String name, Lead lead) {
        Checks c = lead.checks();
        grid.add(Texts.label(name), 0, row);
        look(
                grid,
                1,
                row,
                name,
                "relief",
                c.relief(),
                (x, l) -> new Checks(l, x.solder(), x.continuity(), x.wiggle(), x.ohms()));
        look(
                grid,
                2,
                row,
                name,
                "solder",
                c.solder(),
                (x, l) -> new Checks(x.relief(), l, x.continuity(), x.wiggle(), x.ohms()));
        look(
                grid,
                3,
                row,
                name,
                "continuity",
                c.continuity(),
                (x, l) -> new Checks(x.relief(), x.solder(), l, x.wiggle(), x.ohms()));
        look(
                grid,
                4,
                row,
                name,
                "wiggle",
                c.wiggle(),
                (x, l) -> new Checks(x.relief(), x.solder(), x.continuity(), l, x.ohms()));
        QuantityField ohms = new QuantityField(
                "",
                Quantity.RESISTANCE,
                session::tell,
                v -> seen(name, "measured", x -> new Checks(x.relief(), x.solder(), x.continuity(), x.wiggle(), v)));
        ohms.columns(4);
        ohms.show(c.ohms() == 0 ? Double.NaN : c.ohms(), session.units());
        ohms.field().setId("ohms-" + row);
        ohms.field().setAccessibleText("ohms of the lead to " + name);
        grid.add(ohms, 5, row);
        Button all = Texts.button(
                "all good",
                () -> seen(name, "all good", x -> new Checks(Look.GOOD, Look.GOOD, Look.GOOD, Look.GOOD, x.ohms())),
                "small-button");
        all.setId("all-good-" + row);
        grid.add(all, 6, row);
    }

    private interface Put {
        Checks put(Checks checks, Look look);
    }

    private void look(GridPane grid, int column, int row, String name, String what, Look now, Put put) {
        String shown = now == Look.GOOD ? "\u2713 good" : now == Look.FAILED ? "\u2715 failed" : "\u25cb open";
        Button button = new Button(shown);
        button.setId(what + "-" + row);
        button.getStyleClass().add("small-button");
        button.setAccessibleText(what + " of the lead to " + name + ": " + now.label());
        Tips.say(button, what + ": " + now.label() + "; a click goes on");
        Look next = Look.values()[(now.ordinal() + 1) % Look.values().length];
        button.setOnAction(e -> seen(name, what + " " + next.label(), x -> put.put(x, next)));
        grid.add(button, column, row);
    }

    private boolean seen(String name, String reason, UnaryOperator<Checks> how) {
        return deeds.lead(name, reason, l -> l.seen(how.apply(l.checks())));
    }

    /** Keeps the check as a proof, if all leads were looked at and found good. */
    private void keep() {
        List<Lead> leads = deeds.harness().leads();
        long open = leads.stream().filter(l -> !l.checks().complete()).count();
        if (leads.isEmpty() || open > 0) {
            session.tell(
                    leads.isEmpty()
                            ? "There are no leads to check."
                            : open + " leads are still open or failed; look at each first.");
            return;
        }
        Map<String, Double> ohms = new LinkedHashMap<>();
        leads.stream()
                .filter(l -> l.checks().ohms() > 0)
                .forEach(l -> ohms.put(l.device(), l.checks().ohms()));
        session.prove(ProofKind.HARNESS_CHECK, Evidence.REAL, true, leads.size() + " leads looked at", ohms);
    }
}
