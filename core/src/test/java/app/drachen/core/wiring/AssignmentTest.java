package app.drachen.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Position;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Pin;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Place.Inversion;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment.Aim;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The search for places against trying everything, and what must hold whatever is plugged in. */
class AssignmentTest {
    private static final Setup BARE = DemoAircraft.rochen().withHarness(HarnessSection.EMPTY);

    private static Board board(Random random, int outputs, int ports) {
        List<Place> places = new ArrayList<>();
        for (int i = 1; i <= outputs; i++) {
            boolean powered = random.nextInt(4) > 0;
            places.add(new Place(
                    "output " + i,
                    Signal.PULSE,
                    powered ? "servos" : "",
                    (i + 1) / 2,
                    400,
                    Inversion.NEVER,
                    "",
                    Signal.PULSE.pins()));
        }
        for (int i = 1; i <= ports; i++) {
            places.add(new Place(
                    "port " + i,
                    Signal.SERIAL,
                    "servos",
                    0,
                    115_200,
                    Inversion.values()[random.nextInt(3)],
                    random.nextBoolean() ? "" : "sentences",
                    Signal.SERIAL.pins()));
        }
        return new Board(
                "random",
                0.05,
                0.03,
                "forward",
                Board.Automation.FULL,
                0.5,
                0,
                Boards.kiebitz().rails(),
                places);
    }

    private static Setup random(Random random, Board board, int pulses, int serials) {
        HarnessSection h = HarnessSection.EMPTY.withBoard(board);
        for (int i = 0; i < pulses + serials; i++) {
            DeviceKind kind = i < pulses ? DeviceKind.SERVO : DeviceKind.RECEIVER;
            Device device = Device.typical("device " + i, kind, "", "");
            double rate = i < pulses ? (random.nextInt(3) == 0 ? 400 : 50) : 57_600;
            String protocol = i >= pulses && random.nextInt(3) == 0 ? "frames" : "";
            device = device.withWant(device.want().speaking(protocol, rate, i >= pulses && random.nextBoolean()));
            List<Place> places = board.carrying(device.want().signal());
            String at = random.nextBoolean()
                    ? places.get(random.nextInt(places.size())).name()
                    : "";
            Lead lead = Lead.of(device.name(), at, 24);
            h = h.plus(device, random.nextInt(6) == 0 ? lead.locked(true) : lead);
        }
        return BARE.withHarness(h);
    }

    /** Trying everything: the most that can be plugged in, and the fewest leads that must then be moved. */
    private static int[] byTrying(Wiring w, int device, List<Place> taken, List<Double> rates, int given, int moved) {
        List<Wiring.Wired> all = w.wired();
        if (device == all.size()) {
            return new int[] {given, moved};
        }
        int[] best = byTrying(w, device + 1, taken, rates, given, moved);
        Wiring.Wired one = all.get(device);
        for (Place place : w.board().places()) {
            double rate = rateOf(place, taken, rates);
            boolean locked = one.lead().get().locked()
                    && one.place().isPresent()
                    && !one.place().equals(Optional.of(place));
            if (!taken.contains(place)
                    && !locked
                    && Assignment.against(w, one, place, rate).isEmpty()) {
                taken.add(place);
                rates.add(one.device().want().rate());
                int more = one.place().equals(Optional.of(place)) ? 0 : 1;
                int[] found = byTrying(w, device + 1, taken, rates, given + 1, moved + more);
                if (found[0] > best[0] || found[0] == best[0] && found[1] < best[1]) {
                    best = found;
                }
                taken.remove(taken.size() - 1);
                rates.remove(rates.size() - 1);
            }
        }
        return best;
    }

    private static double rateOf(Place place, List<Place> taken, List<Double> rates) {
        for (int i = 0; i < taken.size(); i++) {
            if (place.group() > 0 && taken.get(i).group() == place.group()) {
                return rates.get(i);
            }
        }
        return 0;
    }

    @Property(tries = 60, seed = "3")
    void isTheBestThereIs(@ForAll @IntRange(min = 0, max = 100_000) int seed) {
        Random random = new Random(seed);
        Board board = board(random, 4, 2);
        Wiring wiring = Wiring.of(random(random, board, 1 + random.nextInt(4), random.nextInt(3)));
        Assignment found = Assignment.of(wiring, Aim.FEWEST_MOVES);
        int[] best = byTrying(wiring, 0, new ArrayList<>(), new ArrayList<>(), 0, 0);
        assertEquals(best[0], found.given().size(), "as many as can be, seed " + seed);
        assertEquals(best[1], found.moves(), "as few moves as can be, seed " + seed);
    }

