package app.drachen.desktop.theme;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.InputStream;
import java.lang.reflect.Field;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

class InkTest {
    /** A role that is one colour in a drawing and another in a form is two roles. */
    @Test
    void paintersAndStylesheetHaveOnePalette() throws Exception {
        Map<String, Color> painted = new TreeMap<>();
        for (Field field : Ink.class.getFields()) {
            painted.put(field.getName().toLowerCase(Locale.ROOT), (Color) field.get(null));
        }
        Map<String, Color> styled = new TreeMap<>();
        try (InputStream in = Theme.class.getResourceAsStream("drachen.css")) {
            String sheet = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String root = sheet.substring(sheet.indexOf(".root {"), sheet.indexOf('}'));
            Matcher role = Pattern.compile(" -(?!fx-)([a-z]+): (#[0-9A-F]{6});").matcher(root);
            while (role.find()) {
                styled.put(role.group(1), Color.web(role.group(2)));
            }
        }
        assertEquals(10, painted.size());
        assertEquals(painted, styled);
    }
}
