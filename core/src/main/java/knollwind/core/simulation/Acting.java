package knollwind.core.simulation;

import knollwind.core.motion.SplitMix64;
import org.dyn4j.dynamics.Body;
import org.dyn4j.geometry.Vector2;

/** What moves bodies beside what pulls all of them alike: wind, a point that draws them, and pushes. */
final class Acting {
    /** A wind rises and falls about so often in a second. */
    private static final double GUSTS = 1.6;

    /** px from a point that draws, from which on it draws more weakly. */
    private static final double NEAR = 60;

    private final Setup.Laws laws;
    private final Body[] bodies;
    private final double step;

    /**
     * @param bodies null for those that are not there yet
     * @param step seconds
     */
    Acting(Setup.Laws laws, Body[] bodies, double step) {
        this.laws = laws;
        this.bodies = bodies;
        this.step = step;
    }

    /** All are pushed away from what pulls them, each a little its own way. */
    void push(Forces forces, int number) {
        double pull = Math.hypot(forces.gravityX(), forces.gravityY());
        double upX = pull == 0 ? 0 : -forces.gravityX() / pull;
        double upY = pull == 0 ? -1 : -forces.gravityY() / pull;
        for (int i = 0; i < bodies.length; i++) {
            if (bodies[i] != null) {
                double aside = 2 * dealt(laws.seed(), 31L * number + 1, i) - 1;
                double strong =
                        (0.6 + 0.4 * dealt(laws.seed(), 31L * number + 2, i)) * forces.push() / Fall.PX_PER_METRE;
                Vector2 now = bodies[i].getLinearVelocity();
                bodies[i].setAtRest(false);
                bodies[i].setLinearVelocity(
                        now.x + strong * (upX + 0.5 * aside * upY), now.y + strong * (upY - 0.5 * aside * upX));
            }
        }
    }

    /** Each is drawn along with the air; the air is the same for all. */
    void blow(Forces forces, long stepped) {
        double part = -StrictMath.expm1(-forces.drag() * step);
        double gust = 1 + forces.gusts() * gust(stepped * step, laws.seed());
        for (Body body : bodies) {
            if (body != null && !body.isAtRest()) {
                Vector2 now = body.getLinearVelocity();
                body.setLinearVelocity(
                        now.x + part * (forces.windX() * gust / Fall.PX_PER_METRE - now.x),
                        now.y + part * (forces.windY() * gust / Fall.PX_PER_METRE - now.y));
                body.setAngularVelocity(body.getAngularVelocity() * (1 - part));
            }
        }
    }

    /** Each towards the point, more weakly where it is nearly there. */
    void draw(Forces forces) {
        for (Body body : bodies) {
            if (body != null && !body.isAtRest()) {
                double x =
                        forces.drawX() / Fall.PX_PER_METRE - body.getTransform().getTranslationX();
                double y =
                        forces.drawY() / Fall.PX_PER_METRE - body.getTransform().getTranslationY();
                double far = Math.max(NEAR / Fall.PX_PER_METRE, Math.sqrt(x * x + y * y));
                double faster = forces.draw() / Fall.PX_PER_METRE * step / far;
                Vector2 now = body.getLinearVelocity();
                body.setLinearVelocity(now.x + faster * x, now.y + faster * y);
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
}
