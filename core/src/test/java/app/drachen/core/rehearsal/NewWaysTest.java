package app.drachen.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Tail;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.HomeTrip;
import app.drachen.core.flight.StickRates;
import app.drachen.core.flight.ThrustPitch;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.HomeProfile.Arrival;
import app.drachen.core.modes.HomeProfile.HeightPolicy;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.ModeSeen;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Presets, extra mixes and ways home, flown: each control moves the aircraft the right way. */
class NewWaysTest {
    private static final double RHO = 1.2;
    private static final Setup GLIDER = DemoAircraft.seeschwalbe();

    /** An aircraft that knows everything, flown without wind. */
    private static final class Flight {
        final Aircraft aircraft;
        final Autopilot autopilot;
        final Sensed sensed = Sensed.exact(BoardMount.FORWARD);
        final double[] pulses;

        Flight(Setup setup, double height, double north) {
            aircraft = new Aircraft(setup, new StripModel(setup), setup.massProperties());
            autopilot = new Autopilot(setup, 0.5);
            pulses = new double[setup.controls().outputs().size()];
            aircraft.place(north, 0, height, 0, Math.toRadians(3), 0, 14);
            autopilot.mix(pulses);
            aircraft.settle(pulses, RHO, 14);
        }

        void fly(double seconds, FlightMode mode, Sticks sticks) {
            for (int i = 0; i < Math.round(seconds / 0.0025); i++) {
                if (i % 4 == 0) {
                    sensed.read(aircraft, 0.01);
                    autopilot.update(0.01, mode, sticks, sensed);
                    autopilot.mix(pulses);
                }
                aircraft.step(0.0025, pulses, 0, 0, 0, RHO);
            }
        }
    }

    /** Angular accelerations that a command makes at once, in Manual [rad/s²]. */
    private static double[] turning(Setup setup, double roll, double pitch, double yaw, double flaps) {
        double[] with = accelerations(setup, roll, pitch, yaw, flaps);
        double[] without = accelerations(setup, 0, 0, 0, 0);
        double[] change = new double[6];
        for (int i = 0; i < 6; i++) {
            change[i] = with[i] - without[i];
        }
        return change;
    }

    private static double[] accelerations(Setup setup, double roll, double pitch, double yaw, double flaps) {
        Flight flight = new Flight(setup, 80, 0);
        flight.sensed.read(flight.aircraft, 0.01);
        flight.autopilot.flaps(flaps);
        flight.autopilot.update(0.01, FlightMode.MANUAL, new Sticks(roll, pitch, yaw, 0.5), flight.sensed);
        flight.autopilot.mix(flight.pulses);
        flight.aircraft.settle(flight.pulses, RHO, 14);
        return flight.aircraft.accelerations(0, 0, 0, RHO);
    }

    /** An aircraft that fits a preset. */
    private static Setup fitting(MixPreset preset) {
        Setup base =
                switch (preset) {
                    case ELEVON -> DemoAircraft.rochen();
                    case VEE -> DemoAircraft.strandlaeufer();
                    default -> GLIDER;
                };
        if (preset == MixPreset.FLAPS) {
            List<Flap> flaps = new ArrayList<>(base.airframe().wing().flaps());
            flaps.add(new Flap(Flap.Kind.FLAP, 0.08, 0.5, 0.22));
            base = base.withAirframe(
                    base.airframe().withWing(base.airframe().wing().withFlaps(flaps)));
        }
        if (preset == MixPreset.TWIN) {
            List<Part> parts = new ArrayList<>(base.parts().stream()
                    .filter(p -> p.kind() != PartKind.MOTOR)
                    .toList());
            double aft = base.motorPosition().orElseThrow().aft();
            parts.add(new Part("left motor", PartKind.MOTOR, 0.08, new Position(aft, -0.3, 0)));
            parts.add(new Part("right motor", PartKind.MOTOR, 0.08, new Position(aft, 0.3, 0)));
            var drive = base.propulsion().drives().get(0);
            base = base.withParts(parts)
                    .withPropulsion(new Propulsion(
                            List.of(drive, drive), base.propulsion().packs()));
        }
        return base.withControls(preset.apply(base.controls(), base.invertedVee()));
    }

    @ParameterizedTest
    @EnumSource(MixPreset.class)
    void eachControlMovesTheAircraftTheRightWay(MixPreset preset) {
        Setup setup = fitting(preset);
        assertTrue(turning(setup, 1, 0, 0, 0)[3] > 3, "roll right");
        assertTrue(turning(setup, 0, 1, 0, 0)[4] > 1, "nose up");
        if (preset != MixPreset.ELEVON && preset != MixPreset.TWO_RUDDERS) {
            assertTrue(turning(setup, 0, 0, 1, 0)[5] > 0.1, "nose right: " + turning(setup, 0, 0, 1, 0)[5]);
        }
        if (preset == MixPreset.FLAPS || preset == MixPreset.FLAPERON) {
            double[] down = turning(setup, 0, 0, 0, 1);
            assertTrue(down[2] < -1, "flaps lift: " + down[2]);
            assertEquals(0, down[3], 1e-6, "and do not roll");
        }
    }

