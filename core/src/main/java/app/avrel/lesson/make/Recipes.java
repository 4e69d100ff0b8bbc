package app.avrel.lesson.make;

import static app.avrel.lesson.SegmentKind.*;
import static app.avrel.lesson.Showing.CALLED;
import static app.avrel.lesson.Showing.EXPLAINED;
import static app.avrel.lesson.Showing.GUIDED;
import static app.avrel.lesson.Showing.SAID;
import static app.avrel.lesson.Showing.WATCHED;

import app.avrel.lesson.SeenFrom;
import app.avrel.lesson.Showing;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The recipes that come with the program: patterns of real lessons. A school's own stand before them. */
public final class Recipes {

    private static final Showing FEET = EXPLAINED.withLayer(Layer.FEET);
    private static final Showing FEET_CALLED = GUIDED.withLayer(Layer.FEET);
    private static final Showing HANDS = GUIDED.withLayer(Layer.HANDS);
    private static final Showing BREATH = CALLED.withLayer(Layer.BREATH);
    private static final Showing BY_NUMBER = CALLED.withFirst(CueLevel.COUNT).withLater(CueLevel.COUNT);

    private static final Step ARRIVE = Step.around(ARRIVAL, 300);
    private static final Step ASK = Step.around(QUESTIONS, 180);
    private static final Step LISTED = Step.of(LIST, Reach.SO_FAR, SAID, 1);
    private static final Step PRACTISE = Step.of(HOME, Reach.ALL_NEW, SAID, 1);
    private static final Step AHEAD = Step.of(PREVIEW, Reach.NEXT, SAID, 1);
    private static final Step STANDS = Step.of(START, Reach.EACH_NEW, SAID, 1);

    /** Feet, hands, whole: what is proposed where nothing else is chosen. */
    public static final Recipe USUAL = new Recipe(
            "Layer by layer",
            "Feet first, then hands, then the whole; the other side in fewer words.",
            List.of(
                    ARRIVE,
                    LISTED,
                    Step.of(REVIEW, Reach.LAST_FEW, CALLED, 2),
                    Step.of(WATCH, Reach.EACH_NEW, WATCHED, 1),
                    STANDS,
                    Step.of(NEW, Reach.EACH_NEW, FEET, 2),
                    Step.of(NEW, Reach.EACH_NEW, HANDS, 1),
                    Step.of(NEW, Reach.EACH_NEW, GUIDED, 3),
                    Step.of(DIFFERENCE, Reach.EACH_OTHER_SIDE, SAID, 1),
                    Step.of(OTHER_SIDE, Reach.EACH_OTHER_SIDE, GUIDED, 3),
                    Step.of(JOINING, Reach.EACH_JOIN, CALLED, 2).joined(),
                    Step.of(MISTAKES, Reach.ALL_NEW, SAID, 1),
                    Step.of(RUN_THROUGH, Reach.RECENT, CALLED, 2),
                    ASK,
                    PRACTISE,
                    AHEAD));

