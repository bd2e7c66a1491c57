/** What shocks, springs, stops and straps do at a pose: lengths, leans, motion ratios, what is left, and load on a wheel. */
package org.palanca.result.shock;
