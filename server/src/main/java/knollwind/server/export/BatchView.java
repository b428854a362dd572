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
 * @param paused those that wait until they are told to go on
 * @param over whether none is waited for any more
 * @param secondsLeft until all are made, as far as that can be told
 * @param cells each with its row, its format's name, and how it stands
 */
record BatchView(
        String batch,
        int total,
        int made,
        int failed,
        int paused,
        boolean over,
        double secondsLeft,
        List<MadeCell> cells) {
    /**
     * A version in a format, as a file.
     *
     * @param worker who makes it or has made it; empty while it waits
     */
    record MadeCell(
            String export,
            String row,
            String format,
            String fileName,
            String state,
            int done,
            int total,
            String worker,
            String message) {
        static MadeCell of(ExportEntity export) {
            return new MadeCell(
                    export.id.toString(),
                    export.rowId,
                    export.format,
                    export.fileName,
                    export.state,
                    export.done,
                    export.total,
                    export.worker == null ? "" : export.worker,
                    export.message);
        }
    }

    /** @param exports ordered together; at least one */
    static BatchView of(List<ExportEntity> exports, double secondsLeft) {
        UUID batch = exports.get(0).batch;
        return new BatchView(
                batch.toString(),
                exports.size(),
                in(exports, ExportEntity.DONE),
                in(exports, ExportEntity.FAILED),
                in(exports, ExportEntity.PAUSED),
                exports.stream().allMatch(ExportEntity::isOver),
                secondsLeft,
                exports.stream().map(MadeCell::of).toList());
    }

    private static int in(List<ExportEntity> exports, String state) {
        return (int) exports.stream().filter(one -> one.state.equals(state)).count();
    }
}
