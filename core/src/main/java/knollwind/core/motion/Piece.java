package knollwind.core.motion;

/**
 * What an order needs to know of a unit.
 *
 * @param id stable name, by which random orders deal
 * @param line index of its line
 * @param x centre of its advance box, px
 * @param y centre of its advance box, px
 */
public record Piece(String id, int line, double x, double y) {}
