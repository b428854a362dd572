package knollwind.core.caption;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Bytes of strangers' caption files as text, and the times in them. */
final class CaptionText {
    private static final Charset OLD = Charset.forName("windows-1252");

    /** With or without hours; a comma or a stop before the thousandths. */
    static final String TIME = "(?:(\\d{1,3}):)?(\\d{1,2}):(\\d{1,2})(?:[.,](\\d{1,3}))?";

    private static final Pattern WHOLE = Pattern.compile(TIME);

    private CaptionText() {}

    /** The text without a byte order mark, its lines ended by \n alone; what had to be guessed is noted. */
    static String of(byte[] bytes, List<String> mended) {
        String text;
        if (bytes.length > 1 && (bytes[0] & 255) == 0xff && (bytes[1] & 255) == 0xfe) {
            text = new String(bytes, StandardCharsets.UTF_16LE);
        } else if (bytes.length > 1 && (bytes[0] & 255) == 0xfe && (bytes[1] & 255) == 0xff) {
            text = new String(bytes, StandardCharsets.UTF_16BE);
        } else {
            try {
                text = StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .decode(ByteBuffer.wrap(bytes))
                        .toString();
            } catch (CharacterCodingException notUnicode) {
                text = new String(bytes, OLD);
                mended.add("It is not UTF-8, so it was read as Windows-1252.");
            }
        }
        text = text.startsWith("\ufeff") ? text.substring(1) : text;
        return text.replace("\r\n", "\n").replace('\r', '\n');
    }

    /** Seconds; NaN for what is no time. */
    static double seconds(String time) {
        Matcher found = WHOLE.matcher(time.strip());
        if (!found.matches()) {
            return Double.NaN;
        }
        double hours = found.group(1) == null ? 0 : Integer.parseInt(found.group(1));
        String thousandths = found.group(4) == null ? "0" : (found.group(4) + "00").substring(0, 3);
        return hours * 3600
                + Integer.parseInt(found.group(2)) * 60
                + Integer.parseInt(found.group(3))
                + Integer.parseInt(thousandths) / 1000.0;
    }

    /** As hours, minutes, seconds and thousandths. */
    static String time(double seconds, char stop) {
        long thousandths = Math.round(seconds * 1000);
        return String.format(
                "%02d:%02d:%02d%c%03d",
                thousandths / 3_600_000, thousandths / 60_000 % 60, thousandths / 1000 % 60, stop, thousandths % 1000);
    }

    /** The lines of a text that say something. */
    static List<String> lines(String text) {
        List<String> lines = new ArrayList<>();
        for (String line : text.split("\n")) {
            if (!line.isBlank()) {
                lines.add(line.strip());
            }
        }
        return lines;
    }
}
