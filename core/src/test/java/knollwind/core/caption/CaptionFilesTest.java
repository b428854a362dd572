package knollwind.core.caption;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.scene.CaptionRules;
import knollwind.core.speech.SpokenWord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Caption files of strangers, read tolerantly and written strictly. */
class CaptionFilesTest {
    private static final List<Caption> CAPTIONS = List.of(
            new Caption(0.5, 2.25, List.of("Bring a coat,", "the deck is windy.")),
            new Caption(2.25, 3.001, List.of("<b>Mind</b> the ramp & \"the weed\"; really")),
            new Caption(
                    3700,
                    3701.5,
                    List.of("\u05e9\u05dc\u05d5\u05dd \u0421\u043f\u0430\u0441\u0438\u0431\u043e \ud83d\udea2")));

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void what_is_written_is_read_again() {
        assertThat(SubRip.read(bytes(SubRip.write(CAPTIONS))))
                .isEqualTo(new CaptionFile(CAPTIONS, List.of(), List.of()));
        assertThat(WebVtt.read(bytes(WebVtt.write(CAPTIONS))))
                .isEqualTo(new CaptionFile(CAPTIONS, List.of(), List.of()));
        assertThat(CaptionCsv.read(bytes(CaptionCsv.write(CAPTIONS))))
                .isEqualTo(new CaptionFile(CAPTIONS, List.of(), List.of()));
        // A TextGrid has no lines and no empty times: its intervals are the captions' words.
        assertThat(TextGrid.read(bytes(TextGrid.write(CAPTIONS))))
                .extracting(SpokenWord::text)
                .containsExactlyElementsOf(CAPTIONS.stream().map(Caption::text).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\ufeff1\r\n00:00:01,000 --> 00:00:02,500\r\nLast boat home\r\n\r\n",
                "00:01.0 -> 00:02.5\nLast boat home",
                "7\n0:00:01.000 --> 0:00:02,5\n  Last boat home  \n\n\n\n"
            })
    void times_and_ends_of_lines_may_be_written_in_many_ways(String file) {
        assertThat(SubRip.read(bytes(file)).captions()).containsExactly(new Caption(1, 2.5, List.of("Last boat home")));
    }

    @Test
    void what_is_wrong_is_mended_and_said() {
        CaptionFile read = SubRip.read(bytes("""
                some words of nobody
                1
                00:00:05,000 --> 00:00:04,000 X1:10 X2:20
                turned round
                2
                00:00:01,000 --> 00:00:02,500
                over the next
                3
                00:00:02,000 --> 00:00:03,000
                the next

                4
                00:00:08,000 --> 00:00:08,000
                no time at all

                5
                00:00:09,000 --> 00:00:10,000

                6
                00:00:11,000 --> 00:00:12,000
                at once
                7
                00:00:11,000 --> 00:00:13,000
                with this
                """));
        assertThat(read.captions())
                .containsExactly(
                        new Caption(1, 2, List.of("over the next")),
                        new Caption(2, 3, List.of("the next")),
                        new Caption(4, 5, List.of("turned round")),
                        new Caption(8, 9, List.of("no time at all")),
                        new Caption(11, 13, List.of("at once", "with this")));
        assertThat(String.join(" ", read.mended()))
                .contains("1 line belonged to no caption")
                .contains("What caption 1 says of its place (X1:10 X2:20) was left out")
                .contains("Caption 1 ended before it began")
                .contains("Caption 4 had no length")
                .contains("Caption 5 has no words")
                .contains("not in the order of their times")
                .contains("Caption 2 lay over the next one and was shortened")
                .contains("Caption 6 lay over the next one; both begin at once");
    }

