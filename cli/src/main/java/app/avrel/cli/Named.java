package app.avrel.cli;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Finds what a command names. */
final class Named {

    private Named() {}

    /**
     * {@return the one of an id or a name, the first where nothing is wanted; empty after saying on standard error what
     * there is}
     *
     * @param kind what they are, such as {@code course}
     */
    static <T> Optional<T> one(
            List<T> all, Optional<String> wanted, Function<T, String> id, Function<T, String> name, String kind) {
        Optional<T> found = wanted.isEmpty()
                ? all.stream().findFirst()
                : all.stream()
                        .filter(one -> id.apply(one).equals(wanted.get())
                                || name.apply(one).equalsIgnoreCase(wanted.get()))
                        .findFirst();
        if (found.isEmpty()) {
            String there = all.stream()
                    .map(one -> id.apply(one) + " (" + name.apply(one) + ")")
                    .collect(Collectors.joining(", "));
            System.err.println((wanted.isEmpty()
                            ? "There is no " + kind + " in this project"
                            : "There is no " + kind + " “" + wanted.get() + "”")
                    + (there.isEmpty() ? "." : "; there are: " + there + "."));
        }
        return found;
    }
}
