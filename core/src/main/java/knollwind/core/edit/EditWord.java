package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;

/**
 * A correction of one word of a voice. What has been corrected is sure, and kept when words are found anew.
 *
 * @param voice SHA-256 of the recording
 * @param word its id
 * @param text of {@code RETYPE} and {@code INSERT}; several words are told apart at their spaces. Null for the others
 * @param second of {@code START}, {@code END} and {@code SPLIT}; null for the others
 */
public record EditWord(String voice, String word, Deed deed, String text, Double second) implements Intent {
    /** What is done to the word. */
    public enum Deed {
        /** Where it begins; the end of the word before goes along where the two meet. */
        @JsonProperty("start")
        START,
        /** Where it ends; the start of the next goes along where the two meet. */
        @JsonProperty("end")
        END,
        @JsonProperty("retype")
        RETYPE,
        /** Into two, at a second; letters go by the time they take. */
        @JsonProperty("split")
        SPLIT,
        /** With the next. */
        @JsonProperty("join")
        JOIN,
        /** Another one after it. */
        @JsonProperty("insert")
        INSERT,
        @JsonProperty("remove")
        REMOVE,
        /** It is right as it is. */
        @JsonProperty("confirm")
        CONFIRM
    }

    /** Seconds: nearer than this, two words meet. */
    private static final double MEET = 0.0015;

    public EditWord {
        Check.present(deed, "what is done to the word");
    }

    @Override
    public Outcome on(Draft draft) {
        Voice spoken = Voices.of(draft.project(), voice);
        int place = Voices.index(spoken, word);
        VoiceWord own = spoken.words().get(place);
        VoiceWord last = place == 0 ? null : spoken.words().get(place - 1);
        VoiceWord next =
                place + 1 == spoken.words().size() ? null : spoken.words().get(place + 1);
        List<Operation> operations = switch (deed) {
            case START -> start(spoken, own, last);
            case END -> end(spoken, own, next);
            case RETYPE -> retyped(spoken, place, own, Check.text(text, 2000, "the word"));
            case SPLIT -> split(spoken, place, own);
            case JOIN -> join(spoken, own, next);
            case INSERT -> insert(spoken, place, own, next);
            case REMOVE -> List.of(new Operation.Remove(Voices.path(spoken, own)));
            case CONFIRM -> List.of(Voices.set(spoken, right(own)));
        };
        return Outcome.of(operations, "");
    }

    private static VoiceWord right(VoiceWord word) {
        return word.with(one -> one.byHand(true).doubt(null).sure(1.0));
    }

    private List<Operation> start(Voice spoken, VoiceWord own, VoiceWord last) {
        double least = last == null ? 0 : last.start() + Voices.LEAST;
        double at = Voices.rounded(Math.max(least, Math.min(asked(), own.end() - Voices.LEAST)));
        List<Operation> operations = new ArrayList<>();
        operations.add(Voices.set(spoken, right(own).withStart(at)));
        if (last != null && (last.end() > at || own.start() - last.end() < MEET)) {
            operations.add(Voices.set(spoken, last.withEnd(at)));
        }
        return operations;
    }

    private List<Operation> end(Voice spoken, VoiceWord own, VoiceWord next) {
        double most = next == null ? Double.MAX_VALUE : next.end() - Voices.LEAST;
        double at = Voices.rounded(Math.min(most, Math.max(asked(), own.start() + Voices.LEAST)));
        List<Operation> operations = new ArrayList<>();
        operations.add(Voices.set(spoken, right(own).withEnd(at)));
        if (next != null && (next.start() < at || next.start() - own.end() < MEET)) {
            operations.add(Voices.set(spoken, next.withStart(at)));
        }
        return operations;
    }

    private double asked() {
        if (second == null || !Double.isFinite(second)) {
            throw new IllegalArgumentException("say at which second of the recording");
        }
        return second;
    }

    /** Several words share the time of the one by their letters. */
    private static List<Operation> retyped(Voice spoken, int place, VoiceWord own, String typed) {
        List<String> texts = texts(typed);
        List<Operation> operations = new ArrayList<>();
        List<VoiceWord> made = shared(Voices.ids(spoken), own, texts);
        operations.add(Voices.set(spoken, made.get(0)));
        for (int i = 1; i < made.size(); i++) {
            operations.add(inserted(spoken, place + i, made.get(i)));
        }
        return operations;
    }

    /** The first part keeps the id. */
    private static List<VoiceWord> shared(Ids ids, VoiceWord own, List<String> texts) {
        int letters = texts.stream().mapToInt(String::length).sum();
        List<VoiceWord> made = new ArrayList<>();
        double at = own.start();
        for (String text : texts) {
            double to = at + (own.end() - own.start()) * text.length() / letters;
            VoiceWord part =
                    Voices.word(made.isEmpty() ? own.id() : ids.first("w"), text, at, to, own.sure(), own.doubt());
            made.add(part.withByHand(own.byHand()));
            at = to;
        }
        return made;
    }

    private static List<String> texts(String typed) {
        List<String> texts = List.of(typed.strip().split("\\s+"));
        if (texts.get(0).isEmpty()) {
            throw new IllegalArgumentException("a word needs letters; to take it away, press Delete");
        }
        return texts;
    }

    private static Operation inserted(Voice spoken, int place, VoiceWord word) {
        return new Operation.Insert("voices/" + spoken.id() + "/words", place, DocumentJson.tree(word));
    }

    private List<Operation> split(Voice spoken, int place, VoiceWord own) {
        String all = own.text();
        if (all.length() < 2) {
            throw new IllegalArgumentException("a word of one letter cannot be split");
        }
        double at = Voices.rounded(Math.max(own.start() + Voices.LEAST, Math.min(asked(), own.end() - Voices.LEAST)));
        double part = (at - own.start()) / (own.end() - own.start());
        int letters = (int) Math.max(1, Math.min(all.length() - 1, Math.round(part * all.length())));
        VoiceWord second = Voices.word(
                Voices.ids(spoken).first("w"), all.substring(letters), at, own.end(), own.sure(), own.doubt());
        return List.of(
                Voices.set(
                        spoken,
                        own.with(one -> one.text(all.substring(0, letters)).end(at))),
                inserted(spoken, place + 1, second));
    }

    private static List<Operation> join(Voice spoken, VoiceWord own, VoiceWord next) {
        if (next == null) {
            throw new IllegalArgumentException("there is no word after the last one to join it with");
        }
        return List.of(
                Voices.set(
                        spoken,
                        own.with(one -> one.text(own.text() + next.text()).end(next.end()))),
                new Operation.Remove(Voices.path(spoken, next)));
    }

    private List<Operation> insert(Voice spoken, int place, VoiceWord own, VoiceWord next) {
        List<String> texts = texts(Check.text(text, 2000, "the word"));
        double from = own.end();
        double to = next == null ? from + 0.3 * texts.size() : next.start();
        List<Operation> operations = new ArrayList<>();
        if (to - from < 2 * Voices.LEAST * texts.size()) {
            // There is no room between the two: the new ones take a part of the one they follow.
            to = own.end();
            from = Voices.rounded(own.end() - (own.end() - own.start()) / 3);
            operations.add(Voices.set(spoken, own.withEnd(from)));
        }
        Ids ids = Voices.ids(spoken);
        VoiceWord room = Voices.word(ids.first("w"), "room", from, to, null, null);
        List<VoiceWord> made = shared(ids, room, texts);
        for (int i = 0; i < made.size(); i++) {
            operations.add(inserted(spoken, place + 1 + i, made.get(i)));
        }
        return operations;
    }
}
