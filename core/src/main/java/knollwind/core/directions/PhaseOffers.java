package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.Mirror;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Move;
import knollwind.core.scene.Operation;
import knollwind.core.scene.Phase;
import knollwind.core.scene.TextBlock;

/** Moves that can be added to a phase: the way back for a leave, and a few to begin from, each a sentence. */
final class PhaseOffers {
    private static final List<String> WORDS_IN = List.of(
            "characters rise 0.6 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, landing softly",
            "words rise 0.4 em and fade in, in reading order, 15 frames each, 5 apart, landing softly",
            "characters fade in and sharpen from 0.15 em of blur, at random from seed 1, 18 frames each, 2 apart, gently at both ends",
            "lines slide right 1 em from behind its left edge, in reading order, 18 frames each, 6 apart, landing softly",
            "the whole closes up from 180 of tracking and fades in, in 24 frames, landing softly");
    private static final List<String> WORDS_OUT = List.of(
            "characters sink 0.6 em behind the baseline and fade out, ends in, 10 frames each, 2 apart, starting gently",
            "the whole opens up to 200 of tracking and fades out, in 15 frames, starting gently",
            "words lift 0.3 em and fade out, in reading order, 10 frames each, 3 apart, starting gently",
            "the whole fades out, in 12 frames, steadily");
    private static final List<String> WORDS_STAYING = List.of(
            "characters lift 0.05 em, in reading order, 3 apart, swinging every 72 frames",
            "the whole grows to 103 %, pulsing every 96 frames, about the centre",
            "characters lift 0.12 em, in reading order, 10 frames each, 2 apart, in a passing wave every 96 frames");
    private static final List<String> SHAPE_STAYING = List.of(
            "the whole grows to 103 %, pulsing every 96 frames, about the centre",
            "the whole lifts 6 px, swinging every 96 frames");
    private static final List<String> SHAPE_IN = List.of(
            "the whole widens from 0 %, in 15 frames, gently at both ends, about the left",
            "the whole fades in, in 12 frames, steadily");
    private static final List<String> SHAPE_OUT = List.of(
            "the whole narrows to 0 %, in 15 frames, gently at both ends, about the right",
            "the whole fades out, in 12 frames, steadily");

    private PhaseOffers() {}

    static List<Control.Option> of(Block block, PhaseKind kind, String path) {
        List<Control.Option> offers = new ArrayList<>();
        Phase own = switch (kind) {
            case ARRIVE -> block.arrive();
            case DWELL -> block.dwell();
            case LEAVE -> block.leave();
        };
        if (kind == PhaseKind.LEAVE && !block.arrive().moves().isEmpty()) {
            List<Move> back = new ArrayList<>();
            for (Move move : block.arrive().moves()) {
                back.add(Mirror.of(move, freshId(own, back)));
            }
            List<Operation> operations =
                    back.stream().map(move -> Ops.insert(path + "/moves", move)).toList();
            offers.add(new Control.Option("back the way it came", false, operations));
        }
        boolean text = block instanceof TextBlock;
        List<String> sentences = switch (kind) {
            case ARRIVE -> text ? WORDS_IN : SHAPE_IN;
            case DWELL -> text ? WORDS_STAYING : SHAPE_STAYING;
            case LEAVE -> text ? WORDS_OUT : SHAPE_OUT;
        };
        for (String sentence : sentences) {
            Move move = MoveReader.read(sentence, kind, null);
            Move named = move.named(freshId(own, List.of()));
            offers.add(new Control.Option(sentence, false, List.of(added(own, named, path))));
        }
        return offers;
    }

    /** Documents need not have a dwell before its first move. */
    private static Operation added(Phase own, Move move, String path) {
        return own.moves().isEmpty() ? Ops.set(path, new Phase(List.of(move))) : Ops.insert(path + "/moves", move);
    }

    static String freshId(Phase phase, List<Move> others) {
        int number = 1;
        while (true) {
            String id = "m" + number++;
            boolean taken = phase.moves().stream().anyMatch(move -> move.id().equals(id))
                    || others.stream().anyMatch(move -> move.id().equals(id));
            if (!taken) {
                return id;
            }
        }
    }
}
