package knollwind.core.type;

import java.util.List;
import java.util.Objects;

/**
 * A face that people brought along.
 *
 * @param family the name it is chosen by
 * @param index of the face in its file
 * @param italic whether it is a slanted one
 * @param sha256 of the file
 * @param content of the file
 */
public record OwnFont(String family, int index, boolean italic, String sha256, byte[] content) {
    /** Two are the same when their content is. */
    @Override
    public boolean equals(Object other) {
        return other instanceof OwnFont font
                && font.family.equals(family)
                && font.index == index
                && font.sha256.equals(sha256);
    }

    @Override
    public int hashCode() {
        return Objects.hash(family, index, sha256);
    }

    /**
     * Opens every face of a font file and draws all its glyphs. Font code is native: call this with a stranger's file only
     * where the program may end.
     *
     * @throws IllegalArgumentException with the reason when the file is no font that can be used
     */
    public static List<OwnFont> read(byte[] content) {
        return FontProbe.read(content);
    }
}
