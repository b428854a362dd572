package knollwind.core.directions.controls;

import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;

/** Operations made of the document's records. */
public final class Ops {
    private Ops() {}

    public static Operation set(String at, Object value) {
        return new Operation.Set(at, DocumentJson.tree(value));
    }

    public static Operation insert(String at, Object value) {
        return new Operation.Insert(at, Integer.MAX_VALUE, DocumentJson.tree(value));
    }
}
