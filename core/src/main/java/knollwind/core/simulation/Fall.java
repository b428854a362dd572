package knollwind.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.dyn4j.collision.CategoryFilter;
import org.dyn4j.dynamics.Body;
import org.dyn4j.dynamics.BodyFixture;
import org.dyn4j.dynamics.ContinuousDetectionMode;
import org.dyn4j.dynamics.joint.RevoluteJoint;
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
    static final double PX_PER_METRE = 40;

    /** Steps in a second, at least: a body at 3,000 px a second goes 25 px in one. */
    private static final double STEPS = 120;

    /** Slower than what it is pulled by in so many steps nothing bounces: else what lies would jump. */
    private static final double STICKS = 4;

    /** A heap in which all are slower than this, px a second, stays as it lies: else it creeps for ever. */
    private static final double RESTS = 6;

    /** What strikes all of its like, and what strikes nothing. */
    private static final CategoryFilter ALL = new CategoryFilter(1, 1);

    private static final CategoryFilter NOBODY = new CategoryFilter(2, 0);

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
    /** What others hang on. */
    private final Body holder = new Body();

    private final Poses poses;
    /** Those that wait have their turn in their order: else what is computed ahead would keep them waiting. */
    private final Lock lock = new ReentrantLock(true);

    private final int steps;
    private final double step;
    private final Acting acting;
    private Forces forces;
    private int pushed;
    private int stepped;
    /** Frame in which the world is; poses may go further, where they have been read. */
    private int reached;
    /** Frames that are in a file. */
    private int written;
    /** Of the frame in which the world is. */
    private final double[] turns;

    private volatile int computed;

    /** @param read what has been computed of it before; empty where nothing has */
    Fall(Setup setup, Optional<Poses> read) {
        this.poses = read.orElseGet(() -> new Poses(setup.things().size()));
        this.written = poses.size();
        this.turns = setup.things().stream().mapToDouble(Setup.Thing::turn).toArray();
        this.setup = setup;
        Setup.Laws laws = setup.laws();
        this.forces = setup.forces(0);
        this.steps = (int) Math.max(1, Math.ceil(STEPS / laws.perSecond()));
        this.step = 1 / (laws.perSecond() * steps);
        this.bodies = new Body[setup.things().size()];
        this.acting = new Acting(setup.laws(), bodies, step);
        world.setGravity(forces.gravityX() / PX_PER_METRE, forces.gravityY() / PX_PER_METRE);
        world.getSettings().setStepFrequency(step);
        world.getSettings().setContinuousDetectionMode(ContinuousDetectionMode.BULLETS_ONLY);
        // What has come to rest stays, but for those that a wind moves.
        world.getSettings().setAtRestDetectionEnabled(isCalm());
        world.getSettings().setMaximumAtRestLinearVelocity(RESTS / PX_PER_METRE);
        holder.setMass(MassType.INFINITE);
        world.addBody(holder);
        setup.walls().forEach(this::stand);
        born(0);
        keep();
        this.computed = poses.size();
    }

    private boolean isCalm() {
        return setup.forces().stream().allMatch(one -> one.windX() == 0 && one.windY() == 0);
    }

    private void stand(Setup.Wall wall) {
        Body body = new Body();
        Pieces.of(wall.solid(), 1 / PX_PER_METRE).forEach(piece -> fixture(body, piece, 1));
        body.translate(wall.x() / PX_PER_METRE, wall.y() / PX_PER_METRE);
        body.setMass(MassType.INFINITE);
        world.addBody(body);
    }

    private void fixture(Body body, Convex convex, double density) {
        BodyFixture fixture = body.addFixture(convex, density);
        fixture.setRestitution(setup.laws().bounce());
        fixture.setRestitutionVelocity(STICKS * step * world.getGravity().getMagnitude());
        fixture.setFriction(setup.laws().friction());
        fixture.setFilter(ALL);
    }

    private void born(int frame) {
        for (int i = 0; i < bodies.length; i++) {
            Setup.Thing thing = setup.things().get(i);
            if (thing.born() == frame || frame == 0 && thing.born() < 0) {
                bodies[i] = body(thing);
                world.addBody(bodies[i]);
                hang(bodies[i], thing);
            }
        }
    }

    private Body body(Setup.Thing thing) {
        Body body = new Body();
        shape(body, thing);
        body.rotate(thing.turn());
        body.translate(thing.x() / PX_PER_METRE, thing.y() / PX_PER_METRE);
        // Half a step back: speeds are counted ahead of places, and so a free fall is half of g t² to the px.
        Vector2 gravity = world.getGravity();
        body.setLinearVelocity(
                thing.vx() / PX_PER_METRE - gravity.x * step / 2, thing.vy() / PX_PER_METRE - gravity.y * step / 2);
        return body;
    }

    /** As large as it is now. */
    private void shape(Body body, Setup.Thing thing) {
        body.removeAllFixtures();
        List<Convex> pieces = Pieces.of(thing.solid().times(forces.size(thing.share())), 1 / PX_PER_METRE);
        double area = pieces.stream()
                .mapToDouble(piece -> piece.createMass(1).getMass())
                .sum();
        double density = setup.laws().alike() && area > 0 ? 1 / area : 1;
        pieces.forEach(piece -> fixture(body, piece, density));
        if (thing.hung() != null) {
            body.getFixtures().forEach(fixture -> fixture.setFilter(NOBODY));
        }
        body.setMass(MassType.NORMAL);
    }

    /** Where it is held nothing moves it, and it strikes nothing. */
    private void hang(Body body, Setup.Thing thing) {
        if (thing.hung() != null) {
            Vector2 at = new Vector2(
                    (thing.x() + thing.hung().x()) / PX_PER_METRE,
                    (thing.y() + thing.hung().y()) / PX_PER_METRE);
            world.addJoint(new RevoluteJoint<>(body, holder, at));
        }
    }

    /** What acts changes: what rests wakes, and grows or shrinks. */
    private void act(Forces now) {
        if (now.equals(forces)) {
            return;
        }
        boolean sized = now.small() != forces.small() || now.large() != forces.large();
        forces = now;
        world.setGravity(forces.gravityX() / PX_PER_METRE, forces.gravityY() / PX_PER_METRE);
        for (int i = 0; i < bodies.length; i++) {
            if (bodies[i] != null) {
                if (sized) {
                    shape(bodies[i], setup.things().get(i));
                }
                bodies[i].setAtRest(false);
            }
        }
    }

    private void keep() {
        boolean told = reached < poses.size();
        if (!told) {
            poses.begin();
        }
        for (int i = 0; i < bodies.length; i++) {
            Setup.Thing thing = setup.things().get(i);
            double x = thing.x();
            double y = thing.y();
            if (bodies[i] != null) {
                x = bodies[i].getTransform().getTranslationX() * PX_PER_METRE;
                y = bodies[i].getTransform().getTranslationY() * PX_PER_METRE;
                turn(i);
            }
            if (!told) {
                poses.put(i, x, y, turns[i]);
            }
        }
    }

    /** Goes on beyond half a turn. */
    private void turn(int i) {
        double turned = bodies[i].getTransform().getRotationAngle();
        turns[i] = (float) (turns[i] + Math.IEEEremainder(turned - turns[i], 2 * Math.PI));
    }

    private void advance() {
        int frame = reached;
        act(setup.forces(frame));
        while (pushed < setup.pushes().size() && setup.pushes().get(pushed) <= frame) {
            acting.push(forces, pushed++);
        }
        for (int k = 0; k < steps; k++) {
            if (forces.drag() > 0) {
                acting.blow(forces, stepped);
            }
            if (forces.draw() > 0) {
                acting.draw(forces);
            }
            world.step(1);
            stepped++;
        }
        born(frame + 1);
        reached++;
        keep();
    }

    /** Bytes of the poses of all frames that may be computed. */
    static int mostBytes(Setup setup) {
        return (int) Poses.bytes(setup.things().size(), MOST_FRAMES + 1);
    }

    private void compute(int last) {
        Falls.begin(this, last);
        try {
            while (poses.size() <= last) {
                Falls.checkAsked();
                advance();
                computed = poses.size();
            }
        } finally {
            Falls.end(this);
        }
    }

    /** Frames that have been computed; told while more are, too. */
    public int computed() {
        return computed;
    }

    Setup setup() {
        return setup;
    }

    /** One frame more, unless that one is there. */
    void further(int last) {
        locked(() -> {
            if (poses.size() <= last) {
                advance();
                computed = poses.size();
            }
            return null;
        });
    }

    /** Unless it holds as much of it. */
    void writeTo(FallFolder folder) {
        locked(() -> {
            if (poses.size() > written) {
                folder.write(setup, poses);
                written = poses.size();
            }
            return null;
        });
    }

    private <T> T locked(Supplier<T> done) {
        lock.lock();
        try {
            return done.get();
        } finally {
            lock.unlock();
        }
    }

    /**
     * Where a body is at a time; between two frames on the straight way.
     *
     * @param frame 0 or more, in parts too; before it it stands as it begins
     * @throws java.util.concurrent.CancellationException when nobody waits for it any more ({@link Falls#unless})
     */
    public Pose at(int body, double frame) {
        double until = Math.max(0, Math.min(MOST_FRAMES, frame));
        int whole = (int) Math.floor(until);
        double part = until - whole;
        int last = part > 0 ? whole + 1 : whole;
        return locked(() -> {
            if (poses.size() <= last) {
                compute(last);
            }
            return poses.at(body, whole, part);
        });
    }
}
