package app.drachen.files;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses FILES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.drachen.files");

    @Test
    void filesKnowNoInterfaceAndOnlyTheHangarKnowsTheDatabase() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..")
                .check(FILES);
        // sockets are those of the stand-in board, which listens on this machine alone and calls nobody, and of the
        // question to a
        // bridge, which goes to this machine alone and only when the pilot asks
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("app.drachen.files.standin.StandInServer")
                .and()
                .doNotHaveFullyQualifiedName("app.drachen.files.standin.Bridge")
                .and()
                .haveNameNotMatching("app\\.drachen\\.files\\.standin\\.Value(Sender|Receiver).*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.net..")
                .check(FILES);
        noClasses()
                .that()
                .resideOutsideOfPackage("app.drachen.files.hangar")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.sql..")
                .check(FILES);
    }

    @Test
    void noCycles() {
        slices().matching("app.drachen.files.(*)..").should().beFreeOfCycles().check(FILES);
    }
}
