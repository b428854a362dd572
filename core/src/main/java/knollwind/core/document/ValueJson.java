package knollwind.core.document;

import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;

/** The JSON form of {@link Value}: a literal as itself, else an object with the one member that says what it is. */
final class ValueJson {
    private ValueJson() {}

    static final class Reader extends ValueDeserializer<Value<?>> {
        private final JavaType content;

        Reader() {
            this(null);
        }

        private Reader(JavaType content) {
            this.content = content;
        }

        @Override
        public ValueDeserializer<?> createContextual(DeserializationContext context, BeanProperty property) {
            JavaType type = context.getContextualType();
            return new Reader(
                    type == null || type.containedTypeCount() == 0
                            ? context.constructType(Object.class)
                            : type.containedType(0));
        }

        @Override
        public Value<?> deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode node = context.readTree(parser);
            if (node.isObject() && node.size() == 1 && node.has("field")) {
                return new Value.FieldReference<>(node.get("field").asString());
            }
            if (node.isObject() && node.size() == 1 && node.has("track")) {
                JavaType keys = context.getTypeFactory()
                        .constructCollectionType(
                                java.util.List.class,
                                context.getTypeFactory().constructParametricType(TrackKey.class, content));
                java.util.List<TrackKey<Object>> track = context.readTreeAsValue(node.get("track"), keys);
                return new Value.Track<>(track);
            }
            Object literal = context.readTreeAsValue(node, content);
            if (literal == null) {
                throw DatabindException.from(parser, "a value is missing");
            }
            return new Value.Literal<>(literal);
        }
    }

    @SuppressWarnings("rawtypes")
    static final class Writer extends ValueSerializer<Value> {
        @Override
        public void serialize(Value value, JsonGenerator out, SerializationContext context) {
            Value<?> any = value;
            Runnable write = any.match(
                    literal -> () -> literal(literal, out, context),
                    field -> () -> {
                        out.writeStartObject();
                        out.writeStringProperty("field", field);
                        out.writeEndObject();
                    },
                    keys -> () -> {
                        out.writeStartObject();
                        out.writeName("track");
                        context.writeValue(out, keys);
                        out.writeEndObject();
                    });
            write.run();
        }

        private static void literal(Object literal, JsonGenerator out, SerializationContext context) {
            if (literal instanceof Double number && number == Math.rint(number) && Math.abs(number) < 1e15) {
                out.writeNumber(number.longValue());
            } else {
                context.writeValue(out, literal);
            }
        }
    }
}
