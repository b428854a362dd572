package knollwind.paint;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What an export makes, with all there is to say of it: in the order in which it is offered. */
public enum ExportKind {
    @JsonProperty("mp4")
    MP4("mp4", "video/mp4", "Video, MP4", "H.264, for players and editors; no alpha", false, VideoCodec.H264),
    @JsonProperty("webm")
    WEBM("webm", "video/webm", "Video, WebM", "VP9, with alpha", false, VideoCodec.VP9),
    @JsonProperty("png")
    PNG("png", "image/png", "Still, PNG", "the frame at the playhead, with alpha", true, null),
    @JsonProperty("zip")
    ZIP("zip", "application/zip", "Stills, ZIP", "every frame as a PNG with alpha", false, null);

    private final String extension;
    private final String mediaType;
    private final String label;
    private final String explanation;
    private final boolean still;
    private final VideoCodec video;

    ExportKind(String extension, String mediaType, String label, String explanation, boolean still, VideoCodec video) {
        this.extension = extension;
        this.mediaType = mediaType;
        this.label = label;
        this.explanation = explanation;
        this.still = still;
        this.video = video;
    }

    /** Of the file's name, without the dot; the kind is known by it. */
    public String extension() {
        return extension;
    }

    public String mediaType() {
        return mediaType;
    }

    /** What it is called where it is chosen. */
    public String label() {
        return label;
    }

    public String explanation() {
        return explanation;
    }

    /** Whether it is one frame alone. */
    public boolean isStill() {
        return still;
    }

    /** Whether sounds are heard with it. */
    public boolean isHeard() {
        return isVideo();
    }

    boolean isVideo() {
        return video != null;
    }

    /** Whether the background can be left out. */
    public boolean keepsAlpha() {
        return video == null || video.isStraight();
    }

    /** How its frames are encoded; null where they are pictures. */
    VideoCodec video() {
        return video;
    }

    /** The kind that a file name's ending asks for. */
    public static ExportKind ofFile(String name) {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(kind -> kind.extension.equals(ending))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "'" + name + "' must end in " + endings() + ", which says what to make"));
    }

    private static String endings() {
        String all = Arrays.stream(values()).map(kind -> "." + kind.extension).collect(Collectors.joining(", "));
        int last = all.lastIndexOf(", ");
        return all.substring(0, last) + " or " + all.substring(last + 2);
    }
}
