package app.avrel.words.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Parts a line into stages, and a stage into clauses. */
final class Clauses {

    private static final Set<Term.Act> LEADING = Set.of(
            Term.Act.TURN,
            Term.Act.RAISE,
            Term.Act.LOWER,
            Term.Act.LIFT,
            Term.Act.MOVE,
            Term.Act.PUSH,
            Term.Act.PRESS,
            Term.Act.OPEN,
            Term.Act.CLOSE,
            Term.Act.HOLD,
            Term.Act.STAY,
            Term.Act.TAKE,
            Term.Act.STEP,
            Term.Act.KICK,
            Term.Act.SLIDE,
            Term.Act.DRAW,
            Term.Act.STAMP);

    private Clauses() {}

    /** {@return the stages of a line, each as its clauses} */
    static List<List<Clause>> of(List<Token> tokens) {
        List<List<Clause>> stages = new ArrayList<>();
        for (List<Token> stage : parted(tokens, Term.Mark.THEN)) {
            List<Clause> clauses = new ArrayList<>();
            for (List<Token> sentence : parted(stage, Term.Mark.STOP, Term.Mark.WHILE)) {
                int before = clauses.size();
                for (List<Token> piece : parted(sentence, Term.Mark.COMMA, Term.Mark.AND)) {
                    byTopic(piece).forEach(part -> join(clauses, part, before));
                }
            }
            stages.add(clauses);
        }
        return stages;
    }

    private static List<List<Token>> parted(List<Token> tokens, Term.Mark... marks) {
        List<List<Token>> parts = new ArrayList<>();
        List<Token> part = new ArrayList<>();
        for (Token token : tokens) {
            if (List.of(marks).contains(token.term())) {
                parts.add(part);
                part = new ArrayList<>();
            } else {
                part.add(token);
            }
        }
        parts.add(part);
        return parts.stream().filter(some -> !some.isEmpty()).toList();
    }

    /** Parts a piece without marks where another topic begins. */
    private static List<List<Token>> byTopic(List<Token> piece) {
        List<List<Token>> parts = new ArrayList<>();
        int start = 0;
        Optional<Topic> current = Optional.empty();
        for (int i = 0; i < piece.size(); i++) {
            Optional<Topic> topic = Topic.of(piece.get(i).term());
            if (topic.isEmpty() && !anotherAct(piece, start, i)) {
                continue;
            }
            if (begins(piece, start, i, current, topic)) {
                int cut = walkBack(piece, start, i);
                if (cut > start) {
                    parts.add(piece.subList(start, cut));
                    start = cut;
                    current = topic;
                    continue;
                }
            }
            current = topic.isPresent() && current.filter(Clauses::leads).isEmpty() ? topic : current;
        }
        parts.add(piece.subList(start, piece.size()));
        return parts;
    }

    private static boolean leads(Topic topic) {
        return topic != Topic.DEPTH;
    }

    private static boolean anotherAct(List<Token> piece, int start, int i) {
        boolean again = piece.get(i).is(Term.Act.HALF_STEP)
                && piece.subList(start, i).stream().anyMatch(token -> token.is(Term.Act.HALF_STEP));
        return acts(piece.get(i))
                && !again
                && !piece.get(i).finite()
                && piece.subList(start, i).stream().anyMatch(Clauses::acts)
                && !acts(piece.get(i - 1));
    }

    private static boolean acts(Token token) {
        return token.term() instanceof Term.Act act && (Topic.STEPPING.contains(act) || act == Term.Act.TURN);
    }

