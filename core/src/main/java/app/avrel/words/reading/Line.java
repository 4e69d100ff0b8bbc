package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.label.Language;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.Scanner;
import app.avrel.words.lexicon.Spelling;
import app.avrel.words.lexicon.TaughtWord;
import app.avrel.words.lexicon.TaughtWords;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.frame.Asked;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Earlier;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import app.avrel.words.reading.frame.Situation;
import app.avrel.words.say.Asking;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The typed line: reads what an instructor would say as the moves of one count.
 *
 * <p>The line is cut into phrases, corrections are taken back, pieces are put in order, and of each piece the cheapest
 * whole reading is taken. Reading never throws on what is typed: what is not understood is named in the
 * {@link LineReading}.
 */
public final class Line {

    private static final int PROPOSALS = 8;

    /** More letters than this are no line of one count. */
    private static final int LONGEST = 1500;

    private final Language language;
    private final Wording saying;
    private final Body body;
    private final TaughtWords taught;
    private final boolean hears;
    private final List<Earlier> earlier;
    private final Asking asking;

    /**
     * @param saying the vocabulary, the hall heading of the front against which moves are recorded, the house rules
     * @param body for whom lengths count while reading on from stage to stage
     */
    public Line(Language language, Wording saying, Body body) {
        this(
                language,
                saying,
                body,
                TaughtWords.of(List.of(), language, saying.directions().places()),
                false,
                List.of());
    }

    private Line(
            Language language, Wording saying, Body body, TaughtWords taught, boolean hears, List<Earlier> earlier) {
        this.language = language;
        this.hears = hears;
        this.earlier = earlier;
        this.asking = new Asking(language);
        this.saying = saying;
        this.body = body;
        this.taught = taught;
    }

    /** {@return this line, which also knows the school's own words} */
    public Line knowing(List<TaughtWord> words) {
        return new Line(
                language,
                saying,
                body,
                TaughtWords.of(words, language, saying.directions().places()),
                hears,
                earlier);
    }

    /** {@return this line, heard and not recorded: what is not said is left open instead of asked for} */
    public Line heard() {
        return new Line(language, saying, body, taught, true, earlier);
    }

    /** {@return this line, which may point back to counts that were recorded before it, in order} */
    public Line following(List<Earlier> counts) {
        return new Line(language, saying, body, taught, hears, List.copyOf(counts));
    }

    /** {@return what a line says for one who stands so} */
    public LineReading read(String typed, Pose pose) {
        if (typed.length() > LONGEST) {
            return tooLong(typed, pose);
        }
        List<Token> tokens = Amounts.of(SidesAhead.of(taught.scan(typed, language)));
        Phrases.Found phrases =
                Phrases.of(typed, tokens, language, saying.directions().startFaces());
        CountWords count = CountWords.of(BeatMarks.of(Correcting.of(Opposed.of(Images.of(phrases.items(), typed)))));
        Run run = new Run(
                typed, Situation.before(saying, body, pose).withHears(hears).withEarlier(earlier), count.manner());
        Stages.of(count.others()).forEach(run::stage);
        run.timed();
        count.words().forEach(item -> run.word(item, LineReading.Role.COUNT, -1));
        count.others().stream()
                .filter(item -> item.mark()
                        && item.from() < item.to()
                        && Character.isLetter(item.text().charAt(0)))
                .forEach(item -> run.word(item, LineReading.Role.FILLER, -1));
        phrases.fillers().forEach(run::filler);
        tokens.stream()
                .filter(token -> token.text().chars().anyMatch(Character::isLetterOrDigit))
                .forEach(run::filler);
        run.words.sort(Comparator.comparingInt(LineReading.Word::from));
        return new LineReading(
                typed,
                run.stages,
                run.words,
                run.manner,
                run.questions,
                run.refusals,
                run.holds,
                mended(tokens),
                run.now.pose());
    }

    private List<LineReading.Mended> mended(List<Token> tokens) {
        return tokens.stream()
                .filter(Token::mended)
                .flatMap(token -> Stream.of(token.text().split(" ")))
                .map(word -> new LineReading.Mended(word, Spelling.asRead(word, language)))
                .filter(slip -> !slip.read().equals(Spelling.asTyped(slip.typed())))
                .toList();
    }

    private LineReading tooLong(String typed, Pose pose) {
        String begins = typed.substring(0, PROPOSALS);
        Refusal refusal = new Refusal(begins, asking.refusal("too_long", Map.of("most", Integer.toString(LONGEST))));
        return new LineReading(
                typed,
                List.of(),
                List.of(),
                CountManner.UNSAID,
                List.of(),
                List.of(refusal),
                List.of(),
                List.of(),
                pose);
    }

