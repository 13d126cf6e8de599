package app.drachen.core.propulsion;

import java.util.ArrayList;
import java.util.List;

/**
 * Motors with their propellers, and packs.
 *
 * <p>Source: circuit theory; motors that draw alike from one pack each see its resistance as many times over as there
 * are motors. Motors that draw unlike, as in a hard turn by differential power, see a little less or more.
 *
 * @param drives in the order of the motors among the parts; empty for a glider
 * @param packs the first feeds the motors, further ones something else; at least one
 */
public record Propulsion(List<Drive> drives, List<Pack> packs) {
    public Propulsion {
        drives = List.copyOf(drives);
        packs = List.copyOf(packs);
        if (packs.isEmpty()) {
            throw new IllegalArgumentException("there is no pack; name at least one");
        }
        if (packs.stream().map(Pack::label).distinct().count() != packs.size()) {
            throw new IllegalArgumentException("two packs have the same label; give each its own");
        }
    }

    /** One drive and its pack. */
    public static Propulsion of(Drive drive, Pack pack) {
        return new Propulsion(List.of(drive), List.of(pack));
    }

    /** The pack that feeds the motors. */
    public Pack pack() {
        return packs.get(0);
    }

    /** The same drives on another pack. */
    public Propulsion withPack(Pack newPack) {
        List<Pack> changed = new ArrayList<>(packs);
        changed.set(0, newPack);
        return new Propulsion(drives, changed);
    }

    /** Other drives on the same packs. */
    public Propulsion withDrives(List<Drive> newDrives) {
        return new Propulsion(newDrives, packs);
    }

    /**
     * @return resistance of the pack as each motor sees it when all draw alike [Ω]
     */
    public double resistanceForEach() {
        return pack().resistance() * Math.max(1, drives.size());
    }
}
