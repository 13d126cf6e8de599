package app.drachen.desk.imports;

import app.drachen.desk.OpenAircraft;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Revision;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A file on its way in. It knows the aircraft and the revision that were open when it came. */
public final class Incoming {
    /** How far a file has come; the last three are ends. */
    public sealed interface State {
        /** Its turn has not come. */
        record Waiting() implements State {}

        /** It is looked at. */
        record Looking() implements State {}

        /** The pilot is asked what the columns mean. */
        record Asking(ForeignTable table, LogMapping guess) implements State {}

        /**
         * It is read.
         *
         * @param share read so far [-], 0 to 1
         */
        record Reading(double share) implements State {}

        /** It is read and on its way into the hangar; nothing stops it any more. */
        record Keeping() implements State {}

        /**
         * It stands in the logbook.
         *
         * @param flight where
         * @param rows how many rows it has
         * @param repaired what was repaired or worked out
         */
        record Kept(FlightRecord flight, int rows, List<String> repaired) implements State {
            public Kept {
                repaired = List.copyOf(repaired);
            }
        }

        /** A set-up stands on the shelf as an aircraft. */
        record Shelved(OpenAircraft aircraft) implements State {}

        /** Nothing was kept, and why, in one sentence. */
        record Refused(String sentence) implements State {}
    }

    private final Path file;
    private final Optional<OpenAircraft> aircraft;
    private final Optional<Revision> revision;
    private State state = new State.Waiting();
    private Optional<ForeignTable> table = Optional.empty();

    Incoming(Path file, Optional<OpenAircraft> aircraft, Optional<Revision> revision) {
        this.file = file;
        this.aircraft = aircraft;
        this.revision = revision;
    }

    public Path file() {
        return file;
    }

    /** The aircraft that a log is for; empty for a set-up. */
    public Optional<OpenAircraft> aircraft() {
        return aircraft;
    }

    /** The revision that was flown as far as is known; empty for a set-up. */
    Optional<Revision> revision() {
        return revision;
    }

    public State state() {
        return state;
    }

    void is(State next) {
        state = next;
    }

    /** Its table, if it is one and was looked at. */
    public Optional<ForeignTable> table() {
        return table;
    }

    void holds(ForeignTable looked) {
        table = Optional.of(looked);
    }

    /** Whether it has come to an end. */
    public boolean over() {
        return state instanceof State.Kept || state instanceof State.Shelved || state instanceof State.Refused;
    }

    /** Whether it keeps the next file for the same aircraft waiting. */
    boolean busy() {
        return !over() && !(state instanceof State.Waiting);
    }
}
