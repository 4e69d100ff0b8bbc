package app.avrel.words.reading;

import app.avrel.floor.Heading;
import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Draws tokens together to phrases: whose thing it is, and the small word that leads to it. */
final class Phrases {

    private final String line;
    private final List<Token> in;
    private final Grammar grammar;
    private final Heading startFaces;
    private final List<Item> out = new ArrayList<>();
    private final List<Token> fillers = new ArrayList<>();
    private int at;

    private Phrases(String line, List<Token> in, Grammar grammar, Heading startFaces) {
        this.line = line;
        this.in = in;
        this.grammar = grammar;
        this.startFaces = startFaces;
    }

    /** The phrases of a line, and the small words between them. */
    record Found(List<Item> items, List<Token> fillers) {}

    static Found of(String line, List<Token> tokens, Language language, Heading startFaces) {
        Phrases phrases = new Phrases(line, tokens, Grammar.of(language), startFaces);
        while (phrases.at < tokens.size()) {
            phrases.next();
        }
        return new Found(phrases.out, phrases.fillers);
    }

    private @Nullable Term term(int index) {
        return index < in.size() ? in.get(index).term() : null;
    }

    private int skip(int from) {
        int next = from;
        while (next < in.size() && in.get(next).filler()) {
            next++;
        }
        return next;
    }

    private void next() {
        Token token = in.get(at);
        if (token.filler()) {
            fillers.add(token);
            at++;
            return;
        }
        if (turnsOver() || turnsOverNext()) {
            put(at, at + 1, Term.Act.TURN_OVER, null, null, false);
            return;
        }
        if (token.term() instanceof Term.Rel rel) {
            related(rel);
            return;
        }
        if (followsOtherHand()) {
            related(Term.Rel.BESIDE);
            return;
        }
        if (inThe()) {
            related(Term.Rel.AT);
            return;
        }
        if (token.term() == Term.Way.BACK && afterDone()) {
            put(at, at + 1, Term.Mark.THEN, null, null, false);
            return;
        }
        if (token.term() == Term.Mark.BEFORE && beforeTrunk()) {
            related(Term.Rel.BEFORE);
            return;
        }
        boolean linesUp = token.term() == Term.Way.UP && term(at + 1) == Term.Rel.WITH && heel(skip(at + 2));
        int end = linesUp ? thing(skip(at + 2), Term.Rel.LEVEL_WITH, at) : thing(at, null, at);
        if (end < 0) {
            put(at, at + 1, plain(token.term()), null, null, token.many());
        }
    }

    /** Turn the palm over: nothing stands after "over" that something could be over. */
    private boolean turnsOver() {
        List<Item> here = here();
        boolean leads = at + 1 < in.size()
                && !(in.get(at + 1).term() instanceof Term.Rel)
                && !(in.get(at + 1).term() instanceof Term.Mark
                        && !in.get(at + 1).filler());
        return term(at) == Term.Rel.OVER
                && !leads
                && here.stream().anyMatch(Phrases::hand)
                && here.stream()
                        .anyMatch(item -> item.is(Term.Act.TURN) || item.is(Term.Act.ROLL) || item.is(Term.Act.TWIST));
    }

    /** Turn over the palm: the palm that is named next is what is turned. */
    private boolean turnsOverNext() {
        List<Item> here = here();
        Item verb = here.isEmpty() ? null : here.getLast();
        boolean turns = verb != null && (verb.is(Term.Act.TURN) || verb.is(Term.Act.ROLL) || verb.is(Term.Act.TWIST));
        int next = skip(at + 1);
        int part = term(next) instanceof Term.Who ? next + 1 : next;
        return term(at) == Term.Rel.OVER
                && turns
                && here.stream().noneMatch(Phrases::hand)
                && term(part) instanceof Term.Part limb
                && PhraseKinds.HAND_LIMBS.contains(limb);
    }

    /** What was read since the last mark. */
    private List<Item> here() {
        int from = out.size();
        while (from > 0 && !(out.get(from - 1).term() instanceof Term.Mark)) {
            from--;
        }
        return out.subList(from, out.size());
    }

