package knollwind.paint;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import tools.jackson.databind.JsonNode;

/**
 * Unpacks a film of any kind that ffmpeg reads into its frames, each a JPEG file that can be had by its number: a video's
 * own frames cannot be sought exactly. What the file says of itself is looked at before anything is unpacked, and ffmpeg may
 * open nothing but this one file.
 *
 * @param width of the unpacked frames, px
 * @param height of the unpacked frames, px
 */
public record FilmFile(int width, int height, int frames, FrameRate rate) {
    private static final MediaTool TOOL = new MediaTool(
            "film",
            "matroska,webm,mov,mp4,m4a,3gp,3g2,mj2,avi,mpegts,mpeg,mpegvideo,m4v,ogg,flv,"
                    + "asf,mxf,nut,ivf,dv,gif,apng,webp_pipe,h264,hevc,av1,obu,y4m,yuv4mpegpipe,rm,wtv,swf,fli,amv");

    /** px: the largest frame that a format can have. */
    private static final int MOST_SIDE = 8192;

    /** px that a film is kept at; a larger one would not be decoded in time on a plain machine. */
    private static final int WIDE = 1920;

    /** px that a film is kept at. */
    private static final int HIGH = 1080;

    /** Frames a second that are kept: no format asks for more. */
    private static final int MOST_RATE = 60;
    /** What films say of their length may be a little off. */
    private static final double LEAST_WHOLE = 0.9;

    /** The name of a frame's file in its folder. */
    public static String name(int frame) {
        return frame + ".jpg";
    }

    /**
     * Writes the frames of a film into a folder, as 0.jpg, 1.jpg, ….
     *
     * @param ffmpeg how it is called; ffprobe is called alike
     * @throws IllegalArgumentException with the reason when it is no film, damaged or too large
     */
    public static FilmFile unpack(Path film, Path folder, String ffmpeg) throws IOException, InterruptedException {
        JsonNode stated = stated(film, folder, ffmpeg.replaceAll("ffmpeg$", "ffprobe"));
        JsonNode stream = stated.path("streams").path(0);
        int width = stream.path("width").asInt(0);
        int height = stream.path("height").asInt(0);
        if (width <= 0 || height <= 0) {
            throw new IllegalArgumentException("this is no film; ffmpeg finds no picture in it");
        }
        if (width > MOST_SIDE || height > MOST_SIDE) {
            throw new IllegalArgumentException("the film says it is " + width + " × " + height + " px; at most "
                    + MOST_SIDE + " px a side can be taken in");
        }
        FrameRate rate = rate(stream.path("avg_frame_rate").asString(""));
        double seconds = stated.path("format").path("duration").asDouble(0);
        long expected = Math.round(seconds * rate.perSecond());
        check(expected, rate);
        TOOL.call(folder, unpacking(film, folder, ffmpeg, rate));
        int frames = 0;
        while (Files.exists(folder.resolve(name(frames)))) {
            frames++;
        }
        if (frames == 0) {
            throw new IllegalArgumentException("the film is damaged; no frame of it can be unpacked");
        }
        if (frames < expected * LEAST_WHOLE - 2) {
            throw new IllegalArgumentException("the film is cut off or damaged: it says it has " + expected
                    + " frames, but only " + frames + " can be unpacked");
        }
        check(frames, rate);
        PictureFile first = PictureFile.read(Files.readAllBytes(folder.resolve(name(0))));
        return new FilmFile(first.width(), first.height(), frames, rate);
    }

    /**
     * Writes frames that were unpacked into a film again, as they are.
     *
     * @param frames folder of 0.jpg, 1.jpg, …
     * @param film file to be written, named .mov
     */
    public static void pack(Path frames, FrameRate rate, Path film, String ffmpeg)
            throws IOException, InterruptedException {
        TOOL.call(
                frames,
                List.of(
                        ffmpeg,
                        "-v",
                        "error",
                        "-nostdin",
                        "-framerate",
                        rate.numerator() + "/" + rate.denominator(),
                        "-i",
                        frames.resolve("%d.jpg").toString(),
                        "-c:v",
                        "copy",
                        film.toString()));
    }

    private static void check(long frames, FrameRate rate) {
        if (frames > Fill.Film.MOST_FRAMES) {
            throw new IllegalArgumentException("the film has " + frames + " frames, "
                    + Math.round(frames / rate.perSecond()) + " s; at most " + Fill.Film.MOST_FRAMES
                    + " frames can be taken in. Cut it shorter first");
        }
    }

    private static FrameRate rate(String stated) {
        String[] parts = stated.split("/");
        if (!stated.matches("\\d{1,9}/\\d{1,9}") || Integer.parseInt(parts[1]) == 0) {
            return new FrameRate(25, 1);
        }
        int numerator = Integer.parseInt(parts[0]);
        int denominator = Integer.parseInt(parts[1]);
        double perSecond = (double) numerator / denominator;
        if (perSecond > MOST_RATE) {
            return new FrameRate(MOST_RATE, 1);
        }
        return perSecond < 1 ? new FrameRate(1, 1) : new FrameRate(numerator, denominator);
    }

    private static JsonNode stated(Path film, Path folder, String ffprobe) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(ffprobe, "-v", "error"));
        command.addAll(TOOL.guarded());
        command.addAll(List.of(
                "-select_streams",
                "v:0",
                "-show_entries",
                "stream=width,height,avg_frame_rate:format=duration",
                "-of",
                "json",
                film.toString()));
        return DocumentJson.tree(TOOL.call(folder, command));
    }

    private static List<String> unpacking(Path film, Path folder, String ffmpeg, FrameRate rate) {
        List<String> command = new ArrayList<>(List.of(ffmpeg, "-v", "error", "-nostdin"));
        command.addAll(TOOL.guarded());
        command.addAll(List.of(
                "-i",
                film.toString(),
                "-map",
                "0:v:0",
                "-vf",
                "fps=" + rate.numerator() + "/" + rate.denominator() + ",scale='min(" + WIDE + ",iw)':'min(" + HIGH
                        + ",ih)':force_original_aspect_ratio=decrease:out_color_matrix=bt601:out_range=full"
                        + ":flags=lanczos,format=yuvj444p",
                "-frames:v",
                Integer.toString(Fill.Film.MOST_FRAMES + 1),
                "-c:v",
                "mjpeg",
                "-q:v",
                "2",
                "-start_number",
                "0",
                "-f",
                "image2",
                folder.resolve("%d.jpg").toString()));
        return command;
    }
}
