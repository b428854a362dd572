package knollwind.core.scene;

/**
 * What a scene counts time by.
 *
 * @param beats null without a beat map
 */
public record Clock(FrameRate rate, Beats beats) {
    public static Clock of(Scene scene) {
        return new Clock(scene.rate(), scene.beats());
    }
}
