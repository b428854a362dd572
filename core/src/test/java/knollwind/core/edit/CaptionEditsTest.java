package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.caption.Caption;
import knollwind.core.caption.CaptionLook;
import knollwind.core.directions.caption.CaptionScript;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.edit.EditCaption.Deed;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.JsonNodeFactory;

/** Captions made, made anew, corrected, moved, dressed, cut. */
class CaptionEditsTest {
    private CaptionedProject project;

    @BeforeEach
    void captions() {
        project = CaptionedProject.captioned();
    }

    private Outcome edit(int place, Deed deed, String text, Double frame) {
        return project.does(new EditCaption("s", project.line(place).id(), deed, null, text, frame));
    }

    private void again(String rules) {
        project.does(new MakeCaptions("s", null, rules, false));
    }

    @Test
    void captions_come_with_their_words_and_stay_so_long() {
        assertThat(project.told())
                .containsExactly("24-60 The last boat", "60-96 leaves at eleven.", "120-156 Bring a coat.");
        assertThat(project.row().columns())
                .singleElement()
                .satisfies(column -> assertThat(column.name()).isEqualTo("as spoken"));
        assertThat(project.line(1).span().startsAt().cue()).isEqualTo("voice.w3");
        assertThat(project.line(1).span().endsAt().cue()).isEqualTo("voice.w5");
    }

    @Test
    void a_voice_that_is_moved_takes_its_captions_along() {
        List<String> before = project.told();
        Sound sound = project.scene().sounds().get(0);
        project.does(new SetValues(
                List.of(new Operation.Set("scenes/s/sounds/voice/start", DocumentJson.tree(Rational.of(34))))));
        assertThat(sound.start()).isEqualTo(Rational.of(24));
        assertThat(project.told())
                .containsExactly("34-70 The last boat", "70-106 leaves at eleven.", "130-166 Bring a coat.")
                .hasSameSizeAs(before);
    }

    @Test
    void other_rules_make_other_captions_and_what_was_set_by_hand_stays() {
        edit(2, Deed.RETYPE, "Take a coat.", null);
        String kept = project.line(2).id();
        String first = project.line(0).id();
        Outcome outcome = project.does(new MakeCaptions("s", null, "Captions on two lines", false));
        assertThat(project.told()).containsExactly("24-96 The last boat/leaves at eleven.", "120-156 Take a coat.");
        assertThat(project.line(1).id()).isEqualTo(kept);
        assertThat(project.line(0).id()).as("it begins with the same word").isEqualTo(first);
        assertThat(outcome.said()).isEqualTo("2 captions, 1 of them kept as set by hand.");
        project.does(new MakeCaptions("s", null, null, true));
        assertThat(project.told()).containsExactly("24-96 The last boat/leaves at eleven.", "120-156 Bring a coat.");
    }

    @Test
    void a_rule_that_is_set_makes_them_anew_in_one_change() {
        Looking here = new Looking("s", "wide", false, 0, false, false);
        project.does(new Wish(
                new SetValues(List.of(
                        new Operation.Set("scenes/s/captions/rules/words", JsonNodeFactory.instance.numberNode(1)))),
                here));
        assertThat(project.told()).hasSize(9).first().isEqualTo("24-36 The");
    }

    @Test
    void rules_that_cannot_be_kept_are_counted() {
        assertThat(project.does(new MakeCaptions("s", null, "Captions never over 5 characters a second", false))
                        .said())
                .contains("2 break a rule");
    }

    @Test
    void words_in_other_languages_stay_with_their_time() {
        project.does(new ReadCaptions(
                "s",
                List.of(
                        new Caption(1, 2.4, List.of("Das letzte Boot")),
                        new Caption(2.6, 4, List.of("f\u00e4hrt um elf.")),
                        new Caption(5, 6.4, List.of("Nimm einen Mantel mit."))),
                "Deutsch",
                "de"));
        assertThat(project.row().columns().get(1).language()).isEqualTo("de");
        assertThat(project.line(1).words("c2")).isEqualTo("f\u00e4hrt um elf.");
        again("Captions on two lines");
        assertThat(project.line(0).words("c2")).isEqualTo("Das letzte Boot f\u00e4hrt um elf.");
        project.does(new RemoveCaptions("s", "c2"));
        assertThat(project.row().columns()).hasSize(1);
        assertThat(project.line(0).text()).containsOnlyKeys("c1");
        assertThatThrownBy(() -> project.does(new RemoveCaptions("s", "c1"))).hasMessageContaining("first column");
    }

