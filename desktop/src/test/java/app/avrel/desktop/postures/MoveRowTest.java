package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.posture.move.Move;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import org.junit.jupiter.api.Test;

/** A row of the count's card: what moves in front, and beside it what it does. */
class MoveRowTest {

    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    @Test
    void theLimbIsNamedOnce() {
        assertThat(MoveRow.beside("Left hand", "left hand, at the chest, palm in"))
                .isEqualTo("at the chest, palm in");
        assertThat(MoveRow.beside("Right foot", "right foot forward 1 foot-length"))
                .isEqualTo("forward 1 foot-length");
        assertThat(MoveRow.beside("右手", "右手，掌心向内")).isEqualTo("掌心向内");
        assertThat(MoveRow.beside("Weight", "shift 60 right")).isEqualTo("shift 60 right");
    }

    @Test
    void whereTheLimbIsAllThatIsSaidItStays() {
        assertThat(MoveRow.beside("Left hand", "left hand")).isEqualTo("left hand");
    }

    @Test
    void everyMoveIsSaidInFull() {
        Samples samples = new Samples(16);
        for (int i = 0; i < 2000; i++) {
            Move move = samples.move();
            for (Language language : Language.values()) {
                String words = Saying.exact(language, WORDING).words(move);
                String title = MoveKind.title(move);
                assertThat(words).endsWith(MoveRow.beside(title, words));
                assertThat(MoveRow.beside(title, words)).isNotBlank();
            }
        }
    }
}
