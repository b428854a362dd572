package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.document.Upgrades;
import knollwind.core.scene.EngineRule;
import knollwind.core.scene.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

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

    @Option(
            names = "--new-rules",
            description = "also take the newest rules of looks; else the document looks as it did, and what would look"
                    + " different is said")
    private boolean newRules;

    @Override
    public Integer call() throws Exception {
        JsonNode upgraded = Upgrades.upgraded(DocumentJson.tree(Files.readString(document)));
        Project project = DocumentJson.read(upgraded);
        DocumentCheck.check(project);
        if (newRules) {
            upgraded = new Patch(List.of(new Operation.Set("engineVersion", new StringNode(Project.ENGINE_VERSION))))
                    .apply(upgraded)
                    .document();
        } else {
            EngineRule.newerThan(project.engineVersion())
                    .forEach(rule -> System.out.println(
                            "It keeps to an older rule. " + rule.text() + " (--new-rules takes the newest)"));
        }
        Files.writeString(out, DocumentJson.pretty(upgraded) + "\n");
        return 0;
    }
}
