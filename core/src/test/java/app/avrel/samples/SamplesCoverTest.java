package app.avrel.samples;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Direction;
import app.avrel.house.HouseRule;
import app.avrel.posture.Posture;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.lang.reflect.RecordComponent;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Laws over made-up records are worth what the records cover: every kind of everything that can be recorded is made. */
class SamplesCoverTest {

    private static final int ENOUGH = 1500;

    private static final Set<Object> MADE = new HashSet<>();
    private static final Set<Class<?>> CLASSES = new HashSet<>();

    static {
        for (int seed = 0; seed < ENOUGH; seed++) {
            collect(new Samples(seed).posture("p"));
        }
    }

    /** Everything a record holds, to the last value. */
    private static void collect(Object root) {
        Deque<Object> open = new ArrayDeque<>();
        open.add(root);
        while (!open.isEmpty()) {
            Object value = open.pop();
            CLASSES.add(value.getClass());
            switch (value) {
                case Enum<?> constant -> MADE.add(constant);
                case Optional<?> optional -> optional.ifPresent(open::add);
                case Collection<?> several -> open.addAll(several);
                case Map<?, ?> map -> {
                    open.addAll(map.keySet());
                    open.addAll(map.values());
                }
                case Record held ->
                    Arrays.stream(held.getClass().getRecordComponents())
                            .map(component -> read(component, held))
                            .forEach(open::add);
                default -> {}
            }
        }
    }

    private static Object read(RecordComponent component, Object of) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(component.toString(), e);
        }
    }

    static Stream<Class<?>> kinds() {
        return Stream.of(
                        Move.class,
                        StepPlace.class,
                        Toes.class,
                        Turning.class,
                        Depth.class,
                        Gaze.class,
                        Split.class,
                        Sideways.class,
                        Direction.class)
                .flatMap(SamplesCoverTest::leaves);
    }

    private static Stream<Class<?>> leaves(Class<?> kind) {
        return kind.isSealed()
                ? Arrays.stream(kind.getPermittedSubclasses()).flatMap(SamplesCoverTest::leaves)
                : Stream.of(kind);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsMade(Class<?> kind) {
        assertThat(CLASSES).contains(kind);
    }

    static Stream<Class<?>> wordLists() {
        return CLASSES.stream()
                .filter(kind -> kind.isEnum() && kind != HouseRule.class)
                .map(found -> (Class<?>) found);
    }

    @ParameterizedTest
    @MethodSource("wordLists")
    void everyWordOfAListIsMade(Class<?> list) {
        assertThat(Arrays.stream(list.getEnumConstants())
                        .filter(word -> !MADE.contains(word))
                        .map(word -> list.getSimpleName() + "." + word))
                .isEmpty();
    }

    @Test
    void theSameSeedMakesTheSameRecord() {
        Posture one = new Samples(7).posture("p");
        assertThat(new Samples(7).posture("p")).isEqualTo(one).isNotEqualTo(new Samples(8).posture("p"));
    }
}
