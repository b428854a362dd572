package knollwind.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;

/** A fresh database on the tests' PostgreSQL, which {@code ./knollwind test} starts. It is dropped when it is closed. */
public final class TestDatabase implements AutoCloseable {
    private static final int PORT = Integer.parseInt(setting("KNOLLWIND_TEST_DB_PORT"));
    private static final String PASSWORD = setting("KNOLLWIND_TEST_DB_PASSWORD");
    private static final String USER = "knollwind";

    private final String name = "test_" + UUID.randomUUID().toString().replace("-", "");

    public TestDatabase() {
        execute("postgres", "create database " + name);
    }

    private static String setting(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(
                    "these tests need a PostgreSQL server; run them with ./knollwind test, which starts one and sets "
                            + name);
        }
        return value;
    }

    public String user() {
        return USER;
    }

    public String password() {
        return PASSWORD;
    }

    public int port() {
        return PORT;
    }

    /** The address by way of the server's own port, or of another that stands in front of it. */
    public String url(int port) {
        return "jdbc:postgresql://127.0.0.1:" + port + "/" + name;
    }

    public String url() {
        return url(PORT);
    }

    /** A connection of the test's own, to look at rows and to hold locks. */
    public Connection connect() throws SQLException {
        return DriverManager.getConnection(url(), USER, PASSWORD);
    }

    public void execute(String sql) {
        execute(name, sql);
    }

    public long count(String sql) {
        try (Connection connection = connect();
                Statement statement = connection.createStatement();
                var rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void execute(String database, String sql) {
        try (Connection connection = DriverManager.getConnection(
                        "jdbc:postgresql://127.0.0.1:" + PORT + "/" + database, USER, PASSWORD);
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        execute("postgres", "drop database if exists " + name + " with (force)");
    }
}
