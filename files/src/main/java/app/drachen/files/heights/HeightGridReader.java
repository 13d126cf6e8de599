package app.drachen.files.heights;

import app.drachen.core.air.HeightGrid;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.StringTokenizer;

/**
 * Reads an ESRI ASCII grid of heights in metres on a metric plan: six lines of a header in any order and letters, then the rows from
 * the north.
 *
 * <p>Source: Esri, ArcGIS documentation, "Esri ASCII raster format" (ncols, nrows, xllcorner or xllcenter, yllcorner or yllcenter,
 * cellsize, NODATA_value with −9999 as usual).
 */
public final class HeightGridReader {
    private static final List<String> NEEDED = List.of("ncols", "nrows", "cellsize");

    /** So many cells are read at most; more would fill the memory. */
    public static final int MOST = 16_000_000;

    private HeightGridReader() {}

    /**
     * Reads a file.
     *
     * @throws ImportFailedException with file, place and remedy
     */
    public static HeightGrid read(Path file, Progress progress) throws IOException, ImportFailedException {
        try (BufferedReader in = Files.newBufferedReader(file, StandardCharsets.US_ASCII)) {
            return new HeightGridReader.Reading(file, in, progress).grid();
        } catch (MalformedInputException e) {
            throw new ImportFailedException(file, "", "this is no text; choose an ESRI ASCII grid (.asc)");
        }
    }

    /** One file being read. */
    private static final class Reading {
        private final Path file;
        private final BufferedReader in;
        private final Progress progress;
        private final Map<String, Double> header = new HashMap<>();
        private int line;

        Reading(Path file, BufferedReader in, Progress progress) {
            this.file = file;
            this.in = in;
            this.progress = progress;
        }

        HeightGrid grid() throws IOException, ImportFailedException {
            String first = header();
            for (String name : NEEDED) {
                if (!header.containsKey(name)) {
                    throw failed("its header has no " + name + "; choose an ESRI ASCII grid (.asc)");
                }
            }
            int columns = count("ncols");
            int rows = count("nrows");
            double cell = header.get("cellsize");
            if (!(cell >= 0.1 && cell <= 10_000)) {
                throw failed(
                        "cells of " + cell
                                + " are no metres, perhaps degrees; save the grid on a metric plan, with cells of 0.1 to 10 000 m");
            }
            if ((long) columns * rows > MOST) {
                throw failed("it has " + (long) columns * rows + " cells; cut out the land about the field, at most "
                        + MOST);
            }
            float[] heights = new float[columns * rows];
            fill(heights, first, header.getOrDefault("nodata_value", -9_999.0));
            return new HeightGrid(corner("xll", cell), corner("yll", cell), cell, columns, heights);
        }

        /** Reads the header; returns the first line behind it. */
        private String header() throws IOException, ImportFailedException {
            String text;
            while ((text = next()) != null) {
                String[] words = text.strip().split("\\s+");
                if (words.length != 2 || !Character.isLetter(words[0].charAt(0)) || words[0].equalsIgnoreCase("nan")) {
                    return text;
                }
                header.put(words[0].toLowerCase(Locale.ROOT), number(words[1]));
            }
            return "";
        }

        private int count(String name) throws ImportFailedException {
            double value = header.get(name);
            if (value < 1 || value != Math.rint(value) || value > MOST) {
                throw failed(name + " is " + value + "; it must be a whole number above 0");
            }
            return (int) value;
        }

        private double corner(String name, double cell) throws ImportFailedException {
            Double corner = header.get(name + "corner");
            Double centre = header.get(name + "center");
            if (corner == null && centre == null) {
                throw failed("its header has neither " + name + "corner nor " + name + "center");
            }
            return corner != null ? corner : centre - cell / 2;
        }

        private void fill(float[] heights, String first, double unknown) throws IOException, ImportFailedException {
            Arrays.fill(heights, Float.NaN);
            int at = 0;
            for (String text = first; text != null; text = next()) {
                StringTokenizer words = new StringTokenizer(text);
                while (words.hasMoreTokens()) {
                    double value = number(words.nextToken());
                    if (at == heights.length) {
                        throw failed(
                                "more heights than ncols × nrows; the header or the file is broken, save the grid again");
                    }
                    boolean known = value != unknown;
                    if (known && !(value > -5_000 && value < 9_000)) {
                        throw failed(
                                "a height of " + value + " m is none; say what stands for unknown with NODATA_value");
                    }
                    heights[at++] = known ? (float) value : Float.NaN;
                }
                if (line % 64 == 0) {
                    progress.at((double) at / heights.length);
                    if (progress.cancelled()) {
                        throw failed("cancelled");
                    }
                }
            }
            if (at < heights.length) {
                throw failed("only " + at + " of " + heights.length + " heights; the file ends early, copy it again");
            }
        }

        private double number(String word) throws ImportFailedException {
            try {
                return Double.parseDouble(word);
            } catch (NumberFormatException e) {
                throw failed("“" + word.substring(0, Math.min(20, word.length()))
                        + "” is no number; mend it or save the grid again");
            }
        }

        private String next() throws IOException {
            line++;
            return in.readLine();
        }

        private ImportFailedException failed(String problem) {
            return new ImportFailedException(file, "line " + line, problem);
        }
    }
}
