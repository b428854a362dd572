package knollwind.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.dressing.DressKinds;
import knollwind.core.library.ReadyLook;
import knollwind.core.library.ReadyMove;
import knollwind.core.scene.Dressing;
import knollwind.core.type.FontLibrary;
import knollwind.paint.LookSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.core.type.TypeReference;

/** Reads what a block is dressed with, or prints it. */
@Command(
        name = "dress",
        mixinStandardHelpOptions = true,
        description = "Print the dressings that a sentence tells as JSON; given them as JSON, print their sentence."
                + " Without a sentence, print how all kinds usually are.")
final class DressCommand implements Callable<Integer> {
    @Parameters(
            arity = "0..1",
            paramLabel = "SENTENCE",
            description = "what a block is dressed with, or a list of dressings as JSON")
    private String sentence;

    @Option(names = "--sheet", paramLabel = "FILE", description = "instead, paint all kinds as they usually are: a PNG")
    private Path sheet;

    @Override
    public Integer call() throws IOException {
        if (sheet != null) {
            List<ReadyLook> usual = IntStream.range(0, DressKinds.ALL.size())
                    .mapToObj(i -> new ReadyLook(
                            DressKinds.ALL.get(i).label(), ReadyMove.Feel.QUIET, DressReader.OPENINGS.get(i)))
                    .toList();
            Files.write(sheet, new LookSheet(new FontLibrary()).png(usual, "Harbour"));
            return 0;
        }
        if (sentence == null) {
            DressReader.OPENINGS.forEach(Texts.OUT::println);
        } else if (sentence.strip().startsWith("[")) {
            List<Dressing> dressings = DocumentJson.MAPPER.readValue(sentence, new TypeReference<List<Dressing>>() {});
            Texts.OUT.println(DressPrinter.text(DressKinds.check(dressings)));
        } else {
            Texts.OUT.println(DocumentJson.pretty(DressReader.read(sentence, List.of())));
        }
        Texts.OUT.flush();
        return 0;
    }
}
