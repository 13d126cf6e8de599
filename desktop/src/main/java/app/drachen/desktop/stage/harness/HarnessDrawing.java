package app.drachen.desktop.stage.harness;

import app.drachen.core.airframe.Position;
import app.drachen.core.harness.Radio;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.AerialPainter;
import app.drachen.desktop.drawing.HarnessLayout;
import app.drachen.desktop.drawing.HarnessPainter;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.theme.Ink;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;

/** The harness, or the aerials on the aircraft; devices are dragged to places, aerials to where they are tried. */
public final class HarnessDrawing extends CanvasPane {
    private final Session session;
    private final HarnessDeeds deeds;
    private final Runnable changed;
    private String chosen = "";
    private Plugged plugged = Plugged.PACK;
    private boolean aerials;
    private Optional<Point2D> hand = Optional.empty();
    private Optional<Radio> tried = Optional.empty();

    /**
     * A drawing.
     *
     * @param changed told when something else is chosen or tried
     */
    HarnessDrawing(Session session, HarnessDeeds deeds, Runnable changed) {
        super(300, 180);
        this.session = session;
        this.deeds = deeds;
        this.changed = changed;
        setId("harness-drawing");
        setFocusTraversable(true);
        setAccessibleText("Drawing of the harness");
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
    }

    /** The name of the device that is chosen; empty for none. */
    public String chosenDevice() {
        return chosen;
    }

    void choose(String device) {
        chosen = device;
        repaint();
        changed.run();
    }

    /** Chooses the next device. */
    void step(int by) {
        List<String> names =
                session.setup().harness().devices().stream().map(d -> d.name()).toList();
        if (!names.isEmpty()) {
            choose(names.get(
                    Math.floorMod(names.indexOf(chosen) + (chosen.isEmpty() && by < 0 ? 0 : by), names.size())));
        }
    }

    Plugged plugged() {
        return plugged;
    }

    void plug(Plugged state) {
        plugged = state;
        repaint();
    }

    boolean aerials() {
        return aerials;
    }

    void turn() {
        aerials = !aerials;
        setAccessibleText(aerials ? "Aerials on the aircraft" : "Drawing of the harness");
        repaint();
    }

    /** The radios, one of them perhaps where it is tried. */
    List<Radio> radios() {
        List<Radio> all = new ArrayList<>();
        session.setup()
                .harness()
                .radios()
                .forEach(r ->
                        all.add(tried.filter(t -> t.device().equals(r.device())).orElse(r)));
        return all;
    }

    private AerialPainter aerial() {
        return new AerialPainter(session.setup(), radios(), chosen, session.units());
    }

    /** Where the middle of a device's box is, in pixels of this node. */
    public Optional<Point2D> deviceAt(String name) {
        return box(HarnessLayout.of(Wiring.of(session.setup()), getWidth(), getHeight())
                .devices()
                .get(name));
    }

    /** Where a place of the board is, in pixels of this node. */
    public Optional<Point2D> placeAt(String name) {
        return box(HarnessLayout.of(Wiring.of(session.setup()), getWidth(), getHeight())
                .places()
                .get(name));
    }

    /** Where an aerial is, in pixels of this node. */
    public Optional<Point2D> aerialAt(String name) {
        View v = aerial().view(getWidth(), getHeight());
        return session.setup()
                .harness()
                .radio(name)
                .map(r -> new Point2D(v.x(r.aerial().right()), v.y(r.aerial().aft())));
    }

    private static Optional<Point2D> box(HarnessLayout.Box box) {
        return Optional.ofNullable(box).map(b -> new Point2D(b.x() + b.width() / 2, b.middle()));
    }

    private void press(MouseEvent e) {
        requestFocus();
        Optional<String> at = aerials
                ? aerial().at(e.getX(), e.getY(), getWidth(), getHeight())
                : HarnessLayout.of(Wiring.of(session.setup()), getWidth(), getHeight())
                        .device(e.getX(), e.getY());
        at.ifPresent(name -> {
            choose(name);
            hand = Optional.of(new Point2D(e.getX(), e.getY()));
        });
    }

    private void drag(MouseEvent e) {
        if (hand.isEmpty()) {
            return;
        }
        hand = Optional.of(new Point2D(e.getX(), e.getY()));
        if (aerials) {
            View v = aerial().view(getWidth(), getHeight());
            tried = session.setup()
                    .harness()
                    .radio(chosen)
                    .flatMap(r -> moved(r, v.metreX(e.getX()), v.metreY(e.getY())));
            changed.run();
        }
        repaint();
    }

    private Optional<Radio> moved(Radio r, double right, double aft) {
        double x = Math.rint(right * 200) / 200;
        double y = Math.rint(aft * 200) / 200;
        boolean there = Math.abs(x) <= 5 && y >= -2 && y <= 5;
        return there ? Optional.of(r.at(new Position(y, x, r.aerial().up()))) : tried;
    }

    private void release(MouseEvent e) {
        Optional<Point2D> from = hand;
        hand = Optional.empty();
        if (from.isEmpty()) {
            return;
        }
        if (aerials) {
            Optional<Radio> to = tried;
            tried = Optional.empty();
            to.ifPresent(t -> deeds.change(
                    "Aerial of " + t.device() + " moved", h -> h.withRadio(t.device(), r -> r.at(t.aerial()))));
        } else {
            HarnessLayout.of(Wiring.of(session.setup()), getWidth(), getHeight())
                    .place(e.getX(), e.getY())
                    .flatMap(p -> session.setup().harness().board().place(p))
                    .ifPresent(p -> deeds.plug(chosen, p));
        }
        repaint();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        if (!session.isOpen()) {
            return;
        }
        if (aerials) {
            aerial().paint(g, width, height);
            return;
        }
        Wiring wiring = Wiring.of(session.setup());
        new HarnessPainter(wiring, Rails.of(wiring, plugged), chosen, session.units()).paint(g, width, height);
        if (g instanceof ScreenPen) {
            hand.ifPresent(to -> deviceAt(chosen).ifPresent(from -> {
                g.setStroke(Ink.KITE);
                g.setLineWidth(2);
                g.setLineDashes(5, 4);
                g.strokeLine(from.getX(), from.getY(), to.getX(), to.getY());
                g.setLineDashes();
            }));
        }
    }
}
