package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.edit.EditWord.Deed;
import knollwind.core.frame.BlockScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.speech.Aligned;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words of a voice, corrected, and blocks that land on them. */
class VoiceEditsTest {
    private static final String SHA = "b2".repeat(32);

    private static Aligned.Word said(String text, double start, double end) {
        return new Aligned.Word(text, start, end, 0.9, text.equals("coat,") ? Aligned.UNLIKE : null);
    }

    private static final List<Aligned.Word> WORDS =
            List.of(said("Bring", 1, 1.4), said("a", 1.4, 1.5), said("coat,", 1.7, 2.2), said("please.", 2.2, 2.8));

    private static Project bare(Block... blocks) {
        Project project = Samples.project(240, blocks);
        Sound sound =
                new Sound("voice", "Announcement", Sound.Kind.VOICE, SHA, 6, Rational.of(12), 0, null, 0, false, false);
        Scene scene = project.scenes().get(0).withSounds(List.of(sound));
        return project.withScenes(List.of(scene));
    }

    private static Draft draft(Project project) {
        return new Draft(
                DocumentJson.tree(project),
                project,
                Samples.TYPESETTER,
                EditedProject::scores,
                revision -> DocumentJson.tree(project));
    }

    private static Project after(Project project, Intent intent) {
        Outcome outcome = intent.on(draft(project));
        return DocumentJson.read(new Patch(outcome.operations())
                .apply(DocumentJson.tree(project))
                .document());
    }

    private static Project voiced(Block... blocks) {
        return after(bare(blocks), new SetWords(SHA, WORDS, false));
    }

    private static List<VoiceWord> words(Project project) {
        return project.voices().get(0).words();
    }

    private static Project edited(Project project, String word, Deed deed, String text, Double second) {
        return after(project, new EditWord(SHA, word, deed, text, second));
    }

    @Test
    void a_recording_gets_its_words_and_says_how_many_are_unsure() {
        Outcome outcome = new SetWords(SHA, WORDS, false).on(draft(bare()));
        assertThat(outcome.said()).isEqualTo("4 words, 1 unsure");
        assertThat(words(voiced()))
                .extracting(VoiceWord::id, VoiceWord::text, VoiceWord::doubt)
                .containsExactly(
                        tuple("w1", "Bring", null),
                        tuple("w2", "a", null),
                        tuple("w3", "coat,", Aligned.UNLIKE),
                        tuple("w4", "please.", null));
    }

    @Test
    void found_anew_words_keep_their_ids_and_what_was_set_by_hand() {
        Project corrected = edited(voiced(), "w3", Deed.START, null, 1.65);
        List<Aligned.Word> again = List.of(
                said("Bring", 1.1, 1.4),
                said("your", 1.4, 1.5),
                said("warm", 1.5, 1.6),
                said("coat,", 1.7, 2.2),
                said("please.", 2.3, 2.8));
        Outcome outcome = new SetWords(SHA, again, false).on(draft(corrected));
        assertThat(outcome.said()).isEqualTo("5 words; 1 set by hand stay");
        assertThat(words(after(corrected, new SetWords(SHA, again, false))))
                .extracting(VoiceWord::id, VoiceWord::text, VoiceWord::start)
                .containsExactly(
                        tuple("w1", "Bring", 1.1),
                        tuple("w5", "your", 1.4),
                        tuple("w6", "warm", 1.5),
                        tuple("w3", "coat,", 1.65),
                        tuple("w4", "please.", 2.3));
    }

    @Test
    void edges_that_meet_go_together_and_others_stay() {
        Project moved = edited(voiced(), "w2", Deed.START, null, 1.3);
        assertThat(words(moved).get(0).end()).isEqualTo(1.3);
        assertThat(words(moved).get(1).start()).isEqualTo(1.3);
        assertThat(words(moved).get(1).byHand()).isTrue();
        Project apart = edited(voiced(), "w3", Deed.START, null, 1.6);
        assertThat(words(apart).get(1).end()).isEqualTo(1.5);
        assertThat(words(apart).get(2).doubt()).isNull();
        Project over = edited(voiced(), "w3", Deed.START, null, 1.45);
        assertThat(words(over).get(1).end()).isEqualTo(1.45);
        Project end = edited(voiced(), "w3", Deed.END, null, 2.3);
        assertThat(words(end).get(3).start()).isEqualTo(2.3);
    }

    @ParameterizedTest
    @CsvSource({"START, w2, 0, 1.02", "START, w2, 9, 1.48", "END, w2, 0, 1.42", "END, w3, 99, 2.78"})
    void an_edge_stops_at_its_neighbours(Deed deed, String word, double second, double stops) {
        VoiceWord own = words(edited(voiced(), word, deed, null, second)).stream()
                .filter(one -> one.id().equals(word))
                .findFirst()
                .orElseThrow();
        assertThat(deed == Deed.START ? own.start() : own.end()).isEqualTo(stops);
    }

