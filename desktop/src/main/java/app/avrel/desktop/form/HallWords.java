package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
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
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a hall has to say to a form: what room it needs, where to start, how many fit, from where one is seen. */
final class HallWords {

    private static final int MOST_PARTS = 8;
    private static final int MOST_NUMBERS = 40;

    private HallWords() {}

    /**
     * {@return all that is to be said of a form in its hall, a line each}
     *
     * @param plan of the hall, where there is one
     * @param looked the same, where the hall is what is looked at: from where one is seen is said only then
     */
    static String all(Desk desk, Optional<HallPlan> plan, Optional<HallPlan> looked, int part) {
        return Stream.of(
                        plan.map(of -> room(desk, of)).orElse(""),
                        plan.map(HallWords::learners).orElse(""),
                        looked.map(of -> seen(desk.form(), of, part)).orElse(""),
                        looked.map(of -> away(desk, of)).orElse(""),
                        ReturnWords.of(desk, desk.formTrack()))
                .filter(line -> !line.isEmpty())
                .collect(Collectors.joining("\n"));
    }

    /** {@return a sentence on the room needed and the start} */
    static String room(Desk desk, HallPlan plan) {
        Hall hall = plan.hall();
        Walk walk = plan.walk();
        String needs = Words.of(
                "form.needs_by",
                hall.name(),
                metres(walk.width(hall.clearance())),
                metres(walk.depth(hall.clearance())));
        if (!plan.fits()) {
            return Words.of("form.does_not_fit", needs);
        }
        String turned = plan.asked() ? "" : Words.of("form.fits_only_way");
        return Words.of(
                "form.fits_start_m",
                needs,
                metres(plan.from().right()),
                metres(-plan.from().ahead()),
                startFacing(desk, plan),
                turned);
    }

    private static String startFacing(Desk desk, HallPlan plan) {
        Setting setting = desk.project().setting();
        double against = plan.turned().degrees() - setting.facingIn(plan.hall()).degrees();
        return desk.project().directions().say(Heading.wrapping(against));
    }

    /** {@return a sentence on how many fit} */
    static String learners(HallPlan plan) {
        int many = plan.learners().size();
        if (many == 0) {
            return "";
        }
        String fit = many == 1
                ? Words.of("form.one_learner_fits")
                : Words.of(
                        "form.learners_fit_m",
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
                    + (front.equals(best) ? "" : Words.of("form.front_middle", percent(front))));
        }
        return said.isEmpty() ? "" : Words.of("form.seen_longest_from", String.join("; ", said));
    }

    /** {@return a sentence on when the class has its back to the front; empty where it never has} */
    static String away(Desk desk, HallPlan plan) {
        List<Numbering.Numbers> numbers = desk.project().numbering(desk.form()).of(desk.form());
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
                "form.class_has_its",
                Words.listed(said.subList(0, Math.min(MOST_NUMBERS, said.size()))),
                more > 0 ? Words.of("form.more", more) : Words.of("common.full_stop"));
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
