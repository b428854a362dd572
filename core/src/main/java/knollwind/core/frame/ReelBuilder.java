package knollwind.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Reel;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Format;

/** Evaluates scores over frames. */
public final class ReelBuilder {
    private ReelBuilder() {}

    /** The reel of a whole score over [from, to). */
    public static Reel build(SceneScore score, int from, int to) {
        List<Reel.Row> tracks = new ArrayList<>();
        tracks.add(background(score.background(), from, to));
        for (BlockScore block : score.seen(from, to)) {
            tracks.add(track(block, from, to));
        }
        tracks.addAll(overlay(score.overlay(), from, to));
        return new Reel(score.format().width(), score.format().height(), from, to, tracks);
    }

    /** What lies over a scene, on at all frames; nothing where nothing does. */
    public static List<Reel.Row> overlay(Overlay overlay, int from, int to) {
        return overlay.isEmpty()
                ? List.of()
                : List.of(standing(Reel.OVERLAY, overlay.format(), from, to, overlay::rests, overlay::at));
    }

    /** The background, on at all frames. */
    public static Reel.Row background(Background background, int from, int to) {
        return standing(Reel.BACKGROUND, background.format(), from, to, background::rests, background::at);
    }

    /** What is on at all frames and as large as they are. */
    private static Reel.Row standing(
            String name,
            Format format,
            int from,
            int to,
            BiPredicate<Double, Double> rests,
            DoubleFunction<DisplayList> at) {
        List<DisplayList> lists = new ArrayList<>();
        int[] frames = new int[to - from];
        float[] bounds = new float[4 * (to - from)];
        for (int i = 0; i < to - from; i++) {
            if (i == 0 || !rests.test(from + i - 1.0, from + i + 0.0)) {
                lists.add(at.apply(from + i));
            }
            frames[i] = lists.size() - 1;
            bounds[4 * i + 2] = format.width();
            bounds[4 * i + 3] = format.height();
        }
        return new Reel.Row(name, List.copyOf(lists), frames, bounds);
    }

    /** One block over [from, to). */
    public static Reel.Row track(BlockScore block, int from, int to) {
        return track(block, from, to, () -> false).orElseThrow();
    }

    /** One block over [from, to); nothing when it is given up, which is asked before each frame. */
    public static Optional<Reel.Row> track(BlockScore block, int from, int to, BooleanSupplier givenUp) {
        List<DisplayList> lists = new ArrayList<>();
        Map<DisplayList, Integer> known = new HashMap<>();
        int[] frames = new int[to - from];
        float[] bounds = new float[4 * (to - from)];
        BlockFrame last = null;
        for (int i = 0; i < to - from; i++) {
            if (givenUp.getAsBoolean()) {
                return Optional.empty();
            }
            int frame = from + i;
            boolean same = last != null && block.isOn(frame) && block.restsThroughout(frame - 1, frame);
            BlockFrame now = same ? last : block.at(frame);
            last = now;
            frames[i] = now.list().paints().isEmpty()
                    ? -1
                    : known.computeIfAbsent(now.list(), list -> {
                        lists.add(list);
                        return lists.size() - 1;
                    });
            put(bounds, i, now.bounds());
        }
        return Optional.of(new Reel.Row(block.block().id(), List.copyOf(lists), frames, bounds));
    }

    /** One block at times that make up one frame, a list for each. */
    public static Reel.Row samples(BlockScore block, double[] times) {
        return sampled(block.block().id(), times, block::at);
    }

    /** The background at times that make up one frame. */
    public static Reel.Row samples(Background background, double[] times) {
        return sampled(Reel.BACKGROUND, times, time -> new BlockFrame(background.at(time), whole(background.format())));
    }

    /** What lies over a scene at times that make up one frame; nothing where nothing does. */
    public static List<Reel.Row> samples(Overlay overlay, double[] times) {
        return overlay.isEmpty()
                ? List.of()
                : List.of(sampled(
                        Reel.OVERLAY, times, time -> new BlockFrame(overlay.at(time), whole(overlay.format()))));
    }

    private static Box whole(Format format) {
        return new Box(0, 0, format.width(), format.height());
    }

    private static Reel.Row sampled(String name, double[] times, DoubleFunction<BlockFrame> at) {
        List<DisplayList> lists = new ArrayList<>();
        int[] frames = new int[times.length];
        float[] bounds = new float[4 * times.length];
        for (int i = 0; i < times.length; i++) {
            BlockFrame now = at.apply(times[i]);
            if (now.list().paints().isEmpty()) {
                frames[i] = -1;
                continue;
            }
            if (lists.isEmpty() || !lists.get(lists.size() - 1).equals(now.list())) {
                lists.add(now.list());
            }
            frames[i] = lists.size() - 1;
            put(bounds, i, now.bounds());
        }
        return new Reel.Row(name, List.copyOf(lists), frames, bounds);
    }

    /** One block shown at rest over [from, to), as while its words are edited. */
    public static Reel.Row resting(BlockScore block, int from, int to) {
        BlockFrame rest = block.atRest();
        int[] frames = new int[to - from];
        float[] bounds = new float[4 * (to - from)];
        for (int i = 0; i < to - from; i++) {
            put(bounds, i, rest.bounds());
        }
        return new Reel.Row(block.block().id(), List.of(rest.list()), frames, bounds);
    }

    private static void put(float[] bounds, int frame, Box box) {
        if (!box.isEmpty()) {
            bounds[4 * frame] = (float) box.left();
            bounds[4 * frame + 1] = (float) box.top();
            bounds[4 * frame + 2] = (float) box.right();
            bounds[4 * frame + 3] = (float) box.bottom();
        }
    }
}