    private static boolean begins(List<Token> piece, int start, int i, Optional<Topic> current, Optional<Topic> topic) {
        if (current.isEmpty()) {
            return false;
        }
        if (topic.isEmpty() || acts(piece.get(i)) && anotherAct(piece, start, i)) {
            return true;
        }
        Token token = piece.get(i);
        List<Token> before = piece.subList(start, i);
        return switch (topic.get()) {
            case HAND, RELATION ->
                switch (current.get()) {
                    case HAND, RELATION -> otherSide(before, token);
                    case GAZE -> before.stream().anyMatch(some -> Topic.hand(some.term())) && !whose(before);
                    case PROP, DEPTH -> false;
                    case WEIGHT, FOOT, BODY, INCLINE, MORE -> true;
                };
            case FOOT ->
                switch (current.get()) {
                    case FOOT -> otherSide(before, token);
                    case WEIGHT ->
                        Topic.foot(token.term()) && before.stream().anyMatch(some -> Topic.foot(some.term()))
                                || token.term() instanceof Term.Act;
                    case DEPTH -> !riseOnto(before);
                    case HAND, RELATION, BODY, GAZE, INCLINE, PROP, MORE -> true;
                };
            case BODY ->
                switch (current.get()) {
                    case DEPTH, INCLINE -> before.stream().anyMatch(some -> some.term() instanceof Term.Measure);
                    case BODY -> before.stream().anyMatch(some -> Topic.trunk(some.term()));
                    case HAND -> !with(before) && !looking(before);
                    case FOOT, RELATION, PROP, GAZE, WEIGHT, MORE -> !with(before);
                };
            case DEPTH ->
                switch (current.get()) {
                    case HAND, RELATION -> !token.finite() && !plural(before);
                    case BODY, DEPTH -> false;
                    case FOOT ->
                        token.term() instanceof Term.Act
                                && !(token.finite() && before.stream().anyMatch(some -> Topic.foot(some.term())));
                    case WEIGHT, GAZE, INCLINE, PROP, MORE -> true;
                };
            case GAZE -> current.get() != Topic.GAZE && !(current.get() == Topic.HAND && token.finite());
            case WEIGHT -> current.get() != Topic.WEIGHT;
            case INCLINE ->
                current.get() != Topic.INCLINE && current.get() != Topic.BODY && current.get() != Topic.PROP;
            case PROP -> current.get() != Topic.PROP && current.get() != Topic.HAND;
            case MORE -> false;
        };
    }

    private static boolean riseOnto(List<Token> before) {
        return before.stream().anyMatch(token -> token.is(Term.Act.RISE));
    }

    /** The fingertips of the left: whose they are, and no other hand. */
    private static boolean whose(List<Token> before) {
        List<Token> last = before.reversed().stream()
                .filter(token -> !token.filler())
                .limit(2)
                .toList();
        return last.size() == 2
                && last.getFirst().term() instanceof Term.Who
                && last.getLast().is(Term.Rel.OF);
    }

    /** A palm that faces the body. */
    private static boolean looking(List<Token> before) {
        return before.reversed().stream()
                .filter(token -> !token.filler())
                .findFirst()
                .filter(token -> token.is(Term.Act.FACE) || token.is(Term.Act.LOOK))
                .isPresent();
    }

    private static boolean with(List<Token> before) {
        return !before.isEmpty()
                && before.reversed().stream()
                        .filter(token -> !token.filler())
                        .findFirst()
                        .filter(token -> token.is(Term.Rel.WITH))
                        .isPresent();
    }

    private static boolean plural(List<Token> before) {
        return before.stream()
                .anyMatch(token -> token.is(Term.Who.BOTH)
                        || Topic.hand(token.term()) && token.text().endsWith("s"));
    }

