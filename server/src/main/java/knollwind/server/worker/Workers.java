package knollwind.server.worker;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.lang.management.ManagementFactory;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import knollwind.server.Settings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** All programs that take exports, and the name and signs of life of this one. Times are the database's. */
@Component
public class Workers {
    private static final Logger LOG = LoggerFactory.getLogger(Workers.class);
    private static final int LONGEST_DOING = 400;

    /** Those that have left or fallen silent are shown so long. */
    private static final String REMEMBERED = "interval '1 day'";

    private final JdbcTemplate jdbc;
    private final Settings settings;
    private final long process = ProcessHandle.current().pid();
    private final ScheduledExecutorService beat = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "worker-beat");
        thread.setDaemon(true);
        return thread;
    });
    private volatile String doing = "";
    private String name;

    Workers(JdbcTemplate jdbc, Settings settings) {
        this.jdbc = jdbc;
        this.settings = settings;
    }

    /** Takes a name that nobody has who lives, and begins to show itself. */
    @PostConstruct
    void join() {
        if (settings.atOnce() == 0) {
            name = settings.worker();
            return;
        }
        forgetEnded();
        String wanted = settings.worker().isBlank() ? machine() : settings.worker();
        name = wanted;
        for (int i = 2; !taken(name); i++) {
            name = wanted + "-" + i;
        }
        jdbc.update("delete from worker where coalesce(left_at, seen_at) < now() - " + REMEMBERED);
        long every = settings.heartbeat().toMillis();
        beat.scheduleWithFixedDelay(this::show, every, every, TimeUnit.MILLISECONDS);
    }

    /** Those of this machine whose process has ended need not be waited for. */
    private void forgetEnded() {
        jdbc
                .queryForList("select process from worker where machine = ? and left_at is null", Long.class, machine())
                .stream()
                .filter(other -> ProcessHandle.of(other).isEmpty() || other == process)
                .forEach(other -> jdbc.update(
                        "update worker set left_at = seen_at, doing = '' where machine = ? and process = ?",
                        machine(),
                        other));
    }

    private boolean taken(String wanted) {
        return jdbc.update(
                        "insert into worker (name, machine, process, processors, load, doing, since, seen_at)"
                                + " values (?, ?, ?, ?, ?, '', now(), now())"
                                + " on conflict (name) do update set machine = excluded.machine, process = excluded.process,"
                                + " processors = excluded.processors, load = excluded.load, doing = '', since = now(),"
                                + " seen_at = now(), left_at = null"
                                + " where worker.left_at is not null or worker.seen_at < now() - ? * interval '1 millisecond'",
                        wanted,
                        machine(),
                        process,
                        Runtime.getRuntime().availableProcessors(),
                        load(),
                        settings.silent().toMillis())
                > 0;
    }

    private void show() {
        try {
            jdbc.update(
                    "update worker set seen_at = now(), load = ?, doing = ?, left_at = null where name = ? and process = ?",
                    load(),
                    doing,
                    name,
                    process);
        } catch (DataAccessException | TransactionException e) {
            // Whoever looks sees that it is silent, and so do the others.
            LOG.debug("The database is away", e);
        }
    }

    /** The name of this one. */
    public String name() {
        return name;
    }

    /** Says what this one does; empty for nothing. */
    public void doing(String what) {
        isAt(what);
        if (settings.atOnce() > 0) {
            show();
        }
    }

    /** Says how far it is with that, by the next sign of life. */
    public void isAt(String what) {
        doing = what.length() > LONGEST_DOING ? what.substring(0, LONGEST_DOING) : what;
    }

    /** How many live. */
    public int living() {
        Integer count = jdbc.queryForObject(
                "select count(*) from worker where left_at is null and seen_at > now() - ? * interval '1 millisecond'",
                Integer.class,
                settings.silent().toMillis());
        return count == null ? 0 : count;
    }

    /** Everyone who has been here in the last day, those who live first. */
    List<WorkerView> all() {
        return jdbc.query(
                "select w.*, w.left_at is null and w.seen_at > now() - ? * interval '1 millisecond' as lives,"
                        + " (select count(*) from export e where e.worker = w.name and e.state = 'done'"
                        + " and e.finished_at > w.since) as made"
                        + " from worker w order by lives desc, name",
                (row, number) -> view(row),
                settings.silent().toMillis());
    }

    private static WorkerView view(ResultSet row) throws SQLException {
        String doing = row.getString("doing");
        boolean lives = row.getBoolean("lives");
        boolean left = row.getTimestamp("left_at") != null;
        String living = doing.isEmpty() ? "waits" : "works";
        return new WorkerView(
                row.getString("name"),
                row.getString("machine"),
                row.getInt("processors"),
                row.getDouble("load"),
                lives ? doing : "",
                row.getInt("made"),
                instant(row, "since"),
                instant(row, "seen_at"),
                lives ? living : left ? "left" : "silent");
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getTimestamp(column).toInstant();
    }

    private static double load() {
        return ManagementFactory.getOperatingSystemMXBean().getSystemLoadAverage();
    }

    private static String machine() {
        try {
            return InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException e) {
            return "worker";
        }
    }

    @PreDestroy
    void leave() {
        beat.shutdownNow();
        if (settings.atOnce() > 0) {
            try {
                jdbc.update(
                        "update worker set left_at = now(), doing = '' where name = ? and process = ?", name, process);
            } catch (DataAccessException | TransactionException e) {
                LOG.debug("The database is away; the others will notice", e);
            }
        }
    }
}
