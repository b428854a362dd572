package knollwind.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import tools.jackson.databind.JsonNode;

/** A command that has run as a process of its own: the code it ended with, and what it printed. */
record Ended(int code, List<String> out, String err) {
    static Ended of(String... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "knollwind.cli.Main"));
        command.addAll(List.of(arguments));
        Path err = Files.createTempFile("knollwind-", ".err");
        try {
            Process process =
                    new ProcessBuilder(command).redirectError(err.toFile()).start();
            String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return new Ended(process.waitFor(), out.lines().toList(), Files.readString(err));
        } finally {
            Files.delete(err);
        }
    }

    List<JsonNode> json() {
        return out.stream().map(DocumentJson::tree).toList();
    }

    String text() {
        return String.join("\n", out);
    }
}
