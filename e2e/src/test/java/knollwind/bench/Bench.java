package knollwind.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import knollwind.core.type.FontLibrary;

/**
 * Prints how fast Knollwind is on this machine. Without arguments everything but whole films is measured; else what is named: evaluation,
 * setting, export, served, drags (a part of edits), sheet, parity, edits, played, align, drafts, beats, captions, hour, dress, fall, table, workers, versions, many, film (what follows these three are the demo's scenes to measure,
 * "bench", "formats", "gallery" and "film"; without any all of them). The scene is 10 s long and has 300 characters that arrive and leave one by one.
 */
public final class Bench {
    private static final String WORDS = "Bring a coat, the deck is windy. The lamp on pier two will guide you. ";

    /** A little longer than the server's own setting. */
    private static final int WARM_UP_MS = 22_000;

    private Bench() {}

    public static void main(String[] arguments) throws Exception {
        List<String> wanted = arguments.length == 0
                ? List.of(
                        "evaluation",
                        "setting",
                        "export",
                        "parity",
                        "served",
                        "edits",
                        "played",
                        "sheet",
                        "opened",
                        "beats")
                : List.of(arguments);
        System.out.printf(
                "Knollwind bench: %d cores, Java %s%n",
                Runtime.getRuntime().availableProcessors(), System.getProperty("java.version"));
        for (String part : wanted) {
            List<String> rest = wanted.subList(wanted.indexOf(part) + 1, wanted.size());
            if (arguments.length > 0 && part.equals("film")) {
                FilmBench.run(rest);
                return;
            }
            if (arguments.length > 0 && part.equals("edits")) {
                EditBench.run(rest, true);
                return;
            }
            if (arguments.length > 0 && part.equals("played")) {
                PlayedBench.run(rest);
                return;
            }
            switch (part) {
                case "evaluation" -> EvaluationBench.run();
                case "export" -> FilmBench.run(List.of("bench"));
                case "parity" -> ParityBench.run();
                case "edits" -> EditBench.run(List.of(), true);
                case "drags" -> EditBench.run(List.of(), false);
                case "played" -> PlayedBench.run(List.of());
                case "served" -> ServedBench.run();
                case "setting" -> SettingBench.run();
                case "sheet" -> SheetBench.run();
                case "align" -> AlignBench.run();
                case "drafts" -> AlignBench.drafts();
                case "beats" -> BeatBench.run();
                case "captions" -> CaptionBench.run();
                case "hour" -> HourBench.run();
                case "dress" -> DressBench.run();
                case "fall" -> FallBench.run();
                case "opened" -> OpenedBench.run();
                case "table" -> TableBench.run();
                case "workers" -> WorkersBench.simulated();
                case "versions" -> WorkersBench.versions();
                case "many" -> WorkersBench.many();
                default -> throw new IllegalArgumentException("there is no part '" + part + "'");
            }
        }
    }

    /** 300 visible characters over 10 s at 30 frames a second, 1920 × 1080. */
    static Project scene() {
        return scene(300, 72);
    }

    /**
     * The same with another number of characters.
     *
     * @param size of the type in px
     */
    static Project scene(int characters, double size) {
        StringBuilder text = new StringBuilder();
        int visible = 0;
        for (int i = 0; visible < characters; i++) {
            char next = WORDS.charAt(i % WORDS.length());
            text.append(next);
            visible += next == ' ' ? 0 : 1;
        }
        Setting setting = SettingBuilder.builder()
                .face(new FontLibrary().face("Archivo", Map.of("wght", 700.0)))
                .size(Value.of(size))
                .tracking(Value.of(0.0))
                .leading(Value.of(1.2))
                .alignment(Setting.Alignment.CENTRE)
                .column(new Length(80, Length.Unit.FRAME))
                .language("en-GB")
                .fill(new Fill.Solid(Value.of("#f4ead2")))
                .build();
        Length middle = new Length(50, Length.Unit.FRAME);
        Phase phase = new Phase(List.of(MoveBuilder.builder()
                .id("m1")
                .unit(UnitKind.CHARACTER)
                .order(Order.of(Order.Kind.CENTRE_OUT))
                .pace(Pace.eachInAll(20, 120))
                .easing("cubic-bezier(0.16, 1, 0.3, 1)")
                .channels(List.of(
                        Channel.from("c1", Property.OFFSET_Y, 0.6, Length.Unit.EM),
                        Channel.from("c2", Property.OPACITY, 0, null),
                        Channel.from("c3", Property.ROTATION, -12, null)))
                .uncovering(Uncovering.PLAIN.withReveal(Edge.BASELINE))
                .build()));
        TextBlock block = TextBlockBuilder.builder()
                .id("title")
                .name("Title")
                .span(Span.of(0, 300))
                .place(PlaceBuilder.builder()
                        .x(Value.of(middle))
                        .y(Value.of(middle))
                        .build())
                .arrive(phase)
                .leave(phase)
                .text(text.toString())
                .runs(List.of())
                .setting(setting)
                .build();
        Scene scene = SceneBuilder.builder()
                .id("scene-1")
                .name("Scene 1")
                .rate(new FrameRate(30, 1))
                .length(300)
                .background(new Fill.Solid(Value.of("#13283a")))
                .formats(List.of(new Format("wide", "16:9", 1920, 1080, List.of())))
                .blocks(List.of(block))
                .build();
        return Project.of("bench", List.of(scene));
    }

    /** Waits until a server that has just started has made its edits that nobody sees, as one that people come to has. */
    static void warm() throws InterruptedException {
        Thread.sleep(WARM_UP_MS);
    }

    /** A new project whose only scene is this one; gives back its id. */
    static String made(Page page, String address, Scene scene) {
        return made(page, address, List.of(scene));
    }

    /** A new project of these scenes, the first of them {@code scene-1}; gives back its id. */
    static String made(Page page, String address, List<Scene> scenes) {
        Scene scene = scenes.get(0);
        Map<String, Object> wanted = Map.of(
                "name",
                "Bench",
                "width",
                1920,
                "height",
                1080,
                "rate",
                Map.of(
                        "numerator",
                        scene.rate().numerator(),
                        "denominator",
                        scene.rate().denominator()));
        String made = page.request()
                .post(address + "/api/projects", RequestOptions.create().setData(wanted))
                .text();
        String id = DocumentJson.tree(made).get("id").asString();
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set("scenes/scene-1", DocumentJson.tree(scene)));
        for (Scene other : scenes.subList(1, scenes.size())) {
            operations.add(new Operation.Insert("scenes", Integer.MAX_VALUE, DocumentJson.tree(other)));
        }
        String patch = "{\"base\":1,\"change\":\"bench\",\"patch\":"
                + DocumentJson.MAPPER.writeValueAsString(new Patch(operations)) + "}";
        page.request()
                .post(
                        address + "/api/projects/" + id + "/revisions",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(patch));
        return id;
    }

    /** The value below which this part of the sorted values lies. */
    static double percentile(List<Double> values, double part) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get((int) Math.min(
                sorted.size() - 1, Math.ceil(part * sorted.size()) - 1 < 0 ? 0 : Math.ceil(part * sorted.size()) - 1));
    }
}
