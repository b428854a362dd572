package knollwind.core.motion;

/** How far the pieces of a move are away from rest at a time: 0 is rest, 1 the away value, −1 as far to the other side. */
interface Going {
    /** How far a piece is away, −1 to 1. */
    double at(int unit, double time);

    /** The same for what comes and goes without taking sides, such as opacity: 0 to 1. */
    default double aside(int unit, double time) {
        return at(unit, time);
    }

    /** True when the piece is not there at all: before a glide has begun and after it has ended. */
    default boolean gone(int unit, double time) {
        return false;
    }
}
