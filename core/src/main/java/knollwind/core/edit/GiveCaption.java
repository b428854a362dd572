package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.Filling;

/**
 * Gives what is other in one caption to others: to all, so that it is the design's from now on, or to some.
 *
 * @param caption id of the one that has it
 * @param to ids; none for all
 */
public record GiveCaption(String scene, String caption, List<String> to) implements Intent {
    public GiveCaption {
        to = Check.list(to);
    }

    @Override
    public Outcome on(Draft draft) {
        Captions row = CaptionRows.of(draft.scene(scene));
        CaptionLine own = CaptionRows.line(row, caption);
        if (own.own().isEmpty()) {
            throw new IllegalArgumentException("this caption looks as all others do; there is nothing to give");
        }
        List<Operation> operations = new ArrayList<>();
        if (to.isEmpty()) {
            for (Filling filling : own.own()) {
                String at = BlockPath.of(scene, filling.block()) + "/" + String.join("/", filling.path());
                operations.add(
                        filling.value().isNull() ? new Operation.Clear(at) : new Operation.Set(at, filling.value()));
            }
            operations.add(CaptionRows.set(scene, own.withOwn(List.of())));
            return Outcome.saying(operations, "All captions look like this one now.");
        }
        for (CaptionLine line : row.lines()) {
            if (to.contains(line.id()) && line != own) {
                Map<String, Filling> given = own.own().stream().collect(Collectors.toMap(Filling::id, one -> one));
                List<Filling> all = Stream.concat(
                                line.own().stream().filter(one -> !given.containsKey(one.id())), own.own().stream())
                        .toList();
                operations.add(CaptionRows.set(scene, line.withOwn(all)));
            }
        }
        return Outcome.of(operations, "");
    }
}
