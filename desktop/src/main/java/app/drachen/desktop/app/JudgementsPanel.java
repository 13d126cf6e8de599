package app.drachen.desktop.app;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.setup.Decision;
import app.drachen.core.setup.Waiver;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The defaults of judgement of a stage: each can be set otherwise for this aircraft, with a reason. */
final class JudgementsPanel {
    private final Session session;
    private final Overlay overlay;

    JudgementsPanel(Session session, StackPane host) {
        this.session = session;
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(6);
        int row = 0;
        for (String head : List.of("limit", "usual", "for this aircraft", "because")) {
            grid.add(Texts.label(head, "soft", "small"), row++, 0);
        }
        List<Judgement> judgements = new ArrayList<>();
        for (ClearanceRule rule : Kits.of(session.stage()).rules()) {
            judgements.addAll(rule.judgements());
        }
        List<ClearanceRule> waivable = Kits.of(session.stage()).rules().stream()
                .filter(ClearanceRule::mayBeWaived)
                .toList();
        row = 1;
        for (Judgement judgement : judgements) {
            add(grid, judgement, row++);
        }
        for (ClearanceRule rule : waivable) {
            pass(grid, rule, row++);
        }
        ScrollPane scroll = new Scroller(grid);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(460);
        scroll.setFocusTraversable(false);
        Node content = judgements.isEmpty() && waivable.isEmpty()
                ? Texts.label("No rule of this stage has a limit that is a matter of judgement.")
                : scroll;
        overlay = new Overlay(
                host,
                "judgements",
                new VBox(
                        12,
                        Texts.label("Matters of judgement · " + session.stage().label(), "heading"),
                        content,
                        Texts.label(
                                "Type the reason, then the value: Enter takes it as a revision. The reason is shown"
                                        + " where the rule speaks, and printed. An empty reason makes it usual again."
                                        + " What a rule stops stays stopped. Esc closes.",
                                "soft",
                                "small")));
    }

    private void add(GridPane grid, Judgement judgement, int row) {
        Optional<Decision> decided = session.setup().decision(judgement.id());
        Label meaning = Texts.label(judgement.meaning());
        grid.add(meaning, 0, row);
        grid.add(Texts.label(Quantity.read(judgement.text(), session.units()), "figure"), 1, row);
        TextField reason = new TextField(decided.map(Decision::reason).orElse(""));
        reason.setPromptText("why this aircraft differs");
        reason.setAccessibleText("Reason: " + judgement.meaning());
        reason.setId("reason-" + row);
        reason.setPrefColumnCount(20);
        QuantityField value = new QuantityField(
                "", judgement.quantity(), session::tell, typed -> take(judgement, typed, reason.getText()));
        value.columns(5).unitWidth(40);
        value.field().setAccessibleText(judgement.meaning());
        value.field().setId("judgement-" + row);
        value.setAlignment(Pos.CENTER_LEFT);
        value.show(decided.map(Decision::value).orElse(judgement.usual()), session.units());
        reason.setOnAction(e -> {
            if (reason.getText().isBlank()) {
                session.edit("Usual again: " + judgement.meaning(), s -> s.decided(judgement.id(), Optional.empty()));
                value.show(judgement.usual(), session.units());
            } else {
                value.field().requestFocus();
            }
        });
        grid.add(value, 2, row);
        grid.add(reason, 3, row);
    }

    /** A rule whose missing evidence may be passed over. */
    private void pass(GridPane grid, ClearanceRule rule, int row) {
        TextField reason = new TextField(
                session.setup().waiver(rule.id()).map(Waiver::reason).orElse(""));
        reason.setPromptText("why it may be missing");
        reason.setAccessibleText("Reason for passing over: " + rule.demand());
        reason.setId("reason-" + row);
        reason.setOnAction(e -> {
            String why = reason.getText().strip();
            session.edit(
                    (why.isEmpty() ? "Asked for again: " : "Passed over: ") + rule.demand(),
                    s -> s.waived(
                            rule.id(), why.isEmpty() ? Optional.empty() : Optional.of(new Waiver(rule.id(), why))));
        });
        grid.add(Texts.label(Quantity.read(rule.demand(), session.units())), 0, row);
        grid.add(Texts.label("asked for", "figure"), 1, row);
        grid.add(Texts.label("pass over", "soft"), 2, row);
        grid.add(reason, 3, row);
    }

    private boolean take(Judgement judgement, double value, String reason) {
        try {
            Decision decision = judgement.decide(value, reason);
            return session.edit(
                    "Judged: " + judgement.meaning(), s -> s.decided(judgement.id(), Optional.of(decision)));
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return false;
        }
    }

    void open() {
        overlay.open();
        if (overlay.pane().lookup("#reason-1") instanceof TextField first) {
            first.requestFocus();
        }
    }
}
