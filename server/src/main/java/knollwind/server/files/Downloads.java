package knollwind.server.files;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Answers with stored files. They are always saved, never shown: an upload must not run in the page's origin. */
@Component
public class Downloads {
    private final FileStore files;

    Downloads(FileStore files) {
        this.files = files;
    }

    public ResponseEntity<StreamingResponseBody> answer(StoredFile file, String name) {
        return saved(name)
                .eTag("\"" + file.sha256() + "\"")
                .contentLength(file.size())
                .contentType(MediaType.parseMediaType(file.mediaType()))
                .body(out -> files.copy(file.id(), out));
    }

    /** Answers with a text that is made when it is asked for. */
    public ResponseEntity<byte[]> answer(String text, String mediaType, String name) {
        return saved(name)
                .contentType(MediaType.parseMediaType(mediaType + ";charset=UTF-8"))
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Answers with a file that is made when it is asked for. */
    public ResponseEntity<byte[]> answer(byte[] content, String mediaType, String name) {
        return saved(name).contentType(MediaType.parseMediaType(mediaType)).body(content);
    }

    private static ResponseEntity.BodyBuilder saved(String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header("X-Content-Type-Options", "nosniff");
    }
}
