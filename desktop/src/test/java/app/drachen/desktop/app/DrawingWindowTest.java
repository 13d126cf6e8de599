package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Wing;
import app.drachen.core.clearance.Stage;
import app.drachen.core.draft.Corners;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.stage.build.BuildDrawing;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The aircraft is drawn: with parts from the library, several at once, by corners, and after a plan. */
class DrawingWindowTest extends WindowTest {
    private BuildDrawing drawing;

    @BeforeEach
    void build() throws Exception {
        open("Strandläufer", Stage.BUILD);
        drawing = (BuildDrawing) node("build-drawing");
        until(() -> drawing.getLayoutBounds().getWidth() > 200);
        act(() -> drawing.requestFocus());
    }

    private Point2D at(Corners.View view, double x, double y) throws Exception {
        return ask(() -> drawing.localToScreen(drawing.seen(view, x, y).orElseThrow()));
    }

    private Corners.Corner corner(String name) throws Exception {
        return ask(() -> Corners.of(session.setup().airframe()).stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow());
    }

    private double right(String part) throws Exception {
        return ask(() -> session.setup().part(part).orElseThrow().position().right());
    }

    private double span() throws Exception {
        return ask(() -> session.setup().planform().span());
    }

    private void choose(String title) throws Exception {
        for (int i = 0; i < 30 && !inspector().contains(title); i++) {
            press(KeyCode.COMMA);
        }
    }

    private List<String> inspector() throws Exception {
        return ask(() -> Shown.lookup(scene, "#inspector").lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void aPartFromTheLibrarySaysThatItIsTypicalAndWhatItCosts() throws Exception {
        press(KeyCode.INSERT);
        ListView<?> library = (ListView<?>) robot.lookup("#part-library").query();
        act(() -> library.getSelectionModel().select(library.getItems().size() - 4));
        press(KeyCode.ENTER);
        until(() -> session.setup().part("lights").isPresent());
        assertTrue(
                inspector().contains("typical mass: put it on a scale"),
                inspector().toString());
        assertTrue(notice().contains("Minutes of flight"), notice());
        act(() -> session.edit("weighed", s -> s.withPart("lights", p -> p.withMass(0.031))));
        assertFalse(inspector().contains("typical mass: put it on a scale"));
    }

    @Test
    void severalPartsAreMovedMirroredAndTakenAwayTogether() throws Exception {
        choose("Part: servo left");
        press(KeyCode.SHIFT, KeyCode.PERIOD);
        assertTrue(inspector().get(0).startsWith("2 parts"), inspector().toString());
        int before = ask(() -> session.revision().number());
        double left = right("servo left");
        double other = right("servo right");
        act(() -> drawing.restFor(javafx.util.Duration.millis(1)));
        press(KeyCode.RIGHT);
        until(() -> session.revision().number() == before + 1);
        assertEquals(left + 0.001, right("servo left"), 1e-9);
        assertEquals(other + 0.001, right("servo right"), 1e-9);
        // the first says where the other belongs
        press(KeyCode.M);
        until(() -> session.revision().number() == before + 2);
        assertEquals(-right("servo left"), right("servo right"), 1e-9);
        press(KeyCode.DELETE);
        until(() -> session.setup().part("servo right").isEmpty());
        assertTrue(ask(() -> session.setup().part("servo left").isEmpty()));
    }

    @Test
    void cornersArePulledAndTheRulerAgrees() throws Exception {
        choose("Wing");
        Wing wing = ask(() -> session.setup().airframe().wing());
        int last = wing.panels().size();
        Corners.Corner end = corner("wing, panel " + last + ", trailing edge");
        Point2D from = at(Corners.View.ABOVE, end.x(), end.y());
        int before = ask(() -> session.revision().number());
        double span = span();
        robot.drag(from, MouseButton.PRIMARY).dropTo(from.getX(), from.getY() + 14);
        until(() -> session.revision().number() == before + 1);
        Wing now = ask(() -> session.setup().airframe().wing());
        double chord = now.panels().get(last - 1).tipChord();
        assertTrue(chord > wing.panels().get(last - 1).tipChord() + 0.03, "chord " + chord);
        assertEquals(span, span(), 1e-9, "nothing else has moved");

        press(KeyCode.R);
        Corners.Corner tip = corner("wing, panel " + last + ", leading edge");
        robot.drag(at(Corners.View.ABOVE, -tip.x(), tip.y()), MouseButton.PRIMARY)
                .dropTo(at(Corners.View.ABOVE, tip.x(), tip.y()));
        quiet();
        String read = ask(() -> drawing.getAccessibleText());
        assertTrue(read.startsWith(Quantity.LENGTH.text(span, session.units())), read);
        press(KeyCode.R);
        press(KeyCode.V);
        assertTrue(ask(() -> drawing.seen(Corners.View.BEHIND, 0, 0).isPresent()));
    }

    /** A plan whose two marks, eight tenths of its width apart, are 2.00 m apart on the aircraft and lean by 2°. */
    @Test
    void aPlanLiesToScaleBelowTheDrawing() throws Exception {
        Path file = folder.resolve("plan.png");
        BufferedImage image = new BufferedImage(1000, 500, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 1000, 500);
        pen.dispose();
        ImageIO.write(image, "png", file.toFile());
        dialogs.toOpen.push(List.of(file));
        press(KeyCode.P);
        until(() -> notice().contains("Click one of two points"));
        ImageView below =
                ask(() -> (ImageView) drawing.getChildrenUnmodifiable().get(0));
        double wide = ask(below::getFitWidth);
        Point2D first = ask(() -> drawing.localToScreen(below.getLayoutX() + 0.1 * wide, below.getLayoutY() + 30));
        robot.clickOn(first, MouseButton.PRIMARY);
        robot.clickOn(first.add(0.8 * wide, Math.tan(Math.toRadians(2)) * 0.8 * wide), MouseButton.PRIMARY);
        until(() -> robot.lookup("#field-distance-of-the-two-points").tryQuery().isPresent());
        write("2.00");
        press(KeyCode.ENTER);
        until(() -> notice().contains("nose"));
        double scale = at(Corners.View.ABOVE, 1, 0).getX()
                - at(Corners.View.ABOVE, 0, 0).getX();
        assertEquals(2.00 * scale * Math.cos(Math.toRadians(2)) / 0.8, ask(below::getFitWidth), 0.02 * wide);
        robot.clickOn(at(Corners.View.ABOVE, 0.1, 0.2), MouseButton.PRIMARY);
        until(() -> notice().contains("pull its corners"));
        press(KeyCode.P);
        assertTrue(ask(() -> below.getImage() == null), "taken away again");

        Path broken = Files.writeString(folder.resolve("broken.png"), "no picture");
        dialogs.toOpen.push(List.of(broken));
        press(KeyCode.P);
        until(() -> notice().contains("broken.png is no picture"));
    }
}
