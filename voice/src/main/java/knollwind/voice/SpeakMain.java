package knollwind.voice;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import knollwind.core.speech.WordLines;

/** Says what comes in as a process of its own, so that native code that fails takes nothing else along. */
final class SpeakMain {
    private SpeakMain() {}

    /** @param arguments the voice, words a minute, and the WAV file to write; words are printed as lines of JSON */
    public static void main(String[] arguments) throws IOException {
        MadeVoice voice = MadeVoice.of(arguments[0]);
        String script = new String(System.in.readAllBytes(), StandardCharsets.UTF_8);
        Speech speech = voice.maker().say(script, voice.text(), Double.parseDouble(arguments[1]));
        try (OutputStream out = Files.newOutputStream(Path.of(arguments[2]))) {
            out.write(wav(speech));
        }
        new PrintStream(System.out, true, StandardCharsets.UTF_8).print(WordLines.write(speech.words()));
    }

    /** A WAV file: 44 bytes that say how it is written, then the samples. */
    private static byte[] wav(Speech speech) {
        int length = 2 * speech.samples().length;
        ByteBuffer out = ByteBuffer.allocate(44 + length).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + length);
        out.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII))
                .putInt(16)
                .putShort((short) 1)
                .putShort((short) 1);
        out.putInt(speech.rate()).putInt(2 * speech.rate()).putShort((short) 2).putShort((short) 16);
        out.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(length);
        for (short sample : speech.samples()) {
            out.putShort(sample);
        }
        return out.array();
    }
}
