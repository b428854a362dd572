package knollwind.core.edit;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.TextEdit;
import knollwind.core.scene.Value;

/**
 * A block of words, in the face and size of the first words of the scene, else of the project's, and in a colour that can be
 * read on the ground, where they cover no others. Nothing else of theirs is taken over: what they are filled with or fitted to is their own.
 *
 * @param frame at which the playhead stands
 */
public record AddWords(String scene, double frame) implements Intent {
    /** The type size of a project's first words: nine lines of them fill a frame of 1080 px. */
    private static final double SIZE = 120;

    @Override
    public Outcome on(Draft draft) {
        return holding(draft, "");
    }

    /** The same with words in it. */
    Outcome holding(Draft draft, String text) {
        String words = TextEdit.fitting(text);
        Scene open = draft.scene(scene);
        NewBlock made = NewBlock.of(draft, open, "words", NewBlock.WORDS, frame);
        Setting setting = Stream.concat(Stream.of(open), draft.project().scenes().stream())
                .flatMap(one -> one.blocks().stream())
                .map(Block::asWords)
                .flatMap(Optional::stream)
                .map(TextBlock::setting)
                .findFirst()
                .map(AddWords::like)
                .orElseGet(AddWords::plain)
                .withFill(new Fill.Solid(Value.of(Readable.on(open.background()))));
        double size = setting.size().literal().orElse(SIZE);
        double height = FreeSpot.height(draft, open, made.span(), size);
        return NewBlock.inFront(
                open,
                TextBlockBuilder.builder()
                        .id(made.id())
                        .name(words.isBlank() ? made.name() : Called.by(words))
                        .span(made.span())
                        .place(made.place(height))
                        .text(words)
                        .setting(setting)
                        .build());
    }

    private static Setting like(Setting first) {
        // A size that changes or that a box decides is not theirs to give.
        double size = first.fit() == null ? first.size().literal().orElse(SIZE) : SIZE;
        return SettingBuilder.builder()
                .face(first.face())
                .size(Value.of(size))
                .alignment(first.alignment())
                .language(first.language())
                .build();
    }

    private static Setting plain() {
        return SettingBuilder.builder()
                .face(new Face("Archivo", "normal", Map.of("wght", 700.0), ""))
                .size(Value.of(SIZE))
                .build();
    }
}
