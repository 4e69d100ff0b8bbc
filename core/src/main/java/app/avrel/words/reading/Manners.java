package app.avrel.words.reading;

import app.avrel.posture.count.Arrival;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Pace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes out of a line what is said of the whole count: breath, pace, beats, whether hands wait.
 *
 * @param words the tokens that say it
 * @param others all the rest, in order
 */
record Manners(LineReading.CountManner manner, List<Token> words, List<Token> others) {

    static Manners of(List<Token> tokens) {
        Optional<Breath> breath = Optional.empty();
        Optional<Pace> pace = Optional.empty();
        Optional<Double> beats = Optional.empty();
        Optional<Arrival> arrival = Optional.empty();
        List<Token> words = new ArrayList<>();
        List<Token> others = new ArrayList<>();
        boolean weighs = tokens.stream().anyMatch(token -> token.is(Term.Act.SHIFT) || token.is(Term.Part.WEIGHT));
        for (Token token : tokens) {
            Optional<Breath> breathes = breath(token.term());
            boolean stands = token.is(Term.Act.HOLD) && holdsStill(tokens);
            Optional<Pace> paces = stands
                    ? Optional.of(Pace.HELD)
                    : weighs && token.is(Term.Manner.EVENLY) ? Optional.empty() : pace(token.term());
            Optional<Arrival> arrives = arrival(token.term());
            Optional<Double> lasts = token.term() instanceof Term.Beats(double count) && count > 0 && count <= 64
                    ? Optional.of(count)
                    : Optional.empty();
            boolean taken = breathes.isPresent() || paces.isPresent() || lasts.isPresent() || arrives.isPresent();
            (taken ? words : others).add(token);
            breath = breathes.isPresent() ? breathes : breath;
            pace = paces.isPresent() ? paces : pace;
            beats = lasts.isPresent() ? lasts : beats;
            arrival = arrives.isPresent() ? arrives : arrival;
        }
        return new Manners(new LineReading.CountManner(breath, pace, beats, arrival), words, others);
    }

    /** "Hold, four beats": nothing is named that is held. */
    private static boolean holdsStill(List<Token> tokens) {
        return tokens.stream()
                .filter(token -> !token.filler()
                        && !(token.term() instanceof Term.Beats)
                        && !(token.term() instanceof Term.Mark))
                .allMatch(token -> token.is(Term.Act.HOLD) || pace(token.term()).isPresent());
    }

    private static Optional<Breath> breath(Term term) {
        if (!(term instanceof Term.Manner manner)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (manner) {
                    case IN_BREATH -> Breath.IN;
                    case OUT_BREATH -> Breath.OUT;
                    case HOLD_BREATH -> Breath.HOLD;
                    case FREE_BREATH -> Breath.FREE;
                    case STILL_IN -> Breath.STILL_IN;
                    case STILL_OUT -> Breath.STILL_OUT;
                    case IN_AND_OUT -> Breath.IN_THEN_OUT;
                    case OUT_AND_IN -> Breath.OUT_THEN_IN;
                    default -> null;
                });
    }

    private static Optional<Pace> pace(Term term) {
        if (!(term instanceof Term.Manner manner)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                switch (manner) {
                    case SLOW -> Pace.SLOW;
                    case QUICK -> Pace.QUICK;
                    case EVENLY -> Pace.EVEN;
                    case HELD -> Pace.HELD;
                    default -> null;
                });
    }

    private static Optional<Arrival> arrival(Term term) {
        if (term == Term.Manner.HANDS_WAIT) {
            return Optional.of(Arrival.BY_STAGE);
        }
        return term == Term.Manner.HANDS_THROUGHOUT ? Optional.of(Arrival.THROUGHOUT) : Optional.empty();
    }
}
