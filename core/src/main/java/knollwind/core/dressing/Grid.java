package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;

/** The same in columns and rows around it, each row a little later if wished. */
final class Grid extends DressKind {
    private static final Word.Amount COLUMNS = Word.Amount.count("columns", "columns", 1, 1, 15);
    private static final Word.Amount ROWS = Word.Amount.count("rows", "rows", 5, 1, 15);
    private static final Word.Amount ACROSS = Word.Amount.em("across", "columns apart", 0.6, -40, 40);
    private static final Word.Amount DOWN = Word.Amount.em("down", "rows apart", 0.2, -10, 20);
    private static final Word.Amount SHIFT = Word.Amount.em("shift", "each row further", 0, -20, 20);
    private static final Word.Amount LATE = Word.Amount.frames("late", "each row later", 0, 0, 48);
    /** Of those around it. */
    private static final Word.Amount OTHERS = Word.Amount.share("others", "the others", 1);

    private static final Phrase PHRASE = Phrase.of("repeated in", COLUMNS, "columns and", ROWS, "rows")
            .then("with gaps of", ACROSS, "and", DOWN)
            .maybe("each row further by", SHIFT)
            .maybe("each row later by", LATE)
            .maybe("the others at", OTHERS);

    Grid() {
        super("grid", "a grid of it", PHRASE);
    }

    @Override
    public double back(Worn worn) {
        return worn.get(LATE) * middle(worn.get(ROWS));
    }

    @Override
    public double copies(Worn worn) {
        return worn.get(COLUMNS) * worn.get(ROWS);
    }

    /** How many rows or columns lie before the one that is there already. */
    private static int middle(double count) {
        return (int) Math.floor(count / 2);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        int columns = (int) worn.get(COLUMNS);
        int rows = (int) worn.get(ROWS);
        double others = worn.get(OTHERS);
        DisplayList now = wearer.now();
        if (columns * rows == 1 || wearer.box().isEmpty()) {
            return now;
        }
        double across = wearer.box().width() + worn.get(ACROSS) * wearer.em();
        double down = wearer.box().height() + worn.get(DOWN) * wearer.em();
        double shift = worn.get(SHIFT) * wearer.em();
        double late = worn.get(LATE);
        DisplayList.Builder out = new DisplayList.Builder();
        for (int i = 0; i < rows; i++) {
            int row = i - middle(rows);
            DisplayList seen = late == 0 || row == 0 ? now : wearer.agoHere(late * Math.abs(row));
            for (int k = 0; k < columns; k++) {
                int column = k - middle(columns);
                boolean own = row == 0 && column == 0;
                double opacity = own ? 1 : others;
                if (opacity <= 0 || seen.paints().isEmpty()) {
                    continue;
                }
                out.add(opacity < 1 ? new PaintOp.Layer((float) opacity, 0, 0) : new PaintOp.Save());
                out.concat(Matrix.translate(column * across + row * shift, row * down));
                out.all(seen.paints());
                out.restore();
            }
        }
        return out.build();
    }
}
