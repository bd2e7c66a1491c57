/** Where the axle stands and how it is turned: pinion, caster, steer of the whole axle, and its shifts. */
package org.palanca.result.attitude;
