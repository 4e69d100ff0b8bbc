package app.avrel.samples;

import app.avrel.body.Body;
import app.avrel.body.Measure;
import app.avrel.body.Side;
import app.avrel.cue.Pronunciation;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.NamedPlace;
import app.avrel.form.Counted;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormClaim;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.form.hall.Arrangement;
import app.avrel.form.hall.Door;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.Pillar;
import app.avrel.form.hall.Wall;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.lesson.log.Quiz;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.posture.Posture;
import app.avrel.project.Care;
import app.avrel.project.Learner;
import app.avrel.project.Precaution;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.words.lexicon.TaughtWord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whole projects made up at random. */
public final class SampleProjects {

    private static final LinkId SHARED = new LinkId("shared");

    private final Samples samples;

    private SampleProjects(long seed) {
        samples = new Samples(seed);
    }

    /** {@return a project of a few postures and a form of about so many entries} */
    public static Project of(long seed, int entries) {
        return new SampleProjects(seed).project(entries);
    }

    private Project project(int entries) {
        List<Posture> postures = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            postures.add(samples.twoSided("p" + i));
        }
        Link link = new Link("Shared", samples.several(1, 2, samples::count));
        Form form = form(postures, entries);
        Setting setting = new Setting(
                samples.facing(),
                samples.one(DirectionWords.values()),
                List.of(Body.ofStature(1.5 + samples.number(0, 40) / 100.0), new Body("other", 1.8)),
                samples.number(0, 1),
                samples.one(HouseRules.presets()),
                List.of(new TaughtWord(Language.ENGLISH, "window side", "9 o'clock")),
                List.of(new Pronunciation(Language.SPANISH, "peng", "pong")));
        return new Project(
                "Hall",
                setting,
                postures,
                Map.of(SHARED, link),
                List.of(form),
                new SampleLessons(samples, form).lessons(),
                List.of(),
                samples.several(0, 2, this::learner),
                samples.several(0, 1, this::hall),
                List.of(new SampleLessons(samples, form).course()),
                samples.chance(0.3) ? List.of(new Recipe("Ours", "", Recipes.USUAL.steps())) : List.of(),
                samples.several(0, 2, () -> quiz(form)));
    }

    private Quiz quiz(Form form) {
        return new Quiz(
                LocalDate.of(2026, 3, samples.number(1, 28)),
                form.id(),
                samples.number(1, 9),
                samples.chance(0.5) ? List.of(form.entries().getFirst().posture()) : List.of());
    }

    private Form form(List<Posture> postures, int entries) {
        List<Part> parts = new ArrayList<>();
        int made = 0;
        while (made < entries) {
            List<Entry> part = new ArrayList<>();
            for (int i = 0; i < 9 && made < entries; i++) {
                part.add(entry(postures, "e" + ++made));
            }
            parts.add(new Part("Part " + (parts.size() + 1), part));
        }
        FormClaim claim = new FormClaim(
                samples.maybe(() -> samples.number(1, 99)),
                samples.maybe(() -> samples.number(1, 99)),
                samples.maybe(samples::facing));
        return new Form(new FormId("form"), "Form", parts, Optional.empty(), Optional.empty())
                .withClaim(samples.chance(0.5) ? claim : FormClaim.NONE)
                .withRules(samples.chance(0.2) ? Optional.of(HouseRules.COMPACT_FRAME) : Optional.empty());
    }

    private Entry entry(List<Posture> postures, String id) {
        return new Entry(
                new EntryId(id),
                samples.one(postures).id(),
                samples.one(Played.values()),
                samples.several(1, 3, this::wayIn),
                samples.maybe(samples::facing),
                samples.maybe(() -> "high"),
                samples.chance(0.2) ? "net" : "",
                samples.chance(0.2) ? Optional.of(samples.number(1, 99)) : Optional.empty(),
                samples.chance(0.2) ? Optional.of(samples.one(Counted.values())) : Optional.empty(),
                samples.chance(0.2) ? Optional.of(samples.number(1, 3)) : Optional.empty());
    }

    private Hall hall() {
        return Hall.of("Mill room", samples.number(5, 12), samples.number(4, 9))
                .withDoors(samples.several(0, 1, () -> new Door(samples.one(Wall.values()), 1, 0.9)))
                .withPlaces(samples.several(
                        0, 2, () -> new NamedPlace(samples.one("window", "door", "mirror"), samples.facing())))
                .withPillars(samples.several(0, 2, () -> new Pillar(samples.number(1, 4), 2, 0.4)))
                .withClass(samples.one(Arrangement.values()), samples.maybe(() -> 2.0));
    }

    private Learner learner() {
        return new Learner(
                new Body("L", 1.6, samples.chance(0.5) ? Map.of(Measure.FOOT_LENGTH, 250) : Map.of()),
                samples.several(
                        0,
                        2,
                        () -> new Care(
                                samples.one(Precaution.values()), samples.maybe(() -> samples.one(Side.values())))));
    }

    private WayIn wayIn() {
        return switch (samples.number(0, 3)) {
            case 0 -> new WayIn.Own(new Link("", samples.several(1, 2, samples::count)));
            case 1 -> new WayIn.Shared(SHARED, samples.one(Played.values()));
            default -> WayIn.DIRECT;
        };
    }
}
