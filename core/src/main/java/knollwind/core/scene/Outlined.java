package knollwind.core.scene;

/**
 * A line around letters, half of it inside them.
 *
 * @param width px of the base format, above 0 and up to {@value #WIDEST}
 * @param only true where nothing but the line is seen; null otherwise
 */
public record Outlined(double width, String colour, Boolean only) {
    public static final double WIDEST = 200;

    public Outlined {
        Check.range(width, 0.1, WIDEST, "the line around letters");
        Colour.check(Check.present(colour, "the colour of the line around letters"));
        only = Block.onlyTrue(only);
    }
}
