package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** What covers an area: nothing, one colour, colours along a line, outwards from a point or around it, a picture, a film, or another scene. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Fill.None.class, name = "none"),
    @JsonSubTypes.Type(value = Fill.Solid.class, name = "solid"),
    @JsonSubTypes.Type(value = Fill.Gradient.class, name = "gradient"),
    @JsonSubTypes.Type(value = Fill.Radial.class, name = "radial"),
    @JsonSubTypes.Type(value = Fill.Conic.class, name = "conic"),
    @JsonSubTypes.Type(value = Fill.Picture.class, name = "picture"),
    @JsonSubTypes.Type(value = Fill.Film.class, name = "film"),
    @JsonSubTypes.Type(value = Fill.Nested.class, name = "scene")
})
public sealed interface Fill {
    /** One method for each kind. */
    interface Cases<R> {
        R none(None none);

        R solid(Solid solid);

        R gradient(Gradient gradient);

        R radial(Radial radial);

        R conic(Conic conic);

        R picture(Picture picture);

        R film(Film film);

        R nested(Nested nested);
    }

    <R> R match(Cases<R> cases);

    /** What a fill that differs from place to place is stretched over. */
    enum Area {
        /** The box of the block that it belongs to. */
        @JsonProperty("block")
        BLOCK,
        /** Each line by itself. */
        @JsonProperty("line")
        LINE,
        /** Each word by itself. */
        @JsonProperty("word")
        WORD,
        /** Each character by itself. */
        @JsonProperty("character")
        CHARACTER,
        /** The whole frame: it stays there, and what is filled moves over it like a window. */
        @JsonProperty("frame")
        FRAME;

        /** What is usual is not written down. */
        private static Area unusual(Area area) {
            return area == BLOCK ? null : area;
        }
    }

    /** What it is stretched over. */
    default Area area() {
        return Area.BLOCK;
    }

    /** The same over another area; one colour is the same everywhere. */
    default Fill over(Area other) {
        return this;
    }

    private static Area orBlock(Area over) {
        return over == null ? Area.BLOCK : over;
    }

    /** Where it is one colour, that. */
    default Optional<Value<String>> oneColour() {
        return Optional.empty();
    }

    /** The colours it is mixed of; none where it has no several. */
    default List<Stop> colourStops() {
        return List.of();
    }

    /** The picture that it needs the file of; nothing for a film. */
    default Optional<Picture> pictureFile() {
        return Optional.empty();
    }

    /** The film that it needs the frames of. */
    default Optional<Film> filmFile() {
        return Optional.empty();
    }

