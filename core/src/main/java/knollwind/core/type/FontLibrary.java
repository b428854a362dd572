package knollwind.core.type;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.scene.Face;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The shipped families, those that people brought along, and the fallback chain. System fonts are never asked: they differ between machines. One library
 * serves a whole process and is safe for threads.
 */
public final class FontLibrary {
    /** The kind of families that people brought along. */
    public static final String OWN = "own";

    private final Map<String, FontFile> files = new LinkedHashMap<>();
    private final Map<String, Map<String, List<FontFile>>> families = new LinkedHashMap<>();
    private final Map<String, String> kinds = new LinkedHashMap<>();
    private final List<FontFile> fallback = new ArrayList<>();
    private final GlyphPictures pictures = new GlyphPictures();
    private volatile Map<String, FontFile> own = Map.of();
    private volatile int version;
    private List<FontFamily> list;

    public FontLibrary() {
        JsonNode catalogue;
        try (InputStream in = FontLibrary.class.getResourceAsStream("/knollwind/fonts/catalogue.json")) {
            catalogue = JsonMapper.shared().readTree(in);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        for (JsonNode family : catalogue.get("families")) {
            Map<String, List<FontFile>> styles = new LinkedHashMap<>();
            for (JsonNode file : family.get("files")) {
                styles.computeIfAbsent(file.get("style").asString(), style -> new ArrayList<>())
                        .add(file(file));
            }
            families.put(family.get("name").asString(), styles);
            kinds.put(family.get("name").asString(), family.get("kind").asString());
        }
        for (JsonNode file : catalogue.get("fallback")) {
            fallback.add(file(file));
        }
    }

    private FontFile file(JsonNode entry) {
        return files.computeIfAbsent(
                entry.get("file").asString(),
                name -> new FontFile(name, Coverage.read(entry.get("ranges").asString())));
    }

    /** The families a designer can choose from. */
    public synchronized List<FontFamily> families() {
        if (list == null) {
            list = readFamilies();
        }
        return list;
    }

    GlyphPictures pictures() {
        return pictures;
    }

    /** The PNG file of a colour glyph that was set, by its SHA-256. */
    public Optional<byte[]> picture(String sha256) {
        return pictures.file(sha256);
    }

    /** Rises when families come or go: what was set before may look different now. */
    public int version() {
        return version;
    }

    /**
     * Adds a face that was brought along. Where its name is taken by another file, a number is put after it; a file that is
     * here already is not added again.
     *
     * @return the name it can be chosen by
     */
    public synchronized String add(OwnFont font) {
        String name = font.family();
        for (int number = 2; taken(name); number++) {
            FontFile there = own.get(name);
            if (there != null && there.name().equals(font.sha256())) {
                return name;
            }
            name = font.family() + " " + number;
        }
        Map<String, FontFile> more = new LinkedHashMap<>(own);
        more.put(name, new FontFile(font));
        own = more;
        list = null;
        version++;
        return name;
    }

    private boolean taken(String name) {
        return Stream.concat(families.keySet().stream(), own.keySet().stream())
                .anyMatch(other -> other.equalsIgnoreCase(name));
    }

    /** The place in its file of a face that was brought along. */
    public int indexOf(String family) {
        return own.get(family).index();
    }

    /** Takes away the faces of a file that was brought along. */
    public synchronized void remove(String sha256) {
        Map<String, FontFile> fewer = new LinkedHashMap<>(own);
        fewer.values().removeIf(file -> file.name().equals(sha256));
        own = fewer;
        list = null;
        version++;
    }

    private List<FontFamily> readFamilies() {
        Stream<FontFamily> brought = own.entrySet().stream()
                .map(entry -> new FontFamily(
                        entry.getKey(),
                        OWN,
                        List.of("normal"),
                        entry.getValue().axes(),
                        entry.getValue().features(),
                        entry.getValue().sha256()));
        return Stream.concat(brought, shipped()).toList();
    }

    private Stream<FontFamily> shipped() {
        return families.entrySet().stream().map(entry -> {
            FontFile first = entry.getValue().get("normal").get(0);
            return new FontFamily(
                    entry.getKey(),
                    kinds.get(entry.getKey()),
                    List.copyOf(entry.getValue().keySet()),
                    first.axes(),
                    first.features(),
                    first.sha256());
        });
    }

    /**
     * A shipped file as a page may use it.
     *
     * @param ranges the characters it is there for, as in CSS
     */
    public record ShippedFile(FontFamily family, String style, String name, String ranges) {}

    /** The files of all families. */
    public List<ShippedFile> files() {
        List<ShippedFile> shipped = new ArrayList<>();
        for (FontFamily family : shipped().toList()) {
            families.get(family.name())
                    .forEach((style, files) -> files.forEach(file -> shipped.add(new ShippedFile(
                            family, style, file.name(), file.coverage().text()))));
        }
        return shipped;
    }

    /**
     * A shipped file of the fallback chain.
     *
     * @param ranges the characters it is there for, as in CSS
     */
    public record FallbackFile(String name, String ranges) {}

    /** The files of the fallback chain that say what they are there for, in their order. */
    public List<FallbackFile> fallbackFiles() {
        return fallback.stream()
                .filter(file -> file.coverage() != Coverage.ALL)
                .map(file -> new FallbackFile(file.name(), file.coverage().text()))
                .toList();
    }

    /** The content of a shipped file; nothing when there is none of this name. */
    public Optional<byte[]> content(String name) {
        return Optional.ofNullable(files.get(name)).map(FontFile::bytes);
    }

    /** True when the face's family is here. */
    public boolean knows(Face face) {
        return families.containsKey(face.family()) || own.containsKey(face.family());
    }

    /** The standard face of a family; unknown names are refused with the list of families. */
    public Face face(String family, Map<String, Double> axes) {
        FontFamily found = families().stream()
                .filter(candidate -> candidate.name().equalsIgnoreCase(family))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no family '" + family + "'; there are "
                        + families().stream().map(FontFamily::name).collect(Collectors.joining(", "))));
        return new Face(found.name(), "normal", axes, found.sha256());
    }

    /**
     * The files to try for a face, in order: those of its family and style, those of the family's normal style, then the
     * fallback chain. An unknown family starts at the fallback chain.
     */
    FaceChain chain(Face face) {
        List<FontFile> chain = new ArrayList<>();
        FontFile brought = own.get(face.family());
        if (brought != null) {
            chain.add(brought);
        }
        Map<String, List<FontFile>> styles = families.getOrDefault(face.family(), Map.of());
        chain.addAll(styles.getOrDefault(face.style(), List.of()));
        if (!face.style().equals("normal")) {
            chain.addAll(styles.getOrDefault("normal", List.of()));
        }
        return new FaceChain(chain, fallback, face.axes());
    }
}
