/**
 * How far an axle can go: what hardware bounds its travel, and the worst poses that bound leaves. Every study that judges
 * travel looks here for where to look, so that what is judged is where the axle goes and not where it was wished to go.
 */
package org.palanca.study.travel;
