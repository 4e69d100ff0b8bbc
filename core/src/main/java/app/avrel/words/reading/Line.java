package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.PlainLetters;
import app.avrel.words.lexicon.Spelling;
import app.avrel.words.lexicon.TaughtWord;
import app.avrel.words.lexicon.TaughtWords;
import app.avrel.words.lexicon.Term;
import app.avrel.words.lexicon.Token;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Earlier;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Refusal;
import app.avrel.words.reading.frame.Situation;
import app.avrel.words.reading.full.InFull;
import app.avrel.words.say.Asking;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
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
        List<Token> scanned = taught.scan(typed, language);
        LineReading said = read(typed, scanned, pose);
        boolean stops = scanned.stream().anyMatch(Line::stops);
        if (said.understood() || !stops) {
            return said;
        }
        LineReading joined = read(typed, scanned.stream().map(Line::joining).toList(), pose);
        return joined.understood() ? joined : said;
    }

    /** Right foot east. Heel first: who types so says in the second sentence how the first is done. */
    private static boolean stops(Token token) {
        return token.is(Term.Mark.STOP) || token.text().equals("；");
    }

    private static Token joining(Token token) {
        return stops(token) ? new Token(token.from(), token.to(), token.text(), Term.Mark.COMMA) : token;
    }

    private LineReading read(String typed, List<Token> scanned, Pose pose) {
        List<Token> tokens = Labelled.of(Amounts.of(SidesAhead.of(Arrows.of(BothSides.of(scanned)), language)));
        Phrases.Found phrases =
                Phrases.of(typed, tokens, language, saying.directions().startFaces());
        CountWords count = CountWords.of(InFull.of(phrases.items(), typed, language));
        Situation before = Situation.before(saying, body, pose).withHears(hears).withEarlier(earlier);
        Function<List<Item>, LineReading> reading = items -> read(typed, tokens, phrases, count, items, before);
        List<Item> items = OrderTold.parted(InFull.again(count.others()), before);
        LineReading said = reading.apply(items);
        for (List<Item> parted : Borders.of(items, said)) {
            LineReading apart = reading.apply(parted);
            if (apart.understood() && apart.moves().size() > said.moves().size()) {
                said = apart;
            }
        }
        return said;
    }

    private LineReading read(
            String typed,
            List<Token> tokens,
            Phrases.Found phrases,
            CountWords count,
            List<Item> items,
            Situation before) {
        LineRun run = new LineRun(language, saying, body, typed, before, count.manner());
        Stages.of(items).forEach(run::stage);
        run.timed();
        LineWords words = run.words();
        count.words().forEach(item -> words.add(item, LineReading.Role.COUNT, -1));
        items.stream()
                .filter(item -> item.mark()
                        && item.from() < item.to()
                        && Character.isLetter(item.text().charAt(0)))
                .forEach(item -> words.add(item, LineReading.Role.FILLER, -1));
        phrases.fillers().forEach(words::filler);
        tokens.stream()
                .filter(token -> token.text().chars().anyMatch(Character::isLetterOrDigit))
                .forEach(words::filler);
        return run.reading(mended(tokens));
    }

    private List<LineReading.Mended> mended(List<Token> tokens) {
        return tokens.stream()
                .filter(Token::mended)
                .flatMap(token -> Stream.of(token.text().split(" ")))
                .map(word -> new LineReading.Mended(word, Spelling.asRead(word, language)))
                .filter(slip -> !slip.read().equals(Spelling.asTyped(slip.typed())))
                .map(slip -> new LineReading.Mended(
                        slip.typed(), Lexicon.of(language).spelled(slip.read())))
                .toList();
    }

    private LineReading tooLong(String typed, Pose pose) {
        String begins = typed.substring(0, PROPOSALS);
        Refusal refusal = new Refusal(
                begins, true, Optional.empty(), asking.refusal("too_long", Map.of("most", Integer.toString(LONGEST))));
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

    /** {@return words with which a half-typed word could go on, shortest first} */
    public List<String> goingOn(String start) {
        String plain = PlainLetters.of(start, language);
        return Stream.concat(taught.goingOn(plain).stream(), Lexicon.of(language).goingOn(plain).stream())
                .limit(PROPOSALS)
                .toList();
    }
}
