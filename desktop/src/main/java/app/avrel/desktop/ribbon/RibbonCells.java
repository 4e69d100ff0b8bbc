package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.cue.CueScript;
import app.avrel.desktop.session.Session;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.posture.Count;
import app.avrel.posture.CueLevel;
import app.avrel.posture.Move;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.words.CountWords;
import app.avrel.words.Saying;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes the ribbon's cells from a stretch of a track. */
public final class RibbonCells {

    private final Session.Desk desk;
    private final Saying saying;
    private final Map<Where, Long> serious;

    /** The same counts come again and again in a form. */
    private final Map<Count, Set<Side>> moved = new IdentityHashMap<>();

    private RibbonCells(Session.Desk desk, List<Finding> found) {
        this.desk = desk;
        this.serious = serious(found);
        Setting setting = desk.project().setting();
        this.saying = new Saying(setting.directions(), app.avrel.floor.Heading.FRONT, setting.rules());
    }

    /** {@return the cells of one posture: its counts, numbered} */
    public static List<RibbonCell> ofPosture(Session.Desk desk, Occurrence done) {
        return new RibbonCells(desk, desk.survey().findings(done.posture().id())).cells(done, false);
    }

    /** {@return the cells of a stretch of a form, ways in included, each posture's name over its first} */
    public static List<RibbonCell> ofForm(Session.Desk desk, List<Occurrence> stretch) {
        RibbonCells cells = new RibbonCells(desk, desk.survey().findings());
        return stretch.stream()
                .flatMap(done -> cells.cells(done, true).stream())
                .toList();
    }

    /** {@return the cells of a whole form, the names of its parts over their first} */
    public static List<RibbonCell> ofWhole(Session.Desk desk, Form form, List<Occurrence> all) {
        RibbonCells maker = new RibbonCells(desk, desk.survey().findings());
        List<RibbonCell> cells = new ArrayList<>();
        int part = -1;
        for (Occurrence done : all) {
            List<RibbonCell> own = new ArrayList<>(maker.cells(done, true));
            int now = form.partOf(done.entry());
            if (now != part && !own.isEmpty()) {
                own.set(0, own.getFirst().beginning(form.parts().get(now).name()));
                part = now;
            }
            cells.addAll(own);
        }
        return cells;
    }

    private List<RibbonCell> cells(Occurrence done, boolean named) {
        List<RibbonCell> cells = new ArrayList<>();
        List<Moment> count = new ArrayList<>();
        for (Moment moment : done.moments()) {
            if (!count.isEmpty() && !count.getFirst().place().sameCount(moment.place())) {
                cells.add(cell(done, count, named && cells.isEmpty()));
                count.clear();
            }
            count.add(moment);
        }
        if (!count.isEmpty()) {
            cells.add(cell(done, count, named && cells.isEmpty()));
        }
        return cells;
    }

    private RibbonCell cell(Occurrence done, List<Moment> count, boolean begins) {
        Moment first = count.getFirst();
        Moment.Place place = first.place();
        boolean link = place.section() == Moment.Section.LINK;
        boolean starts = !link && place.count() == 0;
        double turned = count.getLast()
                .after()
                .chest()
                .value()
                .minus(first.before().chest().value())
                .degrees();
        return new RibbonCell(
                place,
                link ? "·" : Integer.toString(place.count() + 1),
                begins ? done.posture().name() : "",
                "",
                first.count().beats(),
                stages(count),
                turned,
                moved.computeIfAbsent(first.count(), RibbonCells::moved),
                first.count().breath(),
                () -> words(done, place).say(first.count(), CueLevel.PROMPT),
                cautions(done, place),
                starts && !done.join().fits());
    }

    private static List<RibbonCell.Stage> stages(List<Moment> count) {
        List<RibbonCell.Stage> stages = new ArrayList<>(count.size());
        for (Moment moment : count) {
            stages.add(stage(moment));
        }
        return stages;
    }

    private static RibbonCell.Stage stage(Moment moment) {
        var before = moment.before().weight();
        var after = moment.after().weight();
        return new RibbonCell.Stage(before.middle(Side.LEFT), after.middle(Side.LEFT), before.exact() && after.exact());
    }

    private static Set<Side> moved(Count count) {
        Set<Side> moved = EnumSet.noneOf(Side.class);
        count.stages().stream().flatMap(stage -> stage.moves().stream()).forEach(move -> {
            switch (move) {
                case Move.Step step -> moved.add(step.foot());
                case Move.Slide slide -> moved.add(slide.foot());
                case Move.Stamp stamp -> moved.add(stamp.foot());
                case Move.Kicking kick -> moved.add(kick.foot());
                case Move.DrawBack back -> moved.add(back.foot());
                case Move.DrawIn draw -> moved.add(draw.foot());
                case Move.HalfStep half -> moved.add(half.foot());
                case Move.Lift lift -> moved.add(lift.foot());
                case Move.Lower _,
                        Move.Raise _,
                        Move.TurnFoot _,
                        Move.Shift _,
                        Move.TurnBody _,
                        Move.ChangeDepth _,
                        Move.PlaceHand _,
                        Move.HoldBall _,
                        Move.RelateHands _,
                        Move.HandleProp _,
                        Move.Incline _,
                        Move.Look _ -> {}
            }
        });
        return moved;
    }

    private CountWords words(Occurrence done, Moment.Place place) {
        return new CountWords(saying.withFront(CueScript.front(done, place.section())));
    }

    /** How many findings are more than notes, by the place they are at. */
    private static Map<Where, Long> serious(List<Finding> found) {
        return found.stream()
                .filter(Finding::serious)
                .collect(Collectors.groupingBy(Finding::where, Collectors.counting()));
    }

    private int cautions(Occurrence done, Moment.Place place) {
        Optional<Integer> count = Optional.of(place.count());
        Where where = place.section() == Moment.Section.POSTURE
                ? new Where.InPosture(done.posture().id(), count)
                : new Where.InForm(desk.choice().form(), done.entry(), count);
        return serious.getOrDefault(where, 0L).intValue();
    }
}
