package app.avrel.files.table;

import app.avrel.floor.Heading;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Saying;
import java.util.List;

/** Counts as typed lines, and typed lines as counts. */
final class Lines {

    private final Project project;
    private final Performer posing;

    Lines(Project project, Performer posing) {
        this.project = project;
        this.posing = posing;
    }

    private Wording saying(Heading front) {
        return new Wording(project.directions(), front, posing.rules());
    }

    /** {@return the line one would type to get the count again} */
    String of(Count count, Heading front) {
        return Saying.exact(Language.ENGLISH, saying(front)).line(count);
    }

    /** {@return what a line means to one who stands so; {@code was} keeps its own words and its note} */
    Count read(String line, Pose pose, Heading front, Count was, long row) throws Unfit {
        LineReading reading = new Line(Language.ENGLISH, saying(front), posing.body()).read(line, pose);
        if (!reading.understood()) {
            String what = reading.words(LineReading.Role.UNKNOWN).stream()
                    .map(word -> "“" + word.text() + "”")
                    .reduce((one, other) -> one + ", " + other)
                    .map(words -> Labels.say("keep.words_not_known", words))
                    .orElseGet(() -> Labels.say("keep.not_enough"));
            throw Unfit.in(row, Labels.say("keep.count_not_understood", line, what));
        }
        return reading.over(was);
    }

    Pose after(Pose pose, List<Count> counts) {
        Pose now = pose;
        for (Count count : counts) {
            for (int at = 0; at < count.stages().size(); at++) {
                now = posing.after(now, count.stages(), at);
            }
        }
        return now;
    }
}
