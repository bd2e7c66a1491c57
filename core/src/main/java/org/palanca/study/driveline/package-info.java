/**
 * What turns the wheels: where the shaft runs at a pose, the angles of its joints in space, how unevenly it turns, how far it
 * slides; half-shafts of independent wheels; what pinion angle the schools want, and what it costs in caster.
 */
package org.palanca.study.driveline;
