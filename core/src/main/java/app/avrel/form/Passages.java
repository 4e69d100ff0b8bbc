package app.avrel.form;

import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How often a form comes to a posture: "the third time we come to it", whatever it is numbered and however often it is done
 * each time. Entries of one posture right after each other are one passage.
 */
public final class Passages {

    /** Which passage an entry belongs to, from 1, and how many there are. */
    public record Passage(int nth, int of) {}

    private Passages() {}

    /** {@return the passage of every entry, in order} */
    public static List<Passage> of(Form form) {
        Map<PostureId, Integer> seen = new HashMap<>();
        List<Integer> nth = new ArrayList<>();
        PostureId before = null;
        List<Entry> entries = form.entries();
        for (Entry entry : entries) {
            nth.add(come(entry.posture(), before, seen));
            before = entry.posture();
        }
        List<Passage> passages = new ArrayList<>();
        for (int at = 0; at < nth.size(); at++) {
            passages.add(
                    new Passage(nth.get(at), seen.getOrDefault(entries.get(at).posture(), 1)));
        }
        return passages;
    }

    private static int come(PostureId posture, @Nullable PostureId before, Map<PostureId, Integer> seen) {
        boolean again = posture.equals(before);
        return again ? seen.getOrDefault(posture, 1) : seen.merge(posture, 1, Integer::sum);
    }
}
