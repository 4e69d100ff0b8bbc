package app.avrel.files.bundle;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.files.Bundled;
import app.avrel.files.ProjectText;
import app.avrel.files.picture.FigureSvg;
import app.avrel.files.picture.FloorSvg;
import app.avrel.files.picture.FormRibbonSvg;
import app.avrel.files.picture.RibbonSvg;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptOut;
import app.avrel.files.voice.SchooledVoice;
import app.avrel.files.voice.SpokenFile;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import app.avrel.project.notes.NotesOut;
import app.avrel.words.Wording;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes a project as one ZIP file: the project itself, its postures as notes, a floor and a figure for every count, the
 * ribbons, and what is called through each form as timed text and, where a voice is named, as sound.
 *
 * @param language in which is called
 * @param voice who speaks; nobody where there is to be no sound
 */
public record Bundle(Project project, Language language, Optional<Voice> voice) {

    private static final String BEGIN = ".avrel-";

    /** One file in it, made when its turn comes. */
    private record Part(String name, Maker maker) {}

    private interface Maker {
        byte[] make() throws IOException;
    }

    private static Part text(String name, Supplier<String> text) {
        return new Part(name, () -> text.get().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Writes the bundle; until it is whole, what stood there before stays.
     *
     * @param progress is told the share that is done, 0 to 1
     * @param stopped is asked whether to give up
     * @return whether it was written; false where it was given up, and then nothing is left behind
     * @throws IOException where the voice fails or the file cannot be written
     */
    public boolean write(Path to, DoubleConsumer progress, BooleanSupplier stopped) throws IOException {
        Path folder = to.toAbsolutePath().getParent();
        Path fresh = Files.createTempFile(folder, BEGIN, ".part");
        try {
            List<Part> parts = parts();
            try (OutputStream out = Files.newOutputStream(fresh);
                    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                for (int i = 0; i < parts.size(); i++) {
                    if (stopped.getAsBoolean()) {
                        return false;
                    }
                    zip.putNextEntry(new ZipEntry(parts.get(i).name()));
                    zip.write(parts.get(i).maker().make());
                    zip.closeEntry();
                    progress.accept((i + 1.0) / parts.size());
                }
            }
            Files.move(fresh, to, StandardCopyOption.REPLACE_EXISTING);
            return true;
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    private List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        parts.add(text(Bundled.PROJECT, () -> ProjectText.of(project)));
        parts.add(text("notes.txt", () -> NotesOut.of(project)));
        for (int at = 0; at < project.postures().size(); at++) {
            Posture posture = project.postures().get(at);
            pictures(parts, "postures/" + named(at, posture.id().key()) + "/", posture);
        }
        for (int at = 0; at < project.forms().size(); at++) {
            Form form = project.forms().get(at);
            if (!form.entries().isEmpty()) {
                called(parts, "forms/" + named(at, form.id().key()), form);
            }
        }
        return parts;
    }

    /** A number that keeps the order, and letters that every system takes. */
    private static String named(int at, String key) {
        String plain = key.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return String.format(Locale.ROOT, "%03d-%s", at + 1, plain);
    }

    private void pictures(List<Part> parts, String folder, Posture posture) {
        Occurrence done = Unroll.posture(posture, project.setting().posing())
                .occurrences()
                .getFirst();
        List<Moment> moments = done.moments();
        for (int i = 0; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            boolean last =
                    i == moments.size() - 1 || !moments.get(i + 1).place().sameCount(moment.place());
            if (last) {
                String count = folder + "count-" + (moment.place().count() + 1);
                parts.add(text(
                        count + "-floor.svg",
                        () -> FloorSvg.of(
                                moment.before(),
                                moment.after(),
                                project.setting().chosenBody(),
                                400)));
                parts.add(text(
                        count + "-figure.svg",
                        () -> FigureSvg.of(
                                moment.after(), project.setting().chosenBody(), FigureSvg.View.FRONT, 300, 400)));
            }
        }
        parts.add(text(folder + "ribbon.svg", () -> RibbonSvg.of(List.of(done), 900, 120)));
    }

    private void called(List<Part> parts, String stem, Form form) {
        List<Occurrence> track =
                Unroll.form(form, project.shelf(), project.posing(form)).occurrences();
        CueOrder order = CueOrder.USUAL.withLanguage(language);
        Wording wording = new Wording(
                project.directions(), Heading.FRONT, project.setting().rules());
        parts.add(text(stem + "-ribbon.svg", () -> FormRibbonSvg.of(track, done -> called(done.posture()))));
        parts.add(text(
                stem + ".vtt", () -> ScriptOut.of(Scripting.of(track, order, wording), track, ScriptFormat.WEBVTT)));
        voice.ifPresent(speaker -> parts.add(new Part(stem + ".wav", () -> sound(track, order, wording, speaker))));
    }

    private String called(Posture posture) {
        return posture.called(language);
    }

    private byte[] sound(List<Occurrence> track, CueOrder order, Wording wording, Voice speaker) throws IOException {
        SchooledVoice schooled =
                Voices.schooled(speaker, language, project.setting().sounds());
        schooled.learn(Scripting.of(List.of(), track, order, wording), _ -> {}, () -> false);
        CueScript script = Scripting.of(List.of(), track, order, wording, schooled);
        Path wav = Files.createTempFile(BEGIN, ".wav");
        try {
            SpokenFile.write(
                    script,
                    track,
                    schooled,
                    language,
                    new SpokenFile.Beside(false, true, 4, order.tempo()),
                    wav,
                    _ -> {},
                    () -> false);
            return Files.readAllBytes(wav);
        } finally {
            Files.deleteIfExists(wav);
        }
    }
}
