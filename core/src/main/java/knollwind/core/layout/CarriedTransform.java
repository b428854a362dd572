package knollwind.core.layout;

import java.util.List;
import knollwind.core.geometry.Matrix;
import knollwind.core.motion.Easings;
import knollwind.core.motion.Tween;
import knollwind.core.scene.Camera;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.MakeRoom;

/**
 * What moves a block from outside: the block it follows, the blocks it makes room for, the camera.
 *
 * @param lead null where it follows none
 * @param pushes in the order in which they happen
 * @param camera null where there is none
 */
public record CarriedTransform(Lead lead, List<Push> pushes, Camera camera) {
    static final CarriedTransform NOTHING = new CarriedTransform(null, List.of(), null);

    /**
     * The block that is followed.
     *
     * @param travel of that block
     * @param lead that it follows itself; null for none
     * @param delay frames behind
     */
    record Lead(Travel travel, Lead lead, double delay) {
        /** What the leader does at a time, away from where it comes to rest; px of the base frame. */
        Matrix carried(double time) {
            double then = time - delay;
            Matrix own = travel.matrix(then).times(travel.matrix(Travel.HOME).inverse());
            return lead == null ? own : lead.carried(then).times(own);
        }
    }

    /** A block that arrives at a scene frame, and how others make room for it. */
    record Push(double start, MakeRoom room) {
        private Matrix at(double time, FrameFit fit) {
            double x = Math.min(1, (time - start) / room.frames());
            if (x <= 0) {
                return Matrix.IDENTITY;
            }
            double eased = Easings.read(room.easing()).at(x);
            double middleX = fit.width() / 2 - fit.left() / fit.scale();
            double middleY = fit.height() / 2 - fit.top() / fit.scale();
            double scale = Math.max(1e-3, 1 + (room.scale() - 1) * eased);
            return Matrix.translate(middleX + room.x() * eased, middleY + room.y() * eased)
                    .times(Matrix.rotate(room.rotation() * eased))
                    .times(Matrix.scale(scale, scale))
                    .times(Matrix.translate(-middleX, -middleY));
        }
    }

    public boolean nothing() {
        return lead == null && pushes.isEmpty() && camera == null;
    }

    /** What the leader and those that arrive do to the block at a time; px of the base frame. */
    Matrix inFrame(double time, FrameFit fit) {
        Matrix matrix = lead == null ? Matrix.IDENTITY : lead.carried(time);
        for (Push push : pushes) {
            matrix = push.at(time, fit).times(matrix);
        }
        return matrix;
    }

    /** What the camera does to the picture at a time; px of the format. */
    static Matrix seen(Camera camera, double time, FrameFit fit) {
        if (camera == null) {
            return Matrix.IDENTITY;
        }
        List<Camera.Key> keys = camera.keys();
        Tween tween = Tween.of(keys, Camera.Key::at, Camera.Key::easing, time);
        Camera.Key from = keys.get(tween.key());
        Camera.Key to = tween.progress() == 0 ? from : keys.get(tween.key() + 1);
        double p = tween.progress();
        // Zooms multiply: half way from 1 to 4 is 2.
        double zoom = from.zoom() * StrictMath.pow(to.zoom() / from.zoom(), p);
        double x = from.x() + (to.x() - from.x()) * p;
        double y = from.y() + (to.y() - from.y()) * p;
        double middleX = fit.width() * fit.scale() / 2;
        double middleY = fit.height() * fit.scale() / 2;
        return Matrix.translate(middleX, middleY)
                .times(Matrix.scale(zoom, zoom))
                .times(Matrix.rotate(-(from.turn() + (to.turn() - from.turn()) * p)))
                .times(Matrix.translate(-middleX - x * fit.scale(), -middleY - y * fit.scale()));
    }
}
