package knollwind.core.type;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.Typeface;
import io.github.humbleui.skija.svg.SVGDOM;
import io.github.humbleui.types.IRect;
import java.nio.ByteBuffer;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Colour glyphs painted as pictures, once each, of the drawings that fonts hold (OpenType, "SVG" table). */
final class GlyphPictures {
    /** px for one em of a picture: sharp at the sizes that titles have, and some hundred kilobytes unpacked. */
    private static final int EM = 320;

    /** em around the origin that is looked at for colour. */
    private static final double LEFT = -0.25;

    /** em above the baseline. */
    private static final double TOP = -1.1;

    /** em each way: room for what reaches beyond its line. */
    private static final double SIZE = 1.75;

    private record Key(int typeface, int glyph) {}

    /** A picture cut to what is painted; px of the picture from the glyph's origin. */
    private record Cut(String id, int left, int top, int width, int height) {}

    private final Map<Key, Optional<Cut>> cuts = new ConcurrentHashMap<>();
    private final Map<String, byte[]> files = new ConcurrentHashMap<>();

    /** The glyph's picture at a type size in px; nothing where it has no colours of its own. */
    Optional<GlyphPicture> of(Typeface typeface, short glyph, double size) {
        return cuts.computeIfAbsent(new Key(typeface.getUniqueId(), glyph & 0xFFFF), key -> paint(typeface, key.glyph))
                .map(cut -> at(cut, size));
    }

    private static GlyphPicture at(Cut cut, double size) {
        double scale = size / EM;
        Box box = new Box(
                cut.left * scale, cut.top * scale, (cut.left + cut.width) * scale, (cut.top + cut.height) * scale);
        return new GlyphPicture(cut.id, Outline.rectangle(box), scale, box.left(), box.top());
    }

    /** A picture's PNG file. */
    Optional<byte[]> file(String id) {
        return Optional.ofNullable(files.get(id));
    }

    private Optional<Cut> paint(Typeface typeface, int glyph) {
        Optional<String> drawing = SvgTable.drawing(typeface, glyph, LEFT, TOP, SIZE);
        if (drawing.isEmpty()) {
            return Optional.empty();
        }
        int side = (int) Math.ceil(SIZE * EM);
        try (Data data = Data.makeFromBytes(drawing.get().getBytes(java.nio.charset.StandardCharsets.UTF_8));
                SVGDOM dom = new SVGDOM(data);
                Surface surface = Surface.makeRaster(ImageInfo.makeN32Premul(side, side))) {
            surface.getCanvas().clear(0);
            dom.setContainerSize(side, side).render(surface.getCanvas());
            try (Bitmap bitmap = new Bitmap();
                    Image whole = surface.makeImageSnapshot()) {
                bitmap.allocPixels(ImageInfo.makeN32Premul(side, side));
                surface.readPixels(bitmap, 0, 0);
                IRect seen = seen(bitmap.peekPixels().getBuffer(), side);
                if (seen == null) {
                    return Optional.empty();
                }
                try (Image cut = whole.makeSubset(seen);
                        Data png = EncoderPNG.encode(cut)) {
                    byte[] file = png.getBytes();
                    String id = FontFile.hash(file);
                    files.put(id, file);
                    return Optional.of(new Cut(
                            id,
                            seen.getLeft() + (int) Math.round(LEFT * EM),
                            seen.getTop() + (int) Math.round(TOP * EM),
                            seen.getWidth(),
                            seen.getHeight()));
                }
            }
        }
    }

    /** The smallest rectangle around everything that is not transparent; null when all of it is. */
    private static IRect seen(ByteBuffer pixels, int side) {
        int left = side;
        int top = side;
        int right = 0;
        int bottom = 0;
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                if (pixels.get(4 * (y * side + x) + 3) != 0) {
                    left = Math.min(left, x);
                    top = Math.min(top, y);
                    right = Math.max(right, x + 1);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return right == 0 ? null : new IRect(left, top, right, bottom);
    }
}
