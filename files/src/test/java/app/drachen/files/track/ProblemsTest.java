package app.drachen.files.track;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.files.ImportProblem;
import org.junit.jupiter.api.Test;

/** A thousand troubles of a kind are one line; none is lost without a count. */
class ProblemsTest {
    private final Problems problems = new Problems();

    @Test
    void whatHappensOftenIsToldOnceWithItsFirstPlace() {
        for (int line = 7; line < 1_007; line++) {
            problems.note(line, "height", "x" + line, "is no number; left empty");
        }
        problems.note(9, "speed", "fast", "is no number; left empty");
        problems.note("the file ends in the middle of a line");
        assertEquals(3, problems.list().size());
        ImportProblem first = problems.list().get(0);
        assertEquals(7, first.line());
        assertEquals("height", first.column());
        assertEquals("x7", first.text());
        assertEquals("is no number; left empty (1000 times, first here)", first.message());
        assertEquals("is no number; left empty", problems.list().get(1).message());
        assertEquals(0, problems.list().get(2).line());
    }

    @Test
    void kindsBeyondTwoHundredAreCounted() {
        for (int kind = 0; kind < 260; kind++) {
            problems.note(kind + 1, "column " + kind, "", "left out");
        }
        assertEquals(201, problems.list().size());
        assertEquals("60 more troubles of other kinds", problems.list().get(200).message());
    }

    @Test
    void whatStoodThereIsShortAndPlain() {
        problems.note(1, "note", "a\tb\u0007" + "long ".repeat(40), "left out");
        String text = problems.list().get(0).text();
        assertTrue(text.startsWith("a·b·long"), text);
        assertTrue(text.length() <= 41 && text.endsWith("…"), text);
    }
}
