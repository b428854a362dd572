package knollwind.server.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import knollwind.core.frame.Grain;
import knollwind.core.type.FontLibrary;
import knollwind.server.project.MissingException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures that people bring in. */
@RestController
@RequestMapping(UploadKind.Path.PICTURES)
class PictureController {
    private final Pictures pictures;
    private final FontLibrary library;

    PictureController(Pictures pictures, FontLibrary library) {
        this.pictures = pictures;
        this.library = library;
    }

    /** Takes in a PNG, JPEG, WebP, GIF or SVG file as the request's body. */
    @PostMapping(consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Pictures.Kept add(@RequestParam String name, HttpServletRequest request) throws IOException, InterruptedException {
        return pictures.add(name, UploadKind.PICTURE.read(request.getInputStream()));
    }

    /** A picture that was brought in, that of a colour glyph that was set, or the grain. */
    @GetMapping(value = "/{sha256}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable String sha256) {
        byte[] content = library.picture(sha256)
                .or(() -> Grain.picture(sha256))
                .or(() -> pictures.content(sha256))
                .orElseThrow(() -> new MissingException("There is no picture with this content."));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)))
                .header("X-Content-Type-Options", "nosniff")
                .body(content);
    }
}
