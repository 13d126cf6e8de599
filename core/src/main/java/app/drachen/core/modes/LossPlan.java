package app.drachen.core.modes;

import java.util.ArrayList;
import java.util.List;

/**
 * What is done on each loss in each phase of a flight (MODES-A7). A cell that nobody filled is open.
 *
 * <p>Source: completeness; the usual plan is common practice.
 *
 * @param cells the filled cells, each once
 */
public record LossPlan(List<Cell> cells) {
    public static final LossPlan NONE = new LossPlan(List.of());

    /**
     * A cell of the table.
     *
     * @param loss what is lost
     * @param phase when
     * @param action what is done
     */
    public record Cell(Loss loss, Loss.Phase phase, Loss.Action action) {
        public Cell {
            if (!loss.sensible(phase).contains(action)) {
                throw new IllegalArgumentException("\u201c" + action.label() + "\u201d cannot be done without "
                        + loss.label() + " while " + phase.label() + "; choose another");
            }
        }
    }

    public LossPlan {
        cells = List.copyOf(cells);
        if (cells.stream().map(c -> c.loss() + " " + c.phase()).distinct().count() != cells.size()) {
            throw new IllegalArgumentException("a cell of the loss table stands twice; keep one");
        }
    }

    /** What is done. */
    public Loss.Action action(Loss loss, Loss.Phase phase) {
        return cells.stream()
                .filter(c -> c.loss() == loss && c.phase() == phase)
                .map(Cell::action)
                .findFirst()
                .orElse(Loss.Action.OPEN);
    }

    /** The same plan with one cell filled, or opened again. */
    public LossPlan with(Loss loss, Loss.Phase phase, Loss.Action action) {
        List<Cell> changed = new ArrayList<>(cells);
        changed.removeIf(c -> c.loss() == loss && c.phase() == phase);
        if (action != Loss.Action.OPEN) {
            changed.add(new Cell(loss, phase, action));
        }
        changed.sort(java.util.Comparator.comparing(Cell::loss).thenComparing(Cell::phase));
        return new LossPlan(changed);
    }

    /** The cells that are still open, in the order of the table. */
    public List<Cell> open() {
        List<Cell> open = new ArrayList<>();
        for (Loss loss : Loss.values()) {
            for (Loss.Phase phase : Loss.Phase.values()) {
                if (action(loss, phase) == Loss.Action.OPEN) {
                    open.add(new Cell(loss, phase, Loss.Action.OPEN));
                }
            }
        }
        return open;
    }

    /** What is usually done, common practice; every cell is filled. */
    public static LossPlan usual() {
        List<Cell> cells = new ArrayList<>();
        for (Loss loss : Loss.values()) {
            for (Loss.Phase phase : Loss.Phase.values()) {
                cells.add(new Cell(loss, phase, usual(loss, phase)));
            }
        }
        return new LossPlan(cells);
    }

    private static Loss.Action usual(Loss loss, Loss.Phase phase) {
        if (phase.onGround()) {
            return Loss.Action.POWER_OFF;
        }
        boolean low = phase == Loss.Phase.LAUNCH || phase == Loss.Phase.LANDING;
        return switch (loss) {
            case LINK -> phase == Loss.Phase.LANDING ? Loss.Action.LAND : Loss.Action.HOME;
            case POSITION -> low ? Loss.Action.LEVEL : Loss.Action.WAIT;
            case COMPASS, AIRSPEED, HEIGHT -> Loss.Action.GO_ON;
            case LOW_PACK -> low || phase == Loss.Phase.HOME ? Loss.Action.GO_ON : Loss.Action.HOME;
            case POWER -> Loss.Action.GLIDE;
        };
    }
}
