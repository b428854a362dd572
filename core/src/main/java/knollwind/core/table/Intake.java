package knollwind.core.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;
import tools.jackson.databind.JsonNode;

/**
 * A table that is taken in: what becomes of the rows that are there. Rows are known again by what stands in the key's column; locked ones stay.
 *
 * @param table what it would be afterwards
 * @param added rows that were not there
 * @param changed rows in which something is other
 * @param same rows in which nothing is
 * @param gone rows that the file does not have; they stay unless that is wished
 * @param locked rows that would have changed, or gone
 * @param notes what was met on the way, in words
 */
public record Intake(Table table, int added, int changed, int same, int gone, int locked, List<String> notes) {

    /** The fields that columns are of, by their names: upper and lower case alike; null for a column that is of none. */
    public static List<String> mapped(Project project, List<String> columns) {
        Map<String, String> fields = new HashMap<>();
        project.fields().forEach(field -> fields.put(plain(field.name()), field.id()));
        List<String> mapped = new ArrayList<>();
        for (String column : columns) {
            mapped.add(fields.remove(plain(column)));
        }
        return mapped;
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * @param fields ids of the fields that columns are of, in their order; empty for a column that is left out
     * @param key id of the field by which rows are known again; null where all rows of the file are new ones
     * @param removesGone whether rows go that the file does not have
     * @param ids new ids of rows
     */
    public static Intake of(
            Project project,
            List<List<String>> rows,
            List<String> fields,
            String key,
            boolean removesGone,
            Supplier<String> ids) {
        Map<String, Field> known = new HashMap<>();
        project.fields().forEach(field -> known.put(field.id(), field));
        Table before = project.versions();
        Map<String, Row> byKey = new LinkedHashMap<>();
        if (key != null) {
            before.rows()
                    .forEach(row -> byKey.putIfAbsent(FieldText.of(row.values().get(key)), row));
        }
        Map<String, Row> taken = new LinkedHashMap<>();
        List<Row> fresh = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Set<String> met = new HashSet<>();
        int changed = 0;
        int same = 0;
        int locked = 0;
        for (int i = 0; i < rows.size(); i++) {
            Map<String, JsonNode> values = new LinkedHashMap<>();
            for (int column = 0; column < Math.min(fields.size(), rows.get(i).size()); column++) {
                Field field = known.get(fields.get(column));
                JsonNode value =
                        field == null ? null : FieldText.read(field, rows.get(i).get(column));
                if (value != null) {
                    values.put(field.id(), value);
                }
            }
            String name = key == null ? "" : FieldText.of(values.get(key));
            if (key != null && !met.add(name)) {
                notes.add("row " + (i + 1) + " has the same key as one before it, \u201c" + name
                        + "\u201d: it is left out");
                continue;
            }
            Row there = byKey.get(name);
            if (there == null) {
                fresh.add(Row.of(ids.get(), values));
                continue;
            }
            Map<String, JsonNode> merged = new LinkedHashMap<>(there.values());
            fields.stream().filter(known::containsKey).forEach(merged::remove);
            values.forEach((field, value) -> {
                JsonNode said = there.values().get(field);
                // What is written alike is the same: 5 and 5.0.
                boolean alike = said != null && FieldText.of(said).equals(FieldText.of(value));
                merged.put(field, alike ? said : value);
            });
            if (merged.equals(there.values())) {
                same++;
            } else if (there.isLocked()) {
                locked++;
            } else {
                changed++;
            }
            taken.put(there.id(), there.isLocked() ? there : there.filledWith(merged));
        }
        List<Row> after = new ArrayList<>();
        int gone = 0;
        for (Row row : before.rows()) {
            boolean stays = taken.containsKey(row.id());
            if (!stays && key != null) {
                gone += row.isLocked() ? 0 : 1;
                locked += row.isLocked() ? 1 : 0;
            }
            if (stays || key == null || !removesGone || row.isLocked()) {
                after.add(taken.getOrDefault(row.id(), row));
            }
        }
        after.addAll(fresh);
        Table table = new Table(key == null ? before.key() : key, before.pattern(), before.from(), after);
        return new Intake(table, fresh.size(), changed, same, gone, locked, notes);
    }
}
