package app.avrel.project;

import java.util.AbstractList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.function.Function;

/**
 * An immutable list in which each is found by its id without going through all: a school of two thousand postures asks for
 * one at every count. As a list it is like any other of the same values.
 *
 * @param <K> the ids; of two with the same id the first is found
 */
final class ById<K, T> extends AbstractList<T> implements RandomAccess {

    private final List<T> all;
    private final Map<K, T> byId;

    private ById(List<T> all, Function<? super T, K> id) {
        this.all = all;
        this.byId = HashMap.newHashMap(all.size());
        all.forEach(each -> byId.putIfAbsent(id.apply(each), each));
    }

    /** {@return these in their order}; the same where they are found by id already */
    static <K, T> List<T> of(Collection<T> all, Function<? super T, K> id) {
        return all instanceof ById<?, T> known ? known : new ById<>(List.copyOf(all), id);
    }

    /** {@return the one of this id} */
    static <K, T> Optional<T> find(List<T> all, K id) {
        return all instanceof ById<?, T> known ? Optional.ofNullable(known.byId.get(id)) : Optional.empty();
    }

    @Override
    public T get(int index) {
        return all.get(index);
    }

    @Override
    public int size() {
        return all.size();
    }
}
