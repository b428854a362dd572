package knollwind.server.export;

import knollwind.paint.ExportKind;

/**
 * A kind of export as it is offered.
 *
 * @param still whether it is one frame alone
 * @param alpha whether the background can be left out
 */
record ExportChoice(ExportKind kind, String label, String explanation, boolean still, boolean alpha) {
    static ExportChoice of(ExportKind kind) {
        return new ExportChoice(kind, kind.label(), kind.explanation(), kind.isStill(), kind.keepsAlpha());
    }
}
