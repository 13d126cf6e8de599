package app.drachen.files.demo;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Surface;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.bench.BenchProofs;
import app.drachen.core.stages.signals.ChargeBack;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Progress;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** Makes the demo hangar: three invented aircraft at three points of the line. */
public final class DemoHangar {
    /** Setting under which the field of the day is kept. */
    public static final String FIELD = "field";

    private static final long DAY = 86_400;
    private static final int FLIGHTS = 11;

    private final Hangar hangar;
    private final long today;
    private final Progress progress;
    private int flown;

    private DemoHangar(Hangar hangar, long today, Progress progress) {
        this.hangar = hangar;
        this.today = today;
        this.progress = progress;
    }

    /**
     * Fills an empty hangar.
     *
     * @param hangar the hangar
     * @param clock tells what counts as now, and the day of the weather
     */
    public static void fill(Hangar hangar, Clock clock) {
        fill(hangar, clock, Progress.NONE);
    }

    /**
     * Fills an empty hangar.
     *
     * @param hangar the hangar
     * @param clock tells what counts as now, and the day of the weather
     * @param progress hears of every flight that is flown
     */
    public static void fill(Hangar hangar, Clock clock, Progress progress) {
        DemoHangar demo = new DemoHangar(hangar, clock.instant().getEpochSecond(), progress);
        hangar.keep(FIELD, SetupJson.writeField(DemoField.deichwiese().measured(LocalDate.now(clock))));
        hangar.keep(Hangar.HOME, "54.3120, 8.0870");
        hangar.keep(Hangar.DEMO, "invented aircraft and places");
        demo.rochen();
        progress.done(DemoAircraft.rochen().name());
        demo.strandlaeufer();
        progress.done(DemoAircraft.strandlaeufer().name());
        demo.seeschwalbe();
        progress.done(DemoAircraft.seeschwalbe().name());
    }

    private void prove(long aircraft, ProofKind kind, Evidence evidence, boolean passed, String note, int daysAgo) {
        prove(aircraft, kind, evidence, passed, note, daysAgo, Map.of());
    }

    private void prove(
            long aircraft,
            ProofKind kind,
            Evidence evidence,
            boolean passed,
            String note,
            int daysAgo,
            Map<String, Double> values) {
        var now = hangar.current(aircraft);
        hangar.add(
                aircraft,
                Proof.gained(kind, now.setup(), now.number(), today - daysAgo * DAY, evidence, passed, note, values));
    }

    /** Cards of the bench as the aircraft answered them. */
    private void cards(long aircraft, int daysAgo, CardId... cards) {
        Setup setup = hangar.current(aircraft).setup();
        for (CardId id : cards) {
            BenchCard card = BenchCards.card(id, setup).orElseThrow();
            Map<String, Double> given = BenchCards.answered(id, setup, 40 + id.ordinal());
            prove(
                    aircraft,
                    BenchProofs.of(id),
                    Evidence.REAL,
                    card.passed(given),
                    card.readings().size() + " answers as wanted",
                    daysAgo,
                    given);
        }
    }

    /** A weighing that agrees with the parts list but for the given differences. */
    private void weigh(long aircraft, double extraMass, double extraAft, int daysAgo) {
        var now = hangar.current(aircraft);
        MassProperties computed = now.setup().massProperties();
        double mass = computed.mass() + extraMass;
        double centre = computed.centre().aft() + extraAft;
        hangar.add(
                aircraft,
                Proof.gained(
                        ProofKind.WEIGHING,
                        now.setup(),
                        now.number(),
                        today - daysAgo * DAY,
                        Evidence.REAL,
                        true,
                        Quantity.MASS.text(mass) + ", CG " + Quantity.LENGTH.text(centre) + " behind the nose",
                        Map.of(
                                "mass",
                                mass,
                                "centre",
                                centre,
                                "computedMass",
                                computed.mass(),
                                "computedCentre",
                                computed.centre().aft())));
    }

    private void rochen() {
        Setup sound = DemoAircraft.rochen();
        Setup bench = DemoAircraft.rochenOnTheBench();
        long id = hangar.add(sound, "Drawn and built", today - 20 * DAY);
        weigh(id, 0.004, 0.001, 18);
        prove(id, ProofKind.HARNESS_CHECK, Evidence.REAL, true, "6 leads looked at", 14);
        prove(id, ProofKind.STICK_TO_SURFACE, Evidence.REAL, true, "All surfaces as wanted", 12);
        prove(id, ProofKind.PROPELLER_OFF, Evidence.REAL, true, "Off the shaft", 12);
        cards(id, 12, CardId.CHANNEL_ORDER, CardId.END_POINTS, CardId.LINKAGE_PULL, CardId.SIX_FACES);
        Setup servo = sound.withControls(sound.controls().change(Surface.RIGHT_ELEVON, Output::turnedRound));
        hangar.commit(id, servo, "Right elevon servo replaced", today - 3 * DAY);
        hangar.commit(
                id,
                servo.withControls(servo.controls().withTrims(new RadioTrims(0.06, 0, 0))),
                "Trim clicked in on the radio",
                today - 2 * DAY);
        hangar.commit(id, bench, "Selector weight raised on the radio", today - DAY);
    }

