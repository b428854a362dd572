package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.util.List;

/**
 * One property of a move with its keys over the unit's own progress: key 0 is the away pose, key 1 is rest.
 *
 * @param unit unit of the values when the property is a length, else null
 * @param colour what a tint lays over the unit, or an outline is drawn in; else null
 */
public record Channel(String id, Property property, Length.Unit unit, List<ChannelKey> keys, String colour) {
    /** A channel without a colour. */
    public Channel(String id, Property property, Length.Unit unit, List<ChannelKey> keys) {
        this(id, property, unit, keys, null);
    }

    @JsonCreator
    public Channel {
        Check.id(id, "a channel");
        Check.present(property, "the property of a channel");
        if (property.length() == (unit == null)) {
            throw new IllegalArgumentException(
                    property.length()
                            ? property + " needs a unit for its lengths"
                            : property + " takes plain numbers, no unit");
        }
        if (property.coloured()) {
            Colour.check(Check.present(colour, "the colour of a tint or an outline"));
        } else {
            colour = null;
        }
        keys = Check.list(keys);
        if (keys.size() < 2) {
            throw new IllegalArgumentException("a channel needs at least two keys, the away value and the rest value");
        }
        Check.uniqueIds(keys, ChannelKey::id, "keys");
        for (int i = 1; i < keys.size(); i++) {
            if (keys.get(i).at() <= keys.get(i - 1).at()) {
                throw new IllegalArgumentException("the keys of a channel must go forward in time");
            }
        }
        if (keys.get(0).at() != 0 || keys.get(keys.size() - 1).at() != 1) {
            throw new IllegalArgumentException("the first key of a channel is at 0, the last at 1");
        }
        for (ChannelKey key : keys) {
            Check.range(
                    key.value(),
                    property.low(),
                    property.high(),
                    property.name().toLowerCase());
        }
        if (keys.get(keys.size() - 1).value() != property.rest()) {
            throw new IllegalArgumentException(
                    "the last key of a channel is the rest value " + Numbers.text(property.rest()));
        }
    }

    /** A channel from an away value straight to rest. */
    public static Channel from(String id, Property property, double away, Length.Unit unit) {
        return new Channel(id, property, unit, straight(away, property.rest()));
    }

    /** A tint that goes straight to rest. */
    public static Channel tint(String id, double weight, String colour) {
        return new Channel(id, Property.TINT, null, straight(weight, 0), colour);
    }

    /** A coloured channel that goes straight to rest; lengths in em. */
    public static Channel coloured(String id, Property property, double away, String colour) {
        Length.Unit unit = property.length() ? Length.Unit.EM : null;
        return new Channel(id, property, unit, straight(away, property.rest()), colour);
    }

    private static List<ChannelKey> straight(double away, double rest) {
        return List.of(new ChannelKey("k0", 0, away, "linear"), new ChannelKey("k1", 1, rest, "linear"));
    }

    /** The same to the other side: every value below zero above it. */
    public Channel mirrored() {
        List<ChannelKey> turned = keys.stream()
                .map(key -> new ChannelKey(key.id(), key.at(), -key.value() + 0.0, key.easing()))
                .toList();
        return new Channel(id, property, unit, turned, colour);
    }

    public double away() {
        return keys.get(0).value();
    }

    /** True when the channel goes from its away value to rest with no key between and no easing of its own. */
    public boolean plain() {
        return keys.size() == 2 && keys.stream().allMatch(key -> key.easing().equals("linear"));
    }
}
