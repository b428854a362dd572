package knollwind.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.scene.Project;

/** Reading of the commands' input and writing of their output, both UTF-8. */
final class Texts {
    private static final Pattern ESCAPE = Pattern.compile("\\\\u([0-9A-Fa-f]{4})");

    private Texts() {}

    static final PrintStream OUT =
            new PrintStream(new java.io.FileOutputStream(java.io.FileDescriptor.out), false, StandardCharsets.UTF_8);

    /** The lines of a file, escapes such as {@code \u00e9} replaced by their UTF-16 unit. */
    static List<String> lines(Path file) throws IOException {
        return Files.readString(file).lines().map(Texts::unescape).toList();
    }

    static String unescape(String text) {
        Matcher matcher = ESCAPE.matcher(text);
        return matcher.replaceAll(
                match -> Matcher.quoteReplacement(String.valueOf((char) Integer.parseInt(match.group(1), 16))));
    }

    static Project project(Path file) throws IOException {
        Project project = DocumentJson.read(Upgrades.upgraded(DocumentJson.tree(Files.readString(file))));
        DocumentCheck.check(project);
        return project;
    }

    static void print(Object json) {
        OUT.println(DocumentJson.MAPPER.writeValueAsString(json));
    }

    /** The hash that documents name files by. */
    static String sha256(byte[] content) {
        try {
            return java.util.HexFormat.of()
                    .formatHex(
                            java.security.MessageDigest.getInstance("SHA-256").digest(content));
        } catch (java.security.NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
