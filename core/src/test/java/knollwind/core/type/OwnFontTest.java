package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.zip.DeflaterOutputStream;
import knollwind.core.Samples;
import knollwind.core.scene.Face;
import org.junit.jupiter.api.Test;

/** Font files that people bring along. */
class OwnFontTest {
    private static final byte[] SIGNS = signs();

    private static byte[] signs() {
        try {
            return Files.readAllBytes(Path.of("..", "demo", "fonts", "ternholm-signs.ttf"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void truetype_woff_woff2_and_collections_are_read() {
        assertThat(OwnFont.read(SIGNS)).extracting(OwnFont::family).containsExactly("Ternholm Signs");
        assertThat(OwnFont.read(woff(SIGNS))).extracting(OwnFont::family).containsExactly("Ternholm Signs");
        assertThat(OwnFont.read(collection(SIGNS))).extracting(OwnFont::index).containsExactly(0, 1);
        byte[] woff2 = Samples.FONTS
                .content("kablammo-latin-wght-normal.woff2")
                .orElseGet(() -> Samples.FONTS
                        .content(Samples.FONTS.files().stream()
                                .filter(file -> file.family().name().equals("Kablammo"))
                                .findFirst()
                                .orElseThrow()
                                .name())
                        .orElseThrow());
        assertThat(OwnFont.read(woff2)).extracting(OwnFont::family).containsExactly("Kablammo");
    }

    @Test
    void what_is_cut_off_or_lies_is_refused_before_it_is_opened() {
        for (int length = 0; length < SIGNS.length; length += SIGNS.length / 40) {
            byte[] cut = Arrays.copyOf(SIGNS, length);
            assertThatThrownBy(() -> FontHeader.faces(cut)).isInstanceOf(IllegalArgumentException.class);
        }
        byte[] woff = woff(SIGNS);
        assertThatThrownBy(() -> FontHeader.faces(Arrays.copyOf(woff, woff.length - 1)))
                .hasMessageContaining("cut off");
        byte[] bomb = woff.clone();
        ByteBuffer.wrap(bomb).putInt(16, 2_000_000_000);
        assertThatThrownBy(() -> FontHeader.faces(bomb)).hasMessageContaining("unpacks to more than the 64 MB");
        byte[] nameless = SIGNS.clone();
        int cmap = new String(nameless, StandardCharsets.ISO_8859_1).indexOf("cmap");
        nameless[cmap] = 'x';
        assertThatThrownBy(() -> FontHeader.faces(nameless)).hasMessageContaining("no table 'cmap'");
        assertThatThrownBy(() -> FontHeader.faces("<html>".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("no font file");
        assertThatThrownBy(() -> FontHeader.faces(new byte[FontHeader.MOST + 1]))
                .hasMessageContaining("20 MB");
        byte[] collection = collection(SIGNS);
        ByteBuffer.wrap(collection).putInt(8, -1);
        assertThatThrownBy(() -> FontHeader.faces(collection)).hasMessageContaining("4294967295 faces");
    }

    @Test
    void no_bytes_bring_the_header_down() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        for (byte[] file : List.of(SIGNS, woff(SIGNS), collection(SIGNS))) {
            for (int i = 0; i < 2000; i++) {
                byte[] fuzzed = file.clone();
                for (int k = 0; k < 1 + i % 8; k++) {
                    fuzzed[random.nextInt(Math.min(400, fuzzed.length))] = (byte) random.nextInt();
                }
                try {
                    assertThat(FontHeader.faces(fuzzed)).isBetween(1, 64);
                } catch (IllegalArgumentException refused) {
                    assertThat(refused).hasMessageContaining("font");
                }
            }
        }
    }

    @Test
    void words_are_set_in_a_face_as_soon_as_it_is_there() {
        FontLibrary library = new FontLibrary();
        Typesetter typesetter = new Typesetter(library);
        TextToSet copy = copy(new Face("Ternholm Signs", "normal", Map.of(), ""));
        assertThat(library.knows(copy.face())).isFalse();
        double before = typesetter.set(copy).ink().width();
        assertThat(library.add(OwnFont.read(SIGNS).get(0))).isEqualTo("Ternholm Signs");
        assertThat(library.add(OwnFont.read(SIGNS).get(0))).isEqualTo("Ternholm Signs");
        assertThat(library.add(OwnFont.read(woff(SIGNS)).get(0))).isEqualTo("Ternholm Signs 2");
        assertThat(library.families().get(0).kind()).isEqualTo(FontLibrary.OWN);
        double with = typesetter.set(copy).ink().width();
        assertThat(with).isLessThan(0.8 * before);
        assertThat(typesetter
                        .set(copy(new Face("League Gothic", "normal", Map.of(), "")))
                        .ink()
                        .width())
                .isEqualTo(with);
        library.remove(OwnFont.read(SIGNS).get(0).sha256());
        assertThat(typesetter.set(copy).ink().width()).isEqualTo(before);
    }

    private static TextToSet copy(Face face) {
        return Samples.copy("PIER TWO").withFace(face);
    }

    /** The same tables packed one by one, as WOFF 1.0 has them. */
    private static byte[] woff(byte[] sfnt) {
        ByteBuffer in = ByteBuffer.wrap(sfnt);
        int tables = in.getShort(4);
        ByteBuffer out = ByteBuffer.allocate(2 * sfnt.length + 1000);
        out.putInt(0x774F4646)
                .putInt(0x00010000)
                .putInt(0)
                .putShort((short) tables)
                .putShort((short) 0);
        out.putInt(sfnt.length).position(44);
        int at = 44 + 20 * tables;
        for (int i = 0; i < tables; i++) {
            int record = 12 + 16 * i;
            byte[] table =
                    Arrays.copyOfRange(sfnt, in.getInt(record + 8), in.getInt(record + 8) + in.getInt(record + 12));
            byte[] packed = packed(table);
            byte[] kept = packed.length < table.length ? packed : table;
            out.putInt(in.getInt(record)).putInt(at).putInt(kept.length);
            out.putInt(table.length).putInt(in.getInt(record + 4));
            out.put(at, kept);
            at += (kept.length + 3) / 4 * 4;
        }
        out.putInt(8, at);
        return Arrays.copyOf(out.array(), at);
    }

    private static byte[] packed(byte[] table) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
            deflater.write(table);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** A collection that names the same face twice. */
    private static byte[] collection(byte[] sfnt) {
        int head = 20;
        ByteBuffer out = ByteBuffer.allocate(head + sfnt.length);
        out.putInt(0x74746366)
                .putInt(0x00010000)
                .putInt(2)
                .putInt(head)
                .putInt(head)
                .put(sfnt);
        for (int i = 0; i < out.getShort(head + 4); i++) {
            int record = head + 12 + 16 * i + 8;
            out.putInt(record, out.getInt(record) + head);
        }
        return out.array();
    }
}
