package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;

/** The captions of scenes that are cut and joined. One that is on where a scene is cut is in both parts. */
final class CaptionCut {
    private final Captions row;
    private final List<CaptionRow.Timed> timed;

    CaptionCut(Scene scene, List<CaptionRow.Timed> timed) {
        this.row = scene.captions();
        this.timed = timed;
    }

    /** Those that are on before a frame. */
    Captions until(int at) {
        Rational cut = Rational.of(at);
        List<CaptionLine> lines = new ArrayList<>();
        for (CaptionRow.Timed one : timed) {
            Span span = one.span();
            if (span.end().compareTo(cut) <= 0) {
                lines.add(one.line());
            } else if (cut.minus(span.start()).compareTo(Rational.of(1)) >= 0) {
                Span own = one.line().span();
                lines.add(one.line().withSpan(new Span(span.start(), cut, own.startsAt(), null, null, null)));
            }
        }
        return row.withLines(lines);
    }

    /** Those that are on from a frame on, with times from there. */
    Captions from(int at) {
        Rational cut = Rational.of(at);
        List<CaptionLine> lines = new ArrayList<>();
        for (CaptionRow.Timed one : timed) {
            Span span = one.span();
            Span own = one.line().span();
            if (span.start().compareTo(cut) >= 0) {
                lines.add(one.line()
                        .withSpan(new Span(
                                span.start().minus(cut),
                                span.end().minus(cut),
                                own.startsAt(),
                                null,
                                null,
                                own.endsAt())));
            } else if (span.end().minus(cut).compareTo(Rational.of(1)) >= 0) {
                lines.add(one.line()
                        .withSpan(new Span(Rational.ZERO, span.end().minus(cut), null, null, null, own.endsAt())));
            }
        }
        return row.withLines(lines);
    }

    /**
     * The captions of two scenes of which the second follows the first. Columns of one name are one; those of the second are dressed as
     * those of the first; their own design is kept among the designs.
     *
     * @param by frames of the first scene
     * @param first null where it has none
     */
    Captions after(Captions first, int by) {
        List<CaptionLine> later = new ArrayList<>();
        for (CaptionRow.Timed one : timed) {
            Rational length = Rational.of(by);
            later.add(one.line()
                    .withSpan(new Span(
                            one.span().start().plus(length), one.span().end().plus(length))));
        }
        if (first == null) {
            return row.with(all -> all.lines(later).sound(null));
        }
        List<CaptionColumn> columns = new ArrayList<>(first.columns());
        Map<String, String> renamed = new HashMap<>();
        Ids ids = new Ids(columns.stream().map(CaptionColumn::id).toList());
        for (CaptionColumn column : row.columns()) {
            CaptionColumn there = columns.stream()
                    .filter(one -> one.name().equals(column.name()))
                    .findFirst()
                    .orElse(null);
            if (there == null) {
                there = new CaptionColumn(ids.first("c"), column.name(), column.language());
                columns.add(there);
            }
            renamed.put(column.id(), there.id());
        }
        Ids lineIds = new Ids(first.lines().stream().map(CaptionLine::id).toList());
        List<CaptionLine> lines = new ArrayList<>(first.lines());
        for (CaptionLine line : later) {
            Map<String, String> text = new TreeMap<>();
            line.text().forEach((column, words) -> text.put(renamed.getOrDefault(column, column), words));
            lines.add(line.with(one -> one.id(lineIds.first("c")).text(text).own(List.of())));
        }
        List<String> designs = new ArrayList<>(first.designs());
        designs.addAll(row.designs());
        return first.with(all -> all.columns(columns).lines(lines).designs(designs));
    }
}
