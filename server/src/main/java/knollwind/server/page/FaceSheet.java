package knollwind.server.page;

import java.util.List;
import java.util.Optional;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontLibrary;

/** The shipped faces as CSS font-face rules, so that a page shows words roughly as they will be set. */
final class FaceSheet {
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

    private static Optional<FontAxis> axis(FontLibrary.ShippedFile file, String tag) {
        return file.family().axes().stream()
                .filter(axis -> axis.tag().equals(tag))
                .findFirst();
    }
}
