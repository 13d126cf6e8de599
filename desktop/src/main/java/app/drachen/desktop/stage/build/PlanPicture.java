package app.drachen.desktop.stage.build;

import app.drachen.core.units.Quantity;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.VBox;
import javafx.scene.transform.Rotate;

/**
 * A picture of a plan below the drawing from above. Two clicked points whose distance is typed give its scale, and turn it
 * straight if they almost lie level or upright; the nose, clicked, gives its place.
 */
final class PlanPicture {
    /** More pixels than this show nothing more [px]. */
    private static final int MOST = 3000;
    /** A line of two points that leans less than this was meant to be straight [rad]. */
    private static final double LEANING = Math.toRadians(8);

    private enum Step {
        FIRST,
        SECOND,
        DISTANCE,
        NOSE,
        DONE
    }

    private final Image image;
    private Step step = Step.FIRST;
    /** Metres of the drawing to a pixel of the picture. */
    private double metres;
    /** Where the upper left corner of the picture lies, before it is turned about it [m]. */
    private double left;

    private double top;
    private double turned;
    private double[] first = new double[2];
    private double[] second = new double[2];

    private PlanPicture(Image image, double span, double middle) {
        this.image = image;
        metres = span / image.getWidth();
        left = -span / 2;
        top = middle - metres * image.getHeight() / 2;
    }

    /**
     * A picture from a file, first as wide as the span. It is read beside the screen's thread.
     *
     * @param file a PNG or JPEG
     * @param span of the aircraft [m]
     * @param middle of the drawing behind the nose [m]
     * @param read receives it
     * @param otherwise told if it is no picture
     */
    static void read(Path file, double span, double middle, Consumer<PlanPicture> read, Consumer<String> otherwise) {
        Image image = new Image(file.toUri().toString(), MOST, MOST, true, true, true);
        image.progressProperty().addListener((o, was, is) -> {
            if (is.doubleValue() >= 1 && !image.isError() && image.getWidth() >= 2) {
                read.accept(new PlanPicture(image, span, middle));
            }
        });
        image.errorProperty()
                .addListener((o, was, is) -> otherwise.accept(
                        file.getFileName() + " is no picture that can be read; save it as PNG or JPEG"));
    }

    /** Whether the next click belongs to the picture. */
    boolean waits() {
        return step != Step.DONE;
    }

    /** What to do next. */
    String next() {
        return switch (step) {
            case FIRST -> "Click one of two points of the plan whose distance you know, such as a wing tip.";
            case SECOND -> "Click the other one.";
            case DISTANCE -> "Type their distance.";
            case NOSE -> "Click the tip of the nose.";
            case DONE -> "Choose wing, tail or body and pull its corners over the plan; P takes the plan away.";
        };
    }

    /** A click on the drawing [m]. */
    void click(double x, double y, BuildDrawing drawing) {
        switch (step) {
            case FIRST -> {
                first = new double[] {x, y};
                step = Step.SECOND;
            }
            case SECOND -> {
                second = new double[] {x, y};
                if (Math.hypot(second[0] - first[0], second[1] - first[1]) < 1e-3) {
                    drawing.session().tell("These are the same point; click another one.");
                    return;
                }
                step = Step.DISTANCE;
                ask(drawing);
            }
                // the question was closed without an answer
            case DISTANCE -> ask(drawing);
            case NOSE -> {
                left -= x;
                top -= y;
                step = Step.DONE;
            }
            default -> {}
        }
        drawing.session().tell(next());
        drawing.repaint();
    }

    private void ask(BuildDrawing drawing) {
        EditPopup[] popup = new EditPopup[1];
        QuantityField distance =
                new QuantityField("Distance of the two points", Quantity.SPAN, drawing.session()::tell, v -> {
                    if (step != Step.DISTANCE) {
                        // leaving the field takes it once more
                        return true;
                    }
                    if (v < 0.02) {
                        drawing.session().tell("The two points are at least 2 cm apart; type what the plan says.");
                        return false;
                    }
                    scale(v);
                    drawing.session().tell(next());
                    drawing.repaint();
                    popup[0].hide();
                    return true;
                });
        distance.show(Double.NaN, drawing.session().units());
        distance.field().setText("");
        popup[0] = new EditPopup("plan-distance", 300, () -> box(distance));
        popup[0].showOver(drawing);
        distance.field().requestFocus();
    }

    private static Parent box(Node field) {
        VBox box = new VBox(8, Texts.label("How far apart are they on the aircraft?"), field);
        box.setPadding(new Insets(12));
        return box;
    }

    /** The two points become this far apart [m], and their line straight; the first stays where it is. */
    void scale(double distance) {
        double dx = second[0] - first[0];
        double dy = second[1] - first[1];
        double by = distance / Math.hypot(dx, dy);
        double lean = Math.atan2(dy, dx);
        double straight = Math.rint(lean / (Math.PI / 2)) * Math.PI / 2;
        double turn = Math.abs(straight - lean) < LEANING ? straight - lean : 0;
        // the picture is turned and scaled about the first point
        double x = left - first[0];
        double y = top - first[1];
        left = first[0] + by * (x * Math.cos(turn) - y * Math.sin(turn));
        top = first[1] + by * (x * Math.sin(turn) + y * Math.cos(turn));
        metres *= by;
        turned += turn;
        step = Step.NOSE;
    }

    /** Puts the picture below the drawing. */
    void place(ImageView below, View above) {
        below.setImage(image);
        below.setOpacity(0.75);
        below.setFitWidth(image.getWidth() * metres * above.scale());
        below.setPreserveRatio(true);
        below.relocate(above.x(left), above.y(top));
        below.getTransforms().setAll(new Rotate(Math.toDegrees(turned), 0, 0));
    }
}
