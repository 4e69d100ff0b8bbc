package app.avrel.desktop.postures;

import app.avrel.posture.move.Move;
import app.avrel.words.CountWords;

/** What a row of the card says of a move whose title already names the part that moves. */
final class Summary {

    private Summary() {}

    static String of(Move move, CountWords words) {
        String sentence = words.sentence(move);
        String bare = sentence.substring(0, sentence.length() - 1);
        return switch (move) {
            case Move.PlaceHand hand ->
                bare.substring(("The " + hand.hand().word() + " hand: ").length())
                        .replace(" height", "")
                        .replace("on its own side", "own side")
                        .replace("on the centre line", "centre line");
            case Move.Shift _ -> bare.replaceFirst("^Shift (all )?the weight (to )?", "$1");
            case Move.TurnBody _ -> bare.replaceFirst("^Turn the (body|chest) ?", "turn ");
            case Move.OfFoot foot -> foot(bare, foot.foot().word());
            case Move.ChangeDepth _,
                    Move.Incline _,
                    Move.HoldBall _,
                    Move.RelateHands _,
                    Move.Circle _,
                    Move.HandleProp _,
                    Move.Look _ -> lower(bare).replaceFirst("^both hands: ", "");
        };
    }

    private static String foot(String sentence, String side) {
        return lower(sentence)
                .replace(" with the " + side + " foot", "")
                .replace("the " + side + " foot ", "")
                .replace("the " + side + " ", "")
                .replace("  ", " ");
    }

    private static String lower(String sentence) {
        return Character.toLowerCase(sentence.charAt(0)) + sentence.substring(1);
    }
}
