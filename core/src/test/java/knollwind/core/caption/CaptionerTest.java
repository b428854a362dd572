package knollwind.core.caption;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.CaptionRules.Breaks;
import knollwind.core.scene.ReadingSpeed;
import knollwind.core.speech.SpokenWord;
import org.junit.jupiter.api.Test;

/** Words to captions, by rules. */
class CaptionerTest {
    private static final String STORY =
            "The last boat home leaves at eleven. Bring a coat, the deck is windy after nine,"
                    + " and mind the ramp at Coldharbour Steps when the water is low. Skipper Ines Tarrow will not wait for anybody,"
                    + " not even for the 22 crates of lamps that Mr. Odd Fenwright brings from Saltmarket.";

    private static ReadingSpeed speed(double most) {
        return new ReadingSpeed(most, ReadingSpeed.Unit.CHARACTERS);
    }

    private static CaptionRules rules(int perLine, int lines, double fastest) {
        return new CaptionRules(perLine, lines, 0.7, 6, 0.08, speed(fastest), CaptionRules.ANY, Breaks.SENTENCES);
    }

    /** Spoken at so many characters a second, with a pause behind each mark. */
    private static List<SpokenWord> spoken(String text, double rate, double pause) {
        List<SpokenWord> words = new ArrayList<>();
        double at = 0.5;
        for (String word : text.split(" ")) {
            double length = word.length() / rate;
            words.add(new SpokenWord(word, at, at + length, null));
            at += length + 1 / rate + (word.matches(".*[.,]") ? pause : 0);
        }
        return words;
    }

    private static List<String> texts(Captioned made) {
        return made.captions().stream().map(Caption::text).toList();
    }

    @Test
    void a_short_word_does_not_stand_alone_on_a_line() {
        assertThat(BrokenLines.of("Please keep your coats on.", rules(24, 2, 30)))
                .isEqualTo("Please keep\nyour coats on.");
    }

    @Test
    void captions_end_with_sentences_and_clauses_and_keep_names_and_numbers_together() {
        Captioned made = Captioner.make(spoken(STORY, 14, 0.4), rules(37, 2, 17));
        assertThat(made.broken()).isEmpty();
        assertThat(texts(made))
                .contains("The last boat home leaves at eleven.")
                .allSatisfy(text -> assertThat(text)
                        .doesNotEndWith(" the")
                        .doesNotEndWith(" at")
                        .doesNotEndWith(" of")
                        .doesNotEndWith(" 22")
                        .doesNotEndWith("Ines")
                        .doesNotEndWith("Coldharbour"));
        assertThat(String.join(" ", texts(made))).isEqualTo(STORY);
    }

    @Test
    void broken_at_commas_first_they_are_shorter() {
        CaptionRules sentences = rules(60, 1, 30);
        CaptionRules commas = new CaptionRules(60, 1, 0.7, 6, 0.08, speed(30), CaptionRules.ANY, Breaks.CLAUSES);
        List<SpokenWord> words = spoken("Bring a coat, the deck is windy, and mind the ramp.", 14, 0.4);
        assertThat(texts(Captioner.make(words, sentences))).hasSize(1);
        assertThat(texts(Captioner.make(words, commas)))
                .containsExactly("Bring a coat,", "the deck is windy,", "and mind the ramp.");
    }

    /** Whatever the words and rules, no caption breaks a rule unless it is said, and none lies over the next. */
    @Test
    void rules_hold_or_it_is_said() {
        Random random = new Random(15);
        for (int i = 0; i < 60; i++) {
            CaptionRules rules = anyRules(random);
            Captioned made = Captioner.make(anyWords(random, 40), rules);
            List<Caption> captions = made.captions();
            for (int k = 0; k < captions.size(); k++) {
                Caption one = captions.get(k);
                boolean kept = one.lines().size() <= rules.lines()
                        && one.lines().stream().allMatch(line -> Caption.characters(line) <= rules.perLine())
                        && one.length() >= rules.shortest() - 1e-9
                        && one.length() <= rules.longest() + 1e-9
                        && one.speed() <= rules.fastest().most() + 1e-6;
                boolean said = made.broken().stream().anyMatch(text -> text.contains(one.text()));
                assertThat(kept || said).as(one.text() + " by " + rules).isTrue();
                if (k + 1 < captions.size()) {
                    assertThat(one.end())
                            .isLessThanOrEqualTo(captions.get(k + 1).start());
                }
            }
        }
    }

