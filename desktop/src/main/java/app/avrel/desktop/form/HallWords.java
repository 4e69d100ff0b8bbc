package app.avrel.desktop.form;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Numbering;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.form.hall.Sightlines;
import app.avrel.form.hall.Walk;
import app.avrel.project.Setting;
import java.util.ArrayList;
import java.util.List;

/** What a hall has to say to a form: what room it needs, where to start, how many fit, from where one is seen. */
final class HallWords {

    private static final int MOST_PARTS = 8;
    private static final int MOST_NUMBERS = 40;

    private HallWords() {}

    /** {@return a sentence on the room needed and the start} */
    static String room(Session.Desk desk, HallPlan plan) {
        Hall hall = plan.hall();
        Walk walk = plan.walk();
        String needs = Words.of(
                "form.hall_words.in_x_it_needs_x_by",
                hall.name(),
                metres(walk.width(hall.clearance())),
                metres(walk.depth(hall.clearance())));
        if (!plan.fits()) {
            return Words.of("form.hall_words.x_it_does_not_fit_whichever", needs);
        }
        String turned = plan.asked() ? "" : Words.of("form.hall_words.it_fits_only_this_way");
        return Words.of(
                "form.hall_words.x_fits_start_x_m_from",
                needs,
                metres(plan.from().right()),
                metres(-plan.from().ahead()),
                startFacing(desk, plan),
                turned);
    }

    private static String startFacing(Session.Desk desk, HallPlan plan) {
        Setting setting = desk.project().setting();
        double against = plan.turned().degrees() - setting.facingIn(plan.hall()).degrees();
        return setting.directions().say(Heading.wrapping(against));
    }

    /** {@return a sentence on how many fit} */
    static String learners(HallPlan plan) {
        int many = plan.learners().size();
        if (many == 0) {
            return "";
        }
        String fit = many == 1
                ? Words.of("form.hall_words.one_learner_fits")
                : Words.of(
                        "form.hall_words.x_learners_fit_x_m_apart",
                        many,
                        metres(plan.spacing()),
                        Words.of(plan.hall().arrangement()));
        return fit;
    }

    /** {@return a sentence on where to stand, part by part; of many parts, for the chosen one} */
    static String seen(Form form, HallPlan plan, int chosen) {
        List<String> said = new ArrayList<>();
        boolean all = form.parts().size() <= MOST_PARTS;
        for (int part = 0; part < plan.seen().size(); part++) {
            if (part >= form.parts().size() || form.parts().get(part).entries().isEmpty() || !all && part != chosen) {
                continue;
            }
            Sightlines.Seen best = plan.seen().get(part).getFirst();
            Sightlines.Seen front = plan.seen().get(part).stream()
                    .filter(seen -> seen.from().name().equals("the middle of the front"))
                    .findFirst()
                    .orElse(best);
            String name = form.parts().get(part).name();
            said.add((name.isEmpty() ? "" : name + ": ") + place(best) + " " + percent(best)
                    + (front.equals(best) ? "" : Words.of("form.hall_words.front_middle_x", percent(front))));
        }
        return said.isEmpty() ? "" : Words.of("form.hall_words.seen_longest_from_x", String.join("; ", said));
    }

    /** {@return a sentence on when the class has its back to the front; empty where it never has} */
    static String away(Session.Desk desk, HallPlan plan) {
        List<Numbering.Numbers> numbers = new Numbering(desk.project().rules(desk.form())).of(desk.form());
        List<String> said = plan.away().stream()
                .filter(entry -> entry < numbers.size())
                .map(entry -> numbers.get(entry).toString())
                .filter(number -> !number.isEmpty())
                .distinct()
                .toList();
        if (said.isEmpty()) {
            return "";
        }
        int more = said.size() - MOST_NUMBERS;
        return Words.of(
                "form.hall_words.the_class_has_its_back_to",
                String.join(", ", said.subList(0, Math.min(MOST_NUMBERS, said.size()))),
                more > 0 ? Words.of("form.hall_words.and_x_more", more) : ".");
    }

    private static String percent(Sightlines.Seen seen) {
        return Numbers.whole(seen.share() * 100) + " %";
    }

    private static String metres(double metres) {
        return Numbers.plain(Math.round(metres * 10) / 10.0);
    }

    private static String place(Sightlines.Seen seen) {
        return Words.of("form.lookout." + seen.from().name().replace(' ', '_'));
    }
}