    @Test
    void words_are_retyped_split_joined_inserted_and_taken_away() {
        assertThat(words(edited(voiced(), "w1", Deed.RETYPE, "Fetch", null))
                        .get(0)
                        .text())
                .isEqualTo("Fetch");
        Project two = edited(voiced(), "w3", Deed.RETYPE, "warm coat,", null);
        assertThat(words(two)).extracting(VoiceWord::text).containsExactly("Bring", "a", "warm", "coat,", "please.");
        assertThat(words(two).get(3).start()).isEqualTo(words(two).get(2).end());
        Project split = edited(voiced(), "w4", Deed.SPLIT, null, 2.5);
        assertThat(words(split)).extracting(VoiceWord::text).endsWith("plea", "se.");
        Project joined = edited(voiced(), "w1", Deed.JOIN, null, null);
        assertThat(words(joined).get(0).text()).isEqualTo("Bringa");
        assertThat(words(joined).get(0).end()).isEqualTo(1.5);
        Project inserted = edited(voiced(), "w2", Deed.INSERT, "very warm", null);
        assertThat(words(inserted)).extracting(VoiceWord::id).containsExactly("w1", "w2", "w5", "w6", "w3", "w4");
        assertThat(words(inserted).get(3).end()).isEqualTo(1.7);
        Project crowded = edited(voiced(), "w3", Deed.INSERT, "now", null);
        assertThat(words(crowded).get(3).end()).isEqualTo(2.2);
        assertThat(words(edited(voiced(), "w2", Deed.REMOVE, null, null))).hasSize(3);
        assertThat(words(edited(voiced(), "w3", Deed.CONFIRM, null, null))
                        .get(2)
                        .doubt())
                .isNull();
    }

    @Test
    void all_move_together_and_stop_at_the_beginning() {
        assertThat(words(after(voiced(), new ShiftWords(SHA, 0.25))))
                .extracting(VoiceWord::start)
                .containsExactly(1.25, 1.65, 1.95, 2.45);
        assertThat(words(after(voiced(), new ShiftWords(SHA, -5))).get(0).start())
                .isZero();
    }

    @Test
    void what_cannot_be_done_is_refused() {
        assertThatThrownBy(() -> edited(bare(), "w1", Deed.CONFIRM, null, null)).hasMessageContaining("no words yet");
        assertThatThrownBy(() -> edited(voiced(), "w9", Deed.CONFIRM, null, null))
                .hasMessageContaining("any more");
        assertThatThrownBy(() -> edited(voiced(), "w1", Deed.RETYPE, "  ", null))
                .hasMessageContaining("needs letters");
        assertThatThrownBy(() -> edited(voiced(), "w4", Deed.JOIN, null, null)).hasMessageContaining("after the last");
        assertThatThrownBy(() -> edited(voiced(), "w2", Deed.SPLIT, null, 1.45)).hasMessageContaining("one letter");
        assertThatThrownBy(() -> edited(voiced(), "w2", Deed.START, null, null)).hasMessageContaining("which second");
    }

    @Test
    void a_block_lands_on_its_spoken_words() {
        Block title = Samples.block("BRING A COAT", Span.of(0, 40), Phase.CUT, Phase.CUT);
        Project project = voiced(title);
        Scene scene = project.scenes().get(0);
        double rate = scene.rate().perSecond();
        Project landed =
                after(project, new LandWords(scene.id(), scene.formats().get(0).id(), List.of(title.id())));
        BlockScore score =
                Samples.score(landed, landed.scenes().get(0)).blocks().get(0);
        assertThat(score.block().arrive().moves().get(0).pace().moments().by()).isEqualTo(Moments.By.WORDS);
        assertThat(score.timing().start()).isEqualTo(12 + rate);
        assertThat(score.timing().moves().get(0).starts().get(2)).isCloseTo(12 + 1.7 * rate, within(1e-9));
        // Its end would have come before the last word had been said for a second.
        assertThat(score.timing().end()).isCloseTo(12 + 2.2 * rate + Math.rint(rate), within(1e-3));
        Project later = after(landed, new ShiftWords(SHA, 0.5));
        BlockScore shifted =
                Samples.score(later, later.scenes().get(0)).blocks().get(0);
        assertThat(shifted.timing().start()).isEqualTo(12 + 1.5 * rate);
        assertThat(shifted.timing().end()).isCloseTo(12 + 2.7 * rate + Math.rint(rate), within(1e-3));
    }

