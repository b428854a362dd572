package knollwind.core.scene;

/**
 * What a shutter that is open for a while makes of movement: every frame is the mean of pictures at times spread evenly over the
 * opening, which has the frame's own time in its middle.
 *
 * @param shutter degrees that it is open, of 360 for a whole frame, 0 to 720
 * @param samples pictures for a frame, 2 to 64
 */
public record MotionBlur(double shutter, int samples) {
    public MotionBlur {
        Check.range(shutter, 0, 720, "the shutter angle");
        Check.range(samples, 2, 64, "the samples of a frame");
    }

    /** The times whose pictures make up a frame, in scene frames; the frame's own where there is no blur. */
    public static double[] times(MotionBlur blur, double frame) {
        if (blur == null || blur.shutter == 0) {
            return new double[] {frame};
        }
        double[] times = new double[blur.samples];
        for (int i = 0; i < times.length; i++) {
            times[i] = frame + blur.shutter / 360 * ((i + 0.5) / times.length - 0.5);
        }
        return times;
    }
}
