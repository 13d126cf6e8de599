package app.drachen.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The floors of the house: a package uses only packages of its own or earlier floors. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.drachen.core");

    private static final List<List<String>> FLOORS = List.of(
            List.of("units", "working", "math"),
            List.of("air", "geodesy", "log", "plot"),
            List.of("airframe", "propulsion", "controls", "modes", "harness", "signals"),
            List.of("setup"),
            List.of("aerodynamics", "wiring"),
            List.of("flight"),
            List.of("hearing"),
            List.of("sensing"),
            List.of("autopilot"),
            List.of("bench"),
            List.of("debrief", "debrief.checks"),
            List.of("cards"),
            List.of("rehearsal"),
            List.of("calc"),
            List.of("clearance"),
            List.of(
                    "stages.build",
                    "stages.harness",
                    "stages.throwing",
                    "stages.modes",
                    "stages.signals",
                    "stages.bench",
                    "stages.maiden",
                    "stages.tune",
                    "stages.homing",
                    "stages.reach",
                    "stages.mission",
                    "stages.logbook"),
            List.of("stages", "draft"),
            List.of("demo"));

    @Test
    void packagesUseOnlyEarlierFloors() {
        LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (int floor = 0; floor < FLOORS.size(); floor++) {
            String[] packages =
                    FLOORS.get(floor).stream().map(p -> "app.drachen.core." + p).toArray(String[]::new);
            house = house.layer("floor " + floor).definedBy(packages);
        }
        for (int floor = 0; floor < FLOORS.size(); floor++) {
            String[] above = java.util.stream.IntStream.range(floor + 1, FLOORS.size())
                    .mapToObj(f -> "floor " + f)
                    .toArray(String[]::new);
            house = above.length == 0
                    ? house.whereLayer("floor " + floor).mayNotBeAccessedByAnyLayer()
                    : house.whereLayer("floor " + floor).mayOnlyBeAccessedByLayers(above);
        }
        house.check(CORE);
    }

    @Test
    void noCyclesBetweenPackagesOfAFloor() {
        // the list of checks is the one place where a package knows its sub-package
        slices().matching(
                        "app.drachen.core.(units|working|math|air|geodesy|log|plot|airframe|propulsion|controls|modes|harness)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
    }

    @Test
    void stagesDoNotKnowOneAnother() {
        slices().matching("app.drachen.core.stages.(*)")
                .should()
                .notDependOnEachOther()
                .check(CORE);
    }

    @Test
    void coreKnowsNoInterfaceNoDatabaseNoThreadsNoClock() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "java.sql..",
                        "java.awt..",
                        "javax.swing..",
                        "java.util.concurrent..",
                        "java.nio.file..",
                        "java.io..",
                        "com.fasterxml..")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "java\\.lang\\.(Thread|ProcessBuilder)|java\\.time\\.(Clock|Instant)|java\\.util\\.Random")
                .check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(Math.class, "random").check(CORE);
    }
}
