package app.avrel.desktop.form;

import app.avrel.desktop.session.Session;
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
        String needs = "In " + hall.name() + " it needs " + metres(walk.width(hall.clearance())) + " by "
                + metres(walk.depth(hall.clearance())) + " m with arms and kicks";
        if (!plan.fits()) {
            return needs + ": it does not fit, whichever way it is begun.";
        }
        String turned = plan.asked() ? "" : " (it fits only this way)";
        return needs + ": fits. Start " + metres(plan.from().right()) + " m from the left wall and "
                + metres(-plan.from().ahead()) + " m from the front, facing " + startFacing(desk, plan) + turned + ".";
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
                ? "One learner fits."
                : many + " learners fit, " + metres(plan.spacing()) + " m apart, "
                        + plan.hall().arrangement().words() + ", all moving at once.";
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
            said.add((name.isEmpty() ? "" : name + ": ") + best.from().name() + " " + percent(best)
                    + (front.equals(best) ? "" : " (front middle " + percent(front) + ")"));
        }
        return said.isEmpty() ? "" : "Seen longest from: " + String.join("; ", said) + ".";
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
        return "The class has its back to the front in "
                + String.join(", ", said.subList(0, Math.min(MOST_NUMBERS, said.size())))
                + (more > 0 ? " and " + more + " more." : ".");
    }

    private static String percent(Sightlines.Seen seen) {
        return Numbers.whole(seen.share() * 100) + " %";
    }

    private static String metres(double metres) {
        return Numbers.plain(Math.round(metres * 10) / 10.0);
    }
}
