package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;
import knollwind.core.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Glyphs in colours of their own. */
class GlyphPicturesTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "\ud83d\udea2",
                "\ud83d\udc69\u200d\ud83d\udc67",
                "\ud83d\udc68\u200d\ud83d\udc69\u200d\ud83d\udc67\u200d\ud83d\udc66",
                "\ud83d\udc4b\ud83c\udffd",
                "\ud83c\udde9\ud83c\uddf0",
                "\u2764\ufe0f"
            })
    void each_is_one_unit_with_one_colourful_picture(String emoji) throws IOException {
        SetText set = Samples.TYPESETTER.set(Samples.copy("a" + emoji + "b"));
        assertThat(set.missing()).isEmpty();
        assertThat(set.characters()).hasSize(3);
        Unit unit = set.characters().get(1);
        assertThat(unit.text()).isEqualTo(emoji);
        GlyphPicture picture = unit.glyphs().stream()
                .filter(glyph -> glyph.picture() != null)
                .findFirst()
                .orElseThrow()
                .picture();
        BufferedImage image = ImageIO.read(
                new ByteArrayInputStream(Samples.FONTS.picture(picture.id()).orElseThrow()));
        Set<Integer> colours = new HashSet<>();
        for (int x = 0; x < image.getWidth(); x += 4) {
            for (int y = 0; y < image.getHeight(); y += 4) {
                if (image.getRGB(x, y) >>> 24 == 255) {
                    colours.add(image.getRGB(x, y));
                }
            }
        }
        assertThat(colours).hasSizeGreaterThan(1);
        assertThat(unit.ink().width()).isCloseTo(image.getWidth() * picture.scale(), within(1e-3));
    }

    @Test
    void digits_and_letters_keep_to_their_face() {
        SetText set = Samples.TYPESETTER.set(Samples.copy("Pier 2 #1 \u00a9"));
        assertThat(set.whole().glyphs()).allMatch(glyph -> glyph.picture() == null);
        double apart = Samples.TYPESETTER
                        .set(Samples.copy("\ud83d\udea2 b"))
                        .ink()
                        .width()
                - Samples.TYPESETTER.set(Samples.copy("\ud83d\udea2b")).ink().width();
        double space = Samples.TYPESETTER.set(Samples.copy("a b")).ink().width()
                - Samples.TYPESETTER.set(Samples.copy("ab")).ink().width();
        assertThat(apart).isCloseTo(space, within(1.0));
    }
}
