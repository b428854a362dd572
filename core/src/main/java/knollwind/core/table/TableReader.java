package knollwind.core.table;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads tables: comma-separated values and their like (RFC 4180), lists of objects in JSON, and the first sheet of an Office Open XML workbook
 * (ISO/IEC 29500). What is to be guessed is told.
 */
public final class TableReader {
    /** Bytes of a file. */
    public static final long MOST_BYTES = 100L << 20;

    private static final List<Character> SEPARATORS = List.of(',', ';', '\t', '|');

    private static final Map<Character, String> SAID =
            Map.of(',', "comma", ';', "semicolon", '\t', "tab", '|', "upright line");

    /** Characters from which the separator is guessed. */
    private static final int LOOKED_AT = 20_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private TableReader() {}

    /**
     * @param separator "comma", "semicolon", "tab" or "upright line"; null to guess
     * @param headed whether the first line names the columns; null to guess
     * @throws IllegalArgumentException with what is wrong with it and where, in words
     */
    public static TableFile read(byte[] file, String separator, Boolean headed) {
        if (file.length > MOST_BYTES) {
            throw new IllegalArgumentException("a table's file has at most " + (MOST_BYTES >> 20) + " MB");
        }
        if (begins(file, 'P', 'K')) {
            return TableFile.of("", "", SheetReader.lines(file), headed);
        }
        Charset charset = charset(file);
        String text = new String(file, charset);
        return read(text.startsWith("\ufeff") ? text.substring(1) : text, charset.name(), separator, headed);
    }

    /** Text that was pasted. */
    public static TableFile read(String text, String separator, Boolean headed) {
        return read(text, "", separator, headed);
    }

    private static TableFile read(String text, String encoding, String separator, Boolean headed) {
        if (text.indexOf('\0') >= 0) {
            throw new IllegalArgumentException(
                    "this is no table of text; save it as comma-separated values, UTF-8, and take that in");
        }
        String start = text.stripLeading();
        if (start.startsWith("[") || start.startsWith("{")) {
            return json(text, encoding);
        }
        char between = separator == null ? guessed(text) : byName(separator);
        return TableFile.of(encoding, SAID.get(between), lines(text, between), headed);
    }

    /** Lines of cells of pasted text, as a spreadsheet gives them. */
    public static List<List<String>> cells(String text) {
        return lines(text, text.indexOf('\t') >= 0 ? '\t' : guessed(text));
    }

    private static char byName(String separator) {
        return SAID.entrySet().stream()
                .filter(one -> one.getValue().equals(separator))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "cells are separated by a comma, semicolon, tab or upright line, not by '" + separator + "'"));
    }

    /** By its mark; then UTF-8 where it is that; else what its bytes look like most. */
    private static Charset charset(byte[] file) {
        if (begins(file, 0xef, 0xbb, 0xbf)) {
            return StandardCharsets.UTF_8;
        }
        if (begins(file, 0xff, 0xfe)) {
            return StandardCharsets.UTF_16LE;
        }
        if (begins(file, 0xfe, 0xff)) {
            return StandardCharsets.UTF_16BE;
        }
        try {
            StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file));
            return StandardCharsets.UTF_8;
        } catch (CharacterCodingException other) {
            CharsetMatch match = new CharsetDetector().setText(file).detect();
            return match != null && Charset.isSupported(match.getName())
                    ? Charset.forName(match.getName())
                    : StandardCharsets.ISO_8859_1;
        }
    }

    private static boolean begins(byte[] file, int... bytes) {
        for (int i = 0; i < bytes.length; i++) {
            if (file.length <= i || (file[i] & 255) != bytes[i]) {
                return false;
            }
        }
        return true;
    }

    /** The one that cuts most lines into as many cells as the first; among those the one that makes most cells. */
    private static char guessed(String text) {
        String looked = text.length() > LOOKED_AT ? text.substring(0, text.lastIndexOf('\n', LOOKED_AT) + 1) : text;
        char best = ',';
        double most = 0;
        for (char candidate : SEPARATORS) {
            List<List<String>> lines;
            try {
                lines = lines(looked.isEmpty() ? text : looked, candidate);
            } catch (IllegalArgumentException unreadable) {
                continue;
            }
            int cells = lines.isEmpty() ? 1 : lines.get(0).size();
            double alike =
                    lines.stream().filter(line -> line.size() == cells).count() / (double) Math.max(1, lines.size());
            if (cells > 1 && alike * Math.sqrt(cells) > most) {
                most = alike * Math.sqrt(cells);
                best = candidate;
            }
        }
        return best;
    }

    private static List<List<String>> lines(String text, char separator) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        List<List<String>> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(format)
                .get()) {
            for (CSVRecord line : parser) {
                lines.add(line.toList());
            }
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new IllegalArgumentException(
                    "this table cannot be read beyond its row " + lines.size()
                            + ": quotes that open there do not close",
                    e);
        }
        return lines;
    }

    private static TableFile json(String text, String encoding) {
        JsonNode root;
        try {
            root = JSON.readTree(text);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("this begins like JSON and is none: " + e.getOriginalMessage(), e);
        }
        JsonNode list = root.isArray() ? root : root.path("rows");
        if (!list.isArray() || list.isEmpty() || !list.valueStream().allMatch(JsonNode::isObject)) {
            throw new IllegalArgumentException("a table in JSON is a list of objects, one for each row");
        }
        Set<String> names = new LinkedHashSet<>();
        list.forEach(row -> names.addAll(row.propertyNames()));
        List<List<String>> lines = new ArrayList<>();
        lines.add(List.copyOf(names));
        for (JsonNode row : list) {
            lines.add(names.stream()
                    .map(name -> row.path(name).isNull()
                            ? ""
                            : row.path(name).asString(row.path(name).toString()))
                    .map(cell -> cell.equals("\"\"") ? "" : cell)
                    .toList());
        }
        return TableFile.of(encoding, "", lines, true);
    }
}
