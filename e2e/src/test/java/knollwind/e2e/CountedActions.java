package knollwind.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;

/** Counts the actions that a job takes: clicks, drags, and groups of keys that are pressed without one between. */
abstract class CountedActions {
    final Application application = Application.get();
    final Workbench bench = application.demo();
    final Page page = bench.page();

    int actions;
    private boolean keys;

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    void click(Locator on) {
        actions++;
        keys = false;
        on.click();
    }

    void press(String... pressed) {
        group();
        for (String key : pressed) {
            page.keyboard().press(key);
        }
    }

    void type(String text) {
        group();
        page.keyboard().type(text);
    }

    private void group() {
        actions += keys ? 0 : 1;
        keys = true;
    }

    /** What was copied elsewhere is pasted. */
    void paste(String text) {
        group();
        bench.paste(text);
    }

    int taken() {
        int all = actions;
        actions = 0;
        keys = false;
        return all;
    }

    Scene scene(String id) {
        return bench.saved().document().scene(id);
    }

    Locator text(String text) {
        return page.getByText(text, new Page.GetByTextOptions().setExact(true));
    }
}
