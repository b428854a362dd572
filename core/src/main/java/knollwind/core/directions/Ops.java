package knollwind.core.directions;

import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Operation;

/** Operations made of the document's records. */
final class Ops {
    private Ops() {}

    static Operation set(String at, Object value) {
        return new Operation.Set(at, DocumentJson.tree(value));
    }

    static Operation insert(String at, Object value) {
        return new Operation.Insert(at, Integer.MAX_VALUE, DocumentJson.tree(value));
    }
}
