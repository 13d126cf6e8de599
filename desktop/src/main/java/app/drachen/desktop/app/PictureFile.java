package app.drachen.desktop.app;

import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.drawing.SheetPen;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.sheet.Look;
import app.drachen.files.sheet.SheetPath;
import app.drachen.files.sheet.SvgSheet;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.WritableImage;
import javafx.scene.transform.Transform;

/** Keeps a drawing as SVG or, at twice its size, as PNG. */
final class PictureFile {
    /** Endings that are understood. */
    static final List<String> ENDINGS = List.of(".svg", ".png");

    private PictureFile() {}

    /** Writes a picture; on the interface thread. */
    static void save(Picture picture, Path file) throws IOException {
        if (file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".png")) {
            Pictures.write(image(picture, 2), file);
        } else {
            SvgSheet sheet = new SvgSheet(picture.width(), picture.height(), picture.name());
            sheet.draw(SheetPath.box(0, 0, picture.width(), picture.height()), Look.area(0xFCFAF4, 1));
            picture.painter().accept(new SheetPen(sheet, Theme.faces(), c -> c, 0, 0, 1));
            sheet.save(file);
        }
    }

    /** The picture as an image, so many times its size. */
    static WritableImage image(Picture picture, double scale) {
        Canvas canvas = new Canvas(picture.width(), picture.height());
        picture.painter().accept(new ScreenPen(canvas));
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setTransform(Transform.scale(scale, scale));
        parameters.setFill(Ink.seen(Ink.SHEET));
        return canvas.snapshot(parameters, null);
    }
}
