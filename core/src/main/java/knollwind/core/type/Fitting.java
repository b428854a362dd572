package knollwind.core.type;

import knollwind.core.scene.Fit;

/**
 * A fit in px.
 *
 * @param height NaN where the kind has none
 * @param least size; NaN where the kind has none
 */
public record Fitting(Fit.Kind kind, double width, double height, double least) {}
