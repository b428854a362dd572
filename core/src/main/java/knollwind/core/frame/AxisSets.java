package knollwind.core.frame;

import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import knollwind.core.scene.Face;
import knollwind.core.type.SetText;
import knollwind.core.type.TextToSet;
import knollwind.core.type.Typesetter;

/**
 * The same words in other weights and widths of their face, for moves that go through them. Values are taken in steps, since
 * each is a typeface of its own.
 */
final class AxisSets {
    /** Of the weight axis, which commonly runs over 800. */
    private static final double WEIGHT_STEP = 4;
    /** Of the width axis, which commonly runs over 75. */
    private static final double WIDTH_STEP = 0.5;

    /** Of a face that says nothing of its weight: regular (OpenType, usWeightClass). */
    private static final double USUAL_WEIGHT = 400;

    /** Of a face that says nothing of its width, % of normal (OpenType, usWidthClass). */
    private static final double USUAL_WIDTH = 100;

    /** Settings of one text: more cost memory, with fewer a move of weight and width would have its words set anew in each frame. */
    private static final int MOST_KEPT = 512;

    private record Step(long weight, long width) {}

    private final Typesetter typesetter;
    private final TextToSet copy;
    private final Map<Step, SetText> kept = new ConcurrentHashMap<>();

    AxisSets(Typesetter typesetter, TextToSet copy) {
        this.typesetter = typesetter;
        this.copy = copy;
    }

    /** The words with so much more weight and width; beyond what the face has, its most or least. */
    SetText with(double weight, double width) {
        Step step = new Step(Math.round(weight / WEIGHT_STEP), Math.round(width / WIDTH_STEP));
        if (kept.size() > MOST_KEPT) {
            kept.clear();
        }
        return kept.computeIfAbsent(step, this::set);
    }

    private SetText set(Step step) {
        Face face = copy.face();
        Map<String, Double> axes = new TreeMap<>(face.axes());
        if (step.weight() != 0) {
            axes.merge("wght", USUAL_WEIGHT + step.weight() * WEIGHT_STEP, (now, more) -> now + more - USUAL_WEIGHT);
        }
        if (step.width() != 0) {
            axes.merge("wdth", USUAL_WIDTH + step.width() * WIDTH_STEP, (now, more) -> now + more - USUAL_WIDTH);
        }
        return typesetter.set(copy.withFace(new Face(face.family(), face.style(), axes, face.sha256())));
    }
}
