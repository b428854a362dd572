package knollwind.core.dressing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** All kinds of dressings. */
public final class DressKinds {
    /** In the order in which they are offered. */
    public static final List<DressKind> ALL = List.of(
            new Shadow(),
            new LongShadow(),
            new ContactShadow(),
            new InnerShadow(),
            new Glow(),
            new SignLight(),
            new Sheen(),
            new Sparkle(),
            new SparkTrail(),
            new Weight(),
            new Texture(),
            new Lines(),
            new Mirror(),
            new Wake(),
            new Stack(),
            new Grid(),
            new Flight(),
            new Window(),
            new Cloth(),
            new Wave(),
            new Bend(),
            new Bulge(),
            new Ripple(),
            new Rough(),
            new Channels(),
            new Slices(),
            new Disturbance(),
            new Matte(),
            new Mix());

    /** Copies of a block's words that all its dressings may paint together. */
    public static final double MOST_COPIES = 400;

    /** Copies do not depend on it. */
    private static final String NO_COLOUR = "#000000";

    private static final Map<String, DressKind> BY_NAME =
            ALL.stream().collect(Collectors.toMap(DressKind::name, Function.identity()));

    private DressKinds() {}

    /** @throws IllegalArgumentException where there is none of this name */
    public static DressKind of(Dressing dressing) {
        return Optional.ofNullable(BY_NAME.get(dressing.kind()))
                .orElseThrow(() -> new IllegalArgumentException("there is no dressing of the kind '" + dressing.kind()
                        + "' in this version; it was made by a newer one, or is misspelt"));
    }

    /**
     * Passes what blocks can be dressed with.
     *
     * @throws IllegalArgumentException with what is wrong
     */
    public static List<Dressing> check(List<Dressing> dressings) {
        double copies = 1;
        for (Dressing dressing : dressings) {
            DressKind kind = of(dressing);
            if (dressing.block() != null && kind.phrase().values().stream().noneMatch(Word.Other.class::isInstance)) {
                throw new IllegalArgumentException(kind.label() + " needs no other block");
            }
            if (kind.isOnAll() && !dressing.isOnAll()) {
                throw new IllegalArgumentException(kind.label() + " is for all letters together, not for some of them");
            }
            if (dressing.standing() != null && !kind.canStand()) {
                throw new IllegalArgumentException(kind.label()
                        + " cannot be made of what is not uncovered yet; take away \u201cas it stands\u201d");
            }
            dressing.drives().forEach((name, drive) -> number(kind, name, Value.of(drive.value())));
            dressing.numbers().forEach((name, value) -> number(kind, name, value));
            dressing.colours().keySet().forEach(name -> known(kind, name, Word.Tint.class));
            dressing.choices().forEach((name, choice) -> {
                if (!known(kind, name, Word.Pick.class).options().contains(choice)) {
                    throw new IllegalArgumentException(
                            "'" + choice + "' is nothing that the " + name + " of " + kind.label() + " can be");
                }
            });
            copies *= kind.copies(new Worn(undriven(dressing), DressKinds::greatest, colour -> NO_COLOUR, drive -> 1));
        }
        if (copies > MOST_COPIES) {
            throw new IllegalArgumentException(String.format(
                    "its dressings would paint the block %.0f times; %.0f is the most: take fewer copies",
                    copies, MOST_COPIES));
        }
        return dressings;
    }

    /** What a number or a colour of a dressing usually is, by its name; empty where it has none. */
    public static Optional<Object> usual(Dressing dressing, String name) {
        return of(dressing).phrase().values().stream()
                .filter(word -> word.name().equals(name))
                .map(word -> word instanceof Word.Amount amount
                        ? (Object) amount.usual()
                        : word instanceof Word.Tint tint ? tint.usual() : null)
                .filter(Objects::nonNull)
                .findFirst();
    }

    /**
     * Whether words that stand stay readable with a dressing that moves their outlines, where it is strongest; empty for one that does not,
     * or not now.
     *
     * @param em type size, px of the base format
     */
    public static Optional<Boolean> readable(Dressing dressing, double em) {
        OptionalDouble strain = of(dressing)
                .strain(new Worn(undriven(dressing), DressKinds::greatest, colour -> NO_COLOUR, drive -> 1), em);
        return strain.isEmpty() || strain.getAsDouble() == 0
                ? Optional.empty()
                : Optional.of(strain.getAsDouble() <= 1);
    }

    private static Dressing undriven(Dressing dressing) {
        Map<String, Value<Double>> numbers = new HashMap<>(dressing.numbers());
        dressing.drives()
                .forEach((name, drive) -> numbers.merge(
                        name, Value.of(drive.value()), (one, other) -> greatest(one) > greatest(other) ? one : other));
        return dressing.withNumbers(numbers).withDrives(Map.of());
    }

    private static void number(DressKind kind, String name, Value<Double> value) {
        Word.Amount amount = known(kind, name, Word.Amount.class);
        List<Double> all = value.match(
                List::of,
                field -> List.of(),
                keys -> keys.stream().map(key -> key.value()).toList());
        for (double one : all) {
            if (!(one >= amount.least() && one <= amount.most())) {
                double factor = amount.unit().factor();
                throw new IllegalArgumentException(String.format(
                        "the %s of %s lies between %s and %s %s, not at %s",
                        amount.label(),
                        kind.label(),
                        shown(amount.least() / factor),
                        shown(amount.most() / factor),
                        amount.unit().text(),
                        shown(one / factor)));
            }
        }
    }

    private static String shown(double value) {
        double rounded = Math.rint(value * 1000) / 1000;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }

    private static double greatest(Value<Double> value) {
        return value.match(
                literal -> literal,
                field -> 1.0,
                keys -> keys.stream().mapToDouble(key -> key.value()).max().orElse(1));
    }

    private static <W extends Word> W known(DressKind kind, String name, Class<W> type) {
        return kind.phrase().values().stream()
                .filter(type::isInstance)
                .map(type::cast)
                .filter(word -> name.equals(word.name()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(kind.label() + " has no '" + name + "'"));
    }
}
