package knollwind.core.filling;

import java.util.List;
import knollwind.core.scene.Block;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.ReadingSpeed;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;

/**
 * How long the scenes of a version are. A scene that marks a hold gives there and nowhere else, so ways in and out keep their time: when
 * the version says another length, as long as it takes to read what is on in the hold, or until its voices have been heard.
 */
final class GivenLengths {
    private GivenLengths() {}

    /** The version with its lengths given; itself where none gives. */
    static Project of(Project base, Project version) {
        List<Scene> given = version.scenes().stream()
                .map(scene -> base.scenes().stream()
                        .filter(one -> one.id().equals(scene.id()))
                        .findFirst()
                        .map(own -> given(own, scene, version))
                        .orElse(scene))
                .toList();
        return given.equals(version.scenes()) ? version : version.withScenes(given);
    }

    private static Scene given(Scene base, Scene scene, Project version) {
        Hold hold = scene.hold();
        if (hold == null) {
            return scene;
        }
        if (scene.length() != base.length()) {
            return held(scene.withLength(base.length()), scene.length() - base.length());
        }
        if (hold.voice() != null) {
            return held(scene, heard(scene) - hold.to());
        }
        return hold.reading() == null ? scene : held(scene, reading(scene, version) - (hold.to() - hold.from()));
    }

    /** The frame at which all voices have been heard; the end of the hold where none is. */
    private static int heard(Scene scene) {
        return scene.sounds().stream()
                .filter(sound -> sound.kind() == Sound.Kind.VOICE && !sound.muted())
                .mapToInt(sound -> (int) Math.ceil(sound.frame(sound.end(), scene.rate())))
                .max()
                .orElse(scene.hold().to());
    }

    private static Scene held(Scene scene, int by) {
        Hold hold = scene.hold();
        // It holds for a frame at least.
        int most = Math.max(by, hold.from() + 1 - hold.to());
        return most == 0 ? scene : Nested.seen(scene, scene.length() + most).withHold(hold.until(hold.to() + most));
    }

    /** Frames that it takes to read all words that are on in the hold, one block after the other. */
    private static int reading(Scene scene, Project version) {
        Hold hold = scene.hold();
        Scene worded = Filler.plain(version).scene(scene.id());
        List<String> read = Filler.blocks(worded, worded.formats().get(0)).stream()
                .filter(block -> !block.hidden() && isOn(block, hold))
                .flatMap(block -> block.asWords().stream())
                .map(TextBlock::text)
                .map(String::strip)
                .toList();
        int characters = read.stream().mapToInt(String::length).sum();
        double seconds = new ReadingSpeed(hold.reading(), ReadingSpeed.Unit.CHARACTERS).seconds(characters, 0);
        return (int) Math.ceil(seconds * scene.rate().perSecond());
    }

    private static boolean isOn(Block block, Hold hold) {
        return block.span().start().value() < hold.to() && block.span().end().value() > hold.from();
    }
}