    private void strandlaeufer() {
        long id = hangar.add(DemoAircraft.strandlaeuferAsWired(), "Drawn and built", today - 30 * DAY);
        weigh(id, 0.006, -0.001, 9);
        hangar.commit(id, DemoAircraft.strandlaeuferFourCells(), "Pack 3S 2.9 Ah → 4S 2.6 Ah", today - DAY);
    }

    private void seeschwalbe() {
        Setup sound = DemoSignals.flawed(DemoAircraft.seeschwalbe());
        long id = hangar.add(sound, "Drawn and built", today - 90 * DAY);
        weigh(id, -0.003, 0.001, 80);
        prove(id, ProofKind.HARNESS_CHECK, Evidence.REAL, true, "9 leads looked at", 79);
        prove(id, ProofKind.STICK_TO_SURFACE, Evidence.REAL, true, "All surfaces as wanted", 78);
        prove(id, ProofKind.TILT_TO_SURFACE, Evidence.REAL, true, "All surfaces as wanted", 78);
        prove(id, ProofKind.PROPELLER_OFF, Evidence.REAL, true, "Off the shaft", 78);
        cards(
                id,
                78,
                CardId.CHANNEL_ORDER,
                CardId.END_POINTS,
                CardId.STICK_TO_OUTPUT,
                CardId.CENTRES_AND_THROWS,
                CardId.LINKAGE_PULL,
                CardId.SIX_FACES,
                CardId.LEVEL,
                CardId.ROTATION,
                CardId.READ_BACK,
                CardId.ARMING,
                CardId.LOSS_OF_LINK,
                CardId.MOTOR_RUN,
                CardId.SCALES,
                CardId.LOG_WORKS,
                CardId.RANGE_WALK,
                CardId.HOME_HEIGHT);
        Field calm = DemoField.evening();
        for (int i = 0; i < 4; i++) {
            fly(id, "first-flight", calm, 100 + i, 70 - 4 * i);
        }
        // so it is: ScatterTest flies them
        prove(
                id,
                ProofKind.REHEARSAL,
                Evidence.REHEARSED,
                true,
                "40 of 40 came down whole",
                76,
                Map.of(Scatter.FLIGHTS, 40.0, Scatter.WHOLE, 40.0));
        prove(id, ProofKind.MANUAL_FLOWN, Evidence.REAL, true, "Four flights", 60);
        prove(id, ProofKind.LEVEL_FLOWN, Evidence.REAL, true, "Settles in under 1 s", 56);
        for (int i = 0; i < 4; i++) {
            fly(id, "hold", DemoField.deichwiese(), 200 + i, 50 - 5 * i);
        }
        // the charger put back an eighth more than the sensor had shown, twice
        ChargeBack charges = new ChargeBack(List.of(
                new ChargeBack.Charge(1_290 * 3.6, 1_460 * 3.6, 1),
                new ChargeBack.Charge(1_508 * 3.6, 1_720 * 3.6, 1)));
        prove(
                id,
                ProofKind.CHARGE_BACK,
                Evidence.REAL,
                false,
                Quantity.SHARE.text(Math.abs(charges.off(1))) + " too little over 2 charges",
                30,
                charges.values());
        Setup quick = DemoSignals.flawed(DemoAircraft.seeschwalbePorpoising());
        hangar.commit(id, quick, "Height gain raised at the desk", today - 10 * DAY);
        String swing = "";
        for (int i = 0; i < 3; i++) {
            swing = fly(id, "hold", DemoField.deichwiese(), 300 + i, 8 - 2 * i);
        }
        prove(
                id,
                ProofKind.HOLD_FLOWN,
                Evidence.REAL,
                swing.isEmpty(),
                swing.isEmpty() ? "Straight and level" : swing,
                4);
    }

    /** Flies a card and keeps it as a flight; returns the debrief's word on swings, empty if none. */
    private String fly(long aircraft, String cardId, Field field, long seed, int daysAgo) {
        var now = hangar.current(aircraft);
        var card = CardPlans.byId(cardId).orElseThrow().forAircraft(now.setup(), field);
        Rehearsal flight = new Rehearsal(new RehearsalPlan(now.setup(), card, field, seed));
        progress.at((double) flown++ / FLIGHTS);
        flight.finish();
        hangar.logbook()
                .add(
                        aircraft,
                        new FlightRecord(
                                0,
                                now.number(),
                                today - daysAgo * DAY,
                                false,
                                cardId,
                                flight.outcome().orElseThrow().sentence()),
                        flight.log());
        return Debrief.of(flight.log(), now.setup(), field).findings().stream()
                .filter(f -> f.id().equals("TUNE-R10") && f.state() == State.STOP)
                .findFirst()
                .map(DemoHangar::inWords)
                .orElse("");
    }

    private static String inWords(Finding finding) {
        return finding.title() + ": " + finding.detail();
    }
}
