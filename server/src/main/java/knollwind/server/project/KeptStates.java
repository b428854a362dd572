package knollwind.server.project;

import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** States of projects that were kept, by hand or by the page from time to time. */
@Service
public class KeptStates {
    /** A kept state in the list. */
    public record Kept(
            UUID id,
            long revision,
            String name,
            boolean byHand,
            String scene,
            int frame,
            boolean picture,
            Instant keptAt) {}

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

    /** Of the small PNG that a page paints; what is larger is another picture. */
    private static final int MOST_BYTES = 200_000;
    /** Of those that the page keeps by itself, so many of the newest stay. */
    private static final int MOST_BY_ITSELF = 60;

    private final KeptStateRepository states;
    private final ProjectStore projects;

    KeptStates(KeptStateRepository states, ProjectStore projects) {
        this.states = states;
        this.projects = projects;
    }

    /** The kept states of a project, the newest first. */
    @Transactional(readOnly = true)
    public List<Kept> list(String project) {
        projects.newest(project);
        return states.of(project);
    }

    /**
     * Keeps a revision.
     *
     * @param name may be empty
     * @param picture PNG in Base64, at most 200 kB; empty without one
     * @throws IllegalArgumentException for anything but a PNG
     * @throws MissingException for a revision that there is not
     */
    @Transactional
    public Kept keep(
            String project, long revision, String name, boolean byHand, String scene, int frame, String picture) {
        ProjectStore.checkRevision(projects.newest(project), revision);
        KeptStateEntity state = new KeptStateEntity();
        state.id = UUID.randomUUID();
        state.projectId = project;
        state.revision = revision;
        state.name = name.strip();
        state.byHand = byHand;
        state.scene = scene;
        state.frame = frame;
        state.picture = picture.isEmpty() ? null : png(picture);
        state.keptAt = Instant.now();
        states.save(state);
        if (!byHand) {
            states.flush();
            states.deleteAllById(states.of(project).stream()
                    .filter(one -> !one.byHand())
                    .skip(MOST_BY_ITSELF)
                    .map(Kept::id)
                    .toList());
        }
        return kept(state);
    }

    private static byte[] png(String base64) {
        byte[] bytes;
        try {
            bytes = Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("the picture of a kept state must be Base64", e);
        }
        boolean signed = bytes.length > PNG.length;
        for (int i = 0; signed && i < PNG.length; i++) {
            signed = bytes[i] == PNG[i];
        }
        if (!signed || bytes.length > MOST_BYTES) {
            throw new IllegalArgumentException("the picture of a kept state must be a PNG of at most 200 kB");
        }
        return bytes;
    }

    @Transactional
    public Kept name(String project, UUID id, String name) {
        KeptStateEntity state = find(project, id);
        state.name = name.strip();
        state.byHand = state.byHand || !state.name.isEmpty();
        return kept(state);
    }

    @Transactional
    public void delete(String project, UUID id) {
        states.delete(find(project, id));
    }

    /** The PNG of a kept state. */
    @Transactional(readOnly = true)
    public byte[] picture(String project, UUID id) {
        byte[] picture = find(project, id).picture;
        if (picture == null) {
            throw new MissingException("This state was kept without a picture.");
        }
        return picture;
    }

    private KeptStateEntity find(String project, UUID id) {
        return states.findByProjectIdAndId(project, id)
                .orElseThrow(() -> new MissingException("There is no such kept state. It may have been deleted."));
    }

    private static Kept kept(KeptStateEntity state) {
        return new Kept(
                state.id,
                state.revision,
                state.name,
                state.byHand,
                state.scene,
                state.frame,
                state.picture != null,
                state.keptAt);
    }
}
