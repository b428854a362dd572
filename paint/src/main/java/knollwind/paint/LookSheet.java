package knollwind.paint;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.ReadyLook;
import knollwind.core.type.FontLibrary;

/** Pictures of ready-made looks side by side, to judge them by. */
public final class LookSheet {
    /** A frame at which what moves by itself is on its way. */
    public static final int FRAME = 30;

    private static final int COLUMNS = 4;

    private final FontLibrary fonts;
    private final SheetScenes scenes;

    public LookSheet(FontLibrary fonts) {
        this.fonts = fonts;
        this.scenes = new SheetScenes(fonts);
    }

    /**
     * Words in a look, ready to be seen.
     *
     * @param colour in place of all of its colours that are not dark; null for its own
     */
    public SceneScore score(ReadyLook look, String words, String colour) {
        double em = scenes.of(words, SheetScenes.SEA, block -> block)
                .blocks()
                .get(0)
                .set()
                .em();
        return scenes.of(words, SheetScenes.SEA, block -> block.withDress(look.dressings(em, colour)));
    }

    /** A sheet as a PNG file: the looks from left to right and from top to bottom. */
    public byte[] png(List<ReadyLook> looks, String words) {
        int rows = (looks.size() + COLUMNS - 1) / COLUMNS;
        return SheetScenes.png(fonts, COLUMNS, rows, (row, column) -> {
            int at = row * COLUMNS + column;
            return at < looks.size() ? score(looks.get(at), words, null).at(FRAME) : DisplayList.EMPTY;
        });
    }
}
