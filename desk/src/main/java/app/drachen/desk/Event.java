package app.drachen.desk;

/** What has changed, told on the screen's executor after it is safe on disk. */
public sealed interface Event {
    /** Aircraft were loaded, added, put away or brought back, or the name or album of one has changed. */
    record ShelfChanged() implements Event {}

    /** An aircraft stands at another revision. */
    record Revised(OpenAircraft aircraft) implements Event {}

    /** Another card is to be flown next with an aircraft. */
    record Planned(OpenAircraft aircraft) implements Event {}

    /** An aircraft gained a proof. */
    record Proved(OpenAircraft aircraft) implements Event {}

    /** A flight was kept, taken out or put back. */
    record FlightsChanged(OpenAircraft aircraft) implements Event {}

    /** The field of the day or the place of home was entered. */
    record FieldEntered() implements Event {}

    /** Metric or imperial. */
    record UnitsTurned() implements Event {}
}
