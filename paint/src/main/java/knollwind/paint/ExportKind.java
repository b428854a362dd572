package knollwind.paint;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;

/** What an export makes. */
public enum ExportKind {
    @JsonProperty("webm")
    WEBM("webm", "video/webm"),
    @JsonProperty("mp4")
    MP4("mp4", "video/mp4"),
    @JsonProperty("png")
    PNG("png", "image/png"),
    @JsonProperty("zip")
    ZIP("zip", "application/zip");

    private final String extension;
    private final String mediaType;

    ExportKind(String extension, String mediaType) {
        this.extension = extension;
        this.mediaType = mediaType;
    }

    public String extension() {
        return extension;
    }

    public String mediaType() {
        return mediaType;
    }

    /** The kind that a file name's ending asks for. */
    public static ExportKind ofFile(String name) {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(java.util.Locale.ROOT);
        return Arrays.stream(values())
                .filter(kind -> kind.extension.equals(ending))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "'" + name + "' must end in .webm, .mp4, .png or .zip, which says what to make"));
    }
}
