package knollwind.server.reel;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Reel;
import knollwind.core.display.ReelWriter;
import knollwind.core.frame.SceneSequence;
import knollwind.core.layout.Materials;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Project;
import knollwind.core.scene.Stretch;
import knollwind.core.sound.Heard;
import knollwind.core.type.FontLibrary;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** All scenes of a draft, one after the other. */
@RestController
class WholeFilmController {
    /** How long the film is, where its scenes lie in it and what is heard; frames and seconds are the film's. */
    record WholeFilm(int width, int height, FrameRate rate, int length, List<Stretch> scenes, List<Heard> heard) {}

    private record Key(String project, DraftRequest draft, int fonts) {}

    private final Drafts drafts;
    private final Latest latest;
    private final Materials materials;
    private final FontLibrary fonts;
    private final Cache<Key, SceneSequence> films =
            Caffeine.newBuilder().maximumSize(4).build();

    WholeFilmController(Drafts drafts, Latest latest, Materials materials, FontLibrary fonts) {
        this.drafts = drafts;
        this.latest = latest;
        this.materials = materials;
        this.fonts = fonts;
    }

    private SceneSequence film(String id, DraftRequest draft) {
        return films.get(new Key(id, draft, fonts.version()), key -> {
            Project project = drafts.document(id, draft);
            return SceneSequence.of(project, project.scene(draft.scene()).format(draft.format()), materials);
        });
    }

    @PostMapping("/api/projects/{id}/film")
    WholeFilm whole(@PathVariable String id, @Valid @RequestBody DraftRequest draft) {
        SceneSequence film = film(id, draft);
        return new WholeFilm(film.width(), film.height(), film.rate(), film.length(), film.stretches(), film.sounds());
    }

    /** Frames of the film as a reel with one track, or no content when a newer request has overtaken this one. */
    @PostMapping(value = "/api/projects/{id}/film/reel", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> reel(@PathVariable String id, @Valid @RequestBody ReelController.ReelRequest request) {
        if (!latest.note(request.client(), request.sequence())) {
            return ResponseEntity.noContent().build();
        }
        SceneSequence film = film(id, request.draft());
        int from = request.from();
        int to = Math.min(request.to(), film.length());
        if (from < 0 || to <= from || to - from > film.rate().nominal()) {
            throw new IllegalArgumentException(
                    "a reel covers 1 to " + film.rate().nominal() + " frames of the film's " + film.length() + ", not "
                            + request.from() + " to " + request.to());
        }
        List<DisplayList> lists = new ArrayList<>();
        int[] frames = new int[to - from];
        for (int i = 0; i < frames.length; i++) {
            if (latest.isStale(request.client(), request.sequence())) {
                return ResponseEntity.noContent().build();
            }
            // What blurs is seen sharp while it plays, as in the workbench.
            List<DisplayList> seen = film.frame(from + i, false);
            DisplayList list = seen.get(seen.size() / 2);
            if (lists.isEmpty() || !lists.get(lists.size() - 1).equals(list)) {
                lists.add(list);
            }
            frames[i] = lists.size() - 1;
        }
        Reel reel = new Reel(
                film.width(),
                film.height(),
                from,
                to,
                List.of(new Reel.Row(Reel.BACKGROUND, lists, frames, new float[4 * frames.length])));
        return ResponseEntity.ok(ReelWriter.write(reel, request.outlines()));
    }
}
