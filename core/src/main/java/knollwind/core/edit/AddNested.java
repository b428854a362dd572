package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Span;

/**
 * A block over the whole frame that shows another scene from the playhead on, as long as that scene is.
 *
 * @param frame at which the playhead stands
 * @param inner id of the scene that is shown
 */
public record AddNested(String scene, double frame, String inner) implements Intent {
    private static final Length WHOLE = new Length(100, Length.Unit.FRAME);

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Scene shown = draft.scene(inner);
        NewBlock made = NewBlock.of(draft, open, "scene", "Scene", frame).named(shown.name());
        long start = Math.round(made.span().start().value());
        double seconds = shown.length() / shown.rate().perSecond();
        long length = Math.max(1, Math.round(seconds * open.rate().perSecond()));
        Fill fill = new Fill.Nested(inner, List.of(), Fill.Picture.Mode.WHOLE);
        ShapeBlock.Shape area = new ShapeBlock.Rectangle(WHOLE, WHOLE, 0);
        return NewBlock.inFront(
                open, made.during(Span.of(start, start + length)).shape(area, fill));
    }
}
