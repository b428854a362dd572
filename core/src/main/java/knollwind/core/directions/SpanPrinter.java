package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.LinkedSpans;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.Numbers;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/** Prints when a block is on: "On from frame 27 to 6 frames before “Horn”, at rest for 90." */
final class SpanPrinter {
    private final BlockScore score;
    private final String path;
    private final List<Block> neighbours;
    private final List<NamedTime> named;
    private final Span span;

    private SpanPrinter(BlockScore score, String path, List<Block> neighbours, List<NamedTime> named) {
        this.score = score;
        this.path = path + "/span";
        this.neighbours = neighbours;
        this.named = named;
        this.span = score.block().span();
    }

    static Sentence print(BlockScore score, String path, List<Block> neighbours, List<NamedTime> named) {
        return new SpanPrinter(score, path, neighbours, named).print();
    }

    private Sentence print() {
        BlockTiming timing = score.timing();
        double start = timing.start();
        double end = timing.end();
        double hold = Math.max(0, timing.leaveStart() - timing.arriveEnd());
        String note = note(timing);
        Control startControl =
                new Control.Number("start", start, "fr", 0, end - 1, 1, false, List.of(Edit.shown(path + "/start", 1)));
        Control endControl = new Control.Number(
                "end", end, "fr", start + 1, 100_000, 1, false, List.of(Edit.shown(path + "/end", 1)));
        Sentence.Builder out = new Sentence.Builder().plain("On from ");
        // What a plate decides has no control here.
        if (start > span.start().value()) {
            out.plain("frame " + Numbers.text(start) + ", when its plate is there,");
        } else {
            edge(out, "start", BlockEdge.START, BlockEdge.LANDED, start, startControl, note);
        }
        out.plain(" to ");
        if (end < span.end().value()) {
            out.plain(Numbers.text(end) + ", when its plate goes");
        } else {
            edge(out, "end", BlockEdge.END, BlockEdge.LEAVING, end, endControl, note);
        }
        return out.plain(", at rest for " + Numbers.text(Math.rint(hold * 10) / 10) + ".")
                .build(path);
    }

    private static String note(BlockTiming timing) {
        if (timing.scale() < 1) {
            return "Arriving and leaving do not fit; both are shortened to " + percent(timing.scale())
                    + " of their time.";
        }
        if (timing.leaveScale() == 0) {
            return "There is no time left for leaving; it is cut off.";
        }
        return timing.leaveScale() < 1
                ? "Leaving is shortened to " + percent(timing.leaveScale()) + " of its time."
                : "";
    }

    private static String percent(double part) {
        return Numbers.text(Math.rint(part * 100)) + " %";
    }

    /**
     * One end of the span.
     *
     * @param outer the moment at the span's end
     * @param inner the moment that may hang instead of it
     */
    private void edge(
            Sentence.Builder out,
            String name,
            BlockEdge outer,
            BlockEdge inner,
            double now,
            Control number,
            String note) {
        BlockEdge hung = span.hang(inner) != null ? inner : outer;
        TimeLink hang = span.hang(hung);
        List<Control> controls = new ArrayList<>();
        if (hang == null) {
            controls.add(number);
        } else {
            controls.add(Values.number(
                    "frames after", hang.offset(), "fr", -10_000, 10_000, 1, path + "/" + member(hung) + "/offset", 1));
        }
        controls.add(on(hung, hang));
        if (hang != null) {
            controls.add(own(outer, inner, hung, hang));
            if (hang.block() != null || word(hang.cue())) {
                controls.add(other(hung, hang));
            }
        }
        String frame = Numbers.text(Math.rint(now * 100) / 100);
        out.plain(name.equals("start") ? "frame " : "");
        if (hang == null) {
            out.part(frame, new Part(name, controls, note));
            return;
        }
        out.plain(frame + ", " + (hung == BlockEdge.LANDED ? "landing " : hung == BlockEdge.LEAVING ? "leaving " : ""))
                .part(said(hang), new Part(name, controls, note));
        if (name.equals("start")) {
            out.plain(",");
        }
    }

    private static String member(BlockEdge edge) {
        return switch (edge) {
            case START -> "startsAt";
            case LANDED -> "landsAt";
            case LEAVING -> "leavesAt";
            case END -> "endsAt";
        };
    }

