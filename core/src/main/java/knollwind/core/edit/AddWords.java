package knollwind.core.edit;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Face;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Value;

/**
 * A block without words yet, set as the first words of the scene are, else as those of the project.
 *
 * @param frame at which the playhead stands
 */
public record AddWords(String scene, double frame) implements Intent {
    /** The type size of a project's first words: nine lines of them fill a frame of 1080 px. */
    private static final double SIZE = 120;

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        NewBlock made = NewBlock.of(draft, open, "words", "Words", frame);
        Setting setting = Stream.concat(Stream.of(open), draft.project().scenes().stream())
                .flatMap(one -> one.blocks().stream())
                .map(Block::asWords)
                .flatMap(Optional::stream)
                .map(TextBlock::setting)
                .findFirst()
                .orElseGet(AddWords::plain);
        return NewBlock.inFront(
                open,
                TextBlockBuilder.builder()
                        .id(made.id())
                        .name(made.name())
                        .span(made.span())
                        .place(made.place())
                        .text("")
                        .setting(setting)
                        .build());
    }

    private static Setting plain() {
        return SettingBuilder.builder()
                .face(new Face("Archivo", "normal", Map.of("wght", 700.0), ""))
                .size(Value.of(SIZE))
                .build();
    }
}
