package app.drachen.files.sheet;

import app.drachen.files.NewFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A drawing as SVG.
 *
 * <p>Source: W3C, "Scalable Vector Graphics (SVG) 1.1", 2nd edition 2011.
 */
public final class SvgSheet implements Sheet {
    private final StringBuilder text = new StringBuilder();
    private int clips;

    /**
     * A drawing of a size.
     *
     * @param width [px]
     * @param height [px]
     * @param title what it shows, for screen readers
     */
    public SvgSheet(double width, double height, String title) {
        text.append("<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"")
                .append(number(width))
                .append("\" height=\"")
                .append(number(height))
                .append("\" viewBox=\"0 0 ")
                .append(number(width))
                .append(' ')
                .append(number(height))
                .append("\">\n<title>")
                .append(escaped(title))
                .append("</title>\n");
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    private static String escaped(String raw) {
        return raw.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private static String colour(int rgb) {
        return String.format(Locale.ROOT, "\"#%06X\"", rgb & 0xFFFFFF);
    }

    @Override
    public void draw(SheetPath path, Look look) {
        text.append("<path d=\"");
        for (SheetPath.Step step : path.steps()) {
            text.append(
                    switch (step.kind()) {
                        case MOVE -> "M";
                        case LINE -> "L";
                        case CURVE -> "C";
                        case CLOSE -> "Z";
                    });
            for (int i = 0; i < step.points().length; i++) {
                text.append(i == 0 ? "" : " ").append(number(step.points()[i]));
            }
        }
        text.append("\" fill=")
                .append(look.fill().isPresent() ? colour(look.fill().getAsInt()) : "\"none\"");
        if (look.opacity() < 1) {
            text.append(" fill-opacity=\"").append(number(look.opacity())).append('"');
        }
        if (look.stroke().isPresent()) {
            text.append(" stroke=")
                    .append(colour(look.stroke().getAsInt()))
                    .append(" stroke-width=\"")
                    .append(number(look.width()))
                    .append('"');
        }
        if (!look.dashes().isEmpty()) {
            text.append(" stroke-dasharray=\"")
                    .append(look.dashes().stream().map(SvgSheet::number).collect(Collectors.joining(" ")))
                    .append('"');
        }
        text.append("/>\n");
    }

    @Override
    public void write(String line, double x, double y, Face face, double size, int rgb) {
        text.append("<text x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\" font-family=\"")
                .append(face.family())
                .append(", sans-serif\" font-weight=\"")
                .append(face.weight())
                .append("\" font-size=\"")
                .append(number(size))
                .append("\" fill=")
                .append(colour(rgb))
                .append('>')
                .append(escaped(line))
                .append("</text>\n");
    }

    @Override
    public void clip(double x, double y, double width, double height) {
        clips++;
        text.append("<clipPath id=\"c")
                .append(clips)
                .append("\"><rect x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\" width=\"")
                .append(number(width))
                .append("\" height=\"")
                .append(number(height))
                .append("\"/></clipPath>\n<g clip-path=\"url(#c")
                .append(clips)
                .append(")\">\n");
    }

    @Override
    public void unclip() {
        text.append("</g>\n");
    }

    /** The whole document. */
    public String document() {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + text + "</svg>\n";
    }

    /** Writes the document into a file. */
    public void save(Path file) throws IOException {
        NewFile.write(file, fresh -> Files.writeString(fresh, document(), StandardCharsets.UTF_8));
    }
}
