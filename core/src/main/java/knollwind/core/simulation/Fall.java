package knollwind.core.simulation;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.SplitMix64;
import org.dyn4j.dynamics.Body;
import org.dyn4j.dynamics.BodyFixture;
import org.dyn4j.dynamics.ContinuousDetectionMode;
import org.dyn4j.geometry.Convex;
import org.dyn4j.geometry.MassType;
import org.dyn4j.geometry.Vector2;
import org.dyn4j.world.World;

/**
 * Rigid bodies from frame 0 on, computed as far as anyone has asked; what has been computed is kept, so that any frame of it is there at once.
 * The steps are a fixed part of a frame, so a frame asked for by itself is the one that playing comes to. Safe for threads.
 */
public final class Fall {
    /** Bodies of one fall: more make no heap that anyone could read, and a minute of them is 17 MB. */
    public static final int MOST = 1000;

    /** Frames that are computed; behind them all stay where they are. */
    public static final int MOST_FRAMES = 3600;

    /** Bodies may sink into each other by 0.005 of a metre: a fifth of a px. */
    private static final double PX_PER_METRE = 40;

    /** Steps in a second, at least: a body at 3,000 px a second goes 25 px in one. */
    private static final double STEPS = 120;

    /** A wind rises and falls about so often in a second. */
    private static final double GUSTS = 1.6;

    /** Slower than what it is pulled by in so many steps nothing bounces: else what lies would jump. */
    private static final double STICKS = 4;

    /** A heap in which all are slower than this, px a second, stays as it lies: else it creeps for ever. */
    private static final double RESTS = 6;

    private static final int NUMBERS = 3;

    /**
     * Where a body is.
     *
     * @param x px, of its middle
     * @param y px, of its middle
     * @param turn radians, clockwise
     */
    public record Pose(double x, double y, double turn) {}

    private final Setup setup;
    private final World<Body> world = new World<>();
    private final Body[] bodies;
    /** Of each frame x, y and turn of each body. */
    private final List<float[]> frames = new ArrayList<>();

    private final int steps;
    private final double step;
    private int pushed;
    private int stepped;

    Fall(Setup setup) {
        this.setup = setup;
        Setup.Laws laws = setup.laws();
        this.steps = (int) Math.max(1, Math.ceil(STEPS / laws.perSecond()));
        this.step = 1 / (laws.perSecond() * steps);
        this.bodies = new Body[setup.things().size()];
        world.setGravity(laws.gravityX() / PX_PER_METRE, laws.gravityY() / PX_PER_METRE);
        world.getSettings().setStepFrequency(step);
        world.getSettings().setContinuousDetectionMode(ContinuousDetectionMode.BULLETS_ONLY);
        // What has come to rest stays, but for those that a wind moves.
        world.getSettings().setAtRestDetectionEnabled(laws.windX() == 0 && laws.windY() == 0);
        world.getSettings().setMaximumAtRestLinearVelocity(RESTS / PX_PER_METRE);
        setup.walls().forEach(this::stand);
        born(0);
        keep();
    }

    private void stand(Setup.Wall wall) {
        Body body = new Body();
        Pieces.of(wall.solid(), 1 / PX_PER_METRE).forEach(piece -> fixture(body, piece));
        body.translate(wall.x() / PX_PER_METRE, wall.y() / PX_PER_METRE);
        body.setMass(MassType.INFINITE);
        world.addBody(body);
    }

    private void fixture(Body body, Convex convex) {
        BodyFixture fixture = body.addFixture(convex);
        fixture.setRestitution(setup.laws().bounce());
        fixture.setRestitutionVelocity(STICKS * step * world.getGravity().getMagnitude());
        fixture.setFriction(setup.laws().friction());
    }

    private void born(int frame) {
        for (int i = 0; i < bodies.length; i++) {
            Setup.Thing thing = setup.things().get(i);
            if (thing.born() == frame || frame == 0 && thing.born() < 0) {
                bodies[i] = body(thing);
                world.addBody(bodies[i]);
            }
        }
    }

    private Body body(Setup.Thing thing) {
        Body body = new Body();
        Pieces.of(thing.solid(), 1 / PX_PER_METRE).forEach(piece -> fixture(body, piece));
        body.setMass(MassType.NORMAL);
        body.rotate(thing.turn());
        body.translate(thing.x() / PX_PER_METRE, thing.y() / PX_PER_METRE);
        // Half a step back: speeds are counted ahead of places, and so a free fall is half of g t² to the px.
        Vector2 gravity = world.getGravity();
        body.setLinearVelocity(
                thing.vx() / PX_PER_METRE - gravity.x * step / 2, thing.vy() / PX_PER_METRE - gravity.y * step / 2);
        return body;
    }

