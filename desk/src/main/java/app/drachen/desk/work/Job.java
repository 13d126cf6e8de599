package app.drachen.desk.work;

/** The handle of a job that was started. */
public interface Job {
    /** Asks the job to stop; nothing more is heard of it. A job that keeps something is not stopped. */
    void cancel();
}
