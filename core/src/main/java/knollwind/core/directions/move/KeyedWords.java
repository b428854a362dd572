package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Length;
import knollwind.core.scene.Property;

/** Channels with more keys than two: "scale keyed [0 %: 0; 60 %: 1.2 by ease-out; 100 %: 1]", values as they are stored. */
final class KeyedWords {
    /** "scale x" is looked for before "scale". */
    private static final List<Property> LONGEST_FIRST = Arrays.stream(Property.values())
            .sorted(Comparator.comparing((Property one) -> one.name().length()).reversed())
            .toList();

    private KeyedWords() {}

    static String say(Channel channel) {
        StringBuilder text = new StringBuilder(ChangeWords.name(channel.property()))
                .append(channel.colour() == null ? "" : " " + channel.colour())
                .append(" keyed [");
        for (int i = 0; i < channel.keys().size(); i++) {
            ChannelKey key = channel.keys().get(i);
            text.append(i == 0 ? "" : "; ")
                    .append(Say.percent(key.at()))
                    .append(": ")
                    .append(Say.number(key.value()));
            if (channel.unit() != null) {
                text.append(' ').append(channel.unit().text());
            }
            if (!key.easing().equals("linear")) {
                text.append(" by ").append(key.easing());
            }
        }
        return text.append(']').toString();
    }

    /** The same for the eye, beside its curve: "scale through 3 keys". */
    static String shown(Channel channel) {
        return ChangeWords.name(channel.property()) + " through "
                + channel.keys().size() + " keys";
    }

    static boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        for (Property property : LONGEST_FIRST) {
            if (!words.phrase(ChangeWords.name(property))) {
                continue;
            }
            String colour = property.coloured() ? words.match("#[0-9a-f]{6}").orElse("") : null;
            if (words.phrase("keyed") && words.sign("[")) {
                List<ChannelKey> keys = new ArrayList<>();
                Length.Unit unit = null;
                do {
                    OptionalDouble at = words.percent();
                    if (at.isEmpty() || !words.sign(":")) {
                        throw new DirectionException(
                                "a key is written \"60 %: 1.2\", its place and its value", words.position(), List.of());
                    }
                    double value;
                    if (property.length()) {
                        Length length = words.length()
                                .orElseThrow(() -> new DirectionException(
                                        "a length is missing, such as 0.6 em", words.position(), List.of("0.6 em")));
                        unit = length.unit();
                        value = length.value();
                    } else {
                        value = words.number()
                                .orElseThrow(() ->
                                        new DirectionException("a number is missing", words.position(), List.of("1")));
                    }
                    String easing = words.phrase("by") ? words.function().orElse("linear") : "linear";
                    keys.add(new ChannelKey("k", at.getAsDouble(), value, easing));
                } while (words.sign(";"));
                if (!words.sign("]")) {
                    throw new DirectionException("the keys end with ]", words.position(), List.of("]"));
                }
                draft.add(property, unit, keys, colour);
                return true;
            }
            words.back(start);
        }
        return false;
    }
}
