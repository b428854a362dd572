package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import knollwind.core.scene.Length;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.Place;
import knollwind.core.scene.TrackKey;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Keys where they are wanted, and what a sentence does not say. */
class KeysAtHandTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Place place() {
        return bench.saved().document().scene("skipper").blocks().stream()
                .filter(block -> block.id().equals("name"))
                .findFirst()
                .orElseThrow()
                .place();
    }

    private Locator part(String name) {
        return bench.block("name").locator(".part[data-part='" + name + "']").first();
    }

    @Test
    void a_key_of_the_present_value_is_put_at_the_playhead() {
        bench.open("scene=skipper").select("name").at(40);
        Length before = place().x().literal().orElseThrow();
        part("x").click();
        page.locator(".drawer").getByText("a key at frame 40").click();
        assertThat(page.locator("[data-block='name']").first()).containsText("keyed");
        assertThat(place().x().keys().orElseThrow()).extracting(TrackKey::value).containsOnly(before);
    }

    @Test
    void what_is_recorded_runs_up_to_its_key_or_is_held_until_there() {
        bench.open("scene=skipper").select("name").at(60);
        page.getByText("record keys").click();
        part("x").focus();
        part("x").press("ArrowUp");
        assertThat(part("x")).hasText("keyed");
        assertThat(place().x().keys().orElseThrow())
                .extracting(TrackKey::easing)
                .doesNotContain(NamedEasings.HOLD);
        page.getByText("running up to it").click();
        assertThat(page.getByText("held until there")).isVisible();
        part("y").focus();
        part("y").press("ArrowUp");
        assertThat(part("y")).hasText("keyed");
        List<TrackKey<Length>> held = place().y().keys().orElseThrow();
        assertThat(held.get(0).easing()).isEqualTo(NamedEasings.HOLD);
        assertThat(held.get(1).value()).isNotEqualTo(held.get(0).value());
    }

    @Test
    void what_a_sentence_does_not_say_is_reached_by_its_end() {
        bench.open("scene=skipper").select("name");
        bench.block("name")
                .locator(".quietDirection .part", new Locator.LocatorOptions().setHasText("and \u2026"))
                .first()
                .click();
        Locator opacity = page.locator(".drawer").getByLabel("opacity").first();
        opacity.fill("40");
        opacity.press("Enter");
        assertThat(bench.block("name")).containsText("opacity 40 %");
    }
}
