package knollwind.core.type;

import com.ibm.icu.lang.UScript;

/** Scripts whose letters join and must not be pulled apart by tracking. */
public final class Joining {
    private Joining() {}

    /** Scripts whose letters join (Unicode, ArabicShaping). */
    private static final int[] SCRIPTS = {
        UScript.ARABIC, UScript.SYRIAC, UScript.NKO, UScript.MONGOLIAN, UScript.MANDAIC
    };

    /** True when the character belongs to a script that joins its letters, or is a mark used with one. */
    public static boolean hangsTogether(int codePoint) {
        for (int script : SCRIPTS) {
            if (UScript.hasScript(codePoint, script) && UScript.getScript(codePoint) != UScript.COMMON) {
                return true;
            }
        }
        return false;
    }
}
