package knollwind.core.edit;

import knollwind.core.scene.Check;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;

/**
 * A picture or film in a rectangle of its own, in its own size where that leaves room around it.
 *
 * @param frame at which the playhead stands
 * @param fill a picture or film that was taken in
 */
public record AddPicture(String scene, double frame, Fill fill) implements Intent {
    /** The most of the frame's width and height that it takes: what is larger is made smaller. */
    private static final double MOST = 0.6;

    public AddPicture {
        Check.present(fill, "the picture");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Fill.Picture picture = fill.filmFile()
                .map(Fill.Film::picture)
                .or(fill::pictureFile)
                .orElseThrow(() -> new IllegalArgumentException("this is neither a picture nor a film"));
        FrameFit base = FrameFit.of(open, open.formats().get(0));
        double scale =
                Math.min(1, Math.min(base.width() * MOST / picture.width(), base.height() * MOST / picture.height()));
        ShapeBlock.Shape area =
                new ShapeBlock.Rectangle(side(picture.width() * scale), side(picture.height() * scale), 0);
        NewBlock made = NewBlock.of(draft, open, "picture", "Picture", frame).named(picture.name());
        return NewBlock.inFront(open, made.shape(area, fill));
    }

    private static Length side(double pixels) {
        return Length.px(Math.max(1, Math.round(pixels)));
    }
}
