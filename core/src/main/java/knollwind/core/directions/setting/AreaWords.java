package knollwind.core.directions.setting;

import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fill.Area;

/** What a gradient, a picture, a film or a scene is stretched over: ", over each line", ", pinned to the frame". */
final class AreaWords {
    /** Over what the fill of words can be stretched. */
    static final List<Area> WORDS = List.of(Area.values());

    /** Over what that of a shape can be. */
    static final List<Area> SHAPE = List.of(Area.BLOCK, Area.FRAME);

    private AreaWords() {}

    private static String say(Area area) {
        return switch (area) {
            case BLOCK -> "over the block";
            case LINE -> "over each line";
            case WORD -> "over each word";
            case CHARACTER -> "over each character";
            case FRAME -> "pinned to the frame";
        };
    }

    /** Nothing for what is usual. */
    static String said(Fill fill) {
        return fill.area() == Area.BLOCK ? "" : ", " + say(fill.area());
    }

    /**
     * The choice; nothing where there is none.
     *
     * @param at path of the fill
     */
    static List<Control> choice(Fill fill, List<Area> areas, String at) {
        if (areas.size() < 2 || fill.over(Area.FRAME).equals(fill.over(Area.BLOCK))) {
            return List.of();
        }
        String path = at + (fill.filmFile().isPresent() ? "/picture/over" : "/over");
        return List.of(new Control.Choice(
                "Lies",
                areas.stream()
                        .map(area -> new Control.Option(
                                say(area),
                                area == fill.area(),
                                List.of(Ops.set(path, area == Area.BLOCK ? null : area))))
                        .toList()));
    }

    /** The fill over what is said next; over the block where nothing is. */
    static Fill read(Lexer words, Fill fill, List<Area> areas) {
        int here = words.position();
        words.separators();
        return alone(words, fill, areas).orElseGet(() -> {
            words.back(here);
            return fill.over(Area.BLOCK);
        });
    }

    /** The fill that is there, over what is said; nothing where no such thing is said. */
    static Optional<Fill> alone(Lexer words, Fill fill, List<Area> areas) {
        int here = words.position();
        Optional<Area> said =
                areas.stream().filter(area -> words.phrase(say(area))).findFirst();
        if (said.isPresent() && fill.over(said.get()).area() != said.get()) {
            throw new DirectionException(
                    "one colour is the same everywhere; a gradient, a picture, a film or a scene can lie "
                            + say(said.get()),
                    here,
                    List.of());
        }
        return said.map(fill::over);
    }
}
