/** Points from a scanner or another drawing, and how they are laid over the marks that were taped. */
package org.palanca.floor.scan;
