package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.PlacedWord;
import knollwind.core.scene.TextBlock;

/** Prints where words with a resting place of their own stand: "“BOAT” stands 20 px to the right, 40 px lower, turned 5°." */
public final class PlacedWordWords {
    private PlacedWordWords() {}

    public static List<Sentence> print(TextBlock block, String path) {
        List<Sentence> sentences = new ArrayList<>();
        for (PlacedWord word : block.placed()) {
            if (word.to() <= block.text().length()) {
                sentences.add(print(block, word, path + "/placed/" + word.id()));
            }
        }
        return sentences;
    }

    private static Sentence print(TextBlock block, PlacedWord word, String at) {
        Sentence.Builder out = new Sentence.Builder();
        out.plain("\u201c" + block.text().substring(word.from(), word.to()).replaceAll("\\s+", " ") + "\u201d stands ");
        number(out, Say.number(word.x()) + " px across", "across", word.x(), "px", 2000, 1, at + "/x", 1);
        out.plain(", ");
        number(out, Say.number(word.y()) + " px down", "down", word.y(), "px", 2000, 1, at + "/y", 1);
        out.plain(" from its line, ");
        number(
                out,
                "turned " + Say.number(word.rotation()) + "\u00b0",
                "turn",
                word.rotation(),
                "\u00b0",
                180,
                1,
                at + "/rotation",
                1);
        out.plain(", at ");
        Control scale = Values.number("size", Say.shownPercent(word.scale()), "%", 5, 500, 1, at + "/scale", 0.01);
        out.part(Say.percent(word.scale()), new Part("size", List.of(scale), ""));
        return out.plain(".").build(at);
    }

    private static void number(
            Sentence.Builder out,
            String text,
            String name,
            double value,
            String unit,
            double reach,
            double step,
            String at,
            double factor) {
        Control control = Values.number(name, value, unit, -reach, reach, step, at, factor);
        out.part(text, new Part(name, List.of(control), ""));
    }
}
