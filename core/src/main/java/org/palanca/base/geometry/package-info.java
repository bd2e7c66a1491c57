/** What the field adds to a general geometry library: answers that may lie at infinity. */
package org.palanca.base.geometry;
