package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Stances by name: how one stands before a line, said as the line that leads there. */
public final class Standings {

    private final Wording saying;
    private final Body body;

    public Standings(Wording saying, Body body) {
        this.saying = saying;
        this.body = body;
    }

    /**
     * {@return how one stands in a stance such as "one-legged, right foot up" or "front-loaded, left in front", or after
     * a line; nothing where neither is understood}
     */
    public Optional<Pose> find(String text, Pose usual) {
        String line = line(text.toLowerCase(Locale.ROOT));
        LineReading reading = new Line(Language.ENGLISH, saying, body).read(line, usual);
        boolean known = line.isEmpty() || reading.understood();
        return known ? Optional.of(line.isEmpty() ? usual : reading.after()) : Optional.empty();
    }

    private static String line(String text) {
        boolean right = text.contains("right") && !text.contains("left");
        String front = right ? "right" : "left";
        String rear = right ? "left" : "right";
        String step =
                "shift 100 " + rear + "; " + front + " foot steps forward 2 foot-lengths, 0.5 shoulder widths wide";
        String settled = "; turn the " + rear + " foot on its heel, toes out 45°; ";
        if (text.contains("one-legged") || text.contains("one legged") || text.contains("foot up")) {
            boolean standing = text.contains("on the") || text.contains("standing");
            String up = standing ? rear : right ? "right" : text.contains("left") ? "left" : "right";
            return "shift 100 " + (up.equals("left") ? "right" : "left") + "; lift the " + up + " knee to the hip";
        }
        if (text.contains("front-loaded") || text.contains("front loaded") || text.contains("bow")) {
            return step + settled + "shift to the house front-loaded share " + front;
        }
        if (text.contains("light front") || text.contains("empty stance") || text.contains("rear-loaded")) {
            return step + ", heel first" + settled + "shift to the house light foot share " + rear;
        }
        if (text.contains("after a step")) {
            return step;
        }
        return List.of("shoulder-wide", "shoulder wide", "shoulder-width", "even").stream()
                        .anyMatch(text::equals)
                ? ""
                : text;
    }
}
