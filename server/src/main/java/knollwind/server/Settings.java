package knollwind.server;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the server, or a worker, is told from outside.
 *
 * @param work folder for files while they are made
 * @param demo folder of documents that are loaded when the database has none of them yet; empty for none
 * @param heartbeat how often whoever takes exports shows that it lives; one that is silent four times over is taken for dead
 * @param warmUp how long edits that nobody sees are made after the start; 0 for not at all
 * @param worker the name under which exports are taken; that of the machine when empty
 * @param atOnce exports that are taken at once; 0 for none, where others make them
 * @param shared folder into which made files are put, and which all machines see; empty for into the database
 * @param results folder into which versions are written when that is asked for; empty for nowhere
 */
@ConfigurationProperties("knollwind")
public record Settings(
        Path work,
        String demo,
        Duration heartbeat,
        Duration warmUp,
        String worker,
        int atOnce,
        String shared,
        String results) {
    /** One slow write does not end an export. */
    public static final int MISSED_HEARTBEATS = 4;

    /** Folder of falls that have been computed: of any of them there is no more than that. */
    public Path falls() {
        return work.resolve("falls");
    }

    /** The shared folder; null where there is none. */
    public Path sharedFolder() {
        return shared.isBlank() ? null : Path.of(shared);
    }

    /** Whoever is silent so long is taken for dead. */
    public Duration silent() {
        return heartbeat.multipliedBy(MISSED_HEARTBEATS);
    }
}
