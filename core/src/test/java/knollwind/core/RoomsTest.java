package knollwind.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

/** The rooms of the core and their one-way arrows. */
class RoomsTest {
    private static final String ROOT = "knollwind.core.";

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("knollwind.core");

    /** Each room with those it may know. */
    private static final Map<String, List<String>> MAY_KNOW = Map.ofEntries(
            Map.entry("scene", List.of()),
            Map.entry("document", List.of("scene")),
            Map.entry("filling", List.of("scene", "document", "wording")),
            Map.entry("wording", List.of("scene", "motion", "directions.grammar")),
            Map.entry("table", List.of("scene", "document", "filling")),
            Map.entry("template", List.of("scene", "document", "check", "filling", "wording")),
            Map.entry("check", List.of("scene", "document", "filling", "motion", "dressing", "wording")),
            Map.entry("dressing", List.of("scene", "geometry", "display", "simulation")),
            Map.entry("simulation", List.of("geometry", "motion")),
            Map.entry("geometry", List.of("scene")),
            Map.entry("type", List.of("scene", "geometry")),
            Map.entry("motion", List.of("scene")),
            Map.entry("sound", List.of("scene")),
            Map.entry("speech", List.of("sound")),
            Map.entry("caption", List.of("scene", "speech")),
            Map.entry("handwriting", List.of("scene", "geometry", "type")),
            Map.entry("layout", List.of("scene", "geometry", "type", "motion", "sound", "speech")),
            Map.entry("display", List.of("geometry")),
            Map.entry(
                    "frame",
                    List.of(
                            "scene",
                            "filling",
                            "geometry",
                            "type",
                            "motion",
                            "sound",
                            "handwriting",
                            "layout",
                            "dressing",
                            "display",
                            "wording")),
            Map.entry("directions.grammar", List.of("scene")),
            Map.entry("directions.controls", List.of("scene", "document", "directions.grammar")),
            Map.entry(
                    "directions.move",
                    List.of("scene", "document", "motion", "directions.grammar", "directions.controls")),
            Map.entry(
                    "directions.setting",
                    List.of(
                            "scene",
                            "document",
                            "type",
                            "motion",
                            "geometry",
                            "layout",
                            "directions.grammar",
                            "directions.controls",
                            "directions.move",
                            "directions.tracks")),
            Map.entry(
                    "directions.tracks",
                    List.of(
                            "scene",
                            "document",
                            "motion",
                            "directions.grammar",
                            "directions.controls",
                            "directions.move")),
            Map.entry(
                    "directions.dress",
                    List.of(
                            "scene",
                            "document",
                            "dressing",
                            "directions.grammar",
                            "directions.controls",
                            "directions.move",
                            "directions.tracks")),
            Map.entry(
                    "directions.caption",
                    List.of("scene", "document", "caption", "frame", "directions.grammar", "directions.controls")),
            Map.entry(
                    "directions.scene",
                    List.of(
                            "scene",
                            "document",
                            "directions.grammar",
                            "directions.controls",
                            "directions.move",
                            "directions.setting")),
            Map.entry(
                    "directions",
                    List.of(
                            "scene",
                            "document",
                            "type",
                            "motion",
                            "geometry",
                            "frame",
                            "directions.grammar",
                            "directions.controls",
                            "directions.move",
                            "directions.setting",
                            "directions.dress",
                            "directions.scene")),
            Map.entry(
                    "library",
                    List.of("scene", "document", "motion", "dressing", "directions.move", "directions.dress")),
            Map.entry(
                    "edit",
                    List.of(
                            "scene",
                            "document",
                            "filling",
                            "wording",
                            "table",
                            "template",
                            "library",
                            "dressing",
                            "motion",
                            "type",
                            "speech",
                            "caption",
                            "layout",
                            "frame",
                            "geometry",
                            "directions",
                            "directions.caption",
                            "directions.controls",
                            "directions.move",
                            "directions.setting",
                            "directions.dress",
                            "directions.scene")));

    static final List<String> ROOMS = List.copyOf(new TreeSet<>(MAY_KNOW.keySet()));

    @ParameterizedTest
    @FieldSource("ROOMS")
    void a_room_knows_no_other_than_those_it_may_know(String room) {
        DescribedPredicate<JavaClass> unknown = resideInAPackage("knollwind.core..")
                .and(DescribedPredicate.describe(
                        "stand in a room that " + room + " may not know",
                        one -> !one.getPackageName().equals(ROOT + room)
                                && MAY_KNOW.get(room).stream()
                                        .noneMatch(known -> one.getPackageName().equals(ROOT + known))));
        noClasses()
                .that()
                .resideInAPackage(ROOT + room)
                .should()
                .dependOnClassesThat(unknown)
                .check(CORE);
    }

    @Test
    void every_room_is_told_of() {
        assertThat(CORE.stream().map(JavaClass::getPackageName).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        ROOMS.stream().map(room -> ROOT + room).toList());
    }

    @Test
    void rooms_form_no_circle() {
        slices().matching("knollwind.core.(**)").should().beFreeOfCycles().check(CORE);
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
