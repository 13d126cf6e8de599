package app.drachen.core.airframe;

import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Mass, centre of gravity and moments of inertia about it, body axes x forward, y right, z down.
 *
 * <p>Source: statics; parallel axes. Parts are points, wings and tails are spread over their area,
 * the body is a rod; this leaves out the parts' own extent, a few percent of I_x.
 *
 * @param mass [kg], above 0
 * @param centre centre of gravity
 * @param rollInertia I_x [kg m²], above 0
 * @param pitchInertia I_y [kg m²], above 0
 * @param yawInertia I_z [kg m²], above 0
 * @param productInertia I_xz = Σm·x·z [kg m²]
 */
public record MassProperties(
        double mass,
        Position centre,
        double rollInertia,
        double pitchInertia,
        double yawInertia,
        double productInertia) {

    /**
     * A point mass of the sum.
     *
     * @param name what it belongs to
     * @param mass [kg], not negative
     * @param position where it is
     */
    public record Item(String name, double mass, Position position) {}

    /** Adds up an airframe and its parts. */
    public static MassProperties of(Airframe airframe, List<Part> parts) {
        List<Item> items = items(airframe, parts);
        double mass = 0;
        double aft = 0;
        double right = 0;
        double up = 0;
        for (Item item : items) {
            mass += item.mass();
            aft += item.mass() * item.position().aft();
            right += item.mass() * item.position().right();
            up += item.mass() * item.position().up();
        }
        Position centre = new Position(aft / mass, right / mass, up / mass);
        double ix = 0;
        double iy = 0;
        double iz = 0;
        double ixz = 0;
        for (Item item : items) {
            double x = centre.aft() - item.position().aft();
            double y = item.position().right() - centre.right();
            double z = centre.up() - item.position().up();
            ix += item.mass() * (y * y + z * z);
            iy += item.mass() * (x * x + z * z);
            iz += item.mass() * (x * x + y * y);
            ixz += item.mass() * x * z;
        }
        return new MassProperties(mass, centre, ix, iy, iz, ixz);
    }

    /** Structure as points along its extent, then the parts. */
    private static List<Item> items(Airframe airframe, List<Part> parts) {
        List<Item> items = new ArrayList<>();
        spreadWing(airframe, items);
        spreadTail(airframe, items);
        Body body = airframe.body();
        int slices = 12;
        for (int i = 0; i < slices; i++) {
            double aft = body.podLength() * (i + 0.5) / slices;
            items.add(new Item("body", airframe.bodyMass() / slices, new Position(aft, 0, 0)));
        }
        for (Part part : parts) {
            items.add(new Item(part.name(), part.mass(), part.position()));
        }
        return items;
    }

    private static void spreadWing(Airframe airframe, List<Item> items) {
        Wing wing = airframe.wing();
        double area = Planform.of(wing).area();
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        double up = wing.up();
        int slices = 10;
        for (WingPanel panel : wing.panels()) {
            for (int i = 0; i < slices; i++) {
                double share = (i + 0.5) / slices;
                double chord = panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
                double mass = airframe.wingMass() * chord * panel.length() / slices / area;
                double out = inner + share * panel.length();
                double aft = edge + share * panel.length() * Math.tan(panel.sweep()) + 0.42 * chord;
                double height = up + share * panel.length() * Math.tan(panel.dihedral());
                items.add(new Item("wing", mass, new Position(aft, out, height)));
                items.add(new Item("wing", mass, new Position(aft, -out, height)));
            }
            inner += panel.length();
            edge += panel.length() * Math.tan(panel.sweep());
            up += panel.length() * Math.tan(panel.dihedral());
        }
    }

    private static void spreadTail(Airframe airframe, List<Item> items) {
        if (airframe.tailMass() <= 0) {
            return;
        }
        airframe.tail()
                .meet(
                        tail -> {
                            double planeArea = 2 * tail.plane().area();
                            double share = planeArea / (planeArea + tail.fin().area());
                            addPanel(items, airframe.tailMass() * share / 2, tail.plane(), 1, 0);
                            addPanel(items, airframe.tailMass() * share / 2, tail.plane(), -1, 0);
                            addPanel(items, airframe.tailMass() * (1 - share), tail.fin(), 1, Math.PI / 2);
                        },
                        tail -> {
                            double angle = tail.inverted() ? -tail.dihedral() : tail.dihedral();
                            addPanel(items, airframe.tailMass() / 2, tail.panel(), 1, angle);
                            addPanel(items, airframe.tailMass() / 2, tail.panel(), -1, angle);
                        },
                        tail -> {
                            for (TailPanel fin : tail.fins()) {
                                addPanel(items, airframe.tailMass() / 2, fin, 1, Math.PI / 2);
                                addPanel(items, airframe.tailMass() / 2, fin, -1, Math.PI / 2);
                            }
                        });
    }

    private static void addPanel(List<Item> items, double mass, TailPanel panel, int side, double angle) {
        int slices = 4;
        for (int i = 0; i < slices; i++) {
            double out = panel.length() * (i + 0.5) / slices;
            double aft = panel.leadingEdge() + out * Math.tan(panel.sweep()) + panel.meanChord() * 0.45;
            double right = side * (panel.right() + out * Math.cos(angle));
            items.add(new Item("tail", mass / slices, new Position(aft, right, panel.up() + out * Math.sin(angle))));
        }
    }

    /** BUILD-A5 and BUILD-A9 as workings: mass, centre of gravity, moments of inertia. */
    public List<Working> workings(Airframe airframe, List<Part> parts, Optional<MeasuredBalance> measured) {
        List<Working.Input> masses = new ArrayList<>();
        masses.add(Working.in("wing", airframe.wingMass(), Quantity.MASS));
        masses.add(Working.in("tail", airframe.tailMass(), Quantity.MASS));
        masses.add(Working.in("body", airframe.bodyMass(), Quantity.MASS));
        List<Working.Input> places = new ArrayList<>(masses);
        for (Part part : parts) {
            masses.add(Working.in(part.name(), part.mass(), Quantity.MASS));
            places.add(Working.in(part.name() + ", mass", part.mass(), Quantity.MASS));
            places.add(Working.in(part.name() + ", station", part.position().aft(), Quantity.LENGTH));
        }
        measured.ifPresent(m -> {
            masses.addAll(m.massInputs());
            places.addAll(m.inputs());
        });
        String grown = measured.isEmpty() ? "" : ", grown with the weighed mass as M/Σm,";
        Working.Input[] all = places.toArray(new Working.Input[0]);
        return List.of(
                Working.of(
                        "BUILD-A5",
                        "All-up mass",
                        mass,
                        Quantity.MASS,
                        measured.isEmpty() ? "M = Σm" : "M = Σm + M_w − M₀, as weighed and as listed then",
                        Source.STATICS,
                        masses.toArray(new Working.Input[0])),
                Working.of(
                        "BUILD-A5",
                        "CG behind the nose",
                        centre.aft(),
                        Quantity.LENGTH,
                        (measured.isEmpty() ? "s = Σ m·sᵢ/M" : "s = (Σ m·sᵢ + M_w·s_w − M₀·s₀)/M")
                                + "; wing, tail and body spread over their drawn area",
                        Source.STATICS,
                        all),
                Working.of(
                        "BUILD-A5",
                        "CG beside the middle",
                        centre.right(),
                        Quantity.LENGTH,
                        "y = Σ m·yᵢ/M, right positive",
                        Source.STATICS,
                        all),
                inertia("Roll inertia", "I_x = Σ m(y² + z²)" + grown, rollInertia),
                inertia("Pitch inertia", "I_y = Σ m(x² + z²)" + grown, pitchInertia),
                inertia("Yaw inertia", "I_z = Σ m(x² + y²)" + grown, yawInertia),
                inertia("Product of inertia", "I_xz = Σ m·x·z" + grown, productInertia));
    }

    private Working inertia(String name, String formula, double value) {
        return Working.of(
                "BUILD-A9",
                name,
                value,
                Quantity.INERTIA,
                formula + " about the CG; wing and tail as strips, body as a rod, parts as points",
                new Source.Elementary("mechanics"),
                Working.in("mass M", mass, Quantity.MASS),
                Working.in("CG behind the nose", centre.aft(), Quantity.LENGTH));
    }
}