    @Test
    void edges_that_two_captions_share_roll_together() {
        edit(0, Deed.END, null, 66.0);
        assertThat(project.told())
                .containsExactly("24-66 The last boat", "66-96 leaves at eleven.", "120-156 Bring a coat.");
        edit(1, Deed.START, null, 50.0);
        assertThat(project.told()).startsWith("24-50 The last boat", "50-96 leaves at eleven.");
        // The third is on its own: it is not carried along, and stops the second.
        edit(1, Deed.END, null, 140.0);
        assertThat(project.told()).endsWith("50-120 leaves at eleven.", "120-156 Bring a coat.");
        assertThat(project.line(1).byHand()).isTrue();
    }

    @Test
    void a_caption_is_moved_between_its_neighbours() {
        edit(2, Deed.MOVE, null, 100.0);
        assertThat(project.told()).endsWith("100-136 Bring a coat.");
        edit(2, Deed.MOVE, null, 20.0);
        assertThat(project.told()).endsWith("96-132 Bring a coat.");
    }

    @Test
    void splitting_parts_the_words_where_they_are_said_and_joining_puts_them_together() {
        edit(1, Deed.SPLIT, null, 70.0);
        assertThat(project.told()).contains("60-72 leaves", "72-96 at eleven.");
        assertThat(project.line(2).span().startsAt().cue()).isEqualTo("voice.w4");
        edit(1, Deed.JOIN, null, null);
        assertThat(project.told()).contains("60-96 leaves at eleven.").hasSize(3);
        assertThatThrownBy(() -> edit(2, Deed.JOIN, null, null)).hasMessageContaining("after the last one");
        again("Captions of one word each");
        assertThatThrownBy(() -> edit(0, Deed.SPLIT, null, null)).hasMessageContaining("one word");
    }

    @Test
    void captions_are_put_in_and_taken_away() {
        edit(2, Deed.INSERT, "A long line of words that has to be broken", null);
        assertThat(project.told()).endsWith("156-204 A long line of words that has to be broken");
        assertThatThrownBy(() -> edit(0, Deed.INSERT, "No", null)).hasMessageContaining("no room");
        edit(3, Deed.REMOVE, null, null);
        assertThat(project.told()).hasSize(3);
        edit(0, Deed.RETYPE, "", null);
        assertThat(project.seen(30)).containsExactly("title");
    }

    @Test
    void typed_words_are_broken_by_the_rules_unless_they_have_lines() {
        again("Captions of at most 12 characters on two lines");
        edit(0, Deed.RETYPE, "The very last boat", null);
        assertThat(project.line(0).words("c1")).isEqualTo("The very\nlast boat");
        edit(0, Deed.RETYPE, "The\nlast", null);
        assertThat(project.line(0).words("c1")).isEqualTo("The\nlast");
    }

    @Test
    void all_are_shifted_or_lengthened_where_there_is_room() {
        project.does(new MoveCaptions("s", List.of(), 10, 10));
        assertThat(project.told())
                .containsExactly("34-70 The last boat", "70-106 leaves at eleven.", "130-166 Bring a coat.");
        Outcome outcome = project.does(new MoveCaptions("s", List.of(), -4, 6));
        assertThat(project.told())
                .containsExactly("30-70 The last boat", "70-112 leaves at eleven.", "126-172 Bring a coat.");
        assertThat(outcome.said()).isEqualTo("There was not enough room for 2 of 3 captions.");
    }

    @Test
    void words_are_replaced_in_all() {
        assertThat(project.does(new ReplaceInCaptions("s", null, "boat", "ferry"))
                        .said())
                .isEqualTo("Replaced in one caption.");
        assertThat(project.told()).first().isEqualTo("24-60 The last ferry");
        assertThatThrownBy(() -> project.does(new ReplaceInCaptions("s", null, "whale", "x")))
                .hasMessageContaining("no caption has");
    }

    @Test
    void one_caption_is_dressed_alone_and_gives_it_to_others() {
        String own = project.line(1).id();
        Looking alone = new Looking("s", "wide", false, 0, false, false, own, null, null, null);
        project.does(new Wish(new SetValues(List.of(CaptionedProject.design(project, "setting/size", 90))), alone));
        assertThat(project.line(1).own())
                .singleElement()
                .satisfies(one -> assertThat(one.path()).containsExactly("setting", "size"));
        assertThat(DocumentJson.blockTree(project.design()).at("/setting/size").asDouble())
                .isNotEqualTo(90);
        project.does(new GiveCaption("s", own, List.of(project.line(2).id())));
        assertThat(project.line(2).own()).isEqualTo(project.line(1).own());
        project.does(new GiveCaption("s", own, List.of()));
        assertThat(DocumentJson.blockTree(project.design()).at("/setting/size").asDouble())
                .isEqualTo(90);
        assertThat(project.line(1).own()).isEmpty();
        edit(2, Deed.LIKE_OTHERS, null, null);
        assertThat(project.line(2).own()).isEmpty();
    }

