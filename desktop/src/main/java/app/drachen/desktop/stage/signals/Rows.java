package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.SignalsSection;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;

/** A list of the section, edited row by row. */
final class Rows<T> {
    private final Session session;
    private final Function<SignalsSection, List<T>> of;
    private final BiFunction<SignalsSection, List<T>, SignalsSection> into;

    Rows(
            Session session,
            Function<SignalsSection, List<T>> of,
            BiFunction<SignalsSection, List<T>, SignalsSection> into) {
        this.session = session;
        this.of = of;
        this.into = into;
    }

    List<T> all() {
        return of.apply(session.setup().signals());
    }

    boolean change(String reason, Consumer<List<T>> how) {
        return session.edit(reason, s -> {
            List<T> all = new ArrayList<>(of.apply(s.signals()));
            how.accept(all);
            return s.withSignals(into.apply(s.signals(), all));
        });
    }

    boolean set(int at, String reason, UnaryOperator<T> how) {
        return change(reason, all -> all.set(at, how.apply(all.get(at))));
    }

    /** A button that takes a row away. */
    Button gone(int at, String what) {
        Button gone = small("remove-" + at, "\u00d7", () -> change(what + " removed", all -> all.remove(at)));
        gone.setAccessibleText("Remove " + what);
        return gone;
    }

    static Button small(String id, String words, Runnable run) {
        Button button = Texts.button(words, run, "small-button");
        button.setId(id);
        return button;
    }
}
