package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/** The tail: what gives an aircraft its stability in pitch and yaw besides the wing. */
public sealed interface Tail {
    /**
     * What follows from the kind of tail. A fourth kind is one more argument here, so that no place can forget it.
     *
     * @param conventional for tailplane and fin
     * @param vee for two panels in a V
     * @param none for a flying wing
     */
    <T> T match(
            Function<? super Conventional, ? extends T> conventional,
            Function<? super Vee, ? extends T> vee,
            Function<? super None, ? extends T> none);

    /** Does what the kind of tail asks for. */
    default void meet(
            Consumer<? super Conventional> conventional, Consumer<? super Vee> vee, Consumer<? super None> none) {
        Runnable deed = match(t -> () -> conventional.accept(t), t -> () -> vee.accept(t), t -> () -> none.accept(t));
        deed.run();
    }

    /**
     * Tailplane and fin.
     *
     * @param plane right half of the tailplane
     * @param fin the fin, standing up
     */
    record Conventional(TailPanel plane, TailPanel fin) implements Tail {
        @Override
        public <T> T match(
                Function<? super Conventional, ? extends T> conventional,
                Function<? super Vee, ? extends T> vee,
                Function<? super None, ? extends T> none) {
            return conventional.apply(this);
        }
    }

    /**
     * Two panels in a V.
     *
     * @param panel right panel in its own plane
     * @param dihedral angle of a panel to the horizontal [rad], 0.17 to 1.22; panels point up unless
     *     inverted
     * @param inverted whether the panels point down
     */
    record Vee(TailPanel panel, double dihedral, boolean inverted) implements Tail {
        public Vee {
            Ranges.require("V-tail dihedral", dihedral, 0.17, 1.22, "rad");
        }

        @Override
        public <T> T match(
                Function<? super Conventional, ? extends T> conventional,
                Function<? super Vee, ? extends T> vee,
                Function<? super None, ? extends T> none) {
            return vee.apply(this);
        }
    }

    /**
     * A flying wing, with fins at the tips or none.
     *
     * @param fins right fins of pairs, at most 6; or empty
     */
    record None(List<TailPanel> fins) implements Tail {
        public None {
            fins = List.copyOf(fins);
            Ranges.require("number of pairs of fins", fins.size(), 0, 6, "-");
        }

        @Override
        public <T> T match(
                Function<? super Conventional, ? extends T> conventional,
                Function<? super Vee, ? extends T> vee,
                Function<? super None, ? extends T> none) {
            return none.apply(this);
        }
    }
}
