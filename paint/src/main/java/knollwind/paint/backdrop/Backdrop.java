package knollwind.paint.backdrop;

import java.util.List;
import java.util.stream.Collectors;

/** A moving picture given by a formula, in flat colours as if printed in a few layers. */
public interface Backdrop {
    /** All there are. */
    List<Backdrop> ALL = List.of(new HarbourLights(), new LampOnWater(), new RainOnTheQuay(), new FogBanks());

    /** What it is called: words joined by hyphens. */
    String name();

    /**
     * The colour at a place, 0xRRGGBB, sRGB.
     *
     * @param x from the left, 0 to the picture's width divided by its height
     * @param y from the top, 0 to 1
     * @param turn 0 to 1; 1 looks as 0 does
     */
    int colour(double x, double y, double turn);

    /**
     * The backdrop with this name.
     *
     * @throws IllegalArgumentException when there is none
     */
    static Backdrop named(String name) {
        return ALL.stream()
                .filter(backdrop -> backdrop.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no backdrop '" + name + "'; there are "
                        + ALL.stream().map(Backdrop::name).collect(Collectors.joining(", "))));
    }
}
