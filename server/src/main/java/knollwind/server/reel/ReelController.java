package knollwind.server.reel;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import knollwind.core.display.ReelWriter;
import knollwind.core.simulation.Falls;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Frames for the browser to paint. */
@RestController
class ReelController {
    /**
     * Which frames of which draft.
     *
     * @param from first frame
     * @param to frame after the last; at most one second after the first
     * @param client names one open page
     * @param sequence counts that page's requests of this kind; an older one is dropped when a newer comes in
     * @param known outlines that the page has already, as hexadecimal ids
     * @param resting block whose words are being edited; may be left out
     * @param samples true for the pictures whose mean the first frame is, each as a frame of the reel
     */
    record ReelRequest(
            @NotNull @Valid DraftRequest draft,
            int from,
            int to,
            @NotBlank String client,
            long sequence,
            List<String> known,
            String resting,
            Boolean samples) {
        /** The outlines that the page has. */
        Set<Long> outlines() {
            Set<Long> outlines = new HashSet<>();
            if (known != null) {
                known.forEach(outline -> outlines.add(Long.parseUnsignedLong(outline, 16)));
            }
            return outlines;
        }
    }

    private final Drafts drafts;
    private final ReelService reels;
    private final Latest latest;

    ReelController(Drafts drafts, ReelService reels, Latest latest) {
        this.drafts = drafts;
        this.reels = reels;
        this.latest = latest;
    }

    /**
     * How far what falls has been computed.
     *
     * @param computed frames; 0 where none are computed now
     * @param asked the frame up to which they are
     * @param ahead whether no picture waits for it yet
     */
    record Falling(int computed, int asked, boolean ahead) {}

    /** Of the fall that keeps a picture waiting longest, or else of the one that is computed ahead. */
    @GetMapping("/api/falling")
    Falling falling() {
        return Falls.progress()
                .map(one -> new Falling(one.computed(), one.asked(), one.ahead()))
                .orElse(new Falling(0, 0, false));
    }

    /** No more is computed ahead of those that have been looked at. */
    @DeleteMapping("/api/falling")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stopFalling() {
        Falls.stopAhead();
    }

    /** The reel, or no content when a newer request has overtaken this one. */
    @PostMapping(value = "/api/projects/{id}/reel", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> reel(@PathVariable String id, @Valid @RequestBody ReelRequest request) {
        if (!latest.note(request.client(), request.sequence())) {
            return ResponseEntity.noContent().build();
        }
        Drafts.View view = drafts.view(id, request.draft());
        int second = view.scene().rate().nominal();
        if (request.from() < 0 || request.to() <= request.from() || request.to() - request.from() > second) {
            throw new IllegalArgumentException(
                    "a reel covers 1 to " + second + " frames, not " + request.from() + " to " + request.to());
        }
        Set<Long> known = request.outlines();
        if (Boolean.TRUE.equals(request.samples())) {
            return ResponseEntity.ok(ReelWriter.write(reels.samples(view, request.from(), request.resting()), known));
        }
        return reels.reel(
                        view,
                        request.from(),
                        request.to(),
                        request.resting(),
                        () -> latest.isStale(request.client(), request.sequence()))
                .map(reel -> ResponseEntity.ok(ReelWriter.write(reel, known)))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }
}
