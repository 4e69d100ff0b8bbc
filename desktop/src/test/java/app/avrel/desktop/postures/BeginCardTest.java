package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What an empty project offers to type. */
class BeginCardTest {

    private static final Body BODY = Body.ofStature(1.7);

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyLineThatIsOfferedIsUnderstoodInItsLanguage(Language language) {
        Wording wording = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        Line line = new Line(language, wording, BODY);
        assertThat(BeginCard.EXAMPLES).allSatisfy(key -> {
            String typed = Words.bundles().template(language, key).orElseThrow();
            assertThat(line.read(typed, Starting.of(StartPose.SHOULDER_WIDE, BODY))
                            .understood())
                    .as(typed)
                    .isTrue();
        });
    }
}
