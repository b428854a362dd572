package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.library.FrameShape;
import knollwind.core.scene.Format;
import knollwind.core.scene.Measure;
import knollwind.core.scene.Scene;

/**
 * Another size for a format. What stands in it is shown as large as it goes there, also in the base; guides keep their place in the
 * frame, and a format that is called by its shape is called by the new one.
 *
 * @param width px, as of a format
 * @param height px, as of a format
 */
public record ResizeFormat(String scene, String format, int width, int height) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Measure size = new Measure(width, height);
        Scene open = draft.scene(scene);
        Format sized = open.format(format);
        if (AddFormat.isOfSize(sized, width, height)) {
            return Outcome.of(List.of(), "");
        }
        if (open.formats().stream().anyMatch(one -> AddFormat.isOfSize(one, width, height))) {
            throw AddFormat.taken(open, width, height);
        }
        String at = "scenes/" + scene;
        String own = at + "/formats/" + sized.id();
        List<Operation> operations = new ArrayList<>();
        if (sized == open.formats().get(0)) {
            operations.addAll(MakeBase.measured(open, size));
        }
        operations.add(new Operation.Set(own + "/width", Nodes.number(width)));
        operations.add(new Operation.Set(own + "/height", Nodes.number(height)));
        if (sized.name().equals(FrameShape.name(sized.width(), sized.height()))) {
            operations.add(new Operation.Set(own + "/name", Nodes.text(FrameShape.name(width, height))));
        }
        for (Format.Guide guide : sized.guides()) {
            double scale = guide.axis() == Format.Guide.Axis.X
                    ? (double) width / sized.width()
                    : (double) height / sized.height();
            Format.Guide moved = new Format.Guide(
                    guide.id(), guide.axis(), Math.max(-10_000, Math.min(20_000, Math.rint(guide.at() * scale))));
            operations.add(new Operation.Set(own + "/guides/" + guide.id(), DocumentJson.tree(moved)));
        }
        return Outcome.of(operations, "");
    }
}
