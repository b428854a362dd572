package knollwind.core.document;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import knollwind.core.scene.TextEdit;
import tools.jackson.databind.JsonNode;

/**
 * One step of a {@link Patch}. {@code at} is a path of names from the document's root, joined by slashes; inside a list
 * the id of an element stands for its place, so that a path means the same thing after others were moved.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "op")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Operation.Set.class, name = "set"),
    @JsonSubTypes.Type(value = Operation.Clear.class, name = "clear"),
    @JsonSubTypes.Type(value = Operation.Insert.class, name = "insert"),
    @JsonSubTypes.Type(value = Operation.Remove.class, name = "remove"),
    @JsonSubTypes.Type(value = Operation.Reorder.class, name = "reorder"),
    @JsonSubTypes.Type(value = Operation.Splice.class, name = "splice")
})
public sealed interface Operation {
    /** One method for each kind. */
    interface Cases<R> {
        R set(Set set);

        R clear(Clear clear);

        R insert(Insert insert);

        R remove(Remove remove);

        R reorder(Reorder reorder);

        R splice(Splice splice);
    }

    <R> R match(Cases<R> cases);

    String at();

    /** The same operation somewhere else. */
    Operation to(String other);

    /** Puts a value at a member of an object, or in the place of a list's element with the same id. */
    record Set(String at, JsonNode value) implements Operation {
        public Set {
            StorableJson.check(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.set(this);
        }

        @Override
        public Set to(String other) {
            return new Set(other, value);
        }
    }

    /** Takes a member away from an object. */
    record Clear(String at) implements Operation {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.clear(this);
        }

        @Override
        public Clear to(String other) {
            return new Clear(other);
        }
    }

    /** Inserts an element with an id into the list at the path; an index past the end appends. */
    record Insert(String at, int index, JsonNode value) implements Operation {
        public Insert {
            StorableJson.check(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.insert(this);
        }

        @Override
        public Insert to(String other) {
            return new Insert(other, index, value);
        }
    }

    /** Removes the element that the path names. */
    record Remove(String at) implements Operation {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.remove(this);
        }

        @Override
        public Remove to(String other) {
            return new Remove(other);
        }
    }

    /** Moves the element that the path names to another index of its list. */
    record Reorder(String at, int index) implements Operation {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.reorder(this);
        }

        @Override
        public Reorder to(String other) {
            return new Reorder(other, index);
        }
    }

    /** Edits the text at the path; ranges over it move along. */
    record Splice(String at, int from, int removed, String inserted) implements Operation {
        public Splice {
            StorableJson.text(inserted);
        }

        /** The edit as an operation on the text at a path. */
        public static Splice of(String path, TextEdit edit) {
            return new Splice(path, edit.from(), edit.removed(), edit.inserted());
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.splice(this);
        }

        @Override
        public Splice to(String other) {
            return new Splice(other, from, removed, inserted);
        }
    }
}
