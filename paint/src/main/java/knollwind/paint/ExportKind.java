package knollwind.paint;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;

/** What an export makes. */
public enum ExportKind {
    @JsonProperty("webm")
    WEBM("webm", "video/webm", true),
    @JsonProperty("mp4")
    MP4("mp4", "video/mp4", true),
    @JsonProperty("png")
    PNG("png", "image/png", false),
    @JsonProperty("zip")
    ZIP("zip", "application/zip", false);

    private final String extension;
    private final String mediaType;
    private final boolean heard;

    ExportKind(String extension, String mediaType, boolean heard) {
        this.extension = extension;
        this.mediaType = mediaType;
        this.heard = heard;
    }

    public String extension() {
        return extension;
    }

    public String mediaType() {
        return mediaType;
    }

    /** Whether sounds are heard with it. */
    public boolean isHeard() {
        return heard;
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
