package knollwind.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.junit.jupiter.api.Test;

/** Server on paint on core, and no way back. */
class RoomsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("knollwind");

    @Test
    void arrows_between_the_modules_point_one_way() {
        noClasses()
                .that()
                .resideInAPackage("knollwind.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("knollwind.paint..", "knollwind.server..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("knollwind.paint..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("knollwind.server..", "org.springframework..")
                .check(ALL);
    }

    @Test
    void the_server_paints_nothing_itself() {
        noClasses()
                .that()
                .resideInAPackage("knollwind.server..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("io.github.humbleui..")
                .check(ALL);
    }

    @Test
    void the_servers_rooms_form_no_circle() {
        SlicesRuleDefinition.slices()
                .matching("knollwind.server.(*)..")
                .should()
                .beFreeOfCycles()
                .check(ALL);
    }
}