    /** One line, while it is read. */
    private final class Run {

        private final String typed;
        private final List<Stage> stages = new ArrayList<>();
        private final List<LineReading.Word> words = new ArrayList<>();
        private final List<Question> questions = new ArrayList<>();
        private final List<Refusal> refusals = new ArrayList<>();
        private final List<String> holds = new ArrayList<>();
        private CountManner manner;
        private Situation now;
        private int moves;
        /** The stages of another count that are done again after this one. */
        private final List<Stage> again = new ArrayList<>();

        private boolean waited;
        /** How many beats each stage takes, where nothing else is said. */
        private final List<Double> lasting = new ArrayList<>();
        /** The words of each clause of this stage. */
        private final List<String> texts = new ArrayList<>();
        /** The shares of weight that a stance by name brought into this stage; one that is said outdoes them. */
        private final List<Move> ofStance = new ArrayList<>();

        Run(String typed, Situation before, CountManner manner) {
            this.typed = typed;
            this.now = before;
            this.manner = manner;
        }

        void stage(List<List<Item>> pieces) {
            List<Move> stage = new ArrayList<>();
            texts.clear();
            ofStance.clear();
            Optional<Double> on = Optional.empty();
            for (List<Item> whole : pieces) {
                Optional<Double> said = whole.stream()
                        .map(Item::term)
                        .filter(Term.OnBeat.class::isInstance)
                        .map(beat -> ((Term.OnBeat) beat).beat())
                        .findFirst();
                on = on.or(() -> said);
                Optional<Double> waits = waits(whole);
                if (said.isPresent() && still(whole) || waits.isPresent()) {
                    whole.forEach(item -> word(item, LineReading.Role.COUNT, -1));
                    stages.add(Stage.STILL.withOn(said));
                    lasting.add(waits.orElse(1.0));
                    waited |= waits.isPresent();
                    continue;
                }
                whole.stream()
                        .filter(item -> item.term() instanceof Term.OnBeat)
                        .forEach(item -> word(item, LineReading.Role.COUNT, -1));
                List<Item> piece = whole.stream()
                        .filter(item -> !(item.term() instanceof Term.OnBeat))
                        .toList();
                int before = stage.size();
                Search.Found found = Search.of(piece, now);
                now = found.now();
                for (int i = 0; i < found.clauses().size(); i++) {
                    Search.Said next = found.clauses().get(i);
                    if (next.fit() != null && Undoing.of(next.fit().moves(), stage.subList(before, stage.size()))) {
                        end(stage, before, on);
                        on = Optional.empty();
                        before = 0;
                    }
                    clause(next, stage, besideUnknown(found.clauses(), i));
                }
                together(stage, before);
            }
            end(stage, stage.size(), on);
            again.forEach(this::again);
            again.clear();
        }

        private static void together(List<Move> stage, int from) {
            List<Move> together = List.copyOf(stage.subList(from, stage.size()));
            for (int i = together.size() - 1; i >= 0; i--) {
                if (arrives(together.get(i), together.subList(i + 1, together.size()))) {
                    stage.remove(from + i);
                }
            }
        }

        /** Ends a stage: what comes next is done after it. */
        private void end(List<Move> stage, int from, Optional<Double> on) {
            together(stage, from);
            stage.removeIf(move -> superseded(move, stage));
            sinksOnce(stage);
            if (!stage.isEmpty()) {
                Stage done = Stage.of(stage).withOn(on);
                stages.add(done);
                lasting.add(1.0);
                now = now.standing(new Performer(body, saying.rules()).after(now.pose(), done));
            }
            stage.clear();
            texts.clear();
            ofStance.clear();
        }

        private void again(Stage once) {
            stages.add(once);
            lasting.add(1.0);
            moves += once.moves().size();
            now = now.standing(new Performer(body, saying.rules()).after(now.pose(), once));
        }

        private static Optional<Double> waits(List<Item> piece) {
            return piece.stream()
                    .map(Item::term)
                    .filter(Term.Waits.class::isInstance)
                    .map(waits -> ((Term.Waits) waits).beats())
                    .findFirst();
        }

        private static boolean still(List<Item> piece) {
            return piece.stream()
                    .allMatch(item -> item.term() instanceof Term.OnBeat
                            || item.is(Term.Act.HOLD)
                            || item.is(Term.Act.STAY)
                            || Leftover.small(item));
        }

