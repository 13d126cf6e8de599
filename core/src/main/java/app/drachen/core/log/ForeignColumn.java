package app.drachen.core.log;

/**
 * A column of a foreign file as far as it was looked at.
 *
 * @param header its header
 * @param unit what a row of units below the headers says, empty if there is none
 * @param numbers the looked-at fields as numbers [unit of the file], NaN where a field is none; rows as in the file
 */
public record ForeignColumn(String header, String unit, double[] numbers) {
    public ForeignColumn {
        numbers = numbers.clone();
    }

    @Override
    public double[] numbers() {
        return numbers.clone();
    }

    /**
     * @return greatest size of a number [unit of the file], 0 without numbers
     */
    double greatest() {
        double greatest = 0;
        for (double number : numbers) {
            greatest = Math.max(greatest, Double.isNaN(number) ? 0 : Math.abs(number));
        }
        return greatest;
    }

    /**
     * @return least number [unit of the file], 0 without numbers
     */
    double least() {
        double least = Double.POSITIVE_INFINITY;
        for (double number : numbers) {
            least = Double.isNaN(number) ? least : Math.min(least, number);
        }
        return Double.isInfinite(least) ? 0 : least;
    }

    /** Whether the file gave it no header. */
    boolean nameless() {
        return header.matches("column [0-9]+");
    }

    /** How many of the fields are numbers. */
    int filled() {
        int filled = 0;
        for (double number : numbers) {
            filled += Double.isNaN(number) ? 0 : 1;
        }
        return filled;
    }

    /** Whether all numbers are whole. */
    boolean whole() {
        for (double number : numbers) {
            if (!Double.isNaN(number) && number != Math.rint(number)) {
                return false;
            }
        }
        return filled() > 0;
    }
}
