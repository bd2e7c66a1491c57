/**
 * Solid shapes and how far apart they are. Convex pieces are compared by GJK with a ball rolled round each (so a capsule is a
 * line and a radius), two capsules by a closed form; shapes of many pieces, skins of triangles among them, hang in a tree of
 * balls. Metres; nothing here knows of vehicles.
 *
 * <p>Gilbert, Johnson, Keerthi, A fast procedure for computing the distance between complex objects (1988); van den Bergen,
 * Collision Detection in Interactive 3D Environments (2003); Ericson, Real-Time Collision Detection (2005). From memory.
 */
package org.palanca.base.solid;
