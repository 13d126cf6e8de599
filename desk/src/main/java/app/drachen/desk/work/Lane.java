package app.drachen.desk.work;

/** In which queue a job waits. Jobs of one queue run one after the other, in the order in which they were started. */
public enum Lane {
    /** Changes of the hangar and what follows from them. One queue for all; never cancelled. */
    KEEP,

    /** Flying in the model. One queue for each subject. */
    FLY,

    /** Reading logs, pictures, documents. One queue for each subject. */
    READ
}
