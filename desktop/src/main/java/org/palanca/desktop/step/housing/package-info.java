/** The step housing: a housing built or narrowed. */
package org.palanca.desktop.step.housing;
