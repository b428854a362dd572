package knollwind.server.export;

import java.time.Instant;

/** How an export stands: {@code queued}, {@code running}, {@code done}, {@code failed} or {@code cancelled}. */
public record ExportView(
        String id, String fileName, String state, int done, int total, String message, Instant createdAt) {}
