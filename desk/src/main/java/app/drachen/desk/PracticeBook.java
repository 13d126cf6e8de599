package app.drachen.desk;

import app.drachen.desk.work.Lane;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** The rounds of practice, kept in the hangar: a line for each. Read in the background; a line that cannot be read is left out. */
public final class PracticeBook {
    private static final String SETTING = "practice";
    private static final int MOST = 500;

    private final Desk desk;
    private volatile List<Round> rounds = List.of();

    /**
     * A round that has ended.
     *
     * @param when it ended [s since 1970-01-01 UTC]
     * @param aircraft its name
     * @param hidden how many faults were hidden
     * @param found how many were found
     * @param checks how many cards were run
     * @param falsely how many causes were wrongly blamed
     * @param points 0 to 100
     */
    public record Round(long when, String aircraft, int hidden, int found, int checks, int falsely, int points) {
        private String line() {
            return when + "\t" + aircraft.replace('\t', ' ').replace('\n', ' ') + "\t" + hidden + "\t" + found + "\t"
                    + checks + "\t" + falsely + "\t" + points;
        }

        private static List<Round> read(String text) {
            List<Round> read = new ArrayList<>();
            for (String line : text.split("\n")) {
                String[] words = line.split("\t");
                try {
                    read.add(new Round(
                            Long.parseLong(words[0]),
                            words[1],
                            Integer.parseInt(words[2]),
                            Integer.parseInt(words[3]),
                            Integer.parseInt(words[4]),
                            Integer.parseInt(words[5]),
                            Integer.parseInt(words[6])));
                } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
                    // an empty or damaged line tells nothing; the others stay
                }
            }
            return read;
        }
    }

    /** The book of a desk. */
    public PracticeBook(Desk desk) {
        this.desk = desk;
        desk.jobs()
                .start(
                        Lane.KEEP,
                        desk,
                        running -> Round.read(desk.look(h -> h.setting(SETTING)).orElse("")),
                        read -> {
                            List<Round> all = new ArrayList<>(read);
                            all.addAll(rounds);
                            rounds = List.copyOf(all);
                        },
                        failed -> {});
    }

    /** Rounds so far, oldest first. */
    public List<Round> rounds() {
        return rounds;
    }

    /**
     * Keeps one more round.
     *
     * @param told what could not be kept
     */
    public void add(Round round, Consumer<String> told) {
        List<Round> all = new ArrayList<>(rounds);
        all.add(round);
        rounds = List.copyOf(all.subList(Math.max(0, all.size() - MOST), all.size()));
        String text =
                rounds.stream().map(Round::line).reduce((a, b) -> a + "\n" + b).orElse("");
        desk.jobs()
                .start(
                        Lane.KEEP,
                        desk,
                        running -> desk.look(h -> {
                            h.keep(SETTING, text);
                            return text;
                        }),
                        kept -> {},
                        told::accept);
    }

    /** How the practice goes, in one sentence; empty before the first round. */
    public String words() {
        if (rounds.isEmpty()) {
            return "";
        }
        int hidden = rounds.stream().mapToInt(Round::hidden).sum();
        int found = rounds.stream().mapToInt(Round::found).sum();
        int falsely = rounds.stream().mapToInt(Round::falsely).sum();
        double checks = rounds.stream().mapToInt(Round::checks).sum() / (double) Math.max(1, hidden);
        return rounds.size() + (rounds.size() == 1 ? " round" : " rounds") + " of practice: " + found + " of " + hidden
                + " faults found, " + falsely + " false blames, " + Math.round(checks * 10) / 10.0
                + " cards a fault; last " + rounds.get(rounds.size() - 1).points() + " points.";
    }
}
