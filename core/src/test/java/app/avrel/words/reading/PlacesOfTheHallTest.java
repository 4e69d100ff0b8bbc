package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Bearing;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.NamedPlace;
import app.avrel.floor.Way;
import app.avrel.form.hall.Door;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.Wall;
import app.avrel.label.Language;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Window, door and mirror are directions like any other, once the hall says where they are. */
class PlacesOfTheHallTest {

    private static final List<NamedPlace> PLACES = List.of(
            new NamedPlace("window", new Heading(270)),
            new NamedPlace("puerta", new Heading(135)),
            new NamedPlace("Green Corner", new Heading(315)));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en | turn toward the window | 270",
                "en | turn to the windows | 270",
                "es | gira hacia la ventana | 270",
                "zh | 身体转向窗户 | 270",
                "en | turn to the door | 135",
                "en | turn toward the green corner | 315",
            })
    void aPlaceIsADirectionByWhateverCommonWordItIsCalled(String language, String line, double heading) {
        LineReading reading = new Line(
                        switch (language) {
                            case "es" -> Language.SPANISH;
                            case "zh" -> Language.CHINESE;
                            default -> Language.ENGLISH;
                        },
                        Typed.SAYING.withDirections(Typed.SAYING.directions().withPlaces(PLACES)),
                        Typed.BODY)
                .read(line, Typed.standing(""));

        assertThat(reading.refusals()).isEmpty();
        assertThat(reading.moves()).singleElement().satisfies(move -> {
            Move.TurnBody turn = (Move.TurnBody) move;
            assertThat(turn.part()).isEqualTo(BodyPart.WHOLE);
            assertThat(((Turning.To) turn.turning().orElseThrow()).heading()).isEqualTo(new Bearing(heading));
        });
    }

    @Test
    void whatTheHallDoesNotHaveIsAskedForAndNeverGuessed() {
        LineReading reading = new Line(Language.ENGLISH, Typed.SAYING, Typed.BODY)
                .read("left palm faces in at chest height; turn toward the mirror", Typed.standing(""));

        assertThat(reading.understood()).isFalse();
        assertThat(reading.refusals())
                .anySatisfy(refusal -> assertThat(refusal.message()).contains("hall's plan"));
    }

    @Test
    void headingsAreSaidByThePlaceTheyPointAt() {
        Directions hall = new Directions(DirectionWords.HALL, Heading.FRONT, PLACES);

        assertThat(hall.say(new Heading(272))).isEqualTo("window");
        assertThat(hall.say(new Heading(280))).isEqualTo("left wall + 10°");
        assertThat(hall.parse("the window")).contains(new Heading(270));
    }

    @Test
    void aPlaceStaysWhereItIsWhenTheFormIsTurnedInTheHall() {
        Hall hall = Hall.of("Hall", 8, 6).withPlaces(List.of(new NamedPlace("window", new Heading(270))));
        Project facingNorth = Project.empty("School", Setting.USUAL).withHalls(List.of(hall));
        Project facingEast = facingNorth.withSetting(Setting.USUAL.withStartFaces(new Heading(90)));

        assertThat(facingNorth.directions().places())
                .extracting(NamedPlace::toward)
                .containsExactly(new Heading(270));
        assertThat(facingEast.directions().places())
                .as("who faces the right wall has the left one at the back")
                .extracting(NamedPlace::toward)
                .containsExactly(new Heading(180));
        assertThat(facingEast.directions().withWords(DirectionWords.HALL).place(new Heading(180)))
                .isEqualTo(Optional.of(new NamedPlace("window", new Heading(180))));
    }

    @ParameterizedTest
    @CsvSource({"FRONT, 1, 2, 326", "FRONT, 3, 2, 0", "RIGHT, 2, 2, 90", "BACK, 3, 2, 180", "LEFT, 0, 1, 302"})
    void theOnlyDoorOfTheHallIsAPlaceToo(Wall wall, double from, double width, double heading) {
        Hall hall = Hall.of("Hall", 8, 6).withDoors(List.of(new Door(wall, from, width)));
        Project school = Project.empty("School", Setting.USUAL).withHalls(List.of(hall));
        Hall two = hall.withDoors(List.of(new Door(wall, from, width), new Door(Wall.BACK, 0, 1)));

        LineReading reading = new Line(Language.ENGLISH, Typed.SAYING.withDirections(school.directions()), Typed.BODY)
                .read("turn to the door", Typed.standing(""));

        assertThat(reading.moves())
                .containsExactly(new Move.TurnBody(
                        BodyPart.WHOLE, Optional.of(new Turning.To(new Bearing(heading), Way.SHORTER))));
        assertThat(school.withHalls(List.of(two)).directions().places())
                .as("of two doors nobody knows which is meant")
                .isEmpty();
    }
}
