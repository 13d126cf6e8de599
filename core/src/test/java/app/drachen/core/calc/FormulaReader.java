package app.drachen.core.calc;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Computes a formula as it is shown, from nothing but its text and the values of its symbols: as a pilot would who knows
 * how formulas are read, and nothing of this program. Clauses stand after commas; what stands after a semicolon or
 * {@code " in "} is a remark.
 */
final class FormulaReader {
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉";
    private static final Map<String, Double> PARTS = Map.of("½", 0.5, "⅓", 1 / 3.0, "⅔", 2 / 3.0, "¼", 0.25);
    private static final Map<String, DoubleUnaryOperator> FUNCTIONS = Map.ofEntries(
            Map.entry("sin", Math::sin),
            Map.entry("cos", Math::cos),
            Map.entry("tan", Math::tan),
            Map.entry("asin", Math::asin),
            Map.entry("acos", Math::acos),
            Map.entry("atan", Math::atan),
            Map.entry("ln", Math::log),
            Map.entry("log₁₀", Math::log10),
            Map.entry("exp", Math::exp),
            Map.entry("ceil", Math::ceil),
            Map.entry("floor", Math::floor));
    private static final Map<String, Double> UNITS = Map.of("km", 1000.0, "m", 1.0, "h", 3600.0, "Ω m", 1.0);

    private final Map<String, Double> values = new LinkedHashMap<>();
    private final Map<String, String> definitions = new LinkedHashMap<>();
    private final String main;
    private Optional<String> name = Optional.empty();
    private List<String> symbols = List.of();

    /** Reads a formula with the values of some symbols. */
    FormulaReader(String formula, Map<String, Double> known) {
        values.put("g", 9.80665);
        values.put("c", 299_792_458.0);
        values.putAll(known);
        List<String> clauses = clauses(formula.split("; | in ")[0]);
        String first = clauses.get(0);
        for (String clause : clauses) {
            int equals = clause.indexOf(" = ");
            if (equals > 0 && clause.substring(0, equals).matches("[^ ()·]+")) {
                String left = clause.substring(0, equals);
                // what is given counts more than what is usual
                if (clause.equals(first) || !known.containsKey(left)) {
                    definitions.put(left, clause.substring(equals + 3));
                }
                if (clause.equals(first)) {
                    name = Optional.of(left);
                    first = clause.substring(equals + 3);
                }
            }
        }
        main = first;
        List<String> all = new ArrayList<>(values.keySet());
        all.addAll(definitions.keySet());
        all.add("π");
        // mᵢ stands for m₁, m₂ …
        Matcher indexed = Pattern.compile("\\p{L}ᵢ").matcher(formula);
        while (indexed.find()) {
            all.add(indexed.group());
        }
        all.sort(Comparator.comparingInt(String::length).reversed());
        symbols = all;
    }

