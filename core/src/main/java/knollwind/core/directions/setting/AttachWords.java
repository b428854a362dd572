package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Attachment.Level;
import knollwind.core.scene.Attachment.Side;
import knollwind.core.scene.Block;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;

/** Attachments in words: "under “Ines Tarrow”, 24 px away, left edges level, as wide as it". */
final class AttachWords {
    private static final Length GAP = Length.px(24);

    private AttachWords() {}

    static void print(Sentence.Builder out, Attachment attach, String at, Block block, List<Block> neighbours) {
        List<Control> controls = new ArrayList<>();
        controls.add(choice(attach, at, block, neighbours));
        controls.add(new Control.Choice(
                "Stands",
                Arrays.stream(Side.values())
                        .map(side -> new Control.Option(
                                say(side), side == attach.side(), List.of(Ops.set(at, turned(attach, side)))))
                        .toList()));
        out.part(
                say(attach.side()) + " " + BlockNames.of(attach.to(), neighbours),
                new Part("attachment", controls, ""));
        Control gap = new Control.Number(
                "away",
                attach.gap().value(),
                attach.gap().unit().text(),
                -400,
                1000,
                1,
                false,
                List.of(Edit.shown(at + "/gap/value", 1)));
        out.plain(", ")
                .part(
                        Say.length(attach.gap().value(), attach.gap().unit()) + " away",
                        new Part("gap", List.of(gap), ""));
        out.plain(", ")
                .part(
                        attach.sameWidth() ? "as wide as it" : say(attach.level()),
                        new Part("level", levels(attach, at), ""));
    }

    private static List<Control> levels(Attachment attach, String at) {
        List<Control> controls = new ArrayList<>();
        if (!attach.sameWidth()) {
            controls.add(new Control.Choice(
                    "Level",
                    Arrays.stream(Level.values())
                            .filter(level -> level.goesWith(attach.side()))
                            .map(level -> new Control.Option(
                                    say(level), level == attach.level(), List.of(Ops.set(at + "/level", level))))
                            .toList()));
        }
        if (!attach.side().beside()) {
            controls.add(
                    Values.pair("Width", "its own", "as wide as the other", attach.sameWidth(), at + "/sameWidth"));
        }
        return controls;
    }

    /** What a block may hang on: every block that does not hang on it. */
    static Control choice(Attachment now, String at, Block block, List<Block> neighbours) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "on nothing", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        for (Block other : neighbours) {
            if (!Links.reaches(other, block.id(), neighbours)) {
                Attachment attach = now == null
                        ? new Attachment(other.id(), Side.UNDER, GAP, Level.CENTRE, false)
                        : new Attachment(other.id(), now.side(), now.gap(), now.level(), now.sameWidth());
                boolean selected = now != null && now.to().equals(other.id());
                options.add(new Control.Option(Say.block(other), selected, List.of(Ops.set(at, attach))));
            }
        }
        return new Control.Choice("Hangs", options);
    }

    /** The same attachment on another side, its level kept where that side has it. */
    private static Attachment turned(Attachment attach, Side side) {
        Level level = attach.level().goesWith(side) ? attach.level() : side.beside() ? Level.BASELINE : Level.CENTRE;
        return new Attachment(attach.to(), side, attach.gap(), level, attach.sameWidth() && !side.beside());
    }

    private static String say(Side side) {
        return switch (side) {
            case RIGHT -> "right of";
            case LEFT -> "left of";
            case ABOVE -> "above";
            case UNDER -> "under";
        };
    }

    private static String say(Level level) {
        return switch (level) {
            case BASELINE -> "baselines level";
            case TOP -> "tops level";
            case MIDDLE -> "middles level";
            case BOTTOM -> "bottoms level";
            case LEFT -> "left edges level";
            case CENTRE -> "centres level";
            case RIGHT -> "right edges level";
        };
    }

    /** The attachment that results from what is said here about the present one; null when nothing is said. */
    static Attachment read(Lexer words, Attachment now, List<Block> neighbours) {
        for (Side side : Side.values()) {
            int start = words.position();
            if (words.phrase(say(side))) {
                String to = BlockNames.read(words, neighbours, now == null ? List.of() : List.of(now.to()));
                Level level = side.beside() ? Level.BASELINE : Level.CENTRE;
                return words.position() == start ? null : new Attachment(to, side, GAP, level, false);
            }
        }
        if (now == null) {
            return null;
        }
        int start = words.position();
        OptionalDouble number = words.number();
        words.back(start);
        if (number.isPresent()) {
            Length gap = words.length().orElse(null);
            if (gap != null && words.phrase("away")) {
                return new Attachment(now.to(), now.side(), gap, now.level(), now.sameWidth());
            }
            words.back(start);
        }
        for (Level level : Level.values()) {
            if (words.phrase(say(level))) {
                if (!level.goesWith(now.side())) {
                    throw new DirectionException(
                            "a block " + say(now.side()) + " another has no " + say(level),
                            start,
                            Arrays.stream(Level.values())
                                    .filter(one -> one.goesWith(now.side()))
                                    .map(AttachWords::say)
                                    .toList());
                }
                return new Attachment(now.to(), now.side(), now.gap(), level, false);
            }
        }
        if (words.phrase("as wide as it") && !now.side().beside()) {
            return new Attachment(now.to(), now.side(), now.gap(), now.level(), true);
        }
        words.back(start);
        return null;
    }
}
