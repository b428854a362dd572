package knollwind.core.simulation;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import java.util.WeakHashMap;

/** Computes falls that are looked at before their later frames are asked for, the last one first; one frame at a time, so that nobody waits. */
final class Ahead {
    /** Falls of a scene, and of the one before: those looked at longer ago are not waited for. */
    private static final int MOST = 8;

    private record Wanted(Fall fall, int last) {
        boolean isDone() {
            return fall.computed() > last;
        }
    }

    private final Deque<Wanted> wanted = new ArrayDeque<>();
    /** Nobody wants these ahead. */
    private final Set<Fall> stopped = Collections.newSetFromMap(new WeakHashMap<>());

    private Thread thread;

    synchronized void wanted(Fall fall, int last) {
        if (stopped.contains(fall) || fall.computed() > last) {
            return;
        }
        wanted.removeIf(one -> one.fall() == fall);
        wanted.push(new Wanted(fall, last));
        if (wanted.size() > MOST) {
            wanted.removeLast();
        }
        if (thread == null) {
            thread = new Thread(this::run, "falls-ahead");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            thread.start();
        }
    }

    private void run() {
        for (Optional<Wanted> one = next(); one.isPresent(); one = next()) {
            Wanted now = one.get();
            try {
                now.fall().further(now.last());
            } catch (RuntimeException e) {
                // Whoever asks for that frame is told.
                giveUp(now);
            }
            if (now.isDone()) {
                Falls.folder().ifPresent(now.fall()::writeTo);
            }
        }
    }

    private synchronized void giveUp(Wanted one) {
        stopped.add(one.fall());
        wanted.remove(one);
    }

    /** Empty at the end of the thread. */
    private synchronized Optional<Wanted> next() {
        wanted.removeIf(Wanted::isDone);
        if (wanted.isEmpty()) {
            thread = null;
        }
        return Optional.ofNullable(wanted.peek());
    }

    synchronized void stop() {
        wanted.forEach(one -> stopped.add(one.fall()));
        wanted.clear();
    }

    synchronized Optional<Falls.Progress> progress() {
        return Optional.ofNullable(wanted.peek())
                .map(one -> new Falls.Progress(one.fall().computed(), one.last(), true));
    }
}
