package app.drachen.core.clearance;

import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** A rule of one stage with an id and a demand of its own, and short ways to say what it found. */
public abstract class StageRule implements ClearanceRule {
    private final Stage stage;
    private final String id;
    private final String demand;

    protected StageRule(Stage stage, String id, String demand) {
        this.stage = stage;
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

    protected final Ruling good(String title, String detail, Working... workings) {
        return Ruling.advice(stage, Finding.of(id, State.GOOD, title, detail, workings));
    }

    protected final Ruling open(Optional<Gate> gate, String title, String detail, Remedy... remedies) {
        return new Ruling(stage, gate, Finding.of(id, State.OPEN, title, detail), List.of(remedies));
    }

    protected final Ruling caution(String title, String detail, Remedy... remedies) {
        return caution(title, detail, List.of(), remedies);
    }

    protected final Ruling caution(String title, String detail, List<Working> workings, Remedy... remedies) {
        return Ruling.advice(
                stage, Finding.of(id, State.CAUTION, title, detail, workings.toArray(new Working[0])), remedies);
    }

    protected final Ruling stop(Gate gate, String title, String detail, Remedy... remedies) {
        return stop(gate, title, detail, List.of(), remedies);
    }

    protected final Ruling stop(Gate gate, String title, String detail, List<Working> workings, Remedy... remedies) {
        return Ruling.of(
                stage, gate, Finding.of(id, State.STOP, title, detail, workings.toArray(new Working[0])), remedies);
    }

    /** To the stage of the rule. */
    protected final Remedy there(String label) {
        return new Remedy.GoTo(label, stage);
    }
}
