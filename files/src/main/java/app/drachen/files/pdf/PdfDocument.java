package app.drachen.files.pdf;

import app.drachen.files.NewFile;
import app.drachen.files.sheet.Face;
import app.drachen.files.sheet.Faces;
import app.drachen.files.sheet.Look;
import app.drachen.files.sheet.Sheet;
import app.drachen.files.sheet.SheetPath;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/**
 * A PDF under way, pages of A4 upright.
 *
 * <p>Source: ISO 32000-1:2008 by Apache PDFBox; page of ISO 216, 210 mm by 297 mm.
 */
public final class PdfDocument implements AutoCloseable {
    /** Width of a page [pt]. */
    public static final double WIDTH = PDRectangle.A4.getWidth();

    /** Height of a page [pt]. */
    public static final double HEIGHT = PDRectangle.A4.getHeight();

    private final PDDocument document = new PDDocument();
    private final Faces faces;
    private final Map<Face, PDFont> fonts = new EnumMap<>(Face.class);
    private PDPageContentStream open;

    /** An empty document. */
    public PdfDocument(Faces faces, String title) {
        this.faces = faces;
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setCreator("Drachen");
    }

    private interface Drawing {
        void run() throws IOException;
    }

    private static void draw(Drawing drawing) {
        try {
            drawing.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A new page to draw on; the one before is done with. */
    public Sheet page() {
        PDPage page = new PDPage(PDRectangle.A4);
        draw(() -> {
            finish();
            document.addPage(page);
            open = new PDPageContentStream(document, page);
        });
        return new Page(open);
    }

    private void finish() throws IOException {
        if (open != null) {
            open.close();
        }
    }

    /** Writes the document into a file, by way of a new file beside it. */
    public void save(Path file) throws IOException {
        finish();
        open = null;
        NewFile.write(file, fresh -> document.save(fresh.toFile()));
    }

    @Override
    public void close() throws IOException {
        finish();
        document.close();
    }

    private PDFont font(Face face) throws IOException {
        if (!fonts.containsKey(face)) {
            fonts.put(face, PDType0Font.load(document, new ByteArrayInputStream(faces.file(face)), true));
        }
        return fonts.get(face);
    }

    /** One page; y is turned over, since PDF counts upwards. */
    private final class Page implements Sheet {
        private final PDPageContentStream out;

        private Page(PDPageContentStream out) {
            this.out = out;
        }

        private float up(double y) {
            return (float) (HEIGHT - y);
        }

        private void colour(int rgb, boolean stroke) throws IOException {
            float r = (rgb >> 16 & 0xFF) / 255f;
            float g = (rgb >> 8 & 0xFF) / 255f;
            float b = (rgb & 0xFF) / 255f;
            if (stroke) {
                out.setStrokingColor(r, g, b);
            } else {
                out.setNonStrokingColor(r, g, b);
            }
        }

        @Override
        public void draw(SheetPath path, Look look) {
            PdfDocument.draw(() -> {
                out.saveGraphicsState();
                for (SheetPath.Step step : path.steps()) {
                    double[] p = step.points();
                    switch (step.kind()) {
                        case MOVE -> out.moveTo((float) p[0], up(p[1]));
                        case LINE -> out.lineTo((float) p[0], up(p[1]));
                        case CURVE -> out.curveTo(
                                (float) p[0], up(p[1]), (float) p[2], up(p[3]), (float) p[4], up(p[5]));
                        case CLOSE -> out.closePath();
                    }
                }
                if (look.opacity() < 1) {
                    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                    state.setNonStrokingAlphaConstant((float) look.opacity());
                    out.setGraphicsStateParameters(state);
                }
                if (look.fill().isPresent()) {
                    colour(look.fill().getAsInt(), false);
                }
                if (look.stroke().isPresent()) {
                    colour(look.stroke().getAsInt(), true);
                    out.setLineWidth((float) look.width());
                    float[] dashes = new float[look.dashes().size()];
                    for (int i = 0; i < dashes.length; i++) {
                        dashes[i] = look.dashes().get(i).floatValue();
                    }
                    out.setLineDashPattern(dashes, 0);
                }
                if (look.fill().isPresent() && look.stroke().isPresent()) {
                    out.fillAndStroke();
                } else if (look.fill().isPresent()) {
                    out.fill();
                } else {
                    out.stroke();
                }
                out.restoreGraphicsState();
            });
        }

        @Override
        public void write(String text, double x, double y, Face face, double size, int rgb) {
            PdfDocument.draw(() -> {
                double at = x;
                for (Faces.Run run : faces.runs(text, face)) {
                    out.beginText();
                    colour(rgb, false);
                    out.setFont(font(run.face()), (float) size);
                    out.newLineAtOffset((float) at, up(y));
                    out.showText(run.text());
                    out.endText();
                    at += faces.width(run.text(), run.face(), size);
                }
            });
        }

        @Override
        public void clip(double x, double y, double width, double height) {
            PdfDocument.draw(() -> {
                out.saveGraphicsState();
                out.addRect((float) x, up(y + height), (float) width, (float) height);
                out.clip();
            });
        }

        @Override
        public void unclip() {
            PdfDocument.draw(out::restoreGraphicsState);
        }
    }
}