    @Test
    void words_that_nobody_says_cannot_land() {
        Block title = Samples.block("quite another", Span.of(0, 40), Phase.CUT, Phase.CUT);
        Project project = voiced(title);
        Scene scene = project.scenes().get(0);
        LandWords land = new LandWords(scene.id(), scene.formats().get(0).id(), List.of(title.id()));
        assertThatThrownBy(() -> land.on(draft(project))).hasMessageContaining("says none of the words");
        Project silent = bare(title);
        assertThatThrownBy(() -> land.on(draft(silent))).hasMessageContaining("give it a script first");
    }

    private static final String NEW = "c3".repeat(32);

    private static ReplaceRecording again(Project project, Aligned.Word... words) {
        return new ReplaceRecording(
                project.scenes().get(0).id(),
                "voice",
                new ReplaceRecording.Recorded("Second reading", NEW, 9),
                List.of(words),
                false);
    }

    @Test
    void a_new_recording_takes_the_place_of_the_old_with_all_that_hangs_on_its_words() {
        Block title = Samples.block("BRING A COAT", Span.of(0, 40), Phase.CUT, Phase.CUT);
        Project before = edited(voiced(title), "w2", Deed.END, null, 1.55);
        Scene scene = before.scenes().get(0);
        Project landed =
                after(before, new LandWords(scene.id(), scene.formats().get(0).id(), List.of(title.id())));
        ReplaceRecording again = again(
                landed, said("Bring", 2, 2.4), said("a", 2.4, 2.5), said("warm", 2.5, 2.6), said("coat,", 2.74, 3.2));
        Outcome outcome = again.on(draft(landed));
        assertThat(outcome.said()).isEqualTo("3 of 4 words moved, by 1.04 s at most; 1 is not said any more");
        Project replaced = after(landed, again);
        assertThat(replaced.voices()).extracting(Voice::id).containsExactly(NEW);
        assertThat(replaced.scenes().get(0).sounds().get(0).seconds()).isEqualTo(9);
        assertThat(words(replaced))
                .extracting(VoiceWord::id, VoiceWord::text)
                .containsExactly(tuple("w1", "Bring"), tuple("w2", "a"), tuple("w5", "warm"), tuple("w3", "coat,"));
        // The correction moved with its neighbours, which moved by 1 and 1.04 s.
        assertThat(words(replaced).get(1).byHand()).isTrue();
        assertThat(words(replaced).get(1).end()).isCloseTo(1.55 + 1.02, within(1e-6));
        double rate = scene.rate().perSecond();
        BlockScore score =
                Samples.score(replaced, replaced.scenes().get(0)).blocks().get(0);
        assertThat(score.timing().start()).isCloseTo(12 + 2 * rate, within(1e-6));
        assertThat(score.timing().moves().get(0).starts().get(2)).isCloseTo(12 + 2.74 * rate, within(1e-3));
    }

    @Test
    void a_correction_whose_neighbours_moved_apart_is_to_be_looked_at_again() {
        Project before = edited(voiced(), "w2", Deed.END, null, 1.55);
        Project replaced = after(
                before,
                again(
                        before,
                        said("Bring", 2, 2.4),
                        said("a", 2.4, 2.5),
                        said("coat,", 3.5, 4),
                        said("please.", 4, 4.5)));
        assertThat(words(replaced).get(1).byHand()).isNull();
        assertThat(words(replaced).get(1).end()).isEqualTo(2.5);
        assertThat(words(replaced).get(1).doubt()).contains("set by hand");
    }

    @Test
    void a_voice_that_another_scene_plays_keeps_its_words() {
        Project before = voiced();
        Scene scene = before.scenes().get(0);
        Project two = before.withScenes(List.of(scene, scene.withId("take").withTakeOf(scene.id())));
        Project replaced = after(two, again(two, said("Bring", 1, 2)));
        assertThat(replaced.voices()).extracting(Voice::id).containsExactly(SHA, NEW);
    }

    @Test
    void a_scene_that_is_over_before_the_last_word_is_said() {
        Block title = Samples.block("BRING A COAT", Span.of(0, 40), Phase.CUT, Phase.CUT);
        Project project = voiced(title);
        Scene scene = project.scenes().get(0).withLength(50);
        Project tight = project.withScenes(List.of(scene));
        Outcome outcome = new LandWords(scene.id(), scene.formats().get(0).id(), List.of(title.id())).on(draft(tight));
        long frames = (long) Math.ceil(12 + 2.2 * scene.rate().perSecond());
        assertThat(outcome.said()).contains("lengthen it to " + frames + " frames");
    }
}
