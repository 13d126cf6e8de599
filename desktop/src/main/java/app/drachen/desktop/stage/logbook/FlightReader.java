package app.drachen.desktop.stage.logbook;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Job;
import app.drachen.desk.work.Lane;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Revision;
import java.util.Optional;
import java.util.function.Consumer;

/** Reads the chosen flight of the logbook beside the interface; what is wanted of it is done as soon as it is read. */
final class FlightReader {
    private final Session session;
    private final Consumer<Read> come;
    private Optional<Read> now = Optional.empty();
    private Optional<Job> reading = Optional.empty();
    private Optional<Consumer<Read>> wanted = Optional.empty();

    /**
     * A reader.
     *
     * @param come hears when the chosen flight is read
     */
    FlightReader(Session session, Consumer<Read> come) {
        this.session = session;
        this.come = come;
        session.whenClosed(this::none);
    }

    /** The chosen flight, if it is read. */
    Optional<Read> now() {
        return now;
    }

    /** No flight is chosen. */
    void none() {
        reading.ifPresent(Job::cancel);
        now = Optional.empty();
        wanted = Optional.empty();
    }

    /** What was wanted of the flight is wanted no more. */
    void forget() {
        wanted = Optional.empty();
    }

    /** Does something with the chosen flight, now or when it is read; whether at once. */
    boolean use(Consumer<Read> use) {
        if (now.isPresent()) {
            use.accept(now.get());
            return true;
        }
        wanted = Optional.of(use);
        return false;
    }

    /** Its notes were changed. */
    void noted(String notes) {
        now = now.map(r -> r.noted(notes));
    }

    void read(OpenAircraft aircraft, FlightRecord flight) {
        none();
        Optional<Field> field = session.field();
        reading = Optional.of(session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        this,
                        running -> session.desk().look(h -> read(h, aircraft, flight, field)),
                        this::came,
                        session::tell));
    }

    private static Read read(Hangar hangar, OpenAircraft aircraft, FlightRecord flight, Optional<Field> field) {
        Revision flown =
                hangar.revision(aircraft.id(), flight.revision()).orElseGet(() -> hangar.current(aircraft.id()));
        FlightLog log = hangar.logbook()
                .log(aircraft.id(), flight.number())
                .orElseThrow(() -> new HangarException("Flight " + flight.number() + " has no log any more."));
        return new Read(
                aircraft,
                flight,
                flown,
                log,
                Debrief.of(
                        log,
                        Optional.of(flown.setup()),
                        field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY),
                        field.flatMap(Field::heightLimit)),
                hangar.logbook().notes(aircraft.id(), flight.number()));
    }

    private void came(Read result) {
        now = Optional.of(result);
        come.accept(result);
        Optional<Consumer<Read>> use = wanted;
        wanted = Optional.empty();
        use.ifPresent(u -> u.accept(result));
    }
}
