package app.avrel.posture;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.teaching.PostureSheet;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameSearchTest {

    private static final Posture LANTERN = Posture.blank(new PostureId("lantern"), "Carry the Lantern")
            .withNames(List.of(
                    PostureName.of(Language.ENGLISH, "Carry the Lantern"),
                    PostureName.chinese("提灯", "tí dēng"),
                    PostureName.of(Language.SPANISH, "Llevar el farol")))
            .withSheet(PostureSheet.EMPTY.withOtherNames(List.of("The night watch")));

    @ParameterizedTest(name = "{0} finds it: {1}")
    @CsvSource({
        "lantern, true",
        "LANT, true",
        "carry lantern, true",
        "lantren, true",
        "lamtern, true",
        "ti deng, true",
        "tideng, true",
        "tí dēng, true",
        "提, true",
        "llevar, true",
        "night watch, true",
        "'', true",
        "gate, false",
        "lanyards, false",
        "xy, false"
    })
    void aPostureIsFoundByAnyOfItsNamesWithASlipOrTwo(String typed, boolean found) {
        assertThat(NameSearch.finds(LANTERN, typed)).isEqualTo(found);
    }

    @ParameterizedTest(name = "{0} to {1}: {2}")
    @CsvSource({"sluice, sluice, 0", "sluice, slucie, 1", "sluice, slice, 1", "sluice, sluices, 1", "gate, sail, 3"})
    void slipsAreLettersChangedLeftOutAddedOrSwapped(String one, String other, int slips) {
        assertThat(NameSearch.distance(one, other)).isEqualTo(slips);
        assertThat(NameSearch.distance(other, one)).isEqualTo(slips);
    }
}
