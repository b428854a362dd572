package knollwind.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.scene.FrameRate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A worked example for every step. */
class WordingTest {
    private static final FrameRate RATE = new FrameRate(24, 1);
    private static final Map<String, String> FIELDS = Map.of(
            "name", "Ada Marsh Lund",
            "stops", "Tern Stair\nPier Two\nSaltmarket",
            "price", "1240.5",
            "when", "2031-03-14",
            "leaves", "9:05",
            "platform", "2",
            "list", "lamp, rope , oar",
            "nothing", "");

    private static final UnaryOperator<String> ASKED = id -> {
        if (!FIELDS.containsKey(id)) {
            throw new IllegalArgumentException("there is no field ‹" + id + "›");
        }
        return FIELDS.get(id);
    };

    private static String said(String sentence, double frame) {
        return Wording.read(sentence).lastGood(frame, RATE, ASKED, id -> "words of " + id);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "“Skipper: ” and the first word of ‹name›, in capitals | SKIPPER: ADA",
                "‹name› | Ada Marsh Lund",
                "the words of ‹title› and “!” | words of title!",
                "the last word of ‹name› | Lund",
                "word 2 of ‹name› | Marsh",
                "line 3 of ‹stops› | Saltmarket",
                "part 2 of ‹list› split by “,” | rope",
                "the first character of ‹name› | A",
                "how many words of ‹name› | 3",
                "how many lines of ‹stops› and “ stops” | 3 stops",
                "how many characters of the first word of ‹name› | 3",
                "‹name›, in small letters | ada marsh lund",
                "“a long way home”, with capitals at words | A Long Way Home",
                "‹name›, with “by ” before, with “.” after | by Ada Marsh Lund.",
                "‹name›, with “Marsh” replaced by “M.” | Ada M. Lund",
                "‹name›, cut to 10 characters | Ada Marsh…",
                "‹name›, cut to 12 characters | Ada Marsh…",
                "‹name›, cut to 40 characters | Ada Marsh Lund",
                "“row”, repeated 3 times joined by “ · ” | row · row · row",
                "“row”, repeated 2 times | row row",
                "‹stops›, its lines joined by “, ” | Tern Stair, Pier Two, Saltmarket",
                "(“a” and “b”, in capitals) and “c” | ABc",
                "the number ‹price› with 2 decimals in EUR | €1240.50",
                "the number ‹price› grouped with 1 decimal in “km” | 1,240.5 km",
                "the number ‹price›, with 2 decimals, grouped, as written in de | 1.240,50",
                "the number ‹platform› with its sign | +2",
                "the date ‹when› as “EEEE d MMMM yyyy” | Friday 14 March 2031",
                "the date ‹when› as “d. MMMM” as written in de | 14. März",
                "the time ‹leaves› as “HH.mm” | 09.05",
                "when ‹platform› is “2” then “Pier Two” else “Pier One” | Pier Two",
                "when ‹platform› is not “2” then “Pier Two”, else “Pier One” | Pier One",
                "when ‹nothing› is empty then “to be told” else ‹nothing› | to be told",
                "when ‹price› is above 1000 then “dear” else “cheap” | dear",
                "when ‹price› is below 1000 then “cheap” | ``",
                "when ‹name› has more than 2 words then the first word of ‹name› else ‹name› | Ada",
                "“She said “yes\\””, in capitals | SHE SAID “YES”",
            })
    void a_step_comes_to(String sentence, String words) {
        assertThat(said(sentence, 0)).isEqualTo(words.replace("1,240.5 km", "1,240.5\u00a0km"));
    }

    @Test
    void words_stand_a_line_each() {
        assertThat(said("‹name›, one word a line", 0)).isEqualTo("Ada\nMarsh\nLund");
    }

    @Test
    void a_number_runs_from_its_start_to_its_end() {
        String sentence = "a number from 0 to 1240 after 12 frames over 2 s landing softly, grouped";
        assertThat(said(sentence, 0)).isEqualTo("0");
        assertThat(said(sentence, 12)).isEqualTo("0");
        assertThat(said(sentence, 60)).isEqualTo("1,240");
        assertThat(said(sentence, 600)).isEqualTo("1,240");
        double middle = Double.parseDouble(said(sentence, 36).replace(",", ""));
        assertThat(middle).as("lands softly, so it is past the half").isBetween(700.0, 1239.0);
        assertThat(said("a number from 0 to 10 over 10 frames", 4)).isEqualTo("4");
        assertThat(said("a number from 0 to ‹price› over 10 frames with 1 decimal", 10))
                .isEqualTo("1240.5");
        assertThat(said("a number from 0 to ‹name› over 10 frames", 10))
                .as("no number")
                .isEmpty();
        assertThat(said("a number from 3 to -2 over 5 frames with its sign", 5)).isEqualTo("-2");
        assertThat(said("“Day ” and a number from 1 to 3 over 2 frames with 1 decimal", 1))
                .isEqualTo("Day 2.0");
        assertThat(Wording.read(sentence).changes()).isTrue();
        assertThat(Wording.read("the number ‹price›").changes()).isFalse();
    }

    @Test
    void clocks_go_on_and_run_out() {
        assertThat(said("a clock from 22:10", 0)).isEqualTo("22:10:00");
        assertThat(said("a clock from 23:59:59 as “HH:mm”", 24)).isEqualTo("00:00");
        String down = "a countdown from 75 s";
        assertThat(said(down, 0)).isEqualTo("1:15");
        assertThat(said(down, 23)).isEqualTo("1:15");
        assertThat(said(down, 24)).isEqualTo("1:14");
        assertThat(said(down, 75 * 24)).isEqualTo("0:00");
        assertThat(said(down, 90 * 24)).isEqualTo("0:00");
        assertThat(said("a countdown from 10 s as “s”", 24 * 3)).isEqualTo("7");
    }

    @Test
    void what_cannot_be_done_is_told_at_its_step_with_the_last_good_result() {
        Wording wording = Wording.read(
                "‹name›, in capitals, repeated 900 times joined by “ - - - - - - - - - - ”, with “!” after");
        List<Wording.Step> steps = wording.steps(0, RATE, ASKED, id -> "", id -> "Name", id -> id);
        assertThat(steps)
                .extracting(Wording.Step::says)
                .containsExactly(
                        "‹Name›",
                        "in capitals",
                        "repeated 900 times joined by “ - - - - - - - - - - ”",
                        "with “!” after");
        assertThat(steps)
                .extracting(Wording.Step::result)
                .containsExactly("Ada Marsh Lund", "ADA MARSH LUND", "ADA MARSH LUND", "ADA MARSH LUND!");
        assertThat(steps.get(2).problem()).contains("more than 20000 characters");
        assertThat(Wording.read("word 9 of ‹name›")
                        .steps(0, RATE, ASKED, id -> "", id -> id, id -> id)
                        .get(0)
                        .problem())
                .isEqualTo("there is no word 9, only 3");
        assertThat(said("“Skipper: ” and the first word of ‹nothing›, in capitals", 0))
                .as("the rest of it stands")
                .isEqualTo("SKIPPER: ");
        assertThat(Wording.read("the number ‹name›")
                        .steps(0, RATE, ASKED, id -> "", id -> id, id -> id)
                        .get(0)
                        .problem())
                .contains("is no number");
        assertThat(Wording.read("the date ‹name› as “d”")
                        .steps(0, RATE, ASKED, id -> "", id -> id, id -> id)
                        .get(0)
                        .problem())
                .contains("neither a date like 2031-03-14 nor a time like 22:10");
    }

    @Test
    void names_are_kept_as_ids_and_shown_as_names() {
        String kept = Wording.typed(
                "“To ” and ‹Where to› and the words of ‹Big title›, in capitals",
                name -> name.equals("Where to") ? "where" : "?",
                name -> name.equals("Big title") ? "title" : "?");
        assertThat(kept).isEqualTo("“To ” and ‹where› and the words of ‹title›, in capitals");
        Wording wording = Wording.read(kept);
        assertThat(wording.fields()).containsExactly("where");
        assertThat(wording.blocks()).containsExactly("title");
        assertThat(wording.shown(id -> "Place", id -> "Head"))
                .isEqualTo("“To ” and ‹Place› and the words of ‹Head›, in capitals");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "in capitals | 0",
                "‹name›, in capitols | 8",
                "‹name | 0",
                "“open | 0",
                "the date ‹when› as “QQQQQQQ” | 19",
                "‹name›, cut to 1 characters | 20",
            })
    void what_cannot_be_read_is_told_with_its_place(String sentence, int place) {
        assertThatThrownBy(() -> Wording.read(sentence))
                .isInstanceOfSatisfying(
                        DirectionException.class, e -> assertThat(e.position()).isBetween(place - 2, place + 14));
    }
}