    @Test
    void aVTailPointingDownTurnsTheRightWayToo() {
        Setup upright = DemoAircraft.strandlaeufer();
        Tail.Vee vee = (Tail.Vee) upright.airframe().tail();
        Setup down = upright.withAirframe(upright.airframe().withTail(new Tail.Vee(vee.panel(), vee.dihedral(), true)));
        Setup fitted = down.withControls(MixPreset.VEE.apply(down.controls(), true));
        assertTrue(turning(fitted, 0, 0, 1, 0)[5] > 0.5);
        assertTrue(turning(fitted, 0, 1, 0, 0)[4] > 1);
    }

    /** Two motors that pull unlike yaw the aircraft; at idle the stick moves neither. */
    @Test
    void differentialPowerYaws() {
        Setup twin = fitting(MixPreset.TWIN);
        Setup rudderless = twin.withControls(twin.controls()
                .change(
                        app.drachen.core.controls.Surface.RUDDER,
                        o -> o.withMix(app.drachen.core.controls.MixRow.NONE)));
        assertTrue(turning(rudderless, 0, 0, 1, 0)[5] > 0.3, "nose right by power alone");
    }

    /** A mix on a switch acts only while it is on, and comes in slowly. */
    @Test
    void anExtraMixComesInSlowlyAndOnlyWhenSwitchedOn() {
        ControlSetup mixed = GLIDER.controls().withExtras(List.of(ExtraMix.powerToPitch(0.2, 0.5, "mix switch", true)));
        Flight flight = new Flight(GLIDER.withControls(mixed), 80, 0);
        flight.autopilot.switches(name -> false);
        flight.fly(1, FlightMode.MANUAL, new Sticks(0, 0, 0, 0));
        double off = flight.pulses[2];
        flight.autopilot.switches(name -> name.equals("mix switch"));
        flight.fly(0.24, FlightMode.MANUAL, new Sticks(0, 0, 0, 0));
        double half = flight.pulses[2];
        flight.fly(0.5, FlightMode.MANUAL, new Sticks(0, 0, 0, 0));
        double in = flight.pulses[2];
        // elevator up is a shorter pulse here: 20 % of 500 µs, after half of 0.5 s about half of it
        assertEquals(-100, in - off, 0.5);
        assertEquals(0.5, (half - off) / (in - off), 0.05);
        flight.fly(0.5, FlightMode.MANUAL, new Sticks(0, 0, 0, 0.5));
        assertEquals(off, flight.pulses[2], 0.5, "at cruise power it adds nothing");
    }

    private static Flight home(HomeProfile home, double height, double seconds) {
        Setup setup = GLIDER.withModes(GLIDER.modes().withHome(home));
        Flight flight = new Flight(setup, height, 400);
        flight.fly(3, FlightMode.LEVEL, new Sticks(0, 0, 0, 0.5));
        flight.fly(seconds, FlightMode.HOME, Sticks.CENTRED);
        return flight;
    }

    @Test
    void theReturnHeightMeansWhatItSays() {
        HomeProfile low = new HomeProfile(60, 50, false);
        assertEquals(60, home(low, 100, 60).aircraft.height(), 5, "fixed: down to it");
        assertEquals(
                100,
                home(low.withPolicy(HeightPolicy.AT_LEAST), 100, 60).aircraft.height(),
                8,
                "at least");
        assertEquals(
                45, home(low.withPolicy(HeightPolicy.HOLD), 45, 60).aircraft.height(), 8, "held");
        assertEquals(
                60, home(low.withPolicy(HeightPolicy.AT_LEAST), 45, 60).aircraft.height(), 5, "up to it");
    }

    @Test
    void itGoesToTheRallyPointAndComesDownThere() {
        HomeProfile rally = new HomeProfile(80, 50, false)
                .withRally(Optional.of(new HomeProfile.Rally(100, -150)))
                .withArrival(Arrival.DESCEND, 40);
        Flight flight = home(rally, 80, 120);
        double off = Math.hypot(flight.aircraft.north() - 100, flight.aircraft.east() + 150);
        assertEquals(50, off, 12, "it circles the rally point");
        assertEquals(40, flight.aircraft.height(), 5);
    }

    @Test
    void itLandsWhereItIsToldTo() {
        Flight flight = home(new HomeProfile(40, 50, false).withArrival(Arrival.LAND, 30), 40, 75);
        double last = flight.aircraft.height();
        assertTrue(last < 8, "down to the last metres: " + last);
        assertEquals(0, flight.autopilot.powerCommand(), 1e-9, "without power");
    }

