package app.avrel.posture.count;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A count as somebody saw it who is about to change it: found again where it has moved, and not once it is gone or
 * otherwise.
 *
 * @param at where it stood, from 0
 * @param count as it was
 */
public record SeenCount(int at, Count count) {

    /** {@return where it stands now, from 0; empty where it is no longer there, or could be either of two} */
    public Optional<Integer> in(List<Count> counts) {
        if (at < counts.size() && counts.get(at).equals(count)) {
            return Optional.of(at);
        }
        List<Integer> alike = IntStream.range(0, counts.size())
                .filter(index -> counts.get(index).equals(count))
                .boxed()
                .toList();
        return alike.size() == 1 ? Optional.of(alike.getFirst()) : Optional.empty();
    }
}
