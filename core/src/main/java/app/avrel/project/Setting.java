package app.avrel.project;

import app.avrel.body.Body;
import app.avrel.cue.Pronunciation;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.hall.Hall;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.words.lexicon.TaughtWord;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.stream.Stream;

/**
 * The frame in which a school records.
 *
 * @param startFaces the compass bearing the form starts to face
 * @param words the vocabulary in which directions are said
 * @param bodies whose bodies the school looks at; at least one
 * @param body which of them is the measure now, from 0
 * @param taught the school's own words for what is typed
 * @param sounds how the school's terms sound, for voices
 */
@RecordBuilder
public record Setting(
        Heading startFaces,
        DirectionWords words,
        List<Body> bodies,
        int body,
        HouseRules rules,
        List<TaughtWord> taught,
        List<Pronunciation> sounds)
        implements SettingBuilder.With {

    /** Facing north, clock face, a body of 170 cm, large frame. */
    public static final Setting USUAL = new Setting(
            Heading.FRONT,
            DirectionWords.CLOCK,
            List.of(Body.ofStature(1.70)),
            0,
            HouseRules.LARGE_FRAME,
            List.of(),
            List.of());

    public Setting {
        bodies = List.copyOf(bodies);
        taught = List.copyOf(taught);
        sounds = List.copyOf(sounds);
        if (body < 0 || body >= bodies.size()) {
            throw new IllegalArgumentException(
                    "the chosen body must be one of " + bodies.size() + ", counted from 0, but was " + body);
        }
    }

    public Body chosenBody() {
        return bodies.get(body);
    }

    public Directions directions() {
        return new Directions(words, startFaces, List.of());
    }

    public Performer posing() {
        return Performing.of(chosenBody(), rules);
    }

    /** {@return how the front that forms start at is turned against the front wall of a hall} */
    public Turn facingIn(Hall hall) {
        return hall.front().turnTo(startFaces);
    }

    /** {@return this, with a word taught; what it meant before is forgotten} */
    public Setting teaching(TaughtWord word) {
        return withTaught(
                Stream.concat(forgetting(word).taught.stream(), Stream.of(word)).toList());
    }

    /** {@return this without what a phrase was taught to mean} */
    public Setting forgetting(TaughtWord word) {
        return withTaught(taught.stream()
                .filter(other ->
                        other.language() != word.language() || !other.phrase().equalsIgnoreCase(word.phrase()))
                .toList());
    }

    /** {@return this with the sounds of one language anew; those of the others stay} */
    public Setting withSounds(Language language, List<Pronunciation> anew) {
        return withSounds(Stream.concat(sounds.stream().filter(sound -> sound.language() != language), anew.stream())
                .toList());
    }

    public Setting withBodies(List<Body> changed, int chosen) {
        return new Setting(startFaces, words, changed, chosen, rules, taught, sounds);
    }
}
