package app.drachen.desktop.app;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Working;
import app.drachen.files.json.SetupJson;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Findings and workings for {@code --json}, values in SI. */
final class Json {
    private Json() {}

    /** An object whose fields stand in the order in which they are given: name, value, name, value. */
    static Map<String, Object> object(Object... namesAndValues) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i + 1 < namesAndValues.length; i += 2) {
            map.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return map;
    }

    /** A sentence in metric units with plain spaces, as commands print it. */
    static String read(String sentence) {
        return Quantity.read(sentence, UnitSystem.METRIC).replace('\u00a0', ' ');
    }

    /** Title and detail of a finding on one line. */
    static String line(Finding finding) {
        return read(finding.title())
                + finding.span().map(s -> " (" + s.text() + ")").orElse("")
                + (finding.detail().isEmpty() ? "" : ". " + read(finding.detail()));
    }

    /** Name, value and spread of a working on one line. */
    static String line(Working working) {
        return line(working, UnitSystem.METRIC);
    }

    static String line(Working working, UnitSystem units) {
        var quantity = working.quantity();
        String spread = "";
        if (working.spread().isPresent()) {
            Working.Spread s = working.spread().get();
            spread = " (" + quantity.number(s.low(), units) + " to " + quantity.text(s.high(), units) + ")";
        }
        return (Quantity.read(working.name(), units) + " " + quantity.text(working.value(), units) + spread)
                .replace('\u00a0', ' ');
    }

    static Map<String, Object> finding(Finding finding) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", finding.id());
        map.put("state", finding.state().label());
        map.put("title", read(finding.title()));
        map.put("detail", read(finding.detail()));
        finding.span().ifPresent(s -> {
            map.put("from", s.from());
            map.put("to", s.to());
        });
        map.put("workings", finding.workings().stream().map(Json::working).toList());
        return map;
    }

    static Map<String, Object> working(Working working) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", working.id());
        map.put("name", read(working.name()));
        map.put("value", number(working.value()));
        map.put("unit", working.quantity().si());
        map.put("shown", working.quantity().text(working.value(), UnitSystem.METRIC));
        working.spread().ifPresent(s -> map.put("between", List.of(number(s.low()), number(s.high()))));
        map.put("formula", working.formula());
        map.put(
                "inputs",
                working.inputs().stream()
                        .map(i -> object(
                                "name",
                                i.name(),
                                "value",
                                number(i.value()),
                                "unit",
                                i.quantity().si()))
                        .toList());
        map.put("source", working.source().text());
        return map;
    }

    /** JSON has no infinity and no NaN: they become text. */
    private static Object number(double value) {
        return Double.isFinite(value) ? (Object) value : String.valueOf(value);
    }

    static String text(Object value) {
        return SetupJson.toText(value);
    }
}
