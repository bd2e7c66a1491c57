/**
 * Which results an axle has, and the axle that can be moved and evaluated with them. The one place that names every
 * class of result: adding a result is its class, its line here, and its words.
 */
package org.palanca.result.catalogue;
