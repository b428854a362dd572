package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.Completion;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Move;

/** Reads typed sentences of moves, and offers how they may go on. */
public final class MoveReader {
    private static final List<Clause> CLAUSES = List.of(
            new UnitClause(),
            new ChangeClause(),
            new EdgeClause(),
            new BehindClause(),
            new OnlyClause(),
            new OrderClause(),
            new MomentsClause(),
            new PaceClause(),
            new EasingClause(),
            new CycleClause(),
            new WaitClause(),
            new PivotClause(),
            new SeenClause(),
            new ArcClause(),
            new AreaClause(),
            new PushClause(),
            new WipeClause(),
            new LeadClause(),
            new CutClause(),
            new SharedClause(),
            new OwnClause(),
            new MutedClause());

    private MoveReader() {}

    /**
     * The move that the sentence tells. Clauses may come in any order; what is not said keeps its default.
     *
     * @param previous the move that is replaced, whose ids are kept; may be null
     * @throws DirectionException with the place and the likely words when something cannot be read
     */
    public static Move read(String sentence, PhaseKind phase, Move previous) {
        MoveDraft draft = new MoveDraft(phase, previous);
        Lexer words = new Lexer(strip(sentence));
        int offset = sentence.length() - strip(sentence).length();
        words.separators();
        if (words.atEnd()) {
            throw new DirectionException(
                    "the sentence is empty", 0, List.of("characters rise 0.6 em", "words fade in"));
        }
        try {
            while (!words.atEnd()) {
                clause(words, draft);
                words.separators();
            }
            return draft.move();
        } catch (DirectionException e) {
            throw new DirectionException(e.getMessage(), e.position() + offset, e.suggestions());
        }
    }

    /**
     * The same, in which everyday words are understood where the sentence cannot be read as it stands.
     *
     * @param perSecond frames of the scene, for what is said in seconds
     * @param beats of the scene, for what is said in beats; null without a tempo
     */
    public static Move readEveryday(
            String sentence, PhaseKind phase, Move previous, double perSecond, Beats beats, FormatPx px) {
        String printed = previous == null || px.plain() ? "" : MovePrinter.text(previous, phase);
        boolean whole = sentence.toLowerCase(Locale.ROOT).matches("(?s).*\\b(the|everything|it all|all of it)\\b.*")
                && !sentence.toLowerCase(Locale.ROOT)
                        .matches("(?s).*\\b(letters?|characters?|words?|lines?|glyphs?)\\b.*");
        return Everyday.read(
                sentence,
                one -> px.read(one, printed, kept -> read(kept, phase, previous)),
                () -> EverydayMoves.of(phase, perSecond, beats, whole));
    }

    /** A sentence may begin with the phase, "Arrives —", as it is printed on the page. */
    private static String strip(String sentence) {
        return sentence.replaceFirst("^(?i)\\s*(arrives|dwells|leaves)\\s*[\u2014:-]+\\s*", "");
    }

    private static void clause(Lexer words, MoveDraft draft) {
        int start = words.position();
        for (Clause clause : CLAUSES) {
            if (clause.read(words, draft)) {
                return;
            }
            words.back(start);
        }
        String word = words.next();
        throw new DirectionException(
                "\"" + word + "\" cannot be read here",
                start,
                Completion.likely(word, openings(draft.phase).toList()));
    }

    private static Stream<String> openings(PhaseKind phase) {
        return CLAUSES.stream().flatMap(clause -> clause.openings(phase).stream());
    }

    /**
     * How the sentence may go on after what is typed: whole phrases, of which the last typed words are the beginning.
     *
     * @param typed the sentence up to the caret
     */
    public static List<Completion> complete(String typed, PhaseKind phase) {
        MoveDraft draft = new MoveDraft(phase, null);
        Lexer words = new Lexer(typed);
        words.separators();
        int start = words.position();
        boolean open = false;
        try {
            while (!words.atEnd()) {
                start = words.position();
                clause(words, draft);
                open = words.rest().isEmpty();
                words.separators();
            }
            if (!open) {
                start = words.position();
            }
        } catch (IllegalArgumentException unfinished) {
            // What cannot be read is what is still being typed.
        }
        String begun = typed.substring(Math.min(start, typed.length())).toLowerCase(Locale.ROOT);
        int from = start;
        List<Completion> completions = new ArrayList<>();
        for (Clause clause : CLAUSES) {
            boolean said = clause instanceof UnitClause && draft.unit != null;
            for (String opening : said ? List.<String>of() : clause.openings(phase)) {
                if (opening.startsWith(begun) && !opening.equals(begun)) {
                    completions.add(new Completion(opening, from));
                }
            }
        }
        if (draft.unit == null && begun.isEmpty()) {
            return completions.subList(0, Math.min(4, completions.size()));
        }
        return completions.subList(0, Math.min(12, completions.size()));
    }
}
