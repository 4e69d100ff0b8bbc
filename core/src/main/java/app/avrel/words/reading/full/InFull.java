package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.reading.frame.Item;
import java.util.List;

/** Says in full what a line says in short. */
public final class InFull {

    private InFull() {}

    /**
     * {@return the phrases of a line, each with the side, the limb or the beat that it leaves to be understood}
     *
     * @param typed the line, of which an image keeps its words
     */
    public static List<Item> of(List<Item> phrases, String typed, Language language) {
        List<Item> said = joined(phrases, typed, language);
        said = parted(said, language);
        said = named(said, language);
        return BeatMarks.of(WaitingLimb.of(Correcting.of(BareShares.of(said))));
    }

    /** What joins clauses, and what only seems to. */
    private static List<Item> joined(List<Item> phrases, String typed, Language language) {
        List<Item> said = HandAdvances.of(AndOrClose.of(CountedOut.of(PointsThere.of(phrases))), language);
        said = GoneTo.of(said, language);
        said = AsSoonAs.of(said, language);
        said = AtTheSameTime.of(said);
        said = Images.of(HeldBall.of(said), typed);
        return GoingWith.of(FollowedHand.of(said), language);
    }

    /** Where a clause begins that no comma parts from the one before. */
    private static List<Item> parted(List<Item> items, Language language) {
        List<Item> said = StepsToward.of(FallsOnto.of(items), language);
        said = Unparted.of(said, language);
        said = Participle.of(said, language);
        said = DrawnBlade.of(TipOfProp.of(Turned.of(ComesDown.of(said, language)), language));
        return Afterwards.of(said, language);
    }

    /** Which limb does it, where that is left to be understood. */
    private static List<Item> named(List<Item> items, Language language) {
        List<Item> said = FromThere.of(Doer.of(OtherFist.of(LedHand.of(items))));
        said = TakenAlong.of(OtherFoot.of(PointedDown.of(ToesByHeel.of(said))));
        said = ThenPushes.of(SharedPlace.of(BarePlace.of(CircledThere.of(PassesFoot.of(said)))), language);
        said = FootCloses.of(StanceTells.of(SideAfter.of(said), language), language);
        said = Opposed.of(Landing.of(FallenToes.of(EmptiedLeg.of(JoinsOther.of(said)))));
        said = SecondLimb.of(Elided.of(HandGoesOn.of(said), language), language);
        return TouchedLimb.of(said, language);
    }

    /**
     * {@return the phrases with what goes on in another clause said again there}
     *
     * @param phrases without what is said of the whole count
     */
    public static List<Item> again(List<Item> phrases) {
        return VerbOfMany.of(OnFromThere.of(Unmoved.of(phrases)));
    }
}