    /** Nothing is painted. */
    record None() implements Fill {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.none(this);
        }
    }

    /** One colour. */
    record Solid(Value<String> colour) implements Fill {
        public Solid {
            Check.present(colour, "the colour of a fill");
            if (colour instanceof Value.Literal<String> literal) {
                Colour.check(literal.value());
            }
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.solid(this);
        }

        @Override
        public Optional<Value<String>> oneColour() {
            return Optional.of(colour);
        }
    }

    /**
     * Colours along a straight line through the centre of the area.
     *
     * @param angle degrees clockwise from "to the right"; 90 runs downwards
     * @param over null for the block
     */
    record Gradient(double angle, List<Stop> stops, Area over) implements Fill {
        @JsonCreator
        public Gradient {
            Check.range(angle, -360, 360, "the angle of a gradient");
            stops = checked(stops);
            over = Area.unusual(over);
        }

        /** Over the block. */
        public Gradient(double angle, List<Stop> stops) {
            this(angle, stops, null);
        }

        @Override
        public Area area() {
            return orBlock(over);
        }

        @Override
        public Gradient over(Area other) {
            return new Gradient(angle, stops, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.gradient(this);
        }

        @Override
        public List<Stop> colourStops() {
            return stops;
        }
    }

    /**
     * Colours outwards from a point, in circles.
     *
     * @param x of the point as a fraction of the area's width, -1 to 2
     * @param y of the point as a fraction of the area's height, -1 to 2
     * @param reach where the last colour is reached, as a multiple of half the area's diagonal, above 0 and up to 4
     * @param over null for the block
     */
    record Radial(double x, double y, double reach, List<Stop> stops, Area over) implements Fill {
        @JsonCreator
        public Radial {
            Check.range(x, -1, 2, "the x of a round gradient");
            Check.range(y, -1, 2, "the y of a round gradient");
            if (!(reach > 0 && reach <= 4)) {
                throw new IllegalArgumentException(
                        "the reach of a round gradient must lie above 0 and up to 4, not " + reach);
            }
            stops = checked(stops);
            over = Area.unusual(over);
        }

        /** Over the block. */
        public Radial(double x, double y, double reach, List<Stop> stops) {
            this(x, y, reach, stops, null);
        }

        @Override
        public Area area() {
            return orBlock(over);
        }

        @Override
        public Radial over(Area other) {
            return new Radial(x, y, reach, stops, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.radial(this);
        }

        @Override
        public List<Stop> colourStops() {
            return stops;
        }
    }

    /**
     * Colours around a point, once round.
     *
     * @param x of the point as a fraction of the area's width, -1 to 2
     * @param y of the point as a fraction of the area's height, -1 to 2
     * @param angle at which they begin, degrees clockwise from "to the right", -360 to 360
     * @param over null for the block
     */
    record Conic(double x, double y, double angle, List<Stop> stops, Area over) implements Fill {
        @JsonCreator
        public Conic {
            Check.range(x, -1, 2, "the x of a conic gradient");
            Check.range(y, -1, 2, "the y of a conic gradient");
            Check.range(angle, -360, 360, "the angle of a conic gradient");
            stops = checked(stops);
            over = Area.unusual(over);
        }

        /** Over the block. */
        public Conic(double x, double y, double angle, List<Stop> stops) {
            this(x, y, angle, stops, null);
        }

        @Override
        public Area area() {
            return orBlock(over);
        }

        @Override
        public Conic over(Area other) {
            return new Conic(x, y, angle, stops, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.conic(this);
        }

        @Override
        public List<Stop> colourStops() {
            return stops;
        }
    }

    /**
     * A picture.
     *
     * @param sha256 of the picture as it is kept
     * @param name of the file it came from
     * @param width of the picture itself, px
     * @param height of the picture itself, px
     * @param x which part of it is seen, or where it stands: 0 its left, 1 its right
     * @param y which part of it is seen, or where it stands: 0 its top, 1 its bottom
     * @param over null for the block
     */
    record Picture(String sha256, String name, int width, int height, Mode mode, double x, double y, Area over)
            implements Fill {
        /** How a picture meets an area of another shape. */
        public enum Mode {
            /** It covers the area; what is too much is cut off. */
            @JsonProperty("cover")
            COVER,
            /** It is seen whole; what is left of the area stays empty. */
            @JsonProperty("whole")
            WHOLE,
            /** Its sides are stretched to those of the area. */
            @JsonProperty("stretch")
            STRETCH
        }

        @JsonCreator
        public Picture {
            if (sha256 == null || !sha256.matches("[0-9a-f]{64}")) {
                throw new IllegalArgumentException("a picture is named by the 64 hexadecimal digits of its SHA-256");
            }
            Check.text(name, 200, "the name of a picture");
            Check.range(width, 1, 16_384, "the width of a picture");
            Check.range(height, 1, 16_384, "the height of a picture");
            Check.present(mode, "how a picture meets its area");
            Check.range(x, 0, 1, "the x of a picture");
            Check.range(y, 0, 1, "the y of a picture");
            over = Area.unusual(over);
        }

        /** Over the block. */
        public Picture(String sha256, String name, int width, int height, Mode mode, double x, double y) {
            this(sha256, name, width, height, mode, x, y, null);
        }

        @Override
        public Area area() {
            return orBlock(over);
        }

        @Override
        public Picture over(Area other) {
            return new Picture(sha256, name, width, height, mode, x, y, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.picture(this);
        }

        @Override
        public Optional<Picture> pictureFile() {
            return Optional.of(this);
        }
    }

    /**
     * A moving picture.
     *
     * @param picture what its frames are called by and how they meet the area
     * @param frames that it has, 1 to {@value #MOST_FRAMES}
     * @param rate that they are meant to be shown at
     */
    record Film(Picture picture, int frames, FrameRate rate, FilmPlay play) implements Fill {
        /** Two minutes at 30 frames a second. */
        public static final int MOST_FRAMES = 3_600;

        public Film {
            Check.present(picture, "the frames of a film");
            Check.range(frames, 1, MOST_FRAMES, "the number of a film's frames");
            Check.present(rate, "the frame rate of a film");
            play = play == null ? FilmPlay.whole(frames) : play;
            if (play.last() >= frames) {
                throw new IllegalArgumentException("a film of " + frames + " frames cannot be played up to its frame "
                        + play.last() + "; the last one is " + (frames - 1));
            }
        }

        @Override
        public Area area() {
            return picture.area();
        }

        @Override
        public Film over(Area other) {
            return new Film(picture.over(other), frames, rate, play);
        }

        /**
         * The frame of the film that is seen, from 0; none before a film that is gone has come or after it went.
         *
         * @param time scene frames since what shows the film came on
         * @param scene the scene's frame rate
         */
        public OptionalInt frame(double time, FrameRate scene) {
            return play.frame(time, scene, rate);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.film(this);
        }

        @Override
        public Optional<Film> filmFile() {
            return Optional.of(this);
        }
    }

    /**
     * Another scene of the project without its background, playing from the time on at which what shows it comes on.
     *
     * @param scene id
     * @param changes what is different in it here
     * @param mode how its frame meets the area
     * @param over null for the block
     * @param captions true where its captions are seen too; null otherwise
     */
    record Nested(String scene, List<Filling> changes, Picture.Mode mode, Area over, Boolean captions) implements Fill {
        @JsonCreator
        public Nested {
            Check.id(scene, "a scene that stands in another");
            changes = Check.list(changes);
            Check.uniqueIds(changes, Filling::id, "changes of a scene in a scene");
            mode = mode == null ? Picture.Mode.WHOLE : mode;
            over = Area.unusual(over);
            captions = Block.onlyTrue(captions);
        }

        /** Over the block, without captions. */
        public Nested(String scene, List<Filling> changes, Picture.Mode mode) {
            this(scene, changes, mode, null, null);
        }

        @Override
        public Area area() {
            return orBlock(over);
        }

        @Override
        public Nested over(Area other) {
            return new Nested(scene, changes, mode, other, captions);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.nested(this);
        }
    }

    private static List<Stop> checked(List<Stop> stops) {
        List<Stop> list = Check.list(stops);
        if (list.size() < 2 || list.size() > 16) {
            throw new IllegalArgumentException("a gradient needs 2 to 16 stops, not " + list.size());
        }
        Check.uniqueIds(list, Stop::id, "stops of a gradient");
        return list;
    }

    /** A colour at a place 0…1 along a gradient. */
    record Stop(String id, double at, String colour) {
        public Stop {
            Check.id(id, "a gradient stop");
            Check.range(at, 0, 1, "the place of a gradient stop");
            Colour.check(colour);
        }
    }
}
