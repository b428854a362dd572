package knollwind.server.export;

import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;

/** Things that are asked or told four times a second at most: a bar that moves, and a database that has other things to do. */
final class Seldom {
    private static final long EVERY_NS = 250_000_000;

    private long last = System.nanoTime();

    private Seldom() {}

    private boolean isTime() {
        if (System.nanoTime() - last < EVERY_NS) {
            return false;
        }
        last = System.nanoTime();
        return true;
    }

    /** No, until it is time to ask. */
    static BooleanSupplier asked(BooleanSupplier question) {
        Seldom seldom = new Seldom();
        return () -> seldom.isTime() && question.getAsBoolean();
    }

    /** @param end which is told whenever it is reached */
    static IntConsumer told(int end, IntConsumer listener) {
        Seldom seldom = new Seldom();
        return done -> {
            if (seldom.isTime() || done == end) {
                listener.accept(done);
            }
        };
    }
}
