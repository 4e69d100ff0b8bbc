package app.avrel.lesson;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.NamePlace;
import app.avrel.cue.Scripting;
import app.avrel.cue.SpeechTime;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Language;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * Where a lesson's minutes go.
 *
 * <p>A segment takes counts x tempo x repetitions, and the time to speak, and its pauses. What is said at length is
 * said once, before the first repetition; prompts are said along the movement and cost nothing.
 *
 * @param segments in order
 * @param minutes what the lesson may take
 */
public record LessonPlan(List<SegmentPlan> segments, int minutes) {

    public LessonPlan {
        segments = List.copyOf(segments);
    }

    /** {@return the plan of a lesson over a form's track} */
    public static LessonPlan of(Lesson lesson, Form form, Track track, Wording saying) {
        return new LessonPlan(
                lesson.segments().stream()
                        .map(segment -> plan(segment, form, track, saying))
                        .toList(),
                lesson.minutes());
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
        return minutes - seconds() / 60;
    }

    private static SegmentPlan plan(Segment segment, Form form, Track track, Wording saying) {
        return switch (segment) {
            case Segment.OfForm of -> ofForm(of, form, track, saying);
            case Segment.Free free -> free(free);
        };
    }

    private static SegmentPlan free(Segment.Free free) {
        double moving = free.beats() * free.secondsPerBeat() * free.repetitions();
        return new SegmentPlan(
                free,
                free.title(),
                List.of(),
                free.words(),
                new CueScript(List.of(), free.beats() * free.secondsPerBeat()),
                moving,
                SpeechTime.of(Language.ENGLISH).seconds(free.words()),
                (double) free.pauseSeconds() * free.repetitions());
    }

    private static SegmentPlan ofForm(Segment.OfForm of, Form form, Track track, Wording saying) {
        List<Occurrence> stretch = stretch(of.first(), of.last(), form, track);
        CueScript script = Scripting.of(stretch, order(of, CueLevel.PROMPT), saying);
        String opening = opening(of, stretch, saying);
        return new SegmentPlan(
                of,
                title(of, stretch),
                stretch,
                opening,
                script,
                script.seconds() * of.repetitions(),
                SpeechTime.of(Language.ENGLISH).seconds(opening),
                (double) of.pauseSeconds() * of.repetitions());
    }

    private static CueOrder order(Segment.OfForm of, CueLevel level) {
        return CueOrder.USUAL
                .withSecondsPerBeat(of.secondsPerBeat())
                .withLevel(level)
                .withNames(NamePlace.NEVER)
                .withOrdinals(false)
                .withBreath(false);
    }

    private static List<Occurrence> stretch(EntryId first, EntryId last, Form form, Track track) {
        OptionalInt from = form.indexOf(first);
        OptionalInt to = form.indexOf(last);
        if (from.isEmpty() || to.isEmpty()) {
            return List.of();
        }
        return track.occurrences().stream()
                .filter(done -> done.entry() >= from.getAsInt() && done.entry() <= to.getAsInt())
                .toList();
    }

    private static String title(Segment.OfForm of, List<Occurrence> stretch) {
        if (stretch.isEmpty()) {
            return of.purpose().label() + ": its postures are no longer in the form";
        }
        List<String> names = SoFar.folded(stretch);
        return of.purpose().label() + ": " + names.getFirst() + (names.size() == 1 ? "" : " to " + names.getLast());
    }

    private static String opening(Segment.OfForm of, List<Occurrence> stretch, Wording saying) {
        List<String> said = new ArrayList<>();
        if (of.purpose() == Segment.Purpose.RECAP && !stretch.isEmpty()) {
            said.add("So far: " + String.join("; ", SoFar.folded(stretch)) + ".");
        }
        if (of.level() == CueLevel.GUIDE) {
            said.add(Scripting.of(stretch, order(of, CueLevel.EXPLAIN), saying).text());
        }
        return String.join("\n", said);
    }
}
