package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.scene.DocumentException;
import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Operation;
import knollwind.core.scene.Patch;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SoundCheckTest {
    @Test
    void the_demo_is_sound() {
        assertThatCode(() -> SoundCheck.check(Samples.demo())).doesNotThrowAnyException();
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
                "formats/wide/overrides | [{\"id\":\"o\",\"block\":\"title\",\"path\":[\"setting\",\"size\"],\"value\":0}] | formats/wide | between 0.5 and 4000",
            })
    void a_document_that_could_not_be_shown_is_refused_with_its_path(
            String at, String value, String path, String reason) {
        Patch patch = new Patch(List.of(new Operation.Set("scenes/opening/" + at, DocumentJson.tree(value))));
        Project project = DocumentJson.read(patch.apply(Samples.demoTree()).document());
        assertThatThrownBy(() -> SoundCheck.check(project))
                .hasMessageContaining(reason)
                .asInstanceOf(type(DocumentException.class))
                .extracting(DocumentException::path)
                .asString()
                .contains(path);
    }
}
