package knollwind.core.edit;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;

/** Where new words can stand in the middle of the frame without covering others. */
final class FreeSpot {
    /** Per cent of the frame's height, in the order in which they are tried: the middle, then below and above it. */
    private static final List<Double> HEIGHTS = List.of(50.0, 68.0, 32.0, 82.0, 18.0, 90.0, 10.0);

    private FreeSpot() {}

    /** A stretch of the frame's height, px. */
    private record Stretch(double top, double bottom) {
        double over(Stretch other) {
            return Math.max(0, Math.min(bottom, other.bottom) - Math.max(top, other.top));
        }
    }

    /**
     * The height at which a line covers no words that are on while it is, per cent of the frame's; where there is none, the one at which
     * it covers least.
     *
     * @param line px of the base frame that it takes
     */
    static double height(Draft draft, Scene scene, Span span, double line) {
        Format format = scene.formats().get(0);
        double half = line * FrameFit.of(scene, format).scale() / 2;
        List<Stretch> taken = draft.scores(scene, format).values().stream()
                .filter(score -> score.block().asWords().isPresent()
                        && !score.block().hidden()
                        && score.timing().start() < span.end().value()
                        && score.timing().end() > span.start().value())
                .flatMap(FreeSpot::stretch)
                .toList();
        return HEIGHTS.stream()
                .min(Comparator.comparingDouble(height -> {
                    double middle = height / 100 * format.height();
                    Stretch own = new Stretch(middle - half, middle + half);
                    return taken.stream().mapToDouble(own::over).sum();
                }))
                .orElseThrow();
    }

    /** Of words that there are. */
    private static Stream<Stretch> stretch(BlockScore score) {
        if (score.block().asWords().orElseThrow().text().isBlank()) {
            return Stream.empty();
        }
        List<Double> downs = score.corners().stream().map(Point::y).toList();
        return Stream.of(new Stretch(
                downs.stream().min(Double::compare).orElseThrow(),
                downs.stream().max(Double::compare).orElseThrow()));
    }
}
