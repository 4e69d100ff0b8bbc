package app.avrel.words.reading.frame;

import app.avrel.floor.Heading;
import app.avrel.posture.hand.Palm;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import java.util.stream.IntStream;

/** A palm that looks at something: the other hand, the body, a wall of the hall. */
final class FacedPalm {

    private static final double QUARTER = 90;

    private final Clause clause;
    private final Situation now;
    private Optional<Heading> hall = Optional.empty();

    FacedPalm(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return the wall that the palm was said to look at} */
    Optional<Heading> hall() {
        return hall;
    }

    static Palm toOther(Item item) {
        if (item.is(Term.Part.FOREARM) || item.is(Term.Part.ARM) || item.is(Term.Part.WRIST)) {
            return Palm.TO_THE_OTHER_FOREARM;
        }
        return item.is(Term.Part.ELBOW) ? Palm.TO_THE_OTHER_ELBOW : Palm.TO_THE_OTHER_HAND;
    }

    static Palm opposite(Palm palm) {
        return switch (palm) {
            case UP -> Palm.DOWN;
            case DOWN -> Palm.UP;
            case FORWARD -> Palm.BACK;
            case BACK -> Palm.FORWARD;
            case IN -> Palm.OUT;
            case OUT -> Palm.IN;
            case TO_THE_LEFT -> Palm.TO_THE_RIGHT;
            case TO_THE_RIGHT -> Palm.TO_THE_LEFT;
            case TO_THE_OTHER_HAND, TO_THE_OTHER_FOREARM, TO_THE_OTHER_ELBOW -> Palm.OUT;
        };
    }

    /** Palms facing, and nothing that they face: each other. */
    private boolean eachOther(int palm) {
        boolean both = clause.item(palm).is(Term.Part.PALM) && clause.item(palm).both();
        boolean faces = palm + 1 < clause.size() && clause.item(palm + 1).is(Term.Act.FACE);
        boolean ends = palm + 2 >= clause.size() || clause.item(palm + 2).soft();
        if (both && faces && ends) {
            clause.use(palm + 1);
        }
        return both && faces && ends;
    }

    private boolean turned(int palm) {
        return palm > 0 && clause.item(palm - 1).is(Term.Act.TURN);
    }

    /** A palm that looks at something: the other hand, the body, a wall. */
    Optional<Palm> read() {
        boolean looks = clause.has(Term.Act.LOOK) || clause.has(Term.Act.FACE);
        int palm = clause.find(item -> item.is(Term.Part.PALM) || item.is(Term.Part.HAND) || item.is(Term.Part.ARM));
        if (clause.takeAll(Term.Manner.EACH_OTHER)) {
            return Optional.of(clause.takeAll(Term.Part.BACK_OF_HAND) ? Palm.OUT : Palm.TO_THE_OTHER_HAND);
        }
        if (palm < 0) {
            return Optional.empty();
        }
        if (eachOther(palm)) {
            return Optional.of(Palm.TO_THE_OTHER_HAND);
        }
        boolean faced = IntStream.range(palm + 1, clause.size())
                .anyMatch(i -> HandWords.hand(clause.item(i)) && clause.item(i).who() != null && facesBefore(i));
        int begin = palm;
        for (int i = begin + 1; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (itsPlace(i, looks)) {
                clause.use(i);
                return Optional.of(Palm.IN);
            }
            boolean trunk = item.is(Term.Part.BODY)
                    || item.is(Term.Part.CHEST)
                    || item.is(Term.Part.NAVEL)
                    || item.is(Term.Part.HIPS)
                    || item.is(Term.Part.THIGH)
                    || item.is(Term.Part.SOLAR_PLEXUS)
                    || item.is(Term.Part.NOSE)
                    || item.is(Term.Part.EAR)
                    || item.is(Term.Part.TEMPLE)
                    || item.is(Term.Part.CHIN)
                    || item.is(Term.Part.WAIST);
            boolean turns = clause.item(palm).is(Term.Part.PALM)
                    && item.rel() == Term.Rel.TO
                    && clause.near(i, -1)
                            .filter(before -> before.is(Term.Act.TURN)
                                    || before.is(Term.Way.IN) && !comes()
                                    || before == clause.item(palm) && turned(palm))
                            .isPresent();
            boolean toward = turns || afterPlace(i) || item.is(Term.Part.BODY) && item.rel() == Term.Rel.TO;
            if ((trunk || afterPlace(i))
                    && clause.open(i)
                    && (facedAfter(i) && item.rel() != Term.Rel.AT && item.rel() != Term.Rel.BEFORE
                            || looksAtFace(i)
                            || toward)) {
                clause.use(i);
                return Optional.of(Palm.IN);
            }
            boolean other = looks
                            && HandWords.hand(item)
                            && i > palm
                            && (item.who() != null)
                            && (facesBefore(i) || item.rel() != null && !faced)
                    || looks && item.is(Term.Who.OTHER);
            boolean turnedTo = clause.item(palm).is(Term.Part.PALM)
                    && item.is(Term.Part.PALM)
                    && item.rel() == Term.Rel.TO
                    && clause.said(Term.Act.TURN);
            if ((other || turnedTo) && clause.open(i)) {
                clause.use(i);
                return Optional.of(toOther(item));
            }
            boolean palms = i == palm + 1
                    && item.rel() == Term.Rel.TO
                    && clause.item(palm).is(Term.Part.PALM)
                    && clause.item(palm).who() == null
                    && clause.items().subList(0, palm).stream().noneMatch(before -> before.is(Term.Act.PUSH));
            Optional<Heading> wall = looks || palms && !clause.has(Term.Act.MOVE) ? wall(i) : Optional.empty();
            if (wall.isPresent() && clause.open(i)) {
                clause.use(i);
                this.hall = wall;
                return wall.map(this::quarter);
            }
        }
        return Optional.empty();
    }

