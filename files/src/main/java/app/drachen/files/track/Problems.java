package app.drachen.files.track;

import app.drachen.files.ImportProblem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Collects what was repaired or left out; the same thing a thousand times is told once, with its count. */
public final class Problems {
    private static final int MOST_KINDS = 200;

    private final Map<String, Counted> found = new LinkedHashMap<>();
    private long beyond;

    private static final class Counted {
        private final ImportProblem first;
        private long times = 1;

        private Counted(ImportProblem first) {
            this.first = first;
        }
    }

    /**
     * Notes a problem.
     *
     * @param line counted from 1; 0 for the whole file
     * @param column name of the column, may be empty
     * @param text what stood there
     * @param message what was done about it
     */
    public void note(long line, String column, String text, String message) {
        String key = column + '\n' + message;
        Counted before = found.get(key);
        if (before != null) {
            before.times++;
        } else if (found.size() < MOST_KINDS) {
            found.put(key, new Counted(new ImportProblem((int) line, column, shortened(text), message)));
        } else {
            beyond++;
        }
    }

    /** Notes something about the whole file. */
    public void note(String message) {
        note(0, "", "", message);
    }

    private static String shortened(String text) {
        String clean = text.replaceAll("\\p{Cntrl}", "·");
        return clean.length() > 40 ? clean.substring(0, 40) + "…" : clean;
    }

    /** What was found, in the order of its first place. */
    public List<ImportProblem> list() {
        List<ImportProblem> list = new ArrayList<>();
        for (Counted c : found.values()) {
            String more = c.times == 1 ? "" : " (" + c.times + " times, first here)";
            list.add(new ImportProblem(c.first.line(), c.first.column(), c.first.text(), c.first.message() + more));
        }
        if (beyond > 0) {
            list.add(new ImportProblem(0, "", "", beyond + " more troubles of other kinds"));
        }
        return list;
    }
}
