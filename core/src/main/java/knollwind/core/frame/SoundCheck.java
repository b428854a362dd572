package knollwind.core.frame;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import knollwind.core.motion.Easings;
import knollwind.core.motion.LinkedSpans;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.DocumentException;
import knollwind.core.scene.Field;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FormatPatch;
import knollwind.core.scene.Links;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;

/**
 * What a document's records cannot see by themselves: that every easing can be read, every field that is referred to is
 * there, and every format's overrides leave a block that can be shown, and no blocks hang on each
 * other in a circle. To be asked before a document is kept.
 */
public final class SoundCheck {
    private static final String HOLD = "hold";

    private final Set<String> fields;

    private SoundCheck(Project project) {
        this.fields = project.fields().stream().map(Field::id).collect(Collectors.toSet());
    }

    /**
     * Passes a sound project.
     *
     * @throws DocumentException with path and reason at the first fault
     */
    public static void check(Project project) {
        SoundCheck check = new SoundCheck(project);
        for (Scene scene : project.scenes()) {
            String path = "scenes/" + scene.id();
            check.fill(scene.background(), path + "/background");
            if (scene.camera() != null) {
                scene.camera().keys().stream()
                        .filter(key -> !key.easing().equals(HOLD))
                        .forEach(key -> easing(key.easing(), path + "/camera/keys/" + key.id() + "/easing"));
            }
            scene.blocks().forEach(block -> check.block(block, path + "/blocks/" + block.id()));
            for (Format format : scene.formats()) {
                String shown = path + "/formats/" + format.id();
                List<Block> blocks = at(shown, () -> FormatPatch.resolve(scene, format));
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
        value(block.place().x(), path + "/place/x");
        value(block.place().y(), path + "/place/y");
        value(block.place().rotation(), path + "/place/rotation");
        value(block.place().scale(), path + "/place/scale");
        if (block.place().way() != null) {
            block.place().way().stops().stream()
                    .filter(stop -> !stop.easing().equals(HOLD))
                    .forEach(stop -> easing(stop.easing(), path + "/place/way/stops/" + stop.id() + "/easing"));
        }
        if (block.place().room() != null) {
            easing(block.place().room().easing(), path + "/place/room/easing");
        }
        value(block.opacity(), path + "/opacity");
        block.arrive().moves().forEach(move -> move(move, path + "/arrive/moves/" + move.id()));
        block.dwell().moves().forEach(move -> move(move, path + "/dwell/moves/" + move.id()));
        block.leave().moves().forEach(move -> move(move, path + "/leave/moves/" + move.id()));
        if (block instanceof TextBlock text) {
            Setting setting = text.setting();
            value(setting.size(), path + "/setting/size");
            value(setting.tracking(), path + "/setting/tracking");
            value(setting.leading(), path + "/setting/leading");
            fill(setting.fill(), path + "/setting/fill");
        } else if (block instanceof ShapeBlock shape) {
            fill(shape.fill(), path + "/fill");
            if (shape.stroke() != null) {
                value(shape.stroke().colour(), path + "/stroke/colour");
            }
        }
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
        if (fill instanceof Fill.Solid solid) {
            value(solid.colour(), path + "/colour");
        }
    }

    private <T> void value(Value<T> value, String path) {
        if (value instanceof Value.FieldReference<T> reference && !fields.contains(reference.field())) {
            throw new DocumentException(path, "the project has no field '" + reference.field() + "'", null);
        }
        if (value instanceof Value.Track<T> track) {
            List<TrackKey<T>> keys = track.track();
            keys.stream()
                    .filter(key -> !key.easing().equals(HOLD))
                    .forEach(key -> easing(key.easing(), path + "/track/" + key.id() + "/easing"));
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