    @Test
    void captions_try_another_design_and_go_back() {
        String before = project.row().design();
        Outcome outcome = project.does(new DressCaptions("s", "title"));
        assertThat(project.row().designs()).containsExactly(before, outcome.block());
        assertThat(project.row().design()).isEqualTo(outcome.block());
        assertThat(project.design().place()).as("they stay where they are").isNotNull();
        assertThat(project.seen(30))
                .containsExactly(
                        "title", outcome.block() + "." + project.line(0).id());
        project.does(new DressCaptions("s", before));
        assertThat(project.seen(30)).hasSize(3).last().asString().startsWith(before + ".");
        project.does(new DressCaptions("s", null));
        assertThat(project.row().designs()).hasSize(3);
        assertThat(project.seen(30)).as("with a plate of its own").hasSize(3);
    }

    @Test
    void what_captions_are_dressed_as_is_not_taken_away_alone() {
        String design = project.row().design();
        assertThatThrownBy(() -> project.does(new RemoveBlocks("s", List.of(design))))
                .hasMessageContaining("dressed as this block");
        project.does(new DressCaptions("s", null));
        project.does(new RemoveBlocks("s", List.of(project.row().design())));
        assertThat(project.row().design()).isEqualTo(design);
        project.does(new RemoveCaptions("s", null));
        assertThat(project.row()).isNull();
        assertThat(project.scene().blocks()).extracting(block -> block.id()).containsExactly("title");
    }

    @Test
    void a_scene_that_is_split_has_a_straddling_caption_in_both_parts_and_joined_has_them_all() {
        project.does(new SplitScene("s", 80));
        Scene first = project.project().scenes().get(0);
        Scene second = project.project().scenes().get(1);
        assertThat(first.captions().lines())
                .extracting(line -> line.words("c1"))
                .containsExactly("The last boat", "leaves at eleven.");
        assertThat(first.captions().lines().get(1).span().end()).isEqualTo(Rational.of(80));
        assertThat(second.captions().lines())
                .extracting(line -> line.span().start())
                .containsExactly(Rational.ZERO, Rational.of(40));
        assertThat(second.captions().design()).isNotEqualTo(first.captions().design());
        assertThat(second.blocks())
                .extracting(block -> block.id())
                .contains(second.captions().design());
        project.does(new JoinScenes("s"));
        assertThat(project.told())
                .containsExactly(
                        "24-60 The last boat",
                        "60-80 leaves at eleven.",
                        "80-96 leaves at eleven.",
                        "120-156 Bring a coat.");
        assertThat(project.seen(85)).hasSize(3);
    }

    @Test
    void a_second_scene_of_captions_has_designs_of_its_own() {
        project.does(new DuplicateScene("s"));
        Scene copy = project.project().scenes().get(1);
        assertThat(copy.captions().design()).isNotEqualTo(project.row().design());
        assertThat(copy.blocks())
                .extracting(block -> block.id())
                .containsAll(copy.captions().designs());
    }

    @Test
    void what_cannot_be_done_is_said() {
        assertThatThrownBy(() -> project.does(new EditCaption("s", "gone", Deed.REMOVE, null, null, null)))
                .hasMessageContaining("no caption 'gone' any more");
        assertThatThrownBy(() -> edit(0, Deed.START, null, null)).hasMessageContaining("which frame");
        assertThatThrownBy(() -> project.does(new MakeCaptions("s", "gone", null, false)))
                .hasMessageContaining("no words yet");
        assertThatThrownBy(
                        () -> project.does(new GiveCaption("s", project.line(0).id(), List.of())))
                .hasMessageContaining("nothing to give");
        CaptionedProject bare = new CaptionedProject();
        assertThatThrownBy(() -> bare.does(new MoveCaptions("s", List.of(), 1, 1)))
                .hasMessageContaining("no captions yet");
        assertThatThrownBy(() -> project.line(0).withText(java.util.Map.of("c1", "a\u0007")))
                .hasMessageContaining("control character");
        assertThat(CaptionLine.LONGEST).isPositive();
    }

    @Test
    void places_and_marks_of_a_file_are_one_captions_own_and_are_written_again() {
        CaptionLook look = new CaptionLook(0.25, 0.125, null, true, "#ffff00");
        project.does(new ReadCaptions(
                "s",
                List.of(new Caption(1, 2, List.of("Bring a coat")), new Caption(3, 4, List.of("Mind the ramp"), look)),
                null,
                null));
        assertThat(project.row().lines().get(0).own()).isEmpty();
        assertThat(project.row().lines().get(1).own())
                .extracting(filling -> String.join("/", filling.path()))
                .containsExactly("place/x", "place/y", "setting/face/axes", "setting/fill");
        assertThat(CaptionScript.written(
                        project.project(),
                        project.scene(),
                        project.row().columns().get(0)))
                .extracting(Caption::look)
                .containsExactly(null, look);
    }
}
