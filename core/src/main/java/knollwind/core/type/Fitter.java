package knollwind.core.type;

import java.util.List;
import knollwind.core.geometry.Box;

/**
 * Scales type so that its words fit. Widths, those of the ink or the type, follow the size in proportion because nothing
 * is hinted; a second pass takes out what rounding left.
 */
final class Fitter {
    /** Halvings of the size: the last step is smaller than a thousandth of it. */
    private static final int STEPS = 10;

    /** px of a line: more than rounding leaves, and less than is seen between glyphs. */
    private static final double MOST_SPREAD = 0.3;

    /** px that rounding may leave over. */
    private static final double SLACK = 0.01;

    private final Typesetter typesetter;

    Fitter(Typesetter typesetter) {
        this.typesetter = typesetter;
    }

    SetText fit(TextToSet copy) {
        return switch (copy.fitting().kind()) {
            case WIDTH -> toWidth(copy);
            case LINES -> linesToWidth(copy);
            case INSIDE -> inside(copy);
        };
    }

    private SetText toWidth(TextToSet copy) {
        double factor = 1;
        SetText set = typesetter.lay(copy, Scale.NONE);
        for (int pass = 0; pass < 2; pass++) {
            double widest = set.lines().stream()
                    .mapToDouble(copy.fitting()::width)
                    .max()
                    .orElse(0);
            if (!(widest > 0)) {
                return set;
            }
            factor = limited(copy, factor * copy.fitting().width() / widest);
            set = typesetter.lay(copy, Scale.even(factor));
        }
        return set;
    }

    private SetText linesToWidth(TextToSet copy) {
        SetText set = typesetter.lay(copy, Scale.NONE);
        double[] factors = new double[set.lines().size()];
        java.util.Arrays.fill(factors, 1);
        for (int pass = 0; pass < 2; pass++) {
            List<SetLine> lines = set.lines();
            for (int i = 0; i < factors.length; i++) {
                double width = copy.fitting().width(lines.get(i));
                factors[i] =
                        width > 0 ? limited(copy, factors[i] * copy.fitting().width() / width) : factors[i];
            }
            set = typesetter.lay(copy, new Scale(1, factors, true));
        }
        return set;
    }

    /** The size stays within what a setting may have. */
    private static double limited(TextToSet copy, double factor) {
        return Math.max(0.5 / copy.size(), Math.min(4000 / copy.size(), factor));
    }

    /**
     * Takes up what rounding leaves between a line's ink and its width: less than a few tenths of a px, spread over its
     * glyphs. A larger difference stays, for then the line has come to the bounds of its size.
     */
    static List<SetGlyph> spread(List<SetGlyph> glyphs, double width) {
        Box ink = glyphs.stream().map(SetGlyph::ink).reduce(Box.EMPTY, Box::union);
        double left = width - ink.width();
        double last = glyphs.isEmpty() ? 0 : glyphs.get(glyphs.size() - 1).x();
        if (ink.isEmpty() || last <= 0 || Math.abs(left) > MOST_SPREAD) {
            return glyphs;
        }
        return glyphs.stream()
                .map(glyph -> new SetGlyph(
                        glyph.outline(),
                        glyph.x() + left * glyph.x() / last,
                        glyph.y(),
                        glyph.advance(),
                        glyph.from(),
                        glyph.to(),
                        glyph.colour(),
                        glyph.picture()))
                .toList();
    }

    private SetText inside(TextToSet copy) {
        SetText set = typesetter.lay(copy, Scale.NONE);
        double low = Math.min(1, copy.fitting().least() / copy.size());
        if (isInside(set, copy.fitting()) || low == 1) {
            return set;
        }
        set = typesetter.lay(copy, Scale.even(low));
        if (!isInside(set, copy.fitting())) {
            return set;
        }
        double high = 1;
        for (int i = 0; i < STEPS; i++) {
            double middle = (low + high) / 2;
            SetText tried = typesetter.lay(copy, Scale.even(middle));
            if (isInside(tried, copy.fitting())) {
                low = middle;
                set = tried;
            } else {
                high = middle;
            }
        }
        return set;
    }

    private static boolean isInside(SetText set, Fitting fit) {
        return fit.height(set) <= fit.height() + SLACK
                && set.lines().stream().allMatch(line -> fit.width(line) <= fit.width() + SLACK);
    }
}
