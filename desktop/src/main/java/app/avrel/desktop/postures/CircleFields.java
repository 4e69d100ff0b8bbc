package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.posture.hand.CircleSense;
import app.avrel.posture.hand.CircleSize;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The fields of a hand's circle. */
final class CircleFields {

    private static final int MOST = 9;

    private CircleFields() {}

    static List<MoveField> of(Move.Circle circle) {
        Integer[] often = IntStream.rangeClosed(1, MOST).boxed().toArray(Integer[]::new);
        return List.of(
                Fields.oneOf(
                        Words.of("postures.hand"),
                        List.of(Words.of("postures.left_hand"), Words.of("postures.right_hand")),
                        circle.hand().ordinal(),
                        at -> new Move.Circle(Side.values()[at], circle.sense(), circle.size(), circle.times())),
                Fields.choice(
                        Words.of("postures.way_round"),
                        CircleSense.values(),
                        Words::of,
                        circle.sense(),
                        sense -> new Move.Circle(circle.hand(), sense, circle.size(), circle.times())),
                Fields.choice(
                        Words.of("postures.size"),
                        CircleSize.values(),
                        Words::of,
                        circle.size(),
                        size -> new Move.Circle(circle.hand(), circle.sense(), size, circle.times())),
                Fields.choice(
                        Words.of("postures.times"),
                        often,
                        String::valueOf,
                        circle.times(),
                        times -> new Move.Circle(circle.hand(), circle.sense(), circle.size(), times)));
    }

    static Move fresh() {
        return new Move.Circle(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty());
    }
}
