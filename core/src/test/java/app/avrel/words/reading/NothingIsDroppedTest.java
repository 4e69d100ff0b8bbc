package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.motion.Pose;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What stands between two commas of a line that is understood says something: without it something else is recorded, or
 * marked, or kept as a note.
 */
class NothingIsDroppedTest {

    /** Of a hundred parts, those that may say once more what another says: forty left, sixty right; split the hands. */
    private static final int MOST = 8;

    @ParameterizedTest
    @EnumSource
    void everyPartOfALineSaysSomething(Language language) throws IOException {
        List<String> silent = new ArrayList<>();
        int parts = 0;
        for (String typed : typed(language).toList()) {
            LineReading whole = read(language, typed);
            List<String> said = List.of(typed.split("[,，]"));
            if (!whole.understood() || said.size() < 2) {
                continue;
            }
            for (int i = 0; i < said.size(); i++) {
                parts++;
                if (same(whole, read(language, without(said, i, language)))) {
                    silent.add(typed + " / " + said.get(i));
                }
            }
        }
        assertThat(parts).isGreaterThan(100);
        assertThat(silent).hasSizeLessThan(parts * MOST / 100);
    }

    private static Stream<String> typed(Language language) throws IOException {
        return TypedCase.all()
                .filter(line -> line.language() == language && line.start().isEmpty())
                .map(TypedCase::typed);
    }

    private static LineReading read(Language language, String typed) {
        Pose standing = Typed.standing("");
        return Typed.read(typed, language, standing);
    }

    private static String without(List<String> said, int part, Language language) {
        List<String> rest = new ArrayList<>(said);
        rest.remove(part);
        return String.join(language == Language.CHINESE ? "，" : ",", rest).strip();
    }

    private static boolean same(LineReading whole, LineReading less) {
        return less.understood()
                && less.stages().equals(whole.stages())
                && less.manner().equals(whole.manner())
                && less.holds().size() >= whole.holds().size();
    }
}
