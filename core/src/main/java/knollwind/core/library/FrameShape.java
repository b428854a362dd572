package knollwind.core.library;

import java.util.List;
import java.util.Optional;
import knollwind.core.scene.Format;

/**
 * A shape that frames are delivered in.
 *
 * @param group what it is for
 * @param width px
 * @param height px
 * @param safe what words keep inside of there; null for what broadcast keeps
 */
public record FrameShape(String group, String name, int width, int height, Format.Safe safe) {
    /** Shorts are covered by their player's own words: at the foot, on the right, and a little at the top. */
    private static final Format.Safe SHORT = new Format.Safe(6, 12, 14, 20);

    /** A banner is seen whole; its words only keep off its border. */
    private static final Format.Safe BANNER = new Format.Safe(3, 3, 3, 3);

    private static final List<FrameShape> ALL = List.of(
            new FrameShape("screens", "16:9", 1920, 1080, null),
            new FrameShape("screens", "16:9 UHD", 3840, 2160, null),
            new FrameShape("screens", "16:9 8K", 7680, 4320, null),
            new FrameShape("screens", "4:3", 1440, 1080, null),
            new FrameShape("screens", "21:9", 2520, 1080, null),
            new FrameShape("shorts", "9:16", 1080, 1920, SHORT),
            new FrameShape("squares", "1:1", 1080, 1080, null),
            new FrameShape("squares", "4:5", 1080, 1350, null),
            new FrameShape("banners", "300×250", 300, 250, BANNER),
            new FrameShape("banners", "728×90", 728, 90, BANNER),
            new FrameShape("banners", "160×600", 160, 600, BANNER),
            new FrameShape("banners", "320×50", 320, 50, BANNER),
            new FrameShape("banners", "970×250", 970, 250, BANNER),
            new FrameShape("signage", "9:16 UHD", 2160, 3840, null),
            new FrameShape("signage", "32:9", 3840, 1080, null),
            new FrameShape("signage", "ribbon", 3840, 540, null));

    /** All shapes, those of one group together. */
    public static List<FrameShape> all() {
        return ALL;
    }

    /** The shape of exactly this size. */
    public static Optional<FrameShape> of(int width, int height) {
        return ALL.stream()
                .filter(one -> one.width == width && one.height == height)
                .findFirst();
    }

    /** What a frame of this size is called: by its shape where that has a name, else by its sides. */
    public static String name(int width, int height) {
        return of(width, height)
                .or(() -> ALL.stream()
                        .filter(one ->
                                one.name.matches("\\d+:\\d+") && (long) one.width * height == (long) one.height * width)
                        .findFirst())
                .map(FrameShape::name)
                .orElse(width + "×" + height);
    }
}
