package knollwind.core.caption;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What captions can be written as, in the order in which it is offered. */
public enum CaptionForm {
    SRT("srt", "SubRip", "application/x-subrip", SubRip::write),
    VTT("vtt", "WebVTT", "text/vtt", WebVtt::write, true),
    CSV("csv", "table, CSV", "text/csv", CaptionCsv::write),
    TEXTGRID("textgrid", "TextGrid", "text/plain", TextGrid::write),
    TXT("txt", "plain text, without times", "text/plain", CaptionForm::plain);

    private final String ending;
    private final String label;
    private final String mediaType;
    private final Function<List<Caption>, String> writing;

    private final boolean looks;

    CaptionForm(String ending, String label, String mediaType, Function<List<Caption>, String> writing) {
        this(ending, label, mediaType, writing, false);
    }

    CaptionForm(String ending, String label, String mediaType, Function<List<Caption>, String> writing, boolean looks) {
        this.looks = looks;
        this.ending = ending;
        this.label = label;
        this.mediaType = mediaType;
        this.writing = writing;
    }

    private static String plain(List<Caption> captions) {
        return captions.stream()
                .map(one -> String.join("\n", one.lines()) + "\n")
                .collect(Collectors.joining("\n"));
    }

    /** Of a file's name, without the dot. */
    public String ending() {
        return ending;
    }

    /** What it is called where it is chosen. */
    public String label() {
        return label;
    }

    /** Whether it keeps a {@link CaptionLook}. */
    public boolean keepsLooks() {
        return looks;
    }

    public String mediaType() {
        return mediaType;
    }

    public String write(List<Caption> captions) {
        return writing.apply(captions);
    }

    /** @throws IllegalArgumentException with those there are */
    public static CaptionForm of(String ending) {
        return Arrays.stream(values())
                .filter(form -> form.ending.equals(ending.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("captions are written as " + endings() + ", not " + ending));
    }

    /** "srt, vtt, csv, textgrid or txt" */
    public static String endings() {
        String all = Arrays.stream(values()).map(CaptionForm::ending).collect(Collectors.joining(", "));
        int last = all.lastIndexOf(", ");
        return all.substring(0, last) + " or " + all.substring(last + 2);
    }
}
