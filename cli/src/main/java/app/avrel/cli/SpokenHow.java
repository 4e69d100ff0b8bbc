package app.avrel.cli;

import app.avrel.cue.CueOrder;
import app.avrel.cue.NamePlace;
import app.avrel.cue.Viewpoint;
import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** How a script is said: how much, what of it, how fast. */
final class SpokenHow {

    @Option(
            names = "--level",
            paramLabel = "explain|guide|prompt|count|ladder",
            description = "how much is said; ladder: shorter each time",
            defaultValue = "ladder")
    private String level;

    @Option(
            names = "--layer",
            paramLabel = "everything|feet|feet-and-body|hands|breath",
            description = "what of it is said",
            defaultValue = "everything")
    private String layer;

    @Option(
            names = "--view",
            paramLabel = "own|mirror",
            description = "whose sides are named: one's own, or those of one who faces you and does it as in a mirror",
            defaultValue = "own")
    private String view;

    @Option(names = "--beat", paramLabel = "SECONDS", description = "how long a beat lasts", defaultValue = "4")
    private double secondsPerBeat;

    @Option(
            names = "--lead",
            paramLabel = "SECONDS",
            description = "how long before its movement a call ends",
            defaultValue = "1")
    private double lead;

    @Option(names = "--calls", paramLabel = "NUMBER", description = "most calls a count", defaultValue = "2")
    private int calls;

    @Option(names = "--numbers", description = "tell the counts by number, whatever the house rules say")
    private boolean numbers;

    @Option(
            names = "--names",
            paramLabel = "before|last|never|house",
            description = "where a posture's name is called; house: as the house rules and the posture have it",
            defaultValue = "house")
    private String names;

    @Option(
            names = "--breaths",
            paramLabel = "NUMBER",
            description = "breaths a minute, by which a count lasts as long as its breath; a beat where it has none")
    private Double breaths;

    @Option(names = "--no-breath", description = "leave the breath out")
    private boolean noBreath;

    /** {@return what is wanted; empty after saying on standard error what cannot be} */
    Optional<CueOrder> order(Language language) {
        Optional<Layer> said = constant(Layer.values(), layer);
        Optional<CueLevel> much = constant(CueLevel.values(), level);
        boolean ladder = level.equals("ladder");
        if (said.isEmpty()) {
            System.err.println(
                    "The layer is everything, feet, feet-and-body, hands or breath, but it says " + layer + ".");
        }
        if (much.isEmpty() && !ladder) {
            System.err.println("The level is explain, guide, prompt, count or ladder, but it says " + level + ".");
        }
        Optional<NamePlace> named = constant(NamePlace.values(), names);
        if (named.isEmpty() && !names.equals("house")) {
            System.err.println(
                    "A name is called before, last, never or as the house has it, but it says " + names + ".");
            return Optional.empty();
        }
        Optional<Viewpoint> seen = constant(Viewpoint.values(), view);
        if (seen.isEmpty()) {
            System.err.println("The view is own or mirror, but it says " + view + ".");
        }
        if (said.isEmpty() || seen.isEmpty() || much.isEmpty() && !ladder) {
            return Optional.empty();
        }
        try {
            return Optional.of(new CueOrder(
                    language,
                    much,
                    said.get(),
                    seen.get(),
                    secondsPerBeat,
                    breaths == null ? OptionalDouble.empty() : OptionalDouble.of(breaths),
                    lead,
                    calls,
                    named,
                    Optional.empty(),
                    numbers ? Optional.of(true) : Optional.empty(),
                    noBreath ? Optional.of(false) : Optional.empty()));
        } catch (IllegalArgumentException wrong) {
            System.err.println(wrong.getMessage() + ".");
            return Optional.empty();
        }
    }

    private static <E extends Enum<E>> Optional<E> constant(E[] all, String word) {
        String key = word.replace('-', '_').toUpperCase(Locale.ROOT);
        return Stream.of(all).filter(one -> one.name().equals(key)).findFirst();
    }
}
