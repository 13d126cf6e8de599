package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.Position;
import app.drachen.core.draft.Corners;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.View;
import java.util.Optional;

/**
 * Where the views of the drawing lie on the sheet, all to one scale: from above, and below it from the left, from behind,
 * or both where there is room.
 *
 * @param above from above
 * @param side from the left, if it is shown
 * @param behind from behind, if it is shown
 * @param foot lower edge of the view from above [px]
 * @param border between the two lower views [px]
 */
record Sheets(View above, Optional<View> side, Optional<View> behind, double foot, double border) {
    private static final double EDGE = 16;
    private static final double GAP = 28;
    /** Both lower views are shown if the drawing stays at least this large. */
    private static final double ALMOST = 0.93;

    /** A sheet before anything was laid out. */
    static final Sheets NONE = new Sheets(new View(1, 0, 0), Optional.empty(), Optional.empty(), 0, 0);

    /** Lays out a sheet of some pixels. */
    static Sheets of(Outline plan, Outline profile, Outline back, boolean behindFirst, double w, double h) {
        double planWide = plan.right() - plan.left();
        double planTall = plan.bottom() - plan.top();
        Outline lower = behindFirst ? back : profile;
        double one = scale(Math.max(planWide, wide(lower)), planTall + tall(lower), w, h);
        double two = Math.min(
                scale(planWide, planTall + Math.max(tall(profile), tall(back)), w, h),
                (w - 2 * EDGE - GAP) / (wide(profile) + wide(back)));
        boolean both = two >= ALMOST * one;
        double scale = both ? two : one;
        double foot = scale * planTall + EDGE;
        View above = View.centred(scale, plan.left(), plan.right(), plan.top(), plan.bottom(), 0, EDGE, w, foot);
        double y = foot + 2 * EDGE + 14;
        double high = h - foot - 3 * EDGE - 14;
        if (both) {
            double left = EDGE + (w - 2 * EDGE - GAP - scale * (wide(profile) + wide(back))) / 2;
            double room = scale * wide(profile);
            return new Sheets(
                    above,
                    Optional.of(at(profile, scale, left, y, room, high)),
                    Optional.of(at(back, scale, left + room + GAP, y, scale * wide(back), high)),
                    foot,
                    left + room + GAP / 2);
        }
        View only = at(lower, scale, 0, y, w, high);
        return new Sheets(
                above,
                behindFirst ? Optional.empty() : Optional.of(only),
                behindFirst ? Optional.of(only) : Optional.empty(),
                foot,
                behindFirst ? 0 : Double.MAX_VALUE);
    }

    private static double scale(double wide, double tall, double w, double h) {
        return Math.min((w - 2 * EDGE - 20) / wide, (h - 4 * EDGE - 22) / tall);
    }

    private static double wide(Outline outline) {
        return outline.right() - outline.left();
    }

    private static double tall(Outline outline) {
        return outline.bottom() - outline.top();
    }

    private static View at(Outline o, double scale, double x, double y, double w, double h) {
        return View.centred(scale, o.left(), o.right(), o.top(), o.bottom(), x, y, w, h);
    }

    /** The view, if it is shown. */
    Optional<View> of(Corners.View view) {
        return switch (view) {
            case ABOVE -> Optional.of(above);
            case SIDE -> side;
            case BEHIND -> behind;
        };
    }

    /** Where the drawing shows a place [px], if the view is shown. */
    Optional<double[]> pixel(Corners.View view, double x, double y) {
        double down = view == Corners.View.ABOVE ? 1 : -1;
        return of(view).map(v -> new double[] {v.x(x), v.y(down * y)});
    }

    /** What a place of the sheet [px] is on a view that is shown [m]. */
    double[] metres(Corners.View view, double px, double py) {
        View v = of(view).orElse(above);
        return new double[] {v.metreX(px), (view == Corners.View.ABOVE ? 1 : -1) * v.metreY(py)};
    }

    /** The two coordinates of a position on a view [m]. */
    static double[] on(Corners.View view, Position p) {
        return switch (view) {
            case ABOVE -> new double[] {p.right(), p.aft()};
            case SIDE -> new double[] {p.aft(), p.up()};
            case BEHIND -> new double[] {p.right(), p.up()};
        };
    }

    /** A position with the two coordinates of a view changed [m]; the third stays. */
    static Position to(Corners.View view, Position was, double x, double y) {
        return switch (view) {
            case ABOVE -> new Position(y, x, was.up());
            case SIDE -> new Position(x, was.right(), y);
            case BEHIND -> new Position(was.aft(), x, y);
        };
    }

    /** The view a place of the sheet belongs to. */
    Corners.View under(double px, double py) {
        if (py <= foot + EDGE || side.isEmpty() && behind.isEmpty()) {
            return Corners.View.ABOVE;
        }
        return side.isPresent() && px < border ? Corners.View.SIDE : Corners.View.BEHIND;
    }
}
