package knollwind.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Commands on paint on core, without a server. */
class RoomsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("knollwind");

    @Test
    void nobody_knows_the_commands() {
        noClasses()
                .that()
                .resideInAnyPackage("knollwind.core..", "knollwind.paint..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("knollwind.cli..")
                .check(ALL);
    }

    @Test
    void the_commands_paint_nothing_themselves_and_ask_no_server() {
        noClasses()
                .that()
                .resideInAPackage("knollwind.cli..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "io.github.humbleui..", "knollwind.server..", "org.springframework..", "java.net.http..")
                .check(ALL);
    }
}
