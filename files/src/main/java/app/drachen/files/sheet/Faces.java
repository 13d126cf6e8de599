package app.drachen.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Widths of text in the shipped fonts, and which font has a sign. */
public final class Faces {
    private final Map<Face, byte[]> files = new EnumMap<>(Face.class);
    private final Map<Face, TrueTypeFont> fonts = new EnumMap<>(Face.class);

    /** Reads the fonts by the names of their files. */
    public Faces(Function<String, InputStream> resources) {
        for (Face face : Face.values()) {
            try (InputStream in = resources.apply(face.file())) {
                byte[] bytes = in.readAllBytes();
                files.put(face, bytes);
                fonts.put(face, new TTFParser().parse(new RandomAccessReadBuffer(bytes)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The file of a font. */
    public byte[] file(Face face) {
        return files.get(face).clone();
    }

    /** A stretch of text in one font. */
    public record Run(Face face, String text) {}

    /** Cuts a text so that each part has all its signs in its font. */
    public List<Run> runs(String text, Face face) {
        List<Run> runs = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        Face now = face;
        for (int at = 0; at < text.length(); ) {
            int sign = text.codePointAt(at);
            Face wanted = has(face, sign) ? face : Face.SIGNS;
            if (wanted != now && part.length() > 0) {
                runs.add(new Run(now, part.toString()));
                part.setLength(0);
            }
            now = wanted;
            part.appendCodePoint(has(wanted, sign) ? sign : '?');
            at += Character.charCount(sign);
        }
        if (part.length() > 0) {
            runs.add(new Run(now, part.toString()));
        }
        return runs;
    }

    private boolean has(Face face, int sign) {
        try {
            return fonts.get(face).getUnicodeCmapLookup().getGlyphId(sign) != 0;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Width of a text.
     *
     * @param size of the font [pt]
     * @return [pt]
     */
    public double width(String text, Face face, double size) {
        double width = 0;
        for (Run run : runs(text, face)) {
            TrueTypeFont font = fonts.get(run.face());
            try {
                for (int sign : run.text().codePoints().toArray()) {
                    int glyph = font.getUnicodeCmapLookup().getGlyphId(sign);
                    width += size * font.getAdvanceWidth(glyph) / font.getUnitsPerEm();
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return width;
    }
}
