package app.avrel.words.reading;

import app.avrel.body.Landmark;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Draws together what is referred to: beside the left foot, where the right foot was, at chest height. */
final class Referring {

    private static final Set<Term.Part> LIMBS = EnumSet.of(
            Term.Part.FOOT,
            Term.Part.HEEL,
            Term.Part.ANKLE,
            Term.Part.LEG,
            Term.Part.KNEE,
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.WRIST,
            Term.Part.FOREARM,
            Term.Part.ELBOW,
            Term.Part.ARM);
    private static final Set<Term.Part> ON_THE_FLOOR = EnumSet.of(Term.Part.FOOT, Term.Part.HEEL, Term.Part.LEG);
    private static final Set<Term.Rel> PLACING = EnumSet.of(
            Term.Rel.BESIDE,
            Term.Rel.LEVEL_WITH,
            Term.Rel.LINE_OF,
            Term.Rel.WHERE,
            Term.Rel.BEFORE,
            Term.Rel.BEHIND,
            Term.Rel.UNDER,
            Term.Rel.AT,
            Term.Rel.OVER,
            Term.Rel.ABOVE);

    private final List<Token> in;
    private final List<Token> out = new ArrayList<>();
    private int at;

    private Referring(List<Token> in) {
        this.in = in;
    }

    static List<Token> reduce(List<Token> tokens) {
        Referring referring = new Referring(tokens);
        while (referring.at < tokens.size()) {
            if (!referring.anchor()
                    && !referring.touched()
                    && !referring.faced()
                    && !referring.across()
                    && !referring.height()
                    && !referring.named()) {
                referring.out.add(tokens.get(referring.at++));
            }
        }
        return referring.out;
    }

    private int skip(int from) {
        int next = from;
        while (next < in.size() && in.get(next).filler()) {
            next++;
        }
        return next;
    }

    private <T> Optional<T> term(int index, Class<T> type) {
        return index < in.size() && type.isInstance(in.get(index).term())
                ? Optional.of(type.cast(in.get(index).term()))
                : Optional.empty();
    }

    private boolean put(int end, Term term) {
        out.add(in.get(at).through(in.get(end - 1), term));
        at = end;
        return true;
    }

    /** A relation, then whose, then perhaps which part, then perhaps "was". */
    private boolean anchor() {
        Optional<Term.Rel> rel = term(at, Term.Rel.class);
        if (rel.isEmpty()) {
            return false;
        }
        int who = skip(at + 1);
        Optional<Term.Who> whose = term(who, Term.Who.class).filter(found -> found != Term.Who.BOTH);
        if (whose.isEmpty()) {
            return false;
        }
        int next = skip(who + 1);
        boolean toes = rel.get() == Term.Rel.WHERE;
        Optional<Term.Part> part =
                term(next, Term.Part.class).filter(some -> LIMBS.contains(some) || toes && some == Term.Part.TOES);
        boolean places = PLACING.contains(rel.get());
        boolean other = whose.get() == Term.Who.OTHER;
        if (part.isEmpty()) {
            return sideOnly(rel.get(), whose.get(), other && places, next, who);
        }
        boolean reaching = rel.get() == Term.Rel.TO || rel.get() == Term.Rel.ON || rel.get() == Term.Rel.PAST;
        if (!places && !(reaching && !ON_THE_FLOOR.contains(part.get()))) {
            return false;
        }
        int end = next + 1;
        int was = skip(end);
        if (rel.get() == Term.Rel.WHERE
                && term(was, Term.Rel.class).filter(Term.Rel.WAS::equals).isPresent()) {
            end = was + 1;
        }
        return put(end, new Term.Anchor(rel.get(), whose.get(), part.get()));
    }

