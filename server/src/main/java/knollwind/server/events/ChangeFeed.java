package knollwind.server.events;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Changes told by PostgreSQL's NOTIFY, so that any number of listeners costs the database nothing while nothing happens. What is
 * told inside a transaction is heard when it commits, by every process on the same database.
 */
@Component
public class ChangeFeed implements SmartLifecycle {
    /** What changed of a project. */
    public enum Topic {
        PROJECT,
        EXPORTS
    }

    /** Asked to look again at a project; empty for all of them, after the wire to the database was cut for a while. */
    public interface Listener {
        void changed(Optional<String> project);
    }

    private static final Logger LOG = LoggerFactory.getLogger(ChangeFeed.class);
    private static final String CHANNEL = "knollwind";
    /** How long a wait for notifications lasts, so that a stop is noticed. */
    private static final int WAIT_MS = 1_000;

    private final DataSource source;
    private final JdbcTemplate jdbc;
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();
    private volatile boolean running;
    private Thread thread;

    ChangeFeed(DataSource source, JdbcTemplate jdbc) {
        this.source = source;
        this.jdbc = jdbc;
    }

    /** Tells that a project changed; within a transaction, when that commits. */
    public void tell(Topic topic, String project) {
        jdbc.queryForList("select pg_notify(?, ?)", CHANNEL, topic + " " + project);
    }

    public void listen(Listener listener) {
        listeners.add(listener);
    }

    @Override
    public void start() {
        if (listeners.isEmpty()) {
            return;
        }
        running = true;
        thread = new Thread(this::run, "change-feed");
        thread.setDaemon(true);
        thread.start();
    }

    private void run() {
        while (running) {
            try (Connection connection = source.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen " + CHANNEL);
                // What was told while nobody listened is looked for now.
                tellAll(Optional.empty());
                PGConnection postgres = connection.unwrap(PGConnection.class);
                while (running) {
                    PGNotification[] told = postgres.getNotifications(WAIT_MS);
                    for (PGNotification one : told == null ? new PGNotification[0] : told) {
                        String[] words = one.getParameter().split(" ", 2);
                        tellAll(Optional.of(words[words.length - 1]));
                    }
                }
                statement.execute("unlisten " + CHANNEL);
            } catch (SQLException e) {
                LOG.debug("The database does not tell changes now", e);
                pause();
            }
        }
    }

    private void tellAll(Optional<String> project) {
        for (Listener listener : listeners) {
            try {
                listener.changed(project);
            } catch (RuntimeException e) {
                LOG.debug("A listener failed", e);
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(WAIT_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void stop() {
        if (!running) {
            return;
        }
        running = false;
        thread.interrupt();
        try {
            thread.join(2L * WAIT_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
