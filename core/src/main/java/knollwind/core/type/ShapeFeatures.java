package knollwind.core.type;

import io.github.humbleui.skija.FontFeature;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Forms;

/** The OpenType features that the shaper is told to switch; what is not named stays as the face has it. */
final class ShapeFeatures {
    private ShapeFeatures() {}

    /** @param ligatures whether optional ligatures are allowed */
    static List<FontFeature> of(boolean ligatures, Forms forms) {
        List<FontFeature> features = new ArrayList<>();
        if (!ligatures) {
            features.add(new FontFeature("liga", false));
            features.add(new FontFeature("clig", false));
            features.add(new FontFeature("dlig", false));
        }
        if (!forms.kerning()) {
            features.add(new FontFeature("kern", false));
        }
        if (forms.letterCase() == Forms.Case.SMALL_CAPS) {
            features.add(new FontFeature("smcp", true));
        }
        forms.features().forEach((tag, value) -> features.add(new FontFeature(tag, value)));
        return features;
    }
}
