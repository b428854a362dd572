package knollwind.core.simulation;

import java.nio.ByteBuffer;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where bodies are in each frame from the first on. px and radians, kept as floats. Not safe for threads. */
final class Poses {
    private static final int NUMBERS = 3;

    private final int bodies;
    private final List<float[]> frames = new ArrayList<>();

    Poses(int bodies) {
        this.bodies = bodies;
    }

    /** Bytes of so many frames. */
    static long bytes(int bodies, int frames) {
        return (long) NUMBERS * Float.BYTES * bodies * frames;
    }

    int size() {
        return frames.size();
    }

    /** A new frame at the end, in which all are where they are put then. */
    void begin() {
        frames.add(new float[NUMBERS * bodies]);
    }

    /** In the last frame. */
    void put(int body, double x, double y, double turn) {
        float[] now = frames.get(frames.size() - 1);
        now[NUMBERS * body] = (float) x;
        now[NUMBERS * body + 1] = (float) y;
        now[NUMBERS * body + 2] = (float) turn;
    }

    /** @param part 0 in the frame, towards 1 on the straight way to the next one */
    Fall.Pose at(int body, int frame, double part) {
        float[] from = frames.get(frame);
        float[] to = part > 0 ? frames.get(frame + 1) : from;
        int i = NUMBERS * body;
        return new Fall.Pose(
                from[i] + (to[i] - from[i]) * part,
                from[i + 1] + (to[i + 1] - from[i + 1]) * part,
                from[i + 2] + (to[i + 2] - from[i + 2]) * part);
    }

    /** All of them: how many bodies, then frame by frame. */
    byte[] bytes() {
        ByteBuffer out = ByteBuffer.allocate(Math.toIntExact(Integer.BYTES + bytes(bodies, frames.size())));
        FloatBuffer numbers = out.putInt(bodies).asFloatBuffer();
        frames.forEach(numbers::put);
        return out.array();
    }

    /** Empty where they are not those of so many bodies. */
    static Optional<Poses> of(int bodies, byte[] bytes) {
        long frame = bytes(bodies, 1);
        boolean whole = bytes.length > Integer.BYTES && frame > 0 && (bytes.length - Integer.BYTES) % frame == 0;
        ByteBuffer in = ByteBuffer.wrap(bytes);
        if (!whole || in.getInt() != bodies) {
            return Optional.empty();
        }
        Poses poses = new Poses(bodies);
        for (FloatBuffer numbers = in.asFloatBuffer(); numbers.hasRemaining(); ) {
            poses.begin();
            numbers.get(poses.frames.get(poses.frames.size() - 1));
        }
        return Optional.of(poses);
    }
}