    /** "6 frames before “Horn”", "when “Title” has landed". */
    private String said(TimeLink hang) {
        String what = hang.cue() != null ? named(hang) : moment(hang);
        if (hang.offset() == 0) {
            return (hang.cue() != null || hang.edge() == BlockEdge.START || hang.edge() == BlockEdge.END
                            ? "at "
                            : "when ")
                    + what;
        }
        return Say.frames(Math.abs(hang.offset())) + (hang.offset() > 0 ? " after " : " before ") + what;
    }

    private String named(TimeLink hang) {
        return named.stream()
                .filter(one -> one.id().equals(hang.cue()))
                .findFirst()
                .map(one -> (hang.edge() == BlockEdge.END ? "the end of " : "") + said(one))
                .orElse("a cue that is gone");
    }

    private static String said(NamedTime one) {
        return (one.lasts() ? "the word " : "") + "\u201c" + one.name() + "\u201d";
    }

    /** True for a word that is spoken. */
    private boolean word(String id) {
        return named.stream().anyMatch(one -> one.id().equals(id) && one.lasts());
    }

    private String moment(TimeLink hang) {
        String name = neighbours.stream()
                .filter(block -> block.id().equals(hang.block()))
                .findFirst()
                .map(Say::block)
                .orElse("a block that is gone");
        return switch (hang.edge()) {
            case START -> "the start of " + name;
            case LANDED -> name + " has landed";
            case LEAVING -> name + " leaves";
            case END -> "the end of " + name;
        };
    }

    private static String own(BlockEdge edge) {
        return switch (edge) {
            case START -> "its start";
            case LANDED -> "its landing";
            case LEAVING -> "its leaving";
            case END -> "its end";
        };
    }

    /** What this end may hang on: cues, spoken words, and blocks that do not hang on this one. */
    private Control on(BlockEdge hung, TimeLink hang) {
        String at = path + "/" + member(hung);
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option("nothing", hang == null, hang == null ? List.of() : let(hung)));
        boolean first = hung == BlockEdge.START || hung == BlockEdge.LANDED;
        for (NamedTime one : named) {
            boolean on = hang != null && one.id().equals(hang.cue());
            TimeLink onto = one.lasts() ? TimeLink.onWord(one.id(), !first, 0) : TimeLink.onCue(one.id(), 0);
            options.add(new Control.Option(said(one), on, on ? List.of() : List.of(Ops.set(at, onto))));
        }
        for (Block other : neighbours) {
            boolean on = hang != null && other.id().equals(hang.block());
            if (on || !LinkedSpans.reaches(other, score.block().id(), neighbours)) {
                TimeLink onto =
                        TimeLink.onBlock(other.id(), hung == BlockEdge.END ? BlockEdge.END : BlockEdge.START, 0);
                options.add(new Control.Option(Say.block(other), on, on ? List.of() : List.of(Ops.set(at, onto))));
            }
        }
        return new Control.Choice("Hangs on", options);
    }

    /** Lets an end hang on nothing: it stays where it is. */
    private List<Operation> let(BlockEdge hung) {
        return List.of(
                new Operation.Clear(path + "/" + member(hung)),
                Ops.set(path + "/start", span.start()),
                Ops.set(path + "/end", span.end()));
    }

    /** Which of its own moments hangs. */
    private Control own(BlockEdge outer, BlockEdge inner, BlockEdge hung, TimeLink hang) {
        List<Control.Option> options = new ArrayList<>();
        boolean lands = inner != BlockEdge.LANDED || !score.block().arrive().called();
        for (BlockEdge edge : lands ? List.of(outer, inner) : List.of(outer)) {
            boolean on = edge == hung;
            options.add(new Control.Option(
                    own(edge),
                    on,
                    on
                            ? List.of()
                            : List.of(
                                    new Operation.Clear(path + "/" + member(hung)),
                                    Ops.set(path + "/" + member(edge), hang))));
        }
        return new Control.Choice("Of this block", options);
    }

    private Control other(BlockEdge hung, TimeLink hang) {
        List<Control.Option> options = new ArrayList<>();
        boolean word = hang.block() == null;
        List<BlockEdge> edges = word ? List.of(BlockEdge.START, BlockEdge.END) : List.of(BlockEdge.values());
        for (BlockEdge edge : edges) {
            TimeLink onto = word
                    ? TimeLink.onWord(hang.cue(), edge == BlockEdge.END, hang.offset())
                    : TimeLink.onBlock(hang.block(), edge, hang.offset());
            options.add(new Control.Option(
                    own(edge), onto.equals(hang), List.of(Ops.set(path + "/" + member(hung), onto))));
        }
        return new Control.Choice(word ? "Of the word" : "Of the other", options);
    }
}