    @Test
    void old_encodings_are_told_and_read() {
        String file = "1\n00:00:01,000 --> 00:00:02,000\nCaf\u00e9 au quai\n";
        CaptionFile old = SubRip.read(file.getBytes(Charset.forName("windows-1252")));
        assertThat(old.captions().get(0).text()).isEqualTo("Caf\u00e9 au quai");
        assertThat(old.mended()).containsExactly("It is not UTF-8, so it was read as Windows-1252.");
        assertThat(SubRip.read(("\ufeff" + file).getBytes(StandardCharsets.UTF_16LE))
                        .captions())
                .isEqualTo(old.captions());
    }

    @Test
    void of_a_web_track_the_words_are_kept() {
        CaptionFile read = WebVtt.read(bytes("""
                WEBVTT - tonight

                STYLE
                ::cue { color: lime }

                NOTE nobody reads this

                one
                00:01.000 --> 00:02.000 line:0 align:start
                <v Ines>Bring <00:01.500><c.loud>a coat</c> &amp; a hat &lt;3

                00:00:02.500 --> 00:00:03.500
                <script>alert(1)</script>
                """));
        assertThat(read.captions())
                .extracting(Caption::text)
                .containsExactly("Bring a coat & a hat <3", "<script>alert(1)</script>");
        assertThat(read.mended())
                .containsExactly("Its marks inside words, places, styles, times inside captions were left out.");
    }

    @Test
    void tables_are_parted_by_what_their_first_line_has() {
        for (String file : List.of(
                "start,end,text\n1,2.5,\"Bring a coat,\nthe deck is windy\"\n",
                "1;2.5;\"Bring a coat,\nthe deck is windy\"\n",
                "00:00:01.000\t00:00:02.500\t\"Bring a coat,\nthe deck is windy\"\nno times\there\tat all\n")) {
            CaptionFile read = CaptionCsv.read(bytes(file));
            assertThat(read.captions())
                    .as(file)
                    .containsExactly(new Caption(1, 2.5, List.of("Bring a coat,", "the deck is windy")));
        }
    }

    @Test
    void words_come_from_the_tier_of_words_long_or_short() {
        String grid = """
                File type = "ooTextFile"
                Object class = "TextGrid"

                xmin = 0
                xmax = 2
                tiers? <exists>
                size = 2
                item []:
                    item [1]:
                        class = "IntervalTier"
                        name = "phones"
                        xmin = 0
                        xmax = 2
                        intervals: size = 1
                        intervals [1]:
                            xmin = 0
                            xmax = 2
                            text = "sil"
                    item [2]:
                        class = "IntervalTier"
                        name = "Words"
                        xmin = 0
                        xmax = 2
                        intervals: size = 3
                        intervals [1]:
                            xmin = 0
                            xmax = 0.5
                            text = ""
                        intervals [2]:
                            xmin = 0.5
                            xmax = 1.25
                            text = "the ""last""\"
                        intervals [3]:
                            xmin = 1.25
                            xmax = 2
                            text = "boat"
                """;
        assertThat(TextGrid.read(bytes(grid)))
                .containsExactly(
                        new SpokenWord("the \"last\"", 0.5, 1.25, null), new SpokenWord("boat", 1.25, 2, null));
        assertThatThrownBy(() -> TextGrid.read(bytes(grid.substring(0, grid.length() - 60))))
                .hasMessageContaining("breaks off");
        assertThatThrownBy(() -> TextGrid.read(bytes("nothing"))).hasMessageContaining("no tier of intervals");
    }

    @Test
    void what_is_no_caption_file_is_refused_with_what_one_looks_like() {
        List<Function<byte[], CaptionFile>> readers = List.of(SubRip::read, WebVtt::read, CaptionCsv::read);
        for (Function<byte[], CaptionFile> reader : readers) {
            for (String file : List.of("", "\0\1\2 no captions", "hello\nworld")) {
                assertThatThrownBy(() -> reader.apply(bytes(file)))
                        .isInstanceOf(IllegalArgumentException.class)
                        .hasMessageContaining("no caption was found");
            }
        }
        String many = IntStream.range(0, CaptionFile.MOST + 1)
                .mapToObj(i -> CaptionText.time(i, ',') + " --> " + CaptionText.time(i + 0.5, ',') + "\nx\n\n")
                .collect(Collectors.joining());
        assertThatThrownBy(() -> SubRip.read(bytes(many))).hasMessageContaining("at most 20000 can be read");
    }

