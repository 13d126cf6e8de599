package app.drachen.desktop.build;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.files.json.SetupJson;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.lang.reflect.Method;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lambdas that were written out do what they did. */
class LambdasTest {
    private static final String FORMS = "app.drachen.desktop.build.Forms";

    @TempDir
    Path folder;

    /** Has the classes that it is given before those of the program. */
    private static final class Woven extends ClassLoader {
        private final Map<String, byte[]> classes = new HashMap<>();

        Woven(Map<String, byte[]> written) {
            super(LambdasTest.class.getClassLoader());
            written.forEach((name, bytes) -> classes.put(name.replace('/', '.'), bytes));
        }

        @Override
        protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
            synchronized (getClassLoadingLock(name)) {
                byte[] bytes = classes.get(name);
                Class<?> known = findLoadedClass(name);
                return known != null
                        ? known
                        : bytes == null ? super.loadClass(name, resolve) : defineClass(name, bytes, 0, bytes.length);
            }
        }
    }

    private static List<byte[]> classes(Path root, String beginning) throws IOException {
        List<byte[]> all = new ArrayList<>();
        try (var files = Files.walk(root)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".class")).toList()) {
                if (file.getFileName().toString().startsWith(beginning)) {
                    all.add(Files.readAllBytes(file));
                }
            }
        }
        return all;
    }

    private static List<byte[]> forms() throws Exception {
        Path tests = Path.of(LambdasTest.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .toURI());
        return classes(tests.resolve("app/drachen/desktop/build"), "Forms");
    }

    /** All of a program's part, from the folder or the jar that it is run from. */
    private static List<byte[]> part(Class<?> of) {
        try {
            Path place = Path.of(
                    of.getProtectionDomain().getCodeSource().getLocation().toURI());
            if (Files.isDirectory(place)) {
                return classes(place, "");
            }
            try (FileSystem jar = FileSystems.newFileSystem(place)) {
                return classes(jar.getPath("/"), "");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (java.net.URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void everyFormAnswersAsBefore() throws Exception {
        Lambdas.Written written = Lambdas.of(forms());
        assertTrue(written.count() > 25, "written out: " + written.count());
        Method answers = new Woven(written.classes()).loadClass(FORMS).getDeclaredMethod("answers");
        answers.setAccessible(true);
        assertEquals(Forms.answers(), answers.invoke(null));
        assertEquals(0, Lambdas.of(written.classes().values()).count());
    }

    @Test
    void whatMayBeWrittenToAFileIsLeftToTheJdk() throws Exception {
        Class<?> forms = new Woven(Lambdas.of(forms()).classes()).loadClass(FORMS);
        Method serializable = forms.getDeclaredMethod("serializable");
        serializable.setAccessible(true);
        assertTrue(serializable.invoke(null).getClass().isHidden());
    }

    /** The machine that runs them checks each class of the program when its methods are asked for; the command line answers by them. */
    @Test
    void theWholeProgramStands() throws Exception {
        List<byte[]> all = new ArrayList<>();
        for (Class<?> part :
                List.of(DemoAircraft.class, SetupJson.class, app.drachen.desk.work.Foreseen.class, Lambdas.class)) {
            all.addAll(part(part));
        }
        Lambdas.Written written = Lambdas.of(all);
        assertTrue(written.count() > 1000);
        Woven woven = new Woven(written.classes());
        for (String name : written.classes().keySet()) {
            woven.loadClass(name.replace('/', '.')).getDeclaredMethods();
        }
        SetupJson.write(DemoAircraft.rochen(), folder.resolve("a.json"));
        String[] words = {"clearance", folder.resolve("a.json").toString()};
        assertEquals(said(LambdasTest.class.getClassLoader(), words), said(woven, words));
    }

    private static String said(ClassLoader loader, String[] words) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Method run = loader.loadClass("app.drachen.desktop.app.Quick")
                .getDeclaredMethod("run", String[].class, PrintStream.class, PrintStream.class);
        run.setAccessible(true);
        Object code = run.invoke(null, words, new PrintStream(out, true), System.err);
        assertFalse(out.toString().isBlank());
        return code + out.toString();
    }

    @Test
    void ofAJarOnlyClassesChange() throws Exception {
        Path jar = folder.resolve("drachen-some.jar");
        Path other = folder.resolve("library.jar");
        for (Path file : List.of(jar, other)) {
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
                zip.putNextEntry(new ZipEntry("META-INF/MANIFEST.MF"));
                zip.write("Manifest-Version: 1.0\n".getBytes());
                for (byte[] bytes : forms()) {
                    zip.putNextEntry(new ZipEntry(new org.objectweb.asm.ClassReader(bytes).getClassName() + ".class"));
                    zip.write(bytes);
                }
            }
        }
        byte[] before = Files.readAllBytes(other);
        Weave.main(new String[] {folder.toString()});
        assertArrayEquals(before, Files.readAllBytes(other));
        assertEquals(0, Weave.weave(jar));
        try (ZipFile zip = new ZipFile(jar.toFile());
                InputStream manifest = zip.getInputStream(zip.entries().nextElement())) {
            assertEquals("Manifest-Version: 1.0\n", new String(manifest.readAllBytes()));
            assertTrue(zip.size() > 25 + forms().size());
        }
        try (var left = Files.list(folder)) {
            assertEquals(2, left.count());
        }
    }
}