    /** Whether a part stands with another side than the parts before it. */
    private static boolean otherSide(List<Token> before, Token part) {
        if (!(part.term() instanceof Term.Part)) {
            return false;
        }
        Optional<Term.Who> here = who(before, before.size());
        if (here.isEmpty()) {
            return false;
        }
        for (int i = 0; i < before.size(); i++) {
            boolean limb =
                    Topic.hand(before.get(i).term()) || Topic.foot(before.get(i).term());
            if (limb && who(before, i).filter(found -> found != here.get()).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Term.Who> who(List<Token> tokens, int part) {
        int at = part - 1;
        while (at >= 0 && tokens.get(at).filler()) {
            at--;
        }
        return at >= 0 && tokens.get(at).term() instanceof Term.Who who ? Optional.of(who) : Optional.empty();
    }

    /** A new clause takes along the side, the article and the verb that stand right before its head. */
    private static int walkBack(List<Token> piece, int start, int head) {
        int cut = head;
        boolean side = false;
        while (cut > start) {
            Token before = piece.get(cut - 1);
            boolean who = before.term() instanceof Term.Who;
            boolean leading = before.term() instanceof Term.Act act && LEADING.contains(act) && !before.finite();
            boolean all = before.is(Term.Manner.ALL) || before.is(Term.Rel.WITH);
            if (who && side || !who && !leading && !all && !before.filler()) {
                break;
            }
            side |= who;
            cut--;
        }
        return cut;
    }

    private static void join(List<Clause> clauses, List<Token> part, int sentenceStart) {
        if (part.stream().allMatch(token -> token.filler() || token.term() instanceof Term.Rel)) {
            return;
        }
        Topic topic = topic(part);
        boolean first = clauses.size() == sentenceStart;
        if (!first && Continuing.goesOn(clauses.getLast(), topic, part)) {
            Clause last = clauses.removeLast();
            clauses.add(last.with(part));
        } else {
            clauses.add(new Clause(topic, part));
        }
    }

    /** {@return what a run of tokens is about: the strongest topic in it} */
    static Topic topic(List<Token> part) {
        List<Topic> found =
                part.stream().flatMap(token -> Topic.of(token.term()).stream()).toList();
        boolean looksFirst = !found.isEmpty() && found.getFirst() == Topic.GAZE;
        if (looksFirst) {
            return Topic.GAZE;
        }
        for (Topic strong : List.of(Topic.RELATION, Topic.PROP, Topic.HAND, Topic.GAZE, Topic.WEIGHT)) {
            if (found.contains(strong)) {
                return strong == Topic.WEIGHT && kicks(part) ? Topic.FOOT : strong;
            }
        }
        if (found.contains(Topic.INCLINE) && !found.contains(Topic.FOOT)) {
            return Topic.INCLINE;
        }
        if (found.contains(Topic.DEPTH) && !found.contains(Topic.FOOT)) {
            return Topic.DEPTH;
        }
        boolean standsOn = found.stream().allMatch(Topic.FOOT::equals)
                && part.stream().anyMatch(token -> token.term() instanceof Term.Num)
                && part.stream().allMatch(Clauses::bearing);
        if (standsOn) {
            return Topic.WEIGHT;
        }
        boolean shared = part.stream().anyMatch(token -> token.term() instanceof Term.Share);
        boolean reaches = part.stream().anyMatch(token -> token.is(Term.Manner.EXTENDED));
        if (shared && !reaches && !kicks(part)) {
            return Topic.WEIGHT;
        }
        if (found.contains(Topic.FOOT)) {
            return Topic.FOOT;
        }
        if (found.contains(Topic.BODY)) {
            return Topic.BODY;
        }
        return byVerb(part);
    }

    /** Sixty on the rear foot: nothing but a number, a side and a foot. */
    private static boolean bearing(Token token) {
        return token.filler()
                || token.term() instanceof Term.Num
                || token.term() instanceof Term.Who
                || token.term() instanceof Term.Rel
                || token.is(Term.Part.FOOT)
                || token.is(Term.Part.LEG);
    }

    private static boolean kicks(List<Token> part) {
        return part.stream().anyMatch(token -> token.is(Term.Act.STEP) || token.is(Term.Act.KICK));
    }

    private static Topic byVerb(List<Token> part) {
        for (Token token : part) {
            if (token.term() instanceof Term.Act act) {
                return switch (act) {
                    case LOWER ->
                        part.stream().anyMatch(some -> some.term() instanceof Term.Measure) ? Topic.DEPTH : Topic.FOOT;
                    case RAISE, LIFT, HOVER, PULL_BACK, LAND, CROSS, MOVE, SWEEP -> Topic.FOOT;
                    case TURN, FACE, STAY -> Topic.BODY;
                    case PUSH, PRESS, OPEN, CLOSE, HOLD, SPREAD, FOLD, POINT, STACK -> Topic.HAND;
                    case TAKE, PASS, PUT_AWAY -> Topic.PROP;
                    default -> Topic.MORE;
                };
            }
            if (token.is(Term.Manner.EVEN) || token.is(Term.Manner.ALL)) {
                return Topic.WEIGHT;
            }
            if (token.is(Term.Manner.HALF_TURN)) {
                return Topic.BODY;
            }
            if (token.is(Term.Manner.FLAT)) {
                return Topic.FOOT;
            }
        }
        boolean sided = part.stream()
                .filter(token -> !token.filler())
                .findFirst()
                .filter(token -> token.term() instanceof Term.Who)
                .isPresent();
        if (sided && part.stream().anyMatch(token -> token.term() instanceof Term.Height)) {
            return Topic.HAND;
        }
        boolean shares = part.stream().anyMatch(token -> token.term() instanceof Term.Num)
                && part.stream().anyMatch(token -> token.term() instanceof Term.Who);
        return shares ? Topic.WEIGHT : Topic.MORE;
    }
}
