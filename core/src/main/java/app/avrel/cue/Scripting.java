package app.avrel.cue;

import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.Wording;
import app.avrel.words.say.Calling;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Writes the script of a stretch of a track: what is called in which count, and when. */
public final class Scripting {

    private static final double PAUSE = 0.25;

    /** Seconds by which a breath may come late before it is left out. */
    private static final double CROWDED = 0.5;

    private final CueOrder order;
    private final Wording wording;
    private final Speech speech;
    private final Ladder ladder = new Ladder();

    /** What says a count, by where the front of its frame faces. */
    private final Map<Heading, CountCalls> inHall = new HashMap<>();

    private final List<Cue> cues = new ArrayList<>();

    /** How long the counts last that are still to come. */
    private Iterator<Double> lengths = Collections.emptyIterator();

    private double at;
    private double silentFrom = Double.NEGATIVE_INFINITY;
    private Breath breath = Breath.FREE;

    private Scripting(CueOrder order, Wording wording, Speech speech) {
        this.order = order;
        this.wording = wording;
        this.speech = speech;
    }

    /**
     * {@return the script of a stretch}
     *
     * @param stretch its occurrences, in order
     * @param wording the house's words; each count is said from where its posture stands
     */
    public static CueScript of(List<Occurrence> stretch, CueOrder order, Wording wording) {
        return of(List.of(), stretch, order, wording);
    }

    /** {@return the script of a stretch, of which some was said before, in this lesson or an earlier one} */
    public static CueScript of(List<Occurrence> before, List<Occurrence> stretch, CueOrder order, Wording wording) {
        return of(before, stretch, order, wording, SpeechTime.of(order.language()));
    }

    /**
     * {@return the script of a stretch, timed for one who speaks}
     *
     * @param before what was said before, in this lesson or an earlier one
     * @param speech how long words take
     */
    public static CueScript of(
            List<Occurrence> before, List<Occurrence> stretch, CueOrder order, Wording wording, Speech speech) {
        Scripting scripting = new Scripting(order, wording, speech);
        scripting.lengths = order.tempo().over(stretch).iterator();
        before.forEach(done -> scripting.ladder.next(done, order, wording.rules()));
        for (int i = 0; i < stretch.size(); i++) {
            scripting.performance(stretch.get(i), i + 1 < stretch.size() ? stretch.get(i + 1) : null);
        }
        return new CueScript(scripting.cues, scripting.at);
    }

    /** {@return the words that are said of the moves of one count, at the level of the order} */
    public static String words(List<Moment> count, Occurrence done, CueOrder order, Wording wording) {
        CueLevel level = order.level().orElse(CueLevel.GUIDE);
        Rung rung = new Rung(level, order.layer(), order.calls(), Reason.CHOSEN);
        Wording here = wording.withFront(done.front(count.getFirst().place().section()));
        double seconds =
                order.tempo().seconds(List.of(count.getFirst().count())).getFirst();
        return new CountCalls(order, here, SpeechTime.of(order.language()))
                .of(count, rung, 1, false, seconds).stream()
                        .map(CountCalls.Wanted::words)
                        .collect(Collectors.joining(Labels.bundles().say(order.language(), "lessons.comma")));
    }

    /** {@return the words of one count of an occurrence at a level, its own ones where there are any} */
    public static String words(
            Occurrence done, Moment.Place place, CueLevel level, Language language, Wording wording) {
        List<Moment> count = done.moments().stream()
                .filter(moment -> moment.place().sameCount(place))
                .toList();
        String words = words(count, done, CueOrder.USUAL.withLanguage(language).withLevel(level), wording);
        return words.isEmpty() && level == CueLevel.PROMPT ? new Calling(language).stay() : words;
    }

    private void performance(Occurrence done, @Nullable Occurrence next) {
        int before = ladder.before(done);
        boolean newSide = ladder.newSide(done);
        Rung rung = order.level()
                .map(level -> new Rung(level, order.layer(), order.calls(), Reason.CHOSEN))
                .orElseGet(() -> ladder.next(done, order, wording.rules()));
        if (order.level().isPresent()) {
            ladder.next(done, order, wording.rules());
        }
        Beside beside = new Beside(order, wording.rules(), done, before, newSide);
        List<List<Moment>> counts = Moment.byCount(done.moments());
        boolean named = false;
        for (int i = 0; i < counts.size(); i++) {
            List<Moment> count = counts.get(i);
            Moment.Place place = count.getFirst().place();
            double length = lengths.next();
            boolean stepNext = i + 1 < counts.size()
                    ? steps(counts.get(i + 1))
                    : next != null && !next.moments().isEmpty() && steps(next);
            List<CountCalls.Wanted> wanted = new ArrayList<>();
            if (!named && place.section() == Moment.Section.POSTURE) {
                wanted.addAll(beside.heading());
                named = true;
            }
            beside.number(place.count(), rung).ifPresent(wanted::add);
            wanted.addAll(inHall.computeIfAbsent(done.front(place.section()), this::calls)
                    .of(count, rung, before + 1, stepNext, length));
            beside.breath(breath(count), rung).ifPresent(wanted::add);
            if (i == counts.size() - 1) {
                beside.closing().ifPresent(wanted::add);
            }
            add(done, count, rung, before + 1, length, wanted);
        }
    }

    private CountCalls calls(Heading front) {
        return new CountCalls(order, wording.withFront(front), speech);
    }

    private static boolean steps(Occurrence next) {
        return steps(Moment.byCount(next.moments()).getFirst());
    }

    private static boolean steps(List<Moment> count) {
        return count.getFirst().stage().moves().stream().anyMatch(Urgency::frees);
    }

    /** The breath that begins in a count; nothing where it only goes on. */
    private Breath breath(List<Moment> count) {
        Breath said = count.getFirst().count().breath();
        Breath before = breath;
        breath = said;
        return said.goesOn() && before.ends() == said.ends() ? Breath.FREE : said;
    }

    private void add(
            Occurrence done, List<Moment> count, Rung rung, int time, double length, List<CountCalls.Wanted> wanted) {
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            CountCalls.Wanted want = wanted.get(i);
            double seconds = speech.seconds(want.words());
            double due = at + Math.max(want.due(), (double) i / wanted.size()) * length;
            double begin = Math.max(silentFrom, due - order.lead() - seconds);
            boolean crowded = want.kind() == Call.Kind.BREATH && begin + seconds > due + CROWDED;
            if (crowded) {
                continue;
            }
            calls.add(new Call(want.kind(), want.words(), begin, seconds, due));
            silentFrom = begin + seconds + PAUSE;
        }
        boolean own = rung.level() != CueLevel.COUNT
                && count.getFirst()
                        .count()
                        .own(order.language(), rung.level(), time)
                        .isPresent();
        Moment.Place place = count.getFirst().place();
        cues.add(new Cue(
                done.index(), place, time, at, length, rung.level(), own ? Reason.OWN_WORDS : rung.why(), calls));
        at += length;
    }
}
