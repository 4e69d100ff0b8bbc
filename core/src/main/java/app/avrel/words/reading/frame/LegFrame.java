package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;

/**
 * How one leg is: the back leg straightens, the right knee stays bent. The record has how deep the body stands and where
 * its feet are, from which the knees follow; what is said of one leg beyond that stays with the count as a note.
 */
final class LegFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Manner.PUSHES_OFF)
                || clause.has(LegFrame::leg) && clause.has(LegFrame::how)
                || level(clause);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (level(clause)) {
            clause.useAll();
            return Optional.of(new Fit().noted().holds("how the leg is"));
        }
        int legs = 0;
        int hows = 0;
        boolean pushes = clause.has(Term.Manner.PUSHES_OFF);
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean inside = i > 0 && i < clause.size() - 1;
            boolean side = item.bareSide() && item.who().side().isPresent();
            if (pushes ? leg(item) || side : leg(item) && !item.is(Term.Part.FOOT)) {
                legs++;
            } else if (how(item) || stretches(clause, i)) {
                hows++;
            } else if (!item.is(Term.Act.STAY) && !item.is(Term.Act.HOLD) && !Leftover.small(item)
                    || item.soft() && inside) {
                return Optional.empty();
            }
        }
        if (legs != 1 || hows == 0 || squats(clause)) {
            return Optional.empty();
        }
        clause.useAll();
        return Optional.of(new Fit().noted().holds("how the leg is"));
    }

    /** Until the thighs are level: how deep that is depends on the stance, and no amount of sinking says it. */
    private static boolean level(Clause clause) {
        return clause.has(Term.Part.THIGH)
                && clause.has(Term.Manner.HEIGHT)
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Part.THIGH)
                                        && item.whose().flatMap(Term.Who::side).isEmpty()
                                || item.is(Term.Manner.HEIGHT)
                                || item.is(Term.Part.FLOOR)
                                || item.is(Term.Act.MOVE)
                                || Leftover.small(item));
    }

    /** Bend the right leg and squat: a second word that says so is of the whole body. */
    private static boolean squats(Clause clause) {
        return clause.items().stream()
                        .filter(item -> item.is(Term.Act.SINK))
                        .map(Item::from)
                        .distinct()
                        .count()
                > 1;
    }

    /** Stretch: the verb stands beside what it says. */
    private static boolean stretches(Clause clause, int at) {
        Item item = clause.item(at);
        return (item.is(Term.Act.MOVE) || item.is(Term.Act.PUSH))
                && clause.has(how -> how.is(Term.Manner.EXTENDED) && how.from() == item.from());
    }

    private static boolean leg(Item item) {
        boolean part = item.is(Term.Part.LEG) || item.is(Term.Part.KNEE) || item.is(Term.Part.FOOT);
        return part && item.rel() == null && !item.both();
    }

    private static boolean how(Item item) {
        return item.is(Term.Act.STRAIGHTEN)
                || item.is(Term.Act.SINK)
                || item.is(Term.Manner.PUSHES_OFF)
                || item.is(Term.Manner.BENT)
                || item.is(Term.Manner.STRAIGHT)
                || item.is(Term.Manner.EXTENDED);
    }
}
