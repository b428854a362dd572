package knollwind.core.check;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DocumentCheckTest {
    @Test
    void the_demo_is_sound() {
        assertThatCode(() -> DocumentCheck.check(Samples.demo())).doesNotThrowAnyException();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "blocks/title/arrive/moves/m1/easing | \"wobble\" | blocks/title/arrive/moves/m1/easing | not an easing function",
                "blocks/title/leave/moves/m1/channels/c1/keys/k0/easing | \"ease(\" | blocks/title/leave/moves/m1/channels/c1/keys/k0/easing | not an easing function",
                "blocks/title/opacity | {\"field\":\"fare\"} | blocks/title/opacity | no field 'fare'",
                "blocks/title/setting/fill/colour | {\"field\":\"tint\"} | blocks/title/setting/fill/colour | no field 'tint'",
                "blocks/far-hills/place/x/track/d0/easing | \"steps(0)\" | blocks/far-hills/place/x/track/d0/easing | at least 1 step",
                "blocks/title/opacity | {\"track\":[{\"id\":\"a\",\"at\":0,\"value\":1,\"easing\":\"wobble\"}]} | blocks/title/opacity/track/a | not an easing function",
                "blocks/title/setting/fill/colour | {\"track\":[{\"id\":\"a\",\"at\":0,\"value\":\"#c8472f\"}]} | blocks/title/setting/fill/colour | cannot carry keys",
                "blocks/title/place/x | {\"track\":[{\"id\":\"a\",\"at\":0,\"value\":{\"value\":1,\"unit\":\"px\"}},{\"id\":\"b\",\"at\":9,\"value\":{\"value\":1,\"unit\":\"em\"}}]} | blocks/title/place/x | one unit",
            })
    void a_document_that_could_not_be_shown_is_refused_with_its_path(
            String at, String value, String path, String reason) {
        Patch patch = new Patch(List.of(new Operation.Set("scenes/opening/" + at, DocumentJson.tree(value))));
        Project project = DocumentJson.read(patch.apply(Samples.demoTree()).document());
        assertThatThrownBy(() -> DocumentCheck.check(project))
                .hasMessageContaining(reason)
                .asInstanceOf(type(DocumentException.class))
                .extracting(DocumentException::path)
                .asString()
                .contains(path);
    }

    @ParameterizedTest(name = "{0} as {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "colour | \"#c8472f\" | blocks/title/opacity",
                "number | 4 | blocks/title/setting/fill/colour",
                "text | \"red\" | blocks/title/setting/fill/colour",
                "number | 4 | blocks/title/place/x",
            })
    void a_field_of_another_kind_is_refused_where_it_stands(String kind, String value, String at) {
        Patch patch = new Patch(List.of(
                new Operation.Set(
                        "fields",
                        DocumentJson.tree("[{\"id\":\"f\",\"name\":\"Fare\",\"kind\":\"" + kind + "\",\"value\":"
                                + value + "}]")),
                new Operation.Set("scenes/opening/" + at, DocumentJson.tree("{\"field\":\"f\"}"))));
        Project project = DocumentJson.read(patch.apply(Samples.demoTree()).document());
        assertThatThrownBy(() -> DocumentCheck.check(project))
                .hasMessageContaining(at)
                .hasMessageContaining("the field 'Fare' cannot stand here");
    }
}
