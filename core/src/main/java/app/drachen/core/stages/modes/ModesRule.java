package app.drachen.core.stages.modes;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Stage;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** A rule of stage Modes that looks at the set-up. */
abstract class ModesRule implements ClearanceRule {
    private final String id;
    private final String demand;

    ModesRule(String id, String demand) {
        this.id = id;
        this.demand = demand;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final String demand() {
        return demand;
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    final Ruling good(String title, String detail) {
        return Ruling.advice(Stage.MODES, Finding.of(id, State.GOOD, title, detail));
    }

    final Ruling open(Optional<Gate> gate, String title, String detail, Remedy... remedies) {
        return new Ruling(Stage.MODES, gate, Finding.of(id, State.OPEN, title, detail), List.of(remedies));
    }

    final Ruling caution(String title, String detail, Remedy... remedies) {
        return Ruling.advice(Stage.MODES, Finding.of(id, State.CAUTION, title, detail), remedies);
    }

    final Ruling stop(Gate gate, String title, String detail, Remedy... remedies) {
        return Ruling.of(Stage.MODES, gate, Finding.of(id, State.STOP, title, detail), remedies);
    }

    static Remedy go(String label) {
        return new Remedy.GoTo(label, Stage.MODES);
    }
}
