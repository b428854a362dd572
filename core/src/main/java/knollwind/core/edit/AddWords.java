package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Span;
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
    /** The type size of a scene's first words, of the frame's height: nine lines of them fill it. */
    private static final double SIZE = 1 / 9.0;

    /** What can be read in any frame, px. */
    private static final double LEAST = 12;

    @Override
    public Outcome on(Draft draft) {
        return holding(draft, "");
    }

    /** The same with words in it. */
    Outcome holding(Draft draft, String text) {
        return holding(draft, text, NewBlock.of(draft, draft.scene(scene), "words", NewBlock.WORDS, frame));
    }

    /** Several texts, each in a block of its own, one after the other: they share the time that is left, and last a second at least. */
    Outcome holding(Draft draft, List<String> texts) {
        Scene open = draft.scene(scene);
        double each = Math.max(Math.ceil(open.rate().perSecond()), Math.floor((open.length() - frame) / texts.size()));
        List<Operation> operations = new ArrayList<>();
        Draft now = draft;
        String first = "";
        for (int i = 0; i < texts.size(); i++) {
            long start = (long) (frame + i * each);
            NewBlock made = NewBlock.of(now, open, "words", NewBlock.WORDS, frame)
                    .during(Span.of(start, (long) (start + each)));
            Outcome added = holding(now, texts.get(i), made);
            operations.addAll(added.operations());
            first = first.isEmpty() ? added.block() : first;
            now = now.after(added.operations());
        }
        return new Outcome(operations, "", first, "");
    }

    private Outcome holding(Draft draft, String text, NewBlock made) {
        String words = TextEdit.fitting(text);
        Scene open = draft.scene(scene);
        Optional<Setting> near = settings(Stream.of(open));
        double size = near.flatMap(AddWords::size)
                .orElse(Math.max(
                        LEAST,
                        Math.rint(
                                SIZE * FrameFit.of(open, open.formats().get(0)).height())));
        Setting setting = near.or(() -> settings(draft.project().scenes().stream()))
                .map(AddWords::like)
                .orElseGet(AddWords::plain)
                .size(Value.of(size))
                .fill(new Fill.Solid(Value.of(Readable.on(open.background()))))
                .build();
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

    /** A block of words in the face of others, centred, in a size and a colour of its own. */
    static TextBlock plainly(NewBlock made, Optional<Setting> near, double size, String colour) {
        return TextBlockBuilder.builder()
                .id(made.id())
                .name(made.name())
                .span(made.span())
                .place(made.place())
                .text("")
                .setting(near.map(AddWords::like)
                        .orElseGet(AddWords::plain)
                        .alignment(Setting.Alignment.CENTRE)
                        .size(Value.of(size))
                        .fill(new Fill.Solid(Value.of(colour)))
                        .build())
                .build();
    }

    private static Optional<Setting> settings(Stream<Scene> scenes) {
        return scenes.flatMap(one -> one.blocks().stream())
                .map(Block::asWords)
                .flatMap(Optional::stream)
                .map(TextBlock::setting)
                .findFirst();
    }

    /** A size that changes or that a box decides is not theirs to give. */
    private static Optional<Double> size(Setting first) {
        return first.fit() == null ? first.size().literal() : Optional.empty();
    }

    private static SettingBuilder like(Setting first) {
        return SettingBuilder.builder()
                .face(first.face())
                .alignment(first.alignment())
                .language(first.language());
    }

    private static SettingBuilder plain() {
        return SettingBuilder.builder().face(new Face("Archivo", "normal", Map.of("wght", 700.0), ""));
    }
}
