package app.avrel.words;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.move.Depth;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** A depth in a field: {@code sink 1 fist}, {@code rise}, {@code to 2 fists}, {@code medium}, {@code knee to calf}. */
public final class DepthText {

    private static final String TO_THE_CALF = "knee to calf";

    private DepthText() {}

    public static String say(Depth depth) {
        return switch (depth) {
            case Depth.Sink(Optional<Length> by) ->
                "sink" + by.map(length -> " " + length).orElse("");
            case Depth.Rise(Optional<Length> by) ->
                "rise" + by.map(length -> " " + length).orElse("");
            case Depth.To(Length to) -> "to " + to;
            case Depth.ToFrame(var frame) -> frame.name().toLowerCase(Locale.ROOT);
            case Depth.UntilKneeMeetsCalf(Optional<Side> knee) ->
                knee.map(side -> side.word() + " ").orElse("") + TO_THE_CALF;
        };
    }

    public static Optional<Depth> parse(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        for (Depth.Frame frame : Depth.Frame.values()) {
            if (said.equals(frame.name().toLowerCase(Locale.ROOT))) {
                return Optional.of(new Depth.ToFrame(frame));
            }
        }
        if (said.equals("sink") || said.equals("rise")) {
            return Optional.of(
                    said.equals("sink") ? new Depth.Sink(Optional.empty()) : new Depth.Rise(Optional.empty()));
        }
        if (said.endsWith(TO_THE_CALF)) {
            return knee(said.substring(0, said.length() - TO_THE_CALF.length()).strip());
        }
        String[] parts = said.split(" ", 2);
        return parts.length < 2
                ? Optional.empty()
                : Length.parse(parts[1]).filter(length -> length.amount() >= 0).flatMap(length -> of(parts[0], length));
    }

    private static Optional<Depth> knee(String side) {
        return side.isEmpty()
                ? Optional.of(new Depth.UntilKneeMeetsCalf(Optional.empty()))
                : Stream.of(Side.values())
                        .filter(named -> named.word().equals(side))
                        .<Depth>map(named -> new Depth.UntilKneeMeetsCalf(Optional.of(named)))
                        .findFirst();
    }

    private static Optional<Depth> of(String verb, Length length) {
        return switch (verb) {
            case "sink" -> Optional.of(new Depth.Sink(Optional.of(length)));
            case "rise" -> Optional.of(new Depth.Rise(Optional.of(length)));
            case "to" -> Optional.of(new Depth.To(length));
            default -> Optional.empty();
        };
    }
}
