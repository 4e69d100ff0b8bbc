package app.avrel.desktop.parts;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * Something made when it is first asked for, and kept.
 *
 * @param <T> what is made
 */
public final class Once<T> implements Supplier<T> {

    private final Supplier<T> making;
    private Optional<T> made = Optional.empty();

    private Once(Supplier<T> making) {
        this.making = making;
    }

    /** {@return something that is made when it is first asked for} */
    public static <T> Once<T> of(Supplier<T> making) {
        return new Once<>(making);
    }

    @Override
    public T get() {
        if (made.isEmpty()) {
            made = Optional.of(making.get());
        }
        return made.get();
    }
}
