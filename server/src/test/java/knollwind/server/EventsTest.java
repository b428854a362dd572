package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** The stream by which a page hears what others do to its project. */
@Timeout(60)
class EventsTest {
    private final TestServer server = TestServer.get();

    private HttpResponse<InputStream> open(String id) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        server.request("/api/projects/" + id + "/events").build(),
                        HttpResponse.BodyHandlers.ofInputStream());
    }

    @Test
    void a_save_elsewhere_is_told_by_its_revision() throws Exception {
        String id = server.project("Watched");
        HttpResponse<InputStream> response = open(id);
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8))) {
            assertThat(revision(lines)).isEqualTo("1");
            server.save(id, 1, ProjectsTest.splice(0, 0, "EBB"));
            assertThat(revision(lines)).isEqualTo("2");
        }
    }

    private static String revision(BufferedReader lines) throws Exception {
        boolean named = false;
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.startsWith("data:") && named) {
                return line.substring(5);
            }
            named = line.equals("event:revision");
        }
        throw new AssertionError("the stream ended");
    }

    @Test
    void a_project_that_does_not_exist_has_no_stream() throws Exception {
        assertThat(open("nowhere").statusCode()).isEqualTo(404);
    }

    @Test
    void streams_ask_nothing_of_the_database_while_nothing_changes() throws Exception {
        String id = server.project("Quiet");
        List<HttpResponse<InputStream>> streams = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            HttpResponse<InputStream> stream = open(id);
            // It has been told how things stand once its first line is there.
            assertThat(stream.body().read()).isPositive();
            streams.add(stream);
        }
        // PostgreSQL counts with some delay, so what opening the streams asked may be counted in the first spans.
        // Streams
        // that ask each second, or every few, would be counted in every one.
        assertThat(Stream.generate(this::askedInASpan).limit(6).anyMatch(asked -> asked < 40))
                .as("a span in which forty streams asked less than once each")
                .isTrue();
        for (HttpResponse<InputStream> stream : streams) {
            stream.body().close();
        }
    }

    /** How often lists of exports were read within four seconds. */
    private long askedInASpan() {
        long before = asked();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(4);
        while (System.nanoTime() < until) {
            // Whatever counted for itself hands it on once it is asked again.
            server.get("/api/health");
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
        }
        return asked() - before;
    }

    /** How often lists of exports were read so far. */
    private long asked() {
        return server.database()
                .count(
                        "select coalesce(sum(idx_scan + seq_scan), 0) from pg_stat_user_tables where relname = 'export'");
    }
}
