package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Left hand forward, right back: the second limb is the same limb, whether it is named again or not. */
class WhatTheOtherDoesTest {

    /** A limb as it is named for left and right, how the right is named without it, and what each may do. */
    private record Limb(Language language, String left, String right, String bare, List<String> ways) {

        private String says(String limb, String way) {
            return limb + (language == Language.CHINESE ? "" : " ") + way;
        }
    }

    private static final List<Limb> LIMBS = List.of(
            new Limb(
                    Language.ENGLISH,
                    "left hand",
                    "right hand",
                    "right",
                    List.of("forward", "back", "out to the side", "to ten", "to two")),
            new Limb(Language.ENGLISH, "left palm", "right palm", "right", List.of("up", "down", "in", "out")),
            new Limb(Language.ENGLISH, "left elbow", "right elbow", "right", List.of("out", "down", "up", "in")),
            new Limb(
                    Language.ENGLISH,
                    "left toes",
                    "right toes",
                    "right",
                    List.of("out 30", "in 20", "to eleven", "to two")),
            new Limb(
                    Language.ENGLISH,
                    "left foot",
                    "right foot",
                    "right",
                    List.of("forward", "back", "to ten", "to two")),
            new Limb(Language.ENGLISH, "left heel", "right heel", "right", List.of("up")),
            new Limb(
                    Language.SPANISH,
                    "pie izquierdo",
                    "pie derecho",
                    "el derecho",
                    List.of("adelante", "atrás", "a las diez", "a las dos")),
            new Limb(Language.SPANISH, "talón izquierdo", "talón derecho", "el derecho", List.of("arriba")),
            new Limb(Language.CHINESE, "左手", "右手", "右", List.of("向前", "向后")),
            new Limb(Language.CHINESE, "左脚", "右脚", "右", List.of("向前", "向后", "向十点", "向两点")),
            new Limb(
                    Language.SPANISH,
                    "mano izquierda",
                    "mano derecha",
                    "la derecha",
                    List.of("adelante", "atrás", "a las diez", "a las dos")),
            new Limb(Language.SPANISH, "palma izquierda", "palma derecha", "la derecha", List.of("arriba", "abajo")),
            new Limb(Language.SPANISH, "codo izquierdo", "codo derecho", "el derecho", List.of("fuera", "abajo")),
            new Limb(
                    Language.SPANISH,
                    "punta izquierda",
                    "punta derecha",
                    "la derecha",
                    List.of("fuera 30", "dentro 20", "a las once")),
            new Limb(Language.CHINESE, "左脚尖", "右脚尖", "右", List.of("外摆三十度", "内扣二十度", "朝十一点", "朝两点")),
            new Limb(Language.CHINESE, "左掌心", "右掌心", "右", List.of("向上", "向下")));

    static Stream<Object[]> pairs() {
        return LIMBS.stream()
                .flatMap(limb -> limb.ways().stream()
                        .flatMap(one -> limb.ways().stream().map(other -> new Object[] {
                            limb.language(),
                            limb.says(limb.left(), one) + ", " + limb.says(limb.right(), other),
                            limb.says(limb.left(), one) + ", " + limb.says(limb.bare(), other)
                        })));
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("pairs")
    void theOtherIsTheSameLimbWhereItIsNotNamed(Language language, String named, String elided) {
        LineReading full = Typed.read(named, language, Typed.standing(""));
        LineReading said = Typed.read(elided, language, Typed.standing(""));
        assertThat(full.understood()).as(named).isTrue();
        assertThat(said.understood()).as(elided).isTrue();
        assertThat(said.stages()).isEqualTo(full.stages());
    }

    static Stream<Object[]> once() {
        return LIMBS.stream()
                .flatMap(limb -> limb.ways().stream().map(way -> {
                    String first = limb.says(limb.left(), way) + then(limb.language());
                    return new Object[] {limb.language(), first + limb.says(limb.right(), way), first + limb.bare()};
                }));
    }

    private static String then(Language language) {
        return switch (language) {
            case ENGLISH -> ", then ";
            case SPANISH -> ", luego ";
            case CHINESE -> "，然后";
        };
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("once")
    void theOtherDoesTheSameAfterItWhereNothingElseIsSaid(Language language, String twice, String elided) {
        LineReading said = Typed.read(elided, language, Typed.standing(""));
        assertThat(said.understood()).as(elided).isTrue();
        assertThat(said.stages())
                .isEqualTo(Typed.read(twice, language, Typed.standing("")).stages());
    }

    @Test
    void anotherSideInWhatIsSaidIsNotTurnedRoundByGuess() {
        assertThat(Typed.english("left hand to the left hip, then the right").understood())
                .isFalse();
    }
}
