package knollwind.core.simulation;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Point;

/** Heads that run along lines; sparks are born where they are. */
public final class Heads implements Births {
    private final List<Trace> traces;
    /** Of all lines until behind each. */
    private final double[] until;

    private final double length;
    private final double over;
    private final double rate;
    private final int heads;
    private final boolean together;

    /**
     * @param traces in the order in which they are traced
     * @param over seconds in which all is traced
     * @param rate of sparks a second
     * @param heads that trace each letter at the same time, 1 or more
     * @param together whether all letters are traced at the same time, and not one after the other
     */
    public Heads(List<Trace> traces, double over, double rate, int heads, boolean together) {
        this.traces = traces.stream().filter(trace -> trace.length() > 0).toList();
        this.over = over;
        this.rate = rate;
        this.heads = heads;
        this.together = together;
        this.until = new double[this.traces.size()];
        double sum = 0;
        for (int i = 0; i < until.length; i++) {
            sum += this.traces.get(i).length();
            until[i] = sum;
        }
        this.length = sum;
    }

    @Override
    public Point born(int number, double time) {
        if (traces.isEmpty()) {
            return null;
        }
        return together ? head(number % heads, number / heads % traces.size(), time) : head(number % heads, 0, time);
    }

    /** None before and after all is traced. */
    @Override
    public List<Point> heads(double time) {
        List<Point> at = new ArrayList<>();
        if (traces.isEmpty() || time < 0 || time >= over || rate == 0) {
            return at;
        }
        for (int letter = 0; letter < (together ? traces.size() : 1); letter++) {
            for (int head = 0; head < heads; head++) {
                at.add(head(head, letter, time));
            }
        }
        return at;
    }

    @Override
    public List<Point> lamps(double time) {
        return heads(time);
    }

    /** @param letter where all are traced together; otherwise the time says which one */
    private Point head(int head, int letter, double time) {
        double passed = Math.min(1, time / over);
        if (together) {
            Trace trace = traces.get(letter);
            return trace.at(trace.length() * (head + passed) / heads);
        }
        double gone = passed * length;
        int now = 0;
        while (now < until.length - 1 && until[now] < gone) {
            now++;
        }
        Trace trace = traces.get(now);
        double part = 1 - (until[now] - gone) / trace.length();
        return trace.at(trace.length() * (head + Math.max(0, Math.min(1, part))) / heads);
    }

    /** @param letter among those that have lines; of more the last one */
    @Override
    public double traced(int letter) {
        return together || until.length == 0 ? over : over * until[Math.min(letter, until.length - 1)] / length;
    }
}
