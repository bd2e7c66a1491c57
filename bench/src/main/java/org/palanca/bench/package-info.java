/** Speed, as ratios within one run against a general least-squares solver on the same equations. */
package org.palanca.bench;
