package knollwind.core.library;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Block;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Value;

/** What a scene can begin with: blocks whose words are there to be typed over, set and moved as one would keep them. */
public enum Beginning {
    @JsonProperty("title")
    TITLE(5) {
        @Override
        List<Block> blocks(Stage stage) {
            TextBlock title = stage.words("title", "Title", "Your title", 800, 0.15, Setting.Alignment.CENTRE)
                    .withPlace(stage.at(50, 47, Pivot.CENTRE))
                    .withArrive(stage.arrive("characters rise 0.6 em from behind the baseline and fade in, centre out, "
                            + "14 frames each, 2 apart, landing softly"))
                    .withLeave(stage.leave("characters sink 0.6 em behind the baseline and fade out, ends in, "
                            + "10 frames each, 1 apart, starting gently"));
            Place under = stage.at(50, 64, new Pivot(Pivot.Across.CENTRE, Pivot.Down.TOP, Pivot.Box.METRIC));
            TextBlock line = stage.words("line", "Line", "And a line under it", 400, 0.05, Setting.Alignment.CENTRE)
                    .withPlace(under.withAttach(stage.under(title, 0.01, Attachment.Level.CENTRE)))
                    .withArrive(stage.arrive(
                            "words rise 0.4 em and fade in, 16 frames each, 5 apart, landing softly, after 18 frames"))
                    .withLeave(stage.leave("the whole fades out, in 10 frames, starting gently"));
            return List.of(title, line);
        }
    },
    @JsonProperty("lowerThird")
    LOWER_THIRD(5) {
        @Override
        List<Block> blocks(Stage stage) {
            Pivot bottomLeft = new Pivot(Pivot.Across.LEFT, Pivot.Down.BOTTOM, Pivot.Box.METRIC);
            Pivot topLeft = new Pivot(Pivot.Across.LEFT, Pivot.Down.TOP, Pivot.Box.METRIC);
            ShapeBlock bar = stage.rectangle("bar", "Bar", 0.006, 0.132, "#f0b64a")
                    .withPlace(stage.at(7, 89, bottomLeft))
                    .withArrive(stage.arrive(
                            "the whole stretches up from 0 %, in 12 frames, landing softly, about the bottom"))
                    .withLeave(
                            stage.leave(
                                    "the whole flattens to 0 %, in 10 frames, starting gently, about the bottom, after 8 frames"));
            TextBlock name = stage.words("name", "Name", "Name of the person", 700, 0.062, Setting.Alignment.START)
                    .withPlace(stage.at(8.4, 75.5, topLeft))
                    .withArrive(stage.arrive(
                            "the whole slides right 0.8 em from behind its left edge and fades in, in 18 frames, "
                                    + "landing softly, after 6 frames"))
                    .withLeave(stage.leave(
                            "the whole slides left 0.8 em behind its left edge and fades out, in 12 frames, "
                                    + "starting gently, after 4 frames"));
            TextBlock role = stage.words("role", "Role", "What they do", 400, 0.042, Setting.Alignment.START)
                    .withPlace(stage.at(8.4, 84, topLeft).withAttach(stage.under(name, 0, Attachment.Level.LEFT)))
                    .withArrive(stage.arrive(
                            "the whole slides right 0.8 em from behind its left edge and fades in, in 18 frames, "
                                    + "landing softly, after 10 frames"))
                    .withLeave(stage.leave(
                            "the whole slides left 0.8 em behind its left edge and fades out, in 12 frames, "
                                    + "starting gently"));
            return List.of(bar, name, role);
        }
    },
    @JsonProperty("credits")
    CREDITS(14) {
        @Override
        List<Block> blocks(Stage stage) {
            String words =
                    "Written by\tName of the person\nDirected by\tName of the person\nPictures\tName of the person\n"
                            + "Voice\tName of the person\nMusic\tName of the person\nWith thanks to\tEverybody on board\n\n"
                            + "The last card stays";
            TextBlock credits = stage.words("credits", "Credits", words, 500, 0.05, Setting.Alignment.CENTRE);
            Crawl roll = new Crawl(Crawl.Direction.UP, null, null, false, false, stage.frames(48), null, 0.08);
            Setting setting = credits.setting()
                    .with(one -> one.leading(Value.of(1.6)).pairs(new Length(stage.height * 0.05, Length.Unit.PX)));
            return List.of(credits.withSetting(setting)
                    .withPlace(stage.at(50, 50, Pivot.CENTRE).withCrawl(roll)));
        }
    };

