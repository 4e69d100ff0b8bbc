package app.avrel.lesson;

import app.avrel.cue.CueScript;
import app.avrel.form.Occurrence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Where a lesson's minutes go.
 *
 * <p>A segment takes what is said before it, every time it is done, and its pauses. A time takes its counts at its tempo;
 * where it is explained, as many plain runs as the factors say, where it is guided, at least as long as the words of each
 * count take to say.
 *
 * @param segments in order
 */
public record LessonPlan(Lesson lesson, SegmentTiming timing, List<SegmentPlan> segments) {

    public LessonPlan {
        segments = List.copyOf(segments);
    }

    /** {@return the plan of a lesson} */
    public static LessonPlan of(Lesson lesson, Teaching teaching) {
        return of(lesson, new SegmentTiming(teaching));
    }

    /** {@return the plan of a lesson, by a timing that remembers what it has worked out} */
    public static LessonPlan of(Lesson lesson, SegmentTiming timing) {
        return new LessonPlan(
                lesson, timing, lesson.segments().stream().map(timing::plan).toList());
    }

    /** {@return what is done of the form, segment after segment} */
    public List<Occurrence> run() {
        return segments.stream().flatMap(segment -> segment.stretch().stream()).toList();
    }

    /** {@return how long all segments take, seconds} */
    public double seconds() {
        return segments.stream().mapToDouble(SegmentPlan::seconds).sum();
    }

    /** {@return minutes left over; negative where the lesson overruns} */
    public double minutesLeft() {
        return lesson.minutes() - seconds() / 60;
    }

    /** {@return what is said along a segment the n-th time, from 0} */
    public CueScript script(int segment, int time) {
        return timing.script(segments.get(segment), time);
    }

    /** {@return the lesson's time, piece after piece; it adds up to all its seconds} */
    public List<Span> timeline() {
        List<Span> spans = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < segments.size(); i++) {
            SegmentPlan plan = segments.get(i);
            at = add(spans, new Span(i, -1, Span.Kind.SAYING, at, plan.speaking()));
            for (int time = 0; time < plan.passes().size(); time++) {
                Pass pass = plan.passes().get(time);
                Span.Kind kind = plan.segment().showing().doing() == Doing.UNMOVED ? Span.Kind.SAYING : Span.Kind.DOING;
                at = add(spans, new Span(i, time, kind, at, pass.seconds()));
                at = add(spans, new Span(i, time, Span.Kind.PAUSING, at, pass.pausing()));
            }
        }
        return spans;
    }

    private static double add(List<Span> spans, Span span) {
        if (span.seconds() > 0) {
            spans.add(span);
        }
        return span.end();
    }

    /**
     * {@return the segments that would be cut first so that the lesson fits, the first to go first; empty where it fits,
     * and all that can be spared where even that is not enough}
     */
    public List<Integer> cutFirst() {
        List<Integer> order = IntStream.range(0, segments.size())
                .boxed()
                .filter(i -> segments.get(i).segment().kind().spared() > 0)
                .filter(i -> segments.get(i).seconds() > 0)
                .sorted(Comparator.<Integer>comparingInt(
                                i -> -segments.get(i).segment().kind().spared())
                        .thenComparingInt(i -> -i))
                .toList();
        double over = -minutesLeft() * 60;
        List<Integer> cut = new ArrayList<>();
        for (int i : order) {
            if (over <= 0) {
                break;
            }
            cut.add(i);
            over -= segments.get(i).seconds();
        }
        return cut;
    }

    /** {@return the piece of time that is on after so many seconds; empty once all is over} */
    public Optional<Span> at(double seconds) {
        return timeline().stream().filter(span -> seconds < span.end()).findFirst();
    }
}