    /** Beside the left; over the right: the foot is meant, or the hand where hands are spoken of. */
    private boolean sideOnly(Term.Rel rel, Term.Who whose, boolean otherPlaces, int next, int who) {
        boolean hands = out.stream().anyMatch(token -> Topic.hand(token.term()));
        boolean named = Term.side(whose) != null && landmark(next).isEmpty();
        boolean stands = rel == Term.Rel.BESIDE
                || rel == Term.Rel.LEVEL_WITH
                || rel == Term.Rel.WHERE
                || rel == Term.Rel.BEHIND
                || rel == Term.Rel.BEFORE
                || rel == Term.Rel.LINE_OF;
        boolean lies = rel == Term.Rel.OVER || rel == Term.Rel.ABOVE || rel == Term.Rel.UNDER || rel == Term.Rel.BELOW;
        boolean meant = otherPlaces || named && (stands || lies && hands);
        return meant && put(who + 1, new Term.Anchor(rel, whose, hands ? Term.Part.HAND : Term.Part.FOOT));
    }

    /** The left hand touches the right wrist: what is touched is where the hand is. */
    private boolean touched() {
        if (at >= in.size() || !in.get(at).is(Term.Act.LAND)) {
            return false;
        }
        return of(at + 1)
                .filter(touched -> put(touched.end(), touched.anchor()))
                .isPresent();
    }

    /** The left palm faces the right palm: that is not a second hand that does something. */
    private boolean faced() {
        boolean faces = at < in.size()
                && (in.get(at).is(Term.Act.FACE) || in.get(at).is(Term.Act.LOOK))
                && out.stream().anyMatch(token -> token.is(Term.Part.PALM));
        Optional<Named> faced = faces ? of(at + 1) : Optional.empty();
        if (faced.filter(limb -> Term.side(limb.anchor().who()) != null).isEmpty()) {
            return false;
        }
        out.add(in.get(at++));
        return put(faced.get().end(), faced.get().anchor());
    }

    private record Named(int end, Term.Anchor anchor) {}

    /** Whose hand, and which part of it, where a hand is spoken of. */
    private Optional<Named> of(int from) {
        int who = skip(from);
        int part = skip(who + 1);
        boolean hands = out.stream().anyMatch(token -> Topic.hand(token.term()));
        Optional<Term.Who> whose = term(who, Term.Who.class);
        Optional<Term.Part> limb = term(part, Term.Part.class).filter(LIMBS::contains);
        return hands && whose.isPresent() && limb.isPresent()
                ? Optional.of(new Named(part + 1, new Term.Anchor(Term.Rel.AT, whose.get(), limb.get())))
                : Optional.empty();
    }

    /** Across the chest: the chest is only how high. */
    private boolean across() {
        int next = skip(at + 1);
        boolean across = at < in.size() && in.get(at).is(Term.Way.ACROSS);
        boolean hands = out.stream().anyMatch(token -> Topic.hand(token.term()));
        Optional<Landmark> landmark = across && hands ? landmark(next) : Optional.empty();
        if (landmark.isEmpty()) {
            return false;
        }
        out.add(in.get(at));
        at = next;
        return put(next + 1, new Term.Height(landmark.get(), Term.Rel.AT, Term.Who.OWN));
    }

    /** Chest high; at the chest; in front of the navel; beside the right hip. */
    private boolean height() {
        Optional<Landmark> bare = landmark(at);
        if (bare.filter(Landmark.ABOVE::equals).isPresent()) {
            return put(at + 1, new Term.Height(Landmark.ABOVE, Term.Rel.AT, Term.Who.OWN));
        }
        if (bare.isPresent() && high(at + 1)) {
            return put(at + 2, new Term.Height(bare.get(), Term.Rel.AT, Term.Who.OWN));
        }
        Optional<Term.Rel> rel = term(at, Term.Rel.class)
                .filter(found -> found != Term.Rel.WITH
                        && found != Term.Rel.OF
                        && found != Term.Rel.LINE_OF
                        && found != Term.Rel.WHERE);
        if (rel.isEmpty()) {
            return false;
        }
        int next = skip(at + 1);
        Term.Who who = Term.Who.OWN;
        if (term(next, Term.Who.class).isPresent()) {
            who = term(next, Term.Who.class).get();
            next = skip(next + 1);
        }
        Optional<Landmark> landmark = landmark(next);
        if (landmark.isEmpty() || landmark.get() == Landmark.KNEE && who != Term.Who.OWN) {
            return false;
        }
        int end = high(next + 1) ? next + 2 : next + 1;
        return put(end, new Term.Height(landmark.get(), rel.get(), who));
    }

