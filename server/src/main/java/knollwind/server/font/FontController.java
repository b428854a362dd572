package knollwind.server.font;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.server.files.UploadKind;
import knollwind.server.project.MissingException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Families that can be chosen, shipped ones and those brought along, and their files. */
@RestController
@RequestMapping(UploadKind.Path.FONTS)
class FontController {
    /** The names under which an added file's faces are chosen. */
    record Added(List<String> families) {}

    private final FontLibrary library;
    private final OwnFonts own;

    FontController(FontLibrary library, OwnFonts own) {
        this.library = library;
        this.own = own;
    }

    @GetMapping
    List<FontFamily> families() {
        return library.families();
    }

    /** The shipped faces as a style sheet, so that a page shows words roughly as they will be set. */
    @GetMapping(value = "/faces.css", produces = "text/css")
    ResponseEntity<String> faces() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .body(FaceSheet.of(library.files()) + FaceSheet.fallback(library.fallbackFiles()));
    }

    /** A shipped file. */
    @GetMapping(value = "/files/{name}", produces = "font/woff2")
    ResponseEntity<byte[]> file(@PathVariable String name) {
        return forLong(library.content(name)
                .orElseThrow(() -> new MissingException("There is no shipped font file of this name.")));
    }

    /** A file that was brought along. */
    @GetMapping(value = "/own/{sha256}", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> own(@PathVariable String sha256) {
        return forLong(own.content(sha256)
                .orElseThrow(() -> new MissingException("There is no font file with this content.")));
    }

    /** Takes in a TTF, OTF, TTC, WOFF or WOFF2 file as the request's body. */
    @PostMapping(consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Added add(@RequestParam String name, HttpServletRequest request) throws IOException, InterruptedException {
        byte[] content = UploadKind.FONT.read(request.getInputStream());
        return new Added(own.add(name, content));
    }

    @DeleteMapping("/own/{sha256}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String sha256) {
        own.remove(sha256);
    }

    private static ResponseEntity<byte[]> forLong(byte[] content) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)))
                .body(content);
    }
}
