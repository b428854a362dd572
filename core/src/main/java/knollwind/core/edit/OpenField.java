package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.document.Operation;
import knollwind.core.scene.Field;
import knollwind.core.scene.Opened;
import tools.jackson.databind.JsonNode;

/**
 * Opens what a control changes as a field, for others to fill in.
 *
 * @param control as a sentence has it
 * @param about what the field is about, such as the block's name; its name is made of that and the control's
 */
public record OpenField(Control control, String about) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Field field = field(draft);
        return FieldList.added(draft, field);
    }

    private Field field(Draft draft) {
        String name = FieldList.name(about, control.label());
        if (control instanceof Control.Number number) {
            if (number.derived()) {
                throw new IllegalArgumentException("\u201c" + number.label()
                        + "\u201d follows from other values and cannot be opened as a field until it is set by itself");
            }
            return FieldList.made(
                    draft,
                    name,
                    Field.Kind.NUMBER,
                    number.least(),
                    number.most(),
                    List.of(),
                    number.edits().stream().map(OpenField::opened).toList());
        }
        if (control instanceof Control.Tint tint) {
            return FieldList.made(draft, name, Field.Kind.COLOUR, null, null, List.of(), List.of(Opened.of(tint.at())));
        }
        if (control instanceof Control.PictureFile picture) {
            return FieldList.made(
                    draft, name, Field.Kind.PICTURE, null, null, List.of(), List.of(Opened.of(picture.at())));
        }
        if (control instanceof Control.Choice choice) {
            return choice(draft, name, choice.options())
                    .orElseThrow(() -> new IllegalArgumentException("\u201c" + choice.label()
                            + "\u201d changes other things with each choice, so it cannot be opened as a field"));
        }
        throw new IllegalArgumentException("\u201c" + control.label()
                + "\u201d cannot be opened as a field: numbers, colours, pictures, choices and words can");
    }

    private static Opened opened(Edit edit) {
        return new Opened(edit.at(), edit.factor(), edit.offset(), edit.grain(), edit.value(), List.of());
    }

    /** Empty where the options do not all change the same places, or are things to be done. */
    private static Optional<Field> choice(Draft draft, String name, List<Control.Option> options) {
        List<Opened> opens = new ArrayList<>();
        if (options.stream().noneMatch(Control.Option::selected)) {
            return Optional.empty();
        }
        List<Operation> first = options.get(0).operations();
        for (Operation operation : first) {
            List<JsonNode> values = new ArrayList<>();
            for (Control.Option option : options) {
                boolean alike = option.operations().size() == first.size();
                option.operations().stream()
                        .filter(one -> alike && one.at().equals(operation.at()))
                        .flatMap(one -> value(one).stream())
                        .findFirst()
                        .ifPresent(values::add);
            }
            if (values.size() < options.size()) {
                return Optional.empty();
            }
            opens.add(Opened.of(operation.at(), values));
        }
        List<String> labels = options.stream().map(Control.Option::label).toList();
        return opens.isEmpty()
                ? Optional.empty()
                : Optional.of(FieldList.made(draft, name, Field.Kind.CHOICE, null, null, labels, opens));
    }

    /** What an operation leaves at its place; empty where that depends on what is there. */
    private static Optional<JsonNode> value(Operation operation) {
        if (operation instanceof Operation.Set set) {
            return Optional.of(set.value());
        }
        return operation instanceof Operation.Clear ? Optional.of(Nodes.NONE) : Optional.empty();
    }
}
