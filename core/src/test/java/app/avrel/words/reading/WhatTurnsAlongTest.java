package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What turns: the toes that were lifted for it, the heel that goes out, the foot and the eyes that go along. */
class WhatTurnsAlongTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|left toes lift, pivot to 10, then down flat"
                        + "|raise the left toes. turn the left foot on its heel, toes to 10; lower the left foot, flat",
                "ENGLISH|left toes come up, swivel them 45 to the left"
                        + "|raise the left toes. turn the left foot on its heel, toes out 45°",
                "SPANISH|levanta la punta izquierda y ábrela 45"
                        + "|raise the left toes. turn the left foot on its heel, toes out 45°",
                "CHINESE|左脚尖翘起，转到十点|raise the left toes. turn the left foot on its heel, toes to 10",
                "ENGLISH|raise the left toes and turn the body to 10|raise the left toes. waist to 10"
            })
    void toesAreLiftedToTurn(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|left heel goes out|turn the left foot on its ball, toes in somehow",
                "ENGLISH|the left heel moves out twenty|turn the left foot on its ball, toes in 20°",
                "SPANISH|talón izquierdo hacia fuera|turn the left foot on its ball, toes in somehow",
                "CHINESE|左脚跟向外|turn the left foot on its ball, toes in somehow",
                "ENGLISH|the left heel goes out and lands|left foot steps 90° left, heel first"
            })
    void aHeelThatGoesOutTurnsTheToesIn(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|turn the right foot to 3, left foot follows"
                        + "|turn the right foot on its heel, toes to 3. turn the left foot on its heel, toes to 3",
                "ENGLISH|turn the body to 3, left foot follows|waist to 3. turn the left foot on its heel, toes to 3",
                "ENGLISH|step forward with the left, right foot follows|left foot steps forward. right foot half step",
                "ENGLISH|turn the waist 90 right and the eyes follow|waist 90° right. look ahead",
                "SPANISH|rota el torso un cuarto de vuelta a la derecha y que la mirada acompañe|waist 90° right. look ahead",
                "ENGLISH|right hand rises to the chest, eyes follow|right hand, at the chest. look at the right hand"
            })
    void whatFollowsGoesWithWhatMoved(Language language, String typed, String canonical) {
        assertThat(Typed.said(Typed.in(language, typed))).isEqualTo(canonical);
    }
}