    /** The palms come in to the chest: the hands do, however they look. */
    private boolean comes() {
        return clause.said(Term.Act.MOVE) || clause.said(Term.Act.DRAW) || clause.said(Term.Act.PULL_BACK);
    }

    /** At the shoulder, palm toward the face: the hand has its place already. */
    private boolean afterPlace(int index) {
        boolean palm = index > 1
                && clause.item(index).rel() == Term.Rel.TO
                && Landmarks.of(clause.item(index).term()).isPresent()
                && clause.item(index - 1).is(Term.Part.PALM)
                && clause.item(index - 1).rel() == null
                && clause.item(index - 2).soft();
        return palm
                && clause.items().subList(0, index - 2).stream()
                        .anyMatch(place -> Landmarks.of(place.term()).isPresent());
    }

    /** In front of the shoulder, palm facing it: what the hand is before. */
    private boolean itsPlace(int index, boolean looks) {
        Item item = clause.item(index);
        boolean it = item.bareSide() && item.who() == Term.Who.IT;
        boolean same = item.is(Term.Part.SHOULDER)
                && clause.near(index, -1)
                        .filter(last -> last.is(Term.Act.FACE) || last.is(Term.Act.LOOK))
                        .isPresent();
        boolean before = clause.items().subList(0, index).stream()
                .anyMatch(other -> Landmarks.of(other.term()).isPresent() && other.rel() == Term.Rel.BEFORE);
        return clause.open(index) && before && (same || it && (looks || item.rel() == Term.Rel.TO));
    }

    /** The wall, or the hour of the hall's clock, that something is turned to. */
    private Optional<Heading> wall(int index) {
        Item item = clause.item(index);
        boolean bare = item.term() instanceof Term.Num && item.rel() != Term.Rel.TO && !facesBefore(index);
        return bare ? Optional.empty() : Ways.named(item);
    }

    /** Whether the word for facing stands before it: what stands before that word is where the hand is. */
    private boolean facedAfter(int index) {
        return clause.items().subList(0, index).stream()
                .anyMatch(before -> before.is(Term.Act.FACE) || before.is(Term.Act.LOOK));
    }

    /** Looks at the face, at the height of the chin: what it looks at is not where it is. */
    private boolean looksAtFace(int index) {
        return clause.item(index).is(Term.Part.NOSE)
                && clause.near(index, -1)
                        .filter(before -> before.is(Term.Act.LOOK))
                        .isPresent();
    }

    private boolean facesBefore(int index) {
        return clause.near(index, -1)
                .filter(before -> before.is(Term.Act.FACE) || before.is(Term.Act.LOOK))
                .isPresent();
    }

    /** A palm toward a wall looks forward, right, back or left, as the body stands. */
    Palm quarter(Heading hall) {
        double off = now.ofPosture(hall).degrees() - now.pose().facing().degrees();
        int quarter = Math.floorMod(Math.round(off / QUARTER), 4);
        return switch (quarter) {
            case 0 -> Palm.FORWARD;
            case 1 -> Palm.TO_THE_RIGHT;
            case 2 -> Palm.BACK;
            default -> Palm.TO_THE_LEFT;
        };
    }
}
