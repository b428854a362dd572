package knollwind.core.directions.caption;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.Caption;
import knollwind.core.caption.CaptionFaults;
import knollwind.core.caption.CaptionLook;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.frame.CaptionRow;
import knollwind.core.frame.CaptionTrack;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Format;
import knollwind.core.scene.Measure;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;

/**
 * What there is to say of a scene's captions.
 *
 * @param rules by which they are made
 * @param dressing what they are set as, and which of their columns is seen
 * @param counted what reading speeds are counted in
 * @param shown id of the column that is seen
 * @param lines in the order in which they come
 */
public record CaptionScript(Sentence rules, Sentence dressing, String counted, String shown, List<Told> lines) {
    /**
     * A caption in the scene's time.
     *
     * @param start scene frames
     * @param lane how many captions stand under it
     * @param speeds how fast it has to be read, by the ids of the columns that have words
     * @param faults which rules it does not keep to, by column; only of those that have some
     * @param late whether it comes after the scene's end
     */
    public record Told(
            String id,
            double start,
            double end,
            int lane,
            Map<String, Double> speeds,
            Map<String, List<String>> faults,
            boolean late) {}

    /** @param format that is looked at */
    public static CaptionScript of(Project project, Scene scene, Format format) {
        Captions row = scene.captions();
        String at = "scenes/" + scene.id() + "/captions";
        List<CaptionRow.Timed> timed = CaptionRow.timed(row, NamedTimes.of(project, scene));
        List<Told> lines = new ArrayList<>();
        for (int i = 0; i < timed.size(); i++) {
            lines.add(told(scene, row, timed, i));
        }
        return new CaptionScript(
                CaptionRulePrinter.print(row.rules(), scene.rate().perSecond(), at + "/rules"),
                dressing(scene, row, format, at),
                row.rules().fastest().unit().text(),
                row.column(format).id(),
                lines);
    }

    private static Told told(Scene scene, Captions row, List<CaptionRow.Timed> timed, int at) {
        CaptionRow.Timed one = timed.get(at);
        double start = scene.rate().seconds(one.span().start().value());
        double end = scene.rate().seconds(one.span().end().value());
        double next = at + 1 < timed.size()
                ? scene.rate().seconds(timed.get(at + 1).span().start().value())
                : Double.POSITIVE_INFINITY;
        Map<String, Double> speeds = new TreeMap<>();
        Map<String, List<String>> faults = new TreeMap<>();
        for (CaptionColumn column : row.columns()) {
            String words = one.line().words(column.id());
            if (words.isBlank()) {
                continue;
            }
            Caption caption = caption(words, start, end);
            speeds.put(
                    column.id(),
                    Math.rint(CaptionFaults.speed(caption, row.rules().fastest()) * 10) / 10);
            List<String> broken = CaptionFaults.of(caption, next - end, row.rules());
            if (!broken.isEmpty()) {
                faults.put(column.id(), broken);
            }
        }
        return new Told(
                one.line().id(),
                one.span().start().value(),
                one.span().end().value(),
                one.lane(),
                speeds,
                faults,
                one.span().start().value() >= scene.length());
    }

    private static Caption caption(String words, double start, double end) {
        return new Caption(
                Math.max(0, start), Math.max(end, Math.max(0, start) + 1e-3), Arrays.asList(words.split("\n")));
    }

    /**
     * The captions of a scene that have words in a column, as they are written to files.
     *
     * @return with their times from the beginning of the scene, in order, cut where they lie over each other
     */
    public static List<Caption> written(Project project, Scene scene, CaptionColumn column) {
        List<CaptionRow.Timed> timed = CaptionRow.timed(scene.captions(), NamedTimes.of(project, scene));
        String design = scene.captions().design();
        Measure base = scene.measured();
        return CaptionRow.track(scene, timed, column).shown().stream()
                .map(one -> {
                    Caption plain = caption(one.text(), one.start(), one.end());
                    CaptionLook look = CaptionLooks.of(one.own(), design, base.width(), base.height());
                    return new Caption(plain.start(), plain.end(), plain.lines(), look);
                })
                .toList();
    }

    /** The captions of a track, as they are written to files. */
    public static List<Caption> written(CaptionTrack track) {
        return track.shown().stream()
                .map(one -> caption(one.text(), one.start(), one.end()))
                .toList();
    }

    private static Sentence dressing(Scene scene, Captions row, Format format, String at) {
        List<Control.Option> designs = new ArrayList<>();
        String set = "a block that is gone";
        for (Block block : scene.blocks()) {
            if (row.designs().contains(block.id())) {
                boolean now = block.id().equals(row.design());
                set = now ? "\u201c" + block.name() + "\u201d" : set;
                designs.add(new Control.Option(block.name(), now, List.of(Ops.set(at + "/design", block.id()))));
            }
        }
        Sentence.Builder out = new Sentence.Builder().plain("They are set as ");
        out.part(
                set,
                new Part(
                        "design",
                        List.of(new Control.Choice("Set as", designs)),
                        "It is a block on the page; what is changed there changes all captions."));
        if (row.columns().size() > 1) {
            boolean base = format.id().equals(scene.formats().get(0).id());
            String where = base ? at + "/shown" : "scenes/" + scene.id() + "/formats/" + format.id() + "/captions";
            CaptionColumn shown = row.column(format);
            List<Control.Option> columns = row.columns().stream()
                    .map(column ->
                            new Control.Option(column.name(), column == shown, List.of(Ops.set(where, column.id()))))
                    .toList();
            out.plain(base ? "; " : "; this format shows ")
                    .part(
                            "\u201c" + shown.name() + "\u201d",
                            new Part("column", List.of(new Control.Choice("Words", columns)), ""))
                    .plain(base ? " is seen" : "");
        }
        return out.plain(".").build(at);
    }
}
