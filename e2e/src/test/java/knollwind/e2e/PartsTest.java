package knollwind.e2e;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One half of the walk through all parts. */
class PartsTest extends PartsWalk {
    static Stream<String> share() {
        return blocks(0, 2);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("share")
    void a_changed_part_changes_sentence_document_and_picture_and_undo_brings_all_back(String place) {
        a_changed_part_changes_all_and_undo_brings_all_back(place);
    }
}
