package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Dressing;

/**
 * A picture that is badly received, all by one amount: channels apart, slices thrown aside, pieces that are missing, lines across, and now
 * and then a picture that rolls.
 */
final class Disturbance extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.share("amount", "amount", 0.4);
    private static final Word.Amount EVERY = Word.Amount.frames("every", "dealt anew every", 4, 1, 48);
    private static final Word.Amount BURST = Word.Amount.frames("burst", "in bursts of", 0, 0, 240);
    private static final Word.Amount ABOUT = Word.Amount.frames("about", "about every", 48, 4, 960);
    private static final String RANDOM = "at random";
    private static final String BAR = "on every bar";
    private static final Word.Pick WHEN =
            new Word.Pick("when", "bursting", List.of(RANDOM, "on every beat", BAR, Dressing.ON_CUES));
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Phrase PHRASE = Phrase.of("disturbed by", AMOUNT)
            .then("dealt anew every", EVERY)
            .maybe("in bursts of", BURST, "about every", ABOUT)
            .maybe("bursting", WHEN)
            .maybe("dealt by", SEED);

    /** Type sizes at an amount of 1: from one channel to the next, and that slices are thrown. */
    private static final double APART = 0.09;

    private static final double THROWN = 0.45;
    private static final int SLICES = 12;
    private static final int CHANNELS = 3;

    /** Pieces that are missing at an amount of 1. */
    private static final int MISSING = 9;

    /** Type sizes from one line across to the next. */
    private static final double LINES = 0.075;

    private static final double DARKEST = 0.55;

    /** How often it rolls at an amount of 1. */
    private static final double ROLLS = 0.3;

    Disturbance() {
        super("disturbance", "a disturbance", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0;
    }

    @Override
    public double copies(Worn worn) {
        return CHANNELS * SLICES;
    }

    @Override
    public String note() {
        return Deals.NOTE;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT);
        DisplayList now = wearer.now();
        Box box = wearer.box();
        Noise noise = new Noise((int) worn.get(SEED));
        Strike strike = strike(wearer, worn, noise);
        if (amount == 0 || now.paints().isEmpty() || box.isEmpty() || !strike.now()) {
            return now;
        }
        int deal = strike.deal();
        double em = wearer.em();
        double wide = amount * em * APART * (2 * noise.dealt(1, deal) - 1);
        DisplayList apart = Channels.split(rolled(now, box, amount, noise, deal), wide, 0);
        Slices.Throw way = new Slices.Throw(SLICES, amount * em * THROWN, 0.2 + 0.3 * amount, noise, deal);
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer(1, 0, 0));
        out.all(Slices.thrown(wearer, apart, way).paints());
        out.add(new PaintOp.Cut());
        List<Box> missing = missing(box, em, amount, noise, deal);
        if (!missing.isEmpty()) {
            out.add(new PaintOp.Fill(Boxes.outline(missing), new Ink.Plain(0xff000000), 1));
        }
        out.add(new PaintOp.Fill(lines(box, em), new Ink.Plain(0xff000000), (float) (amount * DARKEST)));
        out.restore();
        out.restore();
        return out.build();
    }

    /**
     * Whether it is disturbed now, and by which deal. Bursts begin and end where it is dealt, so that they add no change to those of the
     * deals.
     */
    private record Strike(boolean now, int deal) {}

    private static Strike strike(Wearer wearer, Worn worn, Noise noise) {
        double burst = worn.get(BURST);
        int deal = Deals.now(wearer, worn.get(EVERY));
        if (burst == 0) {
            return new Strike(true, deal);
        }
        int frames = Deals.frames(wearer, worn.get(EVERY));
        int lasts = (int) Math.max(1, Math.rint(burst / frames));
        String when = worn.pick(WHEN);
        if (when.equals(Dressing.ON_CUES)) {
            return onCues(wearer, frames, lasts);
        }
        Optional<Beats> beats = when.equals(RANDOM) ? Optional.empty() : wearer.beats();
        if (beats.isPresent()) {
            return onBeats(wearer, beats.get(), when.equals(BAR) ? beats.get().perBar() : 1, frames, lasts);
        }
        int about = (int) Math.max(lasts + 1, Math.rint(worn.get(ABOUT) / frames));
        int slot = Math.floorDiv(deal, about);
        int begins = slot * about + (int) (noise.dealt(slot, -7) * (about - lasts));
        return new Strike(deal >= begins && deal < begins + lasts, deal);
    }

    /** Dealt anew from each cue on; of cues that come too fast for that some are left out. */
    private static Strike onCues(Wearer wearer, int frames, int lasts) {
        int begins = Integer.MIN_VALUE;
        int until = Integer.MIN_VALUE;
        int deal = 0;
        for (double cue : wearer.cues()) {
            int frame = (int) Math.rint(cue);
            // A burst and what lies behind it up to the next stand as long as a deal each, at least.
            if (frame <= wearer.frame() && frame >= until + frames) {
                begins = frame;
                until = frame + lasts * frames;
                deal++;
            }
        }
        boolean now = wearer.frame() < until;
        return new Strike(now, now ? 64 * deal + (wearer.frame() - begins) / frames : 0);
    }

    /** Dealt anew from each beat on; between a burst and the next beat is as much time as between two deals. */
    private static Strike onBeats(Wearer wearer, Beats beats, int counted, int frames, int lasts) {
        double each = beats.seconds() * wearer.perSecond() * counted;
        // Of beats that come too fast some are left out.
        double period = each * Math.max(1, Math.ceil(2 * frames / each));
        int most = (int) Math.max(1, Math.floor(period / frames) - 1);
        int beat = (int) Math.floor((wearer.frame() - beats.first()) / period);
        int begins = (int) Math.rint(beats.first() + beat * period);
        if (wearer.frame() < begins) {
            beat--;
            begins = (int) Math.rint(beats.first() + beat * period);
        }
        int passed = (wearer.frame() - begins) / frames;
        return new Strike(passed < Math.min(lasts, most), 64 * beat + passed);
    }

    /** Moved up or down, so that what leaves it on one side comes in on the other. */
    private static DisplayList rolled(DisplayList now, Box box, double amount, Noise noise, int deal) {
        if (noise.dealt(2, deal) >= ROLLS * amount) {
            return now;
        }
        double high = box.height() * 1.3;
        double by = noise.dealt(3, deal) * high;
        Box seen = new Box(box.left() - high, box.top() - 0.15 * high, box.right() + high, box.bottom() + 0.15 * high);
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.add(new PaintOp.Clip(Outline.rectangle(seen)));
        for (double away : new double[] {by, by - high}) {
            out.save();
            out.concat(Matrix.translate(0, away));
            out.all(now.paints());
            out.restore();
        }
        out.restore();
        return out.build();
    }

    private static List<Box> missing(Box box, double em, double amount, Noise noise, int deal) {
        List<Box> missing = new ArrayList<>();
        int count = (int) Math.rint(MISSING * amount * noise.dealt(4, deal));
        for (int i = 0; i < count; i++) {
            double wide = em * (0.2 + 1.3 * noise.dealt(10 + i, deal));
            double high = em * (0.04 + 0.16 * noise.dealt(30 + i, deal));
            double left = box.left() + noise.dealt(50 + i, deal) * (box.width() - wide / 2);
            double top = box.top() + noise.dealt(70 + i, deal) * (box.height() - high);
            missing.add(new Box(left, top, left + wide, top + high));
        }
        return missing;
    }

    private static Outline lines(Box box, double em) {
        double apart = Math.max(em * LINES, box.height() / 400);
        List<Box> lines = new ArrayList<>();
        for (double y = box.top() - em / 2; y < box.bottom() + em / 2; y += apart) {
            lines.add(new Box(box.left() - 2 * em, y, box.right() + 2 * em, y + apart * 0.4));
        }
        return Boxes.outline(lines);
    }
}
