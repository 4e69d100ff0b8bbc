package app.avrel.posture.teaching;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What a teacher knows of a posture besides how it moves.
 *
 * @param otherNames names it also goes by
 * @param image a picture or story that helps
 * @param purpose what it is for
 * @param before what must be known first: other postures, drills
 * @param mistakes that are common
 * @param cautions for whom or when to take care
 * @param gentler versions that ask less
 * @param replacedBy where this is knowingly incomplete: what must take its place later; otherwise empty
 */
@RecordBuilder
public record PostureSheet(
        List<String> otherNames,
        String image,
        String purpose,
        List<String> before,
        List<Mistake> mistakes,
        List<String> cautions,
        List<GentlerVersion> gentler,
        String replacedBy)
        implements PostureSheetBuilder.With {

    public static final PostureSheet EMPTY =
            new PostureSheet(List.of(), "", "", List.of(), List.of(), List.of(), List.of(), "");

    public PostureSheet {
        otherNames = List.copyOf(otherNames);
        before = List.copyOf(before);
        mistakes = List.copyOf(mistakes);
        cautions = List.copyOf(cautions);
        gentler = List.copyOf(gentler);
    }

    /** {@return the gentler version of that name} */
    public Optional<GentlerVersion> gentlerCalled(String name) {
        return gentler.stream().filter(version -> version.name().equals(name)).findFirst();
    }
}
