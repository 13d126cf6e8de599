package app.drachen.desk;

import static org.mockito.Mockito.mock;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.desk.work.Jobs;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A desk with three aircraft on it, whose threads are moved by hand. */
public abstract class DeskTest {
    protected static final long NOW = 1_790_000_000L;

    @TempDir
    protected Path folder;

    protected final Hands workers = new Hands();
    protected final Hands screen = new Hands();
    protected final List<Throwable> unforeseen = new ArrayList<>();
    protected final List<String> told = new ArrayList<>();
    protected Hangar hangar;
    protected Desk desk;
    protected Session session;
    protected final Runnable listener = mock();

    @BeforeEach
    void open() {
        hangar = Hangar.open(folder.resolve("h.drachen"));
        hangar.add(DemoAircraft.rochenOnTheBench(), "built", 1);
        hangar.add(DemoAircraft.strandlaeufer(), "built", 1);
        hangar.add(DemoAircraft.seeschwalbe(), "built", 1);
        hangar.keep("field", SetupJson.writeField(DemoField.evening()));
        desk = new Desk(
                hangar,
                new Jobs(workers, screen, unforeseen::add),
                screen,
                Clock.fixed(Instant.ofEpochSecond(NOW), ZoneOffset.UTC));
        session = new Session(desk);
        session.notices(told::add);
        desk.load(told::add);
        settle();
        session.listen(listener);
    }

    @AfterEach
    void close() {
        desk.close();
        Assertions.assertEquals(List.of(), unforeseen);
    }

    /** Until nothing happens any more. */
    protected void settle() {
        while (workers.step() || screen.step()) {
            continue;
        }
    }

    protected OpenAircraft aircraft(String name) {
        return desk.shelf().stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    protected OpenAircraft rochen() {
        return aircraft("Rochen");
    }

    protected OpenAircraft strandlaeufer() {
        return aircraft("Strandläufer");
    }

    protected OpenAircraft seeschwalbe() {
        return aircraft("Seeschwalbe");
    }
}
