package knollwind.cli;

import java.util.List;
import java.util.concurrent.Callable;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.dressing.DressKinds;
import knollwind.core.scene.Dressing;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import tools.jackson.core.type.TypeReference;

/** Reads what a block is dressed with, or prints it. */
@Command(
        name = "dress",
        mixinStandardHelpOptions = true,
        description = "Print the dressings that a sentence tells as JSON; given them as JSON, print their sentence.")
final class DressCommand implements Callable<Integer> {
    @Parameters(paramLabel = "SENTENCE", description = "what a block is dressed with, or a list of dressings as JSON")
    private String sentence;

    @Override
    public Integer call() {
        if (sentence.strip().startsWith("[")) {
            List<Dressing> dressings = DocumentJson.MAPPER.readValue(sentence, new TypeReference<List<Dressing>>() {});
            Texts.OUT.println(DressPrinter.text(DressKinds.check(dressings)));
        } else {
            Texts.OUT.println(DocumentJson.pretty(DressReader.read(sentence, List.of())));
        }
        Texts.OUT.flush();
        return 0;
    }
}
