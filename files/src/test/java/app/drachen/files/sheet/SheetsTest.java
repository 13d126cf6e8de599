package app.drachen.files.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.files.pdf.PdfDocument;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** What is drawn on a sheet is where it was drawn: read back as XML, and as pixels of a rendered page. */
class SheetsTest {
    private static final Path FONTS =
            Path.of("..", "desktop", "src", "main", "resources", "app", "drachen", "desktop", "theme", "fonts");
    private static final String LINE = "Möwe <1> & 12.5 m/s, λ 3°, “so”";

    @TempDir
    Path folder;

    private static Faces faces() {
        return new Faces(name -> {
            try {
                return Files.newInputStream(FONTS.resolve(name));
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
    }

    private static void draw(Sheet sheet) {
        sheet.draw(SheetPath.box(100, 50, 40, 20), Look.area(0xC0392B, 1));
        sheet.draw(
                new SheetPath().move(10, 200).line(300, 200),
                new Look(OptionalInt.empty(), 1, OptionalInt.of(0x123456), 3, List.of()));
        sheet.draw(SheetPath.oval(200, 300, 60, 60), Look.area(0x1F6F6F, 1));
        sheet.clip(0, 400, 50, 50);
        sheet.draw(SheetPath.box(0, 400, 200, 50), Look.area(0x000000, 1));
        sheet.unclip();
        sheet.write(LINE, 50, 600, Face.TEXT, 14, 0x000000);
    }

    @Test
    void svgIsXmlWithTheSameShapes() throws Exception {
        SvgSheet sheet = new SvgSheet(595, 842, "Drawing of \"Möwe\" <1>");
        draw(sheet);
        Path file = folder.resolve("zeichnung ü.svg");
        sheet.save(file);
        Document document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(Files.readAllBytes(file)));
        assertEquals("svg", document.getDocumentElement().getTagName());
        assertEquals(
                "Drawing of \"Möwe\" <1>",
                document.getElementsByTagName("title").item(0).getTextContent());
        assertEquals(LINE, document.getElementsByTagName("text").item(0).getTextContent());
        Element box = (Element) document.getElementsByTagName("path").item(0);
        assertEquals("M100 50L140 50L140 70L100 70Z", box.getAttribute("d"));
        assertEquals("#C0392B", box.getAttribute("fill"));
        Element line = (Element) document.getElementsByTagName("path").item(1);
        assertEquals("none", line.getAttribute("fill"));
        assertEquals("3", line.getAttribute("stroke-width"));
        Element clipped = (Element) document.getElementsByTagName("g").item(0);
        assertEquals("url(#c1)", clipped.getAttribute("clip-path"));
    }

    @Test
    void pdfHasTheSamePixelsAndTheText() throws Exception {
        Path file = folder.resolve("blatt ü.pdf");
        try (PdfDocument document = new PdfDocument(faces(), "Möwe")) {
            draw(document.page());
            document.save(file);
        }
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertEquals(1, document.getNumberOfPages());
            assertEquals("Möwe", document.getDocumentInformation().getTitle());
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("Möwe <1> & 12.5 m/s"), text);
            assertTrue(text.contains("λ"), "a sign that the text font lacks: " + text);
            BufferedImage page = new PDFRenderer(document).renderImage(0);
            assertEquals(0xC0392B, page.getRGB(120, 60) & 0xFFFFFF);
            assertEquals(0xFFFFFF, page.getRGB(95, 60) & 0xFFFFFF, "beside the box");
            assertEquals(0xFFFFFF, page.getRGB(120, 75) & 0xFFFFFF, "below the box");
            assertEquals(0x123456, page.getRGB(150, 200) & 0xFFFFFF);
            assertEquals(0x1F6F6F, page.getRGB(230, 330) & 0xFFFFFF, "middle of the oval");
            assertEquals(0xFFFFFF, page.getRGB(203, 303) & 0xFFFFFF, "corner of the oval's box");
            assertEquals(0x000000, page.getRGB(25, 425) & 0xFFFFFF, "inside the clip");
            assertEquals(0xFFFFFF, page.getRGB(100, 425) & 0xFFFFFF, "outside the clip");
        }
    }

    @Test
    void aCircleOfFourCurvesIsRound() {
        // a quarter by a cubic with handles 4/3·(√2 − 1) is off by 2.7e-4 of the radius at most (Riškus 2006)
        SheetPath circle = SheetPath.oval(-1, -1, 2, 2);
        double x = 1;
        double y = 0;
        for (SheetPath.Step step : circle.steps()) {
            double[] p = step.points();
            if (step.kind() == SheetPath.Kind.CURVE) {
                for (double t = 0; t <= 1; t += 0.05) {
                    double u = 1 - t;
                    double px = u * u * u * x + 3 * u * u * t * p[0] + 3 * u * t * t * p[2] + t * t * t * p[4];
                    double py = u * u * u * y + 3 * u * u * t * p[1] + 3 * u * t * t * p[3] + t * t * t * p[5];
                    assertEquals(1, Math.hypot(px, py), 3e-4);
                }
                x = p[4];
                y = p[5];
            }
        }
        assertEquals(1, x, 1e-12);
        assertEquals(0, y, 1e-12);
    }

    @Test
    void textIsAsWideAsItsRuns() {
        Faces faces = faces();
        double whole = faces.width(LINE, Face.STRONG, 12);
        double parts = faces.runs(LINE, Face.STRONG).stream()
                .mapToDouble(r -> faces.width(r.text(), r.face(), 12))
                .sum();
        assertEquals(parts, whole, 1e-9);
        assertEquals(2 * whole, faces.width(LINE, Face.STRONG, 24), 1e-9);
        assertEquals(Face.SIGNS, faces.runs("λ", Face.TEXT).get(0).face());
        assertEquals("?", faces.runs("\uE123", Face.TEXT).get(0).text(), "a sign that no font has");
    }
}
