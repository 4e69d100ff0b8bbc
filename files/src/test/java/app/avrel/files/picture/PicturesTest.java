package app.avrel.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.files.Demo;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Floor, figure and ribbon as pictures. */
class PicturesTest {

    private static final Project DEMO = Demo.project();
    private static final Body BODY = DEMO.setting().chosenBody();

    static List<Posture> postures() {
        return DEMO.postures();
    }

    private static Occurrence done(Posture posture) {
        return Unroll.posture(posture, DEMO.setting().posing()).occurrences().getFirst();
    }

    private static Document parsed(String svg) {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(svg)));
        } catch (Exception e) {
            throw new AssertionError("not well-formed: " + svg, e);
        }
    }

    private static List<double[]> corners(Document svg) {
        List<double[]> corners = new ArrayList<>();
        NodeList polygons = svg.getElementsByTagName("polygon");
        for (int i = 0; i < polygons.getLength(); i++) {
            for (String corner :
                    ((Element) polygons.item(i)).getAttribute("points").split(" ")) {
                String[] both = corner.split(",");
                corners.add(new double[] {Double.parseDouble(both[0]), Double.parseDouble(both[1])});
            }
        }
        return corners;
    }

    @ParameterizedTest
    @MethodSource("postures")
    void everyFootOfEveryCountIsInsideItsPicture(Posture posture) {
        for (Moment moment : done(posture).moments()) {
            Document svg = parsed(FloorSvg.of(moment.before(), moment.after(), BODY, 200));
            assertThat(corners(svg))
                    .allMatch(corner -> corner[0] >= 0 && corner[0] <= 200 && corner[1] >= 0 && corner[1] <= 200);
        }
    }

    @ParameterizedTest
    @MethodSource("postures")
    void everyFigureIsDrawnWithNumbersOnly(Posture posture) {
        for (Moment moment : done(posture).moments()) {
            for (FigureSvg.View view : FigureSvg.View.values()) {
                String svg = FigureSvg.of(moment.after(), BODY, view, 90, 120);
                parsed(svg);
                assertThat(svg).doesNotContain("NaN", "Infinity");
            }
        }
    }

    @Test
    void theRibbonShowsAllTheWeightOnOneLegAsWideAsItCanBe() {
        Posture lantern = DEMO.postures().get(1);
        Document svg = parsed(RibbonSvg.of(List.of(done(lantern)), 400, 100));
        NodeList sides = svg.getElementsByTagName("polygon");
        assertThat(sides.getLength()).isEqualTo(2);
        double line = 57;
        assertThat(corners(svg)).anyMatch(corner -> Math.abs(corner[1] - (line - 41)) < 0.01);
    }

    @Test
    void aPictureOfNothingIsStillAPicture() {
        assertThat(corners(parsed(RibbonSvg.of(List.of(), 400, 100)))).isEmpty();
    }

    @Test
    void theRibbonOfAFormNamesEveryPostureAndStaysWithinItsPicture() {
        Form form = DEMO.forms().getFirst();
        List<Occurrence> track =
                Unroll.form(form, DEMO.shelf(), DEMO.posing(form)).occurrences();
        Document svg =
                parsed(FormRibbonSvg.of(track, 900, 30, done -> done.posture().name()));
        NodeList texts = svg.getElementsByTagName("text");
        List<String> written = IntStream.range(0, texts.getLength())
                .mapToObj(at -> texts.item(at).getTextContent())
                .toList();
        for (Occurrence done : track) {
            assertThat(written).contains(done.posture().name());
        }
        double height = Double.parseDouble(svg.getDocumentElement().getAttribute("height"));
        assertThat(corners(svg)).allMatch(corner -> corner[0] >= 0 && corner[0] <= 900 && corner[1] <= height);
        assertThat(svg.getElementsByTagName("polygon").getLength()).isEqualTo(2 * track.size());
    }

    @Test
    void aPostureLongerThanARowIsDrawnNarrower() {
        Document svg = parsed(FormRibbonSvg.of(List.of(done(DEMO.postures().get(1))), 200, 500, _ -> "很长的名字"));
        assertThat(corners(svg)).isNotEmpty().allMatch(corner -> corner[0] <= 200);
    }
}
