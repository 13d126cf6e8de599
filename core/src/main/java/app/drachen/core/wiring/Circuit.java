package app.drachen.core.wiring;

import app.drachen.core.math.Factored;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Nodes joined by branches with a voltage and a resistance, some of which let current through one way only, and loads that
 * draw a current.
 *
 * <p>Source: nodal analysis (circuit theory); which one-way branches conduct is found by turning over the first that
 * contradicts itself until none does, which ends for voltages with one sign of slope (a network of positive resistances).
 */
final class Circuit {
    /** The node against which volts are counted. */
    static final int GROUND = -1;

    /**
     * A branch: current = (volts at {@code from} − volts at {@code to} + emf)/ohms.
     *
     * @param from node
     * @param to node
     * @param emf driving current from the first to the second [V]
     * @param ohms [Ω], above 0
     * @param oneWay whether current may only flow from {@code from} to {@code to}
     */
    private record Branch(int from, int to, double emf, double ohms, boolean oneWay) {}

    /**
     * Volts and currents.
     *
     * @param volts of each node [V]; 0 where nothing feeds it
     * @param amps through each branch, in the order in which they were laid [A]
     * @param fed whether a path leads to each node from a source
     */
    record Solved(double[] volts, double[] amps, boolean[] fed) {}

    private final int nodes;
    private final double[] loads;
    private final List<Branch> branches = new ArrayList<>();

    Circuit(int nodes) {
        this.nodes = nodes;
        this.loads = new double[nodes];
    }

    /** A wire of so many ohms between two nodes. */
    int wire(int from, int to, double ohms) {
        return lay(new Branch(from, to, 0, ohms, false));
    }

    /** A diode that loses so many volts. */
    int diode(int from, int to, double drop, double ohms) {
        return lay(new Branch(from, to, -drop, ohms, true));
    }

    /** A source of so many volts behind so many ohms; one with a diode takes no current back. */
    int source(int node, double volts, double ohms, boolean diode) {
        return lay(new Branch(GROUND, node, volts, ohms, diode));
    }

    /** A load of so many amps. */
    void load(int node, double amps) {
        loads[node] += amps;
    }

    private int lay(Branch branch) {
        branches.add(branch);
        return branches.size() - 1;
    }

    Solved solve() {
        boolean[] on = new boolean[branches.size()];
        Arrays.fill(on, true);
        Solved solved = solve(on);
        for (int round = 0; round < 4 * branches.size() + 4; round++) {
            int wrong = contradiction(on, solved);
            if (wrong < 0) {
                return solved;
            }
            on[wrong] = !on[wrong];
            solved = solve(on);
        }
        // cannot happen with positive resistances; what stands is as near as can be
        return solved;
    }

    /** The one-way branch that contradicts itself most: it conducts backward, or is closed though driven forward. */
    private int contradiction(boolean[] on, Solved solved) {
        int worst = -1;
        double most = 1e-9;
        for (int i = 0; i < on.length; i++) {
            Branch b = branches.get(i);
            if (b.oneWay()) {
                double drive = volts(solved, b.from()) - volts(solved, b.to()) + b.emf();
                double wrong = on[i] ? -drive : drive;
                if (wrong > most) {
                    most = wrong;
                    worst = i;
                }
            }
        }
        return worst;
    }

    private static double volts(Solved solved, int node) {
        return node == GROUND ? 0 : solved.volts()[node];
    }

    private Solved solve(boolean[] on) {
        boolean[] fed = fed(on);
        double[][] matrix = new double[nodes][nodes];
        double[] right = new double[nodes];
        for (int i = 0; i < nodes; i++) {
            if (!fed[i]) {
                matrix[i][i] = 1;
            } else {
                right[i] -= loads[i];
            }
        }
        for (int i = 0; i < on.length; i++) {
            Branch b = branches.get(i);
            if (on[i] && at(fed, b.from()) && at(fed, b.to())) {
                double g = 1 / b.ohms();
                add(matrix, b.to(), b.to(), g);
                add(matrix, b.from(), b.from(), g);
                add(matrix, b.to(), b.from(), -g);
                add(matrix, b.from(), b.to(), -g);
                drive(right, b.to(), g * b.emf());
                drive(right, b.from(), -g * b.emf());
            }
        }
        double[] volts = nodes == 0 ? new double[0] : new Factored(matrix).solve(right);
        Solved found = new Solved(volts, new double[on.length], fed);
        for (int i = 0; i < on.length; i++) {
            Branch b = branches.get(i);
            if (on[i] && at(fed, b.from()) && at(fed, b.to())) {
                found.amps()[i] = (volts(found, b.from()) - volts(found, b.to()) + b.emf()) / b.ohms();
            }
        }
        return found;
    }

    private static boolean at(boolean[] fed, int node) {
        return node == GROUND || fed[node];
    }

    private static void add(double[][] matrix, int row, int column, double value) {
        if (row != GROUND && column != GROUND) {
            matrix[row][column] += value;
        }
    }

    private static void drive(double[] right, int node, double value) {
        if (node != GROUND) {
            right[node] += value;
        }
    }

    /** Nodes to which a way leads from ground through sources: the others have no volts of their own. */
    private boolean[] fed(boolean[] on) {
        boolean[] fed = new boolean[nodes];
        boolean more = true;
        while (more) {
            more = false;
            for (int i = 0; i < on.length; i++) {
                Branch b = branches.get(i);
                if (on[i] && at(fed, b.from()) && !at(fed, b.to())) {
                    fed[b.to()] = true;
                    more = true;
                } else if (on[i] && !b.oneWay() && b.from() != GROUND && at(fed, b.to()) && !at(fed, b.from())) {
                    fed[b.from()] = true;
                    more = true;
                }
            }
        }
        return fed;
    }
}
