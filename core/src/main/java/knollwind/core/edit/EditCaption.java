package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.BrokenLines;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/**
 * A correction of one caption. What has been corrected stays when captions are made anew.
 *
 * @param caption its id
 * @param column of {@code RETYPE}: the id of the column; null for the first
 * @param text of {@code RETYPE} and {@code INSERT}; null for the others
 * @param frame of the scene: where it begins, ends or is split; null for the others, and for a split in its middle
 */
public record EditCaption(String scene, String caption, Deed deed, String column, String text, Double frame)
        implements Intent {
    /** What is done to the caption. */
    public enum Deed {
        /** Where it begins; the end of the one before goes along where the two share it. */
        @JsonProperty("start")
        START,
        /** Where it ends; the start of the next goes along where the two share it. */
        @JsonProperty("end")
        END,
        /** As long as it is, at another time, between its neighbours. */
        @JsonProperty("move")
        MOVE,
        @JsonProperty("retype")
        RETYPE,
        /** Into two at a frame, all columns between words. */
        @JsonProperty("split")
        SPLIT,
        /** With the next. */
        @JsonProperty("join")
        JOIN,
        /** Another one after it. */
        @JsonProperty("insert")
        INSERT,
        @JsonProperty("remove")
        REMOVE,
        /** Dressed as all others again. */
        @JsonProperty("likeOthers")
        LIKE_OTHERS,
        /** It may be made anew again. */
        @JsonProperty("free")
        FREE
    }

    /** Frames that a caption lasts at least. */
    static final double LEAST = 2;

    /** Seconds that a new caption lasts where there is room. */
    private static final double USUAL = 2;

    public EditCaption {
        Check.present(deed, "what is done to the caption");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Captions row = CaptionRows.of(open);
        CaptionLine own = CaptionRows.line(row, caption);
        CaptionAmong among = new CaptionAmong(open, row, CaptionRows.timed(draft, open), own);
        return switch (deed) {
            case START -> Outcome.of(started(among, asked()), "");
            case END -> Outcome.of(ended(among, asked()), "");
            case MOVE -> Outcome.of(moved(among, asked()), "");
            case RETYPE -> Outcome.of(retyped(row, own), "");
            case SPLIT -> Outcome.of(split(draft, among), "");
            case JOIN -> Outcome.of(joined(among), "");
            case INSERT -> Outcome.of(inserted(among), "");
            case REMOVE -> Outcome.of(List.of(new Operation.Remove(CaptionRows.path(scene, own))), "");
            case LIKE_OTHERS -> Outcome.of(List.of(CaptionRows.set(scene, own.withOwn(List.of()))), "");
            case FREE -> Outcome.of(List.of(CaptionRows.set(scene, own.withByHand(null))), "");
        };
    }

    private double asked() {
        if (frame == null || !Double.isFinite(frame)) {
            throw new IllegalArgumentException("say at which frame of the scene");
        }
        return frame;
    }

    private List<Operation> started(CaptionAmong among, double wanted) {
        double at = Math.min(wanted, among.end() - LEAST);
        List<Operation> operations = new ArrayList<>();
        if (among.last != null) {
            CaptionRow.Timed last = among.last;
            double between = among.start() - last.span().end().value();
            boolean rolls = among.meet(last, among.own);
            at = Math.max(
                    at,
                    rolls
                            ? last.span().start().value() + LEAST + between
                            : last.span().end().value());
            if (rolls) {
                operations.add(set(last, last.span().start().value(), at - between));
            }
        }
        at = Math.max(0, at);
        operations.add(set(among.own, at, among.end()));
        return operations;
    }

    private List<Operation> ended(CaptionAmong among, double wanted) {
        double at = Math.max(wanted, among.start() + LEAST);
        List<Operation> operations = new ArrayList<>();
        if (among.next != null) {
            CaptionRow.Timed next = among.next;
            double between = next.span().start().value() - among.end();
            boolean rolls = among.meet(among.own, next);
            at = Math.min(
                    at,
                    rolls
                            ? next.span().end().value() - LEAST - between
                            : next.span().start().value());
            if (rolls) {
                operations.add(set(next, at + between, next.span().end().value()));
            }
        }
        operations.add(set(among.own, among.start(), at));
        return operations;
    }

    private List<Operation> moved(CaptionAmong among, double wanted) {
        double length = among.end() - among.start();
        double least = among.last == null ? 0 : among.last.span().end().value();
        double most = among.next == null
                ? Double.MAX_VALUE
                : among.next.span().start().value() - length;
        double at = Math.max(least, Math.min(wanted, most));
        return List.of(set(among.own, at, at + length));
    }

    private Operation set(CaptionRow.Timed one, double start, double end) {
        return CaptionRows.set(scene, timed(one, start, end).withByHand(true));
    }

    /** A caption at other times; what it hangs on stays, so much earlier or later. */
    static CaptionLine timed(CaptionRow.Timed one, double start, double end) {
        Span span = one.line().span();
        TimeLink starts = moved(span.startsAt(), start - one.span().start().value());
        TimeLink ends = moved(span.endsAt(), end - one.span().end().value());
        return one.line().withSpan(new Span(Rational.near(start), Rational.near(end), starts, null, null, ends));
    }

    private static TimeLink moved(TimeLink link, double by) {
        return link == null
                ? null
                : new TimeLink(
                        link.cue(),
                        link.block(),
                        link.edge(),
                        Rational.near(link.offset() + by).value());
    }

    private List<Operation> retyped(Captions row, CaptionLine own) {
        CaptionColumn in = CaptionRows.column(row, column);
        String typed = BrokenLines.of(Check.text(text, CaptionLine.LONGEST, "the words of a caption"), row.rules());
        Map<String, String> words = new TreeMap<>(own.text());
        if (typed.isBlank()) {
            words.remove(in.id());
        } else {
            words.put(in.id(), typed);
        }
        // What is said in other languages is not what captions are made of.
        boolean spoken = in.id().equals(row.columns().get(0).id());
        return List.of(CaptionRows.set(
                scene, own.with(one -> one.text(words).byHand(spoken ? Boolean.TRUE : own.byHand()))));
    }

    private List<Operation> split(Draft draft, CaptionAmong among) {
        List<CaptionLine> two = CaptionSplit.of(draft, among, frame);
        return List.of(CaptionRows.set(scene, two.get(0)), inserted(among.row, among.own.line(), two.get(1)));
    }

    private Operation inserted(Captions row, CaptionLine after, CaptionLine made) {
        return new Operation.Insert(
                CaptionRows.path(scene) + "/lines", row.lines().indexOf(after) + 1, DocumentJson.tree(made));
    }

    private List<Operation> joined(CaptionAmong among) {
        if (among.next == null) {
            throw new IllegalArgumentException("there is no caption after the last one to join it with");
        }
        CaptionLine own = among.own.line();
        CaptionLine next = among.next.line();
        Map<String, String> text = new TreeMap<>(own.text());
        next.text().forEach((in, words) -> text.merge(in, words, (one, other) -> one + " " + other));
        text.replaceAll((in, words) -> BrokenLines.of(words.replace('\n', ' '), among.row.rules()));
        Span span = new Span(
                among.own.span().start(),
                among.next.span().end(),
                own.span().startsAt(),
                null,
                null,
                next.span().endsAt());
        return List.of(
                CaptionRows.set(
                        scene, own.with(line -> line.span(span).text(text).byHand(true))),
                new Operation.Remove(CaptionRows.path(scene, next)));
    }

    private List<Operation> inserted(CaptionAmong among) {
        double from = among.end() + among.gap();
        double length = USUAL * among.scene.rate().perSecond();
        double to = among.next == null
                ? from + length
                : Math.min(from + length, among.next.span().start().value() - among.gap());
        if (to - from < LEAST) {
            throw new IllegalArgumentException(
                    "there is no room for a caption between this one and the next; shorten one of them first");
        }
        String typed =
                BrokenLines.of(Check.text(text, CaptionLine.LONGEST, "the words of a caption"), among.row.rules());
        String id = new Ids(among.row.lines().stream().map(CaptionLine::id).toList()).first("c");
        CaptionLine made = CaptionLineBuilder.builder()
                .id(id)
                .span(new Span(Rational.near(from), Rational.near(to)))
                .text(Map.of(among.row.columns().get(0).id(), typed))
                .byHand(true)
                .build();
        return List.of(inserted(among.row, among.own.line(), made));
    }
}
