package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.bench.LiveBoard;
import app.drachen.core.bench.Planted;
import app.drachen.core.bench.StandIn;
import app.drachen.core.bench.Training;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.Mixing;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.flight.StickRates;
import app.drachen.core.modes.Loss;
import app.drachen.core.rehearsal.LossFlight;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The bench with other aircraft than the demo's: random ones that a person could have built, and each begun from nothing. */
class PlausibleBenchTest {
    static Stream<Setup> built() {
        return Stream.concat(
                IntStream.range(0, 3).mapToObj(PlausibleAircraft::of),
                Stream.of(NewAircraft.Kind.values()).map(k -> NewAircraft.of(k, "Neu")));
    }

    /** Whoever has built his aircraft as he entered it passes every card: no alarm without a fault. */
    @ParameterizedTest
    @MethodSource("built")
    void aSoundAircraftPassesEveryCard(Setup setup) {
        for (BenchCard card : BenchCards.of(setup)) {
            for (long seed = 1; seed <= 3; seed++) {
                Map<String, Double> given = BenchCards.answered(card.id(), setup, seed);
                assertEquals(
                        List.of(),
                        card.wrong(given),
                        setup.name() + ", " + card.id().title());
                assertTrue(card.passed(given), setup.name() + ", " + card.id().title());
            }
        }
    }

    /** Every fault of theirs is found, too; a wing has fewer surfaces and fewer faults. */
    @ParameterizedTest
    @MethodSource("built")
    void everyFaultIsFoundAndLooksLikeNoOther(Setup setup) {
        Map<Planted, Map<String, String>> found = Planted.withSigns(setup);
        assertTrue(found.size() >= 40, setup.name() + ": " + found.size());
        assertEquals(found.size(), Set.copyOf(found.values()).size());
        Training round = Training.begin(setup, 1, setup.name().hashCode());
        List<CardId> run = BenchCards.of(setup).stream().map(BenchCard::id).collect(Collectors.toList());
        assertEquals(round.hidden(), round.left(found, run));
    }

    /** What the model flies of a loss ends in a sentence, whatever the aircraft. */
    @ParameterizedTest
    @MethodSource("built")
    void aLostLinkBringsItHome(Setup setup) {
        Optional<LossFlight> flown = LossFlight.of(setup, Loss.LINK, Loss.Phase.AWAY);
        assertEquals(setup.motorPosition().isPresent(), flown.isPresent(), "without a motor there is nothing to fly");
        if (flown.isEmpty()) {
            return;
        }
        LossFlight away = flown.get();
        assertTrue(away.whole(), setup.name() + ": " + away.sentence());
        // half a kilometre out, a minute later it is nearer, or home and circling
        assertTrue(away.away() < 500, setup.name() + ": " + away.sentence());
    }

    @ParameterizedTest
    @MethodSource("built")
    void fullSticksTurnIt(Setup setup) {
        var rates = StickRates.of(setup);
        if (!rates.isEmpty()) {
            assertTrue(
                    rates.get(0).value() > 0.3,
                    setup.name() + ": roll " + rates.get(0).value());
            assertTrue(
                    rates.get(1).value() > 0.1,
                    setup.name() + ": pitch " + rates.get(1).value());
        }
    }

    /** The board that lives moves each output as rows and mixes say: a second way to the same pulse. */
    @Property(tries = 60, seed = "31")
    void theBoardThatLivesMixesAsTheArithmetic(
            @ForAll @IntRange(min = 0, max = 7) int preset,
            @ForAll @DoubleRange(min = -1, max = 1) double roll,
            @ForAll @DoubleRange(min = -1, max = 1) double pitch,
            @ForAll @DoubleRange(min = 0, max = 1) double flaps) {
        Setup base = DemoAircraft.seeschwalbe();
        ControlSetup controls = MixPreset.values()[preset].apply(base.controls(), false);
        Setup setup = base.withControls(controls);
        LiveBoard board = new LiveBoard(setup);
        board.put(board.inputs().with(new Sticks(roll, pitch, 0.5, 0)).flapped(flaps));
        board.advance(2);
        var rates = controls.rates();
        for (LiveBoard.Seen seen : board.seen()) {
            Output o = seen.output();
            if (o.surface().isMotor()) {
                continue;
            }
            double mixed = Mixing.of(
                    controls,
                    o,
                    rates.shape(roll, rates.roll()),
                    rates.shape(pitch, rates.pitch()),
                    rates.shape(0.5, rates.yaw()),
                    0,
                    flaps);
            assertEquals(o.pulse(mixed), seen.pulse(), 0.6, o.surface().label());
        }
    }

