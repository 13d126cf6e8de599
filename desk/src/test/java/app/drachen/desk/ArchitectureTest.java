package app.drachen.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses DESK = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.drachen.desk");

    @Test
    void theDeskKnowsNoWindowNoDatabaseAndNoThread() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..", "java.sql..", "app.drachen.desktop..")
                .check(DESK);
        noClasses()
                .that()
                .resideOutsideOfPackage("app.drachen.desk.work")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.lang\\.Thread|java\\.util\\.concurrent\\.(.*Executors|.*Service|.*Pool)")
                .check(DESK);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.util\\.concurrent\\.(Executors|ThreadPool.*|ForkJoin.*)")
                .check(DESK);
    }

    /** Below the desk is one floor of work; flights and imports know the desk, not each other. */
    @Test
    void arrowsPointDown() {
        slices().matching("app.drachen.(desk)..(*)")
                .namingSlices("$2")
                .should()
                .beFreeOfCycles()
                .check(DESK);
        noClasses()
                .that()
                .resideInAPackage("app.drachen.desk")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.drachen.desk.flight", "app.drachen.desk.imports")
                .check(DESK);
        noClasses()
                .that()
                .resideInAPackage("app.drachen.desk.work")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("app.drachen.desk")
                .check(DESK);
    }
}
