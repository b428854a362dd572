package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures that people bring in. */
class PictureFileTest {
    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "gif"})
    void pixels_of_every_kind_become_the_same_picture(String kind) throws IOException {
        PictureFile read = PictureFile.read(file(kind));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(read.png()));
        assertThat(image.getWidth()).isEqualTo(40);
        assertThat(image.getHeight()).isEqualTo(20);
        int left = image.getRGB(5, 10);
        int right = image.getRGB(35, 10);
        assertThat(left >> 16 & 255).isGreaterThan(200);
        assertThat(right & 255).isGreaterThan(200);
    }

    @Test
    void a_drawing_is_painted_large_and_loses_what_runs_or_reaches_outside() throws IOException {
        String svg = """
                <?xml version="1.0"?><!DOCTYPE svg>
                <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="20" height="10"
                     onload="alert(1)">
                  <script>alert(2)</script>
                  <style>@import url(http://ternholm.example/a.css);</style>
                  <image xlink:href="http://ternholm.example/a.png" width="20" height="10"/>
                  <foreignObject width="5" height="5"><p>no</p></foreignObject>
                  <linearGradient id="g"><stop offset="0" stop-color="#c8472f"/></linearGradient>
                  <rect width="10" height="10" fill="url(#g)"/><rect x="10" width="10" height="10" fill="#1d5c80"/>
                </svg>""";
        String clean = new String(SvgCleaner.clean(svg.getBytes(StandardCharsets.UTF_8)), StandardCharsets.UTF_8);
        assertThat(clean)
                .doesNotContain("script", "onload", "ternholm.example", "foreignObject", "@import")
                .contains("url(#g)");
        PictureFile read = PictureFile.read(svg.getBytes(StandardCharsets.UTF_8));
        assertThat(read.width()).isEqualTo(2048);
        assertThat(read.height()).isEqualTo(1024);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(read.png()));
        assertThat(image.getRGB(1500, 500)).isEqualTo(0xff1d5c80);
        assertThat(image.getRGB(500, 500)).isEqualTo(0xffc8472f);
    }

    @Test
    void an_entity_that_would_swell_or_read_files_is_refused() {
        String bomb = "<!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;\">"
                + "<!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;\">]><svg xmlns=\"http://www.w3.org/2000/svg\">"
                + "<text>&c;</text></svg>";
        String clean = new String(SvgCleaner.clean(bomb.getBytes(StandardCharsets.UTF_8)), StandardCharsets.UTF_8);
        assertThat(clean).doesNotContain("aaaa");
    }

    @Test
    void a_tiny_file_of_huge_size_is_refused_before_it_is_unpacked() throws IOException {
        byte[] png = file("png");
        // IHDR: width and height stand at 16 and 20, its checksum over 12 to 29 at 29.
        ByteBuffer.wrap(png).putInt(16, 60_000).putInt(20, 60_000);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) crc.getValue());
        assertThatThrownBy(() -> PictureFile.read(png)).hasMessageContaining("60000 \u00d7 60000");
    }

    @Test
    void what_is_no_picture_or_damaged_is_refused() throws IOException {
        assertThatThrownBy(() -> PictureFile.read("words".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("no picture");
        assertThatThrownBy(() -> PictureFile.read(new byte[0])).hasMessageContaining("no picture");
        assertThatThrownBy(() -> PictureFile.read("<svg".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("SVG file is damaged");
        byte[] cut = Arrays.copyOf(file("png"), 60);
        assertThatThrownBy(() -> PictureFile.read(cut)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_picture_is_painted_where_its_ink_says_and_not_beyond_its_edges() throws IOException {
        byte[] png = PictureFile.read(file("png")).png();
        byte[] verbs = {Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE};
        float[] points = {0, 0, 100, 0, 100, 50, 0, 50};
        Outline all = Outline.of(verbs, points, new Box(0, 0, 100, 50));
        DisplayList list = new DisplayList(List.of(new PaintOp.Fill(all, new Ink.Picture("p", 2, 2, 10, 5), 1)));
        try (FramePainter painter = new FramePainter(100, 50, id -> id.equals("p") ? png : null)) {
            painter.paint(list);
            ByteBuffer pixels = painter.straightPixels();
            assertThat(pixels.get(4 * (20 * 100 + 4) + 3)).isZero();
            assertThat(pixels.get(4 * (20 * 100 + 20) + 2) & 255).isGreaterThan(200);
            assertThat(pixels.get(4 * (20 * 100 + 80)) & 255).isGreaterThan(200);
            assertThat(pixels.get(4 * (48 * 100 + 50) + 3)).isZero();
        }
        try (FramePainter painter = new FramePainter(100, 50)) {
            painter.paint(list);
            assertThat(painter.straightPixels().get(4 * (20 * 100 + 20) + 3)).isZero();
        }
    }

    /** 40 by 20 pixels, the left half red, the right half blue. */
    private static byte[] file(String kind) throws IOException {
        BufferedImage image = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 20; y++) {
                image.setRGB(x, y, x < 20 ? 0xe01010 : 0x1010e0);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, kind, out);
        return out.toByteArray();
    }
}