    /** The left palm follows the right wrist: it stays beside it. What follows the other hand only comes after it. */
    private boolean followsOtherHand() {
        List<Item> here = here();
        if (term(at) != Term.Act.FOLLOW || here.stream().noneMatch(Phrases::hand)) {
            return false;
        }
        int next = skip(at + 1);
        if (term(next) == Term.Rel.UNDER || term(next) == Term.Rel.BELOW) {
            return false;
        }
        next = term(next) instanceof Term.Rel ? skip(next + 1) : next;
        int part = term(next) instanceof Term.Who ? next + 1 : next;
        Term.Who side = term(next) instanceof Term.Who before
                ? before
                : grammar.sideAfterPart() && term(part + 1) instanceof Term.Who after ? after : null;
        boolean joint =
                term(part) == Term.Part.WRIST || term(part) == Term.Part.ELBOW || term(part) == Term.Part.FOREARM;
        return joint
                && side != null
                && here.stream().noneMatch(item -> item.is(Term.Part.EYES) || item.is(Term.Act.LOOK));
    }

    private static boolean hand(Item item) {
        return item.rel() == null && item.term() instanceof Term.Part part && PhraseKinds.HAND_LIMBS.contains(part);
    }

    /** Before the chest: a place, not what comes first, where no verb follows. */
    private boolean beforeTrunk() {
        int next = skip(at + 1);
        boolean trunk = term(next) instanceof Term.Part part && PhraseKinds.TRUNK.contains(part);
        return trunk && !(term(next + 1) instanceof Term.Act) && at > 0;
    }

    /** 踏平后左脚尖内扣: after what is done another limb does something; nothing goes back. */
    private boolean afterDone() {
        Term done = grammar.placeAfterThing() && !out.isEmpty() ? out.getLast().term() : null;
        boolean ends = done == Term.Manner.FLAT
                || done == Term.Act.LAND
                || done == Term.Act.LOWER
                || done == Term.Act.TURN
                || done == Term.Act.RISE
                || done == Term.Act.SINK;
        return ends && term(at + 1) instanceof Term.Who && term(at + 2) instanceof Term.Part;
    }

    private boolean heel(int index) {
        return term(index) == Term.Part.HEEL || term(index) instanceof Term.Who && term(index + 1) == Term.Part.HEEL;
    }

    /** In the left leg, in your right hand: the way is a place there. */
    private boolean inThe() {
        boolean small = at + 1 < in.size() && in.get(at + 1).filler() || term(at + 1) == Term.Who.BOTH;
        int next = skip(at + 1);
        boolean side = term(next) instanceof Term.Who who && who != Term.Who.IT;
        boolean part = term(next) instanceof Term.Part || rearLimb(next);
        return !grammar.placeAfterThing()
                && term(at) == Term.Way.IN
                && !drawnIn(next)
                && (small || side && term(next + 1) instanceof Term.Part)
                && (side || part);
    }

    /** Draw in the right foot, turn in the left toes: "in" belongs to the verb, and the foot is what is drawn or turned. */
    private boolean drawnIn(int next) {
        Term verb = at > 0 ? in.get(at - 1).term() : null;
        int limb = term(next) instanceof Term.Who ? skip(next + 1) : next;
        boolean foot = term(limb) == Term.Part.FOOT || term(limb) == Term.Part.LEG || term(limb) == Term.Part.HEEL;
        boolean turned = verb == Term.Act.TURN && (foot || term(limb) == Term.Part.TOES);
        return turned || foot && (verb == Term.Act.DRAW || verb == Term.Act.PULL || verb == Term.Act.MOVE);
    }

