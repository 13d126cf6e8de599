package app.drachen.desktop.trials;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Tries to lose data, to lock somebody out, to crash and to hang the program. In the suite each trial is short;
 * {@code ./drachen trials} runs them long and prints what was tried.
 */
public class TrialsTest {
    public static final long SEED = Long.getLong("drachen.trials.seed", 20_261_127);

    @TempDir
    Path folder;

    /** How often: the first number in the suite, the second by hand, a share of it if that is asked for. */
    public static int times(int few, int many) {
        return Boolean.getBoolean("drachen.trials")
                ? (int) Math.ceil(many * Double.parseDouble(System.getProperty("drachen.trials.share", "1")))
                : few;
    }

    public static void judge(Tally tally) {
        System.out.println(tally.figures());
        assertTrue(tally.tried() > 0, "something was tried");
        assertEquals(0, tally.faults(), tally.figures());
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "table", "gpx", "igc", "nmea", "setup", "board"})
    void readersTakeOrRefuseWhatWentWrong(String kind) throws Exception {
        assumeTrue(System.getProperty("drachen.trials.kind", kind).equals(kind), "another reader was asked for");
        judge(new Importers(folder).run(kind, SEED, times(150, 100_000)));
    }

    @Test
    void damagedHangarsOpenOrAreRefused() throws Exception {
        judge(new Hangars(folder).run(SEED, times(25, 1_000)));
    }

    @Test
    void oddFiguresAreReckonedWithOrRefused() throws Exception {
        judge(new Figures(folder).setups(SEED, times(400, 20_000)));
    }

    @Test
    void calculatorsAnswerOrRefuse() throws Exception {
        judge(new Figures(folder).calculators(SEED, times(2_000, 100_000)));
    }

    @Test
    void aKilledWriterLosesNothingItAcknowledged() throws Exception {
        judge(new Programs(folder).kills(SEED, times(10, 300)));
    }

    @Test
    void twoProgramsDoNotUndoEachOther() throws Exception {
        judge(new Programs(folder).atOnce(SEED, times(1, 40)));
    }
}