    /** A trim that is carried leaves every surface where it was, through any preset and sense; a servo reversed twice is the same. */
    @Property(tries = 80, seed = "32")
    void carriedTrimsLeaveSurfacesWhereTheyWere(
            @ForAll @IntRange(min = 0, max = 7) int preset,
            @ForAll @IntRange(min = 0, max = 31) int turned,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double roll,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double pitch) {
        ControlSetup controls =
                MixPreset.values()[preset].apply(DemoAircraft.seeschwalbe().controls(), false);
        List<Output> outputs = controls.outputs();
        for (int i = 0; i < outputs.size(); i++) {
            if ((turned >> i & 1) == 1) {
                Output o = outputs.get(i);
                controls = controls.change(o.surface(), Output::turnedRound);
                assertEquals(o, o.turnedRound().turnedRound());
            }
        }
        ControlSetup trimmed = controls.withTrims(new RadioTrims(roll, pitch, 0));
        ControlSetup carried = trimmed.trimsCarried();
        for (Output o : trimmed.surfaces()) {
            double before = o.deflection(o.unlimitedPulse(o.mix().mix(roll, pitch, 0, 0)));
            Output after = carried.output(o.surface()).orElseThrow();
            assertEquals(
                    before,
                    after.deflection(after.centreMicros()),
                    2e-4,
                    o.surface().label());
        }
    }

    /** Switches and flaps reach the board: a mix on a switch acts only in its last position. */
    @Test
    void switchesReachTheBoard() {
        Setup base = DemoAircraft.seeschwalbe();
        Setup mixed =
                base.withControls(base.controls().withExtras(List.of(ExtraMix.powerToPitch(0.2, 0.5, "mix", true))));
        StandIn standIn = new StandIn(mixed, List.of());
        LiveBoard board = standIn.board();
        board.advance(2);
        double off = board.seen().get(2).pulse();
        board.put(board.inputs().switches(Set.of("mix")));
        board.advance(2);
        assertEquals(100, Math.abs(board.seen().get(2).pulse() - off), 0.6);
        board.put(board.inputs().switches(Set.of("another")));
        board.advance(2);
        assertEquals(off, board.seen().get(2).pulse(), 0.6);
    }

    /** An aircraft without anything that a card is about is not asked for it; one without surfaces still has its other cards. */
    @Test
    void cardsAreThoseThatMakeSense() {
        Setup bare = DemoAircraft.rochen();
        Setup none = bare.withControls(bare.controls().withOutputs(List.of()));
        List<CardId> ids = BenchCards.of(none).stream().map(BenchCard::id).toList();
        assertFalse(ids.contains(CardId.STICK_TO_SURFACE) || ids.contains(CardId.CENTRES_AND_THROWS));
        assertTrue(ids.contains(CardId.SIX_FACES) && ids.contains(CardId.RANGE_WALK));
        for (CardId id : ids) {
            assertTrue(BenchCards.card(id, none).orElseThrow().passed(BenchCards.answered(id, none, 1)), id.title());
        }
        Setup glider = bare.withPropulsion(bare.propulsion().withDrives(List.of()));
        assertEquals(Optional.empty(), BenchCards.card(CardId.MOTOR_RUN, glider));
        assertTrue(BenchCards.card(CardId.SCALES, glider)
                .orElseThrow()
                .passed(BenchCards.answered(CardId.SCALES, glider, 1)));
    }
}
