/** What the field adds to a general geometry library: answers that may lie at infinity, the sides of a vehicle, rigid motions. */
package org.palanca.base.geometry;