    /** The greatest roll rate within a second is near the steady one of the strips, which is found another way; half the stick gives less. */
    @ParameterizedTest
    @ValueSource(strings = {"Rochen", "Strandläufer", "Seeschwalbe"})
    void ratesAtFullStickAgreeWithTheSteadyOnes(String name) {
        Setup setup = List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), GLIDER).stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();
        var rates = StickRates.of(setup);
        double steady = ControlPower.rollRate(setup, setup.modes().limits().cruiseSpeed())
                .value();
        assertEquals(1, rates.get(0).value() / steady, 0.25, "roll");
        assertTrue(rates.get(1).value() > 0.5, "pitch: " + rates.get(1).value());
        assertTrue(
                rates.get(2).value() > -0.02,
                "yaw, where anything yaws: " + rates.get(2).value());
        var r = setup.controls().rates();
        Setup half = setup.withControls(setup.controls()
                .withRates(new app.drachen.core.controls.Rates(r.roll() / 2, r.pitch(), r.yaw(), r.expo())));
        assertEquals(0.5, StickRates.of(half).get(0).value() / rates.get(0).value(), 0.08);
        assertEquals(
                List.of(), StickRates.of(setup.withControls(setup.controls().withOutputs(List.of()))));
    }

    private static Setup planned(Loss loss, Loss.Action action) {
        return GLIDER.withModes(
                GLIDER.modes().withLosses(GLIDER.modes().losses().with(loss, Loss.Phase.AWAY, action)));
    }

    /** Losses in the model: the plan is what is flown. */
    @Test
    void lossesAreFlownAsThePlanSays() {
        assertEquals(Optional.empty(), LossFlight.of(GLIDER, Loss.POWER, Loss.Phase.DISARMED), "on the ground");
        LossFlight away = LossFlight.of(GLIDER, Loss.LINK, Loss.Phase.AWAY).orElseThrow();
        assertTrue(away.whole() && away.away() < 200, away.sentence());
        LossFlight on = LossFlight.of(planned(Loss.LINK, Loss.Action.LEVEL), Loss.LINK, Loss.Phase.AWAY)
                .orElseThrow();
        assertTrue(on.away() > 900, "wings level it flies on: " + on.sentence());
        LossFlight landing =
                LossFlight.of(GLIDER, Loss.LINK, Loss.Phase.LANDING).orElseThrow();
        assertTrue(landing.sentence().startsWith("It is down"), landing.sentence());
        assertTrue(landing.whole(), "as it was to");
        // without motor it glides down softly; a plan that goes on instead does not bring the power back
        LossFlight glide = LossFlight.of(GLIDER, Loss.POWER, Loss.Phase.AWAY).orElseThrow();
        assertTrue(glide.lowest() < 60 && glide.whole(), glide.sentence());
        // a pack that is low brings it home where the plan says so, and not where it does not
        assertTrue(LossFlight.of(GLIDER, Loss.LOW_PACK, Loss.Phase.AWAY)
                        .orElseThrow()
                        .away()
                < 200);
        assertTrue(LossFlight.of(planned(Loss.LOW_PACK, Loss.Action.LEVEL), Loss.LOW_PACK, Loss.Phase.AWAY)
                        .orElseThrow()
                        .away()
                > 900);
        // without height, airspeed or compass wings level stays up for a minute
        for (Loss loss : List.of(Loss.HEIGHT, Loss.AIRSPEED, Loss.COMPASS)) {
            LossFlight blind = LossFlight.of(planned(loss, Loss.Action.LEVEL), loss, Loss.Phase.AWAY)
                    .orElseThrow();
            assertTrue(blind.whole() && blind.lowest() > 40, loss + ": " + blind.sentence());
            assertTrue(blind.away() > 900, loss + ": " + blind.sentence());
        }
        LossFlight waiting =
                LossFlight.of(GLIDER, Loss.POSITION, Loss.Phase.AWAY).orElseThrow();
        assertTrue(waiting.whole(), waiting.sentence());
    }

    /** Each mode is told in two sentences, with the figures of this set-up. */
    @ParameterizedTest
    @EnumSource(FlightMode.class)
    void whatWillBeSeenIsTwoSentences(FlightMode mode) {
        String seen = ModeSeen.of(mode, GLIDER.modes());
        String plain = Quantity.read(seen, UnitSystem.METRIC).replaceAll("\\d\\.\\d", "n");
        assertEquals(2, plain.split("\\. |\\.$").length, plain);
    }

    /** By hand: 50 m at 2.5 m/s, then 1 000 m at 14 m/s less the wind at that height. */
    @Test
    void theWayHomeInMinutes() {
        var trip = HomeTrip.of(GLIDER, Optional.empty(), 1_000, 40);
        assertEquals(50 / 2.5 + 1_000 / 14.0, trip.get(0).value(), 1e-6);
        assertTrue(trip.get(1).value() > 0);
        assertEquals(
                List.of(), HomeTrip.of(GLIDER, Optional.of(DemoField.evening().withWind(20, 0, 22)), 1_000, 40));
    }

    @Test
    void powerPitchesTheNoseAsTheThrustLineLies() {
        Setup high = GLIDER.withMoved(PartKind.MOTOR, 0, 0.1);
        double low = ThrustPitch.elevator(GLIDER).orElseThrow().value();
        assertTrue(ThrustPitch.elevator(high).orElseThrow().value() < low - 0.01, "a motor above pushes the nose down");
    }
}
