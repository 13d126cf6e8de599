package app.drachen.desk.work;

/** Something that takes long. */
public interface Work<T> {
    /** Does it, and looks now and then whether it is to stop. */
    T run(Running running) throws Exception;
}
