package knollwind.core.caption;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import knollwind.core.speech.SpokenWord;

/**
 * WebVTT files (W3C, WebVTT: The Web Video Text Tracks Format). Of places those in hundredths of the frame are kept, of marks those around all
 * words of a caption that make them bold, slanted, or one of the named colours ({@link CaptionLook}); that the others are not is said. Times inside a caption are those of its words where each word has one.
 */
public final class WebVtt {
    private static final Pattern TIMES =
            Pattern.compile("^\\s*(" + CaptionText.TIME + ")\\s*-->\\s*(" + CaptionText.TIME + ")(.*)$");

    private static final Pattern TAG = Pattern.compile("</?(?:[cibuv]|ruby|rt|lang)(?:[.\\s][^>]*)?>");
    private static final Pattern STAMP = Pattern.compile("<(" + CaptionText.TIME + ")>");

    private WebVtt() {}

    /** Reads what strangers wrote; what had to be mended or cannot be kept is told. */
    public static CaptionFile read(byte[] bytes) {
        List<String> mended = new ArrayList<>();
        String text = CaptionText.of(bytes, mended);
        if (!text.startsWith("WEBVTT")) {
            mended.add("It does not begin with WEBVTT; it was read all the same.");
        }
        Reading reading = new Reading();
        for (String block : text.split("\n{2,}")) {
            reading.block(block);
        }
        return reading.file(mended);
    }

    /** What was read up to here. */
    private static final class Reading {
        private final List<CaptionFile.Raw> captions = new ArrayList<>();
        private final List<SpokenWord> spoken = new ArrayList<>();
        private final TreeSet<String> lost = new TreeSet<>();
        private boolean stamped;
        private boolean ofEach = true;

        void block(String block) {
            String[] lines = block.split("\n");
            int at = 0;
            while (at < lines.length && !TIMES.matcher(lines[at]).matches()) {
                at++;
            }
            if (at < lines.length) {
                caption(lines, at);
            } else if (block.startsWith("STYLE")) {
                lost.add("styles");
            } else if (block.startsWith("REGION")) {
                lost.add("regions");
            }
        }

        /** @param at place of the line with its times */
        private void caption(String[] lines, int at) {
            Matcher times = TIMES.matcher(lines[at]);
            times.matches();
            CaptionLook.Marked marked =
                    CaptionLook.marked(String.join("\n", Arrays.asList(lines).subList(at + 1, lines.length)));
            List<String> gone = new ArrayList<>();
            CaptionLook look = marked.look().placed(times.group(11), gone);
            lost.addAll(gone);
            List<String> words = new ArrayList<>();
            StringBuilder whole = new StringBuilder();
            for (String written : marked.words().split("\n")) {
                if (TAG.matcher(written).find()) {
                    lost.add("marks inside words");
                }
                String line = TAG.matcher(written).replaceAll("");
                whole.append(line).append(' ');
                String plain = unescaped(STAMP.matcher(line).replaceAll("")).strip();
                if (!plain.isEmpty()) {
                    words.add(plain);
                }
            }
            double start = CaptionText.seconds(times.group(1));
            double end = CaptionText.seconds(times.group(6));
            captions.add(new CaptionFile.Raw(captions.size() + 1, start, end, words, look.orNull()));
            stamped |= STAMP.matcher(whole).find();
            ofEach = ofEach && spoken(whole, start, end, spoken);
        }

        CaptionFile file(List<String> mended) {
            if (stamped && !ofEach) {
                lost.add("times inside captions");
            }
            if (!lost.isEmpty()) {
                mended.add("Its " + String.join(", ", lost) + " were left out.");
            }
            if (captions.isEmpty()) {
                throw new IllegalArgumentException(
                        "no caption was found: none of its lines has times such as 00:01.000 --> 00:02.500");
            }
            return CaptionFile.of(captions, mended).spoken(stamped && ofEach ? spoken : List.of());
        }
    }

    /** Adds the words of a caption with their times. @return whether each has one, and they follow each other */
    private static boolean spoken(CharSequence text, double start, double end, List<SpokenWord> words) {
        List<Double> begins = new ArrayList<>(List.of(start));
        List<String> texts = new ArrayList<>();
        Matcher stamp = STAMP.matcher(text);
        int from = 0;
        while (stamp.find()) {
            texts.add(text.subSequence(from, stamp.start()).toString());
            begins.add(CaptionText.seconds(stamp.group(1)));
            from = stamp.end();
        }
        texts.add(text.subSequence(from, text.length()).toString());
        begins.add(end);
        for (int i = 0; i < texts.size(); i++) {
            String word = unescaped(texts.get(i)).strip();
            boolean later = begins.get(i + 1) > begins.get(i) && begins.get(i) >= 0;
            if (word.isEmpty() || word.matches("(?s).*\\s.*") || !later) {
                return false;
            }
            words.add(new SpokenWord(word, begins.get(i), begins.get(i + 1), null));
        }
        return true;
    }

    private static String unescaped(String text) {
        return text.replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&nbsp;", "\u00a0")
                .replace("&lrm;", "\u200e")
                .replace("&rlm;", "\u200f")
                .replace("&amp;", "&");
    }

    public static String write(List<Caption> captions) {
        StringBuilder out = new StringBuilder("WEBVTT\n\n");
        for (Caption one : captions) {
            times(out, one);
            String words = one.lines().stream().map(WebVtt::escaped).collect(Collectors.joining("\n"));
            out.append(one.look() == null ? words : one.look().marks(words)).append("\n\n");
        }
        return out.toString();
    }

    /**
     * The same with the time at which each word is said, but the first of a caption, which begins with it. When a word ends is not
     * kept.
     *
     * @param made of these words
     */
    public static String write(Captioned made, List<SpokenWord> words) {
        StringBuilder out = new StringBuilder("WEBVTT\n\n");
        for (int i = 0; i < made.captions().size(); i++) {
            Caption one = made.captions().get(i);
            times(out, one);
            int first = made.begins().get(i);
            int next = first;
            for (String line : one.lines()) {
                int at = 0;
                while (at < line.length()) {
                    SpokenWord word = words.get(next);
                    // One that is said when its caption has gone is read with the others.
                    if (next > first && word.start() < one.end()) {
                        out.append('<')
                                .append(CaptionText.time(word.start(), '.'))
                                .append('>');
                    }
                    out.append(escaped(word.text()));
                    at += word.text().length() + 1;
                    out.append(at < line.length() ? " " : "\n");
                    next++;
                }
            }
            out.append('\n');
        }
        return out.toString();
    }

    private static void times(StringBuilder out, Caption one) {
        out.append(CaptionText.time(one.start(), '.'))
                .append(" --> ")
                .append(CaptionText.time(one.end(), '.'))
                .append(one.look() == null ? "" : one.look().settings())
                .append('\n');
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
