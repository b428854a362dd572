package knollwind.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The rooms of the core and their one-way arrows. */
class RoomsTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("knollwind.core");

    @Test
    void arrows_point_one_way() {
        layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("knollwind.core..")
                .layer("scene")
                .definedBy("..scene..")
                .layer("type")
                .definedBy("..type..")
                .layer("motion")
                .definedBy("..motion..")
                .layer("sound")
                .definedBy("..sound..")
                .layer("document")
                .definedBy("..document..")
                .layer("filling")
                .definedBy("..filling..")
                .layer("edit")
                .definedBy("..edit..")
                .layer("frame")
                .definedBy("..frame..")
                .layer("directions")
                .definedBy("..directions..")
                .layer("library")
                .definedBy("..library..")
                .whereLayer("type")
                .mayOnlyBeAccessedByLayers("frame", "directions", "edit")
                .whereLayer("motion")
                .mayOnlyBeAccessedByLayers("frame", "directions", "library", "edit")
                .whereLayer("sound")
                .mayOnlyBeAccessedByLayers("frame")
                .whereLayer("frame")
                .mayOnlyBeAccessedByLayers("directions", "edit")
                .whereLayer("document")
                .mayOnlyBeAccessedByLayers("edit")
                .whereLayer("filling")
                .mayOnlyBeAccessedByLayers("frame", "edit")
                .whereLayer("edit")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("directions")
                .mayOnlyBeAccessedByLayers("library", "edit")
                .whereLayer("library")
                .mayNotBeAccessedByAnyLayer()
                .check(CORE);
    }

    @Test
    void rooms_form_no_circle() {
        slices().matching("knollwind.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void the_core_knows_no_server_no_database_and_no_web() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "jakarta..", "java.sql..", "java.net.http..")
                .check(CORE);
    }

    @Test
    void only_type_knows_the_graphics_library() {
        noClasses()
                .that()
                .resideOutsideOfPackage("..type..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("io.github.humbleui..")
                .check(CORE);
    }
}
