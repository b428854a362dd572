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
                                    list.paints().stream().map(PaintOp::dump).toList())
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
}
