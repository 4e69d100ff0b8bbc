package app.avrel.form;

import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import java.util.Map;
import java.util.Optional;

/** The postures and shared links that forms draw on. */
public record Shelf(Map<PostureId, Posture> postures, Map<LinkId, Link> links) {

    public Optional<Posture> posture(PostureId id) {
        return Optional.ofNullable(postures.get(id));
    }

    /** {@return the link that a way in means; empty where a shared one is missing} */
    public Link link(WayIn way) {
        return switch (way) {
            case WayIn.Own(Link link) -> link;
            case WayIn.Shared(LinkId id, Played played) -> {
                Link link = links.getOrDefault(id, Link.NONE);
                yield played == Played.AS_RECORDED ? link : link.withCounts(Mirror.counts(link.counts()));
            }
        };
    }
}
