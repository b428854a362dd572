package knollwind.core.motion;

/** Which phase a move belongs to. */
public enum PhaseKind {
    ARRIVE,
    DWELL,
    LEAVE
}
