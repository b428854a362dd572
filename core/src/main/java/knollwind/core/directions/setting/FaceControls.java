package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.grammar.AxisNames;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Face;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontFamily;

/** The controls of a face: its family, its axes, its style. */
final class FaceControls {
    private FaceControls() {}

    /** @param whole whether the document has no face there yet, so that every change sets all of it */
    static List<Control> of(Face face, String at, List<FontFamily> families, boolean whole) {
        List<Control> controls = new ArrayList<>();
        controls.add(new Control.Families(
                "Family",
                families.stream()
                        .map(family -> new Control.FamilyOption(
                                family.name(),
                                family.kind(),
                                !whole && family.name().equals(face.family()),
                                List.of(Ops.set(at, other(face, family)))))
                        .toList()));
        families.stream().filter(family -> family.name().equals(face.family())).forEach(family -> {
            for (FontAxis axis : family.axes()) {
                controls.add(axis(axis, face, at, whole));
            }
            if (family.styles().size() > 1) {
                controls.add(new Control.Choice(
                        "Style",
                        family.styles().stream()
                                .map(style -> new Control.Option(
                                        style,
                                        !whole && style.equals(face.style()),
                                        List.of(
                                                whole
                                                        ? Ops.set(
                                                                at,
                                                                new Face(
                                                                        face.family(),
                                                                        style,
                                                                        face.axes(),
                                                                        face.sha256()))
                                                        : Ops.set(at + "/style", style))))
                                .toList()));
            }
        });
        return controls;
    }

    private static Control axis(FontAxis axis, Face face, String at, boolean whole) {
        double value = face.axes().getOrDefault(axis.tag(), (double) axis.usual());
        double step = axis.most() - axis.least() > 20 ? 1 : 0.1;
        List<Edit> edits = new ArrayList<>();
        if (whole) {
            edits.add(new Edit(at, DocumentJson.tree(face), 1, 0));
        }
        edits.add(Edit.shown(at + "/axes/" + axis.tag(), 1));
        return new Control.Number(AxisNames.of(axis.tag()), value, "", axis.least(), axis.most(), step, false, edits);
    }

    /** The face in another family: axes that it has too keep their values, within its range. */
    private static Face other(Face face, FontFamily family) {
        Map<String, Double> axes = new TreeMap<>();
        for (FontAxis axis : family.axes()) {
            Double value = face.axes().get(axis.tag());
            if (value != null) {
                axes.put(axis.tag(), Math.max(axis.least(), Math.min(axis.most(), value)));
            }
        }
        String style = family.styles().contains(face.style()) ? face.style() : "normal";
        return new Face(family.name(), style, axes, family.sha256());
    }
}
