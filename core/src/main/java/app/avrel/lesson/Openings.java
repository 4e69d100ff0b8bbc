package app.avrel.lesson;

import app.avrel.cue.SpeechTime;
import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What is said before a segment is done: the list so far, the pose it starts from, what differs, the mistakes. */
final class Openings {

    private final Teaching teaching;
    private final LessonWords words;
    private final SoFar names;

    Openings(Teaching teaching) {
        this.teaching = teaching;
        words = new LessonWords(teaching.language());
        names = new SoFar(teaching.language());
    }

    /** {@return whether a segment is nothing but what is said before it} */
    boolean says(Segment segment) {
        return switch (segment.kind()) {
            case LIST, START, DIFFERENCE, CHECK, MISTAKES, HOME, PREVIEW ->
                segment.showing().doing() == Doing.UNMOVED;
            case ARRIVAL, DRILL, REVIEW, WATCH, NEW, OTHER_SIDE, JOINING, RUN_THROUGH, QUESTIONS, OTHER -> false;
        };
    }

    /** {@return the words: the instructor's own first} */
    String of(Segment segment, List<Occurrence> stretch) {
        List<String> said = new ArrayList<>();
        if (!segment.words().isBlank()) {
            said.add(segment.words().strip());
        }
        if (!stretch.isEmpty()) {
            said.addAll(made(segment, stretch));
        }
        return String.join("\n", said);
    }

    private List<String> made(Segment segment, List<Occurrence> stretch) {
        return switch (segment.kind()) {
            case LIST -> List.of(words.say("so_far", Map.of("names", list(stretch))));
            case HOME -> List.of(words.say("home", Map.of("names", list(stretch))));
            case PREVIEW -> List.of(words.say("next", Map.of("names", list(stretch))));
            case START ->
                List.of(place(stretch.getFirst()), words.say("starts", Map.of("pose", starts(stretch.getFirst()))));
            case CHECK -> List.of(words.say("ends", Map.of("pose", ends(stretch.getLast()))));
            case MISTAKES -> mistakes(stretch);
            case DIFFERENCE -> List.of(differs(stretch.getFirst()));
            case ARRIVAL, DRILL, REVIEW, WATCH, NEW, OTHER_SIDE, JOINING, RUN_THROUGH, QUESTIONS, OTHER -> List.of();
        };
    }

    private String list(List<Occurrence> stretch) {
        return String.join("; ", names.list(stretch));
    }

    /** Where a posture stands in the form, counted by its entries. */
    private String place(Occurrence first) {
        List<Occurrence> before = teaching.done().track().occurrences().stream()
                .filter(done -> done.entry() < first.entry())
                .toList();
        Map<String, String> gaps = Map.of(
                "name", names.sided(first.posture()),
                "n", Integer.toString(first.entry() + 1),
                "of", Integer.toString(teaching.done().form().entries().size()),
                "before", before.isEmpty() ? "" : names.sided(before.getLast().posture()));
        return words.say(before.isEmpty() ? "place.first" : "place", gaps);
    }

    /** The pose one comes from, in the frame of the way in. */
    private String starts(Occurrence first) {
        return pose(first.done().from(), first.front(Moment.Section.LINK));
    }

    private String ends(Occurrence last) {
        return pose(last.done().end(), last.front(Moment.Section.POSTURE));
    }

    private String pose(Pose pose, Heading front) {
        return words.pose(pose, teaching.wording().withFront(front));
    }

    private List<String> mistakes(List<Occurrence> stretch) {
        List<Posture> postures =
                stretch.stream().map(Occurrence::posture).distinct().toList();
        return postures.stream()
                .flatMap(posture -> posture.sheet().mistakes().stream())
                .filter(mistake -> !mistake.looksLike().isBlank())
                .map(this::mistake)
                .distinct()
                .toList();
    }

    private String mistake(Mistake mistake) {
        return mistake.putRight().isBlank()
                ? mistake.looksLike()
                : words.say("mistake", Map.of("wrong", mistake.looksLike(), "right", mistake.putRight()));
    }

    private String differs(Occurrence done) {
        return new Differences(teaching).sentence(done);
    }

    /** {@return seconds to say it; a list of names goes quicker than sentences} */
    double seconds(Segment segment, List<Occurrence> stretch, String opening) {
        if (segment.kind() == SegmentKind.LIST && !stretch.isEmpty()) {
            double own = SpeechTime.of(teaching.language()).seconds(segment.words());
            return own + names.list(stretch).size() * teaching.factors().secondsPerName();
        }
        return SpeechTime.of(teaching.language()).seconds(opening);
    }
}
