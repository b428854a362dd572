package knollwind.core.check;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.dressing.DressKinds;
import knollwind.core.filling.BuiltWords;
import knollwind.core.filling.Filler;
import knollwind.core.motion.Easings;
import knollwind.core.motion.LinkedSpans;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Field;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import knollwind.core.wording.Wording;

/**
 * What a document's records cannot see by themselves: that every easing can be read, every field that is referred to is
 * there, and every format's overrides leave a block that can be shown, and no blocks hang on each
 * other in a circle. To be asked before a document is kept.
 */
public final class DocumentCheck {
    private static final String HOLD = "hold";
    /** Which of a block's values are lengths; all others that carry keys are numbers. */
    private static final Set<String> LENGTHS = Set.of("place/x", "place/y");

    private final Map<String, Field> fields;

    private DocumentCheck(Project project) {
        this.fields = project.fields().stream().collect(Collectors.toMap(Field::id, field -> field));
    }

    /**
     * Passes a sound project.
     *
     * @throws DocumentException with path and reason at the first fault
     */
    public static void check(Project project) {
        DocumentCheck check = new DocumentCheck(project);
        if (project.scenes().isEmpty()) {
            throw new DocumentException("scenes", "a project needs at least one scene", null);
        }
        for (Scene scene : project.scenes()) {
            String path = "scenes/" + scene.id();
            check.fill(scene.background(), path + "/background");
            if (scene.camera() != null) {
                scene.camera().keys().stream()
                        .filter(key -> !key.easing().equals(HOLD))
                        .forEach(key -> easing(key.easing(), path + "/camera/keys/" + key.id() + "/easing"));
            }
            if (scene.crossing() != null) {
                easing(scene.crossing().flight(), path + "/crossing/easing");
            }
            scene.blocks().forEach(block -> check.block(block, path + "/blocks/" + block.id()));
            at(path + "/blocks", () -> {
                BuiltWords.checkCircles(scene.blocks());
                return scene;
            });
            if (scene.captions() != null) {
                for (CaptionLine line : scene.captions().lines()) {
                    // Only what is other than in the design has not been looked at yet.
                    String own = path + "/captions/lines/" + line.id();
                    if (!line.own().isEmpty()) {
                        at(own, () -> Filler.blocks(scene.blocks(), line.own(), misfit -> {}))
                                .forEach(block -> check.block(block, own + "/" + block.id()));
                    }
                }
            }
            for (Format format : scene.formats()) {
                String shown = path + "/formats/" + format.id();
                List<Block> blocks = at(shown, () -> Filler.blocks(scene, format));
                blocks.forEach(block -> check.block(block, shown + "/" + block.id()));
                at(shown, () -> {
                    Links.check(blocks);
                    LinkedSpans.check(blocks);
                    return blocks;
                });
            }
        }
    }

    private void block(Block block, String path) {
        block.keyable().forEach((place, value) -> keyable(value, type(place), path + "/" + place));
        at(path + "/dress", () -> DressKinds.check(block.dressings()));
        block.asWords().map(TextBlock::says).ifPresent(says -> at(path + "/says", () -> Wording.read(says)));
        if (block.place().way() != null) {
            block.place().way().stops().stream()
                    .filter(stop -> !stop.easing().equals(HOLD))
                    .forEach(stop -> easing(stop.easing(), path + "/place/way/stops/" + stop.id() + "/easing"));
        }
        if (block.place().room() != null) {
            easing(block.place().room().easing(), path + "/place/room/easing");
        }
        if (block.span().landsAt() != null && block.arrive().called()) {
            throw new DocumentException(
                    path + "/span/landsAt",
                    "what arrives at spoken words, beats or cues lands with the last of them, and cannot hang its landing on anything else;"
                            + " hang its start instead",
                    null);
        }
        block.arrive().moves().forEach(move -> move(move, path + "/arrive/moves/" + move.id()));
        block.dwell().moves().forEach(move -> move(move, path + "/dwell/moves/" + move.id()));
        if (block.leave().called()) {
            throw new DocumentException(
                    path + "/leave", "what leaves goes in its own time, not at spoken words, beats or cues", null);
        }
        block.leave().moves().forEach(move -> move(move, path + "/leave/moves/" + move.id()));
        fill(block.fill(), path + "/" + block.fillPath());
        block.stillNumbers().forEach((place, value) -> still(value, Double.class, path + "/" + place));
        block.stillColours().forEach((place, value) -> still(value, String.class, path + "/" + place));
    }

    private void move(Move move, String path) {
        easing(move.easing(), path + "/easing");
        easing(move.pace().spread(), path + "/pace/spread");
        channels(move.channels(), path);
        for (OwnWay way : move.own()) {
            String own = path + "/own/" + way.id();
            if (way.easing() != null) {
                easing(way.easing(), own + "/easing");
            }
            channels(way.channels(), own);
        }
    }

    private static void channels(List<Channel> channels, String path) {
        for (Channel channel : channels) {
            for (ChannelKey key : channel.keys()) {
                easing(key.easing(), path + "/channels/" + channel.id() + "/keys/" + key.id() + "/easing");
            }
        }
    }

    private void fill(Fill fill, String path) {
        fill.oneColour().ifPresent(colour -> still(colour, String.class, path + "/colour"));
    }

    /** A value that is set once for a block's whole span. */
    private <T> void still(Value<T> value, Class<T> type, String path) {
        if (value.keys().isPresent()) {
            throw new DocumentException(
                    path, "this value is set once for a block's whole span and cannot carry keys", null);
        }
        keyable(value, type, path);
    }

    private static Class<?> type(String place) {
        return LENGTHS.contains(place) ? Length.class : place.contains(Block.COLOURS) ? String.class : Double.class;
    }

    private <T> void keyable(Value<T> value, Class<?> type, String path) {
        Runnable check = value.match(
                literal -> () -> {}, field -> () -> field(field, type, path), keys -> () -> keys(keys, type, path));
        check.run();
    }

    private static <T> void keys(List<TrackKey<T>> keys, Class<?> type, String path) {
        if (keys.stream()
                        .map(key -> key.value() instanceof Length length ? length.unit() : type)
                        .distinct()
                        .count()
                > 1) {
            throw new DocumentException(path, "all keys of a length need one unit", null);
        }
        keys.stream()
                .filter(key -> !key.easing().equals(HOLD))
                .forEach(key -> easing(key.easing(), path + "/track/" + key.id() + "/easing"));
    }

    private void field(String id, Class<?> type, String path) {
        Field field = fields.get(id);
        if (field == null) {
            throw new DocumentException(path, "the project has no field '" + id + "'", null);
        }
        try {
            Object value = DocumentJson.read(field.value(), type);
            if (type == String.class) {
                Colour.check((String) value);
            }
        } catch (IllegalArgumentException e) {
            throw new DocumentException(
                    path, "the field '" + field.name() + "' cannot stand here: " + e.getMessage(), e);
        }
    }

    private static void easing(String function, String path) {
        at(path, () -> Easings.read(function));
    }

    private static <T> T at(String path, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (DocumentException e) {
            throw new DocumentException(path + "/" + e.path(), e.reason(), e);
        } catch (IllegalArgumentException e) {
            throw new DocumentException(path, e.getMessage(), e);
        }
    }
}
