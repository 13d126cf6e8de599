package app.drachen.desktop.stage.harness;

import app.drachen.core.wiring.InstallList;
import app.drachen.core.wiring.InstallList.Step;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.PictureBytes;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The steps of installing in the order in which things become unreachable, to be ticked, with photographs for the album. */
final class InstallForm extends VBox {
    private final Session session;
    private final HarnessDeeds deeds;
    private final Dialogs dialogs;

    InstallForm(Session session, HarnessDeeds deeds, Dialogs dialogs) {
        super(8);
        this.session = session;
        this.deeds = deeds;
        this.dialogs = dialogs;
        Wiring wiring = Wiring.of(session.setup());
        InstallList list = InstallList.of(wiring);
        getChildren().add(Texts.label("Install list: deepest first, covers last", "heading"));
        getChildren().add(Texts.label(list.next().map(s -> "Next: " + s.what()).orElse("All steps are done."), "soft"));
        VBox rows = new VBox(5);
        for (int i = 0; i < list.steps().size(); i++) {
            rows.getChildren().add(row(i, list.steps().get(i), list));
        }
        rows.getChildren().add(Texts.label("TO BE SOLDERED", "caps"));
        InstallList.solder(wiring).forEach(j -> rows.getChildren().add(Texts.label(j)));
        Scroller scroll = new Scroller(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(430);
        getChildren()
                .addAll(scroll, Texts.label("Photographs go to the aircraft's album. Esc closes", "soft", "small"));
    }

    private VBox row(int number, Step step, InstallList list) {
        CheckBox box = new CheckBox(step.what());
        box.setId("install-" + number);
        box.setSelected(step.done());
        boolean own = step.device().isEmpty();
        box.setDisable(!own);
        box.setOnAction(e -> tick(step, box.isSelected()));
        Button photo = Texts.button("photo\u2026", () -> photo(step), "small-button");
        photo.setId("photo-" + number);
        HBox line = new HBox(8, box, Texts.spring(), photo);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        List<String> open = step.open(list);
        String wait = open.isEmpty()
                ? step.why()
                : (step.done() ? "too early, open: " : "first: ")
                        + list.step(open.get(0)).map(Step::what).orElse("")
                        + (open.size() > 1 ? " and " + (open.size() - 1) + " more" : "");
        String how = own
                ? ""
                : step.id().startsWith("lead") ? " \u00b7 ticked by its checks, W" : " \u00b7 ticked at the device, E";
        return new VBox(1, line, Texts.wrapped(wait + how, "soft", "small"));
    }

    private void tick(Step step, boolean done) {
        deeds.change((done ? "Installed: " : "Open again: ") + step.what(), h -> {
            List<String> all = new ArrayList<>(h.installed());
            all.remove(step.id());
            if (done) {
                all.add(step.id());
            }
            return h.withInstalled(all);
        });
    }

    private void photo(Step step) {
        var aircraft = session.aircraft();
        for (Path file : dialogs.open("Photograph of: " + step.what(), List.of(".png", ".jpg", ".jpeg"))) {
            String name = "Install, " + step.id() + ": " + file.getFileName();
            session.desk()
                    .jobs()
                    .start(
                            Lane.READ,
                            aircraft,
                            running -> PictureBytes.read(file),
                            bytes -> aircraft.album(
                                    album -> album.add(aircraft.id(), name, bytes),
                                    leaves -> session.tell(
                                            "In the album of " + aircraft.name() + ": " + file.getFileName() + "."),
                                    session::tell),
                            session::tell);
        }
    }
}
