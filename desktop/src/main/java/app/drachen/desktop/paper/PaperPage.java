package app.drachen.desktop.paper;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Working;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.SheetPen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.pdf.PdfDocument;
import app.drachen.files.sheet.Face;
import app.drachen.files.sheet.Faces;
import app.drachen.files.sheet.Look;
import app.drachen.files.sheet.Sheet;
import app.drachen.files.sheet.SheetPath;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Sets headings, lines, tables and drawings down one page of A4. */
final class PaperPage {
    private static final double MARGIN = 42;
    private static final int BLACK = 0;
    private static final int GREY = 0x444444;

    private final Sheet sheet;
    private final Faces faces;
    private final UnitSystem units;
    private final double scale;
    private double y = MARGIN;

    PaperPage(Sheet sheet, Faces faces, UnitSystem units, double scale) {
        this.sheet = sheet;
        this.faces = faces;
        this.units = units;
        this.scale = scale;
    }

    /** Sets a content on one page: at full size, or smaller where it would run over. */
    static void set(PdfDocument document, Faces faces, UnitSystem units, Consumer<PaperPage> content) {
        PaperPage measured = new PaperPage(new Nowhere(), faces, units, 1);
        content.accept(measured);
        double room = PdfDocument.HEIGHT - 2 * MARGIN;
        double fits = Math.min(1, room / (measured.y - MARGIN));
        // lines break elsewhere in smaller type: a little in hand
        content.accept(new PaperPage(document.page(), faces, units, fits < 1 ? Math.max(0.55, 0.97 * fits) : 1));
    }

    /** A sheet that keeps nothing, to measure. */
    private static final class Nowhere implements Sheet {
        @Override
        public void draw(SheetPath path, Look look) {}

        @Override
        public void write(String text, double x, double y, Face face, double size, int rgb) {}

        @Override
        public void clip(double x, double y, double width, double height) {}

        @Override
        public void unclip() {}
    }

    private double width() {
        return PdfDocument.WIDTH - 2 * MARGIN;
    }

    String read(String sentence) {
        return Quantity.read(sentence, units);
    }

    UnitSystem units() {
        return units;
    }

    private void text(String text, double x, Face face, double size, int rgb) {
        sheet.write(text, x, y, face, size * scale, rgb);
    }

    private void down(double points) {
        y += points * scale;
    }

    private void rule(double weight) {
        sheet.draw(new SheetPath().move(MARGIN, y).line(MARGIN + width(), y), Look.line(BLACK, weight, List.of()));
    }

    /** The head of the page. */
    void head(String title, String subtitle) {
        down(16);
        text(title, MARGIN, Face.STRONG, 22, BLACK);
        down(17);
        text(read(subtitle), MARGIN, Face.TEXT, 11.5, BLACK);
        down(7);
        rule(1.6);
        down(10);
    }

    /** A heading with a thin rule. */
    void heading(String title) {
        down(16);
        text(title, MARGIN, Face.STRONG, 13.5, BLACK);
        down(5);
        rule(0.6);
        down(4);
    }

    /** Text that wraps, behind a mark such as a bullet or a box to tick. */
    void line(String mark, String words, boolean strong) {
        double indent = mark.isEmpty() ? 0 : 18 * scale;
        Face face = strong ? Face.STRONG : Face.TEXT;
        boolean first = true;
        for (String part : wrapped(read(words), width() - indent, face, 11.5 * scale)) {
            down(14);
            if (first && !mark.isEmpty()) {
                mark(mark);
            }
            text(part, MARGIN + indent, face, 11.5, BLACK);
            first = false;
        }
        down(1.5);
    }

    private void mark(String mark) {
        if (mark.equals("box")) {
            sheet.draw(
                    SheetPath.box(MARGIN + 1, y - 9 * scale, 9.5 * scale, 9.5 * scale), Look.line(BLACK, 1, List.of()));
        } else {
            text(mark, MARGIN, Face.STRONG, 11.5, BLACK);
        }
    }

    private List<String> wrapped(String words, double room, Face face, double size) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String longer = line.length() == 0 ? word : line + " " + word;
            if (line.length() > 0 && faces.width(longer, face, size) > room) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** Values with their formulas, two columns of them. */
    void values(List<Working> workings) {
        double column = (width() - 24) / 2;
        for (int i = 0; i < workings.size(); i += 2) {
            down(15);
            for (int k = i; k < Math.min(i + 2, workings.size()); k++) {
                Working working = workings.get(k);
                double x = MARGIN + (k - i) * (column + 24);
                String value = working.text(units);
                text(working.name(), x, Face.TEXT, 11.5, BLACK);
                double wide = faces.width(value, Face.STRONG, 11.5 * scale);
                text(value, x + column - wide, Face.STRONG, 11.5, BLACK);
                y += 10 * scale;
                text(fitted(working.formula(), column, 8.5), x, Face.TEXT, 8.5, GREY);
                y -= 10 * scale;
            }
            down(11);
        }
    }

    private String fitted(String text, double room, double size) {
        if (faces.width(text, Face.TEXT, size * scale) <= room) {
            return text;
        }
        String cut = text;
        while (cut.length() > 1 && faces.width(cut + "…", Face.TEXT, size * scale) > room) {
            cut = cut.substring(0, cut.length() - 1);
        }
        return cut + "…";
    }

    /** A table; the first row names the columns, shares divide the width. */
    void table(List<List<String>> rows, double... shares) {
        for (int r = 0; r < rows.size(); r++) {
            down(15);
            double x = MARGIN;
            for (int c = 0; c < rows.get(r).size(); c++) {
                double room = width() * shares[c] - 6;
                Face face = r == 0 ? Face.TEXT : c == 0 ? Face.STRONG : Face.TEXT;
                String cell = fitted(read(rows.get(r).get(c)), room, r == 0 ? 9.5 : 11.5);
                text(cell, x, face, r == 0 ? 9.5 : 11.5, r == 0 ? GREY : BLACK);
                x += width() * shares[c];
            }
            if (r == 0) {
                down(3);
                rule(0.4);
            }
        }
        down(4);
    }

    /** A finding: its state as a word, then what it says. */
    void finding(Finding finding) {
        line(
                switch (finding.state()) {
                    case GOOD -> "+";
                    case STOP -> "!!";
                    case CAUTION -> "!";
                    case STALE -> "~";
                    case OPEN -> "?";
                },
                finding.state().label() + " · " + finding.title()
                        + finding.span().map(s -> " (" + s.text() + ")").orElse("")
                        + (finding.detail().isEmpty() ? "" : ". " + finding.detail()),
                finding.state() == Finding.State.STOP);
    }

    /** A drawing across the page, painted as if the box had so many pixels. */
    void drawing(double pixelsWide, double pixelsHigh, Consumer<Pen> painter) {
        double perPixel = Math.min(width() / pixelsWide, 1) * scale;
        down(4);
        double left = MARGIN + (width() - pixelsWide * perPixel) / 2;
        sheet.clip(left, y, pixelsWide * perPixel, pixelsHigh * perPixel);
        painter.accept(new SheetPen(sheet, faces, Ink::onWhite, left, y, perPixel));
        sheet.unclip();
        y += pixelsHigh * perPixel;
        down(2);
    }

    /** Space to write on by hand. */
    void notes(String title, int lines) {
        heading(title);
        for (int i = 0; i < lines; i++) {
            down(21);
            rule(0.4);
        }
    }

    /** The line at the foot of the page. */
    void foot(String words) {
        double size = 8.5;
        sheet.write(read(words), MARGIN, PdfDocument.HEIGHT - 24, Face.TEXT, size, GREY);
    }
}
