package knollwind.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Face;
import knollwind.core.scene.Field;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.jsonFormatVisitors.JsonFormatVisitorWrapper;
import tools.jackson.databind.jsonFormatVisitors.JsonObjectFormatVisitor;
import tools.jackson.databind.node.ObjectNode;

class DocumentJsonTest {
    private static final String TITLE = "scenes/opening/blocks/title";

    @Test
    void reading_what_was_written_gives_the_same_document() {
        Project demo = Samples.demo();
        assertThat(DocumentJson.read(DocumentJson.pretty(demo))).isEqualTo(demo);
    }

    @Test
    void values_are_literals_fields_or_tracks() {
        Place place = DocumentJson.read(
                DocumentJson.tree(
                        "{\"x\":{\"value\":5,\"unit\":\"em\"},\"y\":{\"field\":\"shelf\"},\"rotation\":{\"track\":["
                                + "{\"id\":\"a\",\"anchor\":\"hold\",\"at\":0.5,\"value\":3,\"easing\":\"ease\"}]}}"),
                Place.class);
        assertThat(place.x()).isEqualTo(Value.of(Length.em(5)));
        assertThat(place.y()).isEqualTo(new Value.FieldReference<Length>("shelf"));
        assertThat(place.rotation())
                .isEqualTo(new Value.Track<>(List.of(new TrackKey<>("a", TrackKey.Anchor.HOLD, 0.5, 3.0, "ease"))));
        assertThat(DocumentJson.read(DocumentJson.tree(place), Place.class)).isEqualTo(place);
    }

    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "documentVersion | 99 | '' | version 99",
                "engineVersion | \"7\" | '' | engine 7",
                "glow | 1 | glow | 'glow' is unknown here",
                "scenes/opening/length | 0 | scenes/opening | between 1 and 1000000",
                "scenes/opening/length | \"long\" | scenes/opening/length | a whole number",
                "scenes/opening/length | 2.5 | scenes/opening/length | a whole number",
                "scenes/opening/rate/numerator | 0 | scenes/opening/rate | positive",
                "scenes/opening/formats/wide/width | 9000 | scenes/opening/formats/wide | between 16 and 8192",
                "scenes/opening/blocks/title/kind | \"blob\" | scenes/opening/blocks/title | blob",
                "scenes/opening/blocks/title/text | \"a\\u0007b\" | scenes/opening/blocks/title | U+0007 at 1",
                "scenes/opening/blocks/title/setting/size | 0 | scenes/opening/blocks/title/setting | between 0.5 and 4000",
                "scenes/opening/blocks/title/setting/fill/colour | \"red\" | scenes/opening/blocks/title/setting/fill | #rrggbb",
                "scenes/opening/blocks/title/span/end | 27 | scenes/opening/blocks/title/span | at least one frame",
                "scenes/opening/blocks/title/arrive/moves/rise/unit | \"syllable\" | scenes/opening/blocks/title/arrive/moves/rise/unit | syllable",
                "scenes/opening/blocks/title/arrive/moves/rise/pace/each | 0 | scenes/opening/blocks/title/arrive/moves/rise/pace | each must lie",
            })
    void refuses_what_it_does_not_understand_with_path_and_reason(String at, String value, String path, String reason) {
        JsonNode demo = Samples.demoTree();
        String move = Patch.find(demo, TITLE + "/arrive/moves").get(0).get("id").asString();
        String real = at.replace("moves/rise", "moves/" + move);
        Patch patch = new Patch(List.of(new Operation.Set(real, DocumentJson.tree(value))));
        assertThatThrownBy(() -> DocumentJson.read(patch.apply(demo).document()))
                .hasMessageContaining(reason)
                .asInstanceOf(type(DocumentException.class))
                .extracting(DocumentException::path)
                .isEqualTo(path.replace("moves/rise", "moves/" + move));
    }

    @Test
    void what_is_not_json_is_refused() {
        assertThatThrownBy(() -> DocumentJson.read("{\"name\":"))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("not JSON");
    }

    @Test
    void the_published_schema_accepts_the_demo_and_refuses_strangers() throws Exception {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(published());
        assertThat(schema.validate(Samples.demoTree().toString(), InputFormat.JSON))
                .isEmpty();
        ObjectNode stranger = (ObjectNode) Samples.demoTree();
        ((ObjectNode) Patch.find(stranger, TITLE)).put("glow", 1);
        assertThat(schema.validate(stranger.toString(), InputFormat.JSON)).isNotEmpty();
    }

    /** Every record of the document has its definition, with exactly its components as properties. */
    @Test
    void the_published_schema_keeps_up_with_the_records() throws Exception {
        JsonNode definitions = DocumentJson.tree(published()).get("$defs");
        Stream<Class<?>> plain = Stream.of(
                Scene.class,
                Format.class,
                Filling.class,
                Field.class,
                Beats.class,
                FrameRate.class,
                Span.class,
                Place.class,
                Pivot.class,
                Phase.class,
                Move.class,
                Order.class,
                Pace.class,
                Channel.class,
                ChannelKey.class,
                Setting.class,
                Face.class,
                Run.class,
                Length.class);
        plain.forEach(record -> assertThat(definitions
                        .get(record.getSimpleName())
                        .get("properties")
                        .propertyNames())
                .as(record.getSimpleName())
                .containsExactlyInAnyOrderElementsOf(components(record)));
        for (JsonSubTypes.Type kind :
                Block.class.getAnnotation(JsonSubTypes.class).value()) {
            List<String> expected = Stream.concat(Stream.of("kind"), components(kind.value()).stream())
                    .toList();
            assertThat(definitions
                            .get(kind.value().getSimpleName())
                            .get("properties")
                            .propertyNames())
                    .as(kind.name())
                    .containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    @Test
    void parts_of_a_move_stand_among_its_own_members() {
        JsonNode move = DocumentJson.tree(MoveReader.read("words fade in, 8 each, 2 apart", PhaseKind.ARRIVE, null));
        assertThat(move.has("hidden")).isTrue();
        assertThat(move.has("uncovering")).isFalse();
        ObjectNode unknown = ((ObjectNode) move).put("glow", 1);
        assertThatThrownBy(() -> DocumentJson.read(unknown, Move.class))
                .hasMessageContaining("'glow' is unknown here")
                .hasMessageContaining("easing, hidden, ")
                .hasMessageContaining("wipe");
        ObjectNode arc = (ObjectNode) unknown.deepCopy();
        arc.remove("glow");
        arc.put("arc", 9);
        assertThatThrownBy(() -> DocumentJson.read(arc, Move.class)).hasMessageContaining("the arc of a move");
    }

    /** What a record can be asked beside its components is not written, or a reader would find a member that it does not know. */
    @Test
    void records_write_their_components_and_nothing_else() throws Exception {
        Path classes = Path.of(Scene.class
                        .getProtectionDomain()
                        .getCodeSource()
                        .getLocation()
                        .toURI())
                .resolve("knollwind/core/scene");
        List<Class<?>> records = new ArrayList<>();
        try (Stream<Path> files = Files.list(classes)) {
            for (Path file : files.toList()) {
                String name = file.getFileName().toString().replace(".class", "");
                Class<?> type = Class.forName("knollwind.core.scene." + name);
                if (type.isRecord()) {
                    records.add(type);
                }
            }
        }
        assertThat(records).hasSizeGreaterThan(60);
        int objects = 0;
        for (Class<?> record : records) {
            List<String> components = components(record);
            List<String> written = written(record);
            // A record that is written as one value is no object.
            if (!written.isEmpty()) {
                objects++;
                assertThat(written).as(record.getSimpleName()).containsExactlyInAnyOrderElementsOf(components);
            }
        }
        assertThat(objects).isGreaterThan(50);
        assertThat(DocumentJson.tree(new Asked(3)).propertyNames()).containsExactly("value");
    }

    /** The members that a record is written with. */
    private static List<String> written(Class<?> record) {
        List<String> names = new ArrayList<>();
        DocumentJson.MAPPER.acceptJsonFormatVisitor(record, new JsonFormatVisitorWrapper.Base() {
            @Override
            public JsonObjectFormatVisitor expectObjectFormat(JavaType type) {
                return new JsonObjectFormatVisitor.Base(getContext()) {
                    @Override
                    public void property(BeanProperty property) {
                        names.add(property.getName());
                    }

                    @Override
                    public void optionalProperty(BeanProperty property) {
                        names.add(property.getName());
                    }
                };
            }
        });
        return names;
    }

    private record Asked(int value) {
        public boolean isEmpty() {
            return value == 0;
        }
    }

    private static List<String> components(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? components(component.getType()).stream()
                        : Stream.of(Optional.ofNullable(component.getAccessor().getAnnotation(JsonProperty.class))
                                .map(JsonProperty::value)
                                .orElse(component.getName())))
                .toList();
    }

    private static String published() throws java.io.IOException {
        try (InputStream in = Project.class.getResourceAsStream("/knollwind/project.schema.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
