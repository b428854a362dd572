package knollwind.server;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the server is told from outside.
 *
 * @param work folder for files while they are made
 * @param demo folder of documents that are loaded when the database has none of them yet; empty for none
 * @param heartbeat how often an export worker shows that it lives; one that is silent four times over is taken for dead
 * @param warmUp how long edits that nobody sees are made after the start; 0 for not at all
 */
@ConfigurationProperties("knollwind")
public record Settings(Path work, String demo, Duration heartbeat, Duration warmUp) {
    /** Folder of falls that have been computed: of any of them there is no more than that. */
    public Path falls() {
        return work.resolve("falls");
    }
}
