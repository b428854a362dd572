package knollwind.core.speech;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Words as lines of JSON: {"word": …, "start": …, "end": …, "sure": …}, seconds. */
public final class WordLines {
    private static final JsonMapper JSON = JsonMapper.shared();

    private WordLines() {}

    /** @throws IllegalArgumentException with the number of the line that cannot be read */
    public static List<SpokenWord> read(String text) {
        List<SpokenWord> words = new ArrayList<>();
        int number = 0;
        for (String line : text.split("\n")) {
            number++;
            if (!line.isBlank()) {
                words.add(word(line, number));
            }
        }
        return words;
    }

    private static SpokenWord word(String line, int number) {
        try {
            JsonNode node = JSON.readTree(line);
            if (!node.path("word").isString()
                    || !node.path("start").isNumber()
                    || !node.path("end").isNumber()) {
                throw new IllegalArgumentException("it needs a word, a start and an end");
            }
            return new SpokenWord(
                    node.path("word").asString(),
                    node.path("start").asDouble(),
                    node.path("end").asDouble(),
                    node.path("sure").isNumber() ? node.path("sure").asDouble() : null);
        } catch (JacksonException | IllegalArgumentException unread) {
            throw new IllegalArgumentException("line " + number
                    + " is no word with its times, such as {\"word\":\"home\",\"start\":1.2,\"end\":1.5}: "
                    + (unread instanceof JacksonException ? "it is no JSON" : unread.getMessage()));
        }
    }

    public static String write(List<SpokenWord> words) {
        StringBuilder out = new StringBuilder();
        for (SpokenWord word : words) {
            Map<String, Object> line = new LinkedHashMap<>();
            line.put("word", word.text());
            line.put("start", word.start());
            line.put("end", word.end());
            if (word.sure() != null) {
                line.put("sure", word.sure());
            }
            out.append(JSON.writeValueAsString(line)).append('\n');
        }
        return out.toString();
    }
}
