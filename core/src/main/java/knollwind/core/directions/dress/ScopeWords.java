package knollwind.core.directions.dress;

import java.util.List;
import knollwind.core.directions.move.OnlyWords;
import knollwind.core.scene.UnitKind;

/** What a dressing is put on: "on every other word", "word by word", "as it stands". */
final class ScopeWords {
    /** Before the pieces that are dressed. */
    static final String ON = "on";

    static final String STANDING = "as it stands";

    static final List<UnitKind> ONE_BY_ONE = List.of(UnitKind.LINE, UnitKind.WORD, UnitKind.CHARACTER);

    private ScopeWords() {}

    static String oneByOne(UnitKind kind) {
        return OnlyWords.one(kind) + " by " + OnlyWords.one(kind);
    }
}
