package app.drachen.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What is wrong with a document, in words of the document and not of the program. */
final class JsonWords {
    private static final Pattern MISSING = Pattern.compile("(?:Missing|Null value for) creator property '(\\w+)'.*");
    private static final Pattern TWICE = Pattern.compile("Duplicate [Ff]ield '(.*)'.*", Pattern.DOTALL);
    private static final Pattern SIGN = Pattern.compile("Unexpected character \\('(.)'|Unrecognized token '([^']*)'");
    private static final Pattern KINDS = Pattern.compile("known type ids = \\[([a-z, ]+)]");
    private static final int LONGEST = 60;

    private JsonWords() {}

    /** What does not fit, and what to do. */
    static String of(JsonMappingException e) {
        return problem(e) + "; correct it and read the file again";
    }

    /** What breaks the rules of JSON. */
    static String broken(JsonProcessingException e) {
        String message = first(e.getOriginalMessage());
        Matcher twice = TWICE.matcher(message);
        if (twice.matches()) {
            return quoted(twice.group(1)) + " stands twice";
        }
        Matcher sign = SIGN.matcher(message);
        if (sign.find()) {
            return quoted(sign.group(1) == null ? sign.group(2) : sign.group(1)) + " does not belong here";
        }
        return message.startsWith("Unexpected end") ? "it ends too early" : "it does not follow the rules of JSON";
    }

    private static String problem(JsonMappingException e) {
        Throwable root = e;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        if (root instanceof UnrecognizedPropertyException unknown) {
            return quoted(unknown.getPropertyName()) + " is not known here";
        }
        if (root instanceof InvalidTypeIdException kind) {
            Matcher known = KINDS.matcher(first(kind.getOriginalMessage()));
            String text = kind.getTypeId() == null ? "no kind stands here" : quoted(kind.getTypeId()) + " is no kind";
            return text + (known.find() ? "; there are " + known.group(1) : "");
        }
        if (root instanceof JsonProcessingException broken && !(root instanceof MismatchedInputException)) {
            return broken(broken);
        }
        if (!(root instanceof MismatchedInputException wrong)) {
            return root.getMessage() == null ? "this cannot be understood" : shortened(first(root.getMessage()));
        }
        Matcher missing = MISSING.matcher(first(wrong.getOriginalMessage()));
        if (missing.matches()) {
            return quoted(missing.group(1)) + " is missing or empty";
        }
        if (root instanceof InvalidFormatException format && format.getTargetType() == LocalDate.class) {
            return quoted(String.valueOf(format.getValue())) + " is no day; a day is written as 2026-05-31";
        }
        String is = root instanceof InvalidFormatException format
                ? quoted(String.valueOf(format.getValue())) + " stands here, "
                : "something else stands here, ";
        return is + "wanted is " + wanted(wrong.getTargetType());
    }

    private static String wanted(Class<?> type) {
        if (type == null) {
            return "something of another kind";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (type == double.class || type == Double.class || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == String.class) {
            return "a text";
        }
        if (type == LocalDate.class) {
            return "a day such as 2026-05-31";
        }
        if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            return "a list in [ ]";
        }
        return Map.class.isAssignableFrom(type) ? "names with values in { }" : "an object in { }";
    }

    private static String quoted(String text) {
        return "\u201c" + shortened(text) + "\u201d";
    }

    private static String first(String message) {
        return message == null ? "" : message.lines().findFirst().orElse("");
    }

    static String shortened(String text) {
        String clean = text.replaceAll("\\p{Cntrl}", "·");
        return clean.length() > LONGEST ? clean.substring(0, LONGEST) + "…" : clean;
    }
}