    /** A small word, perhaps two, and what it leads to. */
    private void related(Term.Rel rel) {
        int begin = at;
        Term.Rel last = rel;
        int next = skip(at + 1);
        while (term(next) instanceof Term.Rel more && more != Term.Rel.WAS) {
            last = stronger(last, more);
            next = skip(next + 1);
        }
        if (grammar.sideAfterPart() && term(next) == Term.Rel.WAS) {
            next = skip(next + 1);
        }
        if (last == Term.Rel.OF && origin(begin, next)) {
            last = Term.Rel.FROM;
        }
        boolean another = last == Term.Rel.OWN_PLACE && sidedLimb(next);
        boolean ended = grammar.placeAfterThing() && rel == Term.Rel.ABOVE;
        boolean alone = last == Term.Rel.OWN_PLACE && !another || ended || onTop(last, next);
        int end = alone ? -1 : thing(next, another ? Term.Rel.WHERE : last, begin);
        if (end >= 0) {
            return;
        }
        Term term = term(next);
        boolean led = term instanceof Term.Num
                || term instanceof Term.Hall
                || term instanceof Term.Compass
                || term instanceof Term.Place
                || term instanceof Term.Named
                || term instanceof Term.Angle
                || term instanceof Term.Way
                || term instanceof Term.Share
                || term instanceof Term.Ratio
                || term instanceof Term.Measure
                || term instanceof Term.Standing
                || term instanceof Term.Manner manner && (manner == Term.Manner.MIDDLE || manner == Term.Manner.EVEN);
        if (led && !alone) {
            put(begin, next + 1, plain(term), last, null, false);
        } else {
            put(begin, begin + 1, rel, null, null, false);
        }
    }

    /** The right on top, palm down: what comes next tells how the palm looks, not what the hand is on top of. */
    private boolean onTop(Term.Rel rel, int next) {
        return (rel == Term.Rel.ABOVE || rel == Term.Rel.BELOW)
                && term(next) == Term.Part.PALM
                && term(next + 1) instanceof Term.Way;
    }

    /** Va de la cadera al pecho: after a verb the small word says where from. */
    private boolean origin(int begin, int thing) {
        int next = skip(thing + 1);
        return begin > 0
                && (term(begin - 1) instanceof Term.Act || term(begin - 1) instanceof Term.Manner)
                && term(thing) instanceof Term.Part
                && term(next) instanceof Term.Rel rel
                && rel != Term.Rel.OF
                && goesOn(next);
    }

    /** Where it was, and then whose place that is: donde estaba el pie derecho. */
    private boolean sidedLimb(int index) {
        boolean side = term(index + 1) instanceof Term.Who who && who.side().isPresent();
        return grammar.sideAfterPart()
                && side
                && term(index) instanceof Term.Part part
                && PhraseKinds.LIMBS.contains(part);
    }

    /** Of two small words the one that says the place; from beside the ear is where something comes from or passes. */
    private static Term.Rel stronger(Term.Rel first, Term.Rel second) {
        if ((first == Term.Rel.FROM || first == Term.Rel.PAST) && PhraseKinds.ORIGINS.contains(second)) {
            return first;
        }
        boolean weak = first == Term.Rel.TO
                || first == Term.Rel.AT
                || first == Term.Rel.OF
                || first == Term.Rel.FROM
                || first == Term.Rel.ON
                || first == Term.Rel.THROUGH;
        return weak || second == Term.Rel.WHERE ? second : first;
    }

    private Term plain(Term term) {
        return switch (term) {
            case Term.Compass(int point) -> new Term.Hall(Heading.wrapping(point * 45 - startFaces.degrees()));
            case Term.Place(int eighth) -> new Term.Hall(Heading.wrapping(eighth * 45));
            default -> term;
        };
    }

