package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.files.hangar.Hangar;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class NewFileTest {
    @TempDir
    Path folder;

    private static String refused(Path file, NewFile.Writing writing) {
        return assertThrows(NotWrittenException.class, () -> NewFile.write(file, writing))
                .getMessage();
    }

    private long files() throws IOException {
        try (var all = Files.list(folder)) {
            return all.count();
        }
    }

    @Test
    void whateverFailsTheOldFileIsThere() throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), "old");
        Path bystander = Files.writeString(folder.resolve("log.csv.new"), "somebody's");
        assertTrue(
                refused(file, fresh -> {
                            Files.writeString(fresh, "half");
                            throw new IOException("No space left on device");
                        })
                        .equals(
                                "log.csv: the disk is full; make room and write it again, what was there before is still there"));
        assertTrue(refused(file, fresh -> {
                    throw new UncheckedIOException(new IOException("No space left on device"));
                })
                .contains("disk is full"));
        assertThrows(
                IllegalStateException.class,
                () -> NewFile.write(file, fresh -> {
                    Files.writeString(fresh, "half");
                    throw new IllegalStateException("an error of the program");
                }));
        assertEquals("old", Files.readString(file));
        assertEquals("somebody's", Files.readString(bystander));
        assertEquals(2, files(), "nothing is left behind");
        NewFile.write(file, fresh -> Files.writeString(fresh, "new"));
        assertEquals("new", Files.readString(file));
        assertEquals(2, files());
    }

    @Test
    void throughALinkTheFileItselfIsWritten() throws Exception {
        Path file = Files.writeString(folder.resolve("real.csv"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.csv"), file);
        NewFile.write(link, fresh -> Files.writeString(fresh, "new"));
        assertTrue(Files.isSymbolicLink(link));
        assertEquals("new", Files.readString(file));
    }

    @Test
    void someThingsAreNeverWrittenOver() throws Exception {
        Path hangar = folder.resolve("h.drachen");
        Hangar.open(hangar).close();
        Path empty = Files.createDirectory(folder.resolve("empty"));
        Path nowhere = Files.createSymbolicLink(folder.resolve("nowhere"), folder.resolve("gone"));
        NewFile.Writing writing = fresh -> Files.writeString(fresh, "x");
        assertTrue(refused(hangar, writing).contains("never written over"));
        assertTrue(refused(empty, writing).contains("this is a folder"));
        assertTrue(refused(nowhere, writing).contains("leads nowhere"));
        assertTrue(refused(folder.resolve("no/such"), writing).contains("there is no folder"));
        assertTrue(NewFile.isDatabase(hangar) && Files.isDirectory(empty));
        assertFalse(Files.exists(folder.resolve("gone")));
    }

    @Test
    void aFileThatIsThereIsReplacedOnlyByForceAndASourceNever() throws Exception {
        Path file = Files.writeString(folder.resolve("a.csv"), "old");
        Path same = Files.createSymbolicLink(folder.resolve("same.csv"), file);
        NewFile.allow(folder.resolve("b.csv"), false, file);
        assertThrows(NotWrittenException.class, () -> NewFile.allow(file, false));
        NewFile.allow(file, true);
        String told = assertThrows(NotWrittenException.class, () -> NewFile.allow(same, true, file))
                .getMessage();
        assertEquals("same.csv: this is the file that is read; choose another name", told);
    }

    @Test
    void whatAKillLeftIsSweptAndWhatALivingProgramWritesIsNot() throws Exception {
        long gone = 999_999_999_999L;
        Path left = Files.writeString(folder.resolve(".drachen-" + gone + "-3.new"), "half");
        Path living = Files.writeString(
                folder.resolve(".drachen-" + ProcessHandle.current().pid() + "-999999.new"), "half");
        NewFile.write(folder.resolve("x.csv"), fresh -> Files.writeString(fresh, "x"));
        assertFalse(Files.exists(left));
        assertTrue(Files.exists(living));
    }
}
