package app.avrel.posture.teaching;

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
public record PostureSheet(
        List<String> otherNames,
        String image,
        String purpose,
        List<String> before,
        List<Mistake> mistakes,
        List<String> cautions,
        List<GentlerVersion> gentler,
        String replacedBy) {

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

    public PostureSheet withOtherNames(List<String> changed) {
        return new PostureSheet(changed, image, purpose, before, mistakes, cautions, gentler, replacedBy);
    }

    public PostureSheet withImage(String changed) {
        return new PostureSheet(otherNames, changed, purpose, before, mistakes, cautions, gentler, replacedBy);
    }

    public PostureSheet withPurpose(String changed) {
        return new PostureSheet(otherNames, image, changed, before, mistakes, cautions, gentler, replacedBy);
    }

    public PostureSheet withBefore(List<String> changed) {
        return new PostureSheet(otherNames, image, purpose, changed, mistakes, cautions, gentler, replacedBy);
    }

    public PostureSheet withMistakes(List<Mistake> changed) {
        return new PostureSheet(otherNames, image, purpose, before, changed, cautions, gentler, replacedBy);
    }

    public PostureSheet withCautions(List<String> changed) {
        return new PostureSheet(otherNames, image, purpose, before, mistakes, changed, gentler, replacedBy);
    }

    public PostureSheet withGentler(List<GentlerVersion> changed) {
        return new PostureSheet(otherNames, image, purpose, before, mistakes, cautions, changed, replacedBy);
    }

    public PostureSheet withReplacedBy(String changed) {
        return new PostureSheet(otherNames, image, purpose, before, mistakes, cautions, gentler, changed);
    }
}