    /**
     * Whose, and what; perhaps "of" whose.
     *
     * @return past what was put; below 0 where nothing is there
     */
    private int thing(int from, Term.@Nullable Rel rel, int begin) {
        int next = from;
        Term.Who who = null;
        if (term(next) instanceof Term.Who said) {
            who = said;
            next = skip(next + 1);
            if (who == Term.Who.OWN || who == Term.Who.BOTH && term(next) instanceof Term.Who) {
                who = term(next) instanceof Term.Who more ? more : who;
                next = term(next) instanceof Term.Who ? skip(next + 1) : next;
            }
        }
        if (who != null && who.side().isPresent() && term(next) == Term.Part.ABOVE_HEAD && !grammar.sideAfterPart()) {
            return overHead(from, next, rel, begin);
        }
        if (who != null && namesAnother(from, next)) {
            return put(begin, from + 1, who, rel, who, false);
        }
        boolean shape = term(next) instanceof Term.Shaped;
        Term.Who state = state(next);
        if (who == null && state != null) {
            return part(next + 1, (Term.Part) term(next + 1), state, rel, begin);
        }
        if (who == null && rearLimb(next)) {
            return part(next + 1, (Term.Part) term(next + 1), Term.Who.REAR, rel, begin);
        }
        if (backOfHand(next)) {
            return backOfHand(next, rel, begin);
        }
        if (term(next) instanceof Term.Part part) {
            return part(next, part, who, rel, begin);
        }
        if (who == null) {
            return -1;
        }
        if (shape && rel == null) {
            return put(begin, next + 1, term(next), null, who, in.get(next).many());
        }
        boolean pronoun = term(next) instanceof Term.Num(double one)
                && one == 1
                && !(term(next + 1) instanceof Term.Part)
                && !Character.isDigit(in.get(next).text().charAt(0));
        int end = pronoun ? next + 1 : lastOf(from, next);
        if (rel == Term.Rel.WHERE && term(skip(end)) == Term.Rel.WAS) {
            end = skip(end) + 1;
        }
        return put(begin, end, who, rel, who, false);
    }

    /** En la izquierda la mano derecha: where a side stands after what it is said of, the next thing has an article, or its own. */
    private boolean namesAnother(int side, int next) {
        return grammar.sideAfterPart()
                && sided(side)
                && term(next) instanceof Term.Part
                && (next > side + 1 || sided(next + 1));
    }

    private boolean sided(int index) {
        return term(index) instanceof Term.Who who && who.side().isPresent();
    }

    /** Right above the head: the right hand, where something else was told before; the exact middle elsewhere. */
    private int overHead(int from, int part, Term.@Nullable Rel rel, int begin) {
        boolean starts = begin == 0 || in.get(begin - 1).term() instanceof Term.Mark;
        return starts && rel == null
                ? put(begin, from + 1, term(from), null, (Term.Who) term(from), false)
                : put(begin, part + 1, Term.Part.ABOVE_HEAD, rel, null, false);
    }

    /** {@return past the last token that is no small word} */
    private int lastOf(int from, int next) {
        int end = next;
        while (end > from + 1 && in.get(end - 1).filler()) {
            end--;
        }
        return end;
    }

    /** The light foot, the loaded leg. */
    private Term.@Nullable Who state(int index) {
        boolean limb = term(index + 1) == Term.Part.FOOT
                || term(index + 1) == Term.Part.LEG
                || term(index + 1) == Term.Part.HEEL;
        boolean empty = term(index) == Term.Manner.LIGHT
                || term(index) == Term.Act.EMPTY
                        && index > 0
                        && in.get(index - 1).filler();
        return !limb ? null : empty ? Term.Who.LIGHT : term(index) == Term.Manner.FULL ? Term.Who.HEAVY : null;
    }

    /** The back leg: whose it is, though the word means a way elsewhere. */
    private boolean rearLimb(int index) {
        boolean article =
                index > 0 && (in.get(index - 1).filler() || in.get(index - 1).term() instanceof Term.Rel);
        boolean begins = index == 0 || in.get(index - 1).term() instanceof Term.Mark;
        return (article || begins)
                && term(index) == Term.Way.BACK
                && term(index + 1) instanceof Term.Part part
                && (part == Term.Part.FOOT
                        || part == Term.Part.LEG
                        || part == Term.Part.HEEL
                        || part == Term.Part.TOES
                        || part == Term.Part.KNEE);
    }

    private boolean backOfHand(int index) {
        int who = skip(index + 2);
        return term(index) == Term.Way.BACK
                && term(index + 1) == Term.Rel.OF
                && (term(who) == Term.Part.HAND || term(who) instanceof Term.Who && term(who + 1) == Term.Part.HAND);
    }

    private int backOfHand(int index, Term.@Nullable Rel rel, int begin) {
        int next = skip(index + 2);
        Term.Who who = term(next) instanceof Term.Who whose ? whose : null;
        int end = who == null ? next + 1 : next + 2;
        return put(begin, end, Term.Part.BACK_OF_HAND, rel, who, in.get(end - 1).many());
    }

