package knollwind.core.filling;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;
import tools.jackson.databind.JsonNode;

/** What the files of versions are called: by a pattern of words and, between ‹ and ›, names of fields, format, project and number. */
public final class FileNames {
    private static final Pattern OPEN = Pattern.compile("‹([^‹›]*)›");
    private static final int LONGEST = 120;

    private final Project project;
    private final Table table;
    private final String pattern;
    private final JsonNode document;

    public FileNames(Project project) {
        this.project = project;
        this.table = project.versions();
        this.pattern = table.pattern() == null || table.pattern().isBlank() ? usual(project) : table.pattern();
        this.document = DocumentJson.tree(project.withTable(null));
    }

    /** Where nobody has said another: the project, its first field, the format. */
    public static String usual(Project project) {
        return project.fields().isEmpty()
                ? "‹project›-‹number›-‹format›"
                : "‹project›-‹" + project.fields().get(0).name() + "›-‹format›";
    }

    /** Its place among the rows, from 1 on. */
    public String number(Row row) {
        return String.valueOf(table.rows().indexOf(row) + 1);
    }

    /**
     * The name of a version's file, without what stands for its kind; of characters that every system takes.
     *
     * @throws IllegalArgumentException when the pattern names a field that is not there
     */
    public String of(Row row, String format) {
        StringBuilder name = new StringBuilder();
        Matcher open = OPEN.matcher(pattern);
        int end = 0;
        while (open.find()) {
            name.append(pattern, end, open.start());
            name.append(
                    switch (open.group(1)) {
                        case "format" -> format;
                        case "project" -> project.name();
                        case "number" -> number(row);
                        default -> value(row, open.group(1));
                    });
            end = open.end();
        }
        name.append(pattern.substring(end));
        String safe = name.toString()
                .replace(':', 'x')
                .replaceAll("[^\\p{L}\\p{N} ._-]", "_")
                .strip()
                .replaceAll("\\s+", "-");
        String brief = safe.substring(0, Math.min(LONGEST, safe.length()));
        return brief.isEmpty() || brief.startsWith(".") ? "version-" + number(row) + brief : brief;
    }

    private String value(Row row, String name) {
        Field field = project.fields().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("file names are made of ‹" + name
                        + "›, but there is no such field; there are "
                        + project.fields().stream().map(Field::name).toList() + ", format, project and number"));
        JsonNode value = row.values().get(field.id());
        return FieldText.of(
                value != null ? value : FieldValues.standing(document, field).orElse(null));
    }
}
