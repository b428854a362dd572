package knollwind.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.TextBlock;

/**
 * How words are built: of what, and what is done to it then. It is kept as the sentence that says it, in which ids stand for the
 * names of fields and blocks.
 */
public final class Wording {
    /** A step: what it says, what it comes to, and what is wrong with it; then it comes to what the step before came to. */
    public record Step(String says, String result, String problem) {}

    /** Where a field or the words of a block are named in a sentence, and what is said there. */
    public record Named(int from, int to, String id, boolean isBlock) {
        /** As it is kept. */
        public String said() {
            return said(id);
        }

        String said(String name) {
            return (isBlock ? "the words of " : "") + "\u2039" + name + "\u203a";
        }
    }

    /** A change, and its words in the sentence. */
    record Done(Change change, int from, int to) {}

    private static final int MOST_KNOWN = 500;
    private static final Map<String, Wording> KNOWN = new ConcurrentHashMap<>();

    private final String sentence;
    private final List<Source> sources;
    private final int sourcesEnd;
    private final List<Done> then;
    private final List<Named> names;

    Wording(String sentence, List<Source> sources, int sourcesEnd, List<Done> then, List<Named> names) {
        this.sentence = sentence;
        this.sources = sources;
        this.sourcesEnd = sourcesEnd;
        this.then = then;
        this.names = names;
    }

    /**
     * A sentence as it is kept.
     *
     * @throws knollwind.core.directions.grammar.DirectionException with the place where it cannot be read
     */
    public static Wording read(String kept) {
        if (KNOWN.size() > MOST_KNOWN) {
            KNOWN.clear();
        }
        return KNOWN.computeIfAbsent(kept, one -> new WordingReader(one, id -> id, id -> id).whole());
    }

    /**
     * A sentence as it is typed.
     *
     * @param fields the id of a field by its name
     * @param blocks the id of a block by its name; both throw where there is none
     * @return the sentence as it is kept
     */
    public static String typed(String sentence, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return new WordingReader(sentence, fields, blocks).whole().renamed(name -> name.said(name.id()));
    }

    /** The sentence as it is shown, by the names of fields and blocks. */
    public String shown(UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return renamed(name -> name.said((name.isBlock() ? blocks : fields).apply(name.id())));
    }

    /** Words as a sentence says them. */
    public static String quote(String words) {
        return WordingReader.quote(words);
    }

    /** The sentence with something else in the place of what it names. */
    public String renamed(Function<Named, String> how) {
        StringBuilder text = new StringBuilder();
        int end = 0;
        for (Named name : names) {
            text.append(sentence, end, name.from()).append(how.apply(name));
            end = name.to();
        }
        return text.append(sentence.substring(end)).toString();
    }

    /** Ids of the fields that it asks for. */
    public List<String> fields() {
        return names.stream()
                .filter(name -> !name.isBlock())
                .map(Named::id)
                .distinct()
                .toList();
    }

    /** Ids of the blocks whose words it takes. */
    public List<String> blocks() {
        return names.stream().filter(Named::isBlock).map(Named::id).distinct().toList();
    }

    /** Whether it comes to other words as time goes on. */
    public boolean changes() {
        return sources.stream().anyMatch(Source::changes);
    }

    /**
     * What it comes to; a step that cannot be done is passed over.
     *
     * @param time frames since the block came on
     */
    public String lastGood(double time, FrameRate rate, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return lastGood(said(time, rate, fields, blocks));
    }

    private String lastGood(Said said) {
        String words = begun(said, why -> {});
        for (Done done : then) {
            try {
                words = done.change().to(words);
            } catch (IllegalArgumentException undone) {
                // It is told at the step.
            }
        }
        return words.length() > TextBlock.LONGEST_TEXT ? words.substring(0, TextBlock.LONGEST_TEXT) : words;
    }

    /** What it is made of; what gives no words is told and left out. */
    private String begun(Said said, Consumer<String> problem) {
        StringBuilder words = new StringBuilder();
        for (Source source : sources) {
            try {
                words.append(source.words(said));
            } catch (IllegalArgumentException e) {
                problem.accept(e.getMessage());
            }
        }
        return words.toString();
    }

    String words(Said said) {
        String words = sources.stream().map(source -> source.words(said)).collect(Collectors.joining());
        for (Done done : then) {
            words = done.change().to(words);
        }
        return words.length() > TextBlock.LONGEST_TEXT ? words.substring(0, TextBlock.LONGEST_TEXT) : words;
    }

    private static Said said(double time, FrameRate rate, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return new Said() {
            @Override
            public String field(String id) {
                return fields.apply(id);
            }

            @Override
            public String block(String id) {
                return blocks.apply(id);
            }

            @Override
            public double time() {
                return time;
            }

            @Override
            public FrameRate rate() {
                return rate;
            }
        };
    }

    /** Its steps, each with its result. */
    public List<Step> steps(
            double time,
            FrameRate rate,
            UnaryOperator<String> fields,
            UnaryOperator<String> blocks,
            UnaryOperator<String> shownField,
            UnaryOperator<String> shownBlock) {
        Said said = said(time, rate, fields, blocks);
        List<Step> steps = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        String words = begun(said, problems::add);
        steps.add(new Step(part(0, sourcesEnd, shownField, shownBlock), words, String.join("; ", problems)));
        for (Done done : then) {
            String says = part(done.from(), done.to(), shownField, shownBlock);
            try {
                words = done.change().to(words);
                steps.add(new Step(says, words, ""));
            } catch (IllegalArgumentException e) {
                steps.add(new Step(says, words, e.getMessage()));
            }
        }
        return steps;
    }

    private String part(int from, int to, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        List<Named> inside = names.stream()
                .filter(name -> name.from() >= from && name.to() <= to)
                .map(name -> new Named(name.from() - from, name.to() - from, name.id(), name.isBlock()))
                .toList();
        return new Wording(sentence.substring(from, to), sources, 0, then, inside)
                .shown(fields, blocks)
                .strip();
    }
}
