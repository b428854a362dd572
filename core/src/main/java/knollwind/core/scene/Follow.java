package knollwind.core.scene;

/**
 * A block that goes along with another one: what the other's place, turn and size do, away from where it comes to rest,
 * happens to it too.
 *
 * @param to id of the block that is followed
 * @param delay frames that the follower is behind, 0 or more
 */
public record Follow(String to, Double delay) {
    public Follow {
        Check.id(to, "the block that is followed");
        delay = delay == null ? Double.valueOf(0) : delay;
        Check.range(delay, 0, 10_000, "the delay of a follower");
    }
}
