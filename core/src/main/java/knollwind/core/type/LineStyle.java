package knollwind.core.type;

import knollwind.core.scene.Face;

/**
 * How a stretch [from, to) of a text is set.
 *
 * @param size px
 * @param colour 0xAARRGGBB that a run asks for, or null for the block's fill
 */
record LineStyle(int from, int to, Face face, float size, Integer colour, String language) {}
