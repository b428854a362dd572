package knollwind.core.directions;

import java.util.List;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Numbers;

/** Prints when a block is on: "On from frame 27 to 165, holding for 90." */
final class SpanPrinter {
    private SpanPrinter() {}

    static Sentence print(BlockScore score, String path) {
        Block block = score.block();
        BlockTiming timing = score.timing();
        double start = timing.start();
        double end = timing.end();
        double hold = Math.max(0, timing.leaveStart() - timing.arriveEnd());
        Control startControl = new Control.Number(
                "start", start, "fr", 0, end - 1, 1, false, List.of(Edit.shown(path + "/span/start", 1)));
        Control endControl = new Control.Number(
                "end", end, "fr", start + 1, 100_000, 1, false, List.of(Edit.shown(path + "/span/end", 1)));
        String note = timing.scale() < 1
                ? "Arriving and leaving do not fit; both are shortened to "
                        + Numbers.text(Math.rint(timing.scale() * 100)) + " % of their time."
                : "";
        Sentence.Builder out = new Sentence.Builder().plain("On from frame ");
        // What a plate decides has no control here.
        if (start > block.span().start().value()) {
            out.plain(Numbers.text(start) + ", when its plate is there,");
        } else {
            out.part(block.span().start().toString(), new Part("start", List.of(startControl), note));
        }
        out.plain(" to ");
        if (end < block.span().end().value()) {
            out.plain(Numbers.text(end) + ", when its plate goes");
        } else {
            out.part(block.span().end().toString(), new Part("end", List.of(endControl), note));
        }
        return out.plain(", at rest for " + Numbers.text(Math.rint(hold * 10) / 10) + ".")
                .build(path + "/span");
    }
}
