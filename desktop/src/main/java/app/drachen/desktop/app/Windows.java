package app.drachen.desktop.app;

import app.drachen.desktop.background.Background;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** The windows of the program and the hangars behind them. Windows on one hangar see each other's changes. */
final class Windows {
    private final Clock clock = Clock.systemUTC();
    private final Recents recents = new Recents(UserFolders.state());
    private final ErrorReports reports = new ErrorReports(UserFolders.state(), clock);
    private final WindowMemory memory = new WindowMemory(UserFolders.state().resolve("window.properties"));
    private final List<Open> open = new ArrayList<>();
    private boolean telling;

    private record Open(Stage stage, StackPane root, Workspace workspace, Background background, Hangar hangar) {}

    /** Shows a hangar in a window. */
    Scene show(Hangar hangar, Stage stage, OptionalLong aircraft) {
        boolean first = open.stream().noneMatch(o -> o.hangar() == hangar);
        Background background = new Background();
        Workspace workspace = new Workspace(hangar, clock);
        Shell shell = new Shell(
                workspace,
                background,
                new Shell.Outside(
                        new FxDialogs(() -> stage),
                        another -> show(hangar, new Stage(), another),
                        this::openFile,
                        recents::list));
        Open now = new Open(stage, (StackPane) shell.root(), workspace, background, hangar);
        open.add(now);
        workspace.listen(() -> tellOthers(now));
        Scene scene = new Scene(shell.root(), 1280, 800);
        Theme.style(scene);
        stage.setScene(scene);
        stage.setMinWidth(960);
        stage.setMinHeight(640);
        stage.setTitle("Drachen · " + hangar.file().getFileName());
        stage.getIcons().setAll(Theme.icons());
        if (open.size() == 1) {
            memory.restore(stage);
        }
        stage.setOnCloseRequest(e -> {
            // while the window still stands: what is being typed is taken
            shell.leave();
            memory.keep(stage);
        });
        stage.setOnHidden(e -> close(now));
        aircraft.ifPresent(workspace::open);
        stage.show();
        recents.add(hangar.file());
        if (first) {
            copyOfTheDay(now);
        }
        return scene;
    }

    /** The day's copy is made beside the interface, once the window stands. */
    private void copyOfTheDay(Open now) {
        now.background()
                .start(
                        running -> now.hangar().copyOfTheDay(LocalDate.now(clock)),
                        share -> {},
                        done -> {},
                        e -> now.workspace().tell(e.getMessage()));
    }

    private void tellOthers(Open from) {
        if (telling) {
            return;
        }
        telling = true;
        try {
            open.stream().filter(o -> o != from && o.hangar() == from.hangar()).forEach(o -> o.workspace()
                    .refresh());
        } finally {
            telling = false;
        }
    }

    private void openFile(Path file) {
        Path wanted = file.toAbsolutePath().normalize();
        Optional<Hangar> already = open.stream()
                .map(Open::hangar)
                .filter(h -> h.file().toAbsolutePath().normalize().equals(wanted))
                .findFirst();
        try {
            show(already.orElseGet(() -> Hangar.open(file)), new Stage(), OptionalLong.empty());
        } catch (HangarException e) {
            open.stream().findFirst().ifPresent(o -> o.workspace().tell(e.getMessage()));
        }
    }

    private void close(Open window) {
        open.remove(window);
        window.background().close();
        if (open.stream().noneMatch(o -> o.hangar() == window.hangar())) {
            window.hangar().close();
        }
    }

    /** An error nobody expected: told calmly, written down, nothing lost. */
    void uncaught(Throwable error) {
        Throwable root = error;
        while (root.getCause() != null && !(root instanceof HangarException)) {
            root = root.getCause();
        }
        if (root instanceof HangarException told) {
            open.forEach(o -> o.workspace().tell(told.getMessage()));
            return;
        }
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
