package knollwind.core.dressing;

import java.util.BitSet;
import java.util.Objects;

/** Some of a block's letters, by their indices. */
public final class Part {
    /** All of them, how many there are. */
    public static final Part ALL = new Part(null);

    /** Null for all. */
    private final BitSet letters;

    private Part(BitSet letters) {
        this.letters = letters;
    }

    /** Not to be changed any more. */
    public static Part of(BitSet letters) {
        return new Part(letters);
    }

    public boolean isAll() {
        return letters == null;
    }

    public boolean isEmpty() {
        return letters != null && letters.isEmpty();
    }

    public boolean has(int letter) {
        return letters == null || letters.get(letter);
    }

    /** What both have. */
    Part and(Part other) {
        if (isAll() || other.isAll()) {
            return isAll() ? other : this;
        }
        BitSet both = (BitSet) letters.clone();
        both.and(other.letters);
        return new Part(both);
    }

    /**
     * What the other one has not.
     *
     * @param count of all letters
     */
    Part without(Part other, int count) {
        if (other.isAll()) {
            return new Part(new BitSet());
        }
        BitSet left = new BitSet();
        if (isAll()) {
            left.set(0, count);
        } else {
            left.or(letters);
        }
        left.andNot(other.letters);
        return new Part(left);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Part part && Objects.equals(part.letters, letters);
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(letters);
    }
}
