package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blades, fans and staffs: one cuts and points with them, and gives them only where that is said. */
class WhatIsHeldTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|slice the sword to the right|turn the sword with the right hand, pointing to the right",
                "ENGLISH|cut left with the sword|turn the sword with the right hand, pointing to the left",
                "SPANISH|corta con la espada a la izquierda|turn the sword with the right hand, pointing to the left",
                "CHINESE|剑向右削|turn the sword with the right hand, pointing to the right",
                "CHINESE|剑尖指向右方|turn the prop with the right hand, pointing to the right",
                "ENGLISH|pass the sword to the left|pass the sword to the left hand",
                "ENGLISH|toss the fan to the left hand|pass the fan to the left hand",
                "CHINESE|剑递给左手|pass the sword to the left hand"
            })
    void aCutIsNoGift(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|the sword at knee height, pointing right"
                        + "|turn the sword with the right hand, pointing to the right. right hand, at the knee",
                "ENGLISH|cut the sword down to the left knee"
                        + "|turn the sword with the right hand, pointing down. right hand, at the knee, across the body",
                "ENGLISH|swing the staff from the left hip around to point at three o'clock"
                        + "|turn the staff with the right hand, leaning to 3",
                "CHINESE|棍从左胯摆到指向三点|turn the staff with the right hand, leaning to 3"
            })
    void aHeightIsWhereTheHandIsAndNoKneeIsLifted(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
