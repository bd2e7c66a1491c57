/**
 * How a number shows where it came from. A result is computed by code that tells a {@link org.palanca.result.working.Trace}
 * each given, step and construction line on the way; the same code with a deaf trace is the fast path. So the working
 * cannot disagree with the value.
 */
package org.palanca.result.working;
