/** The step shocks: shocks, springs, stops and straps. */
package org.palanca.desktop.step.shocks;
