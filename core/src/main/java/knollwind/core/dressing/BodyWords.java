package knollwind.core.dressing;

import java.util.List;
import knollwind.core.scene.Dressing;

/** How it is said what bodies are and what moves them. */
final class BodyWords {
    static final String WORDS = "its words";
    static final String LETTERS = "its letters";
    static final Word.Pick BY = new Word.Pick("by", "what", List.of(WORDS, LETTERS, "its lines"));
    static final String FROM_ABOVE = "falling from above";
    static final String FROM_SETTING = "let go where they stand";
    static final Word.Pick FROM =
            new Word.Pick("from", "how", List.of(FROM_ABOVE, "dropped above where they stand", FROM_SETTING));
    static final Word.Amount EVERY = Word.Amount.frames("every", "one every", 4, 0, 240);
    static final Word.Amount GRAVITY = Word.Amount.em("gravity", "pulled by", 24, 0, 400);
    static final Word.Amount ANGLE = Word.Amount.angle("angle", "pulled towards", 90);
    static final Word.Amount BOUNCE = Word.Amount.share("bounce", "bouncing by", 0.3);
    static final String IN_PICTURE = "in the picture";
    static final String ON_FLOOR = "above a floor";
    static final String IN_CIRCLE = "in a circle";
    static final String INSIDE = "inside the other block";
    static final String CLOSED = "closed in on all sides";
    static final Word.Pick WALLS =
            new Word.Pick("walls", "kept", List.of(IN_PICTURE, ON_FLOOR, CLOSED, "by nothing", IN_CIRCLE, INSIDE));
    static final Word.Amount INSET = Word.Amount.px("inset", "away from edges", 0, 0, 800);
    static final Word.Other OTHER = new Word.Other("falling on");
    static final String BOXES = "boxes";
    static final String OUTLINES = "their outlines";
    static final String CAPSULES = "capsules";
    static final String CIRCLES = "circles";
    static final String STARS = "stars";
    static final Word.Pick FORM =
            new Word.Pick("form", "as solid as", List.of(BOXES, OUTLINES, CAPSULES, CIRCLES, STARS));
    static final Word.Amount PAD = Word.Amount.em("pad", "padded by", 0, 0, 4);
    /** Of what is possible: at 1 the shorter sides are half circles. */
    static final Word.Amount ROUND = Word.Amount.share("round", "rounded by", 0);

    static final Word.Amount FRICTION = Word.Amount.share("friction", "rubbing by", 0.4);
    /** What is lost of its speed in a second. */
    static final Word.Amount DRAG = Word.Amount.share("drag", "slowed by", 0.05, 0, 0.99);

    static final Word.Amount WIND = Word.Amount.em("wind", "wind", 0, 0, 200);
    static final Word.Amount WIND_ANGLE = Word.Amount.angle("windAngle", "wind towards", 0);
    static final Word.Amount GUSTS = Word.Amount.share("gusts", "gusts", 0);
    static final Word.Amount THROW = Word.Amount.em("throw", "thrown by", 0, 0, 200);
    static final Word.Amount TURN = Word.Amount.angle("turn", "turned by up to", 20);
    static final String NEVER = "by nothing more";
    static final String ON_BEATS = "on every beat";
    static final Word.Pick PUSHES =
            new Word.Pick("pushes", "pushed", List.of(NEVER, ON_BEATS, "on every bar", Dressing.ON_CUES));
    static final Word.Amount PUSH = Word.Amount.em("push", "a push of", 10, 0, 200);
    static final Word.Amount SMALL = Word.Amount.share("small", "sized from", 1, 0.1, 4);
    static final Word.Amount LARGE = Word.Amount.share("large", "sized to", 1, 0.1, 4);
    static final Word.Amount DRAW = Word.Amount.em("draw", "drawn by", 0, 0, 400);
    /** Of the picture. */
    static final Word.Amount DRAW_X = Word.Amount.share("drawX", "drawn across", 0.5);

    static final Word.Amount DRAW_Y = Word.Amount.share("drawY", "drawn down", 0.5);
    static final Word.Pick HEAVY = new Word.Pick("heavy", "weighing", List.of("by their size", "all alike"));
    static final String FREE = "by nothing";
    static final String FIRST_CORNER = "by their first corner";
    static final String LAST_CORNER = "by their last corner";
    static final Word.Pick HUNG =
            new Word.Pick("hung", "hung", List.of(FREE, FIRST_CORNER, LAST_CORNER, "by the middle of their top"));
    static final Word.Amount SETTLE = Word.Amount.frames("settle", "settled for", 0, 0, 1200);
    /** What acts; all else is as it is when the fall begins. */
    static final List<Word.Amount> ACTING =
            List.of(GRAVITY, ANGLE, DRAG, WIND, WIND_ANGLE, GUSTS, PUSH, DRAW, DRAW_X, DRAW_Y, SMALL, LARGE);

    /** That fall together, each time. */
    static final Word.Amount GROUP = Word.Amount.count("group", "in groups of", 1, 1, 100);
    /** Of the width that they fall from. */
    static final Word.Amount ACROSS_FROM = Word.Amount.share("acrossFrom", "across from", 0);

    static final Word.Amount ACROSS_TO = Word.Amount.share("acrossTo", "across to", 1);
    static final String IN_ORDER = "in their order";
    static final Word.Pick TURNS = new Word.Pick("turns", "coming", List.of(IN_ORDER, "at random"));
    static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);

    private BodyWords() {}

    /** Whether they stand where they are set until they are let go. */
    static boolean isFromSetting(Worn worn) {
        return worn.pick(FROM).equals(FROM_SETTING) || !worn.pick(HUNG).equals(FREE);
    }

    /** 0 to below 1, of its own for each body and use. */
    static double dealt(Worn worn, int use, int body) {
        return new Noise((int) worn.get(SEED)).dealt(use, body);
    }
}
