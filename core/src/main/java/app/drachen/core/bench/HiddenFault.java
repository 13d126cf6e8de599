package app.drachen.core.bench;

import app.drachen.core.airframe.Tail;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import java.util.List;

/** A fault the stand-in board can hide, as a change between the set-up and what is really there. */
public enum HiddenFault {
    NONE("nothing hidden"),
    TURNED_SERVO("a servo turns the wrong way"),
    BOARD_BACKWARDS("the board is mounted backwards"),
    SWAPPED_CHANNELS("two outputs are swapped"),
    DOUBLE_MIX("radio and board both mix");

    private final String label;

    HiddenFault(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The aircraft as it really is, if the set-up says what the pilot believes. */
    public Setup hiddenIn(Setup setup) {
        return switch (this) {
            case NONE -> setup;
            case TURNED_SERVO -> turned(setup);
            case BOARD_BACKWARDS -> setup.withMount(new BoardMount(
                    (setup.mount().mountedQuarterTurns() + 2) % 4,
                    setup.mount().configuredQuarterTurns(),
                    setup.mount().levelRoll(),
                    setup.mount().levelPitch()));
            case SWAPPED_CHANNELS -> swapped(setup);
            case DOUBLE_MIX -> doubled(setup);
        };
    }

    private static Setup turned(Setup setup) {
        List<Output> surfaces = setup.controls().surfaces();
        Surface last = surfaces.get(surfaces.size() - 1).surface();
        return turned(setup, last);
    }

    /** The aircraft with the servo of a surface turned round. */
    public static Setup turned(Setup setup, Surface surface) {
        return setup.withControls(
                setup.controls().change(surface, o -> o.withLinkage(o.linkage().turnedRound())));
    }

    private static Setup swapped(Setup setup) {
        List<Output> surfaces = setup.controls().surfaces();
        return swapped(
                setup,
                surfaces.get(surfaces.size() - 2).surface(),
                surfaces.get(surfaces.size() - 1).surface());
    }

    /** The aircraft with the servos of two surfaces on one another's outputs. */
    static Setup swapped(Setup setup, Surface one, Surface other) {
        Output first = setup.controls().output(one).orElseThrow();
        Output second = setup.controls().output(other).orElseThrow();
        return setup.withControls(
                setup.controls().change(one, o -> driven(o, second)).change(other, o -> driven(o, first)));
    }

    /** A surface whose servo hangs on another output. */
    private static Output driven(Output servo, Output by) {
        return new Output(
                servo.channel(),
                servo.surface(),
                by.mix(),
                by.reversed(),
                by.centreMicros(),
                by.lowMicros(),
                by.highMicros(),
                servo.neutralMicros(),
                servo.linkage());
    }

    /** Roll and pitch mixed twice: the matrix of the pair times itself. */
    private static Setup doubled(Setup setup) {
        boolean wing = setup.airframe().tail() instanceof Tail.None;
        Surface left = wing ? Surface.LEFT_ELEVON : Surface.LEFT_VEE;
        Surface right = wing ? Surface.RIGHT_ELEVON : Surface.RIGHT_VEE;
        if (setup.controls().output(left).isEmpty()
                || setup.controls().output(right).isEmpty()) {
            return setup;
        }
        MixRow l = setup.controls().output(left).get().mix();
        MixRow r = setup.controls().output(right).get().mix();
        if (!wing) {
            MixRow doubledLeft = new MixRow(l.roll(), 0, 2 * l.yaw(), 0);
            MixRow doubledRight = new MixRow(r.roll(), 2 * r.pitch(), 0, 0);
            return setup.withControls(setup.controls()
                    .change(left, o -> o.withMix(doubledLeft))
                    .change(right, o -> o.withMix(doubledRight)));
        }
        MixRow newLeft = new MixRow(
                l.roll() * l.roll() + l.pitch() * r.roll(), l.roll() * l.pitch() + l.pitch() * r.pitch(), 0, 0);
        MixRow newRight = new MixRow(
                r.roll() * l.roll() + r.pitch() * r.roll(), r.roll() * l.pitch() + r.pitch() * r.pitch(), 0, 0);
        return setup.withControls(
                setup.controls().change(left, o -> o.withMix(newLeft)).change(right, o -> o.withMix(newRight)));
    }
}
