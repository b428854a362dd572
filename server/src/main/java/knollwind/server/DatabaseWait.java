package knollwind.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;

/** A worker that is started before its database waits for it. */
final class DatabaseWait {
    private static final long PAUSE_MS = 2_000;

    /** What PostgreSQL says of a name or password that is not right: waiting does not help. */
    private static final String REFUSED = "28";

    private DatabaseWait() {}

    static void forIt() throws InterruptedException {
        String url = System.getenv("KNOLLWIND_DB_URL");
        String user = System.getenv().getOrDefault("KNOLLWIND_DB_USER", "knollwind");
        boolean told = false;
        while (url != null) {
            try (Connection connection =
                    DriverManager.getConnection(url, user, System.getenv("KNOLLWIND_DB_PASSWORD"))) {
                if (connection.isValid(2)) {
                    return;
                }
            } catch (SQLException e) {
                if (e.getSQLState() == null || e.getSQLState().startsWith(REFUSED)) {
                    System.err.println("knollwind: the database refuses this worker: " + e.getMessage());
                    System.exit(1);
                }
                if (!told) {
                    System.err.println("knollwind: waiting for the database: " + e.getMessage());
                    told = true;
                }
            }
            Thread.sleep(PAUSE_MS);
        }
    }
}
