package knollwind.core.display;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A reel as plain maps and lists, for people and tools that want to look inside. */
public final class ReelJson {
    private ReelJson() {}

    /** What the reel holds, ready to be written as JSON. Outlines are named by their id in hexadecimal. */
    public static Map<String, Object> dump(Reel reel) {
        List<Object> tracks = new ArrayList<>();
        for (Reel.Row track : reel.rows()) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("block", track.block());
            one.put("frames", track.frames());
            one.put("bounds", track.bounds());
            one.put(
                    "lists",
                    track.lists().stream()
                            .map(list ->
                                    list.paints().stream().map(ReelJson::paint).toList())
                            .toList());
            tracks.add(one);
        }
        Map<String, Object> dump = new LinkedHashMap<>();
        dump.put("version", ReelWriter.VERSION);
        dump.put("width", reel.width());
        dump.put("height", reel.height());
        dump.put("from", reel.from());
        dump.put("to", reel.to());
        dump.put("tracks", tracks);
        return dump;
    }

    private static List<Object> paint(PaintOp paint) {
        if (paint instanceof PaintOp.Concat m) {
            return List.of("concat", m.a(), m.b(), m.c(), m.d(), m.e(), m.f());
        } else if (paint instanceof PaintOp.ConcatDeep deep) {
            return List.of("concatDeep", deep.m());
        } else if (paint instanceof PaintOp.Clip clip) {
            return List.of("clip", Long.toHexString(clip.outline().id()));
        } else if (paint instanceof PaintOp.Layer layer) {
            return List.of("layer", layer.opacity(), layer.blurX(), layer.blurY());
        } else if (paint instanceof PaintOp.Mask) {
            return List.of("mask");
        } else if (paint instanceof PaintOp.Stroke stroke) {
            return List.of("stroke", stroke.width(), stroke.drawn(), paint(stroke.fill()));
        } else if (paint instanceof PaintOp.Fill fill) {
            Object ink = ink(fill.ink());
            return List.of("fill", Long.toHexString(fill.outline().id()), fill.opacity(), ink);
        }
        return List.of(paint instanceof PaintOp.Save ? "save" : "restore");
    }

    private static Object ink(Ink ink) {
        if (ink instanceof Ink.Gradient gradient) {
            return Map.of("gradient", gradient.colours().length);
        } else if (ink instanceof Ink.Radial radial) {
            return Map.of("radial", radial.colours().length);
        }
        if (ink instanceof Ink.Picture picture) {
            return Map.of("picture", picture.picture());
        }
        return String.format("#%08x", ((Ink.Plain) ink).argb());
    }
}
