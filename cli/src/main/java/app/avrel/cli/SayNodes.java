package app.avrel.cli;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.files.ProjectText;
import app.avrel.floor.Numbers;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.rules.Finding;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a line was understood to say, as JSON. */
final class SayNodes {

    private SayNodes() {}

    static ObjectNode of(LineReading reading, List<Finding> findings, Saying saying, Body body) {
        ObjectNode top = JsonNodeFactory.instance.objectNode().put("typed", reading.typed());
        ArrayNode moves = top.putArray("moves");
        boolean sideOpen =
                reading.questions().stream().anyMatch(question -> question.key().equals(Question.WHICH_FOOT));
        for (int stage = 0; stage < reading.stages().size(); stage++) {
            Stage of = reading.stages().get(stage);
            for (Move move : of.moves()) {
                ObjectNode node = move(move, stage + 1, sideOpen, saying);
                of.on().ifPresent(beat -> node.put("on", beat));
                moves.add(node);
            }
            if (of.moves().isEmpty()) {
                still(of, stage + 1, moves.addObject());
            }
        }
        manner(reading.manner(), top, moves);
        words(reading, top);
        ArrayNode ambiguous = top.putArray("ambiguous");
        reading.questions().forEach(question -> {
            ObjectNode node = ambiguous.addObject().put("word", question.word()).put("question", question.question());
            ArrayNode choices = node.putArray("choices");
            question.choices().forEach(choice -> choices.add(choice.label()));
        });
        ArrayNode refused = top.putArray("refused");
        reading.refusals()
                .forEach(refusal ->
                        refused.addObject().put("word", refusal.word()).put("message", refusal.message()));
        ArrayNode holds = top.putArray("holds");
        reading.holds().forEach(holds::add);
        ArrayNode mended = top.putArray("mended");
        reading.mended()
                .forEach(slip -> mended.addObject().put("word", slip.typed()).put("read", slip.read()));
        if (reading.note().isPresent()) {
            ArrayNode kept = top.putArray("kept");
            reading.words(LineReading.Role.UNKNOWN).forEach(word -> kept.add(word.text()));
            reading.words(LineReading.Role.IMAGE).forEach(word -> kept.add(word.text()));
        }
        top.put("understood", reading.understood());
        top.set("pose", PoseNodes.of(reading.after(), body));
        top.set("assumed", PoseNodes.assumed(reading.after()));
        ArrayNode found = top.putArray("findings");
        findings.forEach(finding -> found.addObject()
                .put("rule", finding.rule().key())
                .put("severity", finding.severity().word())
                .put("headline", finding.headline())
                .put("sentence", finding.whole()));
        return top;
    }

    private static void still(Stage of, int stage, ObjectNode node) {
        node.put("kind", "still").putNull("side").put("stage", stage).put("said", "still");
        of.on().ifPresent(beat -> node.put("on", beat));
    }

    private static ObjectNode move(Move move, int stage, boolean sideOpen, Saying saying) {
        ObjectNode fields = (ObjectNode) ProjectText.node(move, Move.class);
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("kind", fields.get("kind").stringValue());
        Optional<Side> side = side(move);
        boolean open = sideOpen && move instanceof Move.OfFoot;
        side.filter(_ -> !open).ifPresentOrElse(some -> node.put("side", some.word()), () -> node.putNull("side"));
        fields.properties().stream()
                .filter(field ->
                        !List.of("kind", "foot", "hand", "above", "leading").contains(field.getKey()))
                .forEach(field -> node.set(field.getKey(), field.getValue()));
        boolean openTurn = move instanceof Move.TurnBody(var _, var turning)
                && turning.filter(Turning.Some.class::isInstance).isPresent();
        boolean openToes = move instanceof Move.TurnFoot(var _, var _, var toes)
                && toes.filter(Toes.TurnedSome.class::isInstance).isPresent();
        if (openTurn || openToes) {
            JsonNode some = node.remove(openTurn ? "turning" : "toes");
            node.set("open", some);
        }
        if (move instanceof Move.TurnBody(var part, var _) && part == BodyPart.HIPS) {
            node.put("part", "whole").put("of", "hips");
        }
        return node.put("stage", stage).put("said", saying.words(move));
    }

    /** The foot or hand that moves; of two hands, the one above or inside; of a split, the heavier foot. */
    private static Optional<Side> side(Move move) {
        return switch (move) {
            case Move.OfFoot ofFoot -> Optional.of(ofFoot.foot());
            case Move.PlaceHand hand -> Optional.of(hand.hand());
            case Move.HoldBall ball -> Optional.of(ball.above());
            case Move.RelateHands hands -> hands.leading();
            case Move.Circle circle -> Optional.of(circle.hand());
            case Move.HandleProp prop -> Optional.of(prop.hand());
            case Move.Shift _, Move.TurnBody _, Move.ChangeDepth _, Move.Incline _, Move.Look _ -> Optional.empty();
        };
    }

    private static void manner(CountManner manner, ObjectNode top, ArrayNode moves) {
        manner.breath().ifPresent(breath -> {
            Breath begins = breath == Breath.HOLD ? breath : breath.begins();
            String word = begins.name().toLowerCase(Locale.ROOT);
            top.put("breath", word);
            ObjectNode node = moves.addObject()
                    .put("kind", "breath")
                    .putNull("side")
                    .put("breath", word)
                    .put("said", breath.phrase());
            if (breath.goesOn()) {
                node.put("still", true);
            }
            if (breath.both()) {
                node.put("then", breath.ends().name().toLowerCase(Locale.ROOT));
            }
        });
        manner.pace().ifPresent(pace -> {
            String word = pace.name().toLowerCase(Locale.ROOT);
            top.put("pace", word);
            moves.addObject()
                    .put("kind", "pace")
                    .putNull("side")
                    .put("pace", word)
                    .put("said", word);
        });
        manner.beats().ifPresent(beats -> {
            top.put("beats", beats);
            moves.addObject()
                    .put("kind", "beats")
                    .putNull("side")
                    .put("beats", beats)
                    .put("said", Numbers.plain(beats) + (beats == 1 ? " beat" : " beats"));
        });
    }

    private static void words(LineReading reading, ObjectNode top) {
        ArrayNode fillers = top.putArray("fillers");
        reading.words(LineReading.Role.FILLER).forEach(word -> fillers.add(word.text()));
        ArrayNode unknown = top.putArray("unknown");
        reading.words(LineReading.Role.UNKNOWN).forEach(word -> unknown.add(word.text()));
    }
}
