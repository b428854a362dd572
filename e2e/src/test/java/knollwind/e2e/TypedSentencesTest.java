package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.ShapeBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Shapes and scenes told by typing. */
class TypedSentencesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    private Locator scene() {
        page.keyboard().press("t");
        Locator field = page.getByLabel("Type what the scene is");
        field.waitFor();
        return field;
    }

    @Test
    void a_shape_is_typed_and_what_cannot_be_read_is_kept_with_what_was_likely_meant() {
        bench.open("scene=opening").select("lamp-line");
        page.locator(".block.selected .quietDirection")
                .getByLabel("Type this direction")
                .first()
                .click();
        Locator field = page.getByLabel("Type the shape");
        field.fill("10 px high, cornered");
        field.press("Enter");
        assertThat(page.locator(".typedLine .problem")).containsText("\"cornered\" cannot be read here");
        assertThat(page.locator(".typedLine .completions")).containsText("corners 12 px");
        assertThat(field).hasValue("10 px high, cornered");
        field.fill("10 px high, corners 5 px, in #c8472f");
        field.press("Enter");
        assertThat(bench.block("lamp-line")).containsText("10 px high, corners 5 px");
        ShapeBlock line = (ShapeBlock) bench.saved().document().scene("opening").blocks().stream()
                .filter(one -> one.id().equals("lamp-line"))
                .findFirst()
                .orElseThrow();
        assertThat(((ShapeBlock.Rectangle) line.shape()).radius()).isEqualTo(5);
        assertThat(line.fill().oneColour().orElseThrow().literal()).contains("#c8472f");
    }

    @Test
    void a_crossing_and_a_camera_are_typed_with_completion() {
        bench.open("scene=skipper");
        Locator field = scene();
        field.fill("the next scene comes in by s");
        assertThat(page.locator(".completions li"))
                .hasText(new String[] {"the next scene comes in by sliding to the left over 18 frames"});
        field.press("ArrowDown");
        field.press("Tab");
        assertThat(field).hasValue("the next scene comes in by sliding to the left over 18 frames");
        assertThat(page.locator(".completions")).hasCount(0);
        field.press("Enter");
        assertThat(page.locator(".behind").first()).containsText("comes in by sliding to the left over 18 frames");
        scene().fill("the camera shows 100 % at frame 0, then 112 % at frame 90");
        page.keyboard().press("Enter");
        assertThat(page.locator(".behind").first()).containsText("The camera shows 100 %");
        var skipper = bench.saved().document().scene("skipper");
        assertThat(skipper.crossing().kind()).isEqualTo(Crossing.Kind.SLIDE);
        assertThat(skipper.crossing().frames()).isEqualTo(18);
        assertThat(skipper.camera().keys()).hasSize(2);
    }
}
