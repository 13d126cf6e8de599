package app.drachen.desktop.stage.harness;

import app.drachen.core.setup.BoardMount;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.BoardRotation;
import app.drachen.core.wiring.BoardRotation.Tilt;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** How the board is turned, from what its horizon shows at three tilts of the aircraft. */
final class TiltForm extends VBox {
    private final Session session;
    private final double[] shown;
    private final VBox answer = new VBox(4);

    /**
     * The form.
     *
     * @param shown roll and pitch as shown, level, nose up, right wing down; not a number while not typed; kept by the screen
     */
    TiltForm(Session session, double[] shown) {
        super(8);
        this.session = session;
        this.shown = shown;
        Form form = new Form(session, 3);
        List<String> tilts = List.of("held level", "nose held up", "right wing held down");
        List<String> words = List.of("level", "nose", "wing");
        for (int i = 0; i < 3; i++) {
            int at = 3 * i;
            form.heading(tilts.get(i));
            if (i > 0) {
                form.number("held by, " + words.get(i), Quantity.ANGLE, shown[at], v -> put(at, v));
            }
            form.number("shows roll, " + words.get(i), Quantity.ANGLE, shown[at + 1], v -> put(at + 1, v));
            form.number("shows pitch, " + words.get(i), Quantity.ANGLE, shown[at + 2], v -> put(at + 2, v));
        }
        getChildren()
                .addAll(
                        Texts.label("How the board is turned", "heading"),
                        Texts.wrapped(
                                "Hold the aircraft as named, read what the board's horizon shows, and type it: right wing down and nose up positive.",
                                "soft"),
                        form,
                        answer,
                        Texts.label("Esc closes", "soft", "small"));
        tell();
    }

    private boolean put(int at, double value) {
        shown[at] = value;
        tell();
        return true;
    }

    private void tell() {
        answer.getChildren().clear();
        if (Arrays.stream(shown).anyMatch(Double::isNaN)) {
            answer.getChildren().add(Texts.label("Six figures and two tilts, then the turn is told.", "soft"));
            return;
        }
        List<Tilt> tilts = new ArrayList<>();
        tilts.add(new Tilt(0, 0, shown[1], shown[2]));
        tilts.add(new Tilt(0, shown[3], shown[4], shown[5]));
        tilts.add(new Tilt(shown[6], 0, shown[7], shown[8]));
        try {
            tell(BoardRotation.of(tilts));
        } catch (IllegalArgumentException e) {
            answer.getChildren().add(Texts.wrapped(e.getMessage(), "soft"));
        }
    }

    private void tell(BoardRotation found) {
        answer.getChildren()
                .add(Texts.wrapped(
                        "Turn still to be entered: " + found.nearest().words(), "name"));
        answer.getChildren()
                .add(Texts.wrapped(
                        "Rest angle " + Quantity.ANGLE.text(found.rest(), session.units()) + ", figures agree within "
                                + Quantity.ANGLE.text(found.misfit(), session.units())
                                + (found.flat() || found.rest() > Math.toRadians(10)
                                        ? ". Exact yaw " + Quantity.ANGLE.text(found.yaw(), session.units()) + "."
                                        : ".")
                                + (found.rest() > Math.toRadians(10)
                                        ? " That is more than 10°: a free turn, or a tilt was misread. Repeat it."
                                        : ""),
                        "soft"));
        boolean clear = found.rest() <= Math.toRadians(10) && found.misfit() <= Math.toRadians(10);
        if (found.flat() && clear) {
            BoardMount mount = session.setup().mount();
            int points = Math.floorMod(
                    mount.configuredQuarterTurns() + found.nearest().yaw(), 4);
            Button keep = Texts.button(
                    "Arrow points " + List.of("forward", "right", "aft", "left").get(points) + ": note it",
                    () -> session.edit(
                            "Board's arrow found by three tilts",
                            s -> s.withMount(new BoardMount(
                                    points,
                                    s.mount().configuredQuarterTurns(),
                                    s.mount().levelRoll(),
                                    s.mount().levelPitch()))),
                    "small-button");
            keep.setId("keep-turn");
            answer.getChildren().add(keep);
        }
    }
}
