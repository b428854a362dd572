package knollwind.server.page;

import jakarta.validation.Valid;
import java.time.Duration;
import java.util.List;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.server.project.MissingException;
import knollwind.server.reel.DraftRequest;
import knollwind.server.reel.Drafts;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Directions and times of a draft, and the faces there are. */
@RestController
class PageController {
    private final Drafts drafts;
    private final PageService pages;
    private final FontLibrary fonts;

    PageController(Drafts drafts, PageService pages, FontLibrary fonts) {
        this.drafts = drafts;
        this.pages = pages;
        this.fonts = fonts;
    }

    @PostMapping("/api/projects/{id}/page")
    PageView page(@PathVariable String id, @Valid @RequestBody DraftRequest request) {
        return pages.page(drafts.view(id, request));
    }

    /** A shipped font file, for pages that show words in their face. */
    @GetMapping(value = "/api/fonts/files/{name}", produces = "font/woff2")
    ResponseEntity<byte[]> file(@PathVariable String name) {
        byte[] content = fonts.content(name)
                .orElseThrow(() -> new MissingException("There is no shipped font file of this name."));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)))
                .body(content);
    }

    /** The shipped faces as a style sheet. */
    @GetMapping(value = "/api/fonts/faces.css", produces = "text/css")
    String faces() {
        return FaceSheet.of(fonts.files());
    }

    @GetMapping("/api/fonts")
    List<FontFamily> fonts() {
        return fonts.families();
    }
}
