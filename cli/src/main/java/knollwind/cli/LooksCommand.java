package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.document.DocumentJson;
import knollwind.core.library.LookLibrary;
import knollwind.core.library.ReadyLook;
import knollwind.core.library.ReadyMove;
import knollwind.core.type.FontLibrary;
import knollwind.paint.LookSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Lists the ready-made looks, or paints sheets of them. */
@Command(
        name = "looks",
        mixinStandardHelpOptions = true,
        description = "List the ready-made looks as JSON: name, feel and sentence.")
final class LooksCommand implements Callable<Integer> {
    @Option(
            names = "--sheets",
            paramLabel = "FOLDER",
            description = "instead, paint sheets into this folder: one PNG for each feel")
    private Path sheets;

    @Option(
            names = "--text",
            description = "words to paint; \"${DEFAULT-VALUE}\" if left out",
            defaultValue = "Harbour")
    private String text;

    @Override
    public Integer call() throws Exception {
        if (sheets == null) {
            Texts.OUT.println(DocumentJson.pretty(
                    LookLibrary.looks().stream().map(LooksCommand::described).toList()));
            Texts.OUT.flush();
            return 0;
        }
        Files.createDirectories(sheets);
        LookSheet sheet = new LookSheet(new FontLibrary());
        for (ReadyMove.Feel feel : ReadyMove.Feel.values()) {
            List<ReadyLook> own = LookLibrary.looks().stream()
                    .filter(look -> look.feel() == feel)
                    .toList();
            String file = feel.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".png";
            Files.write(sheets.resolve(file), sheet.png(own, text.replace("\\n", "\n")));
        }
        return 0;
    }

    private static Map<String, Object> described(ReadyLook look) {
        Map<String, Object> described = new LinkedHashMap<>();
        described.put("name", look.name());
        described.put("feel", look.feel());
        described.put("sentence", look.sentence());
        return described;
    }
}
