package knollwind.server.export;

import java.util.List;
import java.util.UUID;

/**
 * How versions stand that were ordered together.
 *
 * @param batch by which they are asked for
 * @param total files
 * @param made those that are there
 * @param failed those that could not be made
 * @param over whether none is waited for any more
 * @param cells each with its row, its format's name, and how it stands
 */
record BatchView(String batch, int total, int made, int failed, boolean over, List<MadeCell> cells) {
    /** A version in a format, as a file. */
    record MadeCell(String export, String row, String format, String fileName, String state, String message) {}

    static BatchView of(UUID batch, List<ExportEntity> exports) {
        List<MadeCell> cells = exports.stream()
                .map(one ->
                        new MadeCell(one.id.toString(), one.rowId, one.format, one.fileName, one.state, one.message))
                .toList();
        return new BatchView(
                batch.toString(),
                exports.size(),
                (int) exports.stream()
                        .filter(one -> one.state.equals(ExportEntity.DONE))
                        .count(),
                (int) exports.stream()
                        .filter(one -> one.state.equals(ExportEntity.FAILED))
                        .count(),
                exports.stream().allMatch(ExportEntity::isOver),
                cells);
    }
}
