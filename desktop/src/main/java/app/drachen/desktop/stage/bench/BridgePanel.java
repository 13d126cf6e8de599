package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.CardId;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.hangar.Revision;
import app.drachen.files.standin.Bridge;
import java.io.IOException;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Where a bridge to the real board listens, and the question to it. Nothing is asked unless the pilot asks; only this machine is. */
final class BridgePanel {
    private final Session session;
    private final Node owner;
    private final EditPopup popup;
    private String port = "";
    private Runnable asks = () -> {};

    BridgePanel(Session session, Node owner) {
        this.session = session;
        this.owner = owner;
        popup = new EditPopup("bridge-panel", 430, this::content);
    }

    /** What a bridge said, or what went wrong. */
    private record Said(Map<String, Double> readings, String wrong) {}

    private Parent content() {
        TextField field = new TextField(port);
        field.setId("bridge-port");
        field.setPromptText("port");
        field.setPrefColumnCount(6);
        field.setAccessibleText("Port of the bridge on this machine");
        field.setOnAction(e -> {
            port = field.getText().strip();
            popup.hide();
            asks.run();
        });
        return new VBox(
                7,
                Texts.label("A bridge to the board", "heading"),
                Texts.wrapped(
                        "A program of your own on this machine that reads the board and answers by a line of JSON, as"
                                + " \u201cdrachen standin\u201d does (which itself is no board and is turned away): {\"card\": \u2026} asks, {\"readings\": {\u2026}} answers, in SI units.",
                        "soft"),
                new HBox(8, field, Texts.label("Enter asks, Esc closes", "soft", "small")));
    }

    /**
     * Asks for a card, once the port is known.
     *
     * @param taken receives what came, if the aircraft is still the one that was asked about
     */
    void ask(CardId card, BiConsumer<CardId, Map<String, Double>> taken) {
        OpenAircraft aircraft = session.aircraft();
        Revision of = session.revision();
        asks = () -> {
            int number;
            try {
                number = Integer.parseInt(port);
            } catch (NumberFormatException e) {
                session.tell("A port is a number from 1 to 65535.");
                return;
            }
            session.desk()
                    .jobs()
                    .start(
                            Lane.READ,
                            aircraft,
                            running -> said(number, card),
                            said -> {
                                if (!said.wrong().isEmpty()) {
                                    session.tell(said.wrong());
                                } else if (session.shows(aircraft)
                                        && session.revision().equals(of)) {
                                    taken.accept(card, said.readings());
                                } else {
                                    session.tell(
                                            "The aircraft has changed meanwhile; nothing was taken from the bridge.");
                                }
                            },
                            session::tell);
        };
        popup.showOver(owner);
    }

    private static Said said(int port, CardId card) {
        try {
            return new Said(Bridge.ask(port, card), "");
        } catch (IOException e) {
            return new Said(Map.of(), e.getMessage());
        }
    }
}
