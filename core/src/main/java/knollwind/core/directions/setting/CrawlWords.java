package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.layout.Crawling;
import knollwind.core.scene.Block;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Numbers;

/** Crawls and rolls in words: "crawling left at 240 px a second, again after 120 px, already running". */
final class CrawlWords {
    private static final String STILL = "standing still";
    private static final String SECOND = "px a second";
    private static final String OWN_TIME = "in its time";
    private static final String RUNNING = "already running";
    private static final String HOLDING = "holding the last card";

    /** Frames for which a last card is held where nothing else is said. */
    private static final double HOLD = 48;

    private CrawlWords() {}

    static String say(Crawl.Direction direction) {
        return switch (direction) {
            case LEFT -> "crawling left";
            case RIGHT -> "crawling right";
            case UP -> "rolling up";
            case DOWN -> "rolling down";
        };
    }

    /** @param run what results; null where the block is only printed */
    static void print(Sentence.Builder out, Block block, String at, Crawling.Run run) {
        Crawl crawl = block.place().crawl();
        String pace = crawl.speed() == null ? OWN_TIME : "at " + Say.number(crawl.speed()) + " " + SECOND;
        out.plain(", ")
                .part(say(crawl.direction()) + " " + pace, new Part("crawl", pace(crawl, at, run), note(crawl, run)));
        if (crawl.again()) {
            out.plain(", ").part("again after " + Say.number(crawl.gap()) + " px", again(crawl, at, run));
            if (crawl.running()) {
                out.plain(", ").part(RUNNING, new Part("begins", List.of(begins(crawl, at)), ""));
            }
        } else if (crawl.direction().across() && (lines(block) > 1 || crawl.gap() != Crawl.GAP)) {
            Control gap = Values.number("apart", crawl.gap(), "px", 0, 2000, 1, at + "/gap", 1);
            out.plain(", ")
                    .part("its lines " + Say.number(crawl.gap()) + " px apart", new Part("again", List.of(gap), ""));
        }
        if (crawl.hold() != null) {
            boolean timed = crawl.speed() == null;
            List<Control> controls = new ArrayList<>();
            if (timed) {
                controls.add(Values.number("for", crawl.hold(), "fr", 0, 480, 1, at + "/hold", 1));
            }
            controls.add(ends(crawl, at));
            out.plain(", ")
                    .part(
                            timed ? HOLDING + " for " + Say.frames(crawl.hold()) : HOLDING,
                            new Part(
                                    "ends",
                                    controls,
                                    timed ? "" : "At a set speed it stands as long as the block lasts."));
        }
        if (crawl.tilt() > 0) {
            out.plain(", ")
                    .part(
                            "into the distance at " + Say.number(crawl.tilt()) + "\u00b0",
                            new Part("tilt", List.of(tilt(crawl, at)), ""));
        }
        if (crawl.edge() > 0 || crawl.fadesOff() > 0) {
            String off = crawl.off() == null ? "" : " and " + Say.percent(crawl.off());
            Control same = new Control.Choice(
                    "Edges",
                    List.of(
                            new Control.Option(
                                    "both alike",
                                    crawl.off() == null,
                                    crawl.off() == null ? List.of() : List.of(new Operation.Clear(at + "/off"))),
                            new Control.Option(
                                    "each its own",
                                    crawl.off() != null,
                                    crawl.off() != null ? List.of() : List.of(Ops.set(at + "/off", crawl.edge())))));
            List<Control> controls = new ArrayList<>(List.of(edges(crawl, at)));
            if (crawl.off() != null) {
                controls.add(
                        Values.number("going off", Say.shownPercent(crawl.off()), "%", 0, 50, 1, at + "/off", 0.01));
            }
            controls.add(same);
            out.plain(", ")
                    .part(
                            "with soft edges of " + Say.percent(crawl.edge()) + off,
                            new Part(
                                    "edges",
                                    controls,
                                    crawl.off() == null ? "" : "First where it comes in, then where it goes off."));
        }
    }

    private static int lines(Block block) {
        return block.asWords().map(words -> words.text().split("\n", -1).length).orElse(1);
    }

