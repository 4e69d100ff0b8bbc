package app.avrel.words.reading.frame;

import app.avrel.posture.hand.Prop;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Which phrases name a prop, or point back to one. */
final class PropWords {

    private PropWords() {}

    /** {@return the prop that a phrase names} */
    static Optional<Prop> prop(Item item) {
        return switch (item.term()) {
            case Term.Part part when part == Term.Part.STAFF -> Optional.of(Prop.STAFF);
            case Term.Part part when part == Term.Part.SWORD -> Optional.of(Prop.SWORD);
            case Term.Part part when part == Term.Part.SABRE -> Optional.of(Prop.SABRE);
            case Term.Part part when part == Term.Part.FAN -> Optional.of(Prop.FAN);
            default -> Optional.empty();
        };
    }

    /** {@return whether it is "it": close the fan and point it down} */
    static boolean it(Item item) {
        return item.bareSide() && item.who() == Term.Who.IT && item.rel() == null;
    }

    /** {@return whether the clause is about that foot; the height of a knee is a place} */
    static boolean foot(Item item) {
        return WhichFoot.foot(item) && !(item.is(Term.Part.KNEE) && item.rel() != null);
    }

    /** {@return whether something that is held is named, or its tip} */
    static boolean thing(Item item) {
        return prop(item).isPresent() || item.is(Term.Part.PROP) || item.is(Term.Part.TIP);
    }
}
