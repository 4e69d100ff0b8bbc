package app.avrel.cli;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.form.CountDirections;
import app.avrel.form.Form;
import app.avrel.form.Mismatch;
import app.avrel.form.Moment;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Returning;
import app.avrel.form.SideNaming;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.form.hall.Walk;
import app.avrel.project.Project;
import app.avrel.rules.JoinWords;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A form as JSON: its entries with number, side, counts, facing, place and join; totals; how it returns; its halls. */
final class FormNodes {

    private final Project project;
    private final Form form;
    private final Track track;
    private final Body body;
    private final List<Numbering.Numbers> numbers;

    FormNodes(Project project, Form form, Track track) {
        this.project = project;
        this.form = form;
        this.track = track;
        this.body = project.setting().chosenBody();
        this.numbers = project.numbering(form).of(form);
    }

    ObjectNode all() {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        top.put("form", form.id().key()).put("name", form.name());
        top.put("houseRules", project.rules(form).name());
        ArrayNode entries = top.putArray("entries");
        track.occurrences().forEach(done -> entry(entries.addObject(), done));
        ObjectNode totals = top.putObject("totals");
        totals.put("entries", track.occurrences().size());
        totals.put(
                "numbered",
                project.numbering(form).used(form).stream()
                        .mapToInt(Integer::intValue)
                        .sum());
        totals(totals, track.occurrences());
        parts(top.putArray("parts"));
        returning(top);
        ArrayNode halls = top.putArray("halls");
        project.halls().forEach(hall -> hall(halls.addObject(), hall));
        return top;
    }

    private void entry(ObjectNode node, Occurrence done) {
        Numbering.Numbers number = numbers.get(done.entry());
        if (number.first() > 0) {
            node.put("number", number.of(done.repeat()));
        }
        node.put("entry", done.entry() + 1).put("time", done.repeat() + 1);
        node.put("part", form.parts().get(form.partOf(done.entry())).name());
        node.put("posture", done.posture().id().key())
                .put("name", done.posture().name());
        String group = form.entries().get(done.entry()).group();
        if (!group.isEmpty()) {
            node.put("group", group);
        }
        new SideNaming(project.rules(form), body).of(done).ifPresent(side -> node.put("side", side));
        node.put("counts", done.posture().counts().size());
        node.put("linkCounts", done.link().counts().size());
        node.put("beats", done.beats());
        heading(node, "facing", done.end().facing());
        node.put("hips_deg", rounded(done.end().pelvis().degrees()));
        FloorPoint at = done.end().centreOfMass(body);
        node.putArray("position_m").add(rounded(at.right())).add(rounded(at.ahead()));
        vector(node.putArray("travel_m"), done.travel());
        joins(node.putArray("join"), done);
        bearings(node.putArray("directions"), done);
    }

    private void joins(ArrayNode join, Occurrence done) {
        JoinWords words = new JoinWords(body);
        for (Mismatch mismatch : done.join().mismatches()) {
            join.add(words.sentence(mismatch));
        }
    }

    private void bearings(ArrayNode all, Occurrence done) {
        for (CountDirections after : CountDirections.of(track, done)) {
            ObjectNode node = all.addObject();
            node.put("section", after.place().section() == Moment.Section.LINK ? "link" : "posture");
            node.put("count", after.place().count() + 1);
            node.put("facing_deg", rounded(after.facing().degrees()));
            node.put("hips_deg", rounded(after.hips().degrees()));
            node.put("left_foot_deg", rounded(after.left().value().degrees()));
            node.put("right_foot_deg", rounded(after.right().value().degrees()));
            node.put("turned_deg", rounded(after.turned().degrees()));
            node.put("running_turn_deg", rounded(after.running().degrees()));
        }
    }

    private void heading(ObjectNode node, String name, Heading heading) {
        node.put(name + "_deg", rounded(heading.degrees()));
        node.put(name, project.directions().say(heading));
    }

    private void parts(ArrayNode all) {
        for (int part = 0; part < form.parts().size(); part++) {
            Part of = form.parts().get(part);
            int at = part;
            List<Occurrence> done = track.occurrences().stream()
                    .filter(one -> form.partOf(one.entry()) == at)
                    .toList();
            ObjectNode node = all.addObject();
            node.put("name", of.name()).put("entries", done.size());
            totals(node, done);
        }
    }

    private void totals(ObjectNode node, List<Occurrence> done) {
        Totals totals = Totals.of(done, body);
        node.put("counts", totals.counts())
                .put("beats", totals.beats())
                .put("measures", rounded(totals.measures()))
                .put("left_leg_pct", rounded(totals.share(Side.LEFT) * 100))
                .put("one_legged_measures", rounded(totals.oneLegged()))
                .put("longest_one_legged_measures", rounded(totals.longestOneLegged()))
                .put("low_measures", rounded(totals.low()))
                .put("kicks", totals.kicks())
                .put("turned_left_deg", rounded(totals.turnedLeft()))
                .put("turned_right_deg", rounded(totals.turnedRight()))
                .put("breaths_repeated", totals.breathsRepeated());
    }

    private void returning(ObjectNode top) {
        Returning returning = Returning.of(track);
        top.put("net_turn_deg", rounded(returning.netTurn().degrees()));
        if (track.placed()) {
            vector(top.putArray("offset_m"), returning.offset());
            top.put("returns", returning.home());
            returning.astray().ifPresent(done -> top.put("astray_from_entry", done.entry() + 1));
        }
    }

    private void hall(ObjectNode node, Hall hall) {
        HallPlan plan = HallPlan.of(hall, form, track, body, project.setting().facingIn(hall));
        Walk walk = plan.walk();
        node.put("name", hall.name());
        node.putArray("needs_m").add(rounded(walk.width(hall.clearance()))).add(rounded(walk.depth(hall.clearance())));
        node.put("fits", plan.fits())
                .put("start_turned_deg", rounded(plan.turned().degrees()));
        plan.start()
                .ifPresent(start ->
                        node.putArray("start_m").add(rounded(start.right())).add(rounded(-start.ahead())));
        node.put("learners", plan.learners().size())
                .put("spacing_m", rounded(plan.spacing()))
                .put("arrangement", hall.arrangement().words());
        ArrayNode away = node.putArray("backs_to_the_front_in_entries");
        plan.away().forEach(entry -> away.add(entry + 1));
        ArrayNode seen = node.putArray("seen");
        plan.seen()
                .forEach(places -> seen.addObject()
                        .put("from", places.getFirst().from().name())
                        .put("pct", rounded(places.getFirst().share() * 100)));
    }

    private static void vector(ArrayNode node, FloorVector vector) {
        node.add(rounded(vector.right())).add(rounded(vector.ahead()));
    }

    private static double rounded(double number) {
        return Math.round(number * 1000) / 1000.0 + 0.0;
    }
}
