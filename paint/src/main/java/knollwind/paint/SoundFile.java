package knollwind.paint;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Sound;
import knollwind.core.sound.Recording;
import tools.jackson.databind.JsonNode;

/**
 * A recording unpacked into a file of bare samples: signed, 16 bits, little-endian, the channels in turn. Any kind of file that
 * ffmpeg reads is taken, also the sound of a film; what it says of itself is looked at first.
 */
public final class SoundFile implements Recording, AutoCloseable {
    private static final MediaTool TOOL = new MediaTool(
            "sound",
            "wav,w64,aiff,caf,au,mp3,flac,ogg,aac,ac3,eac3,amr,ape,wv,tta,matroska,webm,mov,mp4,m4a,3gp,3g2,mj2,avi,"
                    + "mpegts,mpeg,flv,asf,mxf,nut");

    /** Of one sample of all channels, 16 bits each. */
    private static final int BYTES = 2 * CHANNELS;

    private final RandomAccessFile file;
    private final long frames;

    /** Opens a file of bare samples. */
    public SoundFile(Path samples) throws IOException {
        file = new RandomAccessFile(samples.toFile(), "r");
        frames = file.length() / BYTES;
    }

    /**
     * Writes a recording's bare samples.
     *
     * @param ffmpeg how it is called; ffprobe is called alike
     * @throws IllegalArgumentException with the reason when it is no sound, damaged or too long
     */
    public static void unpack(Path sound, Path samples, Path folder, String ffmpeg)
            throws IOException, InterruptedException {
        List<String> probing = new ArrayList<>(List.of(ffmpeg.replaceAll("ffmpeg$", "ffprobe"), "-v", "error"));
        probing.addAll(TOOL.guarded());
        probing.addAll(List.of(
                "-select_streams",
                "a:0",
                "-show_entries",
                "stream=channels:format=duration",
                "-of",
                "json",
                sound.toString()));
        JsonNode stated = DocumentJson.tree(TOOL.call(folder, probing));
        int channels = stated.path("streams").path(0).path("channels").asInt(0);
        if (channels <= 0) {
            throw new IllegalArgumentException("there is no sound in this file");
        }
        check(stated.path("format").path("duration").asDouble(0));
        List<String> unpacking = new ArrayList<>(List.of(ffmpeg, "-v", "error", "-nostdin", "-y"));
        unpacking.addAll(TOOL.guarded());
        unpacking.addAll(List.of("-i", sound.toString(), "-map", "0:a:0"));
        if (channels == 1) {
            // As loud on either side as it was recorded; left alone, ffmpeg makes it 3 dB quieter.
            unpacking.addAll(List.of("-af", "pan=stereo|c0=c0|c1=c0"));
        }
        unpacking.addAll(List.of(
                "-t",
                Double.toString(Sound.LONGEST + 1),
                "-ac",
                Integer.toString(CHANNELS),
                "-ar",
                Integer.toString(RATE),
                "-f",
                "s16le",
                samples.toString()));
        TOOL.call(folder, unpacking);
        long bytes = Files.size(samples);
        if (bytes < BYTES) {
            throw new IllegalArgumentException("the sound is damaged or empty; nothing of it can be unpacked");
        }
        check((double) bytes / BYTES / RATE);
    }

    /**
     * Writes bare samples into a sound file again, without loss.
     *
     * @param sound file to be written, named .flac
     */
    public static void pack(Path samples, Path sound, String ffmpeg) throws IOException, InterruptedException {
        TOOL.call(
                sound.toAbsolutePath().getParent(),
                List.of(
                        ffmpeg,
                        "-v",
                        "error",
                        "-nostdin",
                        "-f",
                        "s16le",
                        "-ar",
                        Integer.toString(RATE),
                        "-ac",
                        Integer.toString(CHANNELS),
                        "-i",
                        samples.toString(),
                        sound.toString()));
    }

    private static void check(double seconds) {
        if (seconds > Sound.LONGEST) {
            throw new IllegalArgumentException("the sound is " + Math.round(seconds) + " s long; at most "
                    + Math.round(Sound.LONGEST) + " s can be taken in. Cut it shorter first");
        }
    }

    /** Sample frames. */
    public long frames() {
        return frames;
    }

    @Override
    public synchronized void read(long from, short[] into, int count) throws IOException {
        Arrays.fill(into, 0, count * CHANNELS, (short) 0);
        long first = Math.max(0, from);
        int there = (int) Math.max(0, Math.min(frames, from + count) - first);
        if (there == 0) {
            return;
        }
        byte[] bytes = new byte[there * BYTES];
        file.seek(first * BYTES);
        file.readFully(bytes);
        ByteBuffer.wrap(bytes)
                .order(ByteOrder.LITTLE_ENDIAN)
                .asShortBuffer()
                .get(into, (int) (first - from) * CHANNELS, there * CHANNELS);
    }

    @Override
    public void close() throws IOException {
        file.close();
    }
}