    /** What results, in words: how far it moves a frame, whether that is steady, and when it is through. */
    private static String note(Crawl crawl, Crawling.Run run) {
        if (run == null) {
            return "";
        }
        StringBuilder note = new StringBuilder();
        note.append(Numbers.text(round(run.perFrame()))).append(" px a frame");
        if (crawl.tilt() > 0) {
            note.append(" at the near edge.");
        } else if (run.steady()) {
            note.append(", which is steady.");
        } else {
            note.append(", which judders; steady: ");
            if (run.slower() > 0) {
                note.append(Numbers.text(round(run.slower()))).append(" or ");
            }
            note.append(Numbers.text(round(run.faster()))).append(" px a second.");
        }
        if (!Double.isNaN(run.round())) {
            note.append(" It looks the same every ")
                    .append(Numbers.text(round(run.round())))
                    .append(" frames.");
        }
        if (!Double.isNaN(run.off())) {
            note.append(" It is through at frame ")
                    .append(Numbers.text(round(run.off())))
                    .append('.');
        }
        return note.toString();
    }

    private static double round(double value) {
        return Math.rint(value * 100) / 100;
    }

    private static List<Control> pace(Crawl crawl, String at, Crawling.Run run) {
        List<Control> controls = new ArrayList<>();
        if (crawl.speed() != null) {
            controls.add(Values.number("speed", crawl.speed(), "px/s", 1, 2000, 1, at + "/speed", 1));
        }
        double now = crawl.speed() != null ? crawl.speed() : run == null ? 240 : Math.max(1, round(run.speed()));
        List<Control.Option> paces = new ArrayList<>();
        paces.add(new Control.Option("at a speed", crawl.speed() != null, List.of(Ops.set(at + "/speed", now))));
        if (run != null && !run.steady() && crawl.tilt() == 0) {
            if (run.slower() > 0) {
                paces.add(steady(run.slower(), at));
            }
            paces.add(steady(run.faster(), at));
        }
        paces.add(new Control.Option(
                OWN_TIME,
                crawl.speed() == null,
                crawl.speed() == null ? List.of() : List.of(new Operation.Clear(at + "/speed"))));
        controls.add(new Control.Choice("Pace", paces));
        controls.add(directions(crawl, at));
        if (!crawl.again() && crawl.hold() == null) {
            controls.add(ends(crawl, at));
        }
        if (!crawl.again()) {
            controls.add(comes(crawl, at));
        }
        if (!crawl.direction().across() && crawl.tilt() == 0) {
            controls.add(tilt(crawl, at));
        }
        if (crawl.edge() == 0 && crawl.fadesOff() == 0) {
            controls.add(edges(crawl, at));
        }
        return controls;
    }

    private static Control.Option steady(double speed, String at) {
        return new Control.Option(
                "steady: " + Numbers.text(round(speed)) + " px/s", false, List.of(Ops.set(at + "/speed", speed)));
    }

    private static Control directions(Crawl crawl, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (Crawl.Direction one : Crawl.Direction.values()) {
            options.add(
                    new Control.Option(say(one), one == crawl.direction(), List.of(Ops.set(at + "/direction", one))));
        }
        options.add(new Control.Option(STILL, false, List.of(new Operation.Clear(at))));
        return new Control.Choice("Runs", options);
    }

    private static Part again(Crawl crawl, String at, Crawling.Run run) {
        List<Control> controls = new ArrayList<>(
                List.of(Values.number("gap", crawl.gap(), "px", 0, 2000, 1, at + "/gap", 1), comes(crawl, at)));
        if (!crawl.running()) {
            controls.add(begins(crawl, at));
        }
        return new Part("again", controls, note(crawl, run));
    }

    private static Control comes(Crawl crawl, String at) {
        List<Operation> again = new ArrayList<>();
        if (crawl.hold() != null) {
            again.add(new Operation.Clear(at + "/hold"));
        }
        again.add(Ops.set(at + "/again", true));
        return new Control.Choice(
                "Comes",
                List.of(
                        new Control.Option("once", !crawl.again(), List.of(Ops.set(at + "/again", false))),
                        new Control.Option("again and again", crawl.again(), again)));
    }

    private static Control begins(Crawl crawl, String at) {
        return Values.pair("Begins", "beyond the edge", RUNNING, crawl.running(), at + "/running");
    }

