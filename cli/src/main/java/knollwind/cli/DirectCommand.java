package knollwind.cli;

import java.util.Locale;
import java.util.concurrent.Callable;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Move;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Reads a direction, or prints one. */
@Command(
        name = "direct",
        mixinStandardHelpOptions = true,
        description = "Print the move that a sentence tells as JSON; given a move as JSON, print its sentence.")
final class DirectCommand implements Callable<Integer> {
    @Parameters(paramLabel = "SENTENCE", description = "a direction, or a move as JSON")
    private String sentence;

    @Option(names = "--phase", description = "arrive, dwell or leave; arrive if left out", defaultValue = "arrive")
    private String phase;

    @Override
    public Integer call() {
        PhaseKind kind;
        try {
            kind = PhaseKind.valueOf(phase.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("--phase is arrive, dwell or leave, not " + phase, e);
        }
        if (sentence.strip().startsWith("{")) {
            Move move = DocumentJson.read(DocumentJson.tree(sentence), Move.class);
            System.out.println(MovePrinter.text(move, kind));
        } else {
            System.out.println(DocumentJson.pretty(MoveReader.read(sentence, kind, null)));
        }
        return 0;
    }
}