        /** Gives every stage its beat where one waits between them, and the count as many beats as are spoken of. */
        void timed() {
            if (waited && stages.stream().noneMatch(stage -> stage.on().isPresent())) {
                double on = 1;
                for (int i = 0; i < stages.size(); i++) {
                    stages.set(i, stages.get(i).on(Math.min(on, Count.MOST_BEATS)));
                    on += lasting.get(i);
                }
            }
            double last = stages.stream()
                    .flatMap(stage -> stage.on().stream())
                    .mapToDouble(Double::doubleValue)
                    .max()
                    .orElse(0);
            double spoken = lasting.isEmpty() ? last : Math.ceil(last) - 1 + Math.max(1, lasting.getLast());
            if (last > 0) {
                double beats =
                        Math.min(Count.MOST_BEATS, Math.max(manner.beats().orElse(0.0), spoken));
                manner = manner.with(
                        new CountManner(Optional.empty(), Optional.empty(), Optional.of(beats), Optional.empty()));
            }
        }

        /** Turns so far, and to there, in one breath: where it turns to says all. */
        private static boolean arrives(Move move, List<Move> together) {
            return move instanceof Move.TurnBody(var part, var turning)
                    && turning.filter(Turning.By.class::isInstance).isPresent()
                    && together.stream()
                            .anyMatch(other -> other instanceof Move.TurnBody(var same, var to)
                                    && same == part
                                    && to.filter(Turning.To.class::isInstance).isPresent());
        }

        /** Hands that part, and then each goes somewhere: where it goes says all. */
        private boolean superseded(Move move, List<Move> stage) {
            boolean houseShare = move instanceof Move.Shift
                    && ofStance.contains(move)
                    && stage.stream()
                            .anyMatch(other -> other instanceof Move.Shift(Split.Said _) && !ofStance.contains(other));
            boolean onBall = move instanceof Move.Lower(Side foot, Contact to, var place, var _)
                    && to == Contact.BALL
                    && place.isEmpty()
                    && stage.contains(new Move.Raise(foot, FootPart.HEEL, Optional.empty()));
            return onBall
                    || houseShare
                    || move instanceof Move.PlaceHand(var hand, var to, var _)
                            && to.equals(HandPlace.UNSAID.withSideways(Sideways.OWN_SIDE))
                            && stage.stream()
                                    .anyMatch(other -> other instanceof Move.PlaceHand(var same, var place, var _)
                                            && same == hand
                                            && place.targets());
        }

        /** Knees soft, tailbone down, one fist: one sinks once, as far as is said. */
        private static void sinksOnce(List<Move> stage) {
            Move sink = new Move.ChangeDepth(new Depth.Sink(Optional.empty()));
            boolean measured = stage.stream()
                    .anyMatch(move -> move instanceof Move.ChangeDepth(var depth)
                            && !move.equals(sink)
                            && !(depth instanceof Depth.Rise));
            int first = stage.indexOf(sink);
            for (int i = stage.size() - 1; i >= 0; i--) {
                if (stage.get(i).equals(sink) && (measured || i > first)) {
                    stage.remove(i);
                }
            }
        }

        /** {@return whether what belongs to no clause stands in a run with a word that nobody knows: "let the tide go out"} */
        private static boolean besideUnknown(List<Search.Said> clauses, int at) {
            int from = at;
            while (from > 0 && unfitted(clauses.get(from - 1))) {
                from--;
            }
            int to = at;
            while (to < clauses.size() && unfitted(clauses.get(to))) {
                to++;
            }
            return clauses.subList(from, to).stream()
                    .anyMatch(said -> said.items().getFirst().is(Term.Mark.UNKNOWN));
        }

        private static boolean unfitted(Search.Said said) {
            return said.fit() == null && !said.items().getFirst().soft();
        }

        /** Takes a clause into a stage; what says the same once more adds nothing. */
        private void clause(Search.Said said, List<Move> stage, boolean strange) {
            Fit fit = said.fit();
            List<Move> fresh = fit == null ? List.of() : fresh(fit.moves(), said, stage);
            for (int i = 0; i < said.items().size(); i++) {
                Item item = said.items().get(i);
                boolean taken = fit != null && (fit.uses(i) || Leftover.small(item));
                if (taken || fit == null && Leftover.small(item)) {
                    if (!item.soft()) {
                        word(item, role(item, fit), moves);
                    }
                } else {
                    boolean weighty = weighty(item) && !(strange && item.term() instanceof Term.Way);
                    word(item, LineReading.Role.UNKNOWN, -1, weighty);
                    refusals.add(new Refusal(item.text(), message(item)));
                }
            }
            if (fit != null) {
                boolean stance = said.items().stream().anyMatch(item -> item.term() instanceof Term.Standing);
                ofStance.addAll(stance ? fit.moves() : List.of());
                texts.addAll(Collections.nCopies(fresh.size(), said.text()));
                moves += fresh.size();
                stage.addAll(fresh);
                again.addAll(fit.stages());
                fit.questions().forEach(asked -> questions.add(question(asked)));
                fit.refusals()
                        .forEach(asked ->
                                refusals.add(new Refusal(asked.word(), asking.refusal(asked.key(), asked.gaps()))));
                holds.addAll(fit.holds());
                boolean held = fit.manner().pace().isPresent() && manner.pace().isPresent();
                manner = held ? manner : manner.with(fit.manner());
            }
        }

