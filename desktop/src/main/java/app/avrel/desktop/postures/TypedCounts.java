package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.project.EarlierCounts;
import app.avrel.project.Setting;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.frame.Earlier;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Counts typed as lines, read from where a posture has come to; a line may point back to what came before it. */
record TypedCounts(Posture posture, Setting setting, Wording saying) {

    /**
     * {@return the counts, where every line is understood}
     *
     * @param from the first count they stand in place of
     */
    Optional<List<Count>> read(List<String> lines, int from) {
        EarlierCounts before = EarlierCounts.before(posture, from, setting.posing());
        List<Earlier> earlier = new ArrayList<>(before.counts());
        Pose pose = before.standing();
        Line line = new Line(Words.language(), saying, setting.chosenBody()).knowing(setting.taught());
        List<Count> counts = new ArrayList<>();
        for (String text : lines) {
            LineReading reading = line.following(earlier).read(text, pose);
            if (!reading.understood()) {
                return Optional.empty();
            }
            counts.add(reading.count());
            earlier.add(new Earlier(reading.count(), pose));
            pose = reading.after();
        }
        return Optional.of(counts);
    }
}
