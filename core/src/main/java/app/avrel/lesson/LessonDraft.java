package app.avrel.lesson;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.posture.count.CueLevel;
import java.util.ArrayList;
import java.util.List;

/** A first draft of a lesson that brings one new posture. */
public final class LessonDraft {

    private static final double TEACHING_TEMPO = 5;
    private static final double FORM_TEMPO = 4;

    private LessonDraft() {}

    /**
     * {@return a lesson of warm-up, "so far", the new posture, a run-through and questions}
     *
     * @param newEntry the entry of the form that is new, from 0; what stands before it is the recap
     */
    public static Lesson of(Form form, int newEntry, String title, int minutes) {
        List<Segment> segments = new ArrayList<>();
        segments.add(warmUp());
        List<Entry> entries = form.entries();
        if (!entries.isEmpty()) {
            ofForm(entries, Math.clamp(newEntry, 0, entries.size() - 1), segments);
        }
        segments.add(questions());
        return new Lesson(title, form.id(), minutes, segments, "");
    }

    private static void ofForm(List<Entry> entries, int at, List<Segment> segments) {
        if (at > 0) {
            segments.add(stretch(Segment.Purpose.RECAP, entries, 0, at - 1, CueLevel.PROMPT, 3, FORM_TEMPO, 20));
        }
        segments.add(stretch(Segment.Purpose.NEW_POSTURE, entries, at, at, CueLevel.GUIDE, 14, TEACHING_TEMPO, 25));
        segments.add(stretch(Segment.Purpose.RUN_THROUGH, entries, 0, at, CueLevel.PROMPT, 4, FORM_TEMPO, 20));
    }

    private static Segment stretch(
            Segment.Purpose purpose,
            List<Entry> entries,
            int first,
            int last,
            CueLevel level,
            int repetitions,
            double tempo,
            int pause) {
        return new Segment.OfForm(
                purpose, entries.get(first).id(), entries.get(last).id(), level, repetitions, tempo, pause);
    }

    /** {@return a warm-up of about eight minutes} */
    public static Segment warmUp() {
        return new Segment.Free(
                "Warm-up",
                16,
                "Stand comfortably. Move only as far as it feels good; tell me if anything hurts.",
                6,
                4,
                15);
    }

    /** {@return five minutes for questions} */
    public static Segment questions() {
        return new Segment.Free("Questions", 0, "", 1, 4, 300);
    }
}
