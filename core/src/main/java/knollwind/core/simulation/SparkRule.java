package knollwind.core.simulation;

/**
 * How sparks are born and fly. Seconds and px.
 *
 * @param rate born in a second
 * @param over seconds for which some are born
 * @param life seconds of each
 * @param spread px a second at which the quickest set out
 * @param gravity px a second faster downwards each second
 * @param windX px a second that the air moves to the right
 * @param windY px a second that it moves downwards
 * @param drag of the air: the share of the difference to it that a spark loses in an instant, per second; 0 for none
 * @param swirl px by which the air turns them about at the end of their lives
 * @param eddy px from one eddy to the next
 */
public record SparkRule(
        double rate,
        double over,
        double life,
        double spread,
        double gravity,
        double windX,
        double windY,
        double drag,
        double swirl,
        double eddy,
        int seed) {}