    private static Control ends(Crawl crawl, String at) {
        boolean holds = crawl.hold() != null;
        return new Control.Choice(
                "Ends",
                List.of(
                        new Control.Option(
                                "beyond the edge",
                                !holds,
                                holds ? List.of(new Operation.Clear(at + "/hold")) : List.of()),
                        new Control.Option(HOLDING, holds, holds ? List.of() : List.of(Ops.set(at + "/hold", HOLD)))));
    }

    private static Control tilt(Crawl crawl, String at) {
        return Values.number("leaning back", crawl.tilt(), "\u00b0", 0, 85, 1, at + "/tilt", 1);
    }

    private static Control edges(Crawl crawl, String at) {
        return Values.number("soft edges", Say.shownPercent(crawl.edge()), "%", 0, 50, 1, at + "/edge", 0.01);
    }

    /** What lets words run through the frame. */
    static Control choice(String at) {
        return new Control.Choice(
                "Runs",
                List.of(
                        new Control.Option(STILL, true, List.of()),
                        start(at, Crawl.Direction.LEFT),
                        start(at, Crawl.Direction.UP)));
    }

    private static Control.Option start(String at, Crawl.Direction direction) {
        return new Control.Option(
                say(direction),
                false,
                List.of(Ops.set(at + "/crawl", new Crawl(direction, 240.0, null, null, null, null, null, null))));
    }

    /** The crawl that results from what is said here; words that say nothing of it are left where they are. */
    static Crawl read(Lexer words, Crawl now) {
        if (words.phrase(STILL)) {
            return null;
        }
        for (Crawl.Direction direction : Crawl.Direction.values()) {
            if (words.phrase(say(direction))) {
                return paced(words, now, direction);
            }
        }
        return now == null ? null : further(words, now);
    }

    private static Crawl paced(Lexer words, Crawl now, Crawl.Direction direction) {
        Double speed = now == null ? Double.valueOf(240) : now.speed();
        if (words.phrase(OWN_TIME)) {
            speed = null;
        } else if (words.phrase("at")) {
            speed = words.number()
                    .orElseThrow(() -> new DirectionException(
                            "a speed is missing here", words.position(), List.of("240 " + SECOND)));
            words.phrase(SECOND);
        }
        return now == null
                ? new Crawl(direction, speed, null, null, null, null, null, null)
                : new Crawl(
                        direction,
                        speed,
                        now.gap(),
                        now.again(),
                        now.running(),
                        now.hold(),
                        now.tilt(),
                        now.edge(),
                        now.off());
    }

    private static Crawl further(Lexer words, Crawl now) {
        Double gap = now.gap();
        boolean again = now.again();
        boolean running = now.running();
        Double hold = now.hold();
        Double tilt = now.tilt();
        Double edge = now.edge();
        Double off = now.off();
        if (words.phrase("again after")) {
            gap = words.number().orElse(gap);
            words.phrase("px");
            again = true;
            hold = null;
        } else if (words.phrase("coming once")) {
            again = false;
        } else if (words.phrase(RUNNING)) {
            again = true;
            running = true;
            hold = null;
        } else if (words.phrase("its lines")) {
            gap = words.number().orElse(gap);
            words.phrase("px apart");
        } else if (words.phrase(HOLDING)) {
            hold = words.phrase("for") ? words.number().orElse(HOLD) : now.hold() == null ? HOLD : now.hold();
            if (!words.phrase("frames")) {
                words.phrase("frame");
            }
            again = false;
        } else if (words.phrase("into the distance at")) {
            tilt = words.number().orElse(tilt);
            words.sign("\u00b0");
        } else if (words.phrase("with soft edges of")) {
            edge = words.percent().orElse(edge);
            int here = words.position();
            OptionalDouble other = words.phrase("and") ? words.percent() : OptionalDouble.empty();
            if (other.isEmpty()) {
                words.back(here);
            }
            off = other.isPresent() ? Double.valueOf(other.getAsDouble()) : null;
        } else {
            return now;
        }
        return new Crawl(now.direction(), now.speed(), gap, again, running, hold, tilt, edge, off);
    }
}
