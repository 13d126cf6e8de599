package app.drachen.benchmarks;

import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.stages.Kits;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The search for places on a large board, with places for all and with too few, and all rules of Harness. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class HarnessBenchmark {
    private Wiring roomy;
    private Wiring crowded;
    private Situation demo;

    /** 16 outputs in 8 timer groups, 8 ports, 30 devices at two rates. */
    @org.openjdk.jmh.annotations.Setup(Level.Trial)
    public void prepare() {
        roomy = wiring(14);
        crowded = wiring(18);
        demo = Situation.of(DemoAircraft.strandlaeuferFourCells());
    }

    private static Wiring wiring(int pulses) {
        Random random = new Random(5);
        List<Place> places = new ArrayList<>();
        for (int i = 1; i <= 16; i++) {
            places.add(new Place(
                    "output " + i,
                    Signal.PULSE,
                    "servos",
                    (i + 1) / 2,
                    400,
                    Place.Inversion.NEVER,
                    "",
                    Signal.PULSE.pins()));
        }
        for (int i = 1; i <= 8; i++) {
            places.add(new Place(
                    "port " + i,
                    Signal.SERIAL,
                    "ports",
                    0,
                    460_800,
                    Place.Inversion.values()[i % 3],
                    "",
                    Signal.SERIAL.pins()));
        }
        Board board = new Board(
                "large",
                0.07,
                0.05,
                "forward",
                Board.Automation.FULL,
                0.5,
                0,
                Boards.kiebitz().rails(),
                places);
        HarnessSection h = HarnessSection.EMPTY.withBoard(board);
        for (int i = 0; i < 30; i++) {
            DeviceKind kind = i < pulses ? DeviceKind.SERVO : i < pulses + 8 ? DeviceKind.RECEIVER : DeviceKind.LIGHTS;
            Device device = Device.typical("device " + i, kind, "", "");
            if (i < pulses) {
                device = device.withWant(device.want().speaking("", random.nextInt(3) == 0 ? 400 : 50, false));
            }
            h = h.plus(device, Lead.of(device.name(), "", 24));
        }
        return Wiring.of(DemoAircraft.rochen().withHarness(h));
    }

    /** Places for all. */
    @Benchmark
    public long places() {
        return Assignment.of(roomy, Assignment.Aim.FEWEST_MOVES).moves();
    }

    /** Too few outputs, with who must give. */
    @Benchmark
    public long tooFew() {
        return Assignment.of(crowded, Assignment.Aim.FEWEST_MOVES).missing().size();
    }

    /** Every rule of Harness over the demo's faults. */
    @Benchmark
    public int rules() {
        return (int) Kits.of(Stage.HARNESS).rules().stream()
                .filter(r -> r.check(demo).blocks())
                .count();
    }
}
