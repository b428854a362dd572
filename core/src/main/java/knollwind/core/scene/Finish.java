package knollwind.core.scene;

/**
 * What lies over a whole scene, once, over the mean where movement is blurred.
 *
 * @param grain 0 to 1: how strong
 * @param vignette 0 to 1: how dark its corners are
 */
public record Finish(double grain, double vignette) {
    public Finish {
        Check.range(grain, 0, 1, "the grain of a scene");
        Check.range(vignette, 0, 1, "the vignette of a scene");
    }
}
