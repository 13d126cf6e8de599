package app.drachen.files.heights;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.HeightGrid;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeightGridReaderTest {
    @TempDir
    private Path folder;

    private HeightGrid read(String text) throws Exception {
        Path file = Files.writeString(folder.resolve("land.asc"), text);
        return HeightGridReader.read(file, Progress.NONE);
    }

    /** The example layout of Esri's documentation: corner or centre, any letters, unknown cells, rows from the north. */
    @Test
    void rowsComeFromTheNorthAndCornersMayBeCentres() throws Exception {
        HeightGrid grid = read("NCOLS 3\nnrows 2\nxllcorner 100\nyllcorner 200\ncellsize 50\nNODATA_value -9999\n"
                + "1 2 3\n4 -9999 6.5\n");
        assertEquals(1, grid.at(101, 299));
        assertEquals(6.5, grid.at(249, 201));
        assertTrue(Double.isNaN(grid.at(175, 225)), "unknown");
        assertTrue(Double.isNaN(grid.at(99, 225)), "outside");
        assertEquals(125, grid.east(0));
        assertEquals(275, grid.north(0));
        HeightGrid centred = read("ncols 1\r\nnrows 1\r\nxllcenter 125\r\nyllcenter 225\r\ncellsize 50\r\n7\r\n");
        assertEquals(7, centred.at(101, 201));
    }

    @ParameterizedTest
    @CsvSource({
        "ncols 2 nrows 2 xllcorner 0 yllcorner 0 cellsize 0.0002, degrees",
        "ncols 2 nrows 2 xllcorner 0 yllcorner 0, cellsize",
        "ncols 2.5 nrows 2 xllcorner 0 yllcorner 0 cellsize 5, whole number",
        "ncols 90000 nrows 90000 xllcorner 0 yllcorner 0 cellsize 5, cut out",
        "ncols 2 nrows 2 cellsize 5, xllcorner",
        "ncols 3 nrows 2 xllcorner 0 yllcorner 0 cellsize 5, ends early",
        "ncols 1 nrows 2 xllcorner 0 yllcorner 0 cellsize 5, more heights",
        "ncols x nrows 2 xllcorner 0 yllcorner 0 cellsize 5, no number",
    })
    void whatIsWrongIsSaidWithItsLine(String header, String said) {
        String text = header.replaceAll("(\\S+) (\\S+) ?", "$1 $2\n") + "1 2\n3 4\n";
        String told =
                assertThrows(ImportFailedException.class, () -> read(text)).getMessage();
        assertTrue(told.startsWith("land.asc, line ") && told.contains(said), told);
    }
}
