package knollwind.paint;

import java.util.List;

/**
 * How a film's frames and sound are encoded.
 *
 * @param container as ffmpeg calls it
 * @param pixels as ffmpeg calls them; with alpha where they are straight
 * @param isStraight whether it keeps alpha, so that frames come with straight alpha; else they come multiplied by it, which is
 *     what stands on black
 * @param picture ffmpeg's arguments for the picture's codec and quality
 * @param wrapping ffmpeg's arguments for how the container is written
 * @param sound ffmpeg's arguments for the sound's
 * @param words what tracks of captions are written as, as ffmpeg calls it
 */
record VideoCodec(
        String container,
        String pixels,
        boolean isStraight,
        List<String> picture,
        List<String> wrapping,
        List<String> sound,
        String words) {
    static final VideoCodec VP9 = new VideoCodec(
            "webm",
            "yuva420p",
            true,
            List.of(
                    "-c:v",
                    "libvpx-vp9",
                    "-crf",
                    "18",
                    "-b:v",
                    "0",
                    "-deadline",
                    "realtime",
                    "-cpu-used",
                    "7",
                    "-row-mt",
                    "1",
                    "-threads",
                    "4",
                    "-auto-alt-ref",
                    "0"),
            List.of(),
            List.of("-c:a", "libopus", "-b:a", "128k"),
            "webvtt");

    static final VideoCodec H264 = new VideoCodec(
            "mp4",
            "yuv420p",
            false,
            List.of("-c:v", "libx264", "-preset", "veryfast", "-crf", "14"),
            List.of("-movflags", "+faststart"),
            List.of("-c:a", "aac", "-b:a", "192k"),
            "mov_text");
}
