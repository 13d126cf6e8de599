package app.drachen.desk;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.Weighing;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.work.Lane;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Revision;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * What one window is about: which aircraft of the desk is open, at which stage. Views read from here and hold no truth
 * of their own. For the screen's thread.
 */
public final class Session implements AutoCloseable {
    private final Desk desk;
    private final List<Runnable> listeners = new ArrayList<>();
    private final List<Notice> notices = new ArrayList<>();
    private final List<Runnable> leaving = new ArrayList<>();
    private final List<Runnable> ends = new ArrayList<>();
    private final Desk.Handle events;
    private Optional<OpenAircraft> open = Optional.empty();
    private OptionalLong awaited = OptionalLong.empty();
    private Stage stage = Stage.BUILD;

    /** Takes a short message for the pilot. */
    public interface Notice {
        void tell(String sentence);
    }

    /** A session on a desk. */
    public Session(Desk desk) {
        this.desk = desk;
        events = desk.listen(this::happened);
    }

    private void happened(Event event) {
        if (awaited.isPresent()
                && desk.aircraft(awaited.getAsLong())
                        .filter(a -> a.standing().isPresent())
                        .isPresent()) {
            long id = awaited.getAsLong();
            awaited = OptionalLong.empty();
            open(id);
        }
        boolean shown = !(event instanceof Event.Revised r && elsewhere(r.aircraft())
                || event instanceof Event.Planned n && elsewhere(n.aircraft())
                || event instanceof Event.Proved p && elsewhere(p.aircraft())
                || event instanceof Event.FlightsChanged f && elsewhere(f.aircraft())
                || event instanceof Event.ShelfChanged && isOpen());
        if (shown) {
            changed();
        }
    }

