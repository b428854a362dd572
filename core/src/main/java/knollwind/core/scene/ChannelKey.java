package knollwind.core.scene;

/**
 * A key of a channel.
 *
 * @param at 0…1 of the unit's progress
 * @param easing easing function from this key to the next, CSS notation
 */
public record ChannelKey(String id, double at, double value, String easing) {
    public ChannelKey {
        Check.id(id, "a key");
        Check.range(at, 0, 1, "the time of a key");
        easing = easing == null ? "linear" : easing;
    }
}
