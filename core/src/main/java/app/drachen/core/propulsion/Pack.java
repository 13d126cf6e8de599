package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * A lithium-polymer pack.
 *
 * @param label what stands on it
 * @param cells cells in series, 1 to 12
 * @param capacity [C] (coulomb; 3.6 to the mAh), 360 to 400 000
 * @param resistance of the whole pack [Ω], 0.001 to 1
 */
public record Pack(String label, int cells, double capacity, double resistance) {
    public Pack {
        Ranges.requireText("pack label", label);
        Ranges.require("cells", cells, 1, 12, "-");
        Ranges.require("pack capacity", capacity, 360, 400_000, "C");
        Ranges.require("pack resistance", resistance, 0.001, 1, "Ω");
    }

    /**
     * The same pack with a share of its capacity left.
     *
     * @param share [-], above 0 to 1
     */
    public Pack withShare(double share) {
        return new Pack(label, cells, share * capacity, resistance);
    }

    /**
     * Resting voltage by charge used: a straight middle part with a knee at both ends.
     *
     * <p>Source: common practice for lithium-polymer cells (4.20 V full, about 3.7 V half, 3.3 V
     * empty); ±0.05 V a cell.
     *
     * @param used share of the capacity used [-], 0 to 1
     * @return volts of the whole pack [V]
     */
    public double restingVolts(double used) {
        double u = Math.max(0, Math.min(1, used));
        double cell = 4.02 - 0.42 * u + 0.18 * Math.exp(-u / 0.06) - 0.30 * Math.exp((u - 1) / 0.05);
        return cells * cell;
    }
}