        private Question question(Asked asked) {
            return new Question(
                    asked.word(),
                    asking.question(asked.key(), asked.gaps()),
                    asked.answers().stream()
                            .map(answer -> new Question.Choice(
                                    asking.label(answer, asked.gaps()), asking.add(answer, asked.gaps())))
                            .toList());
        }

        private static LineReading.Role role(Item item, Fit fit) {
            if (fit != null && !fit.stages().isEmpty()) {
                return LineReading.Role.MOVE;
            }
            boolean only = fit != null && fit.moves().isEmpty() && !fit.holds().isEmpty();
            if (fit != null && fit.stays()) {
                return LineReading.Role.IMAGE;
            }
            if (item.is(Term.Manner.IMAGE) || only && item.is(Term.Manner.GENTLY)) {
                return LineReading.Role.IMAGE;
            }
            return fit == null || fit.moves().isEmpty() ? LineReading.Role.FILLER : LineReading.Role.MOVE;
        }

        /** What says the same as before in other words adds nothing. */
        private List<Move> fresh(List<Move> said, Search.Said clause, List<Move> stage) {
            return said.stream()
                    .filter(move -> !stage.contains(move) || texts.contains(clause.text()))
                    .toList();
        }

        private String message(Item item) {
            Map<String, String> word = Map.of("word", item.text());
            if (item.term() instanceof Term.Ref || item.term() instanceof Term.CountsAgo) {
                return asking.refusal("no_count_before", word);
            }
            if (item.term() instanceof Term.Named) {
                return asking.refusal("no_such_place", word);
            }
            if (!item.is(Term.Mark.UNKNOWN)) {
                return asking.refusal("no_place", word);
            }
            return Spelling.nearest(item.text(), language)
                    .map(near -> asking.refusal("unknown_near", Map.of("word", item.text(), "near", near)))
                    .orElseGet(() -> asking.refusal("unknown", word));
        }

        void word(Item item, LineReading.Role role, int move) {
            word(item, role, move, weighty(item));
        }

        private void word(Item item, LineReading.Role role, int move, boolean weighty) {
            int from = words.stream()
                    .filter(word -> word.from() <= item.from() && item.from() < word.to())
                    .mapToInt(LineReading.Word::to)
                    .max()
                    .orElse(item.from());
            if (from < item.to()) {
                String text = from == item.from() ? item.text() : typed.substring(from, item.to());
                int of = role == LineReading.Role.MOVE ? move : -1;
                words.add(new LineReading.Word(text.strip(), from, item.to(), role, of, weighty));
            }
        }

        void filler(Token token) {
            boolean inside = words.stream().anyMatch(word -> word.from() <= token.from() && token.from() < word.to());
            if (!inside) {
                words.add(new LineReading.Word(
                        token.text(), token.from(), token.to(), LineReading.Role.FILLER, -1, false));
            }
        }
    }

    /** Words that change what is meant wherever they stand, so that they never become a note without asking. */
    private static boolean weighty(Item item) {
        return switch (item.term()) {
            case Term.Part _, Term.Who _, Term.Num _, Term.Angle _, Term.Share _, Term.Ratio _, Term.Span _ -> true;
            case Term.Way _, Term.Rel _, Term.Measure _ -> true;
            case Term.Mark mark -> mark != Term.Mark.UNKNOWN && mark != Term.Mark.IMAGE;
            default -> item.who() != null;
        };
    }

    /** {@return words with which a half-typed word could go on, shortest first} */
    public List<String> goingOn(String start) {
        String plain = Scanner.plain(start);
        return Stream.concat(taught.goingOn(plain).stream(), Lexicon.of(language).goingOn(plain).stream())
                .limit(PROPOSALS)
                .toList();
    }

    /** {@return the known word nearest to one that is not known} */
    public Optional<String> nearest(String unknown) {
        return Spelling.nearest(unknown, language);
    }
}