    /** Eight ways seen with practitioners. */
    private static final List<Recipe> OTHERS = List.of(
            new Recipe(
                    "From the last pose, part by part",
                    "Hands, then the turn, then the foot, then the step: one long explanation.",
                    List.of(
                            ARRIVE,
                            LISTED,
                            STANDS,
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED.withLayer(Layer.HANDS), 2),
                            Step.of(NEW, Reach.EACH_NEW, FEET, 2),
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED, 2).joined(),
                            Step.of(MISTAKES, Reach.EACH_NEW, SAID, 1),
                            Step.of(CHECK, Reach.EACH_NEW, SAID, 1),
                            Step.of(NEW, Reach.EACH_NEW, FEET_CALLED, 2),
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED.withFirst(CueLevel.GUIDE), 2),
                            Step.of(JOINING, Reach.EACH_JOIN, CALLED, 2).joined(),
                            ASK,
                            AHEAD)),
            new Recipe(
                    "By numbers",
                    "Shown from the front and the side, then legs and hands by the numbers of the counts.",
                    List.of(
                            ARRIVE,
                            Step.of(REVIEW, Reach.LAST_FEW, CALLED, 1),
                            Step.of(WATCH, Reach.EACH_NEW, WATCHED.withFrom(SeenFrom.FRONT), 1),
                            Step.of(WATCH, Reach.EACH_NEW, WATCHED, 1),
                            STANDS,
                            Step.of(NEW, Reach.EACH_NEW, FEET.withFrom(SeenFrom.RIGHT), 2),
                            Step.of(NEW, Reach.EACH_NEW, BY_NUMBER.withLayer(Layer.FEET), 3),
                            Step.of(NEW, Reach.EACH_NEW, HANDS, 2),
                            Step.of(NEW, Reach.EACH_NEW, CALLED, 2),
                            Step.of(NEW, Reach.EACH_NEW, BY_NUMBER.withFrom(SeenFrom.RIGHT), 2),
                            Step.of(RUN_THROUGH, Reach.RECENT, CALLED, 1),
                            ASK)),
            new Recipe(
                    "Explain, shorten, breathe, turn round",
                    "Explained with a look at how one stands, then in short, then with the breath alone, then from behind.",
                    List.of(
                            ARRIVE,
                            LISTED,
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED.withFrom(SeenFrom.FRONT), 2),
                            Step.of(CHECK, Reach.EACH_NEW, SAID, 1),
                            Step.of(NEW, Reach.EACH_NEW, CALLED.withFrom(SeenFrom.FRONT), 2),
                            Step.of(NEW, Reach.EACH_NEW, BREATH, 2),
                            Step.of(RUN_THROUGH, Reach.RECENT, CALLED, 2),
                            ASK,
                            PRACTISE)),
            new Recipe(
                    "Then and now",
                    "For what was taught in a simpler way before: that way, the present one, the difference.",
                    List.of(
                            ARRIVE,
                            Step.of(REVIEW, Reach.EACH_NEW, CALLED, 1).titled("As it was taught"),
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED, 2),
                            Step.of(DIFFERENCE, Reach.EACH_NEW, SAID, 1),
                            Step.of(JOINING, Reach.EACH_JOIN, CALLED, 2).joined(),
                            Step.of(NEW, Reach.EACH_NEW, CALLED, 3),
                            Step.of(RUN_THROUGH, Reach.RECENT, CALLED, 2),
                            ASK)),
            new Recipe(
                    "Outer, side, inner, errors, whole",
                    "The move, the look from the side, what it feels like inside, what goes wrong.",
                    List.of(
                            ARRIVE,
                            STANDS,
                            Step.of(NEW, Reach.EACH_NEW, EXPLAINED.withFrom(SeenFrom.FRONT), 2),
                            Step.of(CHECK, Reach.EACH_NEW, SAID, 1),
                            Step.of(MISTAKES, Reach.EACH_NEW, SAID, 1),
                            Step.of(NEW, Reach.EACH_NEW, GUIDED.withFrom(SeenFrom.RIGHT), 2),
                            Step.of(NEW, Reach.EACH_NEW, GUIDED, 1).titled("What it feels like inside"),
                            Step.of(RUN_THROUGH, Reach.FROM_START, CALLED.withFrom(SeenFrom.FRONT), 1),
                            Step.of(RUN_THROUGH, Reach.FROM_START, CALLED.withFrom(SeenFrom.RIGHT), 1),
                            ASK)),
            new Recipe(
                    "List, then walk",
                    "The names with their sides, then all of it in one running sentence, seen from behind.",
                    List.of(
                            ARRIVE,
                            LISTED,
                            Step.of(NEW, Reach.ALL_NEW, GUIDED, 3),
                            Step.of(RUN_THROUGH, Reach.FROM_START, GUIDED.withLater(CueLevel.GUIDE), 2),
                            ASK)),
            new Recipe(
                    "Called form",
                    "The whole called: at length where it is new, a third of it afterwards.",
                    List.of(
                            ARRIVE,
                            Step.of(NEW, Reach.ALL_NEW, GUIDED, 3),
                            Step.of(RUN_THROUGH, Reach.FROM_START, CALLED, 3),
                            ASK)),
            new Recipe(
                    "Section on the beat",
                    "Numbers before the action, the second side with fewer words.",
                    List.of(
                            ARRIVE,
                            Step.of(REVIEW, Reach.LAST_FEW, BY_NUMBER, 1),
                            Step.of(NEW, Reach.EACH_NEW, GUIDED, 2),
                            Step.of(NEW, Reach.EACH_NEW, BY_NUMBER, 3),
                            Step.of(OTHER_SIDE, Reach.EACH_OTHER_SIDE, BY_NUMBER, 3),
                            Step.of(RUN_THROUGH, Reach.RECENT, BY_NUMBER, 2),
                            ASK)));

    private Recipes() {}

    /** {@return every recipe: a school's own, the usual one, eight more} */
    public static List<Recipe> all(List<Recipe> own) {
        List<Recipe> all = new ArrayList<>(own);
        shipped().stream()
                .filter(recipe -> own.stream().noneMatch(mine -> mine.name().equals(recipe.name())))
                .forEach(all::add);
        return all;
    }

    /** {@return the recipes that come with the program, the usual one first} */
    public static List<Recipe> shipped() {
        List<Recipe> all = new ArrayList<>();
        all.add(USUAL);
        all.addAll(OTHERS);
        return all;
    }

    /** {@return the recipe of a name; the usual one where there is none} */
    public static Recipe called(String name, List<Recipe> own) {
        Optional<Recipe> found =
                all(own).stream().filter(recipe -> recipe.name().equals(name)).findFirst();
        return found.orElse(USUAL);
    }
}
