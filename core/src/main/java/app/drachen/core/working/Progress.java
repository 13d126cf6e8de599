package app.drachen.core.working;

/** The caller's side of long work: told how far it is, asked whether to stop. */
public interface Progress {
    /** Nobody looks and nobody stops it. */
    Progress NONE = new Progress() {
        @Override
        public void at(double share) {}

        @Override
        public boolean cancelled() {
            return false;
        }
    };

    /**
     * Told from time to time.
     *
     * @param share done so far [-], 0 to 1
     */
    void at(double share);

    /** Told when a part of the work with a name of its own is done. */
    default void done(String what) {}

    /** Whether to stop; the result is then dropped. */
    boolean cancelled();
}
