package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Pictures in frames of their own, in shapes and behind the scene. */
class PicturesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void close() {
        page.close();
    }

    @Test
    void pictures_stand_in_frames_and_behind_the_scene_as_they_are_exported() throws IOException {
        bench.open("scene=end-card").select("when").at(100);
        page.getByLabel("Picture files", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload("harbour.png", "image/png", harbour()));
        assertThat(page.locator("[data-block='picture-1']")).containsText("harbour.png");
        assertThat(page.locator("[data-block='picture-1']"))
                .containsText("the picture \u201charbour.png\u201d covering it");
        agrees();

        bench.block("picture-1").locator(".part[data-part='colour']").click();
        page.locator(".drawer").getByText("seen whole").click();
        assertThat(page.locator("[data-block='picture-1']")).containsText("seen whole");
        agrees();

        page.locator(".behind .part").first().click();
        page.locator(".behind")
                .getByLabel("Picture file")
                .setInputFiles(new FilePayload("sky.jpg", "image/jpeg", harbour()));
        assertThat(page.locator(".behind")).containsText("the picture \u201csky.jpg\u201d");
        agrees();
        bench.open("scene=end-card");
        assertThat(page.locator(".behind")).containsText("sky.jpg");
        bench.at(100);
        agrees();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void a_picture_bomb_is_refused_with_its_reason() {
        bench.open("");
        page.getByLabel("Picture files", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload("bomb.svg", "image/svg+xml", "<svg".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".addWords .problem")).containsText("bomb.svg: The SVG file is damaged");
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @Test
    void a_film_runs_behind_the_scene_as_it_is_exported() throws IOException {
        bench.open("scene=end-card").at(100);
        page.locator(".behind .part").first().click();
        page.locator(".behind")
                .getByLabel("Picture file")
                .setInputFiles(Path.of("..", "demo", "pictures", "lamp-on-water.mp4"));
        Locator behind = page.locator(".behind");
        assertThat(behind).containsText("the film \u201clamp-on-water.mp4\u201d covering it");
        assertThat(behind).containsText("frames 0 to 191 at 100 % of its speed, over and over");
        agrees();
        Shot before = bench.shot();
        bench.at(110);
        assertThat(bench.shot().from(before).mean()).isGreaterThan(0.3);
        agrees();

        behind.locator(".part[data-part='film speed']").click();
        page.locator(".drawer").getByLabel("speed").fill("50");
        page.keyboard().press("Enter");
        assertThat(behind).containsText("at 50 % of its speed");
        agrees();
        behind.locator(".part[data-part='film run']").click();
        page.locator(".drawer").getByText("from a frame on").click();
        assertThat(behind).containsText("standing still after 48 frames");
        agrees();
        Shot still = bench.at(90).shot();
        assertThat(bench.at(97).shot().from(still).mean()).isLessThan(0.3);
        bench.open("scene=end-card");
        assertThat(behind).containsText("standing still after 48 frames");
        bench.at(20);
        agrees();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void a_film_is_pinned_to_the_frame_while_its_letters_come() {
        bench.open("scene=end-card").select("when");
        page.locator(".block.selected .part[data-part='colour']").first().click();
        page.locator(".block.selected .drawer")
                .getByLabel("Picture file")
                .setInputFiles(Path.of("..", "demo", "pictures", "lamp-on-water.mp4"));
        assertThat(bench.block("when")).containsText("the film \u201clamp-on-water.mp4\u201d");
        bench.choose("Lies", "pinned to the frame");
        assertThat(bench.block("when")).containsText("50 % down, pinned to the frame, frames 0 to 191");
        double came = bench.saved().document().scene("end-card").blocks().stream()
                .filter(one -> one.id().equals("when"))
                .findFirst()
                .orElseThrow()
                .span()
                .start()
                .value();
        bench.at((int) came + 6);
        agrees();
        bench.at((int) came + 40);
        agrees();
        assertThat(application.faults()).isEmpty();
    }

    private void agrees() {
        bench.saved().settled();
        int frame = Integer.parseInt(page.locator(".frame canvas").getAttribute("data-shown"));
        bench.agrees("end-card", frame);
    }

    private static byte[] harbour() throws IOException {
        BufferedImage image = new BufferedImage(600, 900, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, new Color(0x13283a), 600, 900, new Color(0xf0b64a)));
        graphics.fillRect(0, 0, 600, 900);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
