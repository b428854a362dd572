package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Run;
import knollwind.core.scene.RunBuilder;
import knollwind.core.scene.TextBlock;

/**
 * Lets a stretch of a block's words have a style of its own. Stretches that it meets make room; one that it lies in goes on after it.
 * Where it meets just one it keeps that one's style, so that part of a styled word can be styled further.
 *
 * @param from offset of its first character
 * @param to behind its last one
 */
public record StyleWords(String scene, String block, int from, int to) implements Intent {
    /** A new stretch is seen at once: it is set in the lamp's colour until something else is chosen. */
    private static final String FRESH = "#f0b64a";

    @Override
    public Outcome on(Draft draft) {
        TextBlock words = Nodes.blockOf(draft.scene(scene), block)
                .asWords()
                .orElseThrow(() -> new IllegalArgumentException("only words have stretches of their own"));
        if (from < 0 || to <= from || to > words.text().length()) {
            throw new IllegalArgumentException("the words have no stretch from " + from + " to " + to);
        }
        String at = BlockPath.of(scene, block) + "/runs";
        return Outcome.of(List.of(new Operation.Set(at, DocumentJson.tree(with(words.runs())))), "");
    }

    private List<Run> with(List<Run> runs) {
        Ids ids = new Ids(runs.stream().map(Run::id).toList());
        List<Run> met =
                runs.stream().filter(run -> run.from() < to && run.to() > from).toList();
        List<Run> all = new ArrayList<>();
        for (Run run : runs) {
            if (!met.contains(run)) {
                all.add(run);
                continue;
            }
            boolean before = run.from() < from;
            if (before) {
                all.add(run.withTo(from));
            }
            if (run.to() > to) {
                all.add(run.withFrom(to).withId(before ? ids.first("r") : run.id()));
            }
        }
        boolean inside =
                met.size() == 1 && met.get(0).from() <= from && met.get(0).to() >= to;
        Run style = inside
                ? met.get(0)
                : RunBuilder.builder().id("r").from(from).to(to).colour(FRESH).build();
        all.add(style.with(run -> run.id(ids.first("r")).from(from).to(to)));
        all.sort(Comparator.comparingInt(Run::from));
        return all;
    }
}
