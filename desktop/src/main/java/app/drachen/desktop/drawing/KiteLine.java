package app.drachen.desktop.drawing;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.theme.Ink;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/**
 * The line: eleven stages as bows on a kite's string, the kite and the clearance at its end. Each
 * bow can be focused and pressed; left and right go along the line.
 */
public final class KiteLine extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double FIRST = 0.17;
    private static final double KITE = 0.842;
    private static final double BEFORE_KITE = 0.085;
    private static final double CLEARED = 236;

    private final Canvas string = new Canvas();
    private final List<StageBow> bows = new ArrayList<>();
    private final Label name = new Label();
    private final Label kind = new Label();
    private final VBox cleared = new VBox();
    private final Label sentence = new Label();
    private final Label why = new Label();
    private Stage chosen = Stage.BUILD;

    /** A line whose bows call the receiver. */
    public KiteLine(Consumer<Stage> go) {
        getStyleClass().addAll("kite-line", "line-header");
        setId("kite-line");
        setMinHeight(126);
        setPrefHeight(126);
        setMaxHeight(126);
        name.getStyleClass().add("title");
        kind.getStyleClass().add("soft");
        sentence.getStyleClass().add("heading");
        sentence.setId("clearance");
        sentence.setWrapText(true);
        sentence.setMinHeight(Label.USE_PREF_SIZE);
        why.getStyleClass().addAll("small");
        why.setWrapText(true);
        why.setId("clearance-why");
        Label caption = new Label("CLEARED TO");
        caption.getStyleClass().add("caps");
        cleared.getChildren().addAll(caption, sentence, why);
        string.setManaged(false);
        string.setMouseTransparent(true);
        getChildren().add(string);
        for (Stage stage : Stage.values()) {
            StageBow bow = new StageBow(stage, go);
            bows.add(bow);
            getChildren().add(bow);
        }
        Tips.say(cleared, why::getText);
        getChildren().addAll(name, kind, cleared);
    }

    /** Shows an aircraft and its clearance. */
    public void show(String aircraft, String kindAndSpan, Clearance clearance, UnitSystem units, Stage at) {
        chosen = at;
        name.setText(aircraft);
        kind.setText(kindAndSpan);
        sentence.setText(clearance.sentence().replace("on paper", "on\u00a0paper"));
        why.setText(Quantity.read((clearance.why() + ". " + clearance.reservation()).strip(), units));
        cleared.setAccessibleText("cleared to " + clearance.sentence() + ". " + why.getText());
        for (StageBow bow : bows) {
            bow.show(clearance.stages().get(bow.stage), bow.stage == at);
        }
        requestLayout();
    }

    /** Height of the string at a share of the width. */
    private static double height(double share) {
        double t = Math.max(0, (share - 0.12) / 0.72);
        return 91 - 8 * Math.min(1, t * 6) - 46 * Math.pow(t, 1.6);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        string.setWidth(width);
        string.setHeight(getHeight());
        Pen g = new ScreenPen(string);
        g.clearRect(0, 0, width, getHeight());
        double kiteX = Math.min(width * KITE, width - CLEARED);
        double end = kiteX / width;
        g.setStroke(Ink.INK);
        g.setLineWidth(1.3);
        g.beginPath();
        g.moveTo(width * 0.115, 97);
        for (double share = 0.13; share <= end; share += 0.005) {
            g.lineTo(width * share, height(share));
        }
        g.stroke();
        Bow.kite(g, kiteX, height(end) - 6, 25);
        for (int i = 0; i < bows.size(); i++) {
            StageBow bow = bows.get(i);
            double share = FIRST + (end - BEFORE_KITE - FIRST) * i / (bows.size() - 1);
            double w = bow.prefWidth(-1);
            double h = bow.prefHeight(-1);
            bow.resizeRelocate(Math.rint(width * share - w / 2), Math.rint(height(share) - bow.bowCentre()), w, h);
        }
        name.resizeRelocate(18, 10, Math.min(name.prefWidth(-1), width * 0.3), name.prefHeight(-1));
        kind.resizeRelocate(18, 44, width * 0.2, kind.prefHeight(-1));
        double left = kiteX + 26;
        double room = width - left - 8;
        cleared.resizeRelocate(left, 12, room, 108);
    }

    /** One bow with its name. */
    private final class StageBow extends VBox {
        private final Stage stage;
        private final Canvas bow = new Canvas(40, 24);
        private final Label label = new Label();

        StageBow(Stage stage, Consumer<Stage> go) {
            this.stage = stage;
            getStyleClass().add("bow");
            setId("bow-" + stage.name().toLowerCase(java.util.Locale.ROOT));
            setAlignment(Pos.TOP_CENTER);
            setPadding(new Insets(0, 3, 2, 3));
            label.setText(stage.label());
            getChildren().addAll(bow, label);
            setFocusTraversable(true);
            setAccessibleRole(AccessibleRole.BUTTON);
            setOnMouseClicked(e -> go.accept(stage));
            setOnKeyPressed(e -> {
                if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                    go.accept(stage);
                    e.consume();
                } else if (e.getCode() == KeyCode.RIGHT || e.getCode() == KeyCode.LEFT) {
                    int step = e.getCode() == KeyCode.RIGHT ? 1 : -1;
                    int to = Math.floorMod(stage.ordinal() + step, bows.size());
                    bows.get(to).requestFocus();
                    e.consume();
                }
            });
        }

        double bowCentre() {
            return 12;
        }

        void show(StageState state, boolean now) {
            pseudoClassStateChanged(CHOSEN, now);
            Pen g = new ScreenPen(bow);
            g.clearRect(0, 0, 40, 24);
            Bow.paint(g, state, 20, 12, now ? 14 : 11, now ? 10 : 7.5);
            label.setUnderline(false);
            setBorderMark(now);
            setAccessibleText(stage.label() + ", " + state.label());
            Tips.say(
                    this,
                    stage.label() + ": "
                            + (Kits.of(stage).hasInstruments() ? state.label() : stage.withoutInstruments()));
        }

        private void setBorderMark(boolean now) {
            label.setGraphic(null);
            if (now) {
                javafx.scene.shape.Rectangle mark = new javafx.scene.shape.Rectangle(44, 3);
                mark.getStyleClass().add("underline");
                label.setGraphic(mark);
                label.setContentDisplay(javafx.scene.control.ContentDisplay.BOTTOM);
                label.setGraphicTextGap(1);
            }
        }
    }
}
