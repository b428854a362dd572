package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Follow;
import knollwind.core.scene.Links;

/** Following in words: "following “Moorhen” 4 frames behind". */
final class FollowWords {
    private FollowWords() {}

    static void print(Sentence.Builder out, Follow follow, String at, Block block, List<Block> neighbours) {
        String text =
                "following " + BlockNames.of(follow.to(), neighbours) + " " + Say.frames(follow.delay()) + " behind";
        Control delay = Values.number("behind by", follow.delay(), "fr", 0, 96, 1, at + "/delay", 1);
        out.plain(", ")
                .part(
                        text,
                        new Part(
                                "follow",
                                List.of(delay, choice(follow, at, block, neighbours)),
                                "What carries the other block about carries this one too."));
    }

    /** What a block may follow: every block that does not hang on it. */
    static Control choice(Follow now, String at, Block block, List<Block> neighbours) {
        List<Control.Option> options = new ArrayList<>();
        options.add(
                new Control.Option("nothing", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        for (Block other : neighbours) {
            if (!Links.reaches(other, block.id(), neighbours)) {
                Follow follow = new Follow(other.id(), now == null ? Double.valueOf(4) : now.delay());
                options.add(new Control.Option(
                        Say.block(other), now != null && now.to().equals(other.id()), List.of(Ops.set(at, follow))));
            }
        }
        return new Control.Choice("Follows", options);
    }

    /** What is said of following here; null when nothing is. */
    static Follow read(Lexer words, Follow now, List<Block> neighbours) {
        if (!words.phrase("following")) {
            return null;
        }
        String to = BlockNames.read(words, neighbours, now == null ? List.of() : List.of(now.to()));
        double delay = words.number().orElse(0);
        if (!words.phrase("frames behind")) {
            words.phrase("frame behind");
        }
        return new Follow(to, delay);
    }
}
