package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Chinese says "after" and "behind" with one word: after what is done, something else is done then; behind a limb there is a
 * place.
 */
class AfterAndBehindTest {

    private static final List<String> DONE = List.of(
            "重心移到左脚",
            "重心全部移到左腿",
            "重心移左",
            "左脚上步",
            "左脚收回",
            "左脚向前上步",
            "左脚落地",
            "左脚跟落地",
            "提左膝",
            "左脚提起",
            "左手上举到肩高",
            "左手按到胯旁",
            "两手收到胸前",
            "腰左转三十度",
            "左脚尖外摆三十度");

    private static final List<String> DONE_THEN =
            List.of("右手前推", "右手上举到肩高", "提右膝", "右脚上步", "右脚收到左脚旁", "两手上举到肩高", "重心移到右脚", "右脚尖外摆四十五度");

    static Stream<Arguments> pairs() {
        return DONE.stream().flatMap(done -> DONE_THEN.stream().map(then -> Arguments.of(done, then)));
    }

    private static LineReading read(String typed) {
        return Typed.read(typed, Language.CHINESE, Typed.standing(""));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void whatFollowsIsDoneThen(String done, String then) {
        LineReading said = read(done + "，然后" + then);
        assertThat(said.stages()).hasSize(2);
        assertThat(List.of(read(done + "后" + then), read(done + "后，" + then), read(done + "以后，" + then)))
                .extracting(Typed::said)
                .containsOnly(Typed.said(said));
    }

    @ParameterizedTest
    @ValueSource(strings = {"右脚到左脚后", "右脚插到左脚后", "左手放在身后", "右脚后撤", "右脚退后，左手前推", "重心后移到右脚", "后坐右腿"})
    void behindALimbIsAPlaceAndNoStage(String typed) {
        assertThat(read(typed).stages()).hasSizeLessThan(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"左脚收回后上步", "右脚提起后下落", "左脚落地后下沉"})
    void theSameFootGoesOnAfterwards(String typed) {
        assertThat(read(typed).refusals()).isEmpty();
        assertThat(read(typed).stages()).hasSize(2);
    }
}
