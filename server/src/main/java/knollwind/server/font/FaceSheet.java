package knollwind.server.font;

import java.util.List;
import java.util.Optional;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontLibrary;

/** The shipped faces as CSS font-face rules, so that a page shows words roughly as they will be set. */
final class FaceSheet {
    private static final String FALLBACK = "Knollwind fallback";

    private FaceSheet() {}

    static String of(List<FontLibrary.ShippedFile> files) {
        StringBuilder css = new StringBuilder();
        for (FontLibrary.ShippedFile file : files) {
            css.append("@font-face{font-family:'")
                    .append(file.family().name())
                    .append("';font-style:")
                    .append(file.style());
            axis(file, "wght")
                    .ifPresent(axis -> css.append(";font-weight:")
                            .append(axis.least())
                            .append(' ')
                            .append(axis.most()));
            axis(file, "wdth")
                    .ifPresent(axis -> css.append(";font-stretch:")
                            .append(axis.least())
                            .append("% ")
                            .append(axis.most())
                            .append('%'));
            css.append(";font-display:swap;src:url(/api/fonts/files/")
                    .append(file.name())
                    .append(") format('woff2');unicode-range:")
                    .append(file.ranges())
                    .append("}\n");
        }
        return css.toString();
    }

    /** The fallback chain as one family; of two files that have a character browsers take the later one. */
    static String fallback(List<FontLibrary.FallbackFile> files) {
        StringBuilder css = new StringBuilder();
        for (int i = files.size() - 1; i >= 0; i--) {
            css.append("@font-face{font-family:'")
                    .append(FALLBACK)
                    .append("';font-weight:100 900;font-display:swap;src:url(/api/fonts/files/")
                    .append(files.get(i).name())
                    .append(");unicode-range:")
                    .append(files.get(i).ranges())
                    .append("}\n");
        }
        return css.toString();
    }

    private static Optional<FontAxis> axis(FontLibrary.ShippedFile file, String tag) {
        return file.family().axes().stream()
                .filter(axis -> axis.tag().equals(tag))
                .findFirst();
    }
}
