package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Sheet.Hinge;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;

/** Lays the drawn surfaces of a set-up out for {@link Lattice}, as {@link Strips} does for the strips. */
final class LatticeCut {
    private static final int ACROSS_WING = 14;
    private static final int ACROSS_TAIL = 6;
    private static final int ALONG = 4;

    private final Wing wing;
    private final Tail tail;
    private final List<Output> outputs;
    private final boolean tailless;
    private final List<Sheet> sheets = new ArrayList<>();

    private LatticeCut(Wing wing, Tail tail, List<Output> outputs) {
        this.wing = wing;
        this.tail = tail;
        this.outputs = outputs;
        tailless = tail instanceof Tail.None;
    }

    /** A lattice of a set-up, about its centre of gravity. */
    static Lattice of(Setup setup) {
        LatticeCut cut = new LatticeCut(
                setup.airframe().wing(),
                setup.airframe().tail(),
                setup.controls().outputs());
        cut.wing();
        cut.tail();
        Position centre = setup.massProperties().centre();
        return new Lattice(cut.sheets, centre.aft(), centre.up());
    }

    /**
     * A lattice of a wing with the fins that stand on it, without a tail.
     *
     * @param aft station that moments are about, at the height of the wing [m]
     */
    static Lattice of(Wing wing, Tail.None fins, double aft) {
        LatticeCut cut = new LatticeCut(wing, fins, List.of());
        cut.wing();
        cut.tail();
        return new Lattice(cut.sheets, aft, wing.up());
    }

    private void wing() {
        double half = Planform.of(wing).span() / 2;
        double zero = wing.section().zeroLiftAngle();
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        double up = wing.up();
        double twist = 0;
        for (int k = 0; k < wing.panels().size(); k++) {
            WingPanel panel = wing.panels().get(k);
            int across = Math.max(3, (int) Math.rint(ACROSS_WING * panel.length() / half));
            for (int side = -1; side <= 1; side += 2) {
                List<Hinge> hinges = new ArrayList<>();
                for (Flap flap : wing.flaps()) {
                    double from = (flap.from() * half - inner) / panel.length();
                    double to = (flap.to() * half - inner) / panel.length();
                    if (to > 0 && from < 1) {
                        hinges.add(new Hinge(
                                Math.max(0, from),
                                Math.min(1, to),
                                flap.chordRatio(),
                                output(Strips.moved(wing, flap, side))));
                    }
                }
                double angle = wing.incidence() + twist + side * wing.incidenceDifference() / 2 - zero;
                sheets.add(new Sheet(
                        edge,
                        inner,
                        up,
                        panel.length() / Math.cos(panel.dihedral()),
                        side,
                        panel.dihedral(),
                        panel.rootChord(),
                        panel.tipChord(),
                        Math.atan(Math.tan(panel.sweep()) * Math.cos(panel.dihedral())),
                        angle,
                        angle + panel.twist(),
                        hinges,
                        k == wing.panels().size() - 1,
                        across,
                        ALONG,
                        0));
            }
            inner += panel.length();
            edge += panel.length() * Math.tan(panel.sweep());
            up += panel.length() * Math.tan(panel.dihedral());
            twist += panel.twist();
        }
    }

    private int output(Surface surface) {
        for (int i = 0; i < outputs.size(); i++) {
            if (outputs.get(i).surface().equals(surface)) {
                return i;
            }
        }
        return -1;
    }

    private void tail() {
        tail.meet(
                tail -> {
                    int elevator = output(Surface.ELEVATOR);
                    panel(tail.plane(), 1, 0, elevator);
                    panel(tail.plane(), -1, 0, elevator);
                    panel(tail.fin(), -1, Math.PI / 2, output(Surface.RUDDER));
                },
                tail -> {
                    double angle = tail.inverted() ? -tail.dihedral() : tail.dihedral();
                    panel(tail.panel(), 1, angle, output(Surface.RIGHT_VEE));
                    panel(tail.panel(), -1, angle, output(Surface.LEFT_VEE));
                },
                tail -> {
                    for (TailPanel fin : tail.fins()) {
                        panel(fin, 1, Math.PI / 2, -1);
                        panel(fin, -1, Math.PI / 2, -1);
                    }
                });
    }

    private void panel(TailPanel panel, int side, double angle, int output) {
        sheets.add(new Sheet(
                panel.leadingEdge(),
                panel.right(),
                panel.up(),
                panel.length(),
                side,
                angle,
                panel.rootChord(),
                panel.tipChord(),
                panel.sweep(),
                panel.incidence(),
                panel.incidence(),
                List.of(new Hinge(0, 1, panel.controlChordRatio(), output)),
                true,
                ACROSS_TAIL,
                ALONG,
                tailless ? 0 : 1));
    }
}
