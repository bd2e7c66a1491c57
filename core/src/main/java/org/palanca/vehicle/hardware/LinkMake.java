package org.palanca.vehicle.hardware;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What one link is made of, as far as it is not what the vehicle's links are usually made of.
 *
 * @param from the end at its first mount; empty: the usual one
 * @param to the end at its second mount; empty: the usual one
 * @param tube between them; empty: the usual one
 * @param adjustment wanted each way from its setting, at each end [m]; empty: as usual
 * @param taped the tube as taped on the mock-up
 * @param shape how it is bent; empty: straight
 * @param bolts as they were set at another ride height; empty: at this one
 */
public record LinkMake(
        Optional<LinkEnd> from,
        Optional<LinkEnd> to,
        Optional<LinkTube> tube,
        OptionalDouble adjustment,
        Optional<TapedTube> taped,
        Optional<BarShape> shape,
        Optional<SetBolts> bolts) {
    /** All of it as usual. */
    public static final LinkMake USUAL = new LinkMake(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public LinkMake withFrom(Optional<LinkEnd> other) {
        return new LinkMake(other, to, tube, adjustment, taped, shape, bolts);
    }

    public LinkMake withTo(Optional<LinkEnd> other) {
        return new LinkMake(from, other, tube, adjustment, taped, shape, bolts);
    }

    public LinkMake withTube(Optional<LinkTube> other) {
        return new LinkMake(from, to, other, adjustment, taped, shape, bolts);
    }

    public LinkMake withAdjustment(OptionalDouble other) {
        return new LinkMake(from, to, tube, other, taped, shape, bolts);
    }

    public LinkMake withTaped(Optional<TapedTube> other) {
        return new LinkMake(from, to, tube, adjustment, other, shape, bolts);
    }

    public LinkMake withShape(Optional<BarShape> other) {
        return new LinkMake(from, to, tube, adjustment, taped, other, bolts);
    }

    public LinkMake withBolts(Optional<SetBolts> other) {
        return new LinkMake(from, to, tube, adjustment, taped, shape, other);
    }

    /** As the link on the other side of the vehicle is made. */
    public LinkMake mirrored() {
        return withShape(shape.map(BarShape::mirrored)).withBolts(bolts.map(SetBolts::mirrored));
    }

    /** Its bends from the first pin; none where it is straight. */
    public List<BarBend> bends() {
        return shape.map(BarShape::bends).orElse(List.of());
    }
}
