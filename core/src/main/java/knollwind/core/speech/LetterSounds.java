package knollwind.core.speech;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Map.Entry;

/**
 * The sounds of an English word, or of a name, by its letters: for words that no dictionary has. Groups of letters are read from left to
 * right, the longest first; sounds are named as in ARPAbet.
 */
public final class LetterSounds {
    private static final String VOWELS = "aeiouyæøåäöü";

    /** What stands at the end of a word, or before the letters in brackets, comes before what stands anywhere. */
    private static final Map<String, String> GROUPS = new LinkedHashMap<>();

    static {
        String[] groups = {
            "tion SH AH N",
            "sion ZH AH N",
            "ough AO",
            "augh AO",
            "eigh EY",
            "igh AY",
            "tch CH",
            "sch SH",
            "dge JH",
            "holm HH OW M",
            "borg B AO R G",
            "havn HH AA V AH N",
            "wick W IH K",
            "vik V IH K",
            "ness N AH S",
            "quay K IY",
            "qu K W",
            "ph F",
            "sh SH",
            "ch CH",
            "th TH",
            "wh W",
            "kn N",
            "wr R",
            "ck K",
            "ng NG",
            "gh G",
            "gn N",
            "ps S",
            "ss S",
            "ll L",
            "tt T",
            "nn N",
            "mm M",
            "rr R",
            "pp P",
            "bb B",
            "dd D",
            "ff F",
            "gg G",
            "zz Z",
            "cc K",
            "kj SH",
            "skj SH",
            "hj Y",
            "gj Y",
            "aa AO",
            "ee IY",
            "ea IY",
            "oo UW",
            "oa OW",
            "ou AW",
            "ow OW",
            "oi OY",
            "oy OY",
            "ai EY",
            "ay EY",
            "ei AY",
            "ey IY",
            "ie IY",
            "au AO",
            "aw AO",
            "ue UW",
            "ui UW",
            "ew UW",
            "eu UW",
            "ere IH R",
            "are EH R",
            "ore AO R",
            "ire AY R",
            "ure UH R",
            "arr AE R",
            "err EH R",
            "orr AA R",
            "air EH R",
            "ear IH R",
            "eer IH R",
            "ier IH R",
            "oar AO R",
            "oor AO R",
            "our AO R",
            "ar AA R",
            "er ER",
            "ir ER",
            "or AO R",
            "ur ER",
            "æ EH",
            "ø ER",
            "å AO",
            "ä EH",
            "ö ER",
            "ü UW",
            "x K S",
            "a AE",
            "b B",
            "c K",
            "d D",
            "e EH",
            "f F",
            "g G",
            "h HH",
            "i IH",
            "j JH",
            "k K",
            "l L",
            "m M",
            "n N",
            "o AA",
            "p P",
            "q K",
            "r R",
            "s S",
            "t T",
            "u AH",
            "v V",
            "w W",
            "y IY",
            "z Z",
            "' ",
            "ð DH",
            "þ TH"
        };
        for (String group : groups) {
            int space = group.indexOf(' ');
            GROUPS.put(group.substring(0, space), group.substring(space + 1));
        }
    }

    /** Long, before one consonant and a silent e. */
    private static final Map<Character, String> LONG =
            Map.of('a', "EY", 'e', "IY", 'i', "AY", 'o', "OW", 'u', "UW", 'y', "AY");

    private LetterSounds() {}

    /** @param word small letters; what is no letter of a known alphabet is passed over. At least one sound comes out */
    public static String[] of(String word) {
        List<String> sounds = new ArrayList<>();
        int at = 0;
        while (at < word.length()) {
            int taken = silentE(word, at, sounds);
            at += taken > 0 ? taken : group(word, at, sounds);
        }
        if (sounds.isEmpty()) {
            sounds.add("AH");
        }
        return sounds.toArray(String[]::new);
    }

    private static int silentE(String word, int at, List<String> sounds) {
        int left = word.length() - at;
        char here = word.charAt(at);
        boolean end = left == 3 || left == 4 && word.endsWith("s");
        if (end
                && LONG.containsKey(here)
                && word.charAt(at + 2) == 'e'
                && !vowel(word.charAt(at + 1))
                && word.charAt(at + 1) != 'r') {
            sounds.add(LONG.get(here));
            group(word, at + 1, sounds);
            if (left == 4) {
                sounds.add("Z");
            }
            return left;
        }
        // An e at the end of a longer word is not said where a vowel stands before it.
        if (here == 'e' && left == 1 && at > 1 && sounds.stream().anyMatch(LetterSounds::sounded)) {
            sounds.add("AH");
            return 1;
        }
        return 0;
    }

    private static int group(String word, int at, List<String> sounds) {
        String best = "";
        for (Entry<String, String> group : GROUPS.entrySet()) {
            if (group.getKey().length() > best.length() && word.startsWith(group.getKey(), at)) {
                best = group.getKey();
            }
        }
        if (best.isEmpty()) {
            return 1;
        }
        if (best.equals("c") && at + 1 < word.length() && "eiy".indexOf(word.charAt(at + 1)) >= 0) {
            sounds.add("S");
        } else if (best.equals("g") && at + 1 < word.length() && "ei".indexOf(word.charAt(at + 1)) >= 0 && at > 0) {
            sounds.add("JH");
        } else if (best.equals("y") && at == 0 && word.length() > 1 && vowel(word.charAt(1))) {
            sounds.add("Y");
        } else if (best.equals("o") && at == word.length() - 1) {
            sounds.add("OW");
        } else if (best.equals("a") && at == word.length() - 1) {
            sounds.add("AH");
        } else {
            for (String sound : GROUPS.get(best).strip().split(" ")) {
                if (!sound.isEmpty()) {
                    sounds.add(sound);
                }
            }
        }
        return best.length();
    }

    private static boolean vowel(char letter) {
        return VOWELS.indexOf(letter) >= 0;
    }

    private static boolean sounded(String sound) {
        return "AEIOU".indexOf(sound.charAt(0)) >= 0;
    }
}
