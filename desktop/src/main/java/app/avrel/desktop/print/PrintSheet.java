package app.avrel.desktop.print;

import app.avrel.body.Body;
import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.ProgressSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.print.Document;
import app.avrel.files.print.Paper;
import app.avrel.files.print.Printed;
import app.avrel.label.Language;
import app.avrel.project.Learner;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What to print, in which language, on which paper, for whose body; then to a file or a printer. */
public final class PrintSheet {

    private final StackPane over;
    private final Function<String, Optional<Path>> asking;
    private final Project project;
    private final List<PrintChoice> choices;
    private final List<Body> bodies = new ArrayList<>();
    private final BackgroundTask behind = new BackgroundTask();
    private final BackgroundTask looking = new BackgroundTask();
    private List<Printer> printers = List.of();
    private int printer;
    private int choice;
    private int body;
    private Language language = Words.language();
    private Paper paper = Paper.A4;

    private PrintSheet(Desk desk, boolean lessonFirst, StackPane over, Function<String, Optional<Path>> asking) {
        this.over = over;
        this.asking = asking;
        project = desk.project();
        choices = PrintChoice.of(desk.lesson(), desk.posture(), desk.form(), lessonFirst);
        bodies.addAll(project.setting().bodies());
        project.learners().stream().map(Learner::body).forEach(bodies::add);
        body = Math.max(0, bodies.indexOf(project.setting().chosenBody()));
    }

    /**
     * Lays the sheet over the window.
     *
     * @param lessonFirst whether the lesson on the desk is proposed
     * @param asking asks for a file, by a suggested name
     */
    public static void open(
            Session session, StackPane over, boolean lessonFirst, Function<String, Optional<Path>> asking) {
        PrintSheet sheet = new PrintSheet(session.desk().get(), lessonFirst, over, asking);
        FieldGrid grid = new FieldGrid();
        sheet.fields(grid);
        VBox content = new VBox(grid, Texts.wrapped(Words.of("print.pdf_paper_pictures"), "quiet"));
        content.getStyleClass().add("make-sheet");
        Sheet.show(
                over,
                Words.of("print.sheet_or_hand"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("print.save"), sheet::save),
                        new Sheet.Answer(Words.of("print.print"), sheet::print),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private void fields(FieldGrid grid) {
        ChoiceField what = grid.choice(Words.of("print.what"));
        what.show(choices.stream().map(PrintChoice::words).toList(), choice, at -> choice = at);
        ChoiceField said = grid.choice(Words.of("common.language"));
        said.show(List.of("English", "Español", "中文"), language.ordinal(), at -> language = Language.values()[at]);
        ChoiceField size = grid.choice(Words.of("print.paper"));
        size.show(List.of("A4", Words.of("print.letter")), paper.ordinal(), at -> paper = Paper.values()[at]);
        ChoiceField drawn = grid.choice(Words.of("print.drawn"));
        drawn.show(bodies.stream().map(Body::label).toList(), body, at -> body = at);
        ChoiceField on = grid.choice(Words.of("print.printer"));
        on.show(List.of(Words.of("print.looking_printers")), 0, _ -> {});
        looking.ask(Printer::known, found -> offer(on, found));
    }

    private void offer(ChoiceField on, List<Printer> found) {
        printers = found;
        if (found.isEmpty()) {
            on.show(List.of(Words.of("print.no_printer")), 0, _ -> {});
        } else {
            on.show(found.stream().map(Printer::name).toList(), 0, at -> printer = at);
        }
    }

    private Document document() {
        return choices.get(choice).document(project, bodies.get(body), language);
    }

    private void save() {
        asking.apply(choices.get(choice).fileName() + ".pdf")
                .ifPresent(path -> behind.ask(() -> written(path), this::told));
    }

    private Optional<String> written(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        byte[] bytes = name.endsWith(".md")
                ? Printed.markdown(document()).getBytes(StandardCharsets.UTF_8)
                : Printed.pdf(document(), paper);
        try {
            Files.write(path, bytes);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(Words.of("print.sheet_cannot_be", path, String.valueOf(e.getMessage())));
        }
    }

    private void print() {
        ProgressSheet.run(
                over, Words.of("print.printing"), choices.get(choice).words(), Words.of("print.print"), this::printed);
    }

    /** Where printers are still being looked for, the system's own is taken. */
    private String printed(DoubleConsumer progress, BooleanSupplier stopped) {
        Optional<Printer> on =
                printers.isEmpty() ? Printer.known().stream().findFirst() : Optional.of(printers.get(printer));
        if (on.isEmpty()) {
            return Words.of("print.no_printer_set");
        }
        progress.accept(0.1);
        byte[] pdf = Printed.pdf(document(), paper);
        progress.accept(0.6);
        if (stopped.getAsBoolean()) {
            return Words.of("print.given_up");
        }
        return on.get()
                .print(pdf, choices.get(choice).fileName())
                .orElseGet(() -> Words.of("print.sent_to", on.get().name()));
    }

    private void told(Optional<String> trouble) {
        trouble.ifPresent(words -> Sheet.tell(over, Words.of("common.did_not_work"), words));
    }
}
