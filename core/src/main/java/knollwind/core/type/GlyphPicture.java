package knollwind.core.type;

import knollwind.core.geometry.Outline;

/**
 * A glyph in colours of its own. A point (u, v) of the picture, in its px, lies at (scale·u + left, scale·v + top) from the
 * glyph's origin.
 *
 * @param id SHA-256 of the picture's PNG file
 * @param outline the picture's rectangle
 */
public record GlyphPicture(String id, Outline outline, double scale, double left, double top) {}
