package app.drachen.desktop.drawing;

import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where everything of a drawn harness stands: what talks on the left, what moves on the right, the board between them, each
 * device as near as can be to its place on the board, so that leads do not cross.
 *
 * @param board the board
 * @param devices boxes by the names of the devices
 * @param places boxes at the edge of the board by the names of the places
 * @param chips boxes of the rails by their names
 * @param pack box of the pack
 */
public record HarnessLayout(
        Box board, Map<String, Box> devices, Map<String, Box> places, Map<String, Box> chips, Box pack) {
    /** A box in pixels. */
    public record Box(double x, double y, double width, double height) {
        public double middle() {
            return y + height / 2;
        }

        public double right() {
            return x + width;
        }

        public double bottom() {
            return y + height;
        }

        public boolean holds(double px, double py) {
            return px >= x && px <= right() && py >= y && py <= bottom();
        }
    }

    private static final double FOOT = 46;
    private static final double DEVICE_WIDTH = 150;

    /** The layout in so many pixels. */
    public static HarnessLayout of(Wiring wiring, double width, double height) {
        Box board = new Box(0.385 * width, 10, 0.27 * width, height - FOOT - 14);
        Map<String, Box> places = new LinkedHashMap<>();
        List<Place> outputs = wiring.board().carrying(Signal.PULSE);
        List<Place> others = wiring.board().places().stream()
                .filter(p -> p.signal() != Signal.PULSE)
                .toList();
        edge(places, others, board, board.x() + 2);
        edge(places, outputs, board, board.right() - 16);
        Map<String, Box> devices = new LinkedHashMap<>();
        column(devices, left(wiring), places, 12, DEVICE_WIDTH, 8, height - FOOT - 6);
        double side = width - DEVICE_WIDTH - 12;
        column(devices, right(wiring), places, side, DEVICE_WIDTH, 8, height - 12);
        Map<String, Box> chips = new LinkedHashMap<>();
        int n = wiring.board().rails().size();
        double chip = (board.width() - 12) / Math.max(1, n);
        for (int i = 0; i < n; i++) {
            chips.put(
                    wiring.board().rails().get(i).name(),
                    new Box(board.x() + 6 + i * chip, board.bottom() - 27, chip - 4, 22));
        }
        return new HarnessLayout(board, devices, places, chips, new Box(12, height - 36, DEVICE_WIDTH, 28));
    }

    /** Height below which devices or places would not be readable. */
    public static double leastHeight(Wiring wiring) {
        int most = Math.max(left(wiring).size(), right(wiring).size());
        int edge = Math.max(
                wiring.board().carrying(Signal.PULSE).size(),
                wiring.board().places().size()
                        - wiring.board().carrying(Signal.PULSE).size());
        return Math.max(180, Math.max(24.0 * most + FOOT, 15.0 * edge + 110));
    }

    private static void edge(Map<String, Box> places, List<Place> list, Box board, double x) {
        double room = (board.height() - 78) / Math.max(1, list.size());
        for (int i = 0; i < list.size(); i++) {
            places.put(list.get(i).name(), new Box(x, board.y() + 44 + (i + 0.5) * room - 7, 14, 14));
        }
    }

    private static List<Wired> left(Wiring wiring) {
        return wiring.wired().stream()
                .filter(w ->
                        w.device().want().signal() != Signal.PULSE && w.device().kind() != DeviceKind.MOTOR)
                .toList();
    }

    private static List<Wired> right(Wiring wiring) {
        return wiring.wired().stream()
                .filter(w -> w.device().want().signal() == Signal.PULSE)
                .toList();
    }

    /** Boxes below one another, each as near as can be to where it is plugged in. */
    private static void column(
            Map<String, Box> boxes,
            List<Wired> devices,
            Map<String, Box> places,
            double x,
            double width,
            double top,
            double bottom) {
        List<Wired> sorted = new ArrayList<>(devices);
        sorted.sort(Comparator.comparingDouble(w -> wanted(w, places, bottom)));
        int n = sorted.size();
        double pitch = (bottom - top) / Math.max(1, n);
        double tall = Math.max(6, Math.min(38, pitch - 4));
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            double least = i == 0 ? top : y[i - 1] + tall + 4;
            y[i] = Math.max(least, wanted(sorted.get(i), places, bottom) - tall / 2);
        }
        for (int i = n - 1; i >= 0; i--) {
            double most = i == n - 1 ? bottom - tall : y[i + 1] - tall - 4;
            y[i] = Math.min(most, y[i]);
        }
        for (int i = 0; i < n; i++) {
            boxes.put(sorted.get(i).device().name(), new Box(x, Math.max(top, y[i]), width, tall));
        }
    }

    private static double wanted(Wired w, Map<String, Box> places, double otherwise) {
        return w.place().map(p -> places.get(p.name())).map(Box::middle).orElse(otherwise);
    }

    /** The device at a pixel. */
    public Optional<String> device(double x, double y) {
        return at(devices, x, y, 0);
    }

    /** The place of the board at a pixel; a little beside it counts. */
    public Optional<String> place(double x, double y) {
        return at(places, x, y, 9);
    }

    private static Optional<String> at(Map<String, Box> boxes, double x, double y, double beside) {
        return boxes.entrySet().stream()
                .filter(e -> new Box(
                                e.getValue().x() - 3 * beside,
                                e.getValue().y() - beside,
                                e.getValue().width() + 6 * beside,
                                e.getValue().height() + 2 * beside)
                        .holds(x, y))
                .min(Comparator.comparingDouble(e -> Math.abs(e.getValue().middle() - y)))
                .map(Map.Entry::getKey);
    }
}
