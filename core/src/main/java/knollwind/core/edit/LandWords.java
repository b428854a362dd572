package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.layout.SpokenMatch;
import knollwind.core.motion.PaceRule;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Check;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.UnitKind;

/**
 * Lets the words of blocks arrive as they are spoken: each block begins with its first spoken word, its pieces come with their words.
 * A block that would be gone before its last word, or soon after, hangs its end on that.
 *
 * @param format id of the format that is looked at
 */
public record LandWords(String scene, String format, List<String> blocks) implements Intent {
    /** Seconds that words are left to be read after the last one is said. */
    private static final double HOLD = 1;

    /** Frames of a word that has had no way in. */
    private static final double USUAL = 6;

    public LandWords {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        NamedTimes named = NamedTimes.of(draft.project(), open);
        if (named.spoken().isEmpty()) {
            throw new IllegalArgumentException(
                    "no voice of this scene has words yet; open the voice and give it a script first");
        }
        List<Operation> operations = new ArrayList<>();
        List<String> unsaid = new ArrayList<>();
        double last = 0;
        for (String id : blocks) {
            Block block = Nodes.shownBlock(open, format, id);
            SpokenMatch match = block.asWords()
                    .flatMap(words -> SpokenMatch.of(words, named))
                    .orElse(null);
            if (match == null) {
                unsaid.add("\u201c" + block.name() + "\u201d");
            } else {
                last = Math.max(last, land(block, match, open, operations));
            }
        }
        if (operations.isEmpty()) {
            throw new IllegalArgumentException("the voice says none of the words of " + String.join(", ", unsaid));
        }
        List<String> told = new ArrayList<>();
        if (!unsaid.isEmpty()) {
            told.add("the voice says none of the words of " + String.join(", ", unsaid));
        }
        if (last > open.length()) {
            told.add("the scene is over before the last word; lengthen it to " + (long) Math.ceil(last) + " frames");
        }
        return Outcome.saying(operations, String.join("; ", told));
    }

    /** Answers with the scene frame at which its last word has been said. */
    private double land(Block block, SpokenMatch match, Scene open, List<Operation> operations) {
        List<NamedTime> said = match.said().stream().filter(Objects::nonNull).toList();
        NamedTime first = said.get(0);
        NamedTime last = said.get(said.size() - 1);
        String at = BlockPath.of(scene, block.id());
        Phase called = new Phase(moves(block).stream().map(LandWords::called).toList());
        operations.add(new Operation.Set(at + "/arrive", DocumentJson.tree(called)));
        double rate = open.rate().perSecond();
        Span span = block.span();
        boolean soon = span.endsAt() == null
                && span.leavesAt() == null
                && span.end().value() < last.until().value() + HOLD * rate;
        TimeLink start = TimeLink.onWord(first.id(), false, 0);
        TimeLink end = soon ? TimeLink.onWord(last.id(), true, Math.rint(HOLD * rate)) : span.endsAt();
        // Its stored times count where the voice is gone: they are those of now.
        Rational least = first.at().plus(Rational.of(1));
        Rational until = soon ? last.until().plus(Rational.of(Math.round(HOLD * rate))) : span.end();
        Rational stored = until.compareTo(least) < 0 ? least : until;
        operations.add(new Operation.Set(
                at + "/span",
                DocumentJson.tree(
                        new Span(first.at(), stored, start, null, span.leavesAt(), held(span, end, soon, last)))));
        return last.until().value();
    }

    /** A block that begins with a word would keep its length; where its end was free it stays where it is. */
    private static TimeLink held(Span span, TimeLink end, boolean soon, NamedTime last) {
        if (soon || span.endsAt() != null || span.leavesAt() != null) {
            return end;
        }
        return TimeLink.onWord(last.id(), true, span.end().minus(last.until()).value());
    }

    private static List<Move> moves(Block block) {
        List<Move> moves = block.arrive().moves();
        return !moves.isEmpty()
                ? moves
                : List.of(MoveBuilder.builder()
                        .id("m1")
                        .unit(UnitKind.WORD)
                        .order(Order.READING)
                        .pace(Pace.eachApart(USUAL, 0))
                        .easing("cubic-bezier(0.16, 1, 0.3, 1)")
                        .channels(List.of(Channel.from("c1", Property.OPACITY, 0, null)))
                        .build());
    }

    private static Move called(Move move) {
        Pace pace = move.pace();
        Moments moments = pace.moments() != null && pace.moments().by() == Moments.By.WORDS
                ? pace.moments()
                : Moments.of(Moments.By.WORDS);
        double apart = move.unit() == UnitKind.CHARACTER && pace.held() != Pace.Held.EACH_IN_ALL
                ? Math.min(2, pace.apart())
                : 0;
        Pace own = Pace.eachApart(
                        PaceRule.of(pace.withWhole(false).withInAll(Math.max(1, pace.inAll())), 1)
                                .each(),
                        apart)
                .with(one -> one.times(pace.times()).moments(moments));
        return move.with(one -> one.unit(move.unit() == UnitKind.WHOLE ? UnitKind.WORD : move.unit())
                .order(Order.READING)
                .after(0)
                .pace(own));
    }
}
