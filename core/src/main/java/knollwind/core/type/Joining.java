package knollwind.core.type;

import com.ibm.icu.lang.UScript;

/** Scripts whose letters join and must not be pulled apart by tracking. */
public final class Joining {
    private Joining() {}

    /** True when the character belongs to a script that joins its letters. */
    public static boolean hangsTogether(int codePoint) {
        return switch (UScript.getScript(codePoint)) {
            case UScript.ARABIC, UScript.SYRIAC, UScript.NKO, UScript.MONGOLIAN, UScript.MANDAIC -> true;
            default -> false;
        };
    }
}
