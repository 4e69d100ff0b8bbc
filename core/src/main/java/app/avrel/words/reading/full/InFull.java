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
        List<Item> said = DrawnBlade.of(Turned.of(ComesDown.of(
                Participle.of(
                        Unparted.of(
                                StepsToward.of(
                                        GoingWith.of(
                                                FollowedHand.of(Images.of(HeldBall.of(AtTheSameTime.of(AsSoonAs.of(GoneTo.of(AndOrClose.of(phrases), language), language))), typed)),
                                                language),
                                        language),
                                language),
                        language),
                language)));
        said = SharedPlace.of(
                CircledThere.of(PassesFoot.of(TakenAlong.of(OtherFoot.of(FromThere.of(Doer.of(Afterwards.of(said, language))))))));
        said = StanceTells.of(SideAfter.of(said), language);
        said = SecondLimb.of(Elided.of(Opposed.of(Landing.of(FallenToes.of(said))), language), language);
        return BeatMarks.of(WaitingLimb.of(Correcting.of(BareShares.of(TouchedLimb.of(said, language)))));
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