    private static List<String> clauses(String text) {
        List<String> clauses = new ArrayList<>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            depth += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
            if (depth == 0 && text.startsWith(", ", i)) {
                clauses.add(text.substring(from, i));
                from = i + 2;
            }
        }
        clauses.add(text.substring(from));
        return clauses;
    }

    /** The symbol it gives a value to, if it has one. */
    Optional<String> name() {
        return name;
    }

    double value() {
        return new Text(main, 0).whole();
    }

    private double symbol(String symbol, int index) {
        if (symbol.equals("π")) {
            return Math.PI;
        }
        if (symbol.endsWith("ᵢ") && definitions.containsKey(symbol)) {
            return new Text(definitions.get(symbol), index).whole();
        }
        String indexed =
                symbol.endsWith("ᵢ") ? symbol.substring(0, symbol.length() - 1) + LOWERED.charAt(index) : symbol;
        boolean defined = definitions.containsKey(indexed) && !name.equals(Optional.of(indexed));
        Double value =
                defined ? Double.valueOf(new Text(definitions.get(indexed), index).whole()) : values.get(indexed);
        if (value == null) {
            throw new NoSuchElementException("nobody says what " + indexed + " is");
        }
        return value;
    }

    /** An expression being read from left to right. */
    private final class Text {
        private final String text;
        private final int index;
        private int at;
        private boolean inBars;

        Text(String text, int index) {
            this.text = text;
            this.index = index;
        }

        double whole() {
            double value = sum();
            if (at < text.length()) {
                throw new IllegalArgumentException("cannot read on at “" + text.substring(at) + "” of “" + text + "”");
            }
            return value;
        }

        private void blanks() {
            while (at < text.length() && (text.charAt(at) == ' ' || text.charAt(at) == '\u00a0')) {
                at++;
            }
        }

        private boolean take(String what) {
            blanks();
            boolean there = text.startsWith(what, at);
            at += there ? what.length() : 0;
            return there;
        }

        private double sum() {
            double value = product();
            while (true) {
                if (take("+")) {
                    value += product();
                } else if (take("−")) {
                    value -= product();
                } else {
                    return value;
                }
            }
        }

        private double product() {
            double value = signed();
            while (true) {
                blanks();
                if (take("·") || take("×")) {
                    value *= signed();
                } else if (take("/")) {
                    value /= signed();
                } else if (at < text.length() && begins()) {
                    value *= power();
                } else {
                    return value;
                }
            }
        }

        private boolean begins() {
            char c = text.charAt(at);
            return Character.isLetterOrDigit(c)
                    || "(√Σ½⅓⅔¼∑".indexOf(c) >= 0
                    || c == '|' && !inBars
                    || known().isPresent();
        }

        private double signed() {
            return take("−") ? -signed() : power();
        }

        private double power() {
            double value = primary();
            while (at < text.length()) {
                int raised = RAISED.indexOf(text.charAt(at));
                if (raised >= 0) {
                    value = Math.pow(value, raised);
                    at++;
                } else if (text.charAt(at) == '°') {
                    value = Math.toRadians(value);
                    at++;
                } else if (text.charAt(at) == '^') {
                    at++;
                    value = Math.pow(value, take("−") ? -primary() : primary());
                } else {
                    break;
                }
            }
            return value;
        }

        private Optional<String> known() {
            return symbols.stream().filter(s -> text.startsWith(s, at)).findFirst();
        }

        private double inParentheses() {
            double value = sum();
            if (!take(")")) {
                throw new IllegalArgumentException("a parenthesis does not close in “" + text + "”");
            }
            return value;
        }

        private double primary() {
            blanks();
            if (take("(")) {
                return inParentheses();
            }
            if (take("√")) {
                return Math.sqrt(primary());
            }
            if (take("Σ")) {
                return summed();
            }
            for (String name : List.of("max(", "min(", "atan2(")) {
                if (take(name)) {
                    double one = sum();
                    take(",");
                    double other = inParentheses();
                    return name.equals("max(")
                            ? Math.max(one, other)
                            : name.equals("min(") ? Math.min(one, other) : Math.atan2(one, other);
                }
            }
            Optional<String> symbol = known();
            if (symbol.isEmpty() && take("E(")) {
                return ellipse(inParentheses());
            }
            for (Map.Entry<String, DoubleUnaryOperator> function : FUNCTIONS.entrySet()) {
                String name = function.getKey();
                boolean longerSymbol = symbol.isPresent() && symbol.get().length() > name.length();
                if (!longerSymbol && text.startsWith(name, at) && argumentAt(at + name.length())) {
                    at += name.length();
                    int raised = RAISED.indexOf(text.charAt(at));
                    at += raised >= 0 ? 1 : 0;
                    double value = function.getValue().applyAsDouble(primary());
                    return raised >= 0 ? Math.pow(value, raised) : value;
                }
            }
            if (symbol.isPresent()) {
                at += symbol.get().length();
                return symbol(symbol.get(), index);
            }
            if (take("|")) {
                inBars = true;
                double value = Math.abs(sum());
                inBars = false;
                if (!take("|")) {
                    throw new IllegalArgumentException("a bar does not close in “" + text + "”");
                }
                return value;
            }
            for (Map.Entry<String, Double> part : PARTS.entrySet()) {
                if (take(part.getKey())) {
                    return part.getValue();
                }
            }
            return number();
        }

        private boolean argumentAt(int place) {
            return place < text.length() && !Character.isLetter(text.charAt(place));
        }

        private double number() {
            int from = at;
            while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
                at++;
            }
            if (from == at) {
                throw new IllegalArgumentException("cannot read “" + text.substring(from) + "” of “" + text + "”");
            }
            double value = Double.parseDouble(text.substring(from, at));
            for (Map.Entry<String, Double> unit : UNITS.entrySet()) {
                int end = at + 1 + unit.getKey().length();
                boolean ends = end == text.length() || end < text.length() && !Character.isLetter(text.charAt(end));
                if (text.startsWith(" " + unit.getKey(), at) && ends) {
                    at = end;
                    return value * unit.getValue();
                }
            }
            return value;
        }

        /** The sum over all that are given. */
        private double summed() {
            int from = at;
            double total = 0;
            for (int i = 1; i < 10; i++) {
                Text one = new Text(text, i);
                one.at = from;
                try {
                    total += one.power();
                } catch (NoSuchElementException e) {
                    // this one was not given
                    one.skip(from);
                }
                at = one.at;
            }
            return total;
        }

        private void skip(int from) {
            at = from;
            int depth = 0;
            do {
                depth += text.charAt(at) == '(' ? 1 : text.charAt(at) == ')' ? -1 : 0;
                at++;
            } while (at < text.length()
                    && (depth > 0 || text.charAt(at) == 'ᵢ' || RAISED.indexOf(text.charAt(at)) >= 0));
        }

        /** Complete elliptic integral of the second kind, by its power series (Abramowitz and Stegun 17.3.12). */
        private double ellipse(double k) {
            double term = 1;
            double value = 1;
            for (int n = 1; n < 4_000; n++) {
                term *= Math.pow((2 * n - 1) / (2.0 * n), 2) * k * k;
                value -= term / (2 * n - 1);
            }
            return value * Math.PI / 2;
        }
    }
}