    /** Whether an aircraft is not what this window shows; the shelf shows all. */
    private boolean elsewhere(OpenAircraft aircraft) {
        return open.filter(a -> a != aircraft).isPresent();
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** Shows everything again as it is now. */
    public void refresh() {
        changed();
    }

    /** The hangar with its aircraft. */
    public Desk desk() {
        return desk;
    }

    /** Calls a listener after every change of what this window shows. */
    public void listen(Runnable listener) {
        listeners.add(listener);
    }

    /** Before another place, stage or aircraft is shown: what is being typed or moved is taken, for what it was about. */
    public void beforeLeaving(Runnable take) {
        leaving.add(take);
    }

    private void leave() {
        leaving.forEach(Runnable::run);
    }

    /** Does something when the window closes. */
    public void whenClosed(Runnable end) {
        ends.add(end);
    }

    /** Sends short messages to a receiver. */
    public void notices(Notice receiver) {
        notices.add(receiver);
    }

    /** Tells the pilot something in one sentence. */
    public void tell(String sentence) {
        String read = Quantity.read(sentence, units());
        List.copyOf(notices).forEach(n -> n.tell(read));
    }

    /** Opens an aircraft at the stage it should be worked on next; one that cannot be read is told. */
    public void open(OpenAircraft aircraft) {
        if (aircraft.standing().isEmpty()) {
            tell(aircraft.trouble().isEmpty() ? aircraft.name() + " is still being read." : aircraft.trouble());
            return;
        }
        leave();
        open = Optional.of(aircraft);
        stage = clearance().next().map(r -> r.stage()).orElse(Stage.MAIDEN);
        changed();
    }

    /** Opens an aircraft by its number. */
    public void open(long id) {
        desk.aircraft(id).ifPresent(this::open);
    }

    /** Opens an aircraft as soon as it is read. */
    public void openWhenRead(long id) {
        awaited = OptionalLong.of(id);
        happened(new Event.ShelfChanged());
    }

    /** Goes back to the shelf. */
    public void closeAircraft() {
        leave();
        open = Optional.empty();
        changed();
    }

    public boolean isOpen() {
        return open.isPresent();
    }

    /** The aircraft that is open; one must be. */
    public OpenAircraft aircraft() {
        return open.orElseThrow(() -> new IllegalStateException("no aircraft is open"));
    }

    /** Whether an aircraft is the one that is open. */
    public boolean shows(OpenAircraft aircraft) {
        return open.equals(Optional.of(aircraft));
    }

    private Standing standing() {
        return aircraft().standing().orElseThrow();
    }

    /** The set-up as it stands; an aircraft must be open. */
    public Setup setup() {
        return standing().setup();
    }

    public Revision revision() {
        return standing().revision();
    }

    public Situation situation() {
        return standing().situation();
    }

    public Clearance clearance() {
        return standing().clearance();
    }

    public Stage stage() {
        return stage;
    }

    /** Goes to a stage. Nothing is read or reckoned for it. */
    public void go(Stage to) {
        leave();
        stage = to;
        changed();
    }

    public Optional<Field> field() {
        return desk.field();
    }

    /** Enters the field of the day, whose wind was measured just now. */
    public void enter(Field field) {
        enter(before -> field.measured(desk.today()));
    }

    /** Enters the field of the day from the one before. */
    public void enter(Function<Optional<Field>, Field> change) {
        desk.enter(change, this::tell);
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** Changes between metric and imperial. */
    public void turnUnits() {
        desk.turnUnits(this::tell);
    }

    /** Where home is, if it was ever entered. */
    public Optional<GeodeticPosition> home() {
        return desk.home();
    }

    /** Takes the position of home, or none for no text; tells what is wrong with it otherwise. */
    public boolean enterHome(String degrees) {
        try {
            desk.enterHome(degrees, this::tell);
            return true;
        } catch (IllegalArgumentException e) {
            tell(e.getMessage());
            return false;
        }
    }

    /** Edits the set-up of the aircraft that is open; see {@link OpenAircraft#edit}. */
    public boolean edit(String reason, UnaryOperator<Setup> change) {
        return edit(reason, change, () -> {});
    }

    /** Edits, and does something once the new revision is shown, if its aircraft still is. */
    public boolean edit(String reason, UnaryOperator<Setup> change, Runnable then) {
        OpenAircraft edited = aircraft();
        return edited.edit(
                reason,
                change,
                () -> {
                    if (shows(edited)) {
                        then.run();
                    }
                },
                this::tell);
    }

    /** Walks back one revision. */
    public void undo() {
        aircraft().undo(this::tell);
    }

    /** Walks forward one revision. */
    public void redo() {
        aircraft().redo(this::tell);
    }

    /** Keeps a proof gained now with the set-up that is shown. */
    public void prove(ProofKind kind, Evidence evidence, boolean passed, String note, Map<String, Double> values) {
        aircraft().prove(kind, evidence, passed, note, values, this::tell);
    }

    /**
     * Plans the card that is flown next with the aircraft that is open.
     *
     * @param kept done once that is kept
     */
    public void plan(CardPlan card, Runnable kept) {
        Plans.keep(desk, aircraft(), card, kept, this::tell);
    }

    /**
     * Gives the last revisions of the aircraft that is open, latest first; those that cannot be read are left out.
     *
     * @param most how many, above 0
     */
    public void history(int most, Consumer<List<Revision>> given) {
        long id = aircraft().id();
        desk.keep(
                hangar -> {
                    List<Revision> last = new ArrayList<>();
                    for (int n = hangar.latest(id); n > 0 && last.size() < most; n--) {
                        readable(hangar, id, n).ifPresent(last::add);
                    }
                    return last;
                },
                given,
                this::tell);
    }

    private static Optional<Revision> readable(Hangar hangar, long id, int number) {
        try {
            return hangar.revision(id, number);
        } catch (HangarException e) {
            return Optional.empty();
        }
    }

    /** Keeps a weighing of the aircraft that is open. */
    public void weigh(Weighing weighing) {
        Balances.weigh(aircraft(), weighing, this::tell);
    }

    /** Takes the computed balance of the aircraft that is open for true. */
    public void acceptComputedBalance() {
        Balances.acceptComputed(aircraft(), this::tell);
    }

    /** Something that writes a file. */
    public interface Writing {
        void to(Path file) throws IOException;
    }

    /** Writes a file beside the screen, and tells that it is written or why not. */
    public void write(Path file, Writing writing) {
        desk.jobs()
                .start(
                        Lane.READ,
                        this,
                        running -> {
                            writing.to(file);
                            return file;
                        },
                        written -> tell(written + " written."),
                        this::tell);
    }

    /** The window closes: its work ends, nobody is told any more. */
    @Override
    public void close() {
        events.close();
        ends.forEach(Runnable::run);
        listeners.clear();
        notices.clear();
        desk.jobs().close(this);
    }
}
