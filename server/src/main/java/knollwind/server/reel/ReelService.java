package knollwind.server.reel;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import knollwind.core.display.Reel;
import knollwind.core.frame.Background;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.CaptionRow;
import knollwind.core.frame.Overlay;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.scene.MotionBlur;
import knollwind.core.simulation.Falls;
import knollwind.server.draft.Drafts;
import org.springframework.stereotype.Service;

/** Makes reels of drafts, block by block, from pieces that are kept while their block stays as it is. */
@Service
public class ReelService {
    private record PieceKey(BlockScore score, int from, int to) {}

    private final Drafts drafts;
    private final Cache<PieceKey, Reel.Row> pieces =
            Caffeine.newBuilder().maximumSize(5000).build();

    ReelService(Drafts drafts) {
        this.drafts = drafts;
    }

    /**
     * The reel of [from, to).
     *
     * @param resting id of a block to be shown at rest, because its words are being edited; null for none
     * @param stale asked before each frame of each block; true drops the work
     * @return nothing when the request went stale
     */
    public Optional<Reel> reel(Drafts.View view, int from, int to, String resting, BooleanSupplier stale) {
        List<CaptionRow.Copy> blocks = view.seen(from, to);
        Reel.Row[] tracks = new Reel.Row[blocks.size()];
        IntStream.range(0, blocks.size()).parallel().forEach(i -> {
            if (!stale.getAsBoolean()) {
                tracks[i] = track(view, blocks.get(i), from, to, resting, stale);
            }
        });
        if (stale.getAsBoolean()) {
            return Optional.empty();
        }
        int width = view.format().width();
        int height = view.format().height();
        List<Reel.Row> all = new ArrayList<>();
        all.add(ReelBuilder.background(new Background(view.project(), view.scene(), view.format()), from, to));
        all.addAll(List.of(tracks));
        all.addAll(ReelBuilder.overlay(new Overlay(view.scene(), view.format()), from, to));
        return Optional.of(new Reel(width, height, from, to, all));
    }

    /** The pictures whose mean a frame is, as a reel with one of its frames for each. */
    public Reel samples(Drafts.View view, int frame, String resting) {
        double[] times = MotionBlur.times(view.scene().blur(), frame);
        List<Reel.Row> all = new ArrayList<>();
        all.add(ReelBuilder.samples(new Background(view.project(), view.scene(), view.format()), times));
        for (CaptionRow.Copy seen : view.seen(frame, frame + 1)) {
            BlockScore score = drafts.score(view, seen);
            all.add(
                    seen.block().id().equals(resting)
                            ? ReelBuilder.resting(score, frame, frame + times.length)
                            : ReelBuilder.samples(score, times));
        }
        all.addAll(ReelBuilder.samples(new Overlay(view.scene(), view.format()), times));
        return new Reel(view.format().width(), view.format().height(), frame, frame + times.length, all);
    }

    /** Null when the request went stale meanwhile. */
    private Reel.Row track(
            Drafts.View view, CaptionRow.Copy seen, int from, int to, String resting, BooleanSupplier stale) {
        BlockScore score = drafts.score(view, seen);
        if (seen.block().id().equals(resting)) {
            return ReelBuilder.resting(score, from, to);
        }
        try {
            return Falls.unless(
                    stale,
                    () -> pieces.get(
                            new PieceKey(score, from, to),
                            key -> ReelBuilder.track(score, from, to, stale).orElse(null)));
        } catch (CancellationException e) {
            return null;
        }
    }
}
