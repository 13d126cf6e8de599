package app.drachen.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Situation;
import app.drachen.core.log.FlightLog;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.Revision;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.drachen.desktop");

    @Test
    void onlyOnePlaceHasThreads() {
        noClasses()
                .that()
                .resideOutsideOfPackages("app.drachen.desktop.screen", "app.drachen.desktop.app")
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "java\\.lang\\.Thread|java\\.util\\.concurrent\\..*Executor.*|javafx\\.application\\.Platform")
                .check(DESKTOP);
    }

    /** The toolkit's own keeps a picture of its content for every size there ever was (decision 73). */
    @Test
    void whatScrollsKeepsNoPicture() {
        noClasses()
                .that()
                .doNotHaveSimpleName("Scroller")
                .should()
                .callConstructor(javafx.scene.control.ScrollPane.class)
                .orShould()
                .callConstructor(javafx.scene.control.ScrollPane.class, javafx.scene.Node.class)
                .check(DESKTOP);
    }

    /** Classes run from Z to A: no window comes after the one of another process, which leaves the keyboard to nobody (decision 164). */
    @Test
    void noWindowIsTestedAfterThatOfAnotherProcess() {
        String last = "app.drachen.desktop.app.AnotherProcessTest";
        JavaClasses tests = new ClassFileImporter()
                .withImportOption(new ImportOption.OnlyIncludeTests())
                .importPackages("app.drachen.desktop");
        List<String> windows = tests.stream()
                .filter(c -> c.isAssignableTo("app.drachen.desktop.app.WindowTest")
                        || c.getDirectDependenciesFromSelf().stream()
                                .anyMatch(
                                        d -> d.getTargetClass().getPackageName().startsWith("org.testfx")))
                .map(c -> c.getName())
                .toList();
        assertTrue(tests.contain(last) && windows.size() > 15, windows.toString());
        assertEquals(
                List.of(),
                windows.stream().filter(name -> name.compareTo(last) <= 0).toList(),
                "give it a name that comes later in the alphabet");
    }

    @Test
    void nobodyOpensASocket() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.net\\.(.*Socket.*|http\\..*|.*Connection|Inet.*)")
                .check(DESKTOP);
    }

    /** Pictures read what is shown; an aircraft, a flight in the air and a log have their objects on the desk. */
    @Test
    void viewsHoldNoTruth() {
        noFields()
                .that()
                .areDeclaredInClassesThat()
                .resideInAnyPackage("app.drachen.desktop.stage..", "app.drachen.desktop.widget..")
                .and()
                .areNotStatic()
                .and()
                .areDeclaredInClassesThat()
                .areNotRecords()
                .and()
                .areDeclaredInClassesThat()
                .haveSimpleNameNotEndingWith("Painter")
                .should()
                .haveRawType(Rehearsal.class)
                .orShould()
                .haveRawType(Setup.class)
                .orShould()
                .haveRawType(Revision.class)
                .orShould()
                .haveRawType(FlightLog.class)
                .orShould()
                .haveRawType(Situation.class)
                .orShould()
                .haveRawType(Hangar.class)
                .check(DESKTOP);
        noClasses()
                .that()
                .resideInAnyPackage("app.drachen.desktop.stage..", "app.drachen.desktop.widget..")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Rehearsal.class)
                .check(DESKTOP);
    }

    @Test
    void stagesDoNotUseOneAnother() {
        slices().matching("app.drachen.desktop.stage.(*)..")
                .should()
                .notDependOnEachOther()
                .check(DESKTOP);
        slices().matching("app.drachen.desktop.(widget|chart|drawing|theme|screen|paper)..")
                .should()
                .beFreeOfCycles()
                .check(DESKTOP);
    }

    @Test
    void coloursAndStylesLiveInTheThemeOnly() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String text = Files.readString(file);
                boolean theme = file.toString().contains("theme");
                if (!theme && (text.matches("(?s).*#[0-9A-Fa-f]{6}.*") || text.contains("setStyle("))) {
                    found.add(file.toString());
                }
                assertTrue(text.lines().count() <= 400, file + " has grown too large");
            }
        }
        assertEquals(List.of(), found);
    }
}