    @Test
    void times_of_words_are_written_in_a_web_track_and_read_again() {
        List<SpokenWord> words = List.of(
                new SpokenWord("Mind", 1, 1.4, null),
                new SpokenWord("the", 1.4, 1.5, null),
                new SpokenWord("<weed>,", 1.52, 2, null),
                new SpokenWord("it", 2.1, 2.2, null),
                new SpokenWord("is", 2.2, 2.3, null),
                new SpokenWord("slippery.", 2.4, 3.1, null));
        CaptionRules rules = CaptionRuleWords.read(
                "of at most 16 characters on two lines, each 0.5 to 5 seconds", CaptionRuleWords.BROADCAST, 25);
        Captioned made = Captioner.make(words, rules);
        String file = WebVtt.write(made, words);
        assertThat(file).contains("Mind <00:00:01.400>the <00:00:01.520>&lt;weed&gt;,");
        CaptionFile read = WebVtt.read(bytes(file));
        assertThat(read.mended()).isEmpty();
        assertThat(read.captions()).isEqualTo(made.captions());
        assertThat(read.words())
                .extracting(SpokenWord::text)
                .isEqualTo(words.stream().map(SpokenWord::text).toList());
        assertThat(read.words())
                .extracting(SpokenWord::start)
                .isEqualTo(words.stream().map(SpokenWord::start).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                // Two words with one time, one before the one before it, and one without letters.
                "Mind <00:01.500>the weed",
                "Mind <00:01.500>the <00:01.400>weed",
                "Mind <00:01.500> <00:01.600>weed"
            })
    void times_that_not_every_word_has_are_left_out_and_said(String line) {
        CaptionFile read = WebVtt.read(bytes("WEBVTT\n\n00:01.000 --> 00:02.000\n" + line + "\n"));
        assertThat(read.words()).isEmpty();
        assertThat(read.mended()).containsExactly("Its times inside captions were left out.");
    }

    @Test
    void webvtt_keeps_places_and_marks_around_all_words_of_a_caption() {
        CaptionLook placed = new CaptionLook(0.25, 0.1, null, null, null);
        CaptionLook marked = new CaptionLook(null, null, true, true, "#ffff00");
        List<Caption> captions = List.of(
                new Caption(1, 2, List.of("Bring a coat,", "the deck & ramp"), placed),
                new Caption(3, 4, List.of("Mind the <ramp>"), marked),
                new Caption(5, 6, List.of("plain")));
        String written = WebVtt.write(captions);
        assertThat(written)
                .contains("00:00:01.000 --> 00:00:02.000 position:25% line:10%")
                .contains("<c.yellow><b><i>Mind the &lt;ramp&gt;</i></b></c>");
        CaptionFile read = WebVtt.read(bytes(written));
        assertThat(read.captions()).isEqualTo(captions);
        assertThat(read.mended()).isEmpty();
    }

    @Test
    void what_webvtt_says_of_some_words_or_in_lines_is_left_out_and_said() {
        CaptionFile read =
                WebVtt.read(bytes("WEBVTT\n\n00:01.000 --> 00:02.000 line:-1 align:start\n<i>Bring</i> a coat\n\n"
                        + "00:03.000 --> 00:04.000 line:80%,end align:center\n<c.loud>Mind</c>\n\n"
                        + "00:05.000 --> 00:06.000\n<i>one</i> and <i>two</i>\n"));
        assertThat(read.captions())
                .containsExactly(
                        new Caption(1, 2, List.of("Bring a coat")),
                        new Caption(3, 4, List.of("Mind"), new CaptionLook(null, 0.8, null, null, null)),
                        new Caption(5, 6, List.of("one and two")));
        assertThat(read.mended()).containsExactly("Its marks inside words, places were left out.");
    }
}
