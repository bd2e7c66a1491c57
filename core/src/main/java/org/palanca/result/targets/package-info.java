/** Bands a builder wants results in, and whether they are met. */
package org.palanca.result.targets;
