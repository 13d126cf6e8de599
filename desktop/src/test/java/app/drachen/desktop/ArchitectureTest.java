package app.drachen.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
                .resideOutsideOfPackages("app.drachen.desktop.background", "app.drachen.desktop.app")
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "java\\.lang\\.Thread|java\\.util\\.concurrent\\..*Executor.*|javafx\\.application\\.Platform")
                .check(DESKTOP);
    }

    @Test
    void theWorkspaceKnowsNoSceneAndNobodyOpensASocket() {
        noClasses()
                .that()
                .haveSimpleName("Workspace")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("javafx..")
                .check(DESKTOP);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.net\\.(.*Socket.*|http\\..*|.*Connection|Inet.*)")
                .check(DESKTOP);
    }

    @Test
    void stagesDoNotUseOneAnother() {
        // the debrief reads the flight that Maiden flew, and nothing else crosses
        slices().matching("app.drachen.desktop.stage.(*)..")
                .should()
                .notDependOnEachOther()
                .ignoreDependency(
                        com.tngtech.archunit.base.DescribedPredicate.describe(
                                "debrief", c -> c.getPackageName().endsWith("stage.debrief")),
                        com.tngtech.archunit.base.DescribedPredicate.describe(
                                "the flight", c -> c.getSimpleName().equals("Flight")))
                .check(DESKTOP);
        slices().matching("app.drachen.desktop.(widget|chart|drawing|theme|background)..")
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
                assertTrue(text.lines().count() <= 500, file + " has grown too large");
            }
        }
        assertEquals(List.of(), found);
    }
}