    private void keep() {
        float[] now = new float[NUMBERS * bodies.length];
        for (int i = 0; i < bodies.length; i++) {
            Setup.Thing thing = setup.things().get(i);
            if (bodies[i] == null) {
                now[NUMBERS * i] = (float) thing.x();
                now[NUMBERS * i + 1] = (float) thing.y();
                now[NUMBERS * i + 2] = (float) thing.turn();
            } else {
                now[NUMBERS * i] = (float) (bodies[i].getTransform().getTranslationX() * PX_PER_METRE);
                now[NUMBERS * i + 1] = (float) (bodies[i].getTransform().getTranslationY() * PX_PER_METRE);
                now[NUMBERS * i + 2] = turn(i);
            }
        }
        frames.add(now);
    }

    /** Goes on beyond half a turn. */
    private float turn(int i) {
        double turned = bodies[i].getTransform().getRotationAngle();
        double before =
                frames.isEmpty() ? setup.things().get(i).turn() : frames.get(frames.size() - 1)[NUMBERS * i + 2];
        return (float) (before + Math.IEEEremainder(turned - before, 2 * Math.PI));
    }

    private void advance() {
        Setup.Laws laws = setup.laws();
        int frame = frames.size() - 1;
        while (pushed < setup.pushes().size() && setup.pushes().get(pushed) <= frame) {
            push(pushed++);
        }
        for (int k = 0; k < steps; k++) {
            if (laws.drag() > 0) {
                blow(laws);
            }
            world.step(1);
            stepped++;
        }
        born(frame + 1);
        keep();
    }

    /** All are pushed away from what pulls them, each a little its own way. */
    private void push(int number) {
        Setup.Laws laws = setup.laws();
        double pull = Math.hypot(laws.gravityX(), laws.gravityY());
        double upX = pull == 0 ? 0 : -laws.gravityX() / pull;
        double upY = pull == 0 ? -1 : -laws.gravityY() / pull;
        for (int i = 0; i < bodies.length; i++) {
            if (bodies[i] != null) {
                double aside = 2 * dealt(laws.seed(), 31L * number + 1, i) - 1;
                double strong = (0.6 + 0.4 * dealt(laws.seed(), 31L * number + 2, i)) * laws.push() / PX_PER_METRE;
                Vector2 now = bodies[i].getLinearVelocity();
                bodies[i].setAtRest(false);
                bodies[i].setLinearVelocity(
                        now.x + strong * (upX + 0.5 * aside * upY), now.y + strong * (upY - 0.5 * aside * upX));
            }
        }
    }

    /** Each is drawn along with the air; the air is the same for all. */
    private void blow(Setup.Laws laws) {
        double part = -StrictMath.expm1(-laws.drag() * step);
        double gust = 1 + laws.gusts() * gust(stepped * step, laws.seed());
        for (Body body : bodies) {
            if (body != null && !body.isAtRest()) {
                Vector2 now = body.getLinearVelocity();
                body.setLinearVelocity(
                        now.x + part * (laws.windX() * gust / PX_PER_METRE - now.x),
                        now.y + part * (laws.windY() * gust / PX_PER_METRE - now.y));
                body.setAngularVelocity(body.getAngularVelocity() * (1 - part));
            }
        }
    }

    /** -1 to 1, smooth. */
    private static double gust(double seconds, int seed) {
        double at = seconds * GUSTS;
        long whole = (long) Math.floor(at);
        double part = at - whole;
        double eased = part * part * (3 - 2 * part);
        double from = 2 * dealt(seed, 77, whole) - 1;
        double to = 2 * dealt(seed, 77, whole + 1) - 1;
        return from + (to - from) * eased;
    }

    private static double dealt(int seed, long use, long n) {
        return (SplitMix64.mix(SplitMix64.mix(seed * 31L + use) + n) >>> 11) / (double) (1L << 53);
    }

    /** Bytes of the poses of all frames that may be computed. */
    static int mostBytes(Setup setup) {
        return NUMBERS * Float.BYTES * setup.things().size() * (MOST_FRAMES + 1);
    }

    /** Frames that have been computed. */
    public synchronized int computed() {
        return frames.size();
    }

    /**
     * Where a body is at a time; between two frames on the straight way.
     *
     * @param frame 0 or more, in parts too; before it it stands as it begins
     */
    public synchronized Pose at(int body, double frame) {
        double until = Math.max(0, Math.min(MOST_FRAMES, frame));
        int whole = (int) Math.floor(until);
        double part = until - whole;
        int last = part > 0 ? whole + 1 : whole;
        while (frames.size() <= last) {
            advance();
        }
        float[] from = frames.get(whole);
        float[] to = frames.get(last);
        int i = NUMBERS * body;
        return new Pose(
                from[i] + (to[i] - from[i]) * part,
                from[i + 1] + (to[i + 1] - from[i + 1]) * part,
                from[i + 2] + (to[i + 2] - from[i + 2]) * part);
    }
}
