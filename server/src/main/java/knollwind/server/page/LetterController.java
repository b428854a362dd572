package knollwind.server.page;

import jakarta.validation.Valid;
import java.util.List;
import knollwind.core.frame.BlockLetters;
import knollwind.core.scene.Block;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How a letter is written, to be drawn over. */
@RestController
class LetterController {
    /**
     * A letter.
     *
     * @param map (a, b, c, d, e, f) from shares of its ink box to the frame's px
     * @param strokes in the order of writing, as points x, y, x, y, … in shares of the ink box
     * @param drawn whether the project says how it is written
     */
    record LetterView(String family, String character, List<Double> map, List<List<Double>> strokes, boolean drawn) {}

    private final Drafts drafts;

    LetterController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param from offset of the letter in the block's text */
    @PostMapping("/api/projects/{id}/blocks/{block}/letter")
    LetterView letter(
            @PathVariable String id,
            @PathVariable String block,
            @RequestParam int from,
            @Valid @RequestBody DraftRequest request) {
        Drafts.View view = drafts.view(id, request);
        Block found = view.blocks().stream()
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the scene has no block '" + block + "'"));
        BlockLetters.Letter letter = drafts.score(view, found)
                .letter(from)
                .orElseThrow(() -> new IllegalArgumentException(
                        "there is no single letter there; letters that run together cannot be drawn over"));
        boolean drawn = view.project().lettering().stream()
                .anyMatch(one ->
                        one.family().equals(letter.family()) && one.character().equals(letter.character()));
        return new LetterView(letter.family(), letter.character(), letter.map(), letter.strokes(), drawn);
    }
}