    private final int seconds;

    Beginning(int seconds) {
        this.seconds = seconds;
    }

    /** Frames that it needs. */
    public int length(FrameRate rate) {
        return (int) Math.round(seconds * rate.perSecond());
    }

    /**
     * Its blocks, as long as a scene.
     *
     * @param length frames of the scene
     * @param width of the base format, in the px of the scene
     * @param height of the base format, in the px of the scene
     * @param colour in which its words can be read
     * @param id finds an id that nothing has, given how it begins
     */
    public List<Block> blocks(
            FrameRate rate, int length, double width, double height, String colour, UnaryOperator<String> id) {
        return blocks(new Stage(rate.perSecond(), length, width, height, colour, id));
    }

    abstract List<Block> blocks(Stage stage);

    /** Where the blocks are made for. Sentences count frames at 24 a second. */
    record Stage(double perSecond, int length, double width, double height, String colour, UnaryOperator<String> id) {
        private static final double WRITTEN_FOR = 24;

        double frames(double at24) {
            return Math.rint(at24 * perSecond / WRITTEN_FOR);
        }

        /** Lines that fit a tall frame as they do a wide one. */
        private double size(double share) {
            return Math.max(12, Math.rint(share * Math.min(height, width * 0.5625)));
        }

        Phase arrive(String sentence) {
            return new Phase(List.of(timed(MoveReader.read(sentence, PhaseKind.ARRIVE, null))));
        }

        Phase leave(String sentence) {
            return new Phase(List.of(timed(MoveReader.read(sentence, PhaseKind.LEAVE, null))));
        }

        private Move timed(Move move) {
            Pace pace = move.pace();
            double rate = perSecond / WRITTEN_FOR;
            return move.withPace(
                            Pace.eachApart(Math.max(1, Math.rint(pace.each() * rate)), Math.rint(pace.apart() * rate)))
                    .withAfter(frames(move.after()));
        }

        Place at(double across, double down, Pivot pivot) {
            return PlaceBuilder.builder()
                    .x(Value.of(new Length(across, Length.Unit.FRAME)))
                    .y(Value.of(new Length(down, Length.Unit.FRAME)))
                    .pivot(pivot)
                    .build();
        }

        Attachment under(Block block, double gap, Attachment.Level level) {
            Length px = new Length(Math.rint(gap * height), Length.Unit.PX);
            return new Attachment(block.id(), Attachment.Side.UNDER, px, level, false);
        }

        TextBlock words(
                String stem, String name, String text, double weight, double share, Setting.Alignment alignment) {
            Setting setting = SettingBuilder.builder()
                    .face(new Face("Archivo", "normal", Map.of("wght", weight, "wdth", 100.0), ""))
                    .size(Value.of(size(share)))
                    .leading(Value.of(1.15))
                    .alignment(alignment)
                    .language("en-GB")
                    .fill(new Fill.Solid(Value.of(colour)))
                    .build();
            return TextBlockBuilder.builder()
                    .id(id.apply(stem))
                    .name(name)
                    .span(Span.of(0, length))
                    .place(at(50, 50, Pivot.CENTRE))
                    .text(text)
                    .setting(setting)
                    .build();
        }

        ShapeBlock rectangle(String stem, String name, double wide, double high, String fill) {
            Length across = new Length(Math.max(2, Math.rint(wide * height)), Length.Unit.PX);
            Length down = new Length(Math.rint(high * Math.min(height, width * 0.5625)), Length.Unit.PX);
            return ShapeBlockBuilder.builder()
                    .id(id.apply(stem))
                    .name(name)
                    .span(Span.of(0, length))
                    .place(at(50, 50, Pivot.CENTRE))
                    .shape(new ShapeBlock.Rectangle(across, down, 0))
                    .fill(new Fill.Solid(Value.of(fill)))
                    .build();
        }
    }
}
