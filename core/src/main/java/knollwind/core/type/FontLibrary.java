package knollwind.core.type;

import io.github.humbleui.skija.Typeface;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Face;
import tools.jackson.databind.JsonNode;

/**
 * The shipped families and the fallback chain. System fonts are never asked: they differ between machines. One library
 * serves a whole process and is safe for threads.
 */
public final class FontLibrary {
    private final Map<String, FontFile> files = new LinkedHashMap<>();
    private final Map<String, Map<String, List<FontFile>>> families = new LinkedHashMap<>();
    private final Map<String, String> kinds = new LinkedHashMap<>();
    private final List<FontFile> fallback = new ArrayList<>();

    public FontLibrary() {
        JsonNode catalogue;
        try (InputStream in = FontLibrary.class.getResourceAsStream("/knollwind/fonts/catalogue.json")) {
            catalogue = DocumentJson.MAPPER.readTree(in);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        for (JsonNode family : catalogue.get("families")) {
            Map<String, List<FontFile>> styles = new LinkedHashMap<>();
            for (JsonNode file : family.get("files")) {
                styles.computeIfAbsent(file.get("style").asString(), style -> new ArrayList<>())
                        .add(file(file.get("file").asString()));
            }
            families.put(family.get("name").asString(), styles);
            kinds.put(family.get("name").asString(), family.get("kind").asString());
        }
        for (JsonNode file : catalogue.get("fallback")) {
            fallback.add(file(file.asString()));
        }
    }

    private FontFile file(String name) {
        return files.computeIfAbsent(name, FontFile::new);
    }

    /** The families a designer can choose from. */
    public List<FontFamily> families() {
        return families.entrySet().stream()
                .map(entry -> {
                    FontFile first = entry.getValue().get("normal").get(0);
                    return new FontFamily(
                            entry.getKey(),
                            kinds.get(entry.getKey()),
                            List.copyOf(entry.getValue().keySet()),
                            first.axes(),
                            first.sha256());
                })
                .toList();
    }

    /** True when the face's family is shipped. */
    public boolean knows(Face face) {
        return families.containsKey(face.family());
    }

    /** The standard face of a family; unknown names are refused with the list of families. */
    public Face face(String family, Map<String, Double> axes) {
        FontFamily found = families().stream()
                .filter(candidate -> candidate.name().equalsIgnoreCase(family))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "there is no family '" + family + "'; there are " + String.join(", ", families.keySet())));
        return new Face(found.name(), "normal", axes, found.sha256());
    }

    /**
     * The typefaces to try for a face, in order: the files of its family and style, those of the family's normal style,
     * then the fallback chain. An unknown family starts at the fallback chain.
     */
    List<Typeface> chain(Face face) {
        List<Typeface> chain = new ArrayList<>();
        Map<String, List<FontFile>> styles = families.getOrDefault(face.family(), Map.of());
        for (FontFile file : styles.getOrDefault(face.style(), List.of())) {
            chain.add(file.at(face.axes()));
        }
        if (!face.style().equals("normal")) {
            for (FontFile file : styles.getOrDefault("normal", List.of())) {
                chain.add(file.at(face.axes()));
            }
        }
        for (FontFile file : fallback) {
            chain.add(file.at(face.axes()));
        }
        return chain;
    }
}
