package app.drachen.desktop.app;

import app.drachen.core.setup.Setup;
import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.state.ErrorReports;
import app.drachen.files.state.ProgramLog;
import app.drachen.files.state.Recents;
import app.drachen.files.state.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** The windows of the program and the desks behind them. Windows on one hangar share its desk. */
final class Windows {
    private final Clock clock = Clock.systemDefaultZone();
    private final Recents recents = new Recents(UserFolders.state());
    private final ErrorReports reports = new ErrorReports(UserFolders.state(), clock, Version.text());
    private final WindowMemory memory = new WindowMemory(UserFolders.state().resolve("window.properties"));
    private final List<Open> open = new ArrayList<>();

    private record Open(Stage stage, StackPane root, Session session) {}

    /** A desk on a hangar, with the threads of this program. Reads the hangar: not for the interface thread. */
    Desk desk(Hangar hangar) {
        return new Desk(hangar, Screen.jobs(this::uncaught), Screen.LATER, clock);
    }

    /** Prepares the first window, before there is a hangar to show. */
    void opening(Stage stage, Parent until) {
        Scene scene = new Scene(until, 1280, 800);
        Theme.styleFirst(scene);
        stage.setScene(scene);
        stage.setMinWidth(960);
        stage.setMinHeight(640);
        stage.setTitle("Drachen");
        memory.restore(stage);
    }

    /** Gives a window its icons; they are read once it stands. */
    static void dress(Stage stage) {
        stage.getIcons().setAll(Theme.icons());
    }

    /** Shows a desk in a window. */
    Scene show(Desk desk, Stage stage, OptionalLong aircraft) {
        Theme.load();
        boolean first = open.stream().noneMatch(o -> o.session().desk() == desk);
        Session session = new Session(desk);
        Shell shell = new Shell(
                session,
                new Shell.Outside(
                        new FxDialogs(() -> stage),
                        another -> show(desk, new Stage(), another),
                        this::openFile,
                        this::toOwn,
                        recents::list));
        Open now = new Open(stage, (StackPane) shell.root(), session);
        open.add(now);
        if (stage.getScene() == null) {
            opening(stage, new StackPane());
            dress(stage);
        }
        Scene scene = stage.getScene();
        scene.setRoot(shell.root());
        stage.setTitle("Drachen · " + desk.file().getFileName() + (desk.writable() ? "" : ", to look at"));
        stage.setOnCloseRequest(e -> {
            // while the window still stands: what is being typed is taken
            shell.leave();
            memory.keep(stage);
        });
        stage.setOnHidden(e -> close(now));
        aircraft.ifPresent(session::openWhenRead);
        stage.show();
        if (first) {
            desk.load(session::tell);
            Screen.beside(() -> ProgramLog.say("opened " + desk.file().getFileName()));
            // written and copied beside the interface, once the window stands
            Screen.beside(() -> recents.add(desk.file()));
            if (desk.writable()) {
                desk.copyOfTheDay(session::tell);
            } else {
                session.tell(desk.file().getFileName()
                        + " lies where you may not write: it is open to look at; copy it to change anything.");
            }
        }
        return scene;
    }

    /** Opens a hangar in a window of its own; one that is open already is not opened twice. */
    private void openFile(Path file) {
        openFile(file, desk -> {});
    }

    private void openFile(Path file, Consumer<Desk> then) {
        Optional<Desk> already = open.stream()
                .map(o -> o.session().desk())
                .filter(d -> same(d.file(), file))
                .findFirst();
        if (already.isPresent()) {
            show(already.get(), new Stage(), OptionalLong.empty());
            then.accept(already.get());
            return;
        }
        Screen.beside(() -> {
            try {
                Desk desk = desk(Hangar.openAsItLies(file));
                Screen.soon(() -> {
                    show(desk, new Stage(), OptionalLong.empty());
                    then.accept(desk);
                });
            } catch (RuntimeException e) {
                Screen.soon(() -> uncaught(e));
            }
        });
    }

    /** Adds a set-up to the pilot's own hangar, which is made if there is none, and opens that. */
    private void toOwn(Setup setup) {
        Screen.beside(() -> {
            Path own = OwnHangar.file(recents.list());
            Screen.soon(() -> openFile(
                    own,
                    desk -> desk.add(
                            setup,
                            "Taken from another hangar",
                            a -> {},
                            s -> open.forEach(o -> o.session().tell(s)))));
        });
    }

    private static boolean same(Path one, Path other) {
        try {
            return Files.exists(other) && Files.isSameFile(one, other);
        } catch (IOException e) {
            return one.equals(other);
        }
    }

    private void close(Open window) {
        if (!open.remove(window)) {
            return;
        }
        Desk desk = window.session().desk();
        window.session().close();
        if (open.stream().noneMatch(o -> o.session().desk() == desk)) {
            desk.close();
            ProgramLog.say("closed " + desk.file().getFileName());
        }
    }

    /** An error nobody expected: told calmly, written down, nothing lost. What the hangar says is a sentence. */
    void uncaught(Throwable error) {
        Throwable root = error;
        while (root.getCause() != null && !(root instanceof HangarException)) {
            root = root.getCause();
        }
        if (root instanceof HangarException told) {
            open.forEach(o -> o.session().tell(told.getMessage()));
            return;
        }
        ProgramLog.wrong(error);
        String report = reports.report(error);
        System.err.println(report);
        String where = reports.keep(report);
        open.stream()
                .filter(o -> o.stage().isFocused())
                .findFirst()
                .or(() -> open.stream().findFirst())
                .ifPresent(o -> new ErrorPanel(o.root(), report, where).open());
    }

    /** Closes whatever is still open. */
    void closeAll() {
        List.copyOf(open).forEach(this::close);
    }
}
