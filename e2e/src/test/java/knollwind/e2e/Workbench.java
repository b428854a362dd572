package knollwind.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Project;
import tools.jackson.databind.JsonNode;

/** The workbench as its user meets it: what can be seen, and what can be done with mouse and keys. */
public final class Workbench {
    private final Page page;
    private final String address;
    private final String project;

    public Workbench(Page page, String address, String project) {
        this.page = page;
        this.address = address;
        this.project = project;
        Shot.address = address;
    }

    /** Not yet opened. */
    public static Workbench copyOfDemo(Page page, String address) {
        String answer = page.request()
                .post(
                        address + "/api/projects/ternholm-night-ferry/duplicate",
                        RequestOptions.create().setData(Map.of()))
                .text();
        return new Workbench(page, address, DocumentJson.tree(answer).get("id").asString());
    }

    /** A new project with something to type over; not yet opened. */
    public static Workbench begun(Page page, String address, String beginning) {
        Map<String, Object> wanted = Map.of(
                "name",
                "Crossing",
                "width",
                1920,
                "height",
                1080,
                "rate",
                Map.of("numerator", 25, "denominator", 1),
                "beginning",
                beginning);
        String answer = page.request()
                .post(address + "/api/projects", RequestOptions.create().setData(wanted))
                .text();
        return new Workbench(page, address, DocumentJson.tree(answer).get("id").asString());
    }

    /** @param query such as {@code scene=skipper} */
    public Workbench open(String query) {
        page.navigate(address + "/projects/" + project + "?paint=software" + (query.isEmpty() ? "" : "&" + query));
        page.waitForSelector(".page .sentence");
        return settled();
    }

    public Page page() {
        return page;
    }

    public String project() {
        return project;
    }

    /** Waits until the picture shows the newest draft at the playhead. */
    public Workbench settled() {
        page.waitForSelector(".frame canvas[aria-busy='false']");
        return this;
    }

    public Workbench saved() {
        page.waitForSelector(".saveState.saved");
        return this;
    }

    /** The pixels of the picture as it stands on the screen. */
    public Shot shot() {
        String url = (String) page.evaluate("() => document.querySelector('.frame canvas').toDataURL('image/png')");
        return Shot.png(Base64.getDecoder().decode(url.substring(url.indexOf(',') + 1)));
    }

    /** The document as the server has it. */
    public Project document() {
        return DocumentJson.read(tree());
    }

    public JsonNode tree() {
        return DocumentJson.tree(
                        page.request().get(address + "/api/projects/" + project).text())
                .get("document");
    }

    /** Saves a value past the page, as what was made elsewhere has it. */
    public Workbench made(String at, Object value) {
        String url = address + "/api/projects/" + project;
        int base = DocumentJson.tree(page.request().get(url).text())
                .get("revision")
                .asInt();
        Map<String, Object> set = Map.of("op", "set", "at", at, "value", value);
        page.request()
                .post(
                        url + "/revisions",
                        RequestOptions.create()
                                .setData(Map.of(
                                        "base",
                                        base,
                                        "change",
                                        UUID.randomUUID().toString(),
                                        "patch",
                                        Map.of("operations", List.of(set)))));
        return this;
    }

    /** What the list that was just opened offers: one that is still coming up can miss a click. */
    public Locator offered() {
        page.waitForFunction("() => document.querySelector('.ant-dropdown:not(.ant-dropdown-hidden)')"
                + "?.getAnimations().length === 0");
        return page.locator(".ant-dropdown:not(.ant-dropdown-hidden) .ant-dropdown-menu-item");
    }

    public Locator block(String id) {
        return page.locator("[data-block='" + id + "']");
    }

    public Locator words(String id) {
        return block(id).locator("textarea.words");
    }

    /** The sentences of a phase as they stand on the page. */
    public Locator sentence(String block, String phase) {
        return block(block).locator("[data-phase='" + phase + "'] .sentence").first();
    }

    public Locator parts(String block) {
        return block(block).locator(".part");
    }

    public Locator part(String block, String phase, String name) {
        return block(block)
                .locator("[data-phase='" + phase + "'] .part[data-part='" + name + "']")
                .first();
    }

    public Workbench select(String block) {
        page.locator(".name:text-is('" + name(block) + "')").click();
        page.waitForSelector("[data-block='" + block + "'].block.selected");
        return this;
    }

    private String name(String block) {
        return document().scenes().stream()
                .flatMap(scene -> scene.blocks().stream())
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow()
                .name();
    }

    /** Puts the playhead at a frame by typing its number. */
    public Workbench at(int frame) {
        Locator time = page.getByLabel("Time at the playhead");
        time.fill("" + frame);
        time.press("Enter");
        page.waitForFunction(
                "wanted => document.querySelector('.frame canvas').dataset.shown === String(wanted)", frame);
        return settled();
    }

    /** The picture as it stands is what the Java painter makes of what is saved. */
    public void agrees(String scene, int frame) {
        shot().assertShows(Shot.score(document(), scene), frame, scene);
    }

    /** Pastes what was copied elsewhere. */
    public Workbench paste(String text) {
        page.evaluate(
                "text => { const data = new DataTransfer(); data.setData('text/plain', text);"
                        + " document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true })); }",
                text);
        return this;
    }

    public Workbench undo() {
        page.keyboard().press("Control+z");
        return this;
    }

    /** Drags from the middle of something by so many pixels, without letting go. */
    public void dragging(Locator from, double dx, double dy) {
        var box = from.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + dx / 2, box.y + box.height / 2 + dy / 2);
        page.mouse().move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy);
    }

    public void drag(Locator from, double dx, double dy) {
        dragging(from, dx, dy);
        page.mouse().up();
    }

    /** Takes an option of a choice in the open drawer. */
    public void choose(String label, String option) {
        Locator row =
                page.locator(".drawer .row").and(page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)));
        row.waitFor();
        if (row.locator(".ant-select").count() == 0) {
            row.getByText(option, new Locator.GetByTextOptions().setExact(true)).click();
            return;
        }
        row.locator(".ant-select").click();
        // A list that is still coming up can miss a click; one that is going away still stands in the page.
        page.waitForFunction("() => document.querySelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden)')"
                + "?.getAnimations().length === 0");
        page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(option))
                .click();
    }

    /** The grip of a ribbon: start, end, arrive, leave or body. */
    public Locator grip(String block, String grip) {
        return page.locator("[data-ribbon='" + block + "'] [data-grip='" + grip + "']");
    }

    /** How wide a frame of the open scene is in the bar sheet. */
    public double pixelsPerFrame() {
        double end = ((Number) page.evaluate("() => Number(document.querySelector('.sceneEnd').getAttribute('x1'))"))
                .doubleValue();
        Project document = document();
        Object open = page.evaluate("() => new URLSearchParams(location.search).get('scene')");
        return end / (open == null ? document.scenes().get(0) : document.scene(open.toString())).length();
    }

    public List<String> sentences(String block) {
        return block(block).locator(".sentence").allInnerTexts();
    }
}
