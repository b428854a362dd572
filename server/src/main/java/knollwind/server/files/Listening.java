package knollwind.server.files;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** What is listened to at this time, so that it can be stopped: a recording of an hour takes minutes. */
@Component
class Listening {
    private final Map<String, Thread> going = new ConcurrentHashMap<>();

    /**
     * Listens under a name that whoever asked made up.
     *
     * @param run null where nobody will stop it
     */
    <T> T as(String run, Supplier<T> listening) {
        if (run == null) {
            return listening.get();
        }
        going.put(run, Thread.currentThread());
        try {
            return listening.get();
        } finally {
            synchronized (going) {
                going.remove(run);
                // The thread goes on to other requests.
                Thread.interrupted();
            }
        }
    }

    /** Stops it, if it has not come to its end. */
    void stop(String run) {
        synchronized (going) {
            Thread thread = going.get(run);
            if (thread != null) {
                thread.interrupt();
            }
        }
    }
}
