package app.avrel.words.say;

import app.avrel.label.Language;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What is worth saying of a count, move by move: what is so already is left out, hands that do one thing are one. */
public final class Telling {

    private final Voice voice;
    private final Saying saying;
    private final HandsSaying hands;

    public Telling(Language language, Register register, Wording wording) {
        voice = new Voice(PhraseBook.of(language), register, wording);
        saying = new Saying(language, register, wording);
        hands = new HandsSaying(voice);
    }

    /** {@return what is said of the stages of a count, everything that is recorded or only what is new} */
    public List<Told> of(List<Scene> count, Layer layer, boolean all) {
        List<Told> told = new ArrayList<>();
        for (int stage = 0; stage < count.size(); stage++) {
            told.addAll(stage(stage, count.get(stage), layer, all));
        }
        return told;
    }

    /** {@return what is said of stages of which nothing is known but what moves} */
    public List<Told> unseen(List<Stage> stages) {
        List<Told> told = new ArrayList<>();
        for (int stage = 0; stage < stages.size(); stage++) {
            told.addAll(told(stage, stages.get(stage).moves(), move -> HandWay.unseen(move.to()), saying::words));
        }
        return told;
    }

    private List<Told> stage(int stage, Scene scene, Layer layer, boolean all) {
        List<Move> moves = scene.stage().moves().stream()
                .filter(layer::has)
                .flatMap(move -> (all ? Optional.of(move) : Implied.trim(move, scene.before(), scene.after())).stream())
                .toList();
        return told(stage, moves, move -> way(move, scene), move -> saying.words(move, scene));
    }

    private List<Told> told(
            int stage, List<Move> moves, Function<Move.PlaceHand, HandWay> ways, Function<Move, String> words) {
        List<Move.PlaceHand> both = together(moves, ways);
        List<Told> told = new ArrayList<>();
        for (Move move : moves) {
            if (!(move instanceof Move.PlaceHand hand)) {
                told.add(new Told(stage, List.of(move), words.apply(move)));
            } else if (both.isEmpty()) {
                told.add(new Told(stage, List.of(hand), hands.goes(List.of(hand), ways.apply(hand))));
            } else if (hand.equals(both.getFirst())) {
                told.add(new Told(stage, List.copyOf(both), hands.goes(both, ways.apply(hand))));
            }
        }
        return told;
    }

    private static HandWay way(Move.PlaceHand move, Scene scene) {
        return HandWay.of(
                move.to(), scene.before().hand(move.hand()), scene.after().hand(move.hand()));
    }

    /** {@return the moves of both hands where they do one thing; nothing where they do not} */
    private static List<Move.PlaceHand> together(List<Move> moves, Function<Move.PlaceHand, HandWay> ways) {
        List<Move.PlaceHand> placed = moves.stream()
                .filter(Move.PlaceHand.class::isInstance)
                .map(Move.PlaceHand.class::cast)
                .toList();
        boolean alike = placed.size() == 2
                && placed.get(0).hand() != placed.get(1).hand()
                && placed.get(0).to().equals(placed.get(1).to())
                && placed.get(0).path().equals(placed.get(1).path())
                && ways.apply(placed.get(0)) == ways.apply(placed.get(1));
        return alike ? placed : List.of();
    }

    /** {@return whole sentences: stage after stage, parted where a phrase has a pause of its own} */
    public String sentences(List<Told> told) {
        if (told.isEmpty()) {
            return sentence(voice.say("stay")).strip();
        }
        List<List<String>> stages = stages(told);
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < stages.size(); i++) {
            List<String> phrases = new ArrayList<>(stages.get(i));
            boolean chained = i > 0 && alone(stages.get(i - 1));
            if (i > 0 && !chained) {
                phrases.set(0, voice.say("then", Slots.none().text("what", phrases.getFirst())));
            }
            boolean goesOn = i + 1 < stages.size() && alone(stages.get(i));
            said.append(goesOn || chained ? link(phrases, chained, goesOn) : stage(phrases));
        }
        return said.toString().strip();
    }

    /** A stage of one phrase without a pause: the next one goes on in the same sentence. */
    private boolean alone(List<String> phrases) {
        return phrases.size() == 1 && !pauses(phrases.getFirst());
    }

    private String link(List<String> phrases, boolean chained, boolean goesOn) {
        String first = chained ? phrases.getFirst() : capital(phrases.getFirst());
        if (goesOn) {
            return first + voice.say("join.then");
        }
        String rest = phrases.stream().skip(1).map(this::sentence).collect(Collectors.joining());
        return first + end() + rest;
    }

    private static List<List<String>> stages(List<Told> told) {
        List<List<String>> stages = new ArrayList<>();
        int last = -1;
        for (Told one : told) {
            if (one.stage() != last) {
                stages.add(new ArrayList<>());
            }
            stages.getLast().add(one.words());
            last = one.stage();
        }
        return stages;
    }

    private boolean pauses(String words) {
        return words.contains(",") || words.contains(voice.say("sentence.and"));
    }

    private String stage(List<String> phrases) {
        boolean pair = phrases.size() == 2 && phrases.stream().noneMatch(this::pauses);
        if (pair || voice.say("sentence.end").equals("。")) {
            return sentence(String.join(voice.say("between.phrases"), phrases));
        }
        return phrases.stream().map(this::sentence).collect(Collectors.joining());
    }

    /** {@return what is said where nothing moves} */
    public String stay() {
        return voice.say("stay");
    }

    /** {@return what parts two calls in writing} */
    public String between() {
        return voice.say("between.moves");
    }

    /** {@return a phrase as a sentence of its own} */
    public String sentence(String words) {
        return capital(words) + end();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String end() {
        String end = voice.say("sentence.end");
        return end.equals("。") ? end : end + " ";
    }
}
