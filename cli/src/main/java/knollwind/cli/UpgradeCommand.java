package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.JsonNode;

/** Brings a document of an older version to the present one. */
@Command(
        name = "upgrade",
        mixinStandardHelpOptions = true,
        description = "Bring a document of an older version to the present one.")
final class UpgradeCommand implements Callable<Integer> {
    @Parameters(paramLabel = "SCENE.json", description = "a project's document")
    private Path document;

    @Option(names = "--out", required = true, description = "file to write, ending in .json")
    private Path out;

    @Override
    public Integer call() throws Exception {
        JsonNode upgraded = Upgrades.upgraded(DocumentJson.tree(Files.readString(document)));
        DocumentCheck.check(DocumentJson.read(upgraded));
        Files.writeString(out, DocumentJson.pretty(upgraded) + "\n");
        return 0;
    }
}