    /** No place twice, every wish kept, one rate a group, and who is left over has a reason for each place. */
    @Property(tries = 60, seed = "4")
    void whateverIsPluggedInNoPlaceIsGivenTwice(@ForAll @IntRange(min = 0, max = 100_000) int seed) {
        Random random = new Random(seed);
        Board board = board(random, 8, 4);
        Setup setup = random(random, board, random.nextInt(10), random.nextInt(6));
        for (Aim aim : Aim.values()) {
            Assignment found = Assignment.of(Wiring.of(setup), aim);
            List<Place> places =
                    found.given().stream().map(Assignment.Given::place).toList();
            assertEquals(places.size(), places.stream().distinct().count());
            assertEquals(
                    Assignment.of(Wiring.of(setup), Aim.FEWEST_MOVES).given().size(),
                    found.given().size(),
                    "what is preferred never costs a place");
            Setup applied = found.applied(setup);
            if (found.complete()) {
                Assignment again = Assignment.of(Wiring.of(applied), Aim.FEWEST_MOVES);
                assertEquals(0, again.moves(), "once plugged, it stays");
            }
            for (Assignment.Missing m : found.missing()) {
                assertTrue(m.reasons().size() >= 1
                        && m.rivals().contains(m.device().name()));
            }
        }
    }

    @Test
    void whatCannotBeDoneNamesWhoMustGive() {
        // a motor of 400 Hz takes one of three groups of two; the other two have four outputs for five servos
        Setup bare = DemoAircraft.strandlaeuferAsWired();
        Device pan = Device.typical("pan servo", DeviceKind.SERVO, "", "");
        Setup wired = bare.withHarness(bare.harness().plus(pan, Lead.of("pan servo", "", 24)));
        Assignment found = Assignment.of(Wiring.of(wired), Aim.FEWEST_MOVES);
        assertEquals(1, found.missing().size());
        Assignment.Missing missing = found.missing().get(0);
        assertEquals(6, missing.rivals().size(), "the motor's pace and each servo stand in one another's way");
        assertTrue(missing.reasons().size() == 6, "a reason for each output: " + missing.reasons());
        assertTrue(
                missing.reasons().stream().anyMatch(r -> r.contains("its timer group gives")),
                missing.reasons().toString());
        // a bridge to the sixth output does not help; a motor at 50 Hz does
        Setup slow = wired.withHarness(wired.harness()
                .withDevice("speed controller", d -> d.withWant(d.want().speaking("", 50, false))));
        assertTrue(Assignment.of(Wiring.of(slow), Aim.FEWEST_MOVES).complete());
    }

    /** 16 outputs, 8 ports, 30 devices: the search ends, and gives places to all that have one. */
    @Test
    void aLargeBoardIsSearchedWhole() {
        Setup setup = large(5);
        Assignment found = Assignment.of(Wiring.of(setup), Aim.FEWEST_MOVES);
        assertEquals(30, found.given().size() + found.missing().size());
        assertTrue(found.given().size() >= 20, "found " + found.given().size());
    }

