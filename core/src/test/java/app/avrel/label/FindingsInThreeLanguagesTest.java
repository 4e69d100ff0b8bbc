package app.avrel.label;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.Unroll;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is found is the same in each language; only its words are others. */
class FindingsInThreeLanguagesTest {

    private static final Setting SETTING = Setting.USUAL;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "shift 100 left; turn the right foot in 90; sink 3 fists",
                "right foot forward 3 foot lengths",
                "shift 90 right; turn right 90",
                "right foot forward, 1.5 foot lengths; shift 95 right; sink to 3 fists",
                "shift 100 left; right heel kick to shoulder height",
                "left foot lifts",
                "incline 40",
                "both hands to the chest, extended; incline 30",
                "breathe in; shift 70 right",
                "left foot beside the right, gap 0 fists; shift 50 left"
            })
    void theSameIsFoundInEachLanguage(String line) {
        Project project = project(line);
        List<Finding> english = found(Language.ENGLISH, project);
        List<Finding> spanish = found(Language.SPANISH, project);
        List<Finding> chinese = found(Language.CHINESE, project);
        assertThat(spanish).extracting(Finding::rule).isEqualTo(rules(english));
        assertThat(chinese).extracting(Finding::rule).isEqualTo(rules(english));
        assertThat(spanish)
                .extracting(Finding::where)
                .isEqualTo(english.stream().map(Finding::where).toList());
        for (Finding finding : chinese) {
            assertThat(finding.headline()).as(finding.rule().toString()).matches(".*\\p{IsHan}.*");
            assertThat(finding.whole()).as(finding.rule().toString()).matches("(?s).*\\p{IsHan}.*");
        }
        for (int i = 0; i < english.size(); i++) {
            assertThat(spanish.get(i).whole()).isNotEqualTo(english.get(i).whole());
            assertThat(spanish.get(i).whole()
                            + chinese.get(i).whole()
                            + english.get(i).whole())
                    .doesNotContain("{")
                    .doesNotContain("null");
        }
    }

    private static List<Object> rules(List<Finding> found) {
        return found.stream().<Object>map(Finding::rule).toList();
    }

    private static List<Finding> found(Language language, Project project) {
        return Labels.in(language, () -> List.copyOf(Analysis.of(project).findings()));
    }

    private static Project project(String line) {
        Posture posture = Posture.blank(new PostureId("try"), "Try");
        List<Count> counts = new ArrayList<>();
        for (String part : line.split(";")) {
            var before = Unroll.posture(posture.withCounts(counts), SETTING.posing())
                    .end()
                    .own();
            Line reader = new Line(
                    Language.ENGLISH,
                    new Wording(SETTING.directions(), app.avrel.floor.Heading.FRONT, SETTING.rules()),
                    SETTING.chosenBody());
            counts.add(reader.read(part.strip(), before).count());
        }
        return Project.empty("Hall", SETTING).withPostures(List.of(posture.withCounts(counts)));
    }
}
