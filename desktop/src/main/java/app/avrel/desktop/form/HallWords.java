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

    /** {@return a sentence on where to stand, part by part} */
    static String seen(Form form, HallPlan plan) {
        List<String> said = new ArrayList<>();
        for (int part = 0; part < plan.seen().size(); part++) {
            if (part >= form.parts().size() || form.parts().get(part).entries().isEmpty()) {
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
        return said.isEmpty() ? "" : "The class has its back to the front in " + String.join(", ", said) + ".";
    }

    private static String percent(Sightlines.Seen seen) {
        return Numbers.whole(seen.share() * 100) + " %";
    }

    private static String metres(double metres) {
        return Numbers.plain(Math.round(metres * 10) / 10.0);
    }
}
