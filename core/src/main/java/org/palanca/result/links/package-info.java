/** Results read off the links themselves: plan angles, separations, lengths. */
package org.palanca.result.links;
