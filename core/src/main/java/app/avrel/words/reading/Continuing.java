package app.avrel.words.reading;

import java.util.List;
import java.util.Optional;

/** Whether a piece after a comma or an "and" says more about the clause before it. */
final class Continuing {

    private Continuing() {}

    static boolean goesOn(Clause last, Topic topic, List<Token> piece) {
        if (topic == Topic.MORE) {
            return true;
        }
        boolean act = piece.stream().anyMatch(Continuing::acts);
        Optional<Term.Who> who = subject(piece).map(token -> (Term.Who) token.term());
        return switch (last.topic()) {
            case FOOT ->
                topic == Topic.FOOT
                        && !act
                        && sameFoot(last, who)
                        && describes(piece)
                        && !(lowers(last) && toes(piece));
            case HAND -> topic == Topic.HAND && !act && (who.isEmpty() || who.get() == Term.Who.BOTH && both(last));
            case RELATION -> topic == Topic.HAND && !act && (who.isEmpty() || places(piece) || bothPalms(who));
            case PROP -> piece.stream().anyMatch(token -> token.is(Term.Act.POINT) || token.is(Term.Act.LEAN));
            case WEIGHT, BODY, DEPTH, GAZE, INCLINE, MORE ->
                topic == Topic.WEIGHT && last.topic() == Topic.WEIGHT && !act && !numbers(last);
        };
    }

    private static boolean numbers(Clause last) {
        return last.has(term -> term instanceof Term.Num || term instanceof Term.Ratio)
                || last.has(Term.Manner.ALL)
                || last.has(Term.Manner.EVEN);
    }

    /** Landing and pointing only say more; rising and holding are acts of their own. */
    private static boolean acts(Token token) {
        return token.term() instanceof Term.Act act
                && act != Term.Act.LAND
                && act != Term.Act.FACE
                && act != Term.Act.POINT
                && act != Term.Act.HOVER
                && act != Term.Act.CROSS;
    }

    private static boolean sameFoot(Clause last, Optional<Term.Who> who) {
        return who.isEmpty()
                || last.tokens().stream().anyMatch(token -> token.is(who.get())) && !last.has(Term.Part.TOES);
    }

    /** Toes up or heels down after a step is a move of its own only where a side is named. */
    private static boolean describes(List<Token> piece) {
        boolean side = piece.stream().anyMatch(token -> token.term() instanceof Term.Who);
        boolean raises = piece.stream().anyMatch(token -> token.is(Term.Way.UP) || token.is(Term.Way.DOWN));
        return !(side && raises);
    }

    private static boolean lowers(Clause last) {
        boolean goes =
                last.has(term -> term instanceof Term.Way way && way != Term.Way.DOWN || term instanceof Term.Hall);
        return !goes && (last.has(Term.Way.DOWN) || last.has(Term.Act.LOWER));
    }

    private static boolean toes(List<Token> piece) {
        return piece.stream().anyMatch(token -> token.is(Term.Part.TOES));
    }

    /** Whose hand is spoken of: a side that begins the piece or stands right before a hand or a foot. */
    private static Optional<Token> subject(List<Token> piece) {
        List<Token> words = piece.stream().filter(token -> !token.filler()).toList();
        for (int i = 0; i < words.size(); i++) {
            Term next = i + 1 < words.size() ? words.get(i + 1).term() : Term.Mark.COMMA;
            boolean before = Topic.hand(next) || Topic.foot(next);
            boolean facing = i > 0 && words.get(i - 1).is(Term.Act.FACE);
            boolean side = words.get(i).term() instanceof Term.Who who && who != Term.Who.OTHER;
            if (side && !facing && (i == 0 || before)) {
                return Optional.of(words.get(i));
            }
        }
        return Optional.empty();
    }

    private static boolean both(Clause last) {
        return last.has(Term.Who.BOTH)
                || last.tokens().stream()
                        .anyMatch(token ->
                                Topic.hand(token.term()) && token.text().endsWith("s"));
    }

    private static boolean bothPalms(Optional<Term.Who> who) {
        return who.filter(found -> found == Term.Who.BOTH).isPresent();
    }

    /** Left hand above; right inside. */
    private static boolean places(List<Token> piece) {
        return piece.stream()
                .anyMatch(token -> token.is(Term.Rel.ABOVE)
                        || token.is(Term.Rel.BELOW)
                        || token.is(Term.Rel.INSIDE)
                        || token.is(Term.Rel.OUTSIDE)
                        || token.is(Term.Rel.UNDER)
                        || token.is(Term.Rel.OVER)
                        || token.is(Term.Way.UP)
                        || token.is(Term.Rel.BEFORE));
    }
}
