package app.avrel.desktop.lessons;

import app.avrel.desktop.words.Words;
import app.avrel.lesson.make.Recipe;
import java.util.Locale;

/** What recipes are called: those that ship in the language of the window, one's own as they were named. */
final class RecipeWords {

    private RecipeWords() {}

    static String name(Recipe recipe) {
        return said(key(recipe), recipe.name());
    }

    /** {@return when it serves} */
    static String about(Recipe recipe) {
        return said(key(recipe) + ".about", recipe.about());
    }

    private static String key(Recipe recipe) {
        return "lessons.recipe." + recipe.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "_");
    }

    private static String said(String key, String otherwise) {
        return Words.bundles().template(Words.language(), key).orElse(otherwise);
    }
}