    /** No single break that is put elsewhere, taken away or added makes it cheaper. */
    @Test
    void the_optimum_beats_every_single_change_of_a_break() {
        Random random = new Random(16);
        for (int i = 0; i < 40; i++) {
            List<SpokenWord> words = anyWords(random, 30);
            CaptionRules rules = anyRules(random);
            List<Integer> best = Captioner.make(words, rules).begins();
            double least = Captioner.cost(words, rules, best);
            for (int at = 1; at < words.size(); at++) {
                List<Integer> other = new ArrayList<>(best);
                int place = other.indexOf(at);
                if (place > 0) {
                    other.remove(place);
                    assertThat(Captioner.cost(words, rules, other)).isGreaterThanOrEqualTo(least - 1e-6);
                    for (int moved : new int[] {at - 1, at + 1}) {
                        List<Integer> shifted = new ArrayList<>(other);
                        if (moved > 0 && moved < words.size() && !shifted.contains(moved)) {
                            shifted.add(place, moved);
                            assertThat(Captioner.cost(
                                            words,
                                            rules,
                                            shifted.stream().sorted().toList()))
                                    .isGreaterThanOrEqualTo(least - 1e-6);
                        }
                    }
                } else {
                    other.add(at);
                    assertThat(Captioner.cost(
                                    words, rules, other.stream().sorted().toList()))
                            .isGreaterThanOrEqualTo(least - 1e-6);
                }
            }
        }
    }

    @Test
    void the_voice_said_later_gives_the_same_captions_later() {
        List<SpokenWord> words = spoken(STORY, 13, 0.3);
        List<SpokenWord> later = words.stream()
                .map(word -> new SpokenWord(word.text(), word.start() + 7, word.end() + 7, null))
                .toList();
        Captioned first = Captioner.make(words, rules(37, 2, 17));
        Captioned second = Captioner.make(later, rules(37, 2, 17));
        assertThat(texts(second)).isEqualTo(texts(first));
        for (int i = 0; i < first.captions().size(); i++) {
            assertThat(second.captions().get(i).start())
                    .isCloseTo(first.captions().get(i).start() + 7, within(1e-9));
            assertThat(second.captions().get(i).end())
                    .isCloseTo(first.captions().get(i).end() + 7, within(1e-9));
        }
    }

    @Test
    void one_word_each_a_line_that_is_too_short_and_nothing_at_all() {
        List<SpokenWord> words = spoken("Mind the extraordinarily slippery ramp.", 14, 0.4);
        CaptionRules single = new CaptionRules(30, 1, 0.1, 3, 0, speed(60), 1, Breaks.SENTENCES);
        assertThat(Captioner.make(words, single).captions()).hasSize(5);
        Captioned narrow = Captioner.make(words, rules(10, 1, 40));
        assertThat(narrow.broken()).anyMatch(said -> said.contains("has a line of 15 characters; 10 are allowed."));
        assertThat(Captioner.make(List.of(), single).captions()).isEmpty();
        assertThatThrownBy(() -> Captioner.make(List.of(words.get(1), words.get(0)), single))
                .hasMessageContaining("before the one before it has ended");
    }

    @Test
    void lines_are_parted_where_it_reads_well_and_look_alike() {
        Captioned made = Captioner.make(
                spoken("Bring a coat and a warm hat, the deck is very windy tonight.", 14, 0), rules(37, 2, 30));
        assertThat(made.captions().get(0).lines())
                .containsExactly("Bring a coat and a warm hat,", "the deck is very windy tonight.");
    }

    private static List<SpokenWord> anyWords(Random random, int count) {
        List<SpokenWord> words = new ArrayList<>();
        double at = random.nextDouble();
        for (int i = 0; i < count; i++) {
            String letters = IntStream.range(0, 1 + random.nextInt(9))
                    .mapToObj(k -> "" + (char) ('a' + random.nextInt(26)))
                    .reduce("", String::concat);
            String mark = random.nextInt(7) == 0 ? "." : random.nextInt(6) == 0 ? "," : "";
            double length = 0.05 + random.nextDouble() * 0.5;
            words.add(new SpokenWord(letters + mark, at, at + length, null));
            at += length + (random.nextInt(3) == 0 ? random.nextDouble() : 0);
        }
        return words;
    }

    private static CaptionRules anyRules(Random random) {
        double shortest = 0.3 + random.nextDouble();
        return new CaptionRules(
                12 + random.nextInt(30),
                1 + random.nextInt(3),
                shortest,
                shortest + 1 + random.nextDouble() * 4,
                random.nextInt(3) * 0.04,
                speed(8 + random.nextInt(20)),
                random.nextInt(4) == 0 ? 1 + random.nextInt(5) : CaptionRules.ANY,
                random.nextBoolean() ? Breaks.SENTENCES : Breaks.CLAUSES);
    }
}
