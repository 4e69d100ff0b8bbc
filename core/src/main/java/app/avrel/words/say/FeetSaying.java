package app.avrel.words.say;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.Locale;
import java.util.Optional;

/** What the feet do, in words. */
record FeetSaying(Voice voice) {

    String say(Move.OfFoot move) {
        return switch (move) {
            case Move.Step step -> step(step);
            case Move.Slide slide ->
                voice.say(
                        "slide",
                        landed(slide.foot(), slide.landing(), slide.toes())
                                .text("place", place(slide.place(), slide.foot())));
            case Move.DrawIn draw ->
                voice.say("draw." + draw.to().name().toLowerCase(Locale.ROOT), Voice.of("foot", draw.foot()));
            case Move.HalfStep half ->
                voice.say("half", Voice.of("foot", half.foot()).key("landing", half.landing()));
            case Move.Lower lower -> lower(lower);
            case Move.Raise raise ->
                voice.say(
                        "raise." + raise.part().name().toLowerCase(Locale.ROOT),
                        Voice.of("foot", raise.foot()).text("height", voice.length(raise.height())));
            case Move.Lift lift ->
                voice.say(
                        lift.knee().isEmpty() && lift.height().isPresent() ? "lift.off" : "lift",
                        Voice.of("foot", lift.foot())
                                .key("knee", lift.knee())
                                .text("off", voice.length(lift.height()))
                                .key("hang", lift.toes()));
            case Move.Kicking kick ->
                voice.say(
                        "kick." + kick.kick().name().toLowerCase(Locale.ROOT),
                        Voice.of("foot", kick.foot())
                                .text("toward", kick.toward().map(voice::direction))
                                .key("height", kick.height()));
            case Move.DrawBack back -> voice.say("pull_back", Voice.of("foot", back.foot()));
            case Move.Stamp stamp ->
                voice.say(
                        "stamp",
                        Voice.of("foot", stamp.foot())
                                .text("place", stamp.place().map(place -> place(place, stamp.foot()))));
            case Move.TurnFoot turn ->
                voice.say(
                        turn.toes().isEmpty() && voice.has("turn_foot.any")
                                ? "turn_foot.any"
                                : "turn_foot." + turn.on().name().toLowerCase(Locale.ROOT),
                        Voice.of("foot", turn.foot()).text("toes", turn.toes().map(this::toes)));
        };
    }

    private String step(Move.Step step) {
        Slots slots = landed(step.foot(), step.landing(), step.toes()).key("way", step.way());
        if (step.place() instanceof StepPlace.Along along && voice.has("step.along") && !aside(along, step.foot())) {
            return voice.say("step.along", along(slots, along));
        }
        return voice.say(
                bare(step.place()) ? "step.verb" : "step", slots.text("place", place(step.place(), step.foot())));
    }

    /** A place that toes could point to as well: it wants its verb. */
    private boolean bare(StepPlace place) {
        boolean line = place instanceof StepPlace.OnHeelLine;
        boolean hall = place instanceof StepPlace.Along along && along.direction() instanceof Direction.OfPosture;
        return voice.has("step.verb") && (line || hall);
    }

    /** Whether a foot goes straight out to its own side. */
    private boolean aside(StepPlace.Along along, Side foot) {
        return voice.has("place.own_side")
                && along.direction().equals(foot == Side.LEFT ? Direction.LEFT : Direction.RIGHT);
    }

    private Slots along(Slots slots, StepPlace.Along along) {
        return slots.text("direction", voice.direction(along.direction()))
                .text("distance", voice.length(along.distance()))
                .text("width", along.width().map(this::width));
    }

    private String lower(Move.Lower lower) {
        String own = "lower." + lower.to().name().toLowerCase(Locale.ROOT);
        return voice.say(
                voice.has(own) ? own : "lower",
                landed(lower.foot(), Optional.of(lower.to()), lower.toes())
                        .text("place", lower.place().map(place -> place(place, lower.foot()))));
    }

    private Slots landed(Side foot, Optional<Contact> landing, Optional<Toes> toes) {
        return Voice.of("foot", foot).key("landing", landing).text("toes", toes.map(this::toes));
    }

    private String place(StepPlace place, Side foot) {
        Slots slots = Voice.of("foot", foot);
        return switch (place) {
            case StepPlace.Along along ->
                aside(along, foot) ? voice.say("place.own_side") : voice.say("place.along", along(slots, along));
            case StepPlace.Beside beside ->
                voice.say(
                        "place.beside",
                        slots.text("gap", voice.length(beside.gap())).text("ahead", ahead(beside.ahead())));
            case StepPlace.LevelWithHeel level ->
                voice.say("place.level", slots.text("width", level.width().map(this::width)));
            case StepPlace.OnHeelLine line -> voice.say("place.on_line", slots.text("ahead", ahead(line.ahead())));
            case StepPlace.Across across ->
                voice.say(
                        "place.across." + across.over().name().toLowerCase(Locale.ROOT),
                        slots.text("distance", voice.length(across.distance())));
            case StepPlace.WhereWas was ->
                voice.say(was.foot() == foot ? "place.where_it_was" : "place.where_other_was", slots);
            case StepPlace.AtToes at ->
                voice.say(at.foot() == foot ? "place.at_its_toes" : "place.at_other_toes", slots);
        };
    }

    private String width(Length width) {
        String key = width.amount() == 0 && voice.has("width.none")
                ? "width.none"
                : width.amount() < 0 && voice.has("width.crossing") ? "width.crossing" : "width";
        return voice.say(key, Slots.none().text("length", voice.length(width)));
    }

    private Optional<String> ahead(Optional<Length> ahead) {
        return ahead.map(length -> length.amount() < 0
                ? voice.say("behind_it", Slots.none().text("length", voice.length(length.negated())))
                : voice.say("ahead_of_it", Slots.none().text("length", voice.length(length))));
    }

    private String toes(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> voice.say(out < 0 ? "toes.in" : "toes.out", degrees(out));
            case Toes.TurnedSome(var way) -> voice.word("toes.some", way);
            case Toes.AgainstPelvis(double out) ->
                out == 0 && voice.has("toes.straight")
                        ? voice.say("toes.straight")
                        : voice.say(out < 0 ? "toes.held_in" : "toes.held_out", degrees(out));
            case Toes.Toward(Direction.OfBody(Turn turn)) ->
                turn.degrees() == 0
                        ? voice.say("toes.forward")
                        : voice.say("toes.toward", Slots.none().text("direction", voice.angle(turn)));
            case Toes.Toward(Direction.OfPosture(var heading)) ->
                voice.say("toes.to", Slots.none().text("heading", voice.hall(heading)));
            case Toes.OutAsFarAsTheyGo _ -> voice.say("toes.out_as_far");
            case Toes.InAsFarAsTheyGo _ -> voice.say("toes.in_as_far");
        };
    }

    private Slots degrees(double out) {
        return Slots.none().text("degrees", voice.degrees(out));
    }
}