    /** A board beyond reason: sixty outputs in fifteen groups, four rates. It ends, and says that not all was tried. */
    @Test
    void aBoardBeyondReasonIsSearchedAsFarAsItGoes() {
        Random random = new Random(9);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            places.add(new Place(
                    "output " + (i + 1),
                    Signal.PULSE,
                    "servos",
                    i / 4 + 1,
                    400,
                    Inversion.NEVER,
                    "",
                    Signal.PULSE.pins()));
        }
        Board board = board(random, 0, 0).with(Boards.kiebitz().rails(), places);
        HarnessSection h = HarnessSection.EMPTY.withBoard(board);
        for (int i = 0; i < 40; i++) {
            Device device = Device.typical("device " + i, DeviceKind.SERVO, "", "");
            h = h.plus(
                    device.withWant(device.want().speaking("", 50 * (1 + i % 4), false)),
                    Lead.of(device.name(), "output " + (i + 1), 24));
        }
        Wiring wiring = Wiring.of(BARE.withHarness(h));
        Assignment found = Assignment.of(wiring, Aim.FEWEST_MOVES);
        assertTrue(
                !found.whole() && found.given().size() >= 20,
                "found " + found.given().size());
        assertTrue(Assignment.of(Wiring.of(large(5)), Aim.FEWEST_MOVES).whole(), "a large one is searched whole");
    }

    private static Setup large(int seed) {
        Random random = new Random(seed);
        return random(random, board(random, 16, 8), 20, 10);
    }

    @Property(tries = 30, seed = "8")
    void movingADeviceChangesLengthsOnly(@ForAll @IntRange(min = -300, max = 300) int millimetres) {
        Setup setup = DemoAircraft.strandlaeufer();
        Setup moved = setup.withPart(
                "receiver",
                p -> p.at(new Position(p.position().aft(), p.position().right() + millimetres / 1000.0, 0)));
        Wiring before = Wiring.of(setup);
        Wiring after = Wiring.of(moved);
        for (int i = 0; i < before.wired().size(); i++) {
            Wiring.Wired a = before.wired().get(i);
            Wiring.Wired b = after.wired().get(i);
            assertEquals(a.place(), b.place());
            assertEquals(a.rail(), b.rail());
            assertEquals(PinCard.of(a), PinCard.of(b));
            boolean same = !a.device().name().equals("receiver") || millimetres == 0;
            assertEquals(same, a.length() == b.length(), a.device().name());
        }
    }

    /** HARNESS-A11: a way of 0.46 m wants a lead of 0.51 m; and the pin card crosses transmit and receive, ground first. */
    @Test
    void leadsAndPins() {
        Wiring wiring = Wiring.of(DemoAircraft.strandlaeufer());
        Wiring.Wired left = wiring.of("left aileron servo").orElseThrow();
        // servo at 400 mm aft, 450 mm left, 30 mm up; board at 320 mm aft in the middle
        assertEquals(1.1 * (0.080 + 0.450 + 0.030), left.length(), 1e-9);
        PinCard card = PinCard.of(wiring.of("receiver").orElseThrow());
        assertEquals(Pin.GROUND, card.strands().get(0).device());
        assertEquals(2, card.strands().stream().filter(PinCard.Strand::crossed).count());
        assertEquals(List.of(), card.wrong());
        PinCard turned =
                PinCard.of(List.of(Pin.GROUND, Pin.POWER, Pin.SIGNAL), Signal.PULSE.pins(), Lead.Way.TURNED, false);
        assertTrue(turned.wrong().stream().allMatch(s -> s.device() != s.board())
                && turned.wrong().size() == 2);
        PinCard talks = PinCard.of(Signal.SERIAL.pins(), Signal.SERIAL.pins(), Lead.Way.STRAIGHT, false);
        assertEquals(2, talks.wrong().size(), "transmit meets transmit");
        assertTrue(talks.wrong().stream().noneMatch(PinCard.Strand::harmful));
    }

    @Test
    void aNewAircraftGetsAHarnessFromItsParts() {
        for (var kind : app.drachen.core.draft.NewAircraft.Kind.values()) {
            Setup bare = app.drachen.core.draft.NewAircraft.of(kind, "new");
            Setup drafted = HarnessDraft.of(bare, HarnessDraft.board(bare));
            Wiring wiring = Wiring.of(drafted);
            assertTrue(wiring.entered(), kind.label());
            assertEquals(List.of(), wiring.unplugged(), kind.label());
            assertTrue(wiring.wired().stream().noneMatch(Wiring.Wired::dead), kind.label());
            assertTrue(
                    drafted.harness().devices().stream()
                            .allMatch(d -> d.care().known() == app.drachen.core.harness.Care.Known.TYPICAL),
                    "nobody looked anything up");
        }
    }

    @Test
    void theCutListIsAsLongAsTheLeads() {
        Wiring wiring = Wiring.of(DemoAircraft.strandlaeufer());
        CutList list = CutList.of(wiring);
        double wires = list.cuts().stream()
                .mapToDouble(c -> c.length() * c.colours().size())
                .sum();
        assertEquals(wires, list.sums().values().stream().mapToDouble(d -> d).sum(), 1e-9);
        assertEquals(wiring.harness().leads().size(), list.cuts().size());
    }

    /** Steps never come before what they need, and what is ticked too early is told. */
    @Test
    void theInstallListIsInOrder() {
        Setup wired = DemoAircraft.strandlaeuferAsWired();
        InstallList list = InstallList.of(Wiring.of(wired));
        List<String> seen = new ArrayList<>();
        for (InstallList.Step step : list.steps()) {
            assertTrue(seen.containsAll(step.needs()), step.id());
            seen.add(step.id());
        }
        assertEquals("lead right V-tail servo", list.next().orElseThrow().id().replace("left", "right"));
        assertEquals(List.of(), list.outOfOrder());
        Setup closed = wired.withHarness(wired.harness().withInstalled(List.of("old", "skin")));
        assertEquals(
                "skin", InstallList.of(Wiring.of(closed)).outOfOrder().get(0).id());
    }
}
