/** What the trade often holds to be so and the mechanics does not bear out, shown with a vehicle's own numbers. */
package org.palanca.study.misconception;
