package knollwind.core.directions.setting;

import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.PivotWords;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Block;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Follow;
import knollwind.core.scene.Length;
import knollwind.core.scene.MakeRoom;
import knollwind.core.scene.Mirrored;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;

/** Reads where a block stands, how it is turned and what carries it about. What is not said stays as it is. */
final class PlaceReader {
    private final Lexer words;
    private final List<Block> neighbours;
    private Pivot pivot;
    private Value<Length> x;
    private Value<Length> y;
    private Value<Double> rotation;
    private Value<Double> scale;
    private Attachment attach;
    private MotionPath way;
    private Follow follow;
    private MakeRoom room;
    private Crawl crawl;
    private Mirrored mirrored;

    PlaceReader(Lexer words, Place now, List<Block> neighbours) {
        this.words = words;
        this.neighbours = neighbours;
        pivot = now.pivot();
        x = now.x();
        y = now.y();
        rotation = now.rotation();
        scale = now.scale();
        attach = now.attach();
        way = now.way();
        follow = now.follow();
        room = now.room();
        crawl = now.crawl();
        mirrored = now.mirrored();
    }

    Place place() {
        return new Place(x, y, rotation, pivot, attach, scale, way, follow, room, crawl, mirrored);
    }

    /** Reads a clause about the place if one begins here. */
    boolean clause() {
        return placed() || hung() || carried() || runs();
    }

    private boolean placed() {
        if (words.phrase("turned")) {
            if (!kept()) {
                rotation = Value.of(words.number().orElseThrow(() -> missing("a number")));
                words.sign("\u00b0");
            }
            return true;
        }
        if (words.phrase("scaled to")) {
            if (!kept()) {
                scale = Value.of(words.percent().orElseThrow(() -> missing("a percentage such as 80 %")));
            }
            return true;
        }
        if (words.phrase("mirrored")) {
            mirrored = Arrays.stream(Mirrored.values())
                    .filter(one -> words.phrase(one.text()))
                    .findFirst()
                    .orElseThrow(() -> missing("left to right, top to bottom or both ways"));
            return true;
        }
        if (words.phrase("unmirrored")) {
            mirrored = null;
            return true;
        }
        if (!words.phrase("placed by the")) {
            return false;
        }
        if (pivot.hold() == null || !words.phrase(PivotWords.HELD)) {
            pivot = PivotWords.read(words);
        }
        if (pivot == null) {
            throw missing("a pivot such as centre or baseline left");
        }
        if (words.phrase("at")) {
            attach = null;
            // What runs across is only so far down, what rolls only so far across.
            Value<Length> first = where(x);
            if (words.phrase("down")) {
                y = first;
                return true;
            }
            x = first;
            if (words.phrase("across") && !words.phrase("and")) {
                return true;
            }
            y = where(y);
            words.phrase("down");
        }
        return true;
    }

    private boolean carried() {
        int start = words.position();
        MotionPath travelled = WayWords.read(words, way);
        if (words.position() != start) {
            way = travelled;
            return true;
        }
        Follow followed = FollowWords.read(words, follow, neighbours);
        if (followed != null) {
            follow = followed;
            return true;
        }
        MakeRoom made = RoomWords.read(words, room, neighbours);
        room = made == null ? room : made;
        return made != null;
    }

    private boolean runs() {
        int start = words.position();
        crawl = CrawlWords.read(words, crawl);
        return words.position() != start;
    }

    private boolean hung() {
        Attachment read = AttachWords.read(words, attach, neighbours);
        attach = read == null ? attach : read;
        return read != null;
    }

    private Value<Length> where(Value<Length> now) {
        return kept() ? now : Value.of(words.length().orElseThrow(() -> missing("a place such as 960 px")));
    }

    /** Passes over a value that is keyed or filled, which stays as it is. */
    private boolean kept() {
        return words.match("keyed( \\[[^\\]]*\\])?").isPresent()
                || words.match("field\\([^)]*\\)").isPresent();
    }

    private DirectionException missing(String what) {
        return DirectionException.missing(words, what);
    }
}
