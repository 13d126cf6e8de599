package app.drachen.desktop.stage.harness;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.Board.Automation;
import app.drachen.core.harness.BoardCare;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Components;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.ImportFailedException;
import app.drachen.files.json.BoardJson;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The board: which it is, one's own, what is known of it. Its rails and places are edited here row by row. */
final class BoardForm extends VBox {
    private static final List<String> ARROWS = List.of("forward", "right", "aft", "left");
    private final Session session;
    private final HarnessDeeds deeds;

    BoardForm(Session session, HarnessDeeds deeds, Dialogs dialogs) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        Board board = deeds.harness().board();
        getChildren().add(Texts.label(board.chosen() ? "Board: " + board.name() : "Which board?", "heading"));
        HBox choose = new HBox(6, Texts.label("take", "soft"));
        for (Board one : Boards.all()) {
            choose.getChildren().add(button(one.name(), () -> take(one)));
        }
        choose.getChildren()
                .addAll(
                        button("read a profile\u2026", () -> read(dialogs)),
                        button("write it\u2026", () -> write(dialogs)));
        getChildren().add(choose);
        if (board.chosen()) {
            getChildren().addAll(care(), rows(board));
        }
        getChildren()
                .add(Texts.label("Pins and protocols of a place: F4, board \u00b7 place. Esc closes", "soft", "small"));
    }

    private static Button button(String label, Runnable run) {
        Button button = Texts.button(label, run, "small-button");
        button.setId("board-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return button;
    }

    /** Takes a board; devices stay, and are plugged in anew as well as can be. */
    private void take(Board board) {
        session.edit("Board " + board.name(), s -> HarnessDraft.of(s, board));
    }

    private void read(Dialogs dialogs) {
        dialogs.open("Board profile", List.of(".json")).stream().findFirst().ifPresent(file -> {
            try {
                take(BoardJson.read(file));
            } catch (ImportFailedException e) {
                session.tell(e.getMessage());
            }
        });
    }

    private void write(Dialogs dialogs) {
        Board board = deeds.harness().board();
        dialogs.save("Board profile", board.name() + ".json", List.of(".json"))
                .ifPresent(file -> session.write(file, to -> BoardJson.write(board, to)));
    }

    private boolean set(String path, String reason, Object value) {
        return session.edit("Board: " + reason, s -> Components.with(s, "harness.board." + path, value));
    }

    private boolean noted(String path, String reason, Object value) {
        return session.edit("Board: " + reason, s -> Components.with(s, "harness.care." + path, value));
    }

    private Form care() {
        BoardCare c = deeds.harness().care();
        Board b = deeds.harness().board();
        return new Form(session, 3)
                .text("name", b.name(), t -> set("name", "name " + t, t))
                .number("length", Quantity.LENGTH, b.length(), v -> set("length", "length", v))
                .number("width", Quantity.LENGTH, b.width(), v -> set("width", "width", v))
                .choice("arrow, plugs as drawn", ARROWS, b.arrow(), a -> a, a -> set("arrow", "arrow " + a, a))
                .choice(
                        "automation",
                        List.of(Automation.values()),
                        b.automation(),
                        Automation::label,
                        a -> set("automation", a.label(), a))
                .number(
                        "Autotune period",
                        Quantity.TIME,
                        b.tunePeriod() == 0 ? Double.NaN : b.tunePeriod(),
                        v -> set("tunePeriod", "Autotune period", v))
                .text("serial", c.serial(), t -> noted("serial", "serial number", t))
                // a version that is new has no copy of the values before it yet
                .text(
                        "software",
                        c.version(),
                        t -> deeds.change(
                                "Board: software " + t,
                                h -> h.withCare(
                                        new BoardCare(c.damped(), c.serial(), t, false, c.erased(), c.refused()))))
                .tick("values saved before it", c.copied(), v -> noted("copied", "values saved", v))
                .tick("erased with it", c.erased(), v -> noted("erased", "values erased", v))
                .tick("refuses a step", c.refused(), v -> noted("refused", "refuses a step", v))
                .tick("on something soft", c.damped(), v -> noted("damped", "damping", v));
    }

    private Scroller rows(Board board) {
        VBox rows = new VBox(4);
        for (int i = 0; i < board.rails().size(); i++) {
            rows.getChildren().add(row(rail(i, board.rails().get(i)), "harness.board.rails", i));
        }
        rows.getChildren()
                .add(button(
                        "+ rail", () -> session.edit("Rail added", s -> Components.added(s, "harness.board.rails"))));
        for (int i = 0; i < board.places().size(); i++) {
            String at = "places[" + i + "].";
            var place = board.places().get(i);
            Form form = new Form(session, 5, "place-" + i + "-")
                    .text(
                            "place",
                            place.name(),
                            t -> deeds.change("Board: place " + t, h -> h.placeRenamed(place.name(), t)))
                    .choice(
                            "carries",
                            List.of(Signal.values()),
                            place.signal(),
                            Signal::label,
                            s -> set(at + "signal", place.name() + " carries " + s.label(), s))
                    .choice(
                            "rail",
                            railNames(board),
                            place.rail(),
                            r -> r.isEmpty() ? "no power pin" : r,
                            r -> set(at + "rail", place.name() + " on " + r, r))
                    .number(
                            "timer",
                            Quantity.COUNT,
                            place.group(),
                            v -> set(at + "group", place.name() + " timer group", (int) Math.rint(v)))
                    .number(
                            "fastest",
                            Quantity.COUNT,
                            place.fastest(),
                            v -> set(at + "fastest", place.name() + " speed", v));
            rows.getChildren().add(row(form, "harness.board.places", i));
        }
        rows.getChildren()
                .add(button(
                        "+ place",
                        () -> session.edit("Place added", s -> Components.added(s, "harness.board.places"))));
        Scroller scroll = new Scroller(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(300);
        return scroll;
    }

    /** A row with a button that takes it away. */
    private HBox row(Form form, String list, int index) {
        Button gone = Texts.button(
                "\u00d7",
                () -> session.edit("Board: a row removed", s -> Components.removed(s, list, index)),
                "small-button");
        gone.setId("gone-" + list.substring(list.lastIndexOf('.') + 1) + "-" + index);
        gone.setAccessibleText("Remove this row");
        HBox line = new HBox(8, form, gone);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return line;
    }

    private static List<String> railNames(Board board) {
        List<String> names = new java.util.ArrayList<>(List.of(""));
        board.rails().forEach(r -> names.add(r.name()));
        return names;
    }

    private Form rail(int i, BoardRail r) {
        String at = "rails[" + i + "].";
        return new Form(session, 5, "rail-" + i + "-")
                .text(
                        "rail " + (char) ('A' + i),
                        r.name(),
                        t -> deeds.change("Board: rail " + t, h -> h.railRenamed(r.name(), t)))
                .choice(
                        "fed by",
                        List.of(BoardRail.Feed.values()),
                        r.feed(),
                        BoardRail.Feed::label,
                        f -> set(at + "feed", r.name() + " fed by " + f.label(), f))
                .number("gives", Quantity.VOLTAGE, r.volts(), v -> set(at + "volts", r.name() + " volts", v))
                .number("for long", Quantity.CURRENT, r.amps(), v -> set(at + "amps", r.name() + " amps", v))
                .tick("from USB", r.usb(), v -> set(at + "usb", r.name() + " on USB", v));
    }
}
