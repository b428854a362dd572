package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.frame.CaptionRow;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;

/** A scene of ten seconds at 24 frames with a title and a voice that begins at frame 24 and says two sentences. */
public final class CaptionedProject {
    public static final String SHA = "b2".repeat(32);

    /** Each word takes half a second; between the sentences there is one of silence. */
    private static final List<String> SAID =
            List.of("The", "last", "boat", "leaves", "at", "eleven.", "", "", "Bring", "a", "coat.");

    private Project project;

    public CaptionedProject() {
        Project plain = Samples.project(
                240, Samples.named("title", Samples.block("HOME", Span.of(0, 240), Phase.CUT, Phase.CUT)));
        Sound sound =
                new Sound("voice", "Announcement", Sound.Kind.VOICE, SHA, 8, Rational.of(24), 0, null, 0, false, false);
        List<VoiceWord> words = new ArrayList<>();
        for (int i = 0; i < SAID.size(); i++) {
            if (!SAID.get(i).isEmpty()) {
                words.add(new VoiceWord("w" + i, SAID.get(i), 0.5 * i, 0.5 * i + 0.5, 0.9, null, null));
            }
        }
        Scene scene = plain.scenes().get(0).withSounds(List.of(sound));
        project = plain.with(one -> one.scenes(List.of(scene)).voices(List.of(new Voice(SHA, words, null))));
    }

    public Project project() {
        return project;
    }

    public Scene scene() {
        return project.scenes().get(0);
    }

    public Captions row() {
        return scene().captions();
    }

    /** The captions when they are on, as "24-83 The last boat". */
    public List<String> told() {
        return timed().stream()
                .map(one -> Math.round(one.span().start().value()) + "-"
                        + Math.round(one.span().end().value()) + " "
                        + one.line().words(row().columns().get(0).id()).replace('\n', '/'))
                .toList();
    }

    public List<CaptionRow.Timed> timed() {
        return CaptionRow.timed(row(), NamedTimes.of(project, scene()));
    }

    public CaptionLine line(int place) {
        return timed().get(place).line();
    }

    /** Ids of what is painted at a frame, from back to front. */
    public List<String> seen(double frame) {
        return SceneScore.of(project, scene(), scene().formats().get(0), Samples.TYPESETTER)
                .seen(frame, Math.nextUp(frame))
                .stream()
                .filter(score -> score.isOn(frame))
                .map(score -> score.block().id())
                .toList();
    }

    public Block design() {
        return scene().blocks().stream()
                .filter(block -> block.id().equals(row().design()))
                .findFirst()
                .orElseThrow();
    }

    /** With a change of its row. */
    public CaptionedProject with(UnaryOperator<Captions> change) {
        project = project.withScenes(List.of(scene().withCaptions(change.apply(row()))));
        return this;
    }

    Draft draft() {
        var tree = DocumentJson.tree(project);
        return new Draft(tree, project, Samples.TYPESETTER, EditedProject::scores, revision -> tree);
    }

    public Outcome does(Intent intent) {
        return does(new Wish(intent, null));
    }

    /** Does what is wished; the document is still one that is taken in, and undoing it gives back what was there. */
    Outcome does(Wish wish) {
        Draft draft = draft();
        Outcome outcome = wish.on(draft);
        Patch.Result applied = new Patch(outcome.operations()).apply(draft.tree());
        project = DocumentJson.read(applied.document());
        DocumentCheck.check(project);
        return outcome;
    }

    /** Captions in lines of at most 17 characters, one right after the other. */
    public static CaptionedProject captioned() {
        CaptionedProject made = new CaptionedProject();
        made.does(new MakeCaptions(
                "s",
                null,
                "Captions of at most 17 characters on one line, each 0.5 to 4 seconds, never over 30 characters a"
                        + " second, one right after the other.",
                false));
        return made;
    }

    /** A change of the design's place in the document. */
    static Operation.Set design(CaptionedProject project, String path, Object value) {
        return new Operation.Set("scenes/s/blocks/" + project.row().design() + "/" + path, DocumentJson.tree(value));
    }

    static Map<String, String> text(CaptionedProject project, int place) {
        return project.line(place).text();
    }
}
