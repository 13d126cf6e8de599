package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.Boards;
import app.drachen.files.json.BoardJson;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Board profiles go out and come in unchanged; what is wrong is told with file, place and remedy. */
class BoardJsonTest {
    @TempDir
    private Path folder;

    @Test
    void everyBoardThatShipsIsReadAsItWasWritten() throws Exception {
        for (Board board : Boards.all()) {
            Path file = folder.resolve(board.name() + ".json");
            BoardJson.write(board, file);
            assertEquals(board, BoardJson.read(file));
            // each output of an own timer group, each rail known to its places
            board.places().stream()
                    .filter(p -> p.powered())
                    .forEach(p -> assertTrue(board.rail(p.rail()).isPresent(), board.name() + " " + p.name()));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"format\" : \"drachen-board\" | \"format\" : \"something\" | no board profile",
                "\"version\" : 1 | \"version\" : 9 | newer Drachen",
                "\"feed\" : \"SWITCHING\" | \"feed\" : \"magic\" | feed",
                "\"amps\" : 2.0 | \"amps\" : -2.0 | amps",
                "\"name\" : \"port 1\" | \"name\" : \"port 2\" | same name",
                "\"group\" : 1 | \"group\" : 99 | timer group",
                "\"rails\" | \"rals\" | rails"
            })
    void whatIsWrongIsToldInOneSentence(String was, String is, String named) throws Exception {
        Path file = folder.resolve("odd board.json");
        BoardJson.write(Boards.kiebitz(), file);
        String text = Files.readString(file);
        assertTrue(text.contains(was), was);
        Files.writeString(file, text.replaceFirst(java.util.regex.Pattern.quote(was), is));
        String told = assertThrows(ImportFailedException.class, () -> BoardJson.read(file))
                .getMessage();
        assertTrue(told.startsWith("odd board.json") && told.contains(named), told);
        assertEquals(1, told.lines().count(), told);
    }

    @Test
    void whatIsNoFileOrNoTextIsRefused() throws Exception {
        assertThrows(ImportFailedException.class, () -> BoardJson.read(folder.resolve("nowhere.json")));
        assertThrows(ImportFailedException.class, () -> BoardJson.read(folder));
        Path bytes = Files.write(folder.resolve("bytes.json"), new byte[] {(byte) 0xC3, (byte) 0x28, 0, 1});
        assertThrows(ImportFailedException.class, () -> BoardJson.read(bytes));
        Path empty = Files.writeString(folder.resolve("empty.json"), "");
        assertThrows(ImportFailedException.class, () -> BoardJson.read(empty));
    }
}
