package knollwind.paint;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.FrameRate;
import knollwind.core.sound.Recording;

/** How ffmpeg is called: codecs, quality, and the BT.709 tags that every file carries. */
public final class EncoderCommand {
    private static final List<String> TAGS =
            List.of("-colorspace", "bt709", "-color_primaries", "bt709", "-color_trc", "bt709", "-color_range", "tv");

    private EncoderCommand() {}

    /** How ffmpeg is called here: what the environment says, else by its name. */
    public static String ffmpeg() {
        return System.getenv().getOrDefault("KNOLLWIND_FFMPEG", "ffmpeg");
    }

    /**
     * The command that encodes raw frames as {@link Planes} of even sides.
     *
     * @param command how ffmpeg is called
     * @param in where the frames come from; {@code "-"} for the process' input
     * @param beside what goes into it beside its frames
     */
    public static List<String> of(
            String command,
            ExportKind kind,
            int width,
            int height,
            FrameRate rate,
            String in,
            Beside beside,
            Path file) {
        List<String> arguments = new ArrayList<>(List.of(
                command,
                "-v",
                "error",
                "-nostdin",
                "-y",
                "-f",
                "rawvideo",
                "-pix_fmt",
                kind.video().pixels(),
                "-s",
                Planes.even(width) + "x" + Planes.even(height),
                "-color_range",
                "tv",
                "-colorspace",
                "bt709",
                "-r",
                rate.numerator() + "/" + rate.denominator(),
                "-i",
                in));
        VideoCodec codec = kind.video();
        beside(arguments, beside, codec);
        arguments.addAll(codec.picture());
        arguments.addAll(List.of("-pix_fmt", codec.pixels()));
        arguments.addAll(TAGS);
        wrapped(arguments, codec, file);
        return arguments;
    }

    /**
     * The command that joins encoded pictures, which stay as they are.
     *
     * @param list names them, as ffmpeg reads it
     * @param beside what goes into it beside its frames
     */
    static List<String> joined(String command, VideoCodec codec, Path list, Beside beside, Path file) {
        List<String> arguments = new ArrayList<>(
                List.of(command, "-v", "error", "-nostdin", "-y", "-f", "concat", "-safe", "0", "-i", list.toString()));
        beside(arguments, beside, codec);
        arguments.addAll(List.of("-c:v", "copy"));
        arguments.addAll(TAGS);
        wrapped(arguments, codec, file);
        return arguments;
    }

    private static void wrapped(List<String> arguments, VideoCodec codec, Path file) {
        arguments.addAll(codec.wrapping());
        arguments.addAll(List.of("-f", codec.container(), file.toString()));
    }

    /** What comes in beside the pictures, which come first, and how it is encoded. */
    private static void beside(List<String> arguments, Beside beside, VideoCodec codec) {
        Path sound = beside.sound();
        if (sound != null) {
            arguments.addAll(List.of(
                    "-f",
                    "s16le",
                    "-ar",
                    Integer.toString(Recording.RATE),
                    "-ac",
                    Integer.toString(Recording.CHANNELS),
                    "-i",
                    sound.toString()));
        }
        for (Beside.Words words : beside.captions()) {
            arguments.addAll(List.of("-f", "srt", "-i", words.file().toString()));
        }
        arguments.addAll(List.of("-map", "0:v"));
        if (sound != null) {
            arguments.addAll(List.of("-map", "1:a"));
        }
        words(arguments, beside, codec);
        if (sound == null) {
            arguments.add("-an");
        } else {
            arguments.addAll(codec.sound());
        }
    }

    private static void words(List<String> arguments, Beside beside, VideoCodec codec) {
        int first = beside.sound() == null ? 1 : 2;
        for (int i = 0; i < beside.captions().size(); i++) {
            Beside.Words words = beside.captions().get(i);
            arguments.addAll(List.of(
                    "-map",
                    first + i + ":s",
                    "-metadata:s:s:" + i,
                    "language=" + words.language(),
                    "-metadata:s:s:" + i,
                    "title=" + words.name(),
                    "-metadata:s:s:" + i,
                    "handler_name=" + words.name()));
        }
        if (!beside.captions().isEmpty()) {
            arguments.addAll(List.of("-c:s", codec.words()));
        }
    }
}
