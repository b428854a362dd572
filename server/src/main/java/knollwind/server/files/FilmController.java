package knollwind.server.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FilmPlay;
import knollwind.server.project.MissingException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Films that people bring in. */
@RestController
class FilmController {
    private final Films films;

    FilmController(Films films) {
        this.films = films;
    }

    /** Takes in a film of any kind that ffmpeg reads as the request's body; answers with it as what covers an area. */
    @PostMapping(value = UploadKind.Path.FILMS, consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Object add(@RequestParam String name, HttpServletRequest request) throws IOException, InterruptedException {
        Films.Kept kept = films.add(name, request.getInputStream());
        return new Fill.Film(
                new Fill.Picture(
                        kept.sha256(), kept.name(), kept.width(), kept.height(), Fill.Picture.Mode.COVER, 0.5, 0.5),
                kept.frames(),
                kept.rate(),
                FilmPlay.whole(kept.frames()));
    }

    @GetMapping(value = "/api/pictures/{sha256}/{frame}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> frame(@PathVariable String sha256, @PathVariable int frame) {
        byte[] content = films.frame(sha256, frame)
                .orElseThrow(() -> new MissingException("There is no film with this content and frame."));
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePublic().immutable())
                .header("X-Content-Type-Options", "nosniff")
                .body(content);
    }
}
