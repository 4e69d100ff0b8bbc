package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands in a field can be typed there, in every language and vocabulary: it is read back as what it was made from. */
class FieldTextTest {

    private static final FieldText ENGLISH = at(Language.ENGLISH, Heading.FRONT);

    private static FieldText at(Language language, Heading front) {
        return new FieldText(language, new Wording(Directions.CLOCK, front, HouseRules.LARGE_FRAME));
    }

    private static Stream<Arguments> languages() {
        return Stream.of(Language.values())
                .flatMap(language -> IntStream.range(0, 60).mapToObj(seed -> Arguments.of(language, seed)));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("languages")
    void whatAFieldShowsIsReadBack(Language language, int seed) {
        Samples samples = new Samples(seed);
        Directions directions = new Directions(samples.one(DirectionWords.values()), samples.facing(), List.of());
        FieldText field = new FieldText(language, new Wording(directions, samples.facing(), HouseRules.LARGE_FRAME));
        same(samples.split(), field::say, field::split);
        same(samples.depth(), field::say, field::depth);
        same(new Reach(samples.number(0, 100)), field::say, field::reach);
        same(samples.direction(), field::say, field::direction);
        same(samples.toes(), field::say, field::toes);
        same(samples.turning(), field::say, field::turning);
        same(samples.gaze(), field::say, field::gaze);
        same(samples.length(), field::say, field::length);
        same(samples.length().negated(), field::say, field::length);
        same(new Sideways.Across(samples.number(-8, 12) / 4.0), field::say, field::sideways);
        same(new Sideways.Toward(samples.direction()), field::say, field::sideways);
    }

    private static <T> void same(T value, Function<T, String> say, Function<String, Optional<T>> read) {
        String text = say.apply(value);
        assertThat(read.apply(text)).as(text).contains(value);
    }

    @ParameterizedTest(name = "{1}, {0}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | 70 left
            SPANISH | 70 a la izquierda
            CHINESE | 左脚百分之70
            """)
    void aShareIsSaidWithoutWhatEveryShiftBeginsWith(Language language, String share) {
        assertThat(at(language, Heading.FRONT).say(Split.on(Side.LEFT, 70))).isEqualTo(share);
    }

    @Test
    void anHourTypedInAPostureThatFacesThreeIsTheHalls() {
        FieldText facingThree = at(Language.ENGLISH, new Heading(90));
        assertThat(facingThree.direction("to 4:30")).contains(new Direction.OfPosture(new Bearing(45)));
        assertThat(facingThree.direction("forward")).contains(Direction.FORWARD);
        assertThat(facingThree.turning("to 6 going left")).contains(new Turning.To(new Bearing(90), Way.LEFT));
    }

    @ParameterizedTest
    @CsvSource({"70 left, 70", "30 % right, 70", "all on the right, 0", "all left, 100", "even, 50", "EVEN, 50"})
    void aShareIsReadInTheWaysPeopleWriteIt(String text, int left) {
        assertThat(ENGLISH.share(text)).contains(WeightShare.left(left));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            SPANISH | todo a la derecha | 0
            SPANISH | mitad y mitad     | 50
            CHINESE | 左七成            | 70
            CHINESE | 右腿六成          | 40
            """)
    void aShareIsReadAsTheLineReadsIt(Language language, String text, int left) {
        assertThat(at(language, Heading.FRONT).share(text)).contains(WeightShare.left(left));
    }

    @Test
    void moreOnOneFootIsARange() {
        assertThat(ENGLISH.split("more on the right")).contains(Split.toward(Side.RIGHT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "140 left", "left foot up", "70 up", "purple"})
    void whatIsNoShareIsNotRead(String text) {
        assertThat(ENGLISH.split(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "purple", "toward the moon", "with the hand"})
    void whatIsNoDirectionIsNotRead(String text) {
        assertThat(ENGLISH.direction(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "sink purple", "jump 1 fist", "right hand up"})
    void whatIsNoDepthIsNotRead(String text) {
        assertThat(ENGLISH.depth(text)).isEmpty();
    }

    @Test
    void inAndOutBeforeTheNumberTurnAndAfterItAim() {
        assertThat(ENGLISH.toes("in 45")).contains(new Toes.Turned(-45));
        assertThat(ENGLISH.toes("45 in")).contains(new Toes.AgainstPelvis(-45));
        assertThat(ENGLISH.toes("toes out as far as they go")).contains(new Toes.OutAsFarAsTheyGo());
        assertThat(ENGLISH.turning("25 right")).contains(new Turning.By(new Turn(25)));
    }

    @Test
    void lengthsDepthsAndReachesAreTypedInFewWords() {
        assertThat(ENGLISH.length("-1 fist")).isEqualTo(Length.parse("-1 fist"));
        assertThat(ENGLISH.gaze("past the left hand")).contains(new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.PAST));
        assertThat(ENGLISH.depth("to 2 fists"))
                .isEqualTo(Length.parse("2 fists").map(Depth.To::new));
        assertThat(ENGLISH.reach("75 %")).contains(new Reach(75));
        assertThat(ENGLISH.depth("rise")).contains(new Depth.Rise(Optional.empty()));
    }
}
