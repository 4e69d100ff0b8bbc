package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Counts typed as lines, read from where a posture has come to. */
record TypedCounts(Posture posture, Setting setting, Wording saying) {

    /**
     * {@return the counts, where every line is understood}
     *
     * @param from the first count they stand in place of
     */
    Optional<List<Count>> read(List<String> lines, int from) {
        Occurrence done =
                Unroll.posture(posture, setting.posing()).occurrences().getFirst();
        Pose pose = done.moments().stream()
                .filter(moment -> moment.place().count() < from)
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().begins());
        Line line = new Line(Words.language(), saying, setting.chosenBody()).knowing(setting.taught());
        List<Count> counts = new ArrayList<>();
        for (String text : lines) {
            LineReading reading = line.read(text, pose);
            if (!reading.understood()) {
                return Optional.empty();
            }
            counts.add(reading.count());
            pose = reading.after();
        }
        return Optional.of(counts);
    }
}
