package app.drachen.desktop.build;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** Writes the lambdas of our own jars out; the build runs it on the program that it has put together. A second run changes nothing. */
public final class Weave {
    private static final String CLASS = ".class";

    private Weave() {}

    /**
     * Writes out.
     *
     * @param arguments the folder of the program
     */
    public static void main(String[] arguments) throws IOException {
        List<Path> jars;
        try (var files = Files.list(Path.of(arguments[0]))) {
            jars = files.filter(f -> f.getFileName().toString().matches("drachen-.*\\.jar"))
                    .toList();
        }
        for (Path jar : jars) {
            weave(jar);
        }
    }

    /** Writes the lambdas of a jar out. Everything else in it stays, in its order and with its dates. */
    static int weave(Path jar) throws IOException {
        Map<String, ZipEntry> dates = new LinkedHashMap<>();
        Map<String, byte[]> files = new LinkedHashMap<>();
        List<byte[]> classes = new ArrayList<>();
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            for (ZipEntry entry : Collections.list(zip.entries())) {
                byte[] bytes = zip.getInputStream(entry).readAllBytes();
                dates.put(entry.getName(), entry);
                files.put(entry.getName(), bytes);
                if (entry.getName().endsWith(CLASS)) {
                    classes.add(bytes);
                }
            }
        }
        Lambdas.Written written = Lambdas.of(classes);
        if (written.count() == 0) {
            return 0;
        }
        written.classes().forEach((name, bytes) -> files.put(name + CLASS, bytes));
        Path next = jar.resolveSibling(jar.getFileName() + ".next");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(next))) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                put(zip, file.getKey(), dates.get(host(file.getKey())), file.getValue());
            }
        }
        Files.move(next, jar, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        return written.count();
    }

    /** The class that a lambda was written in; the name itself of anything else. */
    private static String host(String name) {
        return name.replaceFirst("\\$Lambda[0-9]+\\.class$", CLASS);
    }

    private static void put(ZipOutputStream zip, String name, ZipEntry like, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(like.getTimeLocal());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }
}
