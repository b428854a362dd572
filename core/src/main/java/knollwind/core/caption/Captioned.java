package knollwind.core.caption;

import java.util.List;

/**
 * Captions made of words.
 *
 * @param captions in time, not overlapping
 * @param begins of each, the place of its first word
 * @param broken the rules that could not be kept, in words
 */
public record Captioned(List<Caption> captions, List<Integer> begins, List<String> broken) {
    public Captioned {
        captions = List.copyOf(captions);
        begins = List.copyOf(begins);
        broken = List.copyOf(broken);
    }
}