    private boolean high(int index) {
        return term(index, Term.Manner.class).filter(Term.Manner.HEIGHT::equals).isPresent();
    }

    /** Front foot, rear heel, back leg: whose it is, though the word means a way elsewhere. */
    private boolean named() {
        Optional<Term.Way> way = term(at, Term.Way.class);
        Optional<Term.Part> part = term(at + 1, Term.Part.class)
                .filter(found -> found == Term.Part.FOOT
                        || found == Term.Part.LEG
                        || found == Term.Part.TOES
                        || found == Term.Part.HEEL
                        || found == Term.Part.KNEE);
        boolean landing = at + 2 < in.size() && in.get(at + 2).is(Term.Manner.FIRST);
        boolean article = at > 0 && (in.get(at - 1).filler() || in.get(at - 1).term() instanceof Term.Rel);
        if (way.isEmpty() || part.isEmpty() || landing || !article || way.get() != Term.Way.BACK) {
            return false;
        }
        out.add(new Token(in.get(at).from(), in.get(at).to(), in.get(at).text(), Term.Who.REAR));
        at++;
        return true;
    }

    private Optional<Landmark> landmark(int index) {
        if (index >= in.size()) {
            return Optional.empty();
        }
        Term term = in.get(index).term();
        if (term == Term.Act.FACE && !in.get(index).finite()) {
            boolean placed = at < index && in.get(index - 1).filler();
            return placed ? Optional.of(Landmark.EYE) : Optional.empty();
        }
        if (in.get(index).text().equals("shoulders")) {
            return Optional.of(Landmark.SHOULDER);
        }
        return term instanceof Term.Part part ? landmark(part) : Optional.empty();
    }

    static Optional<Landmark> landmark(Term.Part part) {
        return Optional.ofNullable(
                switch (part) {
                    case ANKLE -> Landmark.ANKLE;
                    case SHIN -> Landmark.SHIN;
                    case KNEE -> Landmark.KNEE;
                    case THIGH -> Landmark.THIGH;
                    case HIPS -> Landmark.HIP;
                    case WAIST, NAVEL -> Landmark.NAVEL;
                    case SOLAR_PLEXUS -> Landmark.SOLAR_PLEXUS;
                    case CHEST -> Landmark.CHEST;
                    case SHOULDER -> Landmark.SHOULDER;
                    case CHIN -> Landmark.CHIN;
                    case EAR -> Landmark.EAR;
                    case EYES, FACE -> Landmark.EYE;
                    case TEMPLE -> Landmark.TEMPLE;
                    case BROW -> Landmark.BROW;
                    case HEAD -> Landmark.CROWN;
                    case ABOVE_HEAD -> Landmark.ABOVE;
                    case FLOOR -> Landmark.FLOOR;
                    case FOOT,
                            LEG,
                            HEEL,
                            BALL,
                            TOES,
                            INSTEP,
                            SOLE,
                            HAND,
                            PALM,
                            HEEL_OF_PALM,
                            ARM,
                            WRIST,
                            ELBOW,
                            FOREARM,
                            FINGERS,
                            FINGERTIPS,
                            BODY,
                            WEIGHT,
                            BREATH,
                            STAFF,
                            SWORD,
                            SABRE,
                            FAN,
                            PROP -> null;
                });
    }
}
