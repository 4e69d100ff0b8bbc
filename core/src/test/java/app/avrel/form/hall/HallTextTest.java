package app.avrel.form.hall;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HallTextTest {

    @RepeatedTest(20)
    void whatIsSaidIsReadBack(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Door door =
                new Door(Wall.values()[random.nextInt(4)], random.nextInt(90) / 10.0, (5 + random.nextInt(20)) / 10.0);
        Pillar pillar =
                new Pillar(random.nextInt(90) / 10.0, random.nextInt(60) / 10.0, (1 + random.nextInt(9)) / 10.0);
        assertThat(HallText.door(HallText.say(door))).contains(door);
        assertThat(HallText.pillar(HallText.say(pillar))).contains(pillar);
    }

    @Test
    void otherWaysOfWritingAreUnderstood() {
        assertThat(HallText.door("Back: 6,1 / 1")).contains(new Door(Wall.BACK, 6.1, 1));
        assertThat(HallText.pillar("3 2 0.4")).contains(new Pillar(3, 2, 0.4));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a door", "back wall", "back wall 3", "3 2 1", "back wall 3 m, 0 m"})
    void whatIsNoDoorIsNot(String line) {
        assertThat(HallText.door(line)).isEmpty();
    }
}
