/** The step compare: the plan beside other ways the vehicle may stand. */
package org.palanca.desktop.step.compare;
