package app.avrel.words.say;

import app.avrel.floor.Numbers;
import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A record in the words of a language. */
public final class Saying {

    private final Voice voice;
    private final FeetSaying feet;
    private final TrunkSaying trunk;
    private final HandsSaying hands;

    public Saying(Language language, Register register, Wording saying) {
        voice = new Voice(PhraseBook.of(language), register, saying);
        feet = new FeetSaying(voice);
        trunk = new TrunkSaying(voice);
        hands = new HandsSaying(voice);
    }

    /** {@return a saying that leaves nothing out: read back, it is the same record} */
    public static Saying exact(Language language, Wording saying) {
        return new Saying(language, Register.EXACT, saying);
    }

    /** {@return the words of one move} */
    public String words(Move move) {
        return switch (move) {
            case Move.OfFoot foot -> feet.say(foot);
            case Move.OfTrunk ofTrunk -> trunk.say(ofTrunk);
            case Move.OfHands ofHands -> hands.say(ofHands);
            case Move.Look look -> trunk.look(look.at());
        };
    }

    /** {@return the words of a move of a stage: a share of weight is told by whether that foot takes more or less} */
    String words(Move move, Scene scene) {
        return move instanceof Move.Shift(var split) && !voice.exact()
                ? trunk.shift(split, scene.before().weight(), scene.after().weight())
                : words(move);
    }

    /** {@return the line that says a count: stages parted by semicolons, moves by full stops, then breath and time} */
    public String line(Count count) {
        List<String> said = new ArrayList<>();
        String moves = count.stages().stream()
                .map(this::stage)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(voice.say("between.stages")));
        if (!moves.isEmpty()) {
            said.add(moves);
        }
        String manner = manner(count);
        if (!manner.isEmpty()) {
            said.add(manner);
        }
        return String.join(voice.say("between.moves"), said);
    }

    private String stage(Stage stage) {
        String moves = stage.moves().stream().map(this::words).collect(Collectors.joining(voice.say("between.moves")));
        return stage.on()
                .map(beat -> voice.say("stage.on", Slots.none().text("n", Numbers.plain(beat)))
                        + (moves.isEmpty() ? voice.say("pace.held") : moves))
                .orElse(moves);
    }

    private String manner(Count count) {
        List<String> said = new ArrayList<>();
        if (count.breath() != Breath.FREE) {
            said.add(voice.word("breath", count.breath()));
        }
        if (count.pace() != Pace.EVEN) {
            said.add(voice.word("pace", count.pace()));
        }
        if (count.beats() != 1) {
            said.add(voice.say("beats", Slots.none().text("n", Numbers.plain(count.beats()))));
        }
        if (count.handsByStage()) {
            said.add(voice.say("hands_wait"));
        }
        return String.join(voice.say("between.manners"), said);
    }
}
