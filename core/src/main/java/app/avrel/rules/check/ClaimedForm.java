package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.FormClaim;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Track;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.posture.PostureId;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What an instructor states of a form, its parts and the numbers of its entries, against what the record comes to. */
final class ClaimedForm {

    private final Form form;
    private final Track track;
    private final HouseRules rules;
    private final Directions directions;
    private final Consumer<Finding> found;

    private ClaimedForm(Form form, Track track, HouseRules rules, Directions directions, Consumer<Finding> found) {
        this.form = form;
        this.track = track;
        this.rules = rules;
        this.directions = directions;
        this.found = found;
    }

    static void examine(Form form, Track track, HouseRules rules, Directions directions, Consumer<Finding> found) {
        new ClaimedForm(form, track, rules, directions, found).all();
    }

    private void all() {
        Map<PostureId, Map<HouseRule, Integer>> own = own();
        Numbering numbering = new Numbering(rules, posture -> own.getOrDefault(posture, Map.of()));
        List<Integer> used = numbering.used(form);
        int first = 0;
        for (int at = 0; at < form.parts().size(); at++) {
            Part part = form.parts().get(at);
            int past = first + part.entries().size();
            String name = part.name().isEmpty() ? Labels.say("rules.part", at + 1) : part.name();
            whole(name, part.claim(), used.get(at), first, past);
            first = past;
        }
        int sum = used.stream().mapToInt(Integer::intValue).sum();
        whole(form.name(), form.claim(), sum, 0, first);
        numbers(numbering);
    }

    private Map<PostureId, Map<HouseRule, Integer>> own() {
        Map<PostureId, Map<HouseRule, Integer>> own = new HashMap<>();
        track.occurrences()
                .forEach(done ->
                        own.putIfAbsent(done.posture().id(), done.posture().ownRules()));
        return own;
    }

    private void numbers(Numbering numbering) {
        new ClaimedNumbers(form, numbering)
                .wrong()
                .forEach(wrong -> tell(wrong.entry(), RuleId.CLAIMED_NUMBER, wrong.sentence()));
    }

    private void whole(String name, FormClaim claim, int postures, int first, int past) {
        claim.postures()
                .filter(said -> said != postures)
                .ifPresent(said ->
                        tell(first, RuleId.CLAIMED_POSTURES, Labels.say("rules.said_have", name, said, postures)));
        claim.counts().ifPresent(said -> counts(name, said, first, past));
        claim.facing().ifPresent(said -> facing(name, said, past - 1));
    }

    private void counts(String name, int said, int first, int past) {
        int counts = track.occurrences().stream()
                .filter(done -> done.entry() >= first && done.entry() < past)
                .mapToInt(Occurrence::counts)
                .sum();
        if (said != counts) {
            tell(first, RuleId.CLAIMED_COUNTS, Labels.say("rules.said_take", name, said, counts));
        }
    }

    private void facing(String name, Heading said, int last) {
        track.lastOf(last)
                .filter(done -> done.done().end().chest().known()
                        && said.degreesFrom(done.end().facing()) > rules.get(HouseRule.ANGLE_TOLERANCE) + 1e-9)
                .ifPresent(done -> tell(
                        last,
                        RuleId.CLAIMED_FACING,
                        Labels.say(
                                "rules.said_end_facing",
                                name,
                                directions.say(said),
                                directions.say(done.end().facing()))));
    }

    private void tell(int entry, RuleId rule, String sentence) {
        found.accept(Finding.of(
                rule, Severity.LOOK, new Where.InForm(form.id(), Math.max(0, entry), Optional.empty()), sentence));
    }
}
