package knollwind.core.type;

import knollwind.core.scene.Face;
import knollwind.core.scene.Setting;

/**
 * How a stretch [from, to) of a text is set.
 *
 * @param size px
 * @param shift px that the baseline is raised by
 * @param colour 0xAARRGGBB that a run asks for, or null for the block's fill
 * @param direction of the stretch as a whole; auto leaves it to its letters
 */
record LineStyle(
        int from,
        int to,
        Face face,
        float size,
        float shift,
        Integer colour,
        String language,
        Setting.Direction direction) {}
