package app.avrel.lesson;

import app.avrel.cue.Cue;
import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.NamePlace;
import app.avrel.cue.Scripting;
import app.avrel.cue.Viewpoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.lesson.course.Syllabus;
import app.avrel.posture.count.CueLevel;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Works out how long a segment takes, and what is said along it.
 *
 * <p>What it has worked out it remembers: repeating a segment once more costs nothing. Not for several threads at once.
 */
public final class SegmentTiming {

    /** Seconds between a count's words and the next count where the words are longer than the movement. */
    private static final double BREATH = 0.5;

    private final Teaching teaching;
    private final Openings openings;
    private final SegmentTitles titles;

    /** How long one time of a segment lasts, by all that it depends on. */
    private record Once(
            Optional<Stretch> stretch, SegmentKind kind, Showing showing, double secondsPerBeat, CueLevel level) {}

    private final Map<Once, Double> known = new HashMap<>();
    private final Map<Segment, SegmentPlan> plans = new HashMap<>();

    public SegmentTiming(Teaching teaching) {
        this.teaching = teaching;
        openings = new Openings(teaching);
        titles = new SegmentTitles(teaching.language());
    }

    public Teaching teaching() {
        return teaching;
    }

    /** {@return a segment worked out} */
    public SegmentPlan plan(Segment segment) {
        return plans.computeIfAbsent(segment, this::workedOut);
    }

    private SegmentPlan workedOut(Segment segment) {
        List<Occurrence> stretch = segment.stretch()
                .map(of -> teaching.done().done(of, segment.showing()))
                .orElse(List.of());
        String opening = openings.of(segment, stretch);
        return new SegmentPlan(
                segment,
                titles.title(segment, stretch),
                titles.how(segment),
                stretch,
                opening,
                openings.seconds(segment, stretch, opening),
                passes(segment, stretch));
    }

    private List<Pass> passes(Segment segment, List<Occurrence> stretch) {
        Map<CueLevel, Double> seconds = new EnumMap<>(CueLevel.class);
        List<Pass> passes = new ArrayList<>();
        for (int time = 0; time < segment.repetitions(); time++) {
            CueLevel level = segment.showing().level(time);
            double lasts = seconds.computeIfAbsent(level, said -> once(segment, stretch, said));
            passes.add(new Pass(level, lasts, segment.pauseSeconds()));
        }
        return passes;
    }

    private double once(Segment segment, List<Occurrence> stretch, CueLevel level) {
        if (segment.stretch().isEmpty()) {
            return segment.beats() * segment.secondsPerBeat();
        }
        Once key = new Once(segment.stretch(), segment.kind(), segment.showing(), segment.secondsPerBeat(), level);
        Double before = known.get(key);
        if (before != null) {
            return before;
        }
        double seconds = seconds(segment, stretch, level);
        known.put(key, seconds);
        return seconds;
    }

    private double seconds(Segment segment, List<Occurrence> stretch, CueLevel level) {
        if (openings.says(segment)) {
            return 0;
        }
        return switch (segment.showing().doing()) {
            case UNMOVED -> script(segment, stretch, level).speaking();
            case SILENT -> plain(segment, stretch);
            case SPOKEN ->
                switch (level) {
                    case PROMPT, COUNT -> plain(segment, stretch);
                    case EXPLAIN, GUIDE -> script(segment, stretch, level).seconds();
                };
        };
    }

    private static double plain(Segment segment, List<Occurrence> stretch) {
        return wholly(segment)
                ? Syllabus.plain(stretch, segment.secondsPerBeat())
                : stretch.stream()
                                .flatMap(done -> Moment.byCount(done.moments()).stream()
                                        .filter(count -> has(
                                                segment,
                                                stretch,
                                                done.index(),
                                                count.getFirst().place())))
                                .mapToDouble(count ->
                                        Playing.measures(count.getFirst().count()))
                                .sum()
                        * segment.secondsPerBeat();
    }

    private static boolean wholly(Segment segment) {
        return segment.stretch()
                .map(of -> of.counts().isEmpty() && !of.fromLastCount())
                .orElse(true);
    }

    CueScript script(SegmentPlan plan, int time) {
        return script(plan.segment(), plan.stretch(), plan.segment().showing().level(time));
    }

    /** What is said along one time, each count as long as it takes. */
    private CueScript script(Segment segment, List<Occurrence> stretch, CueLevel level) {
        if (stretch.isEmpty() || openings.says(segment) || segment.showing().doing() == Doing.SILENT) {
            return new CueScript(List.of(), 0);
        }
        CueScript whole = Scripting.of(stretch, order(segment, level), teaching.wording());
        boolean unmoved = segment.showing().doing() == Doing.UNMOVED;
        return whole.laid(
                cue -> has(segment, stretch, cue.occurrence(), cue.place()),
                cue -> unmoved ? cue.speaking() : length(cue, level));
    }

    private double length(Cue cue, CueLevel level) {
        double spoken = cue.calls().isEmpty() ? 0 : cue.speaking() + BREATH;
        return switch (level) {
            case EXPLAIN -> Math.max(spoken, cue.length() * teaching.factors().explained());
            case GUIDE -> Math.max(spoken, cue.length());
            case PROMPT, COUNT -> cue.length();
        };
    }

    /** Whether a count belongs to what is done of a stretch. */
    private static boolean has(Segment segment, List<Occurrence> stretch, int occurrence, Moment.Place place) {
        Stretch of = segment.stretch().orElseThrow();
        Optional<Stretch.Counts> counts = of.counts();
        if (counts.isPresent()) {
            return place.section() == Moment.Section.POSTURE && counts.get().has(place.count());
        }
        Occurrence first = stretch.getFirst();
        boolean lead = of.fromLastCount() && stretch.size() > 1 && occurrence == first.index();
        return !lead || place.sameCount(first.ends().getLast().place());
    }

    private CueOrder order(Segment segment, CueLevel level) {
        return CueOrder.USUAL
                .withLanguage(teaching.language())
                .withSecondsPerBeat(segment.secondsPerBeat())
                .withLevel(level)
                .withLayer(segment.showing().layer())
                .withView(segment.showing().mirrored() ? Viewpoint.MIRROR : Viewpoint.OWN)
                .withNames(segment.kind() == SegmentKind.RUN_THROUGH ? NamePlace.BEFORE : NamePlace.NEVER)
                .withOrdinals(false)
                .withBreath(false);
    }
}
