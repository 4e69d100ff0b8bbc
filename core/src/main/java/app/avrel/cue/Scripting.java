package app.avrel.cue;

import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.label.Language;
import app.avrel.posture.PostureName;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.Wording;
import app.avrel.words.say.Calling;
import java.util.ArrayList;
import java.util.HashMap;
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
    private final Calling calling;
    private final Ladder ladder = new Ladder();

    /** What says a count, by where the front of its frame faces. */
    private final Map<Heading, CountCalls> inHall = new HashMap<>();

    private final List<Cue> cues = new ArrayList<>();
    private double at;
    private double silentFrom = Double.NEGATIVE_INFINITY;
    private Breath breath = Breath.FREE;

    private Scripting(CueOrder order, Wording wording) {
        this.order = order;
        this.wording = wording;
        this.calling = new Calling(order.language());
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
        Scripting scripting = new Scripting(order, wording);
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
        return new CountCalls(order.withBreath(false).withNumbers(false), here)
                .of(count, rung, 1, false, Breath.FREE).stream()
                        .map(CountCalls.Wanted::words)
                        .collect(Collectors.joining(", "));
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
        List<List<Moment>> counts = Moment.byCount(done.moments());
        boolean named = false;
        for (int i = 0; i < counts.size(); i++) {
            List<Moment> count = counts.get(i);
            boolean stepNext = i + 1 < counts.size()
                    ? steps(counts.get(i + 1))
                    : next != null && !next.moments().isEmpty() && steps(next);
            List<CountCalls.Wanted> wanted = new ArrayList<>();
            if (!named && count.getFirst().place().section() == Moment.Section.POSTURE) {
                wanted.addAll(heading(done, before, newSide));
                named = true;
            }
            Heading front = done.front(count.getFirst().place().section());
            wanted.addAll(inHall.computeIfAbsent(front, facing -> new CountCalls(order, wording.withFront(facing)))
                    .of(count, rung, before + 1, stepNext, breath(count)));
            if (order.names() == NamePlace.LAST && before == 0 && i == counts.size() - 1) {
                wanted.add(new CountCalls.Wanted(Call.Kind.NAME, name(done), 0));
            }
            add(done, count, rung, before + 1, wanted);
        }
    }

    private static boolean steps(Occurrence next) {
        return steps(Moment.byCount(next.moments()).getFirst());
    }

    private static boolean steps(List<Moment> count) {
        return count.getFirst().stage().moves().stream().anyMatch(Urgency::frees);
    }

    /** The name before the first count; from the second time on the ordinal, or that it is the other side. */
    private List<CountCalls.Wanted> heading(Occurrence done, int before, boolean newSide) {
        List<CountCalls.Wanted> said = new ArrayList<>();
        if (order.names() == NamePlace.BEFORE && before == 0) {
            said.add(new CountCalls.Wanted(Call.Kind.NAME, name(done), 0));
        }
        if (order.ordinals() && newSide) {
            said.add(new CountCalls.Wanted(Call.Kind.ORDINAL, calling.otherSide(), 0));
        } else if (order.ordinals() && before > 0) {
            said.add(new CountCalls.Wanted(Call.Kind.ORDINAL, calling.time(before + 1), 0));
        }
        return said;
    }

    private String name(Occurrence done) {
        return done.posture().names().stream()
                .filter(name -> name.language() == order.language())
                .map(PostureName::written)
                .findFirst()
                .orElse(done.posture().name());
    }

    /** The breath that begins in a count; nothing where it only goes on. */
    private Breath breath(List<Moment> count) {
        Breath said = count.getFirst().count().breath();
        Breath before = breath;
        breath = said;
        return said.goesOn() && before.ends() == said.ends() ? Breath.FREE : said;
    }

    private void add(Occurrence done, List<Moment> count, Rung rung, int time, List<CountCalls.Wanted> wanted) {
        double length = Playing.measures(count.getFirst().count()) * order.secondsPerBeat();
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            CountCalls.Wanted want = wanted.get(i);
            double seconds = SpeechTime.of(order.language()).seconds(want.words());
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
