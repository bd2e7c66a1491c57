/** The step goals: what the vehicle is for and its main sizes. */
package org.palanca.desktop.step.goals;
