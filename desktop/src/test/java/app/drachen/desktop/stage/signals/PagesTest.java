package app.drachen.desktop.stage.signals;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.signals.Page;
import app.drachen.core.signals.Value;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How pages of two aircraft differ, in words; and that what stands on one never covers anything else. */
class PagesTest {
    private static final Page NEAR =
            new Page("near", List.of(new Page.Cell(Value.HEIGHT, 2, 2), new Page.Cell(Value.TIME, 10, 2)));
    private static final Page BLANK = new Page("blank", List.of());

    @Test
    void differencesAreToldInWords() {
        assertEquals("", PagesForm.differences(List.of(NEAR, BLANK), List.of(NEAR, BLANK)));
        assertEquals("", PagesForm.differences(List.of(), List.of()));
        assertEquals("none at all", PagesForm.differences(List.of(NEAR), List.of()));
        assertEquals("no page blank", PagesForm.differences(List.of(NEAR, BLANK), List.of(NEAR)));
        assertEquals("a page blank", PagesForm.differences(List.of(NEAR), List.of(NEAR, BLANK)));
        assertEquals(
                "height elsewhere on near",
                PagesForm.differences(List.of(NEAR), List.of(NEAR.moving(Value.HEIGHT, 20, 5))));
        assertEquals(
                "mode too on near",
                PagesForm.differences(
                        List.of(NEAR), List.of(NEAR.adding(Value.MODE).orElseThrow())));
    }

    @Test
    void aPageFillsUpAndNothingStandsOverAnything() {
        Page page = BLANK;
        for (Value value : Value.values()) {
            page = page.adding(value).orElseThrow();
        }
        assertEquals(Value.values().length, page.cells().size());
        for (Page.Cell a : page.cells()) {
            for (Page.Cell b : page.cells()) {
                boolean apart = a == b
                        || a.row() != b.row()
                        || a.column() + a.value().width() < b.column()
                        || b.column() + b.value().width() < a.column();
                assertTrue(apart, a + " touches " + b);
            }
        }
        assertTrue(assertThrows(IllegalArgumentException.class, () -> NEAR.moving(Value.TIME, 4, 2))
                .getMessage()
                .contains("height and time"));
        assertThrows(IllegalArgumentException.class, () -> new Page.Cell(Value.POSITION, 20, 1));
        Page full = BLANK;
        Optional<Page> more = Optional.of(full);
        while (more.isPresent()) {
            full = more.get();
            more = full.adding(Value.POSITION);
        }
        assertEquals(Page.ROWS, full.cells().size(), "one a row, for it is wide");
    }
}
