package knollwind.core.motion;

/** What only some pieces do: those without a turn stay where they are. */
record TakingPart(Going going, Ranks ranks) implements Going {
    /** The going itself where all pieces have a turn. */
    static Going of(Going going, Ranks ranks) {
        return ranks.all() ? going : new TakingPart(going, ranks);
    }

    @Override
    public double at(int unit, double time) {
        return ranks.takesTurn(unit) ? going.at(unit, time) : 0;
    }

    @Override
    public double aside(int unit, double time) {
        return ranks.takesTurn(unit) ? going.aside(unit, time) : 0;
    }

    @Override
    public boolean gone(int unit, double time) {
        return ranks.takesTurn(unit) && going.gone(unit, time);
    }
}
