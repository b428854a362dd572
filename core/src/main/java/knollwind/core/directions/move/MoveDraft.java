package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Manner;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.Only;
import knollwind.core.scene.Order;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Wipe;

/** A move while its sentence is being read. What no clause says keeps its default. */
public final class MoveDraft {
    /** Frames of one unit's time where nothing is said. */
    static final double USUAL_EACH = 12;

    final PhaseKind phase;
    private final Move previous;
    UnitKind unit;
    Order order;
    Double each;
    Double apart;
    Double inAll;
    Double overlap;
    public String easing;
    Pivot pivot;
    Double after;
    Boolean hidden;
    Edge reveal;
    Cycle cycle;
    boolean muted;
    Pace.Meet meet;
    String spread;
    Integer times;
    double arc;
    boolean keepsArea;
    boolean pushes;
    Wipe wipe;
    RevealBar lead;
    Cut cut;
    Long human;
    String shared;
    Only only;
    boolean whole;
    Moments.By moments;
    Double everyBeats;
    Double early;
    boolean landsOnMoments;
    boolean asLong;
    String behind;
    final List<OwnWay> own = new ArrayList<>();
    final List<Channel> channels = new ArrayList<>();

    /** @param previous the move that the sentence replaces, whose ids are kept; may be null */
    public MoveDraft(PhaseKind phase, Move previous) {
        this.phase = phase;
        this.previous = previous;
    }

    boolean arrives() {
        return phase == PhaseKind.ARRIVE;
    }

    boolean changes(Property property) {
        return channels.stream().anyMatch(channel -> channel.property() == property);
    }

    /** Adds a channel; ids come from the previous move's channel of the same property, key by key. */
    void add(Property property, knollwind.core.scene.Length.Unit unit, List<ChannelKey> keys, String colour) {
        Channel old = previous == null
                ? null
                : previous.channels().stream()
                        .filter(channel -> channel.property() == property)
                        .findFirst()
                        .orElse(null);
        List<ChannelKey> named = new ArrayList<>();
        for (int i = 0; i < keys.size(); i++) {
            String id = old != null && i < old.keys().size() ? old.keys().get(i).id() : freshKey(old, i);
            named.add(new ChannelKey(
                    id, keys.get(i).at(), keys.get(i).value(), keys.get(i).easing()));
        }
        channels.add(new Channel(old == null ? freshChannel() : old.id(), property, unit, named, colour));
    }

    private static String freshKey(Channel old, int index) {
        String id = "k" + index;
        while (old != null && idTaken(old, id)) {
            id = id + "a";
        }
        return id;
    }

    private static boolean idTaken(Channel channel, String id) {
        return channel.keys().stream().anyMatch(key -> key.id().equals(id));
    }

    private String freshChannel() {
        int number = 1;
        while (true) {
            String id = "c" + number++;
            boolean taken = channels.stream().anyMatch(channel -> channel.id().equals(id))
                    || (previous != null
                            && previous.channels().stream()
                                    .anyMatch(channel -> channel.id().equals(id)));
            if (!taken) {
                return id;
            }
        }
    }

    Move move() {
        return new Move(
                previous == null ? "m1" : previous.id(),
                unit(),
                order == null ? Order.READING : order,
                pace(),
                easing == null ? "linear" : easing,
                pivot == null ? Pivot.CENTRE : pivot,
                after == null ? 0 : after,
                channels,
                new Uncovering(hidden, reveal, wipe, lead, cut, behind),
                new Manner(arc, keepsArea, pushes),
                phase != PhaseKind.DWELL ? null : cycle == null ? new Cycle(usualForm(), 48, null, false, 0L) : cycle,
                muted,
                own,
                only(),
                shared);
    }

    private Cycle.Form usualForm() {
        return moments == null ? Cycle.Form.SWING : Cycle.Form.PASS;
    }

    /** What the previous move says of just these characters; null when it says nothing. */
    OwnWay oldWay(int from, int to) {
        return previous == null
                ? null
                : previous.own().stream()
                        .filter(way -> way.from() == from && way.to() == to)
                        .findFirst()
                        .orElse(null);
    }

    /** A draft for what some pieces do otherwise. */
    MoveDraft sub(OwnWay old) {
        return new MoveDraft(phase, old == null ? null : previous.withChannels(old.channels()));
    }

    private Pace pace() {
        Pace plain = plainPace();
        return new Pace(
                plain.held(), plain.each(), plain.apart(), plain.inAll(), whole, spread, meet, times, human, moments());
    }

    private Moments moments() {
        if (moments == null) {
            if (asLong || early != null) {
                throw new IllegalArgumentException(
                        "early, late and as long as its word are said of turns from outside; add as they are spoken, one a beat or one a cue");
            }
            return null;
        }
        if (meet != null || human != null || spread != null || inAll != null) {
            throw new IllegalArgumentException(
                    "what goes by words, beats or cues has no gaps of its own; leave out how they are spread");
        }
        return new Moments(moments, everyBeats, early, landsOnMoments, asLong);
    }

    /** Where nothing is said of it: what some are picked of, else the whole. */
    private UnitKind unit() {
        return unit != null ? unit : only != null ? only.of() : UnitKind.WHOLE;
    }

    private Only only() {
        if (only != null && unit() == UnitKind.WHOLE) {
            throw new IllegalArgumentException(
                    "only some pieces can move where there are pieces; begin with characters, words or lines");
        }
        return only;
    }

    private Pace plainPace() {
        if (overlap != null && apart == null && inAll == null) {
            double own = each == null ? USUAL_EACH : each;
            return Pace.eachApart(own, Math.max(0, own * (1 - overlap)));
        }
        if (whole && inAll != null) {
            throw new IllegalArgumentException(
                    "a number of frames in all and its whole time cannot both be held; leave one of them out");
        }
        if (whole && apart != null) {
            return each == null ? Pace.apartInAll(apart, 1) : Pace.eachApart(each, apart);
        }
        if (whole) {
            return Pace.eachInAll(each == null ? USUAL_EACH : each, USUAL_EACH);
        }
        if (inAll != null && each != null && apart != null) {
            throw new IllegalArgumentException("each, apart and in all cannot be held at once; leave one of them out");
        }
        if (inAll != null && apart != null) {
            return Pace.apartInAll(apart, inAll);
        }
        if (inAll != null) {
            return Pace.eachInAll(each == null ? Math.min(USUAL_EACH, inAll) : each, inAll);
        }
        return Pace.eachApart(each == null ? USUAL_EACH : each, apart == null ? 0 : apart);
    }
}
