package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.directions.move.MoveDraft;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.MakeRoom;

/** Making room in words: "as “Pier 3” makes room by 0 px across, -160 px down, 80 %, -90° in 18 frames". */
final class RoomWords {
    private RoomWords() {}

    static void print(Sentence.Builder out, MakeRoom room, String at, List<Block> neighbours) {
        String names =
                room.blocks().stream().map(id -> BlockNames.of(id, neighbours)).collect(Collectors.joining(" and "));
        String text = "as " + (names.isEmpty() ? "nothing" : names) + " makes room by " + Say.number(room.x())
                + " px across, "
                + Say.number(room.y()) + " px down, " + Say.percent(room.scale()) + ", " + Say.number(room.rotation())
                + "\u00b0 in " + Say.frames(room.frames()) + " "
                + EasingClause.say(room.easing());
        List<Control> controls = new ArrayList<>(List.of(
                Values.number("across", room.x(), "px", -2000, 2000, 1, at + "/x", 1),
                Values.number("down", room.y(), "px", -2000, 2000, 1, at + "/y", 1),
                Values.number("to", Say.shownPercent(room.scale()), "%", 1, 400, 1, at + "/scale", 0.01),
                Values.number("turning", room.rotation(), "\u00b0", -180, 180, 1, at + "/rotation", 1),
                Values.number("in", room.frames(), "fr", 1, 96, 1, at + "/frames", 1)));
        controls.add(new Control.Choice(
                "Gives way",
                EasingClause.NAMES.entrySet().stream()
                        .map(name -> new Control.Option(
                                name.getKey(),
                                name.getValue().equals(room.easing()),
                                List.of(Ops.set(at + "/easing", name.getValue()))))
                        .toList()));
        controls.add(new Control.Choice(
                "The others",
                List.of(new Control.Option("stay where they are", false, List.of(new Operation.Clear(at))))));
        out.plain(", ").part(text, new Part("room", controls, "All that was there before moves aside as one."));
    }

    /** Lets the words that came before make room. */
    static Control choice(String at, Block block, List<Block> neighbours) {
        List<String> earlier = neighbours.stream()
                .filter(other -> other.asWords().isPresent()
                        && other.span().start().compareTo(block.span().start()) < 0)
                .map(Block::id)
                .toList();
        return new Control.Choice(
                "Words before it",
                List.of(
                        new Control.Option("stay", true, List.of()),
                        new Control.Option(
                                "make room",
                                false,
                                List.of(Ops.set(at, new MakeRoom(earlier, 0.0, -160.0, 0.8, 0.0, null, null))))));
    }

    /** What is said of making room here; null when nothing is. */
    static MakeRoom read(Lexer words, MakeRoom now, List<Block> neighbours) {
        if (!words.phrase("as")) {
            return null;
        }
        List<String> blocks = new ArrayList<>();
        if (!words.phrase("nothing")) {
            do {
                blocks.add(BlockNames.read(words, neighbours, now == null ? List.of() : now.blocks()));
            } while (words.phrase("and"));
        }
        if (!words.phrase("makes room by") && !words.phrase("make room by")) {
            throw missing(words, "how the blocks make room");
        }
        double x = words.number().orElseThrow(() -> missing(words, "how far"));
        words.phrase("px across");
        words.separators();
        double y = words.number().orElseThrow(() -> missing(words, "how far"));
        words.phrase("px down");
        words.separators();
        double scale = words.percent().orElseThrow(() -> missing(words, "how large"));
        words.separators();
        double rotation = words.number().orElseThrow(() -> missing(words, "how far it turns"));
        words.sign("\u00b0");
        words.phrase("in");
        double frames = words.number().orElse(18);
        if (!words.phrase("frames")) {
            words.phrase("frame");
        }
        MoveDraft draft = new MoveDraft(PhaseKind.ARRIVE, null);
        String easing = new EasingClause().read(words, draft) ? draft.easing : now == null ? null : now.easing();
        return new MakeRoom(blocks, x, y, scale, rotation, frames, easing);
    }

    private static DirectionException missing(Lexer words, String what) {
        return new DirectionException(
                what + " is missing here",
                words.position(),
                List.of("makes room by 0 px across, -160 px down, 80 %, 0\u00b0 in 18 frames"));
    }
}