    private int part(int index, Term.Part part, Term.@Nullable Who said, Term.@Nullable Rel rel, int begin) {
        Term.Who who = said;
        boolean many = in.get(index).many();
        int end = index + 1;
        if (grammar.sideAfterPart()
                && who == null
                && term(end) instanceof Term.Who after
                && after.side().isPresent()) {
            who = after;
            end++;
        } else if (grammar.sideAfterPart()
                && (who == null)
                && (term(end) == Term.Who.REAR || term(end) == Term.Who.FRONT)) {
            who = (Term.Who) term(end);
            end++;
        }
        int of = term(end) == Term.Rel.OF ? skip(end + 1) : -1;
        if (of >= 0) {
            Term.Who whose = term(of) instanceof Term.Who found ? found : null;
            int owned = whose == null ? of : skip(of + 1);
            boolean pointed = part == Term.Part.TOES || part == Term.Part.TIP;
            if (pointed && term(owned) instanceof Term.Part owner && owner.prop()) {
                return put(begin, end, Term.Part.TIP, rel, null, false);
            }
            if (term(owned) instanceof Term.Part owner && PhraseKinds.LIMBS.contains(owner)) {
                Term.Who after = grammar.sideAfterPart()
                                && term(owned + 1) instanceof Term.Who side
                                && side.side().isPresent()
                        ? side
                        : null;
                who = whose != null ? whose : after != null ? after : who;
                many |= in.get(owned).many();
                end = after != null ? owned + 2 : owned + 1;
            } else if (whose != null && whose.side().isPresent() && !(term(owned) instanceof Term.Part)) {
                who = whose;
                end = of + 1;
            }
        }
        Term.Rel placed = grammar.placeAfterThing() ? placeAfter(part, begin, end, rel, who) : null;
        if (placed != null) {
            boolean along = rel == Term.Rel.PAST && PhraseKinds.LIMBS.contains(part) && placed == Term.Rel.BESIDE;
            boolean comes = along
                    || (rel == Term.Rel.FROM || rel == Term.Rel.PAST)
                            && (goesOn(end + 1) || !PhraseKinds.HAND_LIMBS.contains(part) && goesOnAfterComma(end + 1));
            boolean threads = (PhraseKinds.HAND_LIMBS.contains(part) || part == Term.Part.ARM)
                    && (placed == Term.Rel.UNDER || placed == Term.Rel.OVER)
                    && term(end + 1) == Term.Act.MOVE
                    && term(end + 2) == Term.Way.FORWARD;
            boolean faces = rel == Term.Rel.TO && begin > 0 && term(begin - 1) == Term.Act.TURN;
            return put(begin, end + 1, part, comes && !threads || faces ? rel : placed, who, many);
        }
        if (rel == Term.Rel.WHERE && term(skip(end)) == Term.Rel.WAS) {
            end = skip(end) + 1;
        }
        return put(begin, end, part, rel, who, many);
    }

    /** From the hip to the chest: after where something comes from it is said where it goes. */
    private boolean goesOn(int from) {
        for (int i = from;
                i < in.size() && !(in.get(i).term() instanceof Term.Mark mark && mark != Term.Mark.FILLER);
                i++) {
            boolean toSide = term(i) instanceof Term.Who who && who.side().isPresent() && term(i - 1) == Term.Rel.TO;
            if (term(i) == Term.Act.PUSH || term(i) == Term.Way.FORWARD || term(i) == Term.Way.BACK || toSide) {
                return true;
            }
            if (term(i) instanceof Term.Part part
                    && (PhraseKinds.TRUNK.contains(part) || PhraseKinds.HEIGHTS.contains(part))) {
                return true;
            }
        }
        return false;
    }

    /** 从左膝前捞起，上到太阳穴: after the comma it goes on from there. */
    private boolean goesOnAfterComma(int from) {
        int comma = from;
        while (comma < in.size() && !(term(comma) instanceof Term.Mark)) {
            comma++;
        }
        boolean onward = term(comma + 1) instanceof Term.Way || term(comma + 1) == Term.Rel.TO;
        return term(comma) == Term.Mark.COMMA && onward && goesOn(comma + 1);
    }

