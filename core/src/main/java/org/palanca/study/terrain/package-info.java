/**
 * The vehicle standing on real ground: on a slope, across one, with a rock under a wheel. Where it comes to rest on its
 * springs, what each wheel carries, and at which angle it tips.
 */
package org.palanca.study.terrain;
