package app.avrel.desktop.log;

import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;

/** What has become of a lesson, in words. */
final class LogWords {

    private LogWords() {}

    /** {@return whether it was missed or taught, and in how many minutes of those it was planned for} */
    static String became(Lesson lesson) {
        if (lesson.missed()) {
            return Words.of("log.missed_re_plan");
        }
        if (!lesson.taught()) {
            return Words.of("log.not_taught_yet");
        }
        int minutes = Math.round(lesson.log().orElseThrow().seconds() / 60f);
        return Words.of("log.taught_min", minutes, lesson.minutes());
    }
}
