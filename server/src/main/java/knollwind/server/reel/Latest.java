package knollwind.server.reel;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** Knows each client's newest request for a frame, so that older ones can be dropped. */
@Component
public class Latest {
    private final Cache<String, Long> newest =
            Caffeine.newBuilder().maximumSize(1000).build();

    /** Notes a request; returns whether it is the newest so far. */
    public boolean note(String client, long sequence) {
        return newest.asMap().merge(client, sequence, Math::max) == sequence;
    }

    /** True when a newer request of the client has come in. */
    public boolean isStale(String client, long sequence) {
        Long known = newest.getIfPresent(client);
        return known != null && known > sequence;
    }
}
