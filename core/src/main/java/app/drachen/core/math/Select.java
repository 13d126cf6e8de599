package app.drachen.core.math;

/**
 * The number that would stand at a place if numbers were sorted, without sorting them all.
 *
 * <p>Source: C. A. R. Hoare, "Algorithm 65: Find", 1961, with the middle of three as the pivot.
 */
public final class Select {
    private Select() {}

    /**
     * The number at a place. Numbers are moved about; what is no number counts as the largest, as sorting has it.
     *
     * @param values numbers [any unit]
     * @param count how many of them, from the first on; above 0
     * @param place 0 for the least, count − 1 for the largest
     * @return what would stand there [as the numbers]
     */
    public static double nth(double[] values, int count, int place) {
        int high = count - 1;
        for (int i = 0; i <= high; ) {
            if (Double.isNaN(values[i])) {
                swap(values, i, high--);
            } else {
                i++;
            }
        }
        if (place > high) {
            return values[place];
        }
        int low = 0;
        while (low < high) {
            double pivot = middle(values[low], values[(low + high) >>> 1], values[high]);
            int i = low;
            int j = high;
            while (i <= j) {
                while (values[i] < pivot) {
                    i++;
                }
                while (values[j] > pivot) {
                    j--;
                }
                if (i <= j) {
                    swap(values, i++, j--);
                }
            }
            if (place <= j) {
                high = j;
            } else if (place >= i) {
                low = i;
            } else {
                return values[place];
            }
        }
        return values[place];
    }

    private static double middle(double a, double b, double c) {
        return Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
    }

    private static void swap(double[] values, int i, int j) {
        double value = values[i];
        values[i] = values[j];
        values[j] = value;
    }
}