    /** The relation after a thing; after a limb that itself moves it is a way, and 蹬脚 names no thing that something is behind. */
    private Term.@Nullable Rel placeAfter(
            Term.Part part, int begin, int index, Term.@Nullable Rel rel, Term.@Nullable Who who) {
        Term after = term(index);
        if (after == Term.Rel.ON && PhraseKinds.PIVOTS.contains(part)) {
            return Term.Rel.ON;
        }
        boolean limb = PhraseKinds.LIMBS.contains(part) || part == Term.Part.KNEE;
        List<Item> before = who == Term.Who.BOTH ? here() : out;
        boolean oneWord =
                index < in.size() && in.get(index).from() == in.get(begin).from();
        boolean starts = begin > 0 && Stages.parts(in.get(begin - 1).term()) && (after instanceof Term.Way || oneWord);
        boolean moves = limb && rel == null && (starts || before.stream().noneMatch(Item::part));
        boolean single =
                after instanceof Term.Way && in.get(index).to() - in.get(index).from() == 1;
        boolean inVerb = index > 1
                && in.get(index - 2).term() instanceof Term.Act
                && in.get(index - 2).from() == in.get(index - 1).from();
        if (moves || inVerb || part == Term.Part.WEIGHT || !single && !(after instanceof Term.Rel)) {
            return null;
        }
        return switch (after) {
            case Term.Rel.BESIDE -> Term.Rel.BESIDE;
            case Term.Rel.BEFORE -> Term.Rel.BEFORE;
            case Term.Rel.BEHIND -> Term.Rel.BEHIND;
            case Term.Rel.LEVEL_WITH -> Term.Rel.LEVEL_WITH;
            case Term.Rel.LINE_OF -> Term.Rel.LINE_OF;
            case Term.Rel.OWN_PLACE -> limb && rel == Term.Rel.TO ? Term.Rel.WHERE : null;
            case Term.Rel.OUTSIDE -> outside(part) ? Term.Rel.OUTSIDE : null;
            case Term.Rel.OVER -> Term.Rel.OVER;
            case Term.Rel.UNDER -> Term.Rel.UNDER;
            case Term.Way.FORWARD -> Term.Rel.BEFORE;
            case Term.Way.BACK -> Term.Rel.BEHIND;
            case Term.Way.SIDE -> Term.Rel.BESIDE;
            case Term.Way.UP -> limb ? Term.Rel.OVER : null;
            case Term.Way.DOWN -> limb ? Term.Rel.UNDER : null;
            case Term.Way.IN -> limb ? Term.Rel.BESIDE : null;
            default -> null;
        };
    }

    /** 左手在右前臂外侧: another hand is outside that arm; 右手在外 is outside by itself. */
    private boolean outside(Term.Part part) {
        boolean joint = part == Term.Part.FOREARM || part == Term.Part.WRIST || part == Term.Part.ELBOW;
        return !PhraseKinds.HAND_LIMBS.contains(part)
                || joint && here().stream().anyMatch(Phrases::hand);
    }

    private int put(int begin, int end, Term term, Term.@Nullable Rel rel, Term.@Nullable Who who, boolean many) {
        for (int i = begin; i < end; i++) {
            if (in.get(i).filler()) {
                fillers.add(in.get(i));
            }
        }
        Token first = in.get(begin);
        Token last = in.get(end - 1);
        String text = line.substring(first.from(), last.to()).toLowerCase(Locale.ROOT);
        boolean height = rel == Term.Rel.LEVEL_WITH
                && (who == null || !ofLeg(term))
                && Landmarks.of(term).isPresent();
        out.add(new Item(term, height ? Term.Rel.AT : rel, who, many, first.from(), last.to(), text));
        at = end;
        return end;
    }

    /** Level with the left knee: with that knee, where level with a shoulder is only how high. */
    private static boolean ofLeg(Term term) {
        return term == Term.Part.KNEE || term == Term.Part.ANKLE || term == Term.Part.SHIN || term == Term.Part.THIGH;
    }
}
