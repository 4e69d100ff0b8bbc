package app.avrel.lesson.make;

import java.util.List;

/**
 * A way to make a lesson: its steps in order.
 *
 * @param name as shown; unlike every other
 * @param about when it serves, in a sentence
 */
public record Recipe(String name, String about, List<Step> steps) {

    public Recipe {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a recipe must have a name");
        }
        steps = List.copyOf(steps);
    }
}
