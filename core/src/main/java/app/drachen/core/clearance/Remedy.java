package app.drachen.core.clearance;

import app.drachen.core.setup.Setup;
import java.util.function.UnaryOperator;

/** What the pilot can do about a finding, in one click. */
public sealed interface Remedy {
    /** What the button says. */
    String label();

    /** Changes the set-up; {@code reason} becomes the reason of the revision. */
    record Change(String label, String reason, UnaryOperator<Setup> change) implements Remedy {}

    /** Goes to the place where it is done. */
    record GoTo(String label, Stage stage) implements Remedy {}
}
