package app.drachen.desk;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.FlightFact;
import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.work.Jobs;
import app.drachen.desk.work.Lane;
import app.drachen.files.ImportFailedException;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * An open hangar with its aircraft, the field of the day and the units; shared by all windows on it. Everything that is
 * shown lies in memory; every look at the file is a job. Getters, and what {@link #listen} calls, belong to the screen.
 */
public final class Desk implements AutoCloseable {
    private static final String SITES = "sites";
    private static final int MOST_SITES = 40;
    private static final String UNITS = "units";

    private final Hangar hangar;
    private final Jobs jobs;
    private final Executor screen;
    private final Clock clock;
    private final boolean demo;
    private final List<String> unread = new ArrayList<>();
    private final Map<Long, OpenAircraft> aircraft = new HashMap<>();
    private final List<Consumer<Event>> listeners = new ArrayList<>();

    /** The field for the lane that keeps. */
    private Optional<Field> latestField;

    private volatile List<OpenAircraft> shelf = List.of();
    private volatile boolean loaded;
    private volatile Optional<Field> field;
    private volatile List<Field> sites;
    private volatile UnitSystem units;
    private volatile String home;

    /** Something that is done with the hangar's file, beside the screen. */
    interface Keeping<T> {
        T with(Hangar hangar);
    }

    /** What is listening; closing it ends that. */
    public interface Handle {
        void close();
    }

    /**
     * A desk on a hangar. Reads its settings at once, which takes a moment: not for the interface thread. The aircraft
     * come by {@link #load}.
     *
     * @param hangar the hangar; closed with the desk
     * @param jobs long work; closed with the desk
     * @param screen where results are shown, the same as that of the jobs
     * @param clock tells the time of revisions and proofs
     */
    public Desk(Hangar hangar, Jobs jobs, Executor screen, Clock clock) {
        this.hangar = hangar;
        this.jobs = jobs;
        this.screen = screen;
        this.clock = clock;
        latestField = hangar.setting(Hangar.FIELD).flatMap(this::readField);
        field = latestField;
        sites = hangar.setting(SITES).map(this::readSites).orElse(List.of());
        units = hangar.setting(UNITS).flatMap(Desk::unitsOf).orElse(UnitSystem.METRIC);
        home = hangar.setting(Hangar.HOME).orElse("");
        demo = hangar.setting(Hangar.DEMO).isPresent();
    }

    /** Whether this is the demo, whose aircraft and places are invented. */
    public boolean isDemo() {
        return demo;
    }

    private Optional<Field> readField(String text) {
        try {
            return Optional.of(SetupJson.readField(text, hangar.file()));
        } catch (ImportFailedException e) {
            unread.add("The field of the day cannot be read (" + e.problem() + "); enter it anew in Maiden.");
            return Optional.empty();
        }
    }

    private List<Field> readSites(String text) {
        try {
            return SetupJson.readFields(text, hangar.file());
        } catch (ImportFailedException e) {
            unread.add("The list of your fields cannot be read (" + e.problem() + "); it begins anew.");
            return List.of();
        }
    }

    private static Optional<UnitSystem> unitsOf(String text) {
        return List.of(UnitSystem.values()).stream()
                .filter(u -> u.name().equals(text))
                .findFirst();
    }

    /** Reads the aircraft one after the other; each is shown as soon as it is read. */
    public void load(Consumer<String> told) {
        unread.forEach(told);
        unread.clear();
        keep(
                h -> h.aircraft(),
                all -> {
                    shelf = all.stream().map(this::known).toList();
                    fire(new Event.ShelfChanged());
                    shelf.forEach(a -> read(a, told));
                    keep(
                            h -> true,
                            done -> {
                                loaded = done;
                                fire(new Event.ShelfChanged());
                            },
                            told);
                },
                told);
    }

    private void read(OpenAircraft one, Consumer<String> told) {
        keep(
                h -> {
                    one.read(h, told);
                    return one;
                },
                read -> fire(new Event.ShelfChanged()),
                told);
    }

    private OpenAircraft known(Hangar.Shelf place) {
        return aircraft.computeIfAbsent(place.id(), id -> new OpenAircraft(this, place));
    }

    /** Does something with the hangar in its turn; what it gives is shown on the screen. May be called from any thread. */
    <T> void keep(Keeping<T> what, Consumer<T> shown, Consumer<String> told) {
        jobs.start(Lane.KEEP, this, running -> what.with(hangar), shown, told);
    }

    /** Changes something that is shown. */
    void show(Runnable change) {
        screen.execute(change);
    }

    /** Calls a listener on the screen after every change. */
    public Handle listen(Consumer<Event> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    void fire(Event event) {
        List.copyOf(listeners).forEach(l -> l.accept(event));
    }

    /** Long work about this hangar. */
    public Jobs jobs() {
        return jobs;
    }

    /** The file of the hangar. */
    public Path file() {
        return hangar.file();
    }

    /** Whether changes can be kept where the hangar lies. */
    public boolean writable() {
        return hangar.writable();
    }

    /** Whether every change is safe on disk. */
    public boolean saved() {
        return !jobs.keeping();
    }

    /** Whether all aircraft were read. */
    public boolean loaded() {
        return loaded;
    }

    /** The aircraft in the order of the shelf; some may not be read yet. */
    public List<OpenAircraft> shelf() {
        return shelf;
    }

    /** An aircraft by its number. */
    public Optional<OpenAircraft> aircraft(long id) {
        return shelf.stream().filter(a -> a.id() == id).findFirst();
    }

    /**
     * Adds an aircraft with its first revision.
     *
     * @param added receives it once it stands on the shelf
     */
    public void add(Setup setup, String reason, Consumer<OpenAircraft> added, Consumer<String> told) {
        keep(
                h -> {
                    long id = h.add(setup, reason, now());
                    OpenAircraft fresh = new OpenAircraft(this, new Hangar.Shelf(id, setup.name()));
                    fresh.read(h, told);
                    return fresh;
                },
                fresh -> {
                    aircraft.put(fresh.id(), fresh);
                    List<OpenAircraft> longer = new ArrayList<>(shelf);
                    longer.add(fresh);
                    shelf = List.copyOf(longer);
                    fire(new Event.ShelfChanged());
                    added.accept(fresh);
                },
                told);
    }

    /** Changes who stands on the shelf. */
    void shelve(Consumer<Hangar> change, Consumer<String> told) {
        keep(
                h -> {
                    change.accept(h);
                    return h.aircraft();
                },
                all -> {
                    shelf = all.stream().map(this::known).toList();
                    shelf.stream()
                            .filter(a -> a.standing().isEmpty() && a.trouble().isEmpty())
                            .forEach(a -> read(a, told));
                    fire(new Event.ShelfChanged());
                },
                told);
    }

    /** Brings back the aircraft that was put away last. */
    public void bringBackLast(Consumer<Optional<OpenAircraft>> back, Consumer<String> told) {
        keep(
                h -> h.away().stream().findFirst().map(place -> {
                    h.bringBack(place.id());
                    return place;
                }),
                place -> {
                    place.ifPresent(p -> shelve(h -> {}, told));
                    back.accept(place.map(this::known));
                },
                told);
    }

    public Optional<Field> field() {
        return field;
    }

    /** The fields that were flown on, each with the weather as last entered there; the latest first. */
    public List<Field> sites() {
        return sites;
    }

    /** Tells the time. */
    Clock clock() {
        return clock;
    }

    /** The pilot's day. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Flights of a logbook as the rules see them. */
    List<FlightFact> facts(List<FlightRecord> flights) {
        return flights.stream()
                .map(f -> new FlightFact(
                        f.number(),
                        f.revision(),
                        f.when(),
                        LocalDate.ofInstant(Instant.ofEpochSecond(f.when()), clock.getZone()),
                        f.rehearsed(),
                        f.card(),
                        f.outcome()))
                .toList();
    }

    Optional<Field> fieldToKeep() {
        return latestField;
    }

    /**
     * Enters the field of the day; every aircraft is judged on it.
     *
     * @param change receives the field as it stands when its turn has come
     */
    public void enter(Function<Optional<Field>, Field> change, Consumer<String> told) {
        keep(
                h -> {
                    Field entered = change.apply(latestField);
                    h.keep(Hangar.FIELD, SetupJson.writeField(entered));
                    latestField = Optional.of(entered);
                    keepSite(h, entered);
                    show(() -> field = Optional.of(entered));
                    List.copyOf(shelf).forEach(OpenAircraft::judge);
                    return entered;
                },
                entered -> fire(new Event.FieldEntered()),
                told);
    }

    private void keepSite(Hangar to, Field entered) {
        List<Field> known = new ArrayList<>(sites);
        known.removeIf(site -> site.name().equals(entered.name()));
        known.add(0, entered);
        sites = List.copyOf(known.subList(0, Math.min(known.size(), MOST_SITES)));
        to.keep(SITES, SetupJson.writeFields(sites));
    }

    public UnitSystem units() {
        return units;
    }

    /** Changes between metric and imperial, in all windows. */
    public void turnUnits(Consumer<String> told) {
        units = units.other();
        fire(new Event.UnitsTurned());
        keepSetting(UNITS, units.name(), told);
    }

    /** Where home is, if it was ever entered. */
    public Optional<GeodeticPosition> home() {
        try {
            return home.isBlank() ? Optional.empty() : Optional.of(GeodeticPosition.parse(home));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Where home is, as it was typed. */
    public String homeText() {
        return home;
    }

    /**
     * Takes the position of home, or none for no text.
     *
     * @throws IllegalArgumentException with one sentence if it is no position
     */
    public void enterHome(String degrees, Consumer<String> told) {
        if (!degrees.isBlank()) {
            GeodeticPosition.parse(degrees);
        }
        home = degrees.strip();
        keepSetting(Hangar.HOME, home, told);
        fire(new Event.FieldEntered());
    }

    /** Keeps a setting. */
    public void keepSetting(String name, String value, Consumer<String> told) {
        keep(
                h -> {
                    h.keep(name, value);
                    return value;
                },
                kept -> {},
                told);
    }

    /** Looks at the hangar from a job's thread; not for the interface thread. */
    public <T> T look(Function<Hangar, T> look) {
        return look.apply(hangar);
    }

    /** Keeps the copy of a day on which the hangar is used. */
    public void copyOfTheDay(Consumer<String> told) {
        jobs.start(Lane.READ, this, running -> hangar.copyOfTheDay(LocalDate.now(clock)), copy -> {}, told);
    }

    /** Now, in seconds since 1970-01-01 UTC. */
    public long now() {
        return clock.instant().getEpochSecond();
    }

    /** Ends all work, keeps what is to be kept, and closes the hangar. */
    @Override
    public void close() {
        jobs.close();
        hangar.close();
    }
}
