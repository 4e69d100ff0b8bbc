package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Sink, bringing the right hand to the navel: a participle that moves a limb of its own begins a clause, with a comma before
 * it or without.
 */
final class Participle {

    private static final Set<Term.Act> MOVES = EnumSet.of(
            Term.Act.MOVE,
            Term.Act.TAKE,
            Term.Act.RAISE,
            Term.Act.RISE,
            Term.Act.LOWER,
            Term.Act.SINK,
            Term.Act.DRAW,
            Term.Act.PULL_BACK,
            Term.Act.PUSH,
            Term.Act.STEP,
            Term.Act.SLIDE,
            Term.Act.TURN,
            Term.Act.SHIFT,
            Term.Act.STAY,
            Term.Act.EMPTY,
            Term.Act.LEAN,
            Term.Act.LOOK,
            Term.Act.KICK);

    private Participle() {}

    static List<Item> of(List<Item> items, Language language) {
        Lexicon lexicon = Lexicon.of(language);
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean goesOn = i > 0 && lexicon.participle(item.text());
            boolean palm = goesOn && palmLooks(items, i);
            if (goesOn && !palm && moves(items, i) && ends(items, i - 1)) {
                said.add(Item.unspoken(Term.Mark.COMMA, null, item));
            }
            said.add(palm ? item.as(Term.Act.FACE) : item);
        }
        return said;
    }

    /** La palma a la altura de la frente, mirando adelante: it is the palm that looks there. */
    private static boolean palmLooks(List<Item> items, int at) {
        return items.get(at).is(Term.Act.LOOK)
                && at + 1 < items.size()
                && (items.get(at + 1).term() instanceof Term.Way
                        || items.get(at + 1).bareSide() && items.get(at + 1).rel() == Term.Rel.TO)
                && items.subList(Parts.begin(items, at), at).stream()
                        .anyMatch(item -> item.is(Term.Part.PALM) && item.rel() == null);
    }

    private static boolean moves(List<Item> items, int at) {
        if (items.get(at).is(Term.Part.KNEES_BEND)) {
            return true;
        }
        if (!(items.get(at).term() instanceof Term.Act act) || !MOVES.contains(act)) {
            return false;
        }
        boolean alone = act == Term.Act.SHIFT
                || act == Term.Act.STEP
                || act == Term.Act.KICK
                || act == Term.Act.LEAN
                || act == Term.Act.LOOK;
        return alone || goes(items, at + 1, act);
    }

    /** What is moved is named right after it, or how far: a limb with its side, the waist, a share; to the left, ninety. */
    private static boolean goes(List<Item> items, int from, Term.Act act) {
        int at = from;
        while (at < items.size()
                && (items.get(at).term() instanceof Term.Way || items.get(at).is(Term.Manner.ALL))) {
            at++;
        }
        if (at == items.size()) {
            return false;
        }
        Item item = items.get(at);
        boolean trunk = item.rel() == null
                && (item.is(Term.Part.WAIST) || item.is(Term.Part.BODY) || item.is(Term.Part.WEIGHT));
        boolean amount = item.term() instanceof Term.Num || item.term() instanceof Term.Share;
        boolean turned = act == Term.Act.TURN
                && at == from
                && (item.bareSide() || item.term() instanceof Term.Hall || item.term() instanceof Term.Angle);
        boolean both = item.part() && item.rel() == null && item.both();
        boolean with = HandWords.hand(item) && item.rel() == Term.Rel.WITH && item.who() != null;
        boolean chest = act == Term.Act.TURN && item.rel() == null && item.is(Term.Part.CHEST);
        return item.sidedLimb() || both || with || trunk || chest || amount || turned;
    }

    /** Right hand holding the left wrist: whoever does it stands right before it. */
    private static boolean ends(List<Item> items, int at) {
        Item before = items.get(at);
        boolean begins = at == 0 || items.get(at - 1).mark();
        boolean subject = before.part() && before.rel() == null && begins;
        boolean goesOn = before.is(Term.Mark.NOT) || before.is(Term.Act.STAY) || before.is(Term.Part.PALM);
        return !subject && !goesOn && !before.mark();
    }
}
