package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Language;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The typed line: reads what an instructor would say as the moves of one count.
 *
 * <p>Reading never throws on what is typed: what is not understood is named in the {@link LineReading}.
 */
public final class Line {

    private final Language language;
    private final Wording saying;
    private final Body body;

    /**
     * @param saying the vocabulary, the hall heading of the front against which moves are recorded, the house rules
     * @param body for whom lengths count while reading on from stage to stage
     */
    public Line(Language language, Wording saying, Body body) {
        this.language = language;
        this.saying = saying;
        this.body = body;
    }

    /** {@return what a line says for one who stands so} */
    public LineReading read(String typed, Pose pose) {
        List<Token> tokens = Reducing.reduce(Ordering.of(Scanner.scan(typed, language), language));
        Manners manners = Manners.of(tokens);
        Run run = new Run(pose);
        Clauses.of(manners.others()).forEach(run::stage);
        List<LineReading.Word> words = new ArrayList<>(run.words);
        manners.words().forEach(token -> words.add(word(token, LineReading.Role.COUNT, -1)));
        tokens.stream()
                .filter(token -> token.term() instanceof Term.Mark mark && mark != Term.Mark.UNKNOWN)
                .filter(token -> Character.isLetter(token.text().charAt(0)))
                .filter(token -> words.stream().noneMatch(word -> word.from() == token.from()))
                .forEach(token -> words.add(word(token, LineReading.Role.FILLER, -1)));
        words.sort(Comparator.comparingInt(LineReading.Word::from));
        return new LineReading(
                typed,
                run.stages,
                words,
                manners.manner(),
                run.hearing.questions(),
                run.hearing.refusals(),
                run.hearing.pose());
    }

    private static LineReading.Word word(Token token, LineReading.Role role, int move) {
        return new LineReading.Word(token.text(), token.from(), token.to(), role, move);
    }

    /** One line, while it is read. */
    private final class Run {

        private final ReadingContext hearing;
        private final List<Stage> stages = new ArrayList<>();
        private final List<LineReading.Word> words = new ArrayList<>();
        private int moves;

        /** The words of each move of this stage. */
        private final List<List<String>> said = new ArrayList<>();

        Run(Pose pose) {
            hearing = new ReadingContext(saying, body, pose);
        }

        void stage(List<Clause> clauses) {
            List<Move> stage = new ArrayList<>();
            said.clear();
            clauses.forEach(clause -> clause(clause, stage));
            if (!stage.isEmpty()) {
                Stage done = new Stage(stage);
                stages.add(done);
                hearing.stands(new Performer(body, saying.rules()).after(hearing.pose(), done));
            }
        }

        /** Reads a clause into a stage; what says the same once more in other words adds nothing. */
        private void clause(Clause clause, List<Move> stage) {
            int questions = hearing.questions().size();
            int asked = hearing.questions().size() + hearing.refusals().size();
            List<Move> read = read(clause, hearing);
            boolean answered = !read.isEmpty()
                    || hearing.questions().size() + hearing.refusals().size() > asked;
            List<Token> left = answered
                    ? clause.left()
                    : clause.tokens().stream().filter(token -> !token.filler()).toList();
            if (hearing.questions().size() > questions) {
                left = left.stream()
                        .filter(token -> token.is(Term.Mark.UNKNOWN))
                        .toList();
            }
            left.forEach(token -> hearing.refuse(token.text(), Nearest.message(token, language)));
            int before = read.size() == 1 ? stage.indexOf(read.getFirst()) : -1;
            boolean again = before >= 0 && !words(clause).equals(said.get(before));
            int move = again ? moves - stage.size() + before : moves;
            for (Token token : clause.tokens()) {
                LineReading.Role role = role(token, left);
                words.add(word(token, role, role == LineReading.Role.MOVE ? move : -1));
            }
            if (!again) {
                moves += read.size();
                stage.addAll(read);
                said.addAll(Collections.nCopies(read.size(), words(clause)));
            }
        }

        private static List<String> words(Clause clause) {
            return clause.tokens().stream().map(Token::text).toList();
        }

        private static LineReading.Role role(Token token, List<Token> left) {
            if (left.contains(token)) {
                return LineReading.Role.UNKNOWN;
            }
            return token.filler() ? LineReading.Role.FILLER : LineReading.Role.MOVE;
        }
    }

    private static List<Move> read(Clause clause, ReadingContext hearing) {
        return switch (clause.topic()) {
            case WEIGHT -> new Weighing(clause, hearing).read();
            case FOOT -> new Feet(clause, hearing).read();
            case BODY -> new Trunk(clause, hearing).turn();
            case DEPTH -> new Trunk(clause, hearing).depth();
            case INCLINE -> new Trunk(clause, hearing).incline();
            case HAND -> new Hands(clause, hearing).read();
            case RELATION -> new Relations(clause, hearing).read();
            case GAZE -> new Others(clause, hearing).gaze();
            case PROP -> new Others(clause, hearing).prop();
            case MORE -> more(clause, hearing);
        };
    }

    /** A clause without a head: a place or a length is a foot's, a height is a hand's. */
    private static List<Move> more(Clause clause, ReadingContext hearing) {
        boolean height = clause.has(Term.Height.class::isInstance);
        boolean place = clause.has(term -> term instanceof Term.Measure
                || term instanceof Term.Hall
                || term instanceof Term.Anchor
                || term == Term.Way.FORWARD
                || term == Term.Way.BACK
                || term == Term.Way.OUT
                || term == Term.Way.ACROSS);
        if (height && hearing.lastHand().isPresent()) {
            return new Hands(clause, hearing).read();
        }
        return place ? new Feet(clause, hearing).read() : List.of();
    }

    /** {@return words with which a half-typed word could go on, shortest first} */
    public List<String> goingOn(String start) {
        return Lexicon.of(language).goingOn(Scanner.plain(start)).stream()
                .limit(8)
                .toList();
    }

    /** {@return the known word nearest to one that is not known} */
    public Optional<String> nearest(String unknown) {
        return Nearest.to(unknown, language);
    }
}
