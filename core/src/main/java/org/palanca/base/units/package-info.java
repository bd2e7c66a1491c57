/** Lengths and angles as the trade writes them, to and from SI numbers. */
package org.palanca.base.units;
