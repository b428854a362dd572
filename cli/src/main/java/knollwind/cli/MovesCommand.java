package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.document.DocumentJson;
import knollwind.core.library.MotionLibrary;
import knollwind.core.library.ReadyMove;
import knollwind.core.motion.PhaseKind;
import knollwind.core.type.FontLibrary;
import knollwind.paint.MoveSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Lists the ready-made moves, or paints sheets of them. */
@Command(
        name = "moves",
        mixinStandardHelpOptions = true,
        description = "List the ready-made moves as JSON: name, feel, phases, and their sentences in each phase.")
final class MovesCommand implements Callable<Integer> {
    @Option(names = "--name", description = "only the move with this name")
    private String name;

    @Option(
            names = "--sheets",
            paramLabel = "FOLDER",
            description = "instead, paint contact sheets into this folder: one PNG for each feel and phase")
    private Path sheets;

    @Option(
            names = "--texts",
            description = "words to paint, a row each; \"Harbour\" if left out",
            defaultValue = "Harbour")
    private List<String> texts;

    @Override
    public Integer call() throws Exception {
        List<ReadyMove> moves = MotionLibrary.moves().stream()
                .filter(move -> name == null || move.name().equalsIgnoreCase(name))
                .toList();
        if (moves.isEmpty()) {
            throw new IllegalArgumentException(
                    "there is no move '" + name + "'; without --name all of them are listed");
        }
        if (sheets == null) {
            System.out.println(DocumentJson.pretty(
                    moves.stream().map(MovesCommand::described).toList()));
            return 0;
        }
        Files.createDirectories(sheets);
        MoveSheet sheet = new MoveSheet(new FontLibrary());
        List<String> words =
                texts.stream().map(text -> text.replace("\\n", "\n")).toList();
        for (PhaseKind phase : PhaseKind.values()) {
            for (ReadyMove.Feel feel : ReadyMove.Feel.values()) {
                List<ReadyMove> own = moves.stream()
                        .filter(move -> move.feel() == feel && move.phases().contains(phase))
                        .toList();
                if (!own.isEmpty()) {
                    String file = text(feel) + "-" + text(phase) + ".png";
                    Files.write(sheets.resolve(file), sheet.png(own, phase, words, 7));
                }
            }
        }
        return 0;
    }

    private static Map<String, Object> described(ReadyMove move) {
        Map<String, Object> sentences = new LinkedHashMap<>();
        move.phases().forEach(phase -> sentences.put(text(phase), move.sentences(phase)));
        Map<String, Object> described = new LinkedHashMap<>();
        described.put("name", move.name());
        described.put("feel", move.feel());
        described.put("phases", sentences.keySet());
        described.put("sentence", sentences);
        return described;
    }

    private static String text(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
