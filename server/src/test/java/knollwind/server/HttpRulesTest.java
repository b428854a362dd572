package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import knollwind.core.document.DocumentJson;
import knollwind.server.files.UploadKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class HttpRulesTest {
    private final TestServer server = TestServer.get();

    @ParameterizedTest
    @ValueSource(strings = {"ferry.example", "127.0.0.1.ferry.example", "169.254.1.1"})
    void a_foreign_host_is_refused(String host) throws IOException {
        assertThat(raw("GET /api/projects HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 403");
    }

    @ParameterizedTest
    @ValueSource(strings = {"https://ferry.example", "http://127.0.0.1:1", "null", "http://localhost.ferry.example"})
    void a_foreign_origin_is_refused(String origin) throws IOException {
        String request = "GET /api/projects HTTP/1.1\r\nHost: 127.0.0.1:" + server.port() + "\r\nOrigin: " + origin
                + "\r\nConnection: close\r\n\r\n";
        assertThat(raw(request)).startsWith("HTTP/1.1 403");
    }

    @Test
    void the_pages_own_origin_is_let_in() throws IOException {
        String request = "GET /api/health HTTP/1.1\r\nHost: 127.0.0.1:" + server.port()
                + "\r\nOrigin: http://127.0.0.1:" + server.port() + "\r\nConnection: close\r\n\r\n";
        assertThat(raw(request)).startsWith("HTTP/1.1 200");
    }

    @Test
    void a_body_above_the_limit_is_refused_before_it_is_read() throws IOException {
        String head = "POST /api/projects HTTP/1.1\r\nHost: 127.0.0.1:" + server.port()
                + "\r\nContent-Type: application/json\r\nContent-Length: 9000000\r\nConnection: close\r\n\r\n";
        assertThat(raw(head)).startsWith("HTTP/1.1 413");
    }

    @ParameterizedTest
    @EnumSource(UploadKind.class)
    void a_file_may_be_as_large_as_its_kind_allows_and_no_larger(UploadKind kind) throws IOException {
        // Refused for its size before it is read, else let in and found to be broken off.
        assertThat(raw(upload(kind, kind.most() + 1)))
                .startsWith("HTTP/1.1 413")
                .contains(kind.megabytes() + " MB");
        assertThat(raw(upload(kind, kind.most()))).doesNotStartWith("HTTP/1.1 413");
    }

    private String upload(UploadKind kind, long size) {
        return "POST " + kind.path() + "?name=x HTTP/1.1\r\nHost: 127.0.0.1:" + server.port()
                + "\r\nContent-Type: application/octet-stream\r\nContent-Length: " + size
                + "\r\nConnection: close\r\n\r\n";
    }

    @Test
    void requests_that_no_address_takes_are_said_as_problems() throws IOException {
        assertThat(server.delete("/api/projects").status()).isEqualTo(405);
        assertThat(server.send(server.request("/api/projects")
                                .header("Content-Type", "text/plain")
                                .POST(HttpRequest.BodyPublishers.ofString("x")))
                        .status())
                .isEqualTo(415);
        assertThat(server.send(server.request("/api/sounds").POST(HttpRequest.BodyPublishers.ofString("x")))
                        .status())
                .isEqualTo(400);
        assertThat(server.get("/error").status()).isEqualTo(404);
        String opaque = "GET /api/projects HTTP/1.1\r\nHost: 127.0.0.1:" + server.port()
                + "\r\nOrigin: http:nowhere\r\nConnection: close\r\n\r\n";
        assertThat(raw(opaque)).startsWith("HTTP/1.1 403");
    }

    @ParameterizedTest
    @CsvSource({
        "/api/nowhere,404",
        "/api/projects/nowhere,404",
        "/api/exports/not-an-id/file,400",
        "/api/assets/nowhere,404"
    })
    void what_is_not_there_is_said_as_a_problem(String path, int status) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.detail()).isNotBlank().endsWith(".");
    }

    @Test
    void what_is_no_json_is_refused() {
        assertThat(server.post("/api/projects", "{\"name\":").status()).isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/projects/ternholm-night-ferry"})
    void every_view_has_its_page(String path) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body()).contains("<div id=\"root\">");
    }

    @Test
    void the_committed_description_is_the_live_one() throws IOException {
        Path committed = Path.of("..", "web", "openapi.json");
        var live = DocumentJson.tree(server.get("/api/openapi").body());
        if (System.getenv("KNOLLWIND_WRITE_OPENAPI") != null) {
            Files.writeString(committed, live.toPrettyString() + "\n");
        }
        assertThat(DocumentJson.tree(Files.readString(committed)))
                .as("web/openapi.json; to renew it run the tests with KNOLLWIND_WRITE_OPENAPI=1")
                .isEqualTo(live);
    }

    @Test
    void an_upload_of_several_chunks_comes_back_whole_and_is_stored_once() throws Exception {
        byte[] content = new byte[3 * (1 << 20) + 17];
        new java.util.Random(4).nextBytes(content);
        String sha =
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        for (int i = 0; i < 2; i++) {
            TestServer.Answer answer = server.send(server.request("/api/assets?name=harbour.png")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
            assertThat(answer.status()).isEqualTo(201);
            assertThat(answer.json().get("sha256").asString()).isEqualTo(sha);
        }
        assertThat(server.database().count("select count(*) from stored_file where sha256 = '" + sha + "'"))
                .isEqualTo(1);
        assertThat(server.database()
                        .count(
                                "select count(*) from file_chunk c join stored_file f on f.id = c.file_id where f.sha256 = '"
                                        + sha + "'"))
                .isEqualTo(4);
        try (InputStream in =
                server.request("/api/assets/" + sha).build().uri().toURL().openStream()) {
            assertThat(in.readAllBytes()).isEqualTo(content);
        }
        assertThat(server.get("/api/assets/" + sha)
                        .raw()
                        .headers()
                        .firstValue("Content-Disposition")
                        .orElse(""))
                .startsWith("attachment");
    }

    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", server.port())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
