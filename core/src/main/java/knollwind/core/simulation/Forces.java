package knollwind.core.simulation;

/**
 * What acts on all bodies in a frame. px and seconds, y downwards.
 *
 * @param gravityX px a second faster each second
 * @param gravityY the same downwards
 * @param drag of the air: the share of the difference to it that is lost in an instant, per second
 * @param windX px a second that the air moves
 * @param windY the same downwards
 * @param gusts share by which the wind rises and falls
 * @param push px a second that a push gives
 * @param draw px a second faster each second towards a point
 * @param drawX of that point
 * @param drawY of that point
 * @param small size of the smallest body, of that which it is made with
 * @param large size of the largest one
 */
public record Forces(
        double gravityX,
        double gravityY,
        double drag,
        double windX,
        double windY,
        double gusts,
        double push,
        double draw,
        double drawX,
        double drawY,
        double small,
        double large) {
    /** Only a pull, and air. */
    public static Forces of(double gravityX, double gravityY, double drag) {
        return new Forces(gravityX, gravityY, drag, 0, 0, 0, 0, 0, 0, 0, 1, 1);
    }

    public Forces withWind(double x, double y, double gusty) {
        return new Forces(gravityX, gravityY, drag, x, y, gusty, push, draw, drawX, drawY, small, large);
    }

    public Forces withPush(double pushed) {
        return new Forces(gravityX, gravityY, drag, windX, windY, gusts, pushed, draw, drawX, drawY, small, large);
    }

    public Forces withDraw(double drawn, double x, double y) {
        return new Forces(gravityX, gravityY, drag, windX, windY, gusts, push, drawn, x, y, small, large);
    }

    public Forces withSizes(double least, double most) {
        return new Forces(gravityX, gravityY, drag, windX, windY, gusts, push, draw, drawX, drawY, least, most);
    }

    /** @param share of the way from the smallest to the largest */
    public double size(double share) {
        return small + (large - small) * share;
    }
}
